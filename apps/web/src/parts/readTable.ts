/**
 * A table (CSV, RFC 4180) of a file as records by its header, lower case; a semicolon separates as well as a comma.
 * @throws Error that says what cannot be read, and on which line
 */
export async function readTable(file: File): Promise<readonly Record<string, string>[]> {
  const { parse } = await import('csv-parse/browser/esm/sync');
  return parse<Record<string, string>>(await file.text(), {
    columns: (header: string[]) => header.map((name) => name.trim().toLowerCase()),
    bom: true,
    skip_empty_lines: true,
    relax_column_count: true,
    delimiter: [',', ';'],
  });
}
