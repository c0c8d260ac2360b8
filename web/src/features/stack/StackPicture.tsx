import { useId, useState } from 'react';
import type { Draft, Figures } from '../../api/types';
import { colourOf } from '../../ui/components';
import { figureOf } from '../../ui/figures';
import { FigureText } from '../../ui/FigureText';
import { percent, plain } from '../../ui/numbers';
import { SavePicture } from '../../ui/SavePicture';
import { layOut, spread, type Layer } from './layers';

const WIDTH = 400;
const STACK = { left: 8, width: 176 };
const LABELS = STACK.left + STACK.width + 34;
const MOST_LABELS = 10;
const LEAST_LABELLED = 0.02;
const TINTS = [1, 0.62, 0.82, 0.46, 0.72, 0.54];

/**
 * One serving as a stack: every pancake or waffle and every topping a layer as thick as its share of
 * the chosen component, ingredients as strata inside.
 */
export function StackPicture(props: {
  figures: Figures;
  /** Which of the tally's figures is drawn. */
  tag: string;
  pieces: number;
  kind: Draft['kind'];
  height?: number;
  /** The component's amount that fills the height; set it to compare two pictures. */
  full?: number;
  bare?: boolean;
  /** Layers that are marked, by the name of their food. */
  marked?: Set<string>;
}) {
  const { figures, tag, pieces, kind, height = 272, bare = false } = props;
  const clip = useId();
  const [pointed, setPointed] = useState<string>();
  const served = figureOf(figures, 'AS_SERVED', tag);
  const words = figures.measurands.find((one) => one.tag === tag);
  if (!served || !words || figures.parts.length === 0) return null;
  const bottom = height - 16;
  const room = bottom - 14 - 3 * Math.ceil(pieces);
  const full = props.full ?? served.value;
  const picture = layOut(figures, tag, pieces, bottom, full > 0 ? Math.max(20, room) / full : 0);
  const labelled = picture.layers
    .filter((layer) => layer.share >= LEAST_LABELLED)
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_LABELS)
    .sort((a, b) => middle(a) - middle(b));
  const places = spread(labelled.map(middle), 17, bottom);
  const rest = picture.layers.filter((layer) => layer.value > 0 && !labelled.includes(layer));
  const shown = picture.layers.find((layer) => layer.id === pointed);
  const colour = colourOf(tag);
  return (
    <figure className={`stack ${bare ? 'bare' : ''}`}>
      <svg
        viewBox={`0 0 ${bare ? STACK.width + 16 : WIDTH} ${height}`}
        role="group"
        aria-label={`One serving drawn by its ${words.words}`}
      >
        <Patterns id={clip} />
        <defs>
          <clipPath id={`${clip}c`}>
            {picture.pieces.map((piece, index) => (
              <rect
                key={index}
                x={STACK.left}
                width={STACK.width}
                y={piece.top}
                height={piece.height}
                rx={kind === 'WAFFLE' ? 3 : Math.min(14, piece.height / 2)}
              />
            ))}
          </clipPath>
        </defs>
        <ellipse
          cx={STACK.left + STACK.width / 2}
          cy={bottom + 6}
          rx={STACK.width / 2 + 6}
          ry="6"
          className="dish"
        />
        {picture.layers.map((layer) => (
          <g
            key={layer.id}
            tabIndex={bare || layer.value === 0 ? undefined : 0}
            role="img"
            aria-label={describe(layer, words.unit)}
            className={classOf(pointed === layer.id, props.marked?.has(foodOf(layer)) === true)}
            clipPath={layer.topping ? undefined : `url(#${clip}c)`}
            onMouseEnter={() => setPointed(layer.id)}
            onMouseLeave={() => setPointed(undefined)}
            onFocus={() => setPointed(layer.id)}
            onBlur={() => setPointed(undefined)}
          >
            {layer.bands.map((band, piece) => {
              const box = {
                x: STACK.left + (layer.topping ? 14 : 0),
                width: STACK.width - (layer.topping ? 28 : 0),
                y: band.top,
                height: band.height,
                rx: layer.topping ? Math.min(6, band.height / 2) : 0,
              };
              return (
                <g key={piece}>
                  <rect {...box} className="ground" />
                  <rect {...box} fill={colour} opacity={TINTS[(layer.look >> 2) % TINTS.length]} />
                  <rect {...box} fill={`url(#${clip}p${layer.look % 4})`} className="edge" />
                </g>
              );
            })}
          </g>
        ))}
        {kind === 'WAFFLE' && <Irons pieces={picture.pieces} />}
        {!bare &&
          labelled.map((layer, index) => {
            const y = places[index] ?? 0;
            const edge = STACK.left + STACK.width - (layer.topping ? 14 : 0);
            return (
              <g
                key={layer.id}
                className={pointed === layer.id ? 'label pointed' : 'label'}
                aria-hidden="true"
              >
                <path d={`M${edge + 2} ${middle(layer)}L${LABELS - 16} ${y}H${LABELS - 6}`} />
                <text x={LABELS} y={y + 4}>
                  <tspan className="share">{percent(layer.share)}</tspan> {shortened(layer.name)}
                </text>
              </g>
            );
          })}
      </svg>
      {!bare && (
        <figcaption>
          {shown ? (
            describe(shown, words.unit)
          ) : (
            <>
              Thickness is {words.words}: the whole stack is{' '}
              <FigureText bare figure={served} unit={words.unit} />.
              {rest.length > 0 &&
                ` Too thin to label: ${shortList(rest.map((layer) => layer.name))}.`}{' '}
              <SavePicture name={`serving by ${words.words}`} />
            </>
          )}
        </figcaption>
      )}
    </figure>
  );
}

function classOf(pointed: boolean, marked: boolean): string {
  return ['band', pointed && 'pointed', marked && 'marked'].filter(Boolean).join(' ');
}

/** The name of a layer's food, wherever it went in. */
function foodOf(layer: Layer): string {
  return layer.name.replace(/, from the pan$/, '');
}

/** Where a layer's label points: its topmost band. */
function middle(layer: Layer): number {
  const band = layer.bands.at(-1);
  return band ? band.top + band.height / 2 : 0;
}

const MOST_NAMED = 5;

function shortList(names: string[]): string {
  const more = names.length - MOST_NAMED;
  return more > 1 ? `${names.slice(0, MOST_NAMED).join('; ')} and ${more} more` : names.join('; ');
}

function describe(layer: Layer, unit: string): string {
  return `${layer.name}: ${plain(layer.value, layer.value < 20 ? 1 : 0)} ${unit}, ${percent(layer.share)} of the serving`;
}

function shortened(name: string): string {
  return name.length > 25 ? `${name.slice(0, 24)}…` : name;
}

/** Four textures, so that neighbours differ without colour. */
function Patterns({ id }: { id: string }) {
  const grain = { width: 8, height: 8, patternUnits: 'userSpaceOnUse' as const };
  return (
    <defs className="grain">
      <pattern id={`${id}p0`} {...grain} />
      <pattern id={`${id}p1`} {...grain}>
        <circle cx="2" cy="2" r="0.9" />
        <circle cx="6" cy="6" r="0.9" />
      </pattern>
      <pattern id={`${id}p2`} {...grain}>
        <path d="M0 8L8 0" />
      </pattern>
      <pattern id={`${id}p3`} {...grain}>
        <path d="M0 2h5M3 6h5" />
      </pattern>
    </defs>
  );
}

/** The dents of the iron along the upper edge of each waffle. */
function Irons({ pieces }: { pieces: { top: number; height: number }[] }) {
  return (
    <g className="irons" aria-hidden="true">
      {pieces.map((piece, index) =>
        piece.height < 8
          ? null
          : Array.from({ length: 7 }, (_, dent) => (
              <rect
                key={`${index}-${dent}`}
                x={STACK.left + 9 + dent * 24}
                y={piece.top - 1}
                width="14"
                height={Math.min(5, piece.height / 4)}
                rx="1.5"
              />
            )),
      )}
    </g>
  );
}
