import { useCallback, useEffect, useRef, useState } from 'react';
import { api, Problem } from '../../api/client';
import type { NamedDraft, Recipe } from '../../api/types';
import { backup } from './backup';

const PAUSE_MS = 700;
const RETRY_MS = 3000;

export type SaveState =
  | { state: 'saved' }
  | { state: 'saving' }
  | { state: 'waiting'; why: string }
  | { state: 'conflict'; theirs: Recipe };

/**
 * Saves the draft shortly after each change. What could not be saved stays in this browser and is sent
 * again; what was saved elsewhere in the meantime is never overwritten unasked.
 */
export function useAutosave(recipe: Recipe, named: NamedDraft) {
  const revision = useRef(recipe.revision);
  const saved = useRef(JSON.stringify({ name: recipe.name, draft: recipe.draft }));
  const busy = useRef(false);
  const latest = useRef(named);
  const [save, setSave] = useState<SaveState>({ state: 'saved' });
  useEffect(() => {
    latest.current = named;
  }, [named]);

  const flush = useCallback(async (): Promise<boolean> => {
    if (busy.current) return false;
    const sent = latest.current;
    const text = JSON.stringify(sent);
    if (text === saved.current) return true;
    if (!sent.name.trim()) {
      setSave({ state: 'waiting', why: 'The recipe needs a name.' });
      return false;
    }
    busy.current = true;
    setSave({ state: 'saving' });
    try {
      const answer = await api.save(recipe.id, revision.current, sent);
      revision.current = answer.revision;
      saved.current = text;
      const settled = JSON.stringify(latest.current) === text;
      if (settled) backup.forget(recipe.id);
      setSave({ state: settled ? 'saved' : 'saving' });
      return settled;
    } catch (failure) {
      if (failure instanceof Problem && failure.status === 412 && failure.current) {
        setSave({ state: 'conflict', theirs: failure.current });
      } else {
        setSave({
          state: 'waiting',
          why: failure instanceof Error ? failure.message : 'Not saved.',
        });
      }
      return false;
    } finally {
      busy.current = false;
    }
  }, [recipe.id]);

  useEffect(() => {
    if (JSON.stringify(named) === saved.current) return;
    backup.put(recipe.id, { revision: revision.current, named });
    const timer = setTimeout(() => void flush(), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [named, flush, recipe.id]);

  useEffect(() => {
    if (save.state !== 'waiting' && save.state !== 'saving') return;
    const timer = setInterval(() => void flush(), RETRY_MS);
    return () => clearInterval(timer);
  }, [save.state, flush]);

  /** After a conflict: go on from the other one's revision, with this draft or theirs. */
  const settle = useCallback(
    (theirs: Recipe, keepTheirs: boolean) => {
      revision.current = theirs.revision;
      saved.current = JSON.stringify({ name: theirs.name, draft: theirs.draft });
      setSave({ state: 'saved' });
      if (keepTheirs) backup.forget(recipe.id);
      else void flush();
    },
    [flush, recipe.id],
  );

  return { save, flush, settle, revision };
}
