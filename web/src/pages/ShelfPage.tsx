import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '../api/client';
import { queries } from '../api/queries';
import type { Draft } from '../api/types';
import { byRecipe } from '../features/shelf/byRecipe';
import { emptyDraft, sample } from '../features/shelf/emptyDraft';
import { found, type Order } from '../features/shelf/find';
import { Shelved } from '../features/shelf/Shelved';
import { Choice } from '../ui/Choice';
import { Notice } from '../ui/Notice';

// A file is brought in now and then; the shelf is opened every day.
const BringIn = lazy(() =>
  import('../features/shelf/BringIn').then((file) => ({ default: file.BringIn })),
);
const ORDERS: { value: Order; label: string }[] = [
  { value: 'BEGUN', label: 'as they were begun' },
  { value: 'CHANGED', label: 'last changed first' },
  { value: 'NAME', label: 'by name' },
];
const MANY = 4;

/** All recipes and what was kept of them. */
export function ShelfPage() {
  const arriving = useQuery(queries.arriving()).data;
  const busy = arriving !== undefined && arriving.done < arriving.of;
  const shelf = useQuery({ ...queries.shelf(), refetchInterval: busy ? 1000 : false });
  const versions = useQuery({ ...queries.versions(), refetchInterval: busy ? 1000 : false });
  const kept = byRecipe(versions.data ?? []);
  const [name, setName] = useState('');
  const [words, setWords] = useState('');
  const [order, setOrder] = useState<Order>('BEGUN');
  const [bringing, setBringing] = useState(false);
  const navigate = useNavigate();
  const start = useMutation({
    mutationFn: (body: { name: string; draft: Draft }) =>
      answer(api.POST('/api/recipes', { body })),
    onSuccess: (recipe) => void navigate(`/bench/${recipe.id}`),
  });
  const entries = shelf.data ?? [];
  const shown = found(entries, kept, words, order);
  const recipes = shown.filter((entry) => entry.kind !== 'PREPARATION');
  const preparations = shown.filter((entry) => entry.kind === 'PREPARATION');
  return (
    <main className="shelf">
      <title>Shelf · Honest Stack</title>
      <h1>Shelf</h1>
      <form
        className="start"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim()) start.mutate({ name: name.trim(), draft: emptyDraft() });
        }}
      >
        <Input
          aria-label="Name of a new recipe"
          placeholder="A new recipe: what is it called?"
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
        />
        <Button type="primary" htmlType="submit" disabled={!name.trim()} loading={start.isPending}>
          Start it
        </Button>
        <Button aria-expanded={bringing} onClick={() => setBringing(!bringing)}>
          From a file
        </Button>
      </form>
      {bringing && (
        <Suspense fallback={<p className="quiet">One moment …</p>}>
          <BringIn />
        </Suspense>
      )}
      {start.error && <Notice>{start.error.message}</Notice>}
      {shelf.error && <Notice>{shelf.error.message}</Notice>}
      {versions.error && <Notice>{versions.error.message}</Notice>}
      {shelf.isPending && <p className="quiet">Looking at the shelf …</p>}
      {busy && (
        <p className="quiet" role="status">
          The recipes of Larkspur Hut, to try things with, are being put on the shelf:{' '}
          {arriving.done} of {arriving.of} steps.
        </p>
      )}
      {!busy && shelf.data?.length === 0 && (
        <p className="empty">
          The shelf is empty. Name a recipe above and type what goes into the bowl, in cups or in
          grams, as you measure it.{' '}
          <Button
            size="small"
            loading={start.isPending}
            onClick={() => start.mutate({ name: 'A sample: rye cakes', draft: sample() })}
          >
            Begin with a sample
          </Button>
        </p>
      )}
      {entries.length >= MANY && (
        <div className="finding">
          <Input
            allowClear
            aria-label="Find a recipe"
            placeholder="Find by name, word or reason"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <Choice<Order> aria-label="Order" value={order} options={ORDERS} onChange={setOrder} />
        </div>
      )}
      {entries.length > 0 && shown.length === 0 && (
        <p className="quiet" role="status">
          No recipe holds “{words}”.
        </p>
      )}
      <ul className="recipes">
        {recipes.map((entry) => (
          <Shelved
            key={entry.id}
            entry={entry}
            versions={kept.get(entry.id) ?? []}
            onTag={setWords}
          />
        ))}
      </ul>
      {preparations.length > 0 && (
        <>
          <h2>Preparations</h2>
          <p className="quiet">What recipes use by its name, as it was last kept.</p>
          <ul className="recipes">
            {preparations.map((entry) => (
              <Shelved
                key={entry.id}
                entry={entry}
                versions={kept.get(entry.id) ?? []}
                onTag={setWords}
              />
            ))}
          </ul>
        </>
      )}
    </main>
  );
}
