import { expect, test } from 'vitest';
import {
  counting,
  lastTold,
  leftText,
  pieces,
  stepNow,
  timers,
  withTold,
  type Morning,
} from './morning';

const begun: Morning = {
  id: 'r',
  versionId: 'v',
  startedAt: '2026-03-07T08:00:00Z',
  cook: '',
  title: 'Ember cakes',
  waffles: false,
  steps: ['mix', 'rest'],
  lines: [],
  events: [],
  told: 0,
  silenced: [],
};

test('what is undone does not count, and undoing can be undone', () => {
  let now = withTold(begun, { kind: 'PIECE' });
  now = withTold(now, { kind: 'ROUND', amount: 3 });
  expect(pieces(now.events)).toBe(4);
  const last = lastTold(now.events);
  now = withTold(now, { kind: 'UNDONE', about: last?.id });
  expect(pieces(now.events)).toBe(1);
  expect(counting(now.events)).toHaveLength(1);
  const undo = now.events.at(-1);
  now = withTold(now, { kind: 'UNDONE', about: undo?.id });
  expect(pieces(now.events)).toBe(4);
});

test('a timer goes by the clock, whatever happens to the page', () => {
  const at = new Date('2026-03-07T08:10:00Z');
  let now = withTold(begun, { kind: 'TIMER', text: 'rest', amount: 20 }, at);
  now = withTold(now, { kind: 'TIMER', text: 'turn', amount: 2 }, at);
  const again = JSON.parse(JSON.stringify(now)) as Morning;
  expect(timers(again).map((one) => one.name)).toEqual(['turn', 'rest']);
  expect(timers(again)[0]?.endsAt).toBe(at.getTime() + 120_000);
  expect(timers({ ...again, silenced: [again.events[1]?.id ?? ''] })).toHaveLength(1);
  expect(leftText(65_000)).toBe('1:05');
  expect(leftText(-12_400)).toBe('+0:12');
});

test('the step now is the one behind the last that is done', () => {
  expect(stepNow(begun.events)).toBe(0);
  expect(stepNow(withTold(begun, { kind: 'STEP_DONE', amount: 1 }).events)).toBe(2);
});
