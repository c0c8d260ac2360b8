import type { components } from './schema';

type Schemas = components['schemas'];

export type Draft = Schemas['Draft'];
export type DraftLine = Schemas['DraftLine'];
export type DraftGriddle = Schemas['DraftGriddle'];
export type DraftPreparation = Schemas['DraftPreparation'];
export type DraftMaking = NonNullable<DraftGriddle['making']>;
export type DraftHelping = Schemas['DraftHelping'];
export type NamedDraft = Schemas['NamedDraft'];

export type Figures = Schemas['FiguresAnswer'];
export type Shown = Schemas['Shown'];
export type Figure = Schemas['FigureAnswer'];
export type Measurand = Schemas['MeasurandAnswer'];
export type Measurands = Schemas['Measurands'];
export type Line = Schemas['LineAnswer'];
export type Part = Schemas['PartAnswer'];
export type Range = Schemas['Range'];
export type FieldProblem = Schemas['FieldProblemAnswer'];
export type Judgement = Schemas['JudgementAnswer'];
export type TrailAnswer = Schemas['TrailAnswer'];
export type Basis = TrailAnswer['basis'];

export type Yielded = NonNullable<Figures['yield']>;
export type Serving = Schemas['ServingAnswer'];
export type MethodAnswer = Schemas['MethodAnswer'];
export type MethodStep = Schemas['StepAnswer'];
export type Plan = Schemas['PlanAnswer'];
export type PlanRequest = Schemas['PlanRequest'];
export type Tool = Schemas['ToolAnswer'];
export type NewTool = Schemas['NewTool'];
export type Run = Schemas['RunAnswer'];
export type Runs = Schemas['RunsAnswer'];
export type RunEvent = Schemas['EventForm'];
export type Stock = Schemas['StockAnswer'];
export type Stocks = Schemas['StocksAnswer'];
export type NewStock = Schemas['NewStock'];

export type BinEntry = Schemas['BinEntry'];
export type Recipe = Schemas['RecipeAnswer'];
export type ShelfEntry = Schemas['ShelfEntry'];
export type Version = Schemas['VersionAnswer'];
export type VersionEntry = Schemas['VersionEntry'];
export type Use = Schemas['UseEntry'];

export type Food = Schemas['FoodAnswer'];
export type FoodForm = Schemas['FoodForm'];
export type LabelForm = Schemas['LabelForm'];
export type MeasureRow = Schemas['MeasureRow'];
export type FoodCheck = Schemas['CheckAnswer'];
export type ImportReport = Schemas['ImportReport'];

export type Told = Schemas['ToldAnswer'];
export type ToldMark = Schemas['Mark'];
export type ToldRange = NonNullable<Told['pieces']>;
export type ProposedLine = Schemas['ProposedLine'];
export type ConvertTo = Schemas['ConvertRequest']['to'];
export type Adjusted = Schemas['Adjusted'];
export type ScaleReading = Schemas['ScaleReading'];
export type Doubt = Schemas['DoubtAnswer'];
export type DoubtRow = Schemas['DoubtRow'];
export type ValueRow<Key> = Omit<Doubt['factors'][number], 'key'> & { key: Key };
export type OwnConstant = Schemas['OwnConstant'];

export type GoalSet = Schemas['GoalSet'];
export type NewGoalSet = Schemas['NewGoalSet'];

export type CompareRequest = Schemas['CompareRequest'];
export type CompareItem = Schemas['Item'];
export type SideBySide = Schemas['SideBySide'];
export type Side = Schemas['Side'];
export type Difference = Schemas['DifferenceAnswer'];
