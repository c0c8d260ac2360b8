import { Sheet } from '../../ui/Dialog';
import { useQuery } from '@tanstack/react-query';

import { queries, type TrailOf } from '../../api/queries';
import type { Basis, TrailAnswer } from '../../api/types';
import { FigureText } from '../../ui/FigureText';
import { Mark } from '../../ui/Mark';
import { Notice } from '../../ui/Notice';
import { PROVENANCE } from '../../ui/provenance';
import { percent, plain } from '../../ui/numbers';

const MOST_SOURCES = 8;
const NOBODY: TrailOf = { version: '' };
const HEADS: Record<Basis, string> = {
  AS_SERVED: 'as served',
  PER_PIECE: 'per piece',
  PER_100G_RAW: 'in 100 g of raw batter',
  PER_100G_FINISHED: 'in 100 g when done',
  PER_100G_COOKED: 'per 100 g cooked',
  WHOLE_BATCH: 'in all of it',
};

/** Where one figure comes from: formula, lines, composition rows, and what its range is made of. */
export function Trail(props: {
  opened: { basis: Basis; tag: string; of: TrailOf } | undefined;
  onClose: () => void;
}) {
  const { opened, onClose } = props;
  const trail = useQuery({
    ...queries.trail(opened?.of ?? NOBODY, opened?.basis ?? 'AS_SERVED', opened?.tag ?? ''),
    enabled: opened !== undefined,
  });
  return (
    <Sheet
      open={opened !== undefined}
      onClose={onClose}
      size={620}
      title={trail.data && opened ? <Title trail={trail.data} /> : 'Where it comes from'}
    >
      {trail.error && <Notice>{trail.error.message}</Notice>}
      {trail.data && opened && <Parts trail={trail.data} />}
    </Sheet>
  );
}

function Title({ trail: { measurand, basis, figure } }: { trail: TrailAnswer }) {
  return (
    <span className="trail-title">
      <Mark component={measurand.tag} /> {measurand.words} {HEADS[basis]}:{' '}
      <FigureText figure={figure} unit={measurand.unit} />
    </span>
  );
}

function Parts({ trail }: { trail: TrailAnswer }) {
  const { measurand, basis, formula, parts, budget } = trail;
  return (
    <div className="trail">
      {formula && <p className="formula">{formula}</p>}
      <h3>What {basis === 'PER_100G_FINISHED' ? '100 g get' : 'a serving gets'} from each line</h3>
      <table>
        <thead>
          <tr>
            <th scope="col">line</th>
            <th scope="col">g</th>
            <th scope="col">{measurand.unit} in 100 g</th>
            <th scope="col">{measurand.unit}</th>
            <th scope="col">share</th>
          </tr>
        </thead>
        <tbody>
          {parts.map((part) => (
            <tr key={part.lineId}>
              <th scope="row">
                {part.food}
                <Origin part={part} />
              </th>
              <td>{plain(part.grams, 1)}</td>
              <td>{amount(part.per100g)}</td>
              <td>{amount(part.value)}</td>
              <td>{part.value == null ? '' : percent(part.share)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <h3>What its range is made of</h3>
      {budget.length === 0 && <p className="quiet">Nothing: it is known exactly.</p>}
      <ol className="budget">
        {budget.slice(0, MOST_SOURCES).map((source) => (
          <li key={source.words}>
            <span className="bar" style={{ width: `${100 * source.share}%` }} />
            <span>{source.words}</span>
            <b>{percent(source.share)}</b>
          </li>
        ))}
      </ol>
      <Next trail={trail} />
    </div>
  );
}

function amount(value: number | null | undefined): string {
  return value == null ? 'unknown' : plain(value, value < 10 ? 2 : 1);
}

function Origin({ part }: { part: TrailAnswer['parts'][number] }) {
  const { source, number, mark, remark } = part.provenance;
  return (
    <span className="origin">
      {part.station === 'PAN' ? 'from the pan; ' : ''}
      {part.amount && `${part.amount}; `}
      {source}
      {number && `, no. ${number}`}; {PROVENANCE[mark] ?? mark}. {remark} {part.notes.join(' ')}
    </span>
  );
}

/** What to weigh first, how far that and all weighing would narrow the figure. */
function Next({ trail: { next, figure, bestU, measurand } }: { trail: TrailAnswer }) {
  if (!next) return null;
  const range = (half: number) => plain(2 * half, 2 * figure.u < 10 ? 1 : 0);
  return (
    <p className="next">
      Weigh this next: <b>{next.words}</b>, and ± {range(figure.u)} becomes ± {range(next.u)}{' '}
      {measurand.unit}. With everything weighed, ± {range(bestU)} {measurand.unit} would be left.
    </p>
  );
}
