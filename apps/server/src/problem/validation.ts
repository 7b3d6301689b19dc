import { ValidationPipe, type ValidationError } from '@nestjs/common';
import type { Fault } from '@kestrel-ridge/core/formats';
import { refuse } from './problem.ts';

/** Checks every body against its DTO. Each constraint's message is "what is wrong. What to do." */
export const validation = () =>
  new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    transform: true,
    exceptionFactory: (errors) => refuse({ code: 'invalid', faults: errors.flatMap((error) => faultsOf(error, '')) }),
  });

function faultsOf(error: ValidationError, path: string): Fault[] {
  const field = path ? `${path}.${error.property}` : error.property;
  const own = Object.entries(error.constraints ?? {}).map(([name, message]): Fault => {
    if (name === 'whitelistValidation')
      return { field, fault: `"${error.property}" is not known here.`, remedy: 'Leave it out.' };
    const [fault = message, ...rest] = message.split(/(?<=\.) /);
    return { field, fault, remedy: rest.join(' ') || 'Correct it and send again.' };
  });
  return [...own.slice(0, 1), ...(error.children ?? []).flatMap((child) => faultsOf(child, field))];
}
