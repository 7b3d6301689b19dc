import { isVerb } from '../kitchenVerbs.ts';
import { PORTIONS_IN_NAME } from '../portionsSaid.ts';
import { RULE, TABLE_HEAD, cellsOf } from './tables.ts';

/** Over the column that says what is done, the more certain first. */
const DONE_HEADS = [/^(?:what|task|action|method|what to do)$/i, /^steps?$/i] as const;
const TIME_HEAD = /^(?:time|minutes|min|how long)$/i;
const MINUTES_HEAD = /^(?:minutes|min)$/i;
const NUMBER_HEAD = /^(?:steps?|no\.?|nr\.?|#)$/i;
/** Under these a list stands, and no steps. */
const LIST_HEAD = /^(?:ingredients?|food|amount|quantity|qty|how much|measure|unit)$/i;
/** "pot 2": which of them says nothing here. */
const VESSEL_NUMBER = /^(\p{L}+) \d$/u;
const PEOPLE_HEAD = /^(?:who|hands|cook)$/i;

/** Where nothing stands over the table, the line below it is what it makes. */
function nameBelow(raws: readonly string[]): number {
  const filled = raws.flatMap((raw, n) => (raw.trim() === '' ? [] : [n]));
  const below = filled.find((n) => !raws[n]?.includes('|'));
  const name = raws[below ?? -1]?.trim() ?? '';
  return below !== undefined && below === filled.at(-1) && below !== filled[0] && PORTIONS_IN_NAME.test(name)
    ? below
    : -1;
}

/**
 * Rows of a table whose head says what is done and for how long, as steps of a method: a row's time and place behind its deed.
 * @example stepsOfTables(['Step | What | Min', '1 | Simmer | 20']) // ['Method', '- Simmer, 20 min.']
 */
export function stepsOfTables(raws: readonly string[]): readonly string[] {
  let heads: readonly string[] = [];
  const named = nameBelow(raws);
  const ordered = named < 0 ? raws : [raws[named] ?? '', '', ...raws.filter((_, n) => n !== named)];
  return ordered.flatMap((raw, n) => {
    if (!raw.includes('|')) {
      const ended = heads.length > 0;
      heads = [];
      return ended ? ['', raw] : [raw];
    }
    const cells = cellsOf(raw);
    if (heads.length === 0) {
      const isHead =
        cells.length > 1 &&
        cells.every((cell) => TABLE_HEAD.test(cell)) &&
        cells.some((cell) => TIME_HEAD.test(cell)) &&
        DONE_HEADS.some((said) => cells.some((cell) => said.test(cell))) &&
        !cells.some((cell) => LIST_HEAD.test(cell));
      if (!isHead) return [raw];
      heads = cells;
      return [...(n === 0 ? [] : ['']), 'Method'];
    }
    if (RULE.test(raw.trim())) return [];
    const done = heads.findIndex((head) =>
      DONE_HEADS.find((said) => heads.some((each) => said.test(each)))?.test(head),
    );
    const time = heads.findIndex((head) => TIME_HEAD.test(head));
    const said = (at: number): string => {
      const cell = cells[at] ?? '';
      return MINUTES_HEAD.test(heads[at] ?? '') && /\d$/.test(cell) ? `${cell} min` : cell;
    };
    const rest = heads.flatMap((head, at) =>
      at === done || at === time || NUMBER_HEAD.test(head) || (PEOPLE_HEAD.test(head) && !isVerb(cells[at] ?? ''))
        ? []
        : [said(at).replace(VESSEL_NUMBER, '$1')],
    );
    const words = [said(done).replace(/\.$/, ''), said(time), ...rest].filter((cell) => /[\p{L}\d]/u.test(cell));
    return words.length === 0 ? [] : [`- ${words.join(', ')}.`];
  });
}
