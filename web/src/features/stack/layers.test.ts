import { describe, expect, it } from 'vitest';
import type { Figures, Row } from '../../api/types';
import { layOut, spread } from './layers';

const row = (lineId: string, station: Row['station'], value: number, share: number): Row => ({
  lineId,
  station,
  food: lineId,
  grams: 1,
  values: [value],
  u: [0],
  shares: [share],
  per100g: [0],
});

const figures = {
  components: [{ tag: 'ENERC', words: 'energy', unit: 'kcal' }],
  rows: [
    row('flour', 'BOWL', 60, 0.6),
    row('milk', 'BOWL', 20, 0.2),
    row('oil', 'PAN', 10, 0.1),
    row('syrup', 'PLATE', 10, 0.1),
  ],
} as Figures;

describe('the stack', () => {
  it('draws each band as thick as its share', () => {
    const picture = layOut(figures, 'ENERC', 2, 300, 2);
    const thick = (id: string) =>
      picture.layers.find((layer) => layer.id === id)?.bands.map((band) => band.height);
    expect(thick('flour')).toEqual([60, 60]);
    expect(thick('milk')).toEqual([20, 20]);
    expect(thick('syrup')).toEqual([20]);
    expect(picture.pieces.map((piece) => piece.height)).toEqual([90, 90]);
  });

  it('puts pan fat lowest in each piece and toppings above all', () => {
    const { layers } = layOut(figures, 'ENERC', 2, 300, 2);
    const tops = (id: string) => layers.find((layer) => layer.id === id)?.bands[0]?.top ?? 0;
    expect(tops('oil')).toBe(290);
    expect(tops('oil')).toBeGreaterThan(tops('flour'));
    expect(tops('syrup')).toBeLessThan(tops('milk'));
  });

  it('draws half a piece half as thick', () => {
    const picture = layOut(figures, 'ENERC', 1.5, 300, 2);
    expect(picture.pieces.map((piece) => Math.round(piece.height))).toEqual([120, 60]);
  });

  it('shows the same food alike in every picture', () => {
    const one = layOut(figures, 'ENERC', 1, 300, 1).layers.find((layer) => layer.id === 'milk');
    const fewer = { ...figures, rows: figures.rows.slice(1) } as Figures;
    const other = layOut(fewer, 'ENERC', 3, 200, 4).layers.find((layer) => layer.id === 'milk');
    expect(other?.look).toBe(one?.look);
  });

  it('keeps labels apart and on the picture', () => {
    const places = spread([10, 12, 14, 200, 299], 17, 300);
    for (let i = 1; i < places.length; i++) {
      expect((places[i] ?? 0) - (places[i - 1] ?? 0)).toBeGreaterThanOrEqual(17);
    }
    expect(places.at(-1)).toBeLessThanOrEqual(300);
    expect(spread([290, 295, 300], 17, 300)).toEqual([266, 283, 300]);
  });
});
