import { useQuery } from '@tanstack/react-query';
import { Input } from 'antd';
import { memo, useState } from 'react';
import { Link } from 'react-router';
import { queries } from '../../api/queries';
import type { Draft, MethodStep } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Glyph } from '../../ui/Glyph';
import { useSettled } from '../../ui/useSettled';

const STAGES: Record<MethodStep['stage'], string> = {
  BOWL: 'bowl',
  REST: 'rests',
  HEAT: 'gets hot',
  GRIDDLE: 'griddle',
  PLATE: 'plate',
  STORE: 'put away',
};

/** The steps of the work: typed, each with what was read in it; and what to heed. */
export const Method = memo(function Method(props: {
  draft: Draft;
  recipeId: string;
  /** The newest kept version, which a morning can begin with. */
  version: string | undefined;
  onChange: ChangeDraft;
}) {
  const { draft, recipeId, version, onChange } = props;
  const steps = draft.method ?? [];
  const settled = useSettled(draft, 300);
  const read = useQuery({ ...queries.method(settled, recipeId), enabled: steps.length > 0 });
  const [entered, setEntered] = useState('');
  const change = (what: string, how: (steps: string[]) => string[]) =>
    onChange(`method:${what}`, (now) => {
      const next = how(now.method ?? []);
      return { ...now, method: next.length > 0 ? next : undefined };
    });
  const add = () => {
    const text = entered.trim();
    if (!text) return;
    change('add', (now) => [...now, text]);
    setEntered('');
  };
  return (
    <section className="station method" aria-labelledby="method-title">
      <header>
        <h2 id="method-title">The work</h2>
        <span className="work-links">
          <Link to={`/plan/${recipeId}`}>Plan it</Link>
          {version && <Link to={`/stove/${version}`}>Cook it</Link>}
        </span>
      </header>
      <ol>
        {steps.map((step, index) => (
          <li key={index}>
            <Input.TextArea
              variant="borderless"
              autoSize
              aria-label={`Step ${index + 1}`}
              value={step}
              maxLength={2000}
              onChange={({ target }) =>
                change(String(index), (now) =>
                  now.map((one, at) => (at === index ? target.value : one)),
                )
              }
            />
            <div className="step-under">
              <StepWords step={read.data?.steps[index]} draft={draft} />
              <span className="line-tools">
                <button
                  type="button"
                  aria-label={`Step ${index + 1}: earlier`}
                  disabled={index === 0}
                  onClick={() => change('move', (now) => swapped(now, index - 1))}
                >
                  <Glyph of="up" />
                </button>
                <button
                  type="button"
                  aria-label={`Step ${index + 1}: remove`}
                  onClick={() => change('remove', (now) => now.filter((_, at) => at !== index))}
                >
                  <Glyph of="remove" />
                </button>
              </span>
            </div>
          </li>
        ))}
      </ol>
      <Input
        aria-label="Next step"
        placeholder="Next: let rest 20 minutes …"
        value={entered}
        maxLength={2000}
        onChange={({ target }) => setEntered(target.value)}
        onPressEnter={add}
        onBlur={add}
      />
      {steps.length > 0 && read.data && (
        <ul className="findings">
          {read.data.advice.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      )}
    </section>
  );
});

function swapped(steps: string[], at: number): string[] {
  const next = [...steps];
  const [one] = next.splice(at, 1);
  if (one !== undefined) next.splice(at + 1, 0, one);
  return next;
}

/** The lines that a step names, as they are typed. */
function usedIn(step: MethodStep, draft: Draft): string[] {
  const lines = [
    ...draft.bowl,
    draft.griddle.panFat,
    ...(draft.griddle.making?.moreFat ?? []),
    ...draft.plate.toppings,
  ];
  return lines.filter(({ id, off }) => !off && step.lines.includes(id)).map(({ text }) => text);
}

/** What was read in a step, in a few words, and which lines it uses. */
export function StepWords(props: { step: MethodStep | undefined; draft: Draft | undefined }) {
  const { step, draft } = props;
  if (!step) return null;
  const used = draft ? usedIn(step, draft) : [];
  return (
    <span className="quiet">
      {[
        STAGES[step.stage],
        step.low != null &&
          spanText(step.low, step.high ?? step.low) + (step.perSide ? ' a side' : ''),
        step.celsius != null && `${step.celsius} °C`,
        step.cue && `until ${step.cue}`,
        used.length > 0 && `with ${used.join('; ')}`,
      ]
        .filter(Boolean)
        .join(' · ')}
    </span>
  );
}

/** "20 min", "2–3 min", "8–12 h", "30 s". */
export function spanText(low: number, high: number): string {
  const [factor, unit] = high >= 120 ? [1 / 60, 'h'] : high < 1 ? [60, 's'] : [1, 'min'];
  const text = (minutes: number) =>
    (minutes * factor).toLocaleString('en', { maximumFractionDigits: 1 });
  return low === high ? `${text(low)} ${unit}` : `${text(low)}–${text(high)} ${unit}`;
}
