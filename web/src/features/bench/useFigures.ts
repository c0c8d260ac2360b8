import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { api } from '../../api/client';
import type { Draft, Line } from '../../api/types';

const PAUSE_MS = 120;

/**
 * All figures of the draft, asked for anew shortly after each change, and on coming back: foods,
 * goals and the table of doubt may have changed meanwhile.
 */
export function useFigures(draft: Draft, recipeId?: string) {
  const [asked, setAsked] = useState(draft);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(draft), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [draft]);
  const query = useQuery({
    queryKey: ['figures', recipeId, asked],
    queryFn: ({ signal }) => api.figures(asked, recipeId, signal),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
  const readings = useMemo(
    () => new Map<string, Line>(query.data?.lines.map((line) => [line.id, line])),
    [query.data],
  );
  return { figures: query.data, readings, failure: query.error };
}
