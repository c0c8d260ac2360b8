import type {
  Adjusted,
  CompareRequest,
  Draft,
  DoubtRow,
  Figures,
  Food,
  FoodCheck,
  FoodForm,
  GoalSet,
  ImportReport,
  NamedDraft,
  NewGoalSet,
  OwnConstant,
  ProposedLine,
  Recipe,
  ScaleReading,
  ShelfEntry,
  SideBySide,
  Use,
  Version,
} from './types';

/** A refusal by the server, as its problem document tells it. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly current?: Recipe,
  ) {
    super(detail);
  }
}

async function request<T>(
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
  signal?: AbortSignal,
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? headers : { 'Content-Type': 'application/json', ...headers },
      body: body === undefined ? undefined : JSON.stringify(body),
      signal,
    });
  } catch (failure) {
    if (failure instanceof DOMException && failure.name === 'AbortError') throw failure;
    throw new Problem(0, 'The application does not answer. Is it still running?');
  }
  if (!response.ok) {
    const problem = (await response.json().catch(() => ({}))) as {
      detail?: string;
      current?: Recipe;
    };
    throw new Problem(
      response.status,
      problem.detail ?? `The application answered ${response.status}.`,
      problem.current,
    );
  }
  return (response.status === 204 ? undefined : await response.json()) as T;
}

async function detailOf(response: Response): Promise<string> {
  const problem = (await response.json().catch(() => ({}))) as { detail?: string };
  return problem.detail ?? `The application answered ${response.status}.`;
}

const ifMatch = (revision: number) => ({ 'If-Match': `"${revision}"` });

export const api = {
  shelf: () => request<ShelfEntry[]>('GET', '/api/recipes'),
  recipe: (id: string) => request<Recipe>('GET', `/api/recipes/${id}`),
  start: (named: NamedDraft) => request<Recipe>('POST', '/api/recipes', named),
  remove: (id: string) => request<undefined>('DELETE', `/api/recipes/${id}`),
  save: (id: string, revision: number, named: NamedDraft) =>
    request<Recipe>('PUT', `/api/recipes/${id}/draft`, named, ifMatch(revision)),
  keep: (id: string, revision: number, reason: string) =>
    request<Version>('POST', `/api/recipes/${id}/versions`, { reason }, ifMatch(revision)),
  version: (id: string) => request<Version>('GET', `/api/versions/${id}`),
  foods: (asked: Record<string, string | undefined>) => {
    const search = new URLSearchParams({ most: '1000' });
    Object.entries(asked).forEach(([key, value]) => value && search.set(key, value));
    return request<Food[]>('GET', `/api/foods?${search.toString()}`);
  },
  checkFood: (form: FoodForm, signal?: AbortSignal) =>
    request<FoodCheck>('POST', '/api/foods/check', form, {}, signal),
  createFood: (form: FoodForm, insist: boolean) =>
    request<Food>('POST', `/api/foods?insist=${insist}`, form),
  saveFood: (id: string, revision: number, form: FoodForm, insist: boolean) =>
    request<Food>('PUT', `/api/foods/${id}?insist=${insist}`, form, ifMatch(revision)),
  /** Undefined where it is out; the food where it went back to what ships. */
  removeFood: (id: string, revision: number) =>
    request<Food | undefined>('DELETE', `/api/foods/${id}`, undefined, ifMatch(revision)),
  usesOfFood: (id: string) => request<Use[]>('GET', `/api/foods/${id}/uses`),
  usesOfPreparation: (id: string) => request<Use[]>('GET', `/api/recipes/${id}/uses`),
  bringFoods: async (csv: Blob) => {
    const response = await fetch('/api/foods/import', {
      method: 'POST',
      headers: { 'Content-Type': 'text/csv' },
      body: csv,
    });
    if (response.status !== 200 && response.status !== 422) {
      throw new Problem(response.status, await detailOf(response));
    }
    return (await response.json()) as ImportReport;
  },
  lines: (text: string, system: Draft['system']) =>
    request<ProposedLine[]>('POST', '/api/lines', { text, system }),
  convert: (draft: Draft, to: 'GRAMS' | 'KITCHEN') =>
    request<Adjusted>('POST', '/api/convert', { draft, to }),
  scaleDraft: (
    draft: Draft,
    wanted: { factor?: string; pieces?: string; batter?: string; piece?: string },
  ) =>
    request<Adjusted>('POST', '/api/scale', {
      draft,
      factor: '',
      pieces: '',
      batter: '',
      piece: '',
      ...wanted,
    }),
  doubt: () => request<DoubtRow[]>('GET', '/api/doubt'),
  changeDoubt: (way: string, shared: number, perUse: number) =>
    request<DoubtRow[]>('PUT', `/api/doubt/${way}`, { shared, perUse }),
  resetDoubt: (way?: string) =>
    request<DoubtRow[]>('DELETE', way ? `/api/doubt/${way}` : '/api/doubt'),
  weighings: () => request<OwnConstant[]>('GET', '/api/weighings'),
  keepWeighing: (line: string, foodId: string | undefined, weight: string) =>
    request<OwnConstant[]>('POST', '/api/weighings', { line, foodId, weight }),
  forgetWeighing: (id: string) => request<undefined>('DELETE', `/api/weighings/${id}`),
  scale: () => request<{ reading: ScaleReading; simulated: boolean }>('GET', '/api/kitchen-scale'),
  tare: () => request<ScaleReading>('POST', '/api/kitchen-scale/tare'),
  simulateScale: (load: number, plugged: boolean) =>
    request<ScaleReading>('POST', '/api/kitchen-scale/simulated', { load, plugged }),
  goals: () => request<GoalSet[]>('GET', '/api/goals'),
  createGoals: (set: NewGoalSet) => request<GoalSet>('POST', '/api/goals', set),
  saveGoals: (id: string, revision: number, set: NewGoalSet) =>
    request<GoalSet>('PUT', `/api/goals/${id}`, set, ifMatch(revision)),
  removeGoals: (id: string) => request<undefined>('DELETE', `/api/goals/${id}`),
  compare: (asked: CompareRequest) => request<SideBySide>('POST', '/api/compare', asked),
  figures: (draft: Draft, recipeId?: string, signal?: AbortSignal) =>
    request<Figures>(
      'POST',
      `/api/figures${recipeId ? `?recipe=${recipeId}` : ''}`,
      draft,
      {},
      signal,
    ),
};
