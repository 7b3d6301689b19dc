import type { Fault, ProblemDetails } from '@kestrel-ridge/core/formats';
import { Fraction, ofBase, show, type BaseUnit } from '@kestrel-ridge/core/quantity';
import { HttpException } from '@nestjs/common';

/** A refusal that a cook may meet. A closed set: each has its status and its title (RFC 9457). */
export type Refusal =
  | { readonly code: 'invalid'; readonly faults: readonly Fault[] }
  | { readonly code: 'not found'; readonly what: string }
  | { readonly code: 'stale'; readonly what: string; readonly now: unknown }
  | {
      readonly code: 'short';
      readonly missing: readonly { readonly food: string; readonly amount: string; readonly unit: BaseUnit }[];
    }
  | { readonly code: 'key reused' }
  | { readonly code: 'not now'; readonly detail: string; readonly remedy: string };

/** As every page writes an amount. */
const amountOf = ({ amount, unit }: { readonly amount: string; readonly unit: BaseUnit }): string =>
  show(ofBase(unit, new Fraction(amount)));

/** The HTTP form of a refusal: problem details. */
export function problemOf(refusal: Refusal): ProblemDetails {
  const made = (status: number, title: string, detail: string, errors: readonly Fault[] = []): ProblemDetails => ({
    type: `/problems/${refusal.code.replace(/ /g, '-')}`,
    title,
    status,
    detail,
    code: refusal.code,
    errors,
  });
  switch (refusal.code) {
    case 'invalid':
      return made(
        422,
        'Something is not right yet',
        refusal.faults.map((f) => `${f.fault} ${f.remedy}`).join(' '),
        refusal.faults,
      );
    case 'not found':
      return made(
        404,
        'Not here',
        `There is no such ${refusal.what} in this kitchen. Go back and choose one that is listed.`,
      );
    case 'stale':
      return {
        ...made(
          409,
          'Changed meanwhile',
          `Somebody changed this ${refusal.what} after you opened it. Look at what it is now and decide again.`,
        ),
        now: refusal.now,
      };
    case 'short':
      return made(
        422,
        'Not enough on the shelf',
        refusal.missing.map((m) => `${m.food}: ${amountOf(m)} missing.`).join(' '),
        refusal.missing.map((m) => ({
          field: m.food,
          fault: `${amountOf(m)} missing`,
          remedy: 'Correct the shelf, or take what is there.',
        })),
      );
    case 'key reused':
      return made(
        422,
        'This key was used for something else',
        'An Idempotency-Key names one command. Make a new key for a new command.',
      );
    case 'not now':
      return made(409, 'Not now', `${refusal.detail} ${refusal.remedy}`);
    default:
      return refusal satisfies never;
  }
}

export class ProblemException extends HttpException {
  constructor(readonly problem: ProblemDetails) {
    super(problem, problem.status);
  }
}

export const refuse = (refusal: Refusal) => new ProblemException(problemOf(refusal));
