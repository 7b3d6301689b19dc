import type { Food } from '../food/index.ts';
import { plainNumber, type DecimalSign } from './numberHabit.ts';
import { fromCell } from './tableCell.ts';
import { done, readDay, refused, type Day, type Outcome } from '../quantity/index.ts';

/** A line of a table by its header; what a line does not have is missing. */
export type TableRecord = Readonly<Record<string, string | undefined>>;

export interface RecordFault {
  /** The line of the file, the header being line 1. */
  readonly line: number;
  readonly fault: string;
  readonly remedy: string;
}

/** Reads the cells that tables share, by this kitchen's names; what is wrong is told with its line. */
export class RecordReader {
  constructor(
    private readonly record: TableRecord,
    private readonly line: number,
    private readonly decimal: DecimalSign = '.',
  ) {}

  cell(name: string): string {
    return fromCell((this.record[name] ?? '').trim());
  }

  wrong(fault: string, remedy: string): { readonly ok: false; readonly problem: RecordFault } {
    return { ok: false, problem: { line: this.line, fault, remedy } };
  }

  /** The food, whose base unit is that of the line, where the line names one. */
  food(foods: readonly Food[]): Outcome<Food, RecordFault> {
    const said = this.cell('food');
    const food = foods.find(({ name, facts }) => name === said || facts.names?.includes(said));
    if (!food) return this.wrong(`“${said}” is no food of this kitchen.`, 'Add it under Foods, or write another name.');
    const unit = this.cell('unit');
    const { base } = food.facts;
    return unit && unit !== base
      ? this.wrong(`${food.name} is counted in ${base}, not in ${unit}.`, `Write the amount in ${base}.`)
      : done(food);
  }

  /** More than nothing, by the habit of the file; as plain digits. */
  amount(column = 'amount'): Outcome<string, RecordFault> {
    const said = this.cell(column);
    const plain = plainNumber(said, this.decimal)
      ?.replace(/(\.\d*?)0+$/, '$1')
      .replace(/\.$/, '');
    return plain !== undefined && /^\d{1,7}(\.\d{1,6})?$/.test(plain) && Number(plain) > 0
      ? done(plain)
      : this.wrong(
          `“${said}” is no amount.`,
          this.decimal === ','
            ? 'Write digits such as 500 or 0,5, as in the rest of the file.'
            : 'Write digits such as 500 or 0.5.',
        );
  }

  day(column: string): Outcome<Day, RecordFault> {
    const read = readDay(this.cell(column));
    return read ? done(read) : this.wrong(`“${this.cell(column)}” is no date.`, 'Write it like 2026-03-01.');
  }

  minor(column: string): Outcome<number, RecordFault> {
    const said = this.cell(column);
    return /^\d{1,7}$/.test(said)
      ? done(Number(said))
      : refused({ line: this.line, fault: `“${said}” is no price in minor units.`, remedy: 'Write 249 for 2.49.' });
  }
}
