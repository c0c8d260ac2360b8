import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, Popconfirm } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '../api/client';
import { queries } from '../api/queries';
import type { ShelfEntry, VersionEntry } from '../api/types';
import { byRecipe } from '../features/shelf/byRecipe';
import { emptyDraft } from '../features/shelf/emptyDraft';
import { MiniStack } from '../features/shelf/MiniStack';
import { Glyph } from '../ui/Glyph';
import { Notice } from '../ui/Notice';

const KINDS: Record<ShelfEntry['kind'], string> = {
  PANCAKE: 'Pancakes',
  WAFFLE: 'Waffles',
  PREPARATION: 'A preparation',
};

/** All recipes and what was kept of them. */
export function ShelfPage() {
  const shelf = useQuery(queries.shelf());
  const versions = useQuery(queries.versions());
  const kept = byRecipe(versions.data ?? []);
  const [name, setName] = useState('');
  const navigate = useNavigate();
  const start = useMutation({
    mutationFn: () =>
      answer(api.POST('/api/recipes', { body: { name: name.trim(), draft: emptyDraft() } })),
    onSuccess: (recipe) => void navigate(`/bench/${recipe.id}`),
  });
  return (
    <main className="shelf">
      <h1>Shelf</h1>
      <form
        className="start"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim()) start.mutate();
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
      </form>
      {start.error && <Notice>{start.error.message}</Notice>}
      {shelf.error && <Notice>{shelf.error.message}</Notice>}
      {versions.error && <Notice>{versions.error.message}</Notice>}
      {shelf.isPending && <p className="quiet">Looking at the shelf …</p>}
      {shelf.data?.length === 0 && (
        <p className="empty">
          The shelf is empty. Name a recipe above and type what goes into the bowl.
        </p>
      )}
      <ul className="recipes">
        {shelf.data
          ?.filter((entry) => entry.kind !== 'PREPARATION')
          .map((entry) => (
            <Entry key={entry.id} entry={entry} versions={kept.get(entry.id) ?? []} />
          ))}
      </ul>
      {shelf.data?.some((entry) => entry.kind === 'PREPARATION') && (
        <>
          <h2>Preparations</h2>
          <p className="quiet">What recipes use by its name, as it was last kept.</p>
          <ul className="recipes">
            {shelf.data
              .filter((entry) => entry.kind === 'PREPARATION')
              .map((entry) => (
                <Entry key={entry.id} entry={entry} versions={kept.get(entry.id) ?? []} />
              ))}
          </ul>
        </>
      )}
    </main>
  );
}

function Entry({ entry, versions }: { entry: ShelfEntry; versions: VersionEntry[] }) {
  const client = useQueryClient();
  const remove = useMutation({
    mutationFn: () =>
      answer(api.DELETE('/api/recipes/{id}', { params: { path: { id: entry.id } } })),
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: ['shelf'] }),
        client.invalidateQueries({ queryKey: ['versions'] }),
      ]),
  });
  const newest = versions.at(-1);
  return (
    <li>
      {newest ? <MiniStack versionId={newest.id} /> : <div className="mini" />}
      <div className="about">
        <h2>
          <Link to={`/bench/${entry.id}`}>{entry.name}</Link>
        </h2>
        <p className="quiet">
          {KINDS[entry.kind]} · draft saved{' '}
          {new Date(entry.savedAt).toLocaleString('en-GB', {
            dateStyle: 'medium',
            timeStyle: 'short',
          })}
        </p>
        <ol className="kept">
          {versions.map((version) => (
            <li key={version.id}>
              <Link to={`/version/${version.id}`}>
                <span className="number">{version.number}</span> {version.reason}
              </Link>
            </li>
          ))}
        </ol>
        {versions.length > 1 && entry.kind !== 'PREPARATION' && (
          <Link
            className="beside"
            to={`/compare?${versions
              .slice(-4)
              .map((version) => `s=v.${version.id}`)
              .join('&')}`}
          >
            side by side
          </Link>
        )}
        {remove.error && <Notice>{remove.error.message}</Notice>}
      </div>
      <Popconfirm
        title={`Remove “${entry.name}”?`}
        description={`Its draft and ${versions.length} kept version${versions.length === 1 ? '' : 's'} go with it. This cannot be undone.`}
        okText="Remove"
        cancelText="Leave it"
        onConfirm={() => remove.mutate()}
      >
        <button type="button" className="plain" aria-label={`Remove ${entry.name}`}>
          <Glyph of="remove" />
        </button>
      </Popconfirm>
    </li>
  );
}
