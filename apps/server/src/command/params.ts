import { createParamDecorator, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import { refuse } from '../problem/problem.ts';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

const request = (context: ExecutionContext) => context.switchToHttp().getRequest<Request>();

function uuidParam(name: string, what: string) {
  return (_: unknown, context: ExecutionContext): string => {
    const value = request(context).params[name];
    if (typeof value === 'string' && UUID.test(value)) return value;
    throw refuse({ code: 'not found', what });
  };
}

/** The kitchen named in the address. */
export const InKitchen = createParamDecorator(uuidParam('kitchen', 'kitchen'));
/** The thing named in the address. */
export const ItsId = createParamDecorator(uuidParam('id', 'thing'));

/** The client's key for this command, from the header Idempotency-Key. */
export const CommandKey = createParamDecorator((_: unknown, context: ExecutionContext): string => {
  const value = request(context).header('idempotency-key');
  if (value && UUID.test(value)) return value;
  throw refuse({
    code: 'invalid',
    faults: [
      {
        field: 'Idempotency-Key',
        fault: 'The header Idempotency-Key is missing or no UUID.',
        remedy: 'Send a new UUID with each new command, the same one with a repetition.',
      },
    ],
  });
});
