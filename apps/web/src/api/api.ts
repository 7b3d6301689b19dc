import { writeSo } from '../parts/writes.ts';
import { createApi } from '@reduxjs/toolkit/query/react';
import type {
  CostState,
  FoodState,
  KitchenName,
  KitchenState,
  LearnedState,
  LedgerRow,
  LotState,
  MovementState,
  PastState,
  StoredRecipe,
  RevisionState,
  RunState,
  Topic,
  WeekState,
} from '@kestrel-ridge/core/formats';

import { baseQuery } from './baseQuery.ts';

/** A writing command, as every screen sends it. The key makes a repetition harmless. */
export interface SentCommand {
  readonly path: string;
  readonly method: 'POST' | 'PUT';
  readonly body: unknown;
  readonly key: string;
  readonly touches: readonly Topic[];
}

/** All that a kitchen's pages are made of. */
export const EVERYTHING = ['kitchen', 'shelf', 'recipes', 'week', 'run', 'cost'] as const satisfies readonly Topic[];

const HUT_WITHIN_MS = 180_000;

/** What the server knows, kept until a live message says that a topic has changed. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery,
  tagTypes: EVERYTHING,
  keepUnusedDataFor: 600,
  endpoints: (build) => ({
    kitchens: build.query<readonly KitchenName[], void>({ query: () => 'kitchens', providesTags: ['kitchen'] }),
    kitchen: build.query<KitchenState, string>({
      query: (kitchen) => `kitchens/${kitchen}`,
      // Before any page is drawn of it.
      transformResponse: (state: KitchenState) => {
        writeSo(state.equipment.writes);
        return state;
      },
      providesTags: ['kitchen'],
    }),
    foods: build.query<readonly FoodState[], string>({
      query: (kitchen) => `kitchens/${kitchen}/foods`,
      providesTags: ['kitchen', 'recipes'],
    }),
    lots: build.query<readonly LotState[], string>({
      query: (kitchen) => `kitchens/${kitchen}/lots`,
      providesTags: ['shelf'],
    }),
    movements: build.query<readonly MovementState[], { kitchen: string; lot: string }>({
      query: ({ kitchen, lot }) => `kitchens/${kitchen}/lots/${lot}/movements`,
      providesTags: ['shelf'],
    }),
    recipes: build.query<readonly StoredRecipe[], string>({
      query: (kitchen) => `kitchens/${kitchen}/recipes`,
      providesTags: ['recipes'],
    }),
    revisions: build.query<readonly RevisionState[], { kitchen: string; recipe: string }>({
      query: ({ kitchen, recipe }) => `kitchens/${kitchen}/recipes/${recipe}/revisions`,
      providesTags: ['recipes', 'week'],
    }),
    week: build.query<WeekState, string>({ query: (kitchen) => `kitchens/${kitchen}/week`, providesTags: ['week'] }),
    costs: build.query<CostState, string>({
      query: (kitchen) => `kitchens/${kitchen}/costs`,
      providesTags: ['cost', 'shelf'],
    }),
    ledger: build.query<readonly LedgerRow[], string>({
      query: (kitchen) => `kitchens/${kitchen}/ledger`,
      providesTags: ['shelf'],
    }),
    past: build.query<PastState, { kitchen: string; from: string; until: string }>({
      query: ({ kitchen, from, until }) => `kitchens/${kitchen}/past?from=${from}&until=${until}`,
      providesTags: ['run', 'shelf', 'week', 'cost'],
    }),
    learned: build.query<LearnedState, string>({
      query: (kitchen) => `kitchens/${kitchen}/learned`,
      providesTags: ['run'],
    }),
    run: build.query<{ run: RunState | null }, { kitchen: string; session: string }>({
      query: ({ kitchen, session }) => `kitchens/${kitchen}/sessions/${session}/run`,
      providesTags: ['run'],
    }),
    /** A hut to look round in: its id is that of the new kitchen. */
    openHut: build.mutation<{ readonly id: string }, string>({
      // Eight weeks are lived through meanwhile.
      query: (id) => ({ url: 'huts', method: 'POST', body: { id }, timeout: HUT_WITHIN_MS }),
      invalidatesTags: ['kitchen'],
    }),
    command: build.mutation<unknown, SentCommand>({
      query: ({ path, method, body, key }) => ({ url: path, method, body, headers: { 'Idempotency-Key': key } }),
      invalidatesTags: (_answer, error, { touches }) => (error ? [] : [...touches]),
    }),
  }),
});

export const {
  useKitchensQuery,
  useKitchenQuery,
  useFoodsQuery,
  useLotsQuery,
  useMovementsQuery,
  useRecipesQuery,
  useRevisionsQuery,
  useWeekQuery,
  useCostsQuery,
  useLazyLedgerQuery,
  useLearnedQuery,
  usePastQuery,
  useRunQuery,
  useCommandMutation,
  useOpenHutMutation,
} = api;
