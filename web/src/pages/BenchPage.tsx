import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { queries } from '../api/queries';
import type { FieldProblem, NamedDraft, Recipe, VersionEntry } from '../api/types';
import { backup, textOf } from '../features/bench/backup';
import { Branch } from '../features/bench/Branch';
import { Conflict } from '../features/bench/Conflict';
import { Keep } from '../features/bench/Keep';
import { useAutosave, type SaveState } from '../features/bench/useAutosave';
import { useFigures } from '../features/bench/useFigures';
import { KeySheet } from '../features/bench/KeySheet';
import { useKeys } from '../features/bench/useKeys';
import { useHistory } from '../features/bench/useHistory';
import { Bowl } from '../features/bowl/Bowl';
import { Finish } from '../features/griddle/Finish';
import { Griddle } from '../features/griddle/Griddle';
import { Plate } from '../features/plate/Plate';
import { Method } from '../features/say/Method';
import { TallyStrip } from '../features/tally/Tally';
import type { ChangeDraft } from '../ui/change';
import { Caution } from '../ui/Caution';
import { Glyph } from '../ui/Glyph';
import { GoalChoice } from '../ui/GoalChoice';
import { Notice } from '../ui/Notice';
import { TallyPanel } from './TallyPanel';

const NO_PROBLEMS: FieldProblem[] = [];

/** The way of the batter: bowl, griddle, plate, and the tally of it. */
export default function BenchPage() {
  const { id = '' } = useParams();
  const recipe = useQuery(queries.recipe(id));
  const versions = useQuery(queries.versions(id));
  const failure = recipe.error ?? versions.error;
  if (failure) {
    return (
      <main className="page">
        <Notice>{failure.message}</Notice>
      </main>
    );
  }
  return recipe.data && versions.data ? (
    <Bench key={recipe.data.id} recipe={recipe.data} versions={versions.data} />
  ) : (
    <main className="page quiet">Laying out the bench …</main>
  );
}

function Bench({ recipe, versions }: { recipe: Recipe; versions: VersionEntry[] }) {
  const client = useQueryClient();
  const history = useHistory<NamedDraft>(
    backup.leftOver(recipe)?.named ?? named(recipe),
    `honest-stack:steps:${recipe.id}`,
    textOf,
  );
  const current = history.present;
  const { draft } = current;
  const { figures, readings, failure, stale } = useFigures(draft, recipe.id);
  const { save, settle, keep: keepSaved } = useAutosave(recipe, current);
  const [keeping, setKeeping] = useState(false);
  const { now, change } = useChanges(current, history);
  const trailOf = useCallback(() => ({ draft: now(), recipe: recipe.id }), [now, recipe.id]);
  const serve = useCallback(
    (pieces: number) =>
      change('plate:serve', (now) => ({
        ...now,
        plate: { ...now.plate, pieces, amount: undefined },
      })),
    [change],
  );
  const problems = figures?.problems ?? NO_PROBLEMS;
  const [keysOpen, setKeysOpen] = useState(false);
  const { undo, redo } = history;
  useKeys(
    useMemo(
      () => ({
        undo,
        redo,
        keep: () => setKeeping(true),
        help: () => setKeysOpen(true),
        newLine: () =>
          document.querySelector<HTMLInputElement>('input[aria-label="Bowl: new line"]')?.focus(),
      }),
      [undo, redo],
    ),
  );
  const keep = useMutation({
    mutationFn: keepSaved,
    onSuccess: async (version) => {
      history.amend((value) => ({ ...value, parentId: version.id }));
      setKeeping(false);
      await client.invalidateQueries({ queryKey: ['versions'] });
    },
  });

  return (
    <main className="bench">
      <title>{`${current.name} · Honest Stack`}</title>
      <h1 className="sr-only">{current.name}</h1>
      <header className="bench-head">
        <Input
          className="recipe-name"
          variant="borderless"
          aria-label="Recipe name"
          value={current.name}
          maxLength={120}
          onChange={({ target }) =>
            history.change('name', (now) => ({ ...now, name: target.value }))
          }
        />
        <Saved save={save} />
        {versions.length > 0 && (
          <nav className="kept-row" aria-label="Kept versions">
            kept
            {versions.map((version) => (
              <Link key={version.id} to={`/version/${version.id}`} title={version.reason}>
                {version.number}
              </Link>
            ))}
          </nav>
        )}
        <div className="bench-tools">
          <button type="button" aria-label="Undo" disabled={!history.canUndo} onClick={undo}>
            <Glyph of="undo" />
          </button>
          <button type="button" aria-label="Redo" disabled={!history.canRedo} onClick={redo}>
            <Glyph of="redo" />
          </button>
          <button type="button" aria-label="Keys" onClick={() => setKeysOpen(true)}>
            ?
          </button>
        </div>
        {versions.length > 0 && draft.kind !== 'PREPARATION' && (
          <Link
            className="button"
            to={`/compare?${versions
              .slice(-3)
              .map((version) => `s=v.${version.id}`)
              .join('&')}&s=b.${recipe.id}${draft.goalSetId ? `&goals=${draft.goalSetId}` : ''}`}
          >
            Side by side
          </Link>
        )}
        <Button type="primary" onClick={() => setKeeping(true)}>
          Keep this version
        </Button>
      </header>
      <div className="stations">
        <Bowl
          kind={draft.kind}
          system={draft.system}
          lines={draft.bowl}
          readings={readings}
          batterMass={figures?.batterMass}
          makeup={figures?.makeup}
          now={now}
          onChange={change}
        />
        <div className="middle">
          {draft.kind === 'PREPARATION' ? (
            <Finish
              recipeId={recipe.id}
              kept={versions.at(-1)?.number ?? 0}
              draft={draft}
              readings={readings}
              problems={problems}
              makeup={figures?.makeup}
              onChange={change}
            />
          ) : (
            <>
              <Griddle
                kind={draft.kind}
                griddle={draft.griddle}
                yielded={figures?.yield ?? undefined}
                makeup={figures?.makeup}
                readings={readings}
                problems={problems}
                onChange={change}
              />
              <Plate
                plate={draft.plate}
                system={draft.system}
                readings={readings}
                problems={problems}
                onChange={change}
              />
            </>
          )}
          <Method
            draft={draft}
            recipeId={recipe.id}
            version={versions.at(-1)?.id}
            onChange={change}
          />
        </div>
        <section
          className={stale ? 'station tally-station stale' : 'station tally-station'}
          aria-labelledby="tally-title"
        >
          <header>
            <h2 id="tally-title">Tally</h2>
            <GoalChoice
              value={draft.goalSetId ?? undefined}
              onChange={(goalSetId) => change('goals', (draft) => ({ ...draft, goalSetId }))}
            />
          </header>
          {failure && <Notice>{failure.message}</Notice>}
          {stale && figures && (
            <p className="stale-note" role="status">
              {failure ? 'These figures are of what was typed before.' : 'Working it out anew …'}
            </p>
          )}
          {figures && figures.batterMass.value > 0 ? (
            <>
              <TallyPanel
                figures={figures}
                kind={draft.kind}
                pieces={draft.plate.pieces ?? 1}
                of={trailOf}
                onPieces={serve}
              />
              {draft.kind !== 'PREPARATION' && !figures.yield && (
                <p className="findings">
                  Say at the griddle how much goes into one piece, or how many came out, and the
                  serving has figures.
                </p>
              )}
              <Caution />
            </>
          ) : (
            <p className="empty">
              The figures appear here as soon as something with a weight is in the bowl.
            </p>
          )}
        </section>
      </div>
      {figures && figures.batterMass.value > 0 && <TallyStrip figures={figures} />}
      <KeySheet open={keysOpen} onClose={() => setKeysOpen(false)} />
      <Keep
        open={keeping}
        busy={keep.isPending}
        failure={keep.error?.message}
        onKeep={(reason) => keep.mutate(reason)}
        onClose={() => {
          setKeeping(false);
          keep.reset();
        }}
      />
      <Branch recipe={recipe} current={current} keep={keepSaved} change={history.change} />
      <Conflict
        mine={current}
        theirs={save.state === 'conflict' ? save.theirs : undefined}
        onChoose={(keepTheirs) => {
          if (save.state !== 'conflict') return;
          if (keepTheirs) history.replace(named(save.theirs));
          settle(save.theirs, keepTheirs);
        }}
      />
    </main>
  );
}

function named({ name, draft, parentId }: Recipe): NamedDraft {
  return { name, draft, parentId };
}

type Changes = Pick<ReturnType<typeof useHistory<NamedDraft>>, 'change' | 'settle'>;

/** The draft and how to change it, both the same functions for as long as the bench is open. */
function useChanges({ draft }: NamedDraft, { change: step, settle }: Changes) {
  const latest = useRef(draft);
  useEffect(() => {
    latest.current = draft;
  }, [draft]);
  const now = useCallback(() => latest.current, []);
  const change = useCallback<ChangeDraft>(
    (what, how, undone = 'as a step') => {
      const inNamed = (named: NamedDraft) => ({ ...named, draft: how(named.draft) });
      if (undone === 'as a step') step(what, inNamed);
      else settle(inNamed);
    },
    [step, settle],
  );
  return { now, change };
}

function Saved({ save }: { save: SaveState }) {
  const text =
    save.state === 'saved'
      ? 'saved'
      : save.state === 'saving'
        ? 'saving …'
        : save.state === 'waiting'
          ? `not saved: ${save.why}`
          : 'not saved: saved elsewhere in the meantime';
  return (
    <p className={`save-state ${save.state}`} role="status">
      {text}
    </p>
  );
}
