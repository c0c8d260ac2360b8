import type { Basis, Figure, Figures, Line, Part } from '../api/types';

/** A figure of an answer; undefined while its basis has none, or the tally does not show it. */
export function figureOf(figures: Figures, basis: Basis, tag: string): Figure | undefined {
  const at = figures.measurands.findIndex((one) => one.tag === tag);
  return figures.bases.find((one) => one.basis === basis)?.figures[at];
}

/** The figure that stands for a recipe: as served, or of 100 g of a preparation. */
export function mainFigure(figures: Figures, tag: string): Figure | undefined {
  return figureOf(figures, 'AS_SERVED', tag) ?? figureOf(figures, 'PER_100G_FINISHED', tag);
}

/** The line that a part of the answer is of. */
export function lineOf(figures: Figures, part: Part): Line {
  const line = figures.lines[part.line];
  if (!line) throw new Error(`The answer has no line ${part.line}`);
  return line;
}
