/** The sign between whole and parts in a table's numbers. */
export type DecimalSign = '.' | ',';

export interface NumberCell {
  readonly text: string;
  /** The line of the file, the header being line 1. */
  readonly line: number;
}

/** How a table writes its numbers; or the first that can be read two ways, when nothing in the table tells which. */
export type NumberHabit = { readonly decimal: DecimalSign } | { readonly asks: NumberCell };

/** Between thousands, beside the dot or the comma that is not the decimal sign: spaces of all kinds, and the apostrophe. */
const GROUPS = /[\s\u00a0\u202f'’]/g;
const other = (sign: DecimalSign): DecimalSign => (sign === '.' ? ',' : '.');

/** What one number tells of the habit: the sign, nothing (no sign, or none that could be two things), or that it could be both. */
function told(text: string): DecimalSign | 'nothing' | 'either' {
  const plain = text.replace(GROUPS, '');
  const signs = [...plain].filter((each): each is DecimalSign => each === '.' || each === ',');
  const [first] = signs;
  const last = signs.at(-1);
  if (first === undefined || last === undefined || !/^[-+]?[\d.,]+$/.test(plain)) return 'nothing';
  // 1.234,5: the last one is the decimal sign. 1.000.000: thousands, so the other one is.
  if (signs.length > 1) return first === last ? other(first) : last;
  const [whole = '', parts = ''] = plain.replace(/^[-+]/, '').split(first);
  // 0,500 and 1234,567 and 2,5 cannot be thousands.
  return parts.length === 3 && /^[1-9]\d{0,2}$/.test(whole) ? 'either' : first;
}

/**
 * How a table writes its numbers, told by those that can be read in one way only. Without any sign it does not matter, and the point is taken.
 * @example numberHabitOf([{ text: '1.000', line: 2 }, { text: '2,5', line: 3 }]) // { decimal: ',' }
 * @example numberHabitOf([{ text: '1.000', line: 2 }]) // { asks: { text: '1.000', line: 2 } }
 */
export function numberHabitOf(cells: readonly NumberCell[]): NumberHabit {
  const votes = { '.': 0, ',': 0 };
  let doubtful: NumberCell | undefined;
  for (const cell of cells) {
    const tells = told(cell.text);
    if (tells === 'either') doubtful ??= cell;
    else if (tells !== 'nothing') votes[tells]++;
  }
  if (votes['.'] === 0 && votes[','] === 0 && doubtful) return { asks: doubtful };
  return { decimal: votes[','] > votes['.'] ? ',' : '.' };
}

/**
 * A number as a table writes it, as plain digits with a point; undefined for what is none by that habit.
 * @example plainNumber('1.234,5', ',') // "1234.5"
 * @example plainNumber('2,5', '.') // undefined
 */
export function plainNumber(text: string, decimal: DecimalSign): string | undefined {
  const group = other(decimal) === '.' ? '\\.' : ',';
  const point = decimal === '.' ? '\\.' : ',';
  const spaced = text.trim().replace(GROUPS, ' ');
  const form = new RegExp(`^([-+]?)(\\d+|\\d{1,3}(?:(?:${group}|\\s)\\d{3})+)(?:${point}(\\d+))?$`);
  const read = form.exec(spaced);
  if (!read) return undefined;
  const [, sign = '', whole = '', parts] = read;
  return `${sign === '-' ? '-' : ''}${whole.replace(/\D/g, '')}${parts === undefined ? '' : `.${parts}`}`;
}

/**
 * A plain number for a table: with three decimals it could be read as thousands, so it gets one more.
 * @example tableNumber('1.125') // "1.1250"
 */
export const tableNumber = (plain: string): string => (/^-?[1-9]\d{0,2}\.\d{3}$/.test(plain) ? `${plain}0` : plain);
