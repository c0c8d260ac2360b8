import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import type { Basis, Figure, Figures, Judgement } from '../../api/types';
import { colourOf } from '../../ui/components';
import { useAlso } from '../../ui/shown';
import { Choice } from '../../ui/Choice';
import { Glyph } from '../../ui/Glyph';
import { Mark } from '../../ui/Mark';
import { BASIS_WORDS } from '../../ui/basis';
import { limitsText, Verdict } from '../../ui/Verdict';
import { figureOf, mainFigure } from '../../ui/figures';
import { FigureText } from '../../ui/FigureText';
import { plain } from '../../ui/numbers';
import { useColumns } from './columns';
import { Promised } from './Promises';

/** The five figures on their three bases. Choosing one turns the stack picture to it. */
export function Tally(props: {
  figures: Figures;
  /** The one that is drawn. */
  chosen: string | undefined;
  onChoose: (tag: string) => void;
  onTrail: (basis: Basis, tag: string) => void;
}) {
  const { figures, chosen, onChoose, onTrail } = props;
  const done = figures.offered.includes('PER_100G_FINISHED');
  const { bases, last, choices, choose } = useColumns(figures);
  const also = useAlso();
  const main: Basis = done ? 'PER_100G_FINISHED' : 'AS_SERVED';
  return (
    <table className="tally" aria-label="Tally">
      <thead>
        <tr>
          <th scope="col">
            <span className="sr-only">component</span>
          </th>
          {bases.map(({ basis, head }) => (
            <th scope="col" key={basis}>
              {basis === last?.basis && choices.length > 1 ? (
                <select
                  aria-label="The last column"
                  value={basis}
                  onChange={(event) => choose(event.target.value)}
                >
                  {choices.map((one) => (
                    <option key={one.basis} value={one.basis}>
                      {one.head}
                    </option>
                  ))}
                </select>
              ) : (
                head
              )}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {figures.measurands.map(({ tag, words, unit, additive }) => (
          <tr key={tag} className={tag === chosen ? 'chosen' : undefined}>
            <th scope="row">
              <span className="row-head">
                <button
                  type="button"
                  aria-pressed={tag === chosen}
                  disabled={!additive}
                  onClick={() => onChoose(tag)}
                >
                  <Mark component={tag} />
                  <span>
                    {words} <span className="unit">{unit}</span>
                  </span>
                </button>
                {also.tags.includes(tag) && (
                  <button
                    type="button"
                    className="plain"
                    aria-label={`Without ${words}`}
                    onClick={() => also.remove(tag)}
                  >
                    <Glyph of="remove" />
                  </button>
                )}
              </span>
            </th>
            {bases.map(({ basis, head }) => {
              const figure = figureOf(figures, basis, tag);
              return (
                <td key={basis} className={basis === main ? 'main' : undefined}>
                  <Opening
                    figure={figure}
                    label={`Where ${words} ${head} comes from`}
                    onTrail={() => onTrail(basis, tag)}
                  />
                  {basis === main && (
                    <Whisker
                      figure={figure}
                      judgement={figures.judgements.find(
                        (one) => one.measurand.tag === tag && one.basis === 'AS_SERVED',
                      )}
                      colour={colourOf(tag)}
                    />
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

/** Any other figure, one click away and remembered. */
export function AnotherFigure({ figures }: { figures: Figures }) {
  const also = useAlso();
  const measurands = useQuery(queries.measurands());
  const shown = new Set(figures.measurands.map(({ tag }) => tag));
  return (
    <p className="another-figure">
      <Choice<string | null>
        aria-label="Another figure"
        variant="borderless"
        value={null}
        placeholder="another figure …"
        showSearch
        optionFilterProp="label"
        options={measurands.data?.others
          .filter(({ tag }) => !shown.has(tag))
          .map(({ tag, words, unit }) => ({ value: tag, label: `${words}, ${unit}` }))}
        onChange={(tag) => tag && also.add(tag)}
      />
    </p>
  );
}

/** Further kinds of serving of the same batch, side by side. */
export function Servings({ figures }: { figures: Figures }) {
  if (!figures.servings) return null;
  return (
    <table className="tally servings" aria-label="Other servings">
      <thead>
        <tr>
          <th scope="col">
            <span className="sr-only">serving</span>
          </th>
          {figures.measurands.map(({ tag, words, unit }) => (
            <th scope="col" key={tag}>
              {words}, {unit}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {figures.servings.map((serving, at) => (
          <tr key={at}>
            <th scope="row">
              {serving.name}{' '}
              <span className="quiet">
                {plain(serving.pieces, Number.isInteger(serving.pieces) ? 0 : 1)} pieces
                {serving.grams != null && `, ${plain(serving.grams, 0)} g`}
              </span>
            </th>
            {serving.figures.map((figure, of) => (
              <td key={of}>
                <FigureText figure={figure} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const IN_STRIP = 5;

/** The serving's figures in one line, for screens where the tally itself scrolls away. */
export function TallyStrip({ figures }: { figures: Figures }) {
  return (
    <button
      type="button"
      className="tally-strip"
      onClick={() => document.getElementById('tally-title')?.scrollIntoView({ block: 'start' })}
    >
      <span className="sr-only">To the tally: </span>
      {figures.measurands.slice(0, IN_STRIP).map(({ tag, words, unit }) => {
        const figure = mainFigure(figures, tag);
        return (
          <span key={tag}>
            <Mark component={tag} />
            <b>{figure ? <FigureText figure={figure} bare /> : '—'}</b>{' '}
            <small>{unit === 'kcal' ? unit : words}</small>
          </span>
        );
      })}
    </button>
  );
}

/** A figure that opens to its trail. */
function Opening(props: { figure: Figure | undefined; label: string; onTrail: () => void }) {
  const { figure, label, onTrail } = props;
  if (!figure) return <span className="quiet">—</span>;
  return (
    <button type="button" className="both" title={label} onClick={onTrail}>
      <FigureText figure={figure} />
    </button>
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

/** The verdicts on the chosen goals, each with its reason. */
export function Verdicts(props: {
  figures: Figures;
  /** Serves another number of pieces; absent where nothing can be changed. */
  onPieces?: (pieces: number) => void;
}) {
  const { figures, onPieces } = props;
  const promised = figures.promises.filter(({ goal }) => goal);
  if (figures.judgements.length + promised.length === 0) return null;
  return (
    <ul className="verdicts" aria-label="Verdicts">
      {figures.judgements.map((judgement) => {
        const { tag, words, unit } = judgement.measurand;
        return (
          <li key={`${tag}:${judgement.basis}`}>
            <p>
              <Mark component={tag} /> <b>{words}</b> {limitsText(judgement)} {unit}
              {BASIS_WORDS[judgement.basis]}
              {judgement.wish && <span className="quiet">, nice to have</span>}{' '}
              <Verdict judgement={judgement} />
            </p>
            <p className="reading">
              {judgement.reason} {judgement.better} {judgement.change?.words}
              {judgement.change?.pieces != null && onPieces && (
                <button
                  type="button"
                  className="text-button"
                  onClick={() => onPieces(judgement.change?.pieces ?? 1)}
                >
                  Serve {judgement.change.pieces}
                </button>
              )}
            </p>
          </li>
        );
      })}
      {promised.map((one) => (
        <li key={one.promise}>
          <p>
            <b>{one.words}</b> <Promised one={one} />
          </p>
        </li>
      ))}
    </ul>
  );
}
