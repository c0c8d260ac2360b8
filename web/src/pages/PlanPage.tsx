import { useQuery } from '@tanstack/react-query';
import { Button, Input, InputNumber } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { queries } from '../api/queries';
import type { Draft, PlanRequest, Recipe } from '../api/types';
import { Cautions } from '../features/stove/Cautions';
import { clockText, minutesOf, nowMinutes } from '../features/stove/clock';
import { PlanStrip } from '../features/stove/PlanStrip';
import '../features/stove/stove.css';
import { Glyph } from '../ui/Glyph';
import { Notice } from '../ui/Notice';
import { useSettled } from '../ui/useSettled';

const NINE = 540;

/** When to begin what, so that all is on the plate in time. */
export default function PlanPage() {
  const { id = '' } = useParams();
  const recipe = useQuery(queries.recipe(id));
  const method = useQuery({
    ...queries.method(recipe.data?.draft as Draft, id),
    enabled: recipe.data !== undefined,
  });
  const failure = recipe.error ?? method.error;
  if (failure) {
    return (
      <main className="page">
        <Notice>{failure.message}</Notice>
      </main>
    );
  }
  return recipe.data && method.data ? (
    <Planned
      key={id}
      recipe={recipe.data}
      round={method.data.roundMinutes}
      cautions={method.data.cautions}
    />
  ) : (
    <main className="page quiet">Laying out the morning …</main>
  );
}

function Planned(props: {
  recipe: Recipe;
  round: number;
  cautions: { words: string; basis: string }[];
}) {
  const { recipe, round, cautions } = props;
  const waffles = recipe.draft.kind === 'WAFFLE';
  const [search] = useSearchParams();
  const eaters = Number(search.get('eaters'));
  const [asked, setAsked] = useState<Omit<PlanRequest, 'draft' | 'serving'>>({
    eaters: eaters >= 1 ? Math.floor(eaters) : undefined,
    done: 0,
    heating: 8,
    mixed: false,
    pans: [{ name: waffles ? 'iron' : 'pan', pieces: waffles ? 1 : 3, minutes: round }],
  });
  const [at, setAt] = useState(clockText(NINE));
  const serving = minutesOf(at);
  const set = (part: Partial<typeof asked>) => setAsked((now) => ({ ...now, ...part }));
  const request = useSettled<PlanRequest>(
    useMemo(
      () => ({ ...asked, draft: recipe.draft, serving: serving ?? NINE }),
      [asked, recipe.draft, serving],
    ),
    250,
    true,
  );
  const plan = useQuery(queries.plan(request, recipe.id));
  const slipped = asked.now != null;
  return (
    <main className="page plan-page">
      <title>Plan · Honest Stack</title>
      <h1>
        Plan: <Link to={`/bench/${recipe.id}`}>{recipe.name}</Link>
      </h1>
      {plan.error && <Notice>{plan.error.message}</Notice>}
      {plan.data && (
        <>
          <div className={plan.isPlaceholderData ? 'answer-first stale' : 'answer-first'}>
            {plan.data.words.map((words) => (
              <p key={words}>{words}</p>
            ))}
            {plan.data.batches !== 1 && (
              <p>That is {plan.data.batches} times the batter on the bench.</p>
            )}
          </div>
          <PlanStrip plan={plan.data} />
        </>
      )}
      <div className="plan-asked">
        <label>
          on the plate at
          <Input
            aria-label="On the plate at"
            value={at}
            maxLength={5}
            status={serving === undefined ? 'error' : undefined}
            onChange={(event) => setAt(event.target.value)}
          />
          {serving === undefined && <span className="refused">a time: 9:00</span>}
        </label>
        <label>
          eaters
          <InputNumber
            aria-label="Eaters"
            min={1}
            max={1000}
            precision={0}
            placeholder="one batch"
            value={asked.eaters ?? null}
            onChange={(eaters) => set({ eaters: eaters ?? undefined })}
          />
        </label>
        <label>
          {waffles ? 'iron' : 'pan'} gets hot in
          <InputNumber
            aria-label="Minutes to heat"
            min={0}
            max={240}
            suffix="min"
            value={asked.heating}
            onChange={(heating) => set({ heating: heating ?? 0 })}
          />
        </label>
        <label>
          cooked already
          <InputNumber
            aria-label="Cooked already"
            min={0}
            max={1000}
            precision={0}
            value={asked.done}
            onChange={(done) => set({ done: done ?? 0 })}
          />
        </label>
      </div>
      {asked.pans.map((pan, index) => {
        const change = (part: Partial<typeof pan>) =>
          set({
            pans: asked.pans.map((one, other) => (other === index ? { ...one, ...part } : one)),
          });
        return (
          <div key={index} className="plan-asked">
            <label>
              {waffles ? 'iron' : 'pan'} {index + 1}
              <Input
                aria-label={`Pan ${index + 1}`}
                value={pan.name}
                maxLength={60}
                onChange={(event) => change({ name: event.target.value })}
              />
            </label>
            <label>
              pieces in a round
              <InputNumber
                aria-label={`Pan ${index + 1}: pieces in a round`}
                min={1}
                max={200}
                precision={0}
                value={pan.pieces}
                onChange={(pieces) => change({ pieces: pieces ?? 1 })}
              />
            </label>
            <label>
              a round takes
              <InputNumber
                aria-label={`Pan ${index + 1}: minutes of a round`}
                min={0.1}
                max={240}
                suffix="min"
                value={pan.minutes}
                onChange={(minutes) => change({ minutes: minutes ?? round })}
              />
            </label>
            {asked.pans.length > 1 && (
              <button
                type="button"
                className="plain"
                aria-label={`Without pan ${index + 1}`}
                onClick={() => set({ pans: asked.pans.filter((one) => one !== pan) })}
              >
                <Glyph of="remove" />
              </button>
            )}
          </div>
        );
      })}
      <div className="plan-tools">
        {asked.pans.length < 8 && (
          <Button
            onClick={() => {
              const last = asked.pans[asked.pans.length - 1];
              if (last) set({ pans: [...asked.pans, { ...last, name: `${last.name} 2` }] });
            }}
          >
            One more {waffles ? 'iron' : 'pan'}
          </Button>
        )}
        <Button
          type={slipped ? 'primary' : 'default'}
          onClick={() => set({ now: slipped ? undefined : nowMinutes() })}
        >
          {slipped ? `From now, ${clockText(asked.now ?? 0)}` : 'It slipped: plan from now'}
        </Button>
        {slipped && (
          <Button onClick={() => set({ mixed: !asked.mixed })}>
            {asked.mixed ? 'The batter is mixed' : 'Is the batter mixed?'}
          </Button>
        )}
        <Button onClick={() => window.print()}>Print</Button>
      </div>
      <Cautions cautions={cautions} />
    </main>
  );
}
