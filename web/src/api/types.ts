import type { components } from './schema';

type Schemas = components['schemas'];

export type Draft = Schemas['Draft'];
export type DraftLine = Schemas['DraftLine'];
export type DraftGriddle = Schemas['DraftGriddle'];
export type Figures = Schemas['FiguresAnswer'];
export type Figure = Schemas['FigureAnswer'];
export type Line = Schemas['LineAnswer'];
export type Row = Schemas['RowAnswer'];
export type Range = Schemas['Range'];
export type FieldProblem = Schemas['FieldProblemAnswer'];
export type Recipe = Schemas['RecipeAnswer'];
export type ShelfEntry = Schemas['ShelfEntry'];
export type Version = Schemas['VersionAnswer'];
export type VersionEntry = Schemas['VersionEntry'];
export type NamedDraft = Schemas['NamedDraft'];
export type Food = Schemas['FoodAnswer'];
export type GoalSet = Schemas['GoalSet'];
export type NewGoalSet = Schemas['NewGoalSet'];
export type Judgement = Schemas['JudgementAnswer'];
export type CompareRequest = Schemas['CompareRequest'];
export type CompareItem = Schemas['Item'];
export type SideBySide = Schemas['SideBySide'];
export type Side = Schemas['Side'];
export type Difference = Schemas['DifferenceAnswer'];
export type Component = Figure['component'];
export type Basis = Figure['basis'];
