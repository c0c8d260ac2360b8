import type {
  CompareRequest,
  Draft,
  Figures,
  Food,
  GoalSet,
  NamedDraft,
  NewGoalSet,
  Recipe,
  ShelfEntry,
  SideBySide,
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
  foods: (query: string, role: Food['role'] | undefined) =>
    request<Food[]>(
      'GET',
      `/api/foods?most=1000&query=${encodeURIComponent(query)}${role ? `&role=${role}` : ''}`,
    ),
  goals: () => request<GoalSet[]>('GET', '/api/goals'),
  createGoals: (set: NewGoalSet) => request<GoalSet>('POST', '/api/goals', set),
  saveGoals: (id: string, revision: number, set: NewGoalSet) =>
    request<GoalSet>('PUT', `/api/goals/${id}`, set, ifMatch(revision)),
  removeGoals: (id: string) => request<undefined>('DELETE', `/api/goals/${id}`),
  compare: (asked: CompareRequest) => request<SideBySide>('POST', '/api/compare', asked),
  figures: (draft: Draft, signal?: AbortSignal) =>
    request<Figures>('POST', '/api/figures', draft, {}, signal),
};
