import type { Milliseconds } from '@kestrel-ridge/core/quantity';
import type { NextFunction, Request, Response } from 'express';
import { plain } from './plain.ts';

/**
 * Cuts off whoever sends a body drop by drop: each holds a connection, and a few hundred of them would hold the server. What a kitchen sends is there in a moment, even
 * over a poor line.
 */
export const slowBodies =
  (most: Milliseconds) =>
  (request: Request, response: Response, next: NextFunction): void => {
    const timer = setTimeout(() => {
      if (request.complete) return;
      const problem = plain(
        408,
        'too slow',
        'It took too long to arrive',
        'Nothing was changed. Look at the line to the server, and send it again.',
      );
      response.status(408).set('Connection', 'close').type('application/problem+json').send(JSON.stringify(problem));
      response.once('finish', () => request.destroy());
    }, most);
    const over = () => clearTimeout(timer);
    request.once('end', over);
    request.once('close', over);
    next();
  };
