import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Input } from 'antd';
import { useState } from 'react';
import { queries } from '../../api/queries';
import type { Draft, Line } from '../../api/types';
import { rangeText, valueText } from '../../ui/numbers';
import { SavePicture } from '../../ui/SavePicture';
import { useSettled } from '../../ui/useSettled';
import { emptyDraft } from '../shelf/emptyDraft';
import './kitchen.css';

const WAYS = ['sifted', 'spooned', 'scooped', 'packed'] as const;
const CUP = { left: 14, right: 106, top: 34, bottom: 118 };
const PAUSE_MS = 300;

/** The same cup filled in each way: what it weighs, and how far that varies. */
export function Cups() {
  const [food, setFood] = useState('plain flour');
  const settled = useSettled(food.trim(), PAUSE_MS);
  const { data } = useQuery({
    ...queries.figures(cupsOf(settled)),
    enabled: settled !== '',
    placeholderData: keepPreviousData,
  });
  const lines = WAYS.map((way) => data?.lines.find((line) => line.id === way));
  const most = Math.max(...lines.map((line) => line?.grams?.high ?? 0));
  const refused = lines[0]?.state === 'REFUSED' ? lines[0] : undefined;
  return (
    <section className="cups" aria-labelledby="cups-title">
      <h2 id="cups-title">One cup, filled in each way</h2>
      <label className="cups-of">
        <span className="quiet">a US cup of</span>{' '}
        <Input
          aria-label="What is in the cup"
          value={food}
          maxLength={100}
          onChange={(event) => setFood(event.target.value)}
        />
      </label>
      {refused && (
        <p className="reading refused" role="status">
          {refused.problem}
        </p>
      )}
      {!refused && most > 0 && (
        <figure className="picture">
          <svg viewBox="0 0 520 176" role="img" aria-label={saidOf(lines)}>
            {lines.map(
              (line, index) =>
                line?.grams && (
                  <g key={line.id} transform={`translate(${index * 130} 0)`}>
                    <Cup way={WAYS[index] ?? 'spooned'} grams={line.grams} most={most} />
                  </g>
                ),
            )}
          </svg>
          <SavePicture name={`a cup of ${settled}`} />
        </figure>
      )}
    </section>
  );
}

function cupsOf(food: string): Draft {
  return {
    ...emptyDraftOnce,
    bowl: WAYS.map((way) => ({ id: way, text: `1 cup ${food}, ${way}` })),
  };
}

/** One for all questions: what is asked again is not asked anew. */
const emptyDraftOnce = emptyDraft();

function saidOf(lines: (Line | undefined)[]): string {
  return lines
    .map((line, index) => line?.grams && `${WAYS[index]}: ${valueText(line.grams)} g`)
    .filter(Boolean)
    .join('; ');
}

/** Points that fill a square evenly, each step the same irrational part of it. */
function scattered(n: number, step: number): number {
  return (n * step) % 1;
}

/** A cup, fuller and denser the more it weighs, with its range as a bar below. */
function Cup(props: {
  way: (typeof WAYS)[number];
  grams: NonNullable<Line['grams']>;
  most: number;
}) {
  const { way, grams, most } = props;
  const { left, right, top, bottom } = CUP;
  const heap = way === 'scooped' ? 7 : 0;
  const grains = Math.round((70 * grams.value) / most);
  const at = (value: number) => left + ((right - left) * value) / most;
  return (
    <>
      <text x="60" y="16" className="way">
        {way}
      </text>
      <path
        className="fill"
        d={`M${left + 3} ${top}Q60 ${top - 2 * heap} ${right - 3} ${top}L${right - 11} ${bottom - 2}H${left + 11}Z`}
      />
      {Array.from({ length: grains }, (_, grain) => {
        const y = top + 5 + 76 * scattered(grain, 0.7548777);
        const narrow = (8 * (y - top)) / (bottom - top);
        const wide = right - left - 18 - 2 * narrow;
        return (
          <circle
            key={grain}
            r="1.5"
            cx={left + 9 + narrow + wide * scattered(grain, 0.5698403)}
            cy={y}
          />
        );
      })}
      <path
        className="cup"
        d={`M${left} ${top}L${left + 8} ${bottom}H${right - 8}L${right} ${top}`}
      />
      <path className="spread" d={`M${at(grams.low)} 132H${at(grams.high)}`} />
      <circle className="mean" r="3.5" cx={at(grams.value)} cy="132" />
      <text x="60" y="152" className="grams">
        {valueText(grams)} g
      </text>
      <text x="60" y="168" className="range">
        {rangeText(grams)}
      </text>
    </>
  );
}
