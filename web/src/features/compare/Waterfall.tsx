import type { Difference, Figure } from '../../api/types';
import { boundedText, plain } from '../../ui/numbers';
import { SavePicture } from '../../ui/SavePicture';
import { signed, stepsFrom } from './steps';

const ROW = 26;
const LABEL = 300;
const WIDTH = 860;
const CHART = { left: LABEL + 10, right: WIDTH - 70 };

/** From one figure to the other, cause by cause; the steps add up exactly. */
export function Waterfall(props: {
  difference: Difference;
  from: { label: string; figure: Figure };
  to: { label: string; figure: Figure };
  unit: string;
  colour: string;
}) {
  const { difference, from, to, unit, colour } = props;
  const steps = stepsFrom(from.figure.value, difference.causes);
  const ends = [from.figure.value, to.figure.value, ...steps.map((step) => step.end)];
  const least = Math.min(...ends);
  const most = Math.max(...ends);
  const margin = (most - least || 1) * 0.12;
  const low = Math.max(0, least - margin);
  const at = (value: number) =>
    CHART.left + ((value - low) / (most + margin - low)) * (CHART.right - CHART.left);
  const height = (steps.length + 2) * ROW + 8;
  const places = most - least < 5 ? 2 : 1;
  const said = (figure: Figure) =>
    `${boundedText(figure).sign} ${plain(figure.value, places)} ${unit}`;
  const y = (row: number) => row * ROW + 4;
  return (
    <figure className="picture">
      <svg
        className="waterfall"
        viewBox={`0 0 ${WIDTH} ${height}`}
        role="img"
        aria-label={`From ${said(from.figure)} to ${said(to.figure)}: ${steps
          .map((step) => `${step.words} ${signed(step.effect, places)}`)
          .join('; ')}`}
      >
        <Total y={y(0)} x={at(from.figure.value)} label={from.label} text={said(from.figure)} />
        {steps.map((step, index) => {
          const x = Math.min(at(step.start), at(step.end));
          const width = Math.max(1.5, Math.abs(at(step.end) - at(step.start)));
          const more = step.effect > 0;
          return (
            <g key={index}>
              <line
                x1={at(step.start)}
                x2={at(step.start)}
                y1={y(index + 1) - 8}
                y2={y(index + 1) + 18}
                className="link"
              />
              <text x={LABEL} y={y(index + 1) + 14} textAnchor="end">
                {step.words.length > 46 ? `${step.words.slice(0, 45)}…` : step.words}
              </text>
              <rect
                x={x}
                y={y(index + 1) + 2}
                width={width}
                height={16}
                fill={more ? colour : 'var(--card)'}
                stroke={colour}
                strokeWidth="1.5"
              />
              <text
                x={Math.max(at(step.start), at(step.end)) + 6}
                y={y(index + 1) + 14}
                className="effect"
              >
                {signed(step.effect, places)}
              </text>
            </g>
          );
        })}
        <Total
          y={y(steps.length + 1)}
          x={at(to.figure.value)}
          label={to.label}
          text={said(to.figure)}
        />
      </svg>
      <SavePicture name={`causes from ${from.label} to ${to.label}`} />
    </figure>
  );
}

function Total(props: { y: number; x: number; label: string; text: string }) {
  return (
    <g className="total">
      <text x={LABEL} y={props.y + 14} textAnchor="end">
        {props.label}
      </text>
      <line x1={CHART.left} x2={props.x} y1={props.y + 10} y2={props.y + 10} />
      <circle cx={props.x} cy={props.y + 10} r="4.5" />
      <text x={props.x + 10} y={props.y + 14}>
        {props.text}
      </text>
    </g>
  );
}
