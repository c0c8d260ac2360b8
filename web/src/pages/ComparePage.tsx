import { useQuery } from '@tanstack/react-query';
import { Segmented } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api } from '../api/client';
import type { Basis, CompareItem, CompareRequest, Component } from '../api/types';
import { readSide } from '../features/compare/sides';
import { Causes, LineTable, Sides } from '../features/compare/Sides';
import { Caution } from '../ui/Caution';
import { Choice } from '../ui/Choice';
import { GoalChoice } from '../ui/GoalChoice';
import { Notice } from '../ui/Notice';

const MOST = 4;
const EXPLAINED: Record<CompareRequest['mode'], string> = {
  SAME_BOWL:
    'Untouched lines are taken to be the very same cups, eggs and spoons: what did the change do, all else equal?',
  TWO_BATCHES:
    'Everything is taken to be measured anew: would the difference show if both were cooked, on two mornings?',
};

/** Two to four versions beside each other, the first the one that the others are held against. */
export function ComparePage() {
  const [search, setSearch] = useSearchParams();
  const chosen = search.getAll('s');
  const mode = search.get('mode') === 'TWO_BATCHES' ? 'TWO_BATCHES' : 'SAME_BOWL';
  const goalSetId = search.get('goals') ?? undefined;
  const [basis, setBasis] = useState<Basis>('AS_SERVED');
  const [component, setComponent] = useState<Component>('ENERC');
  const items = chosen.map(readSide).filter((item): item is CompareItem => item !== undefined);
  const comparison = useQuery({
    queryKey: ['compare', chosen, mode, goalSetId],
    queryFn: () => api.compare({ items, mode, goalSetId }),
    enabled: items.length >= 2,
    gcTime: 0,
  });
  const set = (key: string, values: string[]) => {
    const next = new URLSearchParams(search);
    next.delete(key);
    values.forEach((value) => next.append(key, value));
    setSearch(next, { replace: true });
  };
  return (
    <main className="compare">
      <h1>Side by side</h1>
      <div className="compare-tools">
        <Versions chosen={chosen} onChange={(sides) => set('s', sides)} />
        <Segmented<CompareRequest['mode']>
          aria-label="What the versions share"
          value={mode}
          options={[
            { value: 'SAME_BOWL', label: 'same bowl' },
            { value: 'TWO_BATCHES', label: 'two batches' },
          ]}
          onChange={(to) => set('mode', [to])}
        />
        <Segmented<Basis>
          aria-label="Basis"
          value={basis}
          options={[
            { value: 'AS_SERVED', label: 'as served' },
            { value: 'PER_PIECE', label: 'per piece' },
          ]}
          onChange={setBasis}
        />
        <GoalChoice value={goalSetId} onChange={(id) => set('goals', id ? [id] : [])} />
      </div>
      <p className="lead">{EXPLAINED[mode]}</p>
      {comparison.error && <Notice>{comparison.error.message}</Notice>}
      {items.length < 2 && (
        <p className="empty">
          Choose two to four versions above; the first is the one to hold the others against.
        </p>
      )}
      {comparison.data && (
        <>
          <Sides
            answer={comparison.data}
            basis={basis}
            component={component}
            onComponent={setComponent}
          />
          <h2>What caused it</h2>
          <Causes answer={comparison.data} basis={basis} component={component} />
          <h2>Line by line</h2>
          <LineTable answer={comparison.data} />
          <Caution />
        </>
      )}
    </main>
  );
}

function Versions(props: { chosen: string[]; onChange: (sides: string[]) => void }) {
  const shelf = useQuery({ queryKey: ['shelf'], queryFn: api.shelf });
  const groups = (shelf.data ?? []).map((recipe) => ({
    label: recipe.name,
    title: recipe.name,
    options: [
      ...recipe.versions.map((version) => ({
        value: `v.${version.id}`,
        label: `${recipe.name}, ${version.number}`,
        title: version.reason,
      })),
      { value: `b.${recipe.id}`, label: `${recipe.name}, on the bench`, title: recipe.name },
    ],
  }));
  return (
    <Choice
      className="choice"
      mode="multiple"
      aria-label="Versions"
      placeholder="Versions to compare"
      value={shelf.data ? props.chosen.filter((side) => !side.startsWith('n.')) : []}
      maxCount={MOST}
      options={groups}
      optionFilterProp="label"
      onChange={props.onChange}
    />
  );
}
