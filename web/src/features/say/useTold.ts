import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '../../api/client';
import type { Draft, Told } from '../../api/types';
import type { ChangeDraft, Undone } from '../../ui/change';
import { meansMore, withLinesFor, withTaken, type Entered, type Taken } from './told';

/** Beyond this many characters a text is looked over before anything of it is added. */
const LONG = 160;

/** Takes what is typed, pasted or dictated, of any length, at one station. */
export function useTold(entered: Entered, system: Draft['system'], onChange: ChangeDraft) {
  const [review, setReview] = useState<{ text: string; told: Told }>();
  const key = entered === 'bowl' ? 'Bowl:add' : 'Toppings:add';
  const tell = useMutation({
    scope: { id: entered },
    mutationFn: ({ text }: { text: string; id?: string; undone?: Undone }) =>
      answer(api.POST('/api/lines', { body: { text, system } })),
    onSuccess: (told, { text, id, undone }) => {
      if (id === undefined) setReview({ text, told });
      else if (meansMore(told, entered))
        onChange(key, (draft) => withLinesFor(draft, { id, text }, told.lines, entered), undone);
    },
  });
  // A short line stands at once; should it mean several, that follows and is undone with it.
  const enter = (text: string) => {
    if (text.includes('\n') || text.length > LONG) {
      tell.mutate({ text });
      return;
    }
    const id = crypto.randomUUID();
    onChange(key, (draft) =>
      entered === 'bowl'
        ? { ...draft, bowl: [...draft.bowl, { id, text }] }
        : {
            ...draft,
            plate: { ...draft.plate, toppings: [...draft.plate.toppings, { id, text }] },
          },
    );
    tell.mutate({ text, id, undone: 'with its step' });
  };
  return {
    enter,
    /** Opens the review of a text, however short. */
    say: (text: string) => tell.mutate({ text }),
    apart: (id: string, text: string) => tell.mutate({ text, id }),
    busy: tell.isPending,
    error: tell.error,
    review,
    close: () => setReview(undefined),
    take: (taken: Taken) => {
      setReview(undefined);
      onChange(key, (draft) => withTaken(draft, taken, entered));
    },
  };
}
