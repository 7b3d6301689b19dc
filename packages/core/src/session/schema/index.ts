import * as v from 'valibot';
import { done, refused, type Outcome } from '../../quantity/index.ts';
import { faultsIn, id, list, text, whole, type ShapeFault } from '../../quantity/schema/index.ts';
import type { Wishes } from '../wishes.ts';

/** A week and more, in minutes: no session is longer. */
const minute = whole(0, 10_000);
const task = v.pipe(text(400), v.nonEmpty());
/** A record's own names are texts too, and as many as a plan has tasks. */
const recordOf = <T extends v.GenericSchema>(of: T) =>
  v.pipe(
    v.record(task, of, 'It is no list by task.'),
    v.check((said) => Object.keys(said).length <= 400, 'It says more than a plan has tasks.'),
  );

const BREAK = v.pipe(
  v.object({ from: minute, to: minute }),
  v.check(({ from, to }) => from < to, 'A break ends after it begins.'),
);

/** What a cook says of a plan, as it comes from a device or from what a device kept. */
const WISHES = v.strictObject({
  pins: recordOf(minute),
  breaks: list(BREAK),
  orders: v.exactOptional(list(v.strictTuple([task, task]), 400)),
  given: v.exactOptional(recordOf(id)),
  together: v.exactOptional(list(list(task))),
  shared: v.exactOptional(list(task)),
  ahead: v.exactOptional(list(task)),
  begun: v.exactOptional(list(task)),
  steady: v.exactOptional(v.boolean()),
});

/**
 * Reads what is said of a plan, before anything believes it.
 * @example readWishes({ pins: { boil: -1 }, breaks: [] }) // { ok: false, problem: [{ field: 'pins.boil', fault: 'It is below 0.' }] }
 */
export function readWishes(wishes: unknown): Outcome<Wishes, readonly ShapeFault[]> {
  const read = v.safeParse(WISHES, wishes);
  return read.success ? done(read.output) : refused(faultsIn(read.issues));
}
