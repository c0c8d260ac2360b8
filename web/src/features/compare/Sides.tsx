import type { Basis, Component, SideBySide } from '../../api/types';
import { colourOf } from '../../ui/components';
import { Mark } from '../../ui/Mark';
import { decimals, plain, rangeText, valueText } from '../../ui/numbers';
import { limitsText, Verdict } from '../../ui/Verdict';
import { StackPicture } from '../stack/StackPicture';
import { signed } from './steps';
import { Waterfall } from './Waterfall';

/** The sides in columns: pictures at one scale, figures, differences from the first, verdicts. */
export function Sides(props: {
  answer: SideBySide;
  basis: Basis;
  component: Component;
  onComponent: (component: Component) => void;
}) {
  const { answer, basis, component, onComponent } = props;
  const { sides, against } = answer;
  const figure = (side: number, of: Component, on: Basis = basis) =>
    sides[side]?.figures.figures.find((one) => one.basis === on && one.component === of);
  const full = Math.max(...sides.map((_, at) => figure(at, component, 'AS_SERVED')?.value ?? 0));
  const components = sides[0]?.figures.components ?? [];
  const goals = sides[0]?.figures.judgements ?? [];
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
            one scale
          </th>
          {sides.map((side, at) => (
            <td key={at}>
              <StackPicture
                bare
                height={190}
                figures={side.figures}
                component={component}
                pieces={side.pieces}
                kind={side.kind}
                full={full}
              />
            </td>
          ))}
        </tr>
        {components.map(({ tag, words, unit }) => (
          <tr key={tag} className={tag === component ? 'chosen' : undefined}>
            <th scope="row">
              <button
                type="button"
                aria-pressed={tag === component}
                onClick={() => onComponent(tag)}
              >
                <Mark component={tag} /> {words} <span className="unit">{unit}</span>
              </button>
            </th>
            {sides.map((_, at) => {
              const one = figure(at, tag);
              const difference = against
                .find((other) => other.side === at)
                ?.differences.find((d) => d.component === tag && d.basis === basis);
              const places = difference
                ? decimals(Math.abs(difference.value), difference.u / 3)
                : 0;
              return (
                <td key={at}>
                  {one && (
                    <>
                      <span className="value">{valueText(one)}</span>{' '}
                      <span className="range">{rangeText(one)}</span>
                    </>
                  )}
                  {difference && (
                    <span className={difference.real ? 'difference real' : 'difference'}>
                      {signed(difference.value, places)}{' '}
                      <span className="range">
                        {signed(difference.low, places)} to {signed(difference.high, places)}
                      </span>
                      <br />
                      {difference.words}
                    </span>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
        {goals.map((goal, row) => {
          const of = components.find((one) => one.tag === goal.component);
          return (
            <tr key={`goal:${goal.component}`} className="goal-row">
              <th scope="row">
                goal: {of?.words} {limitsText(goal)} {of?.unit}
              </th>
              {sides.map((side, at) => {
                const judgement = side.figures.judgements[row];
                return (
                  <td key={at}>
                    {judgement && (
                      <>
                        <Verdict
                          judgement={judgement}
                          value={figure(at, goal.component, 'AS_SERVED')?.value}
                        />
                        <span className="reading">
                          {judgement.reason} {judgement.better}
                        </span>
                      </>
                    )}
                  </td>
                );
              })}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What caused the difference of each later side from the first. */
export function Causes(props: { answer: SideBySide; basis: Basis; component: Component }) {
  const { answer, basis, component } = props;
  const value = (side: number) =>
    answer.sides[side]?.figures.figures.find(
      (one) => one.basis === basis && one.component === component,
    )?.value ?? 0;
  const of = answer.sides[0]?.figures.components.find((one) => one.tag === component);
  return answer.against.map(({ side, changes, differences }) => {
    const difference = differences.find(
      (one) => one.component === component && one.basis === basis,
    );
    return (
      <section key={side} className="causes">
        <h3>
          From A to {letter(side)}: {of?.words}
        </h3>
        {changes.length > 0 && <p className="reading">{changes.join('; ')}.</p>}
        {difference && difference.causes.length > 0 ? (
          <Waterfall
            difference={difference}
            from={{ label: 'A', value: value(0) }}
            to={{ label: letter(side), value: value(side) }}
            unit={of?.unit ?? ''}
            colour={colourOf(component)}
          />
        ) : (
          <p className="quiet">Nothing changes it.</p>
        )}
      </section>
    );
  });
}

/** All lines, those that stand for each other in one row. */
export function LineTable({ answer }: { answer: SideBySide }) {
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
        {answer.lines.map((row, index) => (
          <tr key={index}>
            <th scope="row">
              {row.where === 'plate' ? 'on top' : row.where}{' '}
              <span className="quiet">{row.role.toLowerCase().replace('_', '-')}</span>
            </th>
            {row.cells.map((cell, at) => {
              const same =
                at > 0 && row.cells[0]?.food === cell.food && row.cells[0]?.amount === cell.amount;
              return (
                <td key={at} className={same ? 'quiet' : undefined}>
                  {cell.food ? (
                    <>
                      {cell.amount} {cell.food}{' '}
                      <span className="range">
                        {plain(cell.grams ?? 0, (cell.grams ?? 0) < 10 ? 1 : 0)} g
                      </span>
                    </>
                  ) : (
                    <span className="quiet">—</span>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function letter(side: number): string {
  return String.fromCharCode(65 + side);
}
