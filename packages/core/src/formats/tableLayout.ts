const SEPARATORS = [';', '\t', ','] as const;

/**
 * What stands between a table's cells, told by its header: there no number and no text with a comma stands in the way. A comma in a number is then never taken for the end
 * of a cell.
 * @example separatorOf('food;place;amount\nmillet;cupboard;2,5') // ";"
 */
export function separatorOf(text: string): ';' | '\t' | ',' {
  const [header = ''] = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/);
  const outside = header.replace(/"[^"]*"/g, '');
  return SEPARATORS.find((sign) => outside.includes(sign)) ?? ',';
}
