import type { Basis, Component, Figure, Figures, Judgement } from '../../api/types';
import { colourOf } from '../../ui/components';
import { Mark } from '../../ui/Mark';
import { limitsText, Verdict } from '../../ui/Verdict';
import { decimals, plain, rangeText, valueText } from '../../ui/numbers';

const BASES: { basis: Basis; head: string }[] = [
  { basis: 'AS_SERVED', head: 'as served' },
  { basis: 'PER_PIECE', head: 'per piece' },
  { basis: 'PER_100G_RAW', head: '100 g raw' },
  { basis: 'PER_100G_FINISHED', head: '100 g done' },
];

/** The five figures on their three bases. Choosing one turns the stack picture to it. */
export function Tally(props: {
  figures: Figures;
  chosen: Component;
  onChoose: (component: Component) => void;
  onTrail: (basis: Basis, component: Component) => void;
}) {
  const { figures, chosen, onChoose, onTrail } = props;
  const has = (basis: Basis) => figures.figures.some((one) => one.basis === basis);
  const done = has('PER_100G_FINISHED');
  const bases = BASES.filter(({ basis }) => (done ? has(basis) : basis !== 'PER_100G_FINISHED'));
  const main: Basis = done ? 'PER_100G_FINISHED' : 'AS_SERVED';
  const find = (basis: Basis, component: Component) =>
    figures.figures.find((one) => one.basis === basis && one.component === component);
  return (
    <table className="tally" aria-label="Tally">
      <thead>
        <tr>
          <th scope="col">
            <span className="sr-only">component</span>
          </th>
          {bases.map(({ basis, head }) => (
            <th scope="col" key={basis}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {figures.components.map(({ tag, words, unit }) => (
          <tr key={tag} className={tag === chosen ? 'chosen' : undefined}>
            <th scope="row">
              <button type="button" aria-pressed={tag === chosen} onClick={() => onChoose(tag)}>
                <Mark component={tag} />
                <span>
                  {words} <span className="unit">{unit}</span>
                </span>
              </button>
            </th>
            {bases.map(({ basis }) => (
              <td key={basis} className={basis === main ? 'main' : undefined}>
                <FigureText
                  figure={find(basis, tag)}
                  label={`Where ${words} ${BASES.find((one) => one.basis === basis)?.head ?? ''} comes from`}
                  onTrail={() => onTrail(basis, tag)}
                />
                {basis === main && (
                  <Whisker
                    figure={find(basis, tag)}
                    judgement={figures.judgements.find((one) => one.component === tag)}
                    colour={colourOf(tag)}
                  />
                )}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The serving's figures in one line, for screens where the tally itself scrolls away. */
export function TallyStrip({ figures }: { figures: Figures }) {
  return (
    <p className="tally-strip" aria-hidden="true">
      {figures.components.map(({ tag, words, unit }) => {
        const figure = served(figures, tag);
        return (
          <span key={tag}>
            <Mark component={tag} />
            <b>{figure ? valueText(figure) : '—'}</b>{' '}
            <small>{tag === 'ENERC' ? unit : words}</small>
          </span>
        );
      })}
    </p>
  );
}

function FigureText(props: { figure: Figure | undefined; label: string; onTrail: () => void }) {
  const { figure, label, onTrail } = props;
  if (!figure) return <span className="quiet">—</span>;
  if (figure.bound === 'NOT_KNOWN') return <span className="range">not known</span>;
  return (
    <button type="button" className="both" title={label} onClick={onTrail}>
      <span className="value">
        {figure.bound === 'AT_LEAST' && <Sign sign="≥" words="at least" />}
        {figure.bound === 'AT_MOST' && <Sign sign="≤" words="at most" />}
        {valueText(figure)}
      </span>
      <span className="range">
        {figure.bound === 'AT_LEAST'
          ? `from ${plain(figure.low, decimals(figure.value, figure.u))}`
          : rangeText(figure)}
      </span>
    </button>
  );
}

/** A sign for the eye and its words for the ear. */
function Sign({ sign, words }: { sign: string; words: string }) {
  return (
    <span className="bound">
      <span aria-hidden="true">{sign}</span>
      <span className="sr-only">{words}</span>{' '}
    </span>
  );
}

/** The range drawn from 0, against the band of its goal: the wider the line, the less is known. */
function Whisker(props: {
  figure: Figure | undefined;
  judgement: Judgement | undefined;
  colour: string;
}) {
  const { figure, judgement, colour } = props;
  if (!figure || figure.high === 0 || figure.bound === 'NOT_KNOWN') return null;
  const most = Math.max(figure.high, judgement?.upper ?? 0, (judgement?.lower ?? 0) * 1.2);
  const at = (x: number) => (94 * x) / most;
  const from = at(judgement?.lower ?? 0);
  const to = judgement?.upper != null ? at(judgement.upper) : 100;
  return (
    <svg className="whisker" viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
      {judgement && <rect x={from} width={to - from} y="0" height="12" className="goal-band" />}
      <line x1="0" x2="100" y1="6" y2="6" className="axis" />
      <rect
        x={at(figure.low)}
        width={at(figure.high) - at(figure.low)}
        y="4"
        height="4"
        fill={colour}
        opacity="0.45"
      />
      <rect x={at(figure.value) - 0.8} width="1.6" y="1" height="10" fill={colour} />
    </svg>
  );
}

function served(figures: Figures, component: Component) {
  const of = (basis: Basis) =>
    figures.figures.find((one) => one.basis === basis && one.component === component);
  return of('AS_SERVED') ?? of('PER_100G_FINISHED');
}

/** The verdicts on the chosen goals, each with its reason. */
export function Verdicts({ figures }: { figures: Figures }) {
  if (figures.judgements.length === 0) return null;
  return (
    <ul className="verdicts" aria-label="Verdicts">
      {figures.judgements.map((judgement) => {
        const component = figures.components.find((one) => one.tag === judgement.component);
        return (
          <li key={judgement.component}>
            <p>
              <Mark component={judgement.component} /> <b>{component?.words}</b>{' '}
              {limitsText(judgement)} {component?.unit}{' '}
              <Verdict judgement={judgement} value={served(figures, judgement.component)?.value} />
            </p>
            <p className="reading">
              {judgement.reason} {judgement.better}
            </p>
          </li>
        );
      })}
    </ul>
  );
}
