import { plain } from '../../ui/numbers';

const WIDTH = 220;
const EDGE = 10;

/** Weighings as dots on a line, with their ends named. */
export function DotPlot({ grams }: { grams: number[] }) {
  if (grams.length < 2) return null;
  const low = Math.min(...grams);
  const high = Math.max(...grams);
  const at = (value: number) =>
    high === low ? WIDTH / 2 : EDGE + ((WIDTH - 2 * EDGE) * (value - low)) / (high - low);
  return (
    <svg
      className="dot-plot"
      viewBox={`0 0 ${WIDTH} 30`}
      role="img"
      aria-label={`${grams.length} weighings from ${plain(low, 1)} to ${plain(high, 1)} g`}
    >
      <path d={`M${EDGE} 12H${WIDTH - EDGE}`} />
      {grams.map((value, index) => (
        <circle key={index} cx={at(value)} cy="12" r="4" />
      ))}
      <text x={EDGE} y="28">
        {plain(low, 1)} g
      </text>
      {high > low && (
        <text x={WIDTH - EDGE} y="28" className="end">
          {plain(high, 1)} g
        </text>
      )}
    </svg>
  );
}
