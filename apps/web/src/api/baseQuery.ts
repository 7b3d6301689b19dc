import {
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import { noAnswer } from '../parts/problemOf.ts';
import { KEPT_HEADER } from './keptHeader.ts';
import { caughtUp, fellBehind } from './behindSlice.ts';

const ask = fetchBaseQuery({ baseUrl: '/api/', timeout: 15_000 });

/** Asks the server, and notes of each query whether what it shows is the server's own word of now. */
export const baseQuery: BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError> = async (
  args,
  queryApi,
  more,
) => {
  const answer = await ask(args, queryApi, more);
  const key = queryApi.queryCacheKey;
  if (key === undefined) return answer;
  const behind = answer.error ? noAnswer(answer.error) : answer.meta?.response?.headers.has(KEPT_HEADER) === true;
  queryApi.dispatch(behind ? fellBehind({ key, ...(answer.error ? { error: answer.error } : {}) }) : caughtUp(key));
  return answer;
};
