import { plainSigns, readNumber } from '../../../quantity/index.ts';

export const RULE = /^\|?[\s|:-]+\|?$/;
export const TABLE_HEAD =
  /^(?:ingredients?|item|what|food|amount|quantity|qty|how much|measure|unit|prep(?:aration)?|notes?|remarks?|comments?|for|part|group|used (?:in|for)|step|task|action|method|time|minutes|min|how long|who|hands|cook|where|place|vessel|heat|no\.?|nr\.?|#)$/i;
/** Over the column that tells which part of the dish a row is for. */
const PART_HEAD = /^(?:for|part|group|used (?:in|for))$/i;
/** The unit of an amount in a cell of its own. */
export const UNIT_CELL =
  /^(?:kg|g|mg|ml|cl|dl|l|oz|lbs?|tbsp|tsp|cups?|pcs?|ea|each|pieces?|bunch(?:es)?|cloves?|tins?|cans?|jars?|heads?)\.?$/i;

const ABOUT_CELL =
  /^(?:dish|menu item|recipe(?: name)?|name|title|yields?|makes|serves|servings?|portions?|prep(?: time)?|cook(?: time)?|total(?: time)?)\s*:?$/i;

/** A row of a table as a line of a list: the amount first, then what it is. */
export function rowOf(cells: readonly string[]): string | undefined {
  const filled = cells.map((cell) => cell.trim()).filter(Boolean);
  if (filled.length === 0 || filled.every((cell) => TABLE_HEAD.test(cell))) return undefined;
  // "Dish | Bean stew", "Yield | 10 x 350 g": what it is called, and what comes out.
  const [label = '', what] = filled;
  if (what !== undefined && filled.length === 2 && ABOUT_CELL.test(label)) return `${label}: ${what}`;
  const number = filled.findIndex((cell) => /^[\d.,/ ]+$/.test(plainSigns(cell)));
  const unit = filled[number + 1] ?? '';
  // "Olive oil | 150 | ml": the amount in two cells.
  if (number >= 0 && UNIT_CELL.test(unit))
    return rowOf([
      ...filled.slice(0, number),
      `${filled[number] ?? ''} ${/^(?:pcs?|ea|each|pieces?)$/i.test(unit) ? '' : unit}`.trim(),
      ...filled.slice(number + 2),
    ]);
  const at = filled.findIndex((cell) => readNumber(plainSigns(cell)) !== undefined);
  const amount = at > 0 ? filled[at] : undefined;
  return amount === undefined ? filled.join(' ') : [amount, ...filled.filter((_, n) => n !== at)].join(' ');
}

export const cellsOf = (raw: string): readonly string[] =>
  raw
    .trim()
    .replace(/^\||\|$/g, '')
    .split('|')
    .map((cell) => cell.trim());

/** A heading that says in what a column is measured. */
const UNIT_HEAD = /^(?:weight|amount|quantity|qty)?\s*\(?(grams?|g|kg|ml)\)?$/i;

/** Rows of a table as they are read alone: a column of parts ("for: dressing") goes into headings, what the head says of a unit into its cells. */
export function withParts(raws: readonly string[]): readonly string[] {
  let column = -1;
  let units: readonly (string | undefined)[] = [];
  let part = '';
  return raws.flatMap((raw) => {
    if (!raw.includes('|')) {
      column = -1;
      units = [];
      return [raw];
    }
    const written = cellsOf(raw);
    if (written.every((cell) => cell === '' || TABLE_HEAD.test(cell) || UNIT_HEAD.test(cell))) {
      column = written.findIndex((cell) => PART_HEAD.test(cell));
      units = written.map((cell) => UNIT_HEAD.exec(cell)?.[1]?.replace(/^grams?$/i, 'g'));
      part = '';
      return column < 0 && !units.some(Boolean) ? [raw] : [];
    }
    if ((column < 0 && !units.some(Boolean)) || RULE.test(raw.trim())) return [raw];
    const cells = written.map((cell, n) => (units[n] && /^[\d.,/ ]+$/.test(cell) ? `${cell} ${units[n]}` : cell));
    const own = cells[column] ?? '';
    const row = `| ${cells.filter((_, n) => n !== column).join(' | ')} |`;
    // "3 tofu, 1 dressing": shared out, which a heading cannot say.
    if (/\d/.test(own)) return [`| ${cells.join(' | ')} |`];
    const heading = own !== '' && own !== part && !TABLE_HEAD.test(own) ? [`For the ${own}:`] : [];
    part = own || part;
    return [...heading, row];
  });
}
