import { expect, test } from 'vitest';
import { clockText, minutesOf } from './clock';

test('times of a day go over into minutes and back', () => {
  for (const [text, minutes] of [
    ['0:00', 0],
    ['8:05', 485],
    ['23:59', 1439],
  ] as const) {
    expect(minutesOf(text)).toBe(minutes);
    expect(clockText(minutes)).toBe(text);
  }
  expect(minutesOf(' 9 ')).toBe(540);
  expect(minutesOf('7.30')).toBe(450);
  expect(minutesOf('24:00')).toBeUndefined();
  expect(minutesOf('nine')).toBeUndefined();
  expect(clockText(-15)).toBe('23:45');
  expect(clockText(1450.7)).toBe('0:10');
});
