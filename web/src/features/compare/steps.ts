import type { Difference } from '../../api/types';
import { plain } from '../../ui/numbers';

/** Each cause with where it starts and ends. */
export function stepsFrom(start: number, causes: Difference['causes']) {
  let reached = start;
  return causes.map((cause) => {
    const step = { ...cause, start: reached, end: reached + cause.effect };
    reached = step.end;
    return step;
  });
}

export function signed(value: number, places: number): string {
  const text = plain(Math.abs(value), places);
  if (Number(text) === 0) return text;
  return value < 0 ? `−${text}` : `+${text}`;
}
