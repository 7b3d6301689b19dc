import type { Fault, ProblemDetails } from '@kestrel-ridge/core/formats';

/** Problem details (RFC 9457) in plain words. */
export const plain = (
  status: number,
  code: string,
  title: string,
  detail: string,
  errors: readonly Fault[] = [],
): ProblemDetails => ({ type: `/problems/${code.replace(/ /g, '-')}`, title, status, detail, code, errors });
