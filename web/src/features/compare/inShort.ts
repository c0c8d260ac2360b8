import type { Basis, SideBySide } from '../../api/types';
import { decimals, plain } from '../../ui/numbers';

/** The answer in one sentence or two: which side meets the goals, and how the chosen figure differs. */
export function inShort(answer: SideBySide, basis: Basis, chosen: string): string {
  const best = goals(answer);
  const differs = difference(answer, basis, chosen, best?.side);
  return [best?.words, differs].filter(Boolean).join(' ');
}

const SURE = ['MET', 'LIKELY_MET'];

function goals({ sides }: SideBySide) {
  const musts = ({ figures }: SideBySide['sides'][number]) => [
    ...figures.judgements.filter(({ wish }) => !wish),
    ...figures.promises.filter(({ goal }) => goal).map(promised),
  ];
  const all = sides[0] ? musts(sides[0]).length : 0;
  if (all === 0) return undefined;
  const rated = sides.map(musts).map((judgements, side) => ({
    side,
    met: judgements.filter(({ verdict }) => SURE.includes(verdict)).length,
    surely: judgements.filter(({ verdict }) => verdict === 'MET').length,
    least: Math.min(...judgements.map(({ probability }) => probability)),
  }));
  const order = rated.toSorted(
    (a, b) => b.met - a.met || b.surely - a.surely || b.least - a.least || a.side - b.side,
  );
  const [first, second] = order;
  if (!first) return undefined;
  if (first.met === 0) return { side: undefined, words: 'No side is likely to meet a goal.' };
  const meets =
    first.met === all ? (all === 1 ? 'the goal' : `all ${all} goals`) : of(first.met, all);
  const others = order.filter((one) => one.met === first.met && one.side !== first.side);
  const how = others.length > 0 && second && first.least > second.least ? ', most surely' : '';
  const too =
    others.length > 0 && how
      ? `; ${others
          .map(({ side }) => letter(side))
          .sort()
          .join(' and ')} likely ${others.length > 1 ? 'do' : 'does'} too`
      : '';
  return { side: first.side, words: `${letter(first.side)} meets ${meets}${how}${too}.` };
}

/** A promise that is a goal, as sure as a fact. */
function promised({ standing }: SideBySide['sides'][number]['figures']['promises'][number]) {
  const met = standing === 'YES';
  return { verdict: met ? 'MET' : 'MISSED', probability: met ? 1 : 0 };
}

function of(met: number, all: number) {
  return `${met} of ${all} goals`;
}

/** The best side against the first; without goals, the one that differs most. */
function difference(answer: SideBySide, basis: Basis, chosen: string, best: number | undefined) {
  const measurand = answer.sides[0]?.figures.measurands.find(({ tag }) => tag === chosen);
  const found = answer.against
    .map(({ side, differences }) => ({
      side,
      one: differences.find((d) => d.basis === basis && d.measurand === chosen),
    }))
    .filter(({ one }) => one !== undefined);
  const { side, one } =
    found.find((other) => other.side === best) ??
    found.toSorted((a, b) => Math.abs(b.one?.value ?? 0) - Math.abs(a.one?.value ?? 0))[0] ??
    {};
  if (!measurand || side === undefined || !one) return undefined;
  const which = `${measurand.words}${basis === 'PER_PIECE' ? ' a piece' : ''}`;
  if (one.bound !== 'COMPLETE')
    return `How ${letter(side)} differs from A in ${which} is not known: something is missing from the numbers.`;
  if (!one.real) return `In ${which}, ${letter(side)} and A cannot be told apart.`;
  const size = plain(Math.abs(one.value), decimals(Math.abs(one.value), one.u / 3));
  const cause = one.causes.toSorted((a, b) => Math.abs(b.effect) - Math.abs(a.effect))[0];
  const why = cause ? `, mostly from this: ${cause.words}` : '';
  return `${letter(side)} has ${size} ${measurand.unit} ${one.value < 0 ? 'less' : 'more'} ${which} than A${why}.`;
}

function letter(side: number): string {
  return String.fromCharCode(65 + side);
}
