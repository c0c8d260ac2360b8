import { describe, expect, it } from 'vitest';
import type { Figures } from '../../api/types';
import { layOut, spread } from './layers';

const lines = [
  ['flour', 'BOWL', 60],
  ['milk', 'BOWL', 20],
  ['oil', 'PAN', 10],
  ['syrup', 'PLATE', 10],
] as const;

const figures = {
  pictured: ['ENERC'],
  measurands: [{ tag: 'ENERC', words: 'energy', unit: 'kcal', additive: true }],
  lines: lines.map(([id, station]) => ({ id, station, food: id })),
  parts: lines.map(([, , value], line) => ({ line, values: [value], shares: [value / 100] })),
} as unknown as Figures;

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
    const fewer = { ...figures, parts: figures.parts.slice(1) } as Figures;
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
