import * as v from 'valibot';
import { MEASURES, type MeasureName } from '../measures.ts';
import { WRITTEN_NUMBER, WRITTEN_SHARE } from '../writtenNumber.ts';

/* What every schema of something from outside is built of. Messages are told to cooks. */

export const keysOf = <K extends string>(of: Readonly<Record<K, unknown>>) => Object.keys(of) as K[];

/** Text that every screen, file and table can hold: no sign that PostgreSQL cannot keep. */
export const text = (most: number) =>
  v.pipe(
    v.string('It is no text.'),
    v.maxLength(most, `It is longer than ${most} letters.`),
    v.check((said) => !said.includes('\0') && !/\p{Surrogate}/u.test(said), 'It holds signs that cannot be kept.'),
  );
export const id = v.pipe(text(200), v.nonEmpty('It has no id.'));
export const number = (least: number, most: number) =>
  v.pipe(
    v.number('It is no number.'),
    v.finite('It is no number.'),
    v.minValue(least, `It is below ${least}.`),
    v.maxValue(most, `It is above ${most}.`),
  );
export const whole = (least: number, most: number) => v.pipe(number(least, most), v.integer('It is no whole number.'));
export const list = <T extends v.GenericSchema>(of: T, most = 200) =>
  v.pipe(v.array(of, 'It is no list.'), v.maxLength(most, `It has more than ${most} entries.`));
export const amountText = v.pipe(
  v.string('It is no amount.'),
  v.regex(WRITTEN_NUMBER, 'It is no amount. Write 2, 1/2, 1 1/2 or 0.5.'),
);
export const measureName = v.picklist(keysOf<MeasureName>(MEASURES), 'It is no measure.');
export const written = v.object({ n: amountText, unit: measureName });
export const share = v.pipe(v.string('It is no share.'), v.regex(WRITTEN_SHARE, 'It is no share. Write 1 or 2/3.'));

/** A place in something from outside that is not as it has to be. */
export interface ShapeFault {
  /** "lines.2.amount.n" */
  readonly field: string;
  readonly fault: string;
}

/** As many as a page can show; the rest would be the same mistake again. */
const MOST_FAULTS = 12;

export const faultsIn = (issues: readonly v.BaseIssue<unknown>[]): readonly ShapeFault[] =>
  issues.slice(0, MOST_FAULTS).map((issue) => ({
    field: v.getDotPath(issue) ?? '',
    fault: issue.message.startsWith('Invalid') ? 'It is missing, or something else than it has to be.' : issue.message,
  }));
