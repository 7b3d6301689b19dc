import { plainSigns, readNumber } from '../../quantity/index.ts';

const RULE = /^\|?[\s|:-]+\|?$/;
const TABLE_HEAD =
  /^(?:ingredients?|item|what|food|amount|quantity|qty|how much|measure|unit|prep(?:aration)?|notes?)$/i;
/** A heading with what it heads behind it, in one line. */
const HEADED =
  /^(ingredients|you need|you will need|method|directions|instructions|steps|preparation)\s*:\s+(\S.{20,})$/i;
const TELLS = /\b(?:prep|cook|total|serves|makes|yields?|time|difficulty)\b/i;
/** "Dressing: 3 tbsp olive oil, 1 tsp mustard" */
const IN_ONE_LINE = /^((?!ingredients|method)\p{L}[\p{L} ]{2,30}):\s+((?:\d|½|¼|¾|an? |pinch|handful|juice|zest).+)$/iu;
/** Between the items of a list in one line: a semicolon, or a comma before the next amount. */
const BETWEEN_ITEMS = /\s*;\s*|\s*,\s*(?=(?:\d|½|¼|¾|⅓|⅔|an? |pinch|salt\b))/i;

/** An amount without a number. */
const BY_FEEL =
  /^(?:an? )?(?:(?:big|small|good|large) )?(?:handful|pinch|bunch|knob|splash|drizzle|juice|zest|salt|pepper)\b/i;

/** For how many, or how long: nothing to buy. */
const ABOUT_IT =
  /^(?:(?:serves|makes|feeds|for|prep|cook|total|ready in)\b.*|(?:about )?\d+[\d /-]*(?:hrs?|hours?|h|mins?|minutes?|portions?|servings?|people|patties|pieces|slices|balls|rolls|loaves|burgers|muffins|bars|jars)\b.*)$/i;
const asAbout = (part: string): string =>
  /^(?:about )?\d+[\d /-]*(?:hrs?|hours?|h|mins?|minutes?)\b/i.test(part)
    ? `Total: ${part}`
    : /^\d+ (?:patties|pieces|slices|balls|rolls|loaves|burgers|muffins|bars|jars)\b/i.test(part)
      ? `Makes: ${part}`
      : part;

/** "You need a mug of barley, an onion and some thyme. Melt the butter …" */
const NEEDED =
  /^(?:(?:for (?:this|it),? )?(?:you(?:[’']ll| will)? need|it takes|ingredients are))\s+(?=(?:an?|some|\d|half|two|three)\b)([^.!]+)[.!]\s*(.*)$/i;
const AND_ITEMS = /\s*,\s*(?:and\s+)?|\s+(?:and|plus)\s+(?=(?:an?|some|\d+|half|two|three|salt)\b)/i;

/** A row of a table as a line of a list: the amount first, then what it is. */
function rowOf(cells: readonly string[]): string | undefined {
  const filled = cells.map((cell) => cell.trim()).filter(Boolean);
  if (filled.length === 0 || filled.every((cell) => TABLE_HEAD.test(cell))) return undefined;
  const at = filled.findIndex((cell) => readNumber(plainSigns(cell)) !== undefined);
  const amount = at > 0 ? filled[at] : undefined;
  return amount === undefined ? filled.join(' ') : [amount, ...filled.filter((_, n) => n !== at)].join(' ');
}

/**
 * The lines of a pasted text, each saying one thing: rows of tables with their amount first, lists in one line taken apart, headings on lines of their own. An empty
 * line parts what stands above from what stands below.
 */
export function textLines(text: string): readonly string[] {
  const raws = text.split(/\r?\n/);
  const parted = raws.map((raw) => DONE_WITH.exec(raw));
  return [
    ...raws.flatMap((raw, n) => linesOf(parted[n]?.[1] ?? raw)),
    ...parted.flatMap((found) => (found?.[1] && found[2] ? [`${wordsOf(found[1])}: ${found[2]}`] : [])),
  ];
}

/** "Broccoli 2 heads -> steam 5 min": what is bought, and what is done with it. */
const DONE_WITH = /^\s*(\S[^>→]*\d[^>→]*?)\s+(?:->|=>|→)\s+(\S.*)$/;
/** What it is, without how much of it. */
const wordsOf = (line: string): string => /^[^\d,]*/.exec(line)?.[0].trim() || line;

function linesOf(raw: string): readonly string[] {
  const line = raw.trim();
  if (line === '') return [''];
  if (/^[-=_*~\s]{3,}$/.test(line)) return [''];
  // "1 onion / 2 carrots / salt"
  const slashed = line.split(/\s+\/\s+|\s*;\s+/);
  if (
    slashed.length > 2 &&
    slashed.every((part) => part.length < 60 && !/[.!?]\s/.test(part)) &&
    readNumber(plainSigns(slashed[0] ?? ''))
  )
    return slashed;
  // "Dry: 300 g oats / 2 tsp baking powder / pinch salt"
  const grouped = /^((?!ingredients|method)\p{L}[\p{L} ]{1,30}):\s+(\d.*\s\/\s.*)$/iu.exec(line);
  if (grouped?.[1] && grouped[2]) return [`${grouped[1]}:`, ...grouped[2].split(/\s+\/\s+/)];
  // "Prep 10 min | Serves 4" are no row of a list.
  if (!line.startsWith('|') && / \| /.test(line) && TELLS.test(line))
    return line.split('|').map((part) => asAbout(part.trim()));
  // "Bolognese | serves 6 | 1 hr": no table.
  const [title = '', ...about] = line.split(/\s+\|\s+/);
  if (about.length > 0 && about.every((part) => ABOUT_IT.test(part))) return [title, ...about.map(asAbout)];
  const listed = IN_ONE_LINE.exec(line);
  if (listed?.[1] && listed[2]) {
    const items = listed[2].replace(/\.$/, '').split(BETWEEN_ITEMS);
    if (items.length > 1 && items.every((item) => readNumber(plainSigns(item)) ?? BY_FEEL.test(item)))
      return [`${listed[1]}:`, ...items, ''];
  }
  if (line.startsWith('|') || / \| /.test(line)) {
    if (RULE.test(line)) return [];
    const row = rowOf(line.split('|'));
    return row === undefined ? [] : [row];
  }
  // Cells parted by a tab, or by a row of dots.
  if (/\S\s*(?:\t|\.{3,})\s*\S/.test(line)) {
    const row = rowOf(line.split(/\t|\.{3,}/));
    return row === undefined ? [] : [row];
  }
  const needed = NEEDED.exec(line);
  if (needed?.[1] !== undefined && needed[2] !== undefined) {
    const items = needed[1]
      .split(AND_ITEMS)
      .map((item) => item.trim())
      .filter(Boolean);
    if (items.length > 2) return ['', 'Ingredients', ...items, '', 'Method', needed[2]];
  }
  const headed = HEADED.exec(line);
  if (headed?.[1] && headed[2])
    return /^(?:ingredients|you)/i.test(headed[1])
      ? ['', headed[1], ...headed[2].replace(/\.$/, '').split(BETWEEN_ITEMS), '']
      : ['', headed[1], headed[2]];
  return [line.replace(/\s{2,}/g, ' ')];
}

/** Lines of a method that were broken where the paper ended, put together again: a sentence goes on in a small letter. */
export const unwrapped = (lines: readonly string[]): readonly string[] =>
  lines.reduce<string[]>((all, line) => {
    const before = all.at(-1);
    if (before !== undefined && goesOn(before, line)) all[all.length - 1] = `${before} ${line}`.trim();
    else all.push(line);
    return all;
  }, []);

/** Only what is about as wide as a column of print was broken by it. */
const COLUMN = 25;
const goesOn = (before: string, line: string): boolean =>
  before !== '' &&
  line !== '' &&
  !/[.!?:;]$/.test(before) &&
  (/^[a-z(°\d]/.test(line) || /(?:,|\b(?:the|and|or|a|an|of|to|with|for|in|at|on|until|it|is))$/i.test(before)) &&
  !/^\d+[.)]\s/.test(line) &&
  before.length >= COLUMN;
