import { useQuery } from '@tanstack/react-query';
import { Checkbox, Segmented } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { queries } from '../api/queries';
import type { Basis, CompareItem, CompareRequest } from '../api/types';
import { byRecipe } from '../features/shelf/byRecipe';
import { readSide } from '../features/compare/sides';
import { inShort } from '../features/compare/inShort';
import { SchoolChoice } from '../features/tally/SchoolChoice';
import { Causes, LineTable, Sides } from '../features/compare/Sides';
import { Caution } from '../ui/Caution';
import { Choice } from '../ui/Choice';
import { GoalChoice } from '../ui/GoalChoice';
import { Notice } from '../ui/Notice';
import { addressOf, useShown } from '../ui/shown';

const MOST = 6;
const MOST_ON_PAPER = 4;
const EXPLAINED: Record<CompareRequest['mode'], string> = {
  SAME_BOWL:
    'Untouched lines are taken to be the very same cups, eggs and spoons: what did the change do, all else equal?',
  TWO_BATCHES:
    'Everything is taken to be measured anew: would the difference show if both were cooked, on two mornings?',
};

/** Two to six versions beside each other, the first the one that the others are held against. */
export default function ComparePage() {
  const [search, setSearch] = useSearchParams();
  const sides = search.getAll('s');
  const mode = search.get('mode') === 'TWO_BATCHES' ? 'TWO_BATCHES' : 'SAME_BOWL';
  const goalSetId = search.get('goals') ?? undefined;
  const [basis, setBasis] = useState<Basis>('AS_SERVED');
  const [wanted, choose] = useState('ENERC');
  const items = sides.map(readSide).filter((item): item is CompareItem => item !== undefined);
  const shown = useShown();
  const [only, setOnly] = useState(false);
  const comparison = useQuery(
    queries.compare({ items, mode, goalSetId, shown: { ...shown, pictured: [wanted] } }),
  );
  const keptOnes = items.flatMap((item) => (item.versionId ? [`versions=${item.versionId}`] : []));
  const kept = keptOnes.join('&') + addressOf(shown);
  const measurands = comparison.data?.sides[0]?.figures.measurands ?? [];
  const chosen = (measurands.find(({ tag }) => tag === wanted) ?? measurands[0])?.tag ?? wanted;
  const set = (key: string, values: string[]) => {
    const next = new URLSearchParams(search);
    next.delete(key);
    values.forEach((value) => next.append(key, value));
    setSearch(next, { replace: true });
  };
  return (
    <main className="compare">
      <title>Side by side · Honest Stack</title>
      <h1>Side by side</h1>
      <div className="compare-tools">
        <Versions chosen={sides} onChange={(to) => set('s', to)} />
        <Segmented<CompareRequest['mode']>
          aria-label="What the versions share"
          value={mode}
          options={[
            { value: 'SAME_BOWL', label: 'all else equal' },
            { value: 'TWO_BATCHES', label: 'each cooked anew' },
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
      <SchoolChoice />
      {comparison.error && <Notice>{comparison.error.message}</Notice>}
      {items.length < 2 && (
        <p className="empty">
          Choose two to six versions above; the first is the one that the others are held against.
        </p>
      )}
      {comparison.data && (
        <>
          <p className="in-short">{inShort(comparison.data, basis, chosen)}</p>
          <Sides answer={comparison.data} basis={basis} chosen={chosen} onChoose={choose} />
          <h2>What caused it</h2>
          <Causes answer={comparison.data} basis={basis} chosen={chosen} />
          <h2>Line by line</h2>
          <Checkbox
            className="only"
            checked={only}
            onChange={(event) => setOnly(event.target.checked)}
          >
            only what differs
          </Checkbox>
          <LineTable answer={comparison.data} only={only} />
          <p className="files">
            {keptOnes.length >= 2 && keptOnes.length <= MOST_ON_PAPER && (
              <>
                <a
                  href={`/api/versions/beside.pdf?${keptOnes.join('&')}&mode=${mode}${
                    goalSetId ? `&goals=${goalSetId}` : ''
                  }${addressOf(shown)}`}
                  download
                >
                  On one page (PDF)
                </a>
                .{' '}
              </>
            )}
            Figures of the kept versions as a table:{' '}
            <a href={`/api/versions/figures.csv?${kept}`} download>
              CSV
            </a>{' '}
            <a href={`/api/versions/figures.json?${kept}`} download>
              JSON
            </a>
          </p>
          <Caution />
        </>
      )}
    </main>
  );
}

function Versions(props: { chosen: string[]; onChange: (sides: string[]) => void }) {
  const shelf = useQuery(queries.shelf());
  const versions = useQuery(queries.versions());
  const listed = shelf.data && versions.data;
  const kept = byRecipe(versions.data ?? []);
  const comparable = (shelf.data ?? []).filter((recipe) => recipe.kind !== 'PREPARATION');
  const recomputed = props.chosen.filter((side) => side.startsWith('n.'));
  const groups = comparable.map((recipe) => ({
    label: recipe.name,
    title: recipe.name,
    options: [
      ...(kept.get(recipe.id) ?? []).map((version) => ({
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
      value={listed ? props.chosen.filter((side) => !side.startsWith('n.')) : []}
      maxCount={MOST - recomputed.length}
      options={listed && groups}
      optionFilterProp="label"
      onChange={(sides) => props.onChange([...sides, ...recomputed])}
    />
  );
}
