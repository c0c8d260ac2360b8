import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, api } from './client';
import type { paths } from './schema';
import type { Basis, CompareRequest, Draft, FoodForm, PlanRequest, Shown } from './types';

/** Foods in one answer. */
const PAGE = 50;

export type FoodsAsked = NonNullable<paths['/api/foods']['get']['parameters']['query']>;

/** Whose figures are asked about: a kept version's, or those of a draft. */
export type TrailOf = { version: string } | { draft: Draft; recipe: string };

/** What is asked of the application, each question under its key. */
export const queries = {
  shelf: () =>
    queryOptions({
      queryKey: ['shelf'],
      queryFn: ({ signal }) => answer(api.GET('/api/recipes', { signal })),
    }),

  /** How much of the demo is on the shelf; asked again until it is whole. */
  arriving: () =>
    queryOptions({
      queryKey: ['arriving'],
      queryFn: ({ signal }) => answer(api.GET('/api/demo', { signal })),
      refetchInterval: ({ state: { data } }) => (data && data.done < data.of ? 1000 : false),
    }),

  bin: () =>
    queryOptions({
      queryKey: ['bin'],
      queryFn: ({ signal }) => answer(api.GET('/api/bin', { signal })),
      staleTime: 0,
    }),

  versions: (recipe?: string) =>
    queryOptions({
      queryKey: ['versions', recipe],
      queryFn: ({ signal }) =>
        answer(api.GET('/api/versions', { params: { query: { recipe } }, signal })),
    }),

  recipe: (id: string) =>
    queryOptions({
      queryKey: ['recipe', id],
      queryFn: ({ signal }) =>
        answer(api.GET('/api/recipes/{id}', { params: { path: { id } }, signal })),
      gcTime: 0,
    }),

  version: (id: string, shown: Shown = {}) =>
    queryOptions({
      queryKey: ['version', id, shown],
      queryFn: ({ signal }) =>
        answer(api.GET('/api/versions/{id}', { params: { path: { id }, query: shown }, signal })),
      placeholderData: keepPreviousData,
      staleTime: Infinity,
    }),

  figures: (draft: Draft, recipe?: string, shown: Shown = {}, bases?: Basis[]) =>
    queryOptions({
      queryKey: ['figures', recipe, draft, shown, bases],
      queryFn: ({ signal }) =>
        answer(
          api.POST('/api/figures', {
            params: { query: { recipe, ...shown, bases } },
            body: draft,
            signal,
          }),
        ),
      placeholderData: keepPreviousData,
      gcTime: 60_000,
    }),

  trail: (of: TrailOf, basis: Basis, tag: string) =>
    queryOptions({
      queryKey: ['figures', 'trail', of, basis, tag],
      queryFn: ({ signal }) => {
        const query = { basis, of: tag };
        return 'version' in of
          ? answer(
              api.GET('/api/versions/{id}/trail', {
                params: { path: { id: of.version }, query },
                signal,
              }),
            )
          : answer(
              api.POST('/api/figures/trail', {
                params: { query: { ...query, recipe: of.recipe } },
                body: of.draft,
                signal,
              }),
            );
      },
      gcTime: 0,
    }),

  foods: (asked: FoodsAsked) =>
    infiniteQueryOptions({
      queryKey: ['foods', asked],
      queryFn: ({ pageParam, signal }) =>
        answer(
          api.GET('/api/foods', {
            params: { query: { ...asked, from: pageParam, most: PAGE } },
            signal,
          }),
        ),
      initialPageParam: 0,
      getNextPageParam: (last, pages) => {
        const shown = pages.reduce((sum, page) => sum + page.foods.length, 0);
        return shown < last.total ? shown : undefined;
      },
      placeholderData: keepPreviousData,
      staleTime: 60_000,
    }),

  food: (id: string) =>
    queryOptions({
      queryKey: ['foods', 'one', id],
      queryFn: ({ signal }) =>
        answer(api.GET('/api/foods/{id}', { params: { path: { id } }, signal })),
      retry: false,
    }),

  components: () =>
    queryOptions({
      queryKey: ['components'],
      queryFn: ({ signal }) => answer(api.GET('/api/components', { signal })),
      staleTime: Infinity,
    }),

  goals: () =>
    queryOptions({
      queryKey: ['goals'],
      queryFn: ({ signal }) => answer(api.GET('/api/goals', { signal })),
    }),

  promises: () =>
    queryOptions({
      queryKey: ['promises'],
      queryFn: ({ signal }) => answer(api.GET('/api/promises', { signal })),
      staleTime: Infinity,
    }),

  measurands: () =>
    queryOptions({
      queryKey: ['measurands'],
      queryFn: ({ signal }) => answer(api.GET('/api/measurands', { signal })),
      staleTime: Infinity,
    }),

  doubt: () =>
    queryOptions({
      queryKey: ['doubt'],
      queryFn: ({ signal }) => answer(api.GET('/api/doubt', { signal })),
    }),

  weighings: () =>
    queryOptions({
      queryKey: ['weighings'],
      queryFn: ({ signal }) => answer(api.GET('/api/weighings', { signal })),
    }),

  usesOfFood: (id: string, revision: number) =>
    queryOptions({
      queryKey: ['uses', id, revision],
      queryFn: ({ signal }) =>
        answer(api.GET('/api/foods/{id}/uses', { params: { path: { id } }, signal })),
    }),

  usesOfPreparation: (id: string, kept: number) =>
    queryOptions({
      queryKey: ['preparation-uses', id, kept],
      queryFn: ({ signal }) =>
        answer(api.GET('/api/recipes/{id}/uses', { params: { path: { id } }, signal })),
    }),

  foodCheck: (form: FoodForm) =>
    queryOptions({
      queryKey: ['food-check', form],
      queryFn: ({ signal }) => answer(api.POST('/api/foods/check', { body: form, signal })),
      placeholderData: keepPreviousData,
      retry: false,
    }),

  tools: () =>
    queryOptions({
      queryKey: ['tools'],
      queryFn: ({ signal }) => answer(api.GET('/api/tools', { signal })),
    }),

  toppingSets: () =>
    queryOptions({
      queryKey: ['topping-sets'],
      queryFn: ({ signal }) => answer(api.GET('/api/topping-sets', { signal })),
    }),

  method: (draft: Draft, recipe?: string) =>
    queryOptions({
      queryKey: ['method', recipe, draft],
      queryFn: ({ signal }) =>
        answer(api.POST('/api/method', { params: { query: { recipe } }, body: draft, signal })),
      placeholderData: keepPreviousData,
      gcTime: 60_000,
    }),

  plan: (asked: PlanRequest, recipe?: string) =>
    queryOptions({
      queryKey: ['plan', recipe, asked],
      queryFn: ({ signal }) =>
        answer(api.POST('/api/plan', { params: { query: { recipe } }, body: asked, signal })),
      placeholderData: keepPreviousData,
      retry: false,
      gcTime: 60_000,
    }),

  runs: (of: { version?: string; recipe?: string }) =>
    queryOptions({
      queryKey: ['runs', of],
      queryFn: ({ signal }) => answer(api.GET('/api/runs', { params: { query: of }, signal })),
    }),

  holds: (id: string, amount: number, added: string[]) =>
    queryOptions({
      queryKey: ['holds', id, amount, added],
      queryFn: ({ signal }) =>
        answer(
          api.GET('/api/stock/{id}/holds', {
            params: { path: { id }, query: { amount, added } },
            signal,
          }),
        ),
      placeholderData: keepPreviousData,
      gcTime: 0,
    }),

  stock: () =>
    queryOptions({
      queryKey: ['stock'],
      queryFn: ({ signal }) => answer(api.GET('/api/stock', { signal })),
    }),

  compare: (asked: CompareRequest) =>
    queryOptions({
      queryKey: ['compare', asked],
      queryFn: ({ signal }) => answer(api.POST('/api/compare', { body: asked, signal })),
      enabled: asked.items.length >= 2,
      placeholderData: (before) => (asked.items.length >= 2 ? before : undefined),
      gcTime: 0,
    }),
};
