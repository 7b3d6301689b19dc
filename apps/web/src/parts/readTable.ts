import { numberHabitOf, separatorOf, type NumberHabit } from '@kestrel-ridge/core/formats';

export interface ReadTable {
  readonly name: string;
  readonly records: readonly Readonly<Record<string, string>>[];
  /** How its numbers are written, or what has to be asked of it. */
  readonly habit: NumberHabit;
}

/** What is needed of a file. */
type Readable = Pick<File, 'name' | 'size' | 'text'>;

/** More than any kitchen's shelf or price book: a larger file is told before it is read. */
const MOST_BYTES = 2 * 1024 * 1024;

/**
 * A table (CSV, RFC 4180) of a file as records by its header, lower case; comma, semicolon or tab between cells, as its header has them.
 * @param numbers the columns by which the habit of its numbers is told
 * @param most lines that are taken at once
 * @throws Error that says what cannot be read, and on which line
 */
export async function readTable(file: Readable, numbers: readonly string[], most: number): Promise<ReadTable> {
  if (file.size > MOST_BYTES) throw new Error('It is larger than 2 MiB. Split it, and take it in in parts.');
  const text = await file.text();
  // The sign that stands for what is no UTF-8.
  if (text.includes('\uFFFD')) throw new Error('Its letters are not written in UTF-8. Save it as CSV in UTF-8.');
  const { parse } = await import('csv-parse/browser/esm/sync');
  const records = parse<Record<string, string>>(text, {
    columns: (header: string[]) => header.map((name) => name.trim().toLowerCase()),
    bom: true,
    skip_empty_lines: true,
    relax_column_count: true,
    delimiter: separatorOf(text),
    // One more than is taken, to know that there are more.
    to: most + 1,
  });
  if (records.length > most) throw new Error(`It has more than ${most} lines. Split it, and take it in in parts.`);
  const cells = records.flatMap((record, n) =>
    numbers.flatMap((column) => (record[column] ? [{ text: record[column], line: n + 2 }] : [])),
  );
  return { name: file.name, records, habit: numberHabitOf(cells) };
}

/** What is wrong with a file that is no table, in words. */
export const unreadable = (name: string, error: unknown): string =>
  `“${name}” cannot be read as a table: ${error instanceof Error ? error.message : 'unknown fault'} Nothing was changed.`;
