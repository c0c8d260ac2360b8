import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { answer, api } from '../../api/client';
import { queries } from '../../api/queries';
import type { DraftLine } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Glyph } from '../../ui/Glyph';
import { Notice } from '../../ui/Notice';

/** Lines of a set, each with an identity of its own. */
export function linesOf(texts: string[]): DraftLine[] {
  return texts.map((text) => ({ id: crypto.randomUUID(), text }));
}

/** Toppings that go together: put on the plate at once, or kept as they lie there. */
export function ToppingSets(props: { toppings: DraftLine[]; onChange: ChangeDraft }) {
  const { toppings, onChange } = props;
  const client = useQueryClient();
  const sets = useQuery(queries.toppingSets());
  const [name, setName] = useState<string>();
  const texts = toppings.map((line) => line.text.trim()).filter(Boolean);
  const fresh = () => client.invalidateQueries({ queryKey: ['topping-sets'] });
  const keep = useMutation({
    mutationFn: (called: string) =>
      answer(api.POST('/api/topping-sets', { body: { name: called, lines: texts } })),
    onSuccess: () => {
      setName(undefined);
      return fresh();
    },
  });
  const remove = useMutation({
    mutationFn: (id: string) =>
      answer(api.DELETE('/api/topping-sets/{id}', { params: { path: { id } } })),
    onSuccess: fresh,
  });
  const failure = keep.error ?? remove.error;
  return (
    <div className="topping-sets">
      {sets.data?.map((set) => (
        <span key={set.id} className="topping-set">
          <button
            type="button"
            title={set.lines.join('; ')}
            onClick={() =>
              onChange(`toppings:${set.id}`, (draft) => ({
                ...draft,
                plate: { ...draft.plate, toppings: linesOf(set.lines) },
              }))
            }
          >
            {set.name}
          </button>
          <button
            type="button"
            aria-label={`Forget the set ${set.name}`}
            onClick={() => remove.mutate(set.id)}
          >
            <Glyph of="remove" />
          </button>
        </span>
      ))}
      {name === undefined ? (
        texts.length > 0 && (
          <Button size="small" type="text" onClick={() => setName('')}>
            Keep these as a set
          </Button>
        )
      ) : (
        <Input
          aria-label="Name of the set"
          placeholder="name of the set, then Enter"
          autoFocus
          value={name}
          maxLength={60}
          onChange={(event) => setName(event.target.value)}
          onPressEnter={() => name.trim() && keep.mutate(name.trim())}
          onBlur={() => !name.trim() && setName(undefined)}
        />
      )}
      {failure && <Notice>{failure.message}</Notice>}
    </div>
  );
}
