import type { Judgement } from '../api/types';

/** What a goal is for, behind its limits; a serving goes without saying. */
export const BASIS_WORDS: Partial<Record<Judgement['basis'], string>> = {
  PER_PIECE: ' a piece',
  PER_100G_COOKED: ' in 100 g cooked',
};
