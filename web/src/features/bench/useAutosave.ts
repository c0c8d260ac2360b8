import { useCallback, useEffect, useRef, useState } from 'react';
import { answer, api, ifMatch, Problem } from '../../api/client';
import type { NamedDraft, Recipe, VersionEntry } from '../../api/types';
import { backup, textOf } from './backup';

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
  const [save, setSave] = useState<SaveState>(() => {
    const left = backup.leftOver(recipe);
    return left && left.revision !== recipe.revision
      ? { state: 'conflict', theirs: recipe }
      : { state: 'saved' };
  });
  const revision = useRef(recipe.revision);
  const saved = useRef(textOf(recipe));
  const underWay = useRef<Promise<boolean>>(undefined);
  const unanswered = useRef<NamedDraft>(undefined);
  const conflict = useRef(save.state === 'conflict');
  const latest = useRef(named);
  useEffect(() => {
    latest.current = named;
  }, [named]);

  const send = useCallback(async (): Promise<boolean> => {
    if (conflict.current) return false;
    // What was sent and not answered may have been saved; it is sent again first, as it was.
    const sent = unanswered.current ?? latest.current;
    const text = textOf(sent);
    if (text === saved.current) {
      unanswered.current = undefined;
      setSave({ state: 'saved' });
      return true;
    }
    if (!sent.name.trim()) {
      setSave({ state: 'waiting', why: 'The recipe needs a name.' });
      return false;
    }
    unanswered.current = sent;
    setSave({ state: 'saving' });
    try {
      const stored = await answer(
        api.PUT('/api/recipes/{id}/draft', {
          params: { path: { id: recipe.id }, header: ifMatch(revision.current) },
          body: sent,
        }),
      );
      unanswered.current = undefined;
      revision.current = stored.revision;
      saved.current = text;
      const settled = textOf(latest.current) === text;
      if (settled) backup.forget(recipe.id);
      setSave({ state: settled ? 'saved' : 'saving' });
      return settled;
    } catch (failure) {
      if (failure instanceof Problem && failure.status > 0 && failure.status < 500) {
        unanswered.current = undefined;
      }
      if (failure instanceof Problem && failure.status === 412 && failure.current) {
        conflict.current = true;
        setSave({ state: 'conflict', theirs: failure.current as Recipe });
      } else {
        setSave({
          state: 'waiting',
          why: failure instanceof Error ? failure.message : 'Not saved.',
        });
      }
      return false;
    }
  }, [recipe.id]);

  /** One save at a time: who asks while one is under way gets the answer of that one. */
  const flush = useCallback((): Promise<boolean> => {
    underWay.current ??= send().finally(() => {
      underWay.current = undefined;
    });
    return underWay.current;
  }, [send]);

  useEffect(() => {
    if (textOf(named) === saved.current) return;
    setSave((before) => (before.state === 'saved' ? { state: 'saving' } : before));
    if (!conflict.current) backup.put(recipe.id, { revision: revision.current, named });
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
      conflict.current = false;
      revision.current = theirs.revision;
      saved.current = textOf(theirs);
      setSave({ state: 'saved' });
      if (keepTheirs) backup.forget(recipe.id);
      else void flush();
    },
    [flush, recipe.id],
  );

  /** Keeps what is on the bench as a version, once it is saved. */
  const keep = useCallback(
    async (reason: string): Promise<VersionEntry> => {
      // A save under way may be of an older text; the one after it is of this one.
      await underWay.current;
      if (!(await flush())) throw new Error('The draft is not saved yet; try again in a moment.');
      const kept = await answer(
        api.POST('/api/recipes/{id}/versions', {
          params: { path: { id: recipe.id }, header: ifMatch(revision.current) },
          body: { reason },
        }),
      );
      revision.current = kept.revision;
      saved.current = textOf({ ...latest.current, parentId: kept.version.id });
      return kept.version;
    },
    [flush, recipe.id],
  );

  return { save, settle, keep };
}
