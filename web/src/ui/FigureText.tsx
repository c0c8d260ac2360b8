import type { Figure } from '../api/types';
import { boundedText, valueText } from './numbers';

/** A figure with its range; what is not in the numbers travels with it. */
export function FigureText(props: { figure: Figure; unit?: string; bare?: boolean }) {
  const { figure, unit, bare = false } = props;
  const { sign, words, range } = boundedText(figure);
  if (figure.bound === 'NOT_KNOWN') return <span className="range">not known</span>;
  return (
    <>
      <span className="value">
        {sign && (
          <span className="bound">
            <span aria-hidden="true">{sign}</span>
            <span className="sr-only">{words}</span>{' '}
          </span>
        )}
        {valueText(figure)}
        {unit && ` ${unit}`}
      </span>
      {!bare && (
        <>
          {' '}
          <span className="range">{range}</span>
        </>
      )}
    </>
  );
}
