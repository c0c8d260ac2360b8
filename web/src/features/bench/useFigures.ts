import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { queries } from '../../api/queries';
import type { Draft, Line } from '../../api/types';
import { useSettled } from '../../ui/useSettled';

const BURST_MS = 120;

/**
 * All figures of the draft, asked for at once after an edit, and in a burst of edits when it pauses;
 * and on coming back: foods, goals and the tables may have changed meanwhile.
 */
export function useFigures(draft: Draft, recipeId?: string) {
  const query = useQuery(queries.figures(useSettled(draft, BURST_MS, true), recipeId));
  const readings = useMemo(
    () => new Map<string, Line>(query.data?.lines.map((line) => [line.id, line])),
    [query.data],
  );
  return { figures: query.data, readings, failure: query.error };
}
