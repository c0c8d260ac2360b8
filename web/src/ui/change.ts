import type { Draft, DraftLine } from '../api/types';

/** How a change is undone: as a step, or with the steps that already have what it settles. */
export type Undone = 'as a step' | 'with its step';

/** Changes the draft as it is by then, as one step that can be undone unless told otherwise. */
export type ChangeDraft = (what: string, how: (draft: Draft) => Draft, undone?: Undone) => void;

/** The same for the lines of one place. */
export type ChangeLines = (what: string, how: (lines: DraftLine[]) => DraftLine[]) => void;
