import { describe, expect, it } from 'vitest';
import { decimals, percent, plain, rangeText, valueText } from './numbers';

const range = (value: number, u: number) => ({
  value,
  u,
  low: Math.max(0, value - 2 * u),
  high: value + 2 * u,
});

describe('numbers', () => {
  it('show no more decimals than the uncertainty bears', () => {
    expect(decimals(517, 24)).toBe(0);
    expect(decimals(18.4, 0.85)).toBe(1);
    expect(decimals(2.64, 0.02)).toBe(2);
    expect(decimals(300, 0.01)).toBe(0);
  });

  it('write value and range alike', () => {
    expect(valueText(range(18.42, 0.85))).toBe('18.4');
    expect(rangeText(range(18.42, 0.85))).toBe('16.7–20.1');
    expect(rangeText(range(3, 2))).toBe('0–7');
  });

  it('never group thousands or say nothing of something', () => {
    expect(plain(1284.4, 0)).toBe('1284');
    expect(percent(0.004)).toBe('under 1 %');
    expect(percent(0)).toBe('0 %');
    expect(percent(0.294)).toBe('29 %');
  });
});
