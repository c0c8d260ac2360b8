import type { Draft, DraftLine } from '../api/types';

/** Changes the draft as it is by then, as one step that can be undone. */
export type ChangeDraft = (what: string, how: (draft: Draft) => Draft) => void;

/** The same for the lines of one place. */
export type ChangeLines = (what: string, how: (lines: DraftLine[]) => DraftLine[]) => void;
