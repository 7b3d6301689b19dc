import type { ProblemDetails } from '@kestrel-ridge/core/formats';
import { ValidationError } from 'sequelize';
import { plain } from './plain.ts';

/** What PostgreSQL says of a statement that it refuses. */
interface DatabaseError {
  readonly code?: string;
  readonly constraint?: string;
  readonly column?: string;
  readonly table?: string;
}

export const databaseError = (thrown: unknown): DatabaseError | undefined => {
  const wrapped = thrown as { readonly parent?: DatabaseError; readonly original?: DatabaseError } | undefined;
  return wrapped?.parent ?? wrapped?.original;
};

const UNIQUE = '23505';
const FOREIGN_KEY = '23503';
const DISK_FULL = '53100';
const OUT_OF_MEMORY = '53200';
/** Two commands waited for each other, or met in one row: one of them is asked to come again. */
const MET = ['40001', '40P01', '55P03'];
/** 22…: a value that its column cannot hold; 23…: a rule of the table that it breaks. */
const DATA = /^2[23]/;

/**
 * What the tables themselves refuse, as a cook can use it: the last net behind the checks of each request. Undefined for what is no fault of the data.
 * What was named again answers 409, what cannot be kept 422, a full disk 507: none of them is the server's own fault.
 */
export function problemOfData(thrown: unknown): ProblemDetails | undefined {
  const error = databaseError(thrown);
  const code = error?.code ?? '';
  const field = error?.column ?? error?.constraint ?? error?.table ?? 'request';
  if (code === UNIQUE)
    return plain(
      409,
      'there already',
      'There already',
      'Something with this id or name is kept here already. Nothing was changed. Look at what is there; give a new thing another name.',
      [{ field, fault: 'It is there already.', remedy: 'Look at what is there, or take another name.' }],
    );
  if (code === FOREIGN_KEY)
    return plain(
      422,
      'unknown part',
      'It names what is not here',
      'The request names something that is not in this kitchen. Nothing was changed. Reload the page and choose from what is listed.',
      [{ field, fault: 'It is not in this kitchen.', remedy: 'Reload the page and choose from what is listed.' }],
    );
  if (code === DISK_FULL || code === OUT_OF_MEMORY)
    return plain(
      507,
      'no room',
      code === DISK_FULL ? 'The disk is full' : 'The database has no memory left',
      'Nothing was changed. Make room on the machine that runs the server, then try again.',
    );
  if (MET.includes(code))
    return plain(
      503,
      'met',
      'Two things at once',
      'Somebody changed the same thing in this moment. Nothing was changed. Try again.',
    );
  if (DATA.test(code) || thrown instanceof ValidationError)
    return plain(
      422,
      'cannot be kept',
      'It cannot be kept like this',
      'A value is missing, too long, out of its bounds, or holds signs that cannot be kept. Nothing was changed. Put it right and send it again.',
      [{ field, fault: 'Its value cannot be kept.', remedy: 'Look at its length, bounds and signs.' }],
    );
  return undefined;
}
