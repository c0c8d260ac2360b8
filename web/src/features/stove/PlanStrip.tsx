import { SavePicture } from '../../ui/SavePicture';
import type { Plan } from '../../api/types';
import { clockText } from './clock';

const LANE = 46;
const TOP = 26;
const LEFT = 92;
const WIDTH = 900;
const STEPS = [1, 2, 5, 10, 15, 30, 60, 120, 240];

/** A morning as a strip of time: a lane for the cook, one for each pan. */
export function PlanStrip({ plan }: { plan: Plan }) {
  const from = Math.min(plan.start, ...plan.blocks.map((block) => block.from));
  const span = Math.max(1, plan.ready - from);
  const at = (minutes: number) => LEFT + ((minutes - from) / span) * (WIDTH - LEFT - 16);
  const step = STEPS.find((one) => span / one <= 10) ?? 480;
  const ticks: number[] = [];
  for (let tick = Math.ceil(from / step) * step; tick <= plan.ready; tick += step) ticks.push(tick);
  const height = TOP + plan.lanes.length * LANE + 8;
  return (
    <figure className="picture">
      <svg
        className="plan-strip"
        viewBox={`0 0 ${WIDTH} ${height}`}
        role="img"
        aria-label={plan.words[0]}
      >
        <defs>
          <pattern id="rests" width="6" height="6" patternUnits="userSpaceOnUse">
            <path d="M0 6L6 0" stroke="var(--quiet)" strokeWidth="0.8" />
          </pattern>
        </defs>
        {ticks.map((tick) => (
          <g key={tick}>
            <line x1={at(tick)} x2={at(tick)} y1={TOP - 6} y2={height - 8} className="tick" />
            <text x={at(tick)} y={TOP - 10} textAnchor="middle">
              {clockText(tick)}
            </text>
          </g>
        ))}
        {plan.lanes.map((lane, index) => (
          <text key={index} x={8} y={TOP + index * LANE + LANE / 2 + 4} className="lane">
            {lane.length > 13 ? `${lane.slice(0, 12)}…` : lane}
          </text>
        ))}
        {plan.blocks.map((block, index) => {
          const x = at(block.from);
          const width = Math.max(2, at(block.to) - x - 1.5);
          const label = block.kind === 'ROUND' ? String(block.pieces) : block.name;
          const room = Math.floor(width / 6.4);
          return (
            <g key={index} className={`block ${block.kind.toLowerCase()}`}>
              <title>
                {`${block.name}, ${clockText(block.from)} to ${clockText(block.to)}` +
                  (block.pieces > 0 ? `, ${block.pieces} pieces` : '')}
              </title>
              <rect x={x} y={TOP + block.lane * LANE + 5} width={width} height={LANE - 12} rx="2" />
              {room >= Math.min(3, label.length) && (
                <text x={x + 4} y={TOP + block.lane * LANE + LANE / 2 + 4}>
                  {label.length > room ? `${label.slice(0, Math.max(1, room - 1))}…` : label}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <SavePicture name="plan of the morning" />
    </figure>
  );
}
