import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { queries } from '../../api/queries';
import type { Draft, Figures, Line } from '../../api/types';
import { useShownBases } from '../tally/columns';
import { usePictured, useShown } from '../../ui/shown';
import { useSettled } from '../../ui/useSettled';

const BURST_MS = 120;
const itself = (figures: Figures) => figures;

/**
 * All figures of the draft, asked for at once after an edit, and in a burst of edits when it pauses;
 * and on coming back: foods, goals and the tables may have changed meanwhile.
 */
export function useFigures(draft: Draft, recipeId?: string) {
  const asked = useSettled(draft, BURST_MS, true);
  const pictured = [usePictured()[0]];
  const query = useQuery({
    ...queries.figures(asked, recipeId, { ...useShown(), pictured }, useShownBases()),
    // Selecting keeps what is equal to the answer before the same object, so it is not drawn anew.
    select: itself,
  });
  const { data, error: failure } = query;
  // The last answer stays on the page, marked, while the application is out of reach.
  const [last, setLast] = useState(data);
  if (data !== undefined && data !== last) setLast(data);
  const figures = data ?? last;
  const lines = figures?.lines;
  const readings = useMemo(
    () => new Map<string, Line>(lines?.map((line) => [line.id, line])),
    [lines],
  );
  /** The figures are of what was typed before. */
  const stale = query.isPlaceholderData || asked !== draft || failure !== null;
  return { figures, readings, failure, stale };
}
