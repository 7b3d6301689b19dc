import { randomUUID } from 'node:crypto';
import type { NextFunction, Request, Response } from 'express';
import { inTime } from './clock.ts';

const HEADER = 'x-lived-at';
/** Known to this process alone: nobody outside says what time it is. */
const WORD = randomUUID();

/** Headers of a request that this process sends to itself, to be done as if it were another moment. */
export const livedAt = (at: Date | undefined): Readonly<Record<string, string>> =>
  at ? { [HEADER]: `${WORD} ${at.getTime()}` } : {};

/** Lets a request of this process's own be done in the time it names; of all others the header means nothing. */
export function anotherTime(request: Request, _response: Response, next: NextFunction): void {
  const [word, ms] = (request.header(HEADER) ?? '').split(' ');
  if (word !== WORD || !Number.isSafeInteger(Number(ms))) next();
  else inTime(new Date(Number(ms)), next);
}
