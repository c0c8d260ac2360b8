import type { Basis, Difference, SideBySide } from '../../api/types';
import { colourOf } from '../../ui/components';
import { Mark } from '../../ui/Mark';
import { figureOf } from '../../ui/figures';
import { Promised } from '../tally/Promises';
import { FigureText } from '../../ui/FigureText';
import { decimals, plain } from '../../ui/numbers';
import { limitsText, Verdict } from '../../ui/Verdict';
import { StackPicture } from '../stack/StackPicture';
import { BASIS_WORDS } from '../../ui/basis';
import { signed } from './steps';
import { Waterfall } from './Waterfall';

/** The sides in columns: pictures at one scale, figures, differences from the first, verdicts. */
export function Sides(props: {
  answer: SideBySide;
  basis: Basis;
  chosen: string;
  onChoose: (tag: string) => void;
}) {
  const { answer, basis, chosen, onChoose } = props;
  const { sides, against } = answer;
  const drawn = sides[0]?.figures.pictured ?? [];
  // Until the answer for another one is there, the one before stays.
  const pictured = drawn.includes(chosen) ? chosen : (drawn[0] ?? chosen);
  const full = Math.max(
    ...sides.map((side) => figureOf(side.figures, 'AS_SERVED', pictured)?.value ?? 0),
  );
  const measurands = sides[0]?.figures.measurands ?? [];
  const goals = sides[0]?.figures.judgements ?? [];
  const promised = sides[0]?.figures.promises.filter(({ goal }) => goal) ?? [];
  return (
    <table className="sides-table">
      <thead>
        <tr>
          <td />
          {sides.map((side, at) => (
            <th scope="col" key={at}>
              <span className="letter">{letter(at)}</span> {side.label}
              <span className="reading">{side.note}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        <tr className="pictures">
          <th scope="row" className="quiet">
            drawn to one scale; what differs from A is outlined
          </th>
          {sides.map((side, at) => (
            <td key={at}>
              <StackPicture
                bare
                height={190}
                figures={side.figures}
                tag={pictured}
                pieces={side.pieces}
                kind={side.kind}
                full={full}
                marked={changedIn(answer, at)}
              />
            </td>
          ))}
        </tr>
        {measurands.map(({ tag, words, unit, additive }) => (
          <tr key={tag} className={tag === chosen ? 'chosen' : undefined}>
            <th scope="row">
              <button
                type="button"
                aria-pressed={tag === chosen}
                disabled={!additive}
                onClick={() => onChoose(tag)}
              >
                <Mark component={tag} /> {words} <span className="unit">{unit}</span>
              </button>
            </th>
            {sides.map((side, at) => {
              const one = figureOf(side.figures, basis, tag);
              const difference = against
                .find((other) => other.side === at)
                ?.differences.find((d) => d.measurand === tag && d.basis === basis);
              return (
                <td key={at}>
                  {one && <FigureText figure={one} />}
                  {difference && <From difference={difference} />}
                </td>
              );
            })}
          </tr>
        ))}
        {goals.map((goal, row) => (
          <tr key={`goal:${goal.measurand.tag}:${goal.basis}`} className="goal-row">
            <th scope="row">
              {goal.wish ? 'nice to have' : 'goal'}: {goal.measurand.words} {limitsText(goal)}{' '}
              {goal.measurand.unit}
              {BASIS_WORDS[goal.basis]}
              {betterOfAll(sides, row) && (
                <span className="reading">{betterOfAll(sides, row)}</span>
              )}
            </th>
            {sides.map((side, at) => {
              const judgement = side.figures.judgements[row];
              return (
                <td key={at}>
                  {judgement && (
                    <>
                      <Verdict judgement={judgement} />
                      <span className="reading">
                        {judgement.reason} {!betterOfAll(sides, row) && judgement.better}
                      </span>
                    </>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
        {promised.map(({ promise, words }) => (
          <tr key={promise} className="goal-row">
            <th scope="row">{words}</th>
            {sides.map(({ figures }, at) => {
              const one = figures.promises.find((other) => other.promise === promise);
              return <td key={at}>{one && <Promised one={one} />}</td>;
            })}
          </tr>
        ))}
        <tr className="goal-row">
          <th scope="row">contains</th>
          {sides.map(({ figures: { allergens } }, at) => (
            <td key={at} className="reading">
              {allergens.contains.join(', ') || 'no allergen known of its foods'}
              {allergens.mayContain.length > 0 && `; may: ${allergens.mayContain.join(', ')}`}
            </td>
          ))}
        </tr>
        <tr className="goal-row">
          <th scope="row">can be said of it</th>
          {sides.map(({ figures: { promises } }, at) => (
            <td key={at} className="reading">
              {promises
                .filter(({ standing }) => standing === 'YES')
                .map(({ words }) => words)
                .join(', ') || 'nothing of that kind'}
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}

/** What to measure better, where it is the same for every side: it is said once. */
function betterOfAll(sides: SideBySide['sides'], row: number): string | undefined {
  const said = new Set(sides.map(({ figures }) => figures.judgements[row]?.better ?? undefined));
  return said.size === 1 ? [...said][0] : undefined;
}

/** The foods of a side whose lines are not those of the first. */
function changedIn({ lines }: SideBySide, side: number): Set<string> {
  if (side === 0) return new Set();
  const changed = lines.filter(({ cells }) => {
    const cell = cells[side];
    return cell !== undefined && !isSame(cells[0], cell);
  });
  return new Set(changed.flatMap(({ cells }) => cells[side]?.food ?? []));
}

/** How far a side's figure lies from the first one's. */
function From({ difference }: { difference: Difference }) {
  const { value, u, low, high, real, bound, words } = difference;
  const places = decimals(Math.abs(value), u / 3);
  return (
    <span className={real ? 'difference real' : 'difference'}>
      {bound !== 'NOT_KNOWN' && (
        <>
          {BOUND[bound]}
          {signed(value, Number(plain(value, places)) === 0 ? 0 : places)}{' '}
          {bound === 'COMPLETE' && (
            <span className="range">
              {signed(low, places)} to {signed(high, places)}
            </span>
          )}
          <br />
        </>
      )}
      {words}
    </span>
  );
}

const BOUND: Record<Difference['bound'], string> = {
  COMPLETE: '',
  AT_LEAST: '≥ ',
  AT_MOST: '≤ ',
  NOT_KNOWN: '',
};

/** What caused the difference of each later side from the first. */
export function Causes(props: { answer: SideBySide; basis: Basis; chosen: string }) {
  const { answer, basis, chosen } = props;
  const first = answer.sides[0];
  const of = first?.figures.measurands.find((one) => one.tag === chosen);
  return answer.against.map(({ side, changes, differences }) => {
    const difference = differences.find((one) => one.measurand === chosen && one.basis === basis);
    const from = first && figureOf(first.figures, basis, chosen);
    const other = answer.sides[side];
    const to = other && figureOf(other.figures, basis, chosen);
    return (
      <section key={side} className="causes">
        <h3>
          From A to {letter(side)}: {of?.words}
        </h3>
        {changes.length > 0 && <p className="reading">{changes.join('; ')}.</p>}
        {difference && difference.causes.length > 0 && from && to ? (
          <Waterfall
            difference={difference}
            from={{ label: 'A', figure: from }}
            to={{ label: letter(side), figure: to }}
            unit={of?.unit ?? ''}
            colour={colourOf(chosen)}
          />
        ) : (
          <p className="quiet">Nothing changes it.</p>
        )}
      </section>
    );
  });
}

/** All lines, those that stand for each other in one row. */
export function LineTable({ answer, only }: { answer: SideBySide; only: boolean }) {
  const rows = answer.lines.filter(
    ({ cells }) => !only || cells.some((cell) => !isSame(cells[0], cell)),
  );
  return (
    <table className="line-table">
      <thead>
        <tr>
          <th scope="col">where</th>
          {answer.sides.map((_, at) => (
            <th scope="col" key={at}>
              {letter(at)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <tr key={index}>
            <th scope="row">
              {row.where === 'plate' ? 'on top' : row.where}{' '}
              <span className="quiet">{row.role?.toLowerCase().replace('_', '-')}</span>
            </th>
            {row.cells.map((cell, at) => (
              <td key={at} className={at > 0 && isSame(row.cells[0], cell) ? 'quiet' : undefined}>
                <Line cell={cell} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type Cell = SideBySide['lines'][number]['cells'][number];

function isSame(one: Cell | undefined, other: Cell): boolean {
  return (
    one !== undefined &&
    one.text === other.text &&
    one.food === other.food &&
    one.amount === other.amount
  );
}

/** One side's line of a row: as measured, or as written where it is not in the numbers. */
function Line({ cell: { food, amount, grams, text } }: { cell: Cell }) {
  if (text) {
    return (
      <>
        {text} <span className="refused">not in the numbers</span>
      </>
    );
  }
  if (!food) return <span className="quiet">—</span>;
  return (
    <>
      {amount} {food}{' '}
      {grams != null && <span className="range">{plain(grams, grams < 10 ? 1 : 0)} g</span>}
    </>
  );
}

function letter(side: number): string {
  return String.fromCharCode(65 + side);
}
