import type { Basis, Figures } from '../../api/types';
import { useRemembered } from '../../ui/remembered';

export interface Column {
  basis: Basis;
  head: string;
}

const ALWAYS: Column[] = [
  { basis: 'AS_SERVED', head: 'as served' },
  { basis: 'PER_PIECE', head: 'per piece' },
];
const CHOICE: Column[] = [
  { basis: 'PER_100G_RAW', head: '100 g raw' },
  { basis: 'PER_100G_COOKED', head: '100 g cooked' },
  { basis: 'WHOLE_BATCH', head: 'all of it' },
];
const DONE: Column[] = [
  { basis: 'PER_100G_RAW', head: '100 g raw' },
  { basis: 'PER_100G_FINISHED', head: '100 g done' },
];

/** What the last column is of, remembered from visit to visit. */
function useLastColumn() {
  const [word, choose] = useRemembered('tally-basis', 'PER_100G_RAW');
  const basis = CHOICE.find((one) => one.basis === word)?.basis ?? 'PER_100G_RAW';
  return [basis, choose] as const;
}

/** The bases that the tally needs, whatever is on the bench. */
export function useShownBases(): Basis[] {
  const [last] = useLastColumn();
  const shown = [...ALWAYS, ...DONE].map(({ basis }) => basis);
  return shown.includes(last) ? shown : [...shown, last];
}

/** The tally's columns; the last one is one of several. */
export function useColumns(figures: Figures) {
  const [chosen, choose] = useLastColumn();
  if (figures.offered.includes('PER_100G_FINISHED')) {
    return { bases: DONE, last: undefined, choices: [], choose };
  }
  const choices = CHOICE.filter(
    ({ basis }) => basis === 'PER_100G_RAW' || figures.offered.includes(basis),
  );
  const last = choices.find(({ basis }) => basis === chosen) ?? choices[0];
  return { bases: last ? [...ALWAYS, last] : ALWAYS, last, choices, choose };
}
