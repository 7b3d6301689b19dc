import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { ConnectionError } from 'sequelize';
import type { ProblemDetails } from '@kestrel-ridge/core/formats';
import { databaseError, problemOfData } from './dataFaults.ts';
import { plain } from './plain.ts';
import { ProblemException } from './problem.ts';

/** Everything that goes wrong leaves as problem details (RFC 9457); what is our own fault is logged here and never told in detail. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('Problem');

  catch(thrown: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const problem = this.problemOf(thrown);
    if (problem.status >= 500)
      this.logger.error(
        thrown instanceof Error
          ? `${thrown.message || String((thrown as { parent?: unknown }).parent)}\n${thrown.stack ?? ''}`
          : thrown,
      );
    if (response.headersSent) return;
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  }

  private problemOf(thrown: unknown): ProblemDetails {
    if (thrown instanceof ProblemException) return thrown.problem;
    if (isTooLarge(thrown))
      return plain(
        413,
        'too large',
        'Too much at once',
        'The request is larger than this server takes. Send less at once.',
      );
    if (isBrokenJson(thrown))
      return plain(400, 'unreadable', 'Not readable', 'The request is not valid JSON. Check its brackets and quotes.');
    if (thrown instanceof HttpException) {
      const status = thrown.getStatus();
      if (status === 404)
        return plain(
          404,
          'not found',
          'Not here',
          'Nothing answers at this address. The addresses are listed at /api/docs.',
        );
      return plain(status, 'refused', 'Refused', thrown.message);
    }
    const ofData = problemOfData(thrown);
    if (ofData) return ofData;
    if (thrown instanceof ConnectionError || isGone(thrown))
      return plain(
        503,
        'database away',
        'The database does not answer',
        'Nothing was changed. Wait a moment and try again; if it stays away, start the server again.',
      );
    return plain(
      500,
      'our fault',
      'Something broke on our side',
      'Nothing was changed. Try again; if it happens again, look into the server’s log.',
    );
  }
}

/** PostgreSQL class 57P: the server is shutting down or starting; 08: the line is lost; 3D000: the database is not there; ECONN…: nothing listens. */
const isGone = (thrown: unknown): boolean =>
  /^(57P0|08|3D000|ECONN)/.test(databaseError(thrown)?.code ?? '') ||
  (thrown instanceof Error && /Connection terminated|ECONNREFUSED|shutting down/.test(thrown.message));
const isTooLarge = (thrown: unknown): boolean => (thrown as { type?: string } | undefined)?.type === 'entity.too.large';
const isBrokenJson = (thrown: unknown): boolean =>
  (thrown as { type?: string } | undefined)?.type === 'entity.parse.failed' ||
  (thrown instanceof HttpException && thrown.getStatus() === 400 && /JSON/.test(thrown.message));
