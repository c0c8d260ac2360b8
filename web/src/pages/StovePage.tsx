import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, InputNumber } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { queries } from '../api/queries';
import type { MethodStep, Version } from '../api/types';
import {
  counting,
  discarded,
  eventText,
  lastTold,
  pieces,
  stepNow,
  timers,
  type Morning,
} from '../features/stove/morning';
import '../features/stove/stove.css';
import { TellMore } from '../features/stove/TellMore';
import { Timers } from '../features/stove/Timers';
import { begin, begun, putAside, useMorning } from '../features/stove/useMorning';
import { useWakeLock } from '../features/stove/useWakeLock';
import { StepWords } from '../features/say/Method';
import { Notice } from '../ui/Notice';
import { Stepper } from '../ui/Stepper';

const USUAL_ROUND = 3;

/** At the stove: one step large, the next small, timers, a tap a piece. */
export default function StovePage() {
  const { version = '' } = useParams();
  const [morning, setMorning] = useState(() => begun(version));
  return morning ? (
    <Cooking key={morning.id} first={morning} />
  ) : (
    <Begin
      version={version}
      onBegin={(first) => {
        begin(first);
        setMorning(first);
      }}
    />
  );
}

function Begin({ version, onBegin }: { version: string; onBegin: (morning: Morning) => void }) {
  const kept = useQuery(queries.version(version));
  const [cook, setCook] = useState('');
  const [factor, setFactor] = useState(1);
  const [tools, setTools] = useState('');
  if (kept.error) {
    return (
      <main className="page">
        <Notice>{kept.error.message}</Notice>
      </main>
    );
  }
  if (!kept.data) return <main className="page quiet">Lighting the stove …</main>;
  return (
    <main className="page">
      <title>At the stove · Honest Stack</title>
      <h1>
        Cook {kept.data.recipeName}, version {kept.data.number}
      </h1>
      <div className="plan-asked">
        <label>
          who cooks
          <Input
            aria-label="Who cooks"
            value={cook}
            maxLength={120}
            onChange={(event) => setCook(event.target.value)}
          />
        </label>
        <label>
          so many times the recipe
          <InputNumber
            aria-label="So many times the recipe"
            min={0.1}
            max={100}
            value={factor}
            onChange={(times) => setFactor(times ?? 1)}
          />
        </label>
        <label>
          pan or iron, heat
          <Input
            aria-label="Pan or iron, heat"
            placeholder="iron pan, mark 6"
            value={tools}
            maxLength={300}
            onChange={(event) => setTools(event.target.value)}
          />
        </label>
        <Button
          type="primary"
          size="large"
          onClick={() => onBegin(morningOf(kept.data, cook, factor, tools))}
        >
          Begin
        </Button>
      </div>
    </main>
  );
}

function morningOf(version: Version, cook: string, factor: number, tools: string): Morning {
  const now = new Date().toISOString();
  return {
    id: crypto.randomUUID(),
    versionId: version.id,
    startedAt: now,
    cook,
    title: `${version.recipeName}, version ${version.number}`,
    waffles: version.draft.kind === 'WAFFLE',
    steps: version.draft.method ?? [],
    lines: version.draft.bowl.filter((line) => line.text.trim()),
    events: [{ id: crypto.randomUUID(), at: now, kind: 'SETUP', text: tools, amount: factor }],
    told: 0,
    silenced: [],
  };
}

function Cooking({ first }: { first: Morning }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const { morning, tell, silence, waiting } = useMorning(first);
  const [round, setRound] = useState(first.waffles ? 1 : USUAL_ROUND);
  useWakeLock();
  const untold = morning.events.length - morning.told;
  const finish = useMutation({
    mutationFn: async () => {
      putAside(morning.versionId);
      await client.invalidateQueries({ queryKey: ['runs'] });
      await navigate(`/version/${morning.versionId}`);
    },
  });
  const finished = counting(morning.events).some((event) => event.kind === 'FINISHED');
  const last = lastTold(morning.events);
  const out = pieces(morning.events);
  const thrown = discarded(morning.events);
  return (
    <main className="stove">
      <header className="stove-head">
        <h1>
          <Link to={`/version/${morning.versionId}`}>{morning.title}</Link>
        </h1>
        <p className="quiet" role="status">
          {untold === 0
            ? 'all of it is written down'
            : waiting
              ? `${untold} kept here until the application answers: ${waiting}`
              : 'writing down …'}
        </p>
        {finished ? (
          <Button type="primary" disabled={untold > 0} onClick={() => finish.mutate()}>
            To the version
          </Button>
        ) : (
          <Button onClick={() => tell({ kind: 'FINISHED' })}>Finished</Button>
        )}
      </header>
      <Timers timers={timers(morning)} onSilence={silence} />
      <StepNow morning={morning} onTell={tell} />
      <section className="step-now" aria-label="Pieces">
        <p className="counted" aria-live="polite">
          <b>{out}</b> {morning.waffles ? 'waffle' : 'pancake'}
          {out !== 1 && 's'}
          {thrown > 0 && `, ${thrown} thrown away`}
        </p>
        <div className="stove-buttons">
          <button type="button" className="first" onClick={() => tell({ kind: 'PIECE' })}>
            One more
          </button>
          <button type="button" onClick={() => tell({ kind: 'PIECE', text: 'small' })}>
            a small one
          </button>
          <button type="button" onClick={() => tell({ kind: 'PIECE', text: 'large' })}>
            a large one
          </button>
          <button type="button" onClick={() => tell({ kind: 'ROUND', amount: round })}>
            a round of {round}
          </button>
          <Stepper
            label="Pieces in a round"
            value={round}
            least={1}
            most={200}
            onChange={(now) => setRound(now ?? 1)}
          />
          <button
            type="button"
            disabled={out <= thrown}
            onClick={() => tell({ kind: 'DISCARDED', amount: 1 })}
          >
            throw one away
          </button>
          <button
            type="button"
            disabled={!last}
            onClick={() => last && tell({ kind: 'UNDONE', about: last.id })}
          >
            Undo{last ? `: ${eventText(last, morning.lines).slice(0, 28)}` : ''}
          </button>
        </div>
      </section>
      <TellMore morning={morning} onTell={tell} />
      <Log morning={morning} />
    </main>
  );
}

function StepNow({
  morning,
  onTell,
}: {
  morning: Morning;
  onTell: ReturnType<typeof useMorning>['tell'];
}) {
  const version = useQuery(queries.version(morning.versionId));
  const method = useQuery({
    ...queries.method(version.data?.draft as Version['draft']),
    enabled: version.data !== undefined,
  });
  const [minutes, setMinutes] = useState<number>();
  const now = stepNow(morning.events);
  const text = morning.steps[now];
  const read: MethodStep | undefined = method.data?.steps[now];
  const time = minutes ?? read?.high ?? undefined;
  return (
    <section className="step-now" aria-label="Step">
      {text === undefined ? (
        <p className="large">{morning.steps.length > 0 ? 'All steps are done.' : 'Cook.'}</p>
      ) : (
        <>
          <p className="large">{text}</p>
          <StepWords step={read} draft={version.data?.draft} />
        </>
      )}
      {morning.steps[now + 1] && <p className="next">then: {morning.steps[now + 1]}</p>}
      <div className="stove-buttons">
        {text !== undefined && (
          <button
            type="button"
            className="first"
            onClick={() => {
              setMinutes(undefined);
              onTell({ kind: 'STEP_DONE', text: text.slice(0, 200), amount: now });
            }}
          >
            Done
          </button>
        )}
        <button
          type="button"
          disabled={!time}
          onClick={() =>
            time && onTell({ kind: 'TIMER', text: (text ?? 'timer').slice(0, 60), amount: time })
          }
        >
          Timer{time ? ` ${time.toLocaleString('en', { maximumFractionDigits: 1 })} min` : ''}
        </button>
        <Stepper
          label="Minutes of the timer"
          value={time}
          least={0.5}
          most={720}
          step={0.5}
          onChange={setMinutes}
        />
      </div>
    </section>
  );
}

/** What was told, the newest first; what was undone stays to be seen. */
function Log({ morning }: { morning: Morning }) {
  const counts = new Set(counting(morning.events).map((event) => event.id));
  const shown = morning.events.filter((event) => event.kind !== 'UNDONE').reverse();
  return (
    <ol className="told" aria-label="What was told">
      {shown.slice(0, 40).map((event) => (
        <li key={event.id} className={counts.has(event.id) ? undefined : 'undone'}>
          <span className="quiet">
            {new Date(event.at).toLocaleTimeString('en-GB').slice(0, 5)}
          </span>{' '}
          {event.kind === 'SETUP'
            ? `begun${event.amount && event.amount !== 1 ? `, ${event.amount} times` : ''}${event.text ? `, ${event.text}` : ''}`
            : eventText(event, morning.lines)}
        </li>
      ))}
    </ol>
  );
}
