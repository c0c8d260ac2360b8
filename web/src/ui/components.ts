/** One colour and one mark for each component, the same on every page; never the only sign. */
const LOOK: Partial<Record<string, { colour: string; mark: string }>> = {
  ENERC: { colour: 'var(--energy)', mark: 'M2 8 8 2l6 6-6 6z' },
  PROCNT: { colour: 'var(--protein)', mark: 'M3 3h10v10H3z' },
  CHOCDF: { colour: 'var(--carbohydrate)', mark: 'M8 2a6 6 0 1 1 0 12A6 6 0 0 1 8 2z' },
  FIBTG: { colour: 'var(--fibre)', mark: 'M2 3h12v3H2zm0 7h12v3H2z' },
  FAT: { colour: 'var(--fat)', mark: 'M8 2l6 11H2z' },
};

/** Energy is energy and carbohydrate carbohydrate, however they are counted. */
const COUNTED: Partial<Record<string, string>> = {
  ENERGY_GENERAL: 'ENERC',
  ENERGY_EU: 'ENERC',
  CARBOHYDRATE_AVAILABLE: 'CHOCDF',
  CARBOHYDRATE_NET: 'CHOCDF',
};

export function lookOf(component: string) {
  return LOOK[COUNTED[component] ?? component];
}

export function colourOf(component: string): string {
  return lookOf(component)?.colour ?? 'var(--ink)';
}
