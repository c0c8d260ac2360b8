import type { Figures, Line, Part } from '../../api/types';
import { lineOf } from '../../ui/figures';

/** One ingredient of the picture, with the bands that it fills. */
export interface Layer {
  id: string;
  name: string;
  value: number;
  share: number;
  topping: boolean;
  /** Which texture and tint; the same food looks the same in every picture. */
  look: number;
  bands: { top: number; height: number; piece: number }[];
}

export interface Picture {
  layers: Layer[];
  pieces: { top: number; height: number }[];
  top: number;
}

const GAP = 3;

/**
 * Lays a serving out as a stack, from the plate up: each piece holds the same strata, pan fat
 * lowest, and the toppings lie above. A band is as thick as its share of the chosen component.
 *
 * @param tag the component's
 * @param bottom y of the plate
 * @param scale pixels for one unit of the component
 */
export function layOut(
  figures: Figures,
  tag: string,
  pieces: number,
  bottom: number,
  scale: number,
): Picture {
  const at = figures.pictured.indexOf(tag);
  const layer = (part: Part): Layer => {
    const { id, station, food } = lineOf(figures, part);
    const name = food ?? '';
    return {
      id,
      name: station === 'PAN' ? `${name}, from the pan` : name,
      value: part.values[at] ?? 0,
      share: part.shares[at] ?? 0,
      topping: station === 'PLATE',
      look: lookOf(name),
      bands: [],
    };
  };
  const from = (station: Line['station']) =>
    figures.parts.filter((part) => lineOf(figures, part).station === station).map(layer);
  const pan = from('PAN');
  const bowl = from('BOWL');
  const toppings = from('PLATE');
  const strata = [...pan, ...bowl];
  const outlines: Picture['pieces'] = [];
  let y = bottom;
  for (let piece = 0; piece < Math.ceil(pieces); piece++) {
    const part = Math.min(1, pieces - piece) / pieces;
    const base = y;
    for (const stratum of strata) {
      const height = stratum.value * part * scale;
      y -= height;
      stratum.bands.push({ top: y, height, piece });
    }
    outlines.push({ top: y, height: base - y });
    y -= GAP;
  }
  for (const topping of toppings) {
    const height = topping.value * scale;
    y -= height;
    topping.bands.push({ top: y, height, piece: -1 });
    y -= 1;
  }
  return { layers: [...strata, ...toppings], pieces: outlines, top: y };
}

function lookOf(food: string): number {
  let hash = 7;
  for (const character of food) hash = (hash * 31 + character.charCodeAt(0)) % 9973;
  return hash;
}

/** Room for labels beside the stack: each as near to its wish as its neighbours allow. */
export function spread(wishes: number[], least: number, bottom: number): number[] {
  const places = [...wishes];
  for (let i = 1; i < places.length; i++) {
    places[i] = Math.max(places[i] ?? 0, (places[i - 1] ?? 0) + least);
  }
  let limit = bottom;
  for (let i = places.length - 1; i >= 0; i--) {
    places[i] = Math.min(places[i] ?? 0, limit);
    limit = (places[i] ?? 0) - least;
  }
  return places;
}
