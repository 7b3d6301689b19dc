import * as v from 'valibot';
import { SIGNED_NUMBER, done, refused, type Outcome } from '../../quantity/index.ts';
import { faultsIn, id, measureName, number, text, whole, type ShapeFault } from '../../quantity/schema/index.ts';
import { MOST_RACKS } from '../../kitchen/index.ts';
import { GATE_CHOICES, MEASURED, type RunEvent, type RunFact } from '../event.ts';

const of = <K extends RunFact['kind'], M extends v.ObjectEntries>(kind: K, more: M) =>
  v.object({ kind: v.literal(kind), task: id, ...more });

/** What happened in a run, as it comes from a device or from what a device kept. */
const FACT = v.variant(
  'kind',
  [
    of('started', {}),
    of('done', {}),
    of('not yet', { minutes: number(1, 240) }),
    of('reopened', {}),
    of('skipped', {}),
    of('paused', {}),
    of('resumed', {}),
    of('ticked', { line: id }),
    of('unticked', { line: id }),
    of('gate', { line: id, choice: v.picklist(GATE_CHOICES) }),
    of('amount', {
      line: id,
      plus: v.object({
        n: v.pipe(v.string(), v.regex(SIGNED_NUMBER, 'How much more is no amount. Write 1 or 1/2.')),
        unit: measureName,
      }),
    }),
    of('given', { who: v.pipe(text(40), v.nonEmpty()) }),
    of('added', { name: v.pipe(text(120), v.nonEmpty()), minutes: number(1, 240), hands: v.boolean() }),
    of('measured', { what: v.picklist(MEASURED), value: number(-100, 1_000_000) }),
    of('tray out', { rack: whole(1, MOST_RACKS) }),
    of('tray back', { rack: whole(1, MOST_RACKS) }),
    of('noted', { text: v.pipe(text(400), v.nonEmpty()) }),
    of('dish dropped', {}),
    of('load dropped', {}),
  ],
  'What happened is not known here.',
);

/** ISO 8601 on the wire, ms since 1970 in a device's own memory. */
const MOMENT = v.union(
  [
    v.pipe(
      v.string(),
      v.isoTimestamp(),
      v.transform((said) => Date.parse(said)),
      v.number(),
    ),
    whole(0, 8.64e15),
  ],
  'It is no moment.',
);

/** As many taps as no device makes. */
const MOST_TAPS = 10_000_000;

const EVENT = v.object({
  id: v.pipe(v.string(), v.uuid('It has no id.')),
  device: v.pipe(text(80), v.nonEmpty()),
  deviceSeq: whole(1, MOST_TAPS),
  clock: whole(1, MOST_TAPS),
  at: MOMENT,
  what: FACT,
});

/**
 * Reads an event from outside, before anything believes it.
 * @example readEvent({ ...event, clock: 1e12 }) // { ok: false, problem: [{ field: 'clock', fault: 'It is above 10000000.' }] }
 */
export function readEvent(event: unknown): Outcome<RunEvent, readonly ShapeFault[]> {
  const read = v.safeParse(EVENT, event);
  return read.success ? done(read.output) : refused(faultsIn(read.issues));
}
