import { isIP } from 'node:net';
import type { NextFunction, Request, Response } from 'express';
import { plain } from './plain.ts';

const LOOPBACK = ['localhost', 'localhost.localdomain'];

/** The name in a Host header or an origin, without its port: "[::1]:8080" is "::1". */
function nameIn(host: string): string | undefined {
  try {
    return new URL(`http://${host}`).hostname.replace(/^\[|\]$/g, '');
  } catch {
    return undefined;
  }
}

/**
 * Only this server's own pages write or listen. A page of another site may give its own name this machine's address: it is told apart by the name it asks for
 * (Host), by where it says it comes from (Origin), and by what the browser says of it (Sec-Fetch-Site). What sends none of them, a script or a device, is let pass.
 * @param allowed names beside the loopback ones, from ALLOWED_HOSTS; numbers are always let pass, since no name was given to them
 */
export function sameOrigin(allowed: readonly string[]) {
  const names = new Set([...LOOPBACK, ...allowed.map((name) => name.toLowerCase())]);
  return (request: Request, response: Response, next: NextFunction): void => {
    const refuse = (detail: string) => {
      const problem = plain(403, 'another site', 'Not from here', detail);
      response.status(403).type('application/problem+json').send(JSON.stringify(problem));
    };
    const host = request.headers.host ?? '';
    const name = nameIn(host);
    if (name === undefined || (isIP(name) === 0 && !names.has(name)))
      return refuse(
        `This server is not known by the name “${name ?? ''}”. Set ALLOWED_HOSTS to the names it may be asked by, and start it again.`,
      );
    const writes = !['GET', 'HEAD', 'OPTIONS'].includes(request.method);
    const listens = request.path.endsWith('/live');
    if (!writes && !listens) return next();
    const site = request.headers['sec-fetch-site'];
    const origin = request.headers.origin;
    const fromElsewhere =
      (site !== undefined && site !== 'same-origin' && site !== 'none') ||
      (origin !== undefined && origin.replace(/^https?:\/\//, '') !== host);
    if (fromElsewhere)
      return refuse('Only the pages of this server may change something here. Open it at its own address.');
    next();
  };
}
