/** What a spreadsheet takes for a formula, and runs. */
const RUNS = /^[=+\-@\t\r]/;
const isPlainNumber = (text: string): boolean => /^-?\d+(\.\d+)?$/.test(text);

/**
 * A text as a cell that no spreadsheet runs: what would be taken for a formula gets the apostrophe that makes it a text. Numbers stay numbers.
 * @example harmless('=1+1') // "'=1+1"
 */
export const harmless = (text: string): string =>
  (RUNS.test(text) && !isPlainNumber(text)) || text.startsWith("'") ? `'${text}` : text;

/** The same read back. */
export const fromCell = (cell: string): string => (cell.startsWith("'") ? cell.slice(1) : cell);

/** All cells of a row. */
export const harmlessRow = <T extends Readonly<Record<string, string>>>(row: T): T =>
  Object.fromEntries(Object.entries(row).map(([name, cell]) => [name, harmless(cell)])) as T;
