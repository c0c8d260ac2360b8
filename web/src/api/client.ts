import createClient, { type Middleware } from 'openapi-fetch';
import type { paths } from './schema';
import { sendSurely } from './sendSurely';
import type { Food, Recipe } from './types';

/** A refusal by the server, as its problem document tells it. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    /** What is stored now, where somebody else saved in between. */
    readonly current?: Recipe | Food,
  ) {
    super(detail);
  }
}

/** Problem documents become refusals, in the server's own words; other answers go through. */
const refusals: Middleware = {
  async onResponse({ response }) {
    const type = response.headers.get('Content-Type') ?? '';
    if (response.ok || type.startsWith('application/json')) return undefined;
    const problem = (await response.json().catch(() => ({}))) as {
      detail?: string;
      current?: Recipe | Food;
    };
    throw new Problem(
      response.status,
      problem.detail ?? `The application answered ${response.status}.`,
      problem.current,
    );
  },
  onError({ error }) {
    if (error instanceof DOMException && error.name === 'AbortError') return undefined;
    return new Problem(0, 'The application does not answer. Is it still running?');
  },
};

/** The application, as its contract describes it. */
export const api = createClient<paths>({ baseUrl: '', fetch: sendSurely });
api.use(refusals);

/** What was answered; refusals were thrown before. */
export async function answer<Data>(asked: Promise<{ data?: Data }>): Promise<Data> {
  return (await asked).data as Data;
}

export const ifMatch = (revision: number) => ({ 'If-Match': `"${revision}"` });
