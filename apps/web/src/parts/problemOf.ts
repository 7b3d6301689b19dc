import type { ProblemDetails } from '@kestrel-ridge/core/formats';

/** What went wrong, in words that say what to do; also when the server is not there to say it. */
export function problemOf(error: unknown): ProblemDetails {
  const { status, data } = (error ?? {}) as { status?: unknown; data?: unknown };
  if (isProblem(data)) return data;
  if (isProblem(fromText(data))) return fromText(data) as ProblemDetails;
  if (status === 'FETCH_ERROR' || status === 'TIMEOUT_ERROR')
    return {
      type: '/problems/away',
      code: 'away',
      status: 0,
      title: 'The server does not answer',
      detail:
        'Check that Kestrel Ridge is running and that this device reaches it. What is shown is what was last known.',
      errors: [],
    };
  return {
    type: '/problems/unknown',
    code: 'unknown',
    status: typeof status === 'number' ? status : 0,
    title: 'Something went wrong',
    detail: 'It was not done. Reload the page and try again; if it stays, the server’s log says more.',
    errors: [],
  };
}

/** No server, a proxy in its place, or one without its database: nobody has answered. */
export const noAnswer = (error: unknown): boolean => [0, 502, 503, 504].includes(problemOf(error).status);

const isProblem = (data: unknown): data is ProblemDetails =>
  typeof data === 'object' && data !== null && 'code' in data && 'detail' in data;

function fromText(data: unknown): unknown {
  if (typeof data !== 'string') return undefined;
  try {
    return JSON.parse(data);
  } catch {
    return undefined;
  }
}
