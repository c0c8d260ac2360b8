import type { Shown } from '../api/types';
import { useRemembered } from './remembered';

export type Energy = NonNullable<Shown['energy']>;
export type Carbohydrate = NonNullable<Shown['carbohydrate']>;

const ALSO = 'also-shown';
const ENERGY: Energy[] = ['TABLES', 'GENERAL', 'EU'];
const CARBOHYDRATE: Carbohydrate[] = ['TOTAL', 'AVAILABLE', 'NET'];

/** Which figures are shown beside the tally's own, by tag, remembered, and how to change that. */
export function useAlso() {
  const [text, store] = useRemembered(ALSO, '');
  const tags = text.split(' ').filter(Boolean);
  const keep = (now: string[]) => store(now.join(' '));
  return {
    tags,
    add: (tag: string) => keep([...tags.filter((one) => one !== tag), tag]),
    remove: (tag: string) => keep(tags.filter((one) => one !== tag)),
  };
}

/** How energy and carbohydrate are counted, remembered, and how to change that. */
export function useSchool() {
  const [energy, setEnergy] = useRemembered('energy-school', 'TABLES');
  const [carbohydrate, setCarbohydrate] = useRemembered('carbohydrate-school', 'TOTAL');
  return {
    energy: ENERGY.find((one) => one === energy) ?? 'TABLES',
    carbohydrate: CARBOHYDRATE.find((one) => one === carbohydrate) ?? 'TOTAL',
    setEnergy,
    setCarbohydrate,
  };
}

/** The tag of the figure that is drawn, remembered. */
export function usePictured() {
  return useRemembered('pictured', 'ENERC');
}

/** What to ask figures with. */
export function useShown(): Shown {
  const { tags } = useAlso();
  const { energy, carbohydrate } = useSchool();
  return {
    ...(tags.length > 0 && { also: tags }),
    ...(energy !== 'TABLES' && { energy }),
    ...(carbohydrate !== 'TOTAL' && { carbohydrate }),
  };
}

/** The same at the end of an address; empty, or it begins with "&". */
export function addressOf({ also, energy, carbohydrate, pictured }: Shown): string {
  const all = new URLSearchParams([
    ...(also ?? []).map((tag) => ['also', tag]),
    ...(energy ? [['energy', energy]] : []),
    ...(carbohydrate ? [['carbohydrate', carbohydrate]] : []),
    ...(pictured ?? []).map((tag) => ['pictured', tag]),
  ]).toString();
  return all && `&${all}`;
}
