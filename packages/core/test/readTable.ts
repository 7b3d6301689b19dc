import { readFileSync } from 'node:fs';

/** Rows of a reference table as objects; lines that begin with # tell its source. */
export function readTable(name: string): readonly Readonly<Record<string, string>>[] {
  const lines = readFileSync(`${import.meta.dirname}/reference/${name}.csv`, 'utf8')
    .split('\n')
    .filter((line) => line.trim() && !line.startsWith('#'));
  const [head = '', ...rows] = lines;
  const names = cells(head);
  return rows.map((row) => Object.fromEntries(cells(row).map((cell, n) => [names[n] ?? `${n}`, cell])));
}

const cells = (line: string): string[] =>
  [...line.matchAll(/("([^"]*)"|[^,]*)(,|$)/g)].slice(0, -1).map((match) => match[2] ?? match[1] ?? '');

/** A cell that must be there. */
export function cell(row: Readonly<Record<string, string>>, name: string): string {
  const value = row[name];
  if (value === undefined) throw new Error(`No column "${name}" in ${JSON.stringify(row)}`);
  return value;
}
