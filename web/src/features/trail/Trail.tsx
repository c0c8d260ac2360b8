import { Drawer } from 'antd';
import type { Basis, Component, Figure, Figures, Line } from '../../api/types';
import { Mark } from '../../ui/Mark';
import { PROVENANCE } from '../../ui/provenance';
import { percent, plain, rangeText, valueText } from '../../ui/numbers';

const MOST_SOURCES = 8;
const HEADS: Record<Basis, string> = {
  AS_SERVED: 'as served',
  PER_PIECE: 'per piece',
  PER_100G_RAW: 'in 100 g of raw batter',
  PER_100G_FINISHED: 'in 100 g when done',
};

/** Where one figure comes from: formula, lines, composition rows, and what its range is made of. */
export function Trail(props: {
  figures: Figures;
  of: { basis: Basis; component: Component } | undefined;
  onClose: () => void;
}) {
  const { figures, of, onClose } = props;
  const figure = figures.figures.find(
    (one) => one.basis === of?.basis && one.component === of.component,
  );
  const at = figures.components.findIndex((one) => one.tag === of?.component);
  const component = figures.components[at];
  const readings = new Map(figures.lines.map((line) => [line.id, line]));
  return (
    <Drawer
      open={figure !== undefined}
      onClose={onClose}
      size={620}
      title={
        component && figure && of ? (
          <span className="trail-title">
            <Mark component={component.tag} /> {component.words} {HEADS[of.basis]}:{' '}
            {valueText(figure)} {component.unit} <span className="range">{rangeText(figure)}</span>
          </span>
        ) : (
          ''
        )
      }
    >
      {figure && component && (
        <div className="trail">
          {figure.formula && <p className="formula">{figure.formula}</p>}
          <h3>
            What {of?.basis === 'PER_100G_FINISHED' ? '100 g get' : 'a serving gets'} from each line
          </h3>
          <table>
            <thead>
              <tr>
                <th scope="col">line</th>
                <th scope="col">g</th>
                <th scope="col">{component.unit} in 100 g</th>
                <th scope="col">{component.unit}</th>
                <th scope="col">share</th>
              </tr>
            </thead>
            <tbody>
              {figures.rows.map((row) => (
                <tr key={row.lineId}>
                  <th scope="row">
                    {row.food}
                    <Origin line={readings.get(row.lineId)} pan={row.station === 'PAN'} />
                  </th>
                  <td>{plain(row.grams, 1)}</td>
                  <td>{amount(row.per100g[at])}</td>
                  <td>{amount(row.values[at])}</td>
                  <td>{row.values[at] == null ? '' : percent(row.shares[at] ?? 0)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <h3>What its range is made of</h3>
          {figure.sources.length === 0 && <p className="quiet">Nothing: it is known exactly.</p>}
          <ol className="budget">
            {figure.sources.slice(0, MOST_SOURCES).map((source, index) => (
              <li key={source}>
                <span className="bar" style={{ width: `${100 * (figure.shares[index] ?? 0)}%` }} />
                <span>{figures.sources[source]?.words}</span>
                <b>{percent(figure.shares[index] ?? 0)}</b>
              </li>
            ))}
          </ol>
          <Next figure={figure} unit={component.unit} />
        </div>
      )}
    </Drawer>
  );
}

function amount(value: number | null | undefined): string {
  return value == null ? 'unknown' : plain(value, value < 10 ? 2 : 1);
}

function Origin({ line, pan }: { line: Line | undefined; pan: boolean }) {
  const read = line?.understood;
  if (!read) return null;
  const { source, number, mark, remark } = read.provenance;
  return (
    <span className="origin">
      {pan ? 'from the pan; ' : ''}
      {read.amount}
      {read.packing && `, ${read.packing}`}; {source}
      {number && `, no. ${number}`}; {PROVENANCE[mark] ?? mark}. {remark}
    </span>
  );
}

/** What to weigh first, how far that and all weighing would narrow the figure. */
function Next({ figure, unit }: { figure: Figure; unit: string }) {
  const { next, u, bestU } = figure;
  if (!next) return null;
  const range = (half: number) => plain(2 * half, 2 * u < 10 ? 1 : 0);
  return (
    <p className="next">
      Weigh this next: <b>{next.words}</b>, and ± {range(u)} becomes ± {range(next.u)} {unit}. With
      everything weighed, ± {range(bestU)} {unit} would be left.
    </p>
  );
}
