import { plainSigns, readNumber, remembered } from '../../quantity/index.ts';
import { STARTS_BY_FEEL } from '../ingredient/byFeel.ts';
import { inOneNumber } from '../ingredient/everydayForms.ts';
import { withClocks, withDays, withNights } from './clockLines.ts';
import { blends, isVerb } from './kitchenVerbs.ts';
import { inItems, listInLine } from './listInLine.ts';
import { inDigits } from './numberWords.ts';
import { durationsIn } from './timesIn.ts';

const RULE = /^\|?[\s|:-]+\|?$/;
const TABLE_HEAD =
  /^(?:ingredients?|item|what|food|amount|quantity|qty|how much|measure|unit|prep(?:aration)?|notes?|remarks?|comments?|for|part|group|used (?:in|for))$/i;
/** Over the column that tells which part of the dish a row is for. */
const PART_HEAD = /^(?:for|part|group|used (?:in|for))$/i;
/** A heading with what it heads behind it, in one line. */
const HEADED =
  /^((?:ingredients|you need|you will need|method|directions|instructions|steps|preparation)(?: ?\([^)]{1,30}\))?)\s*:\s+(\S.{20,})$/i;
const TELLS = /\b(?:prep|cook|total|serves|makes|yields?|time|difficulty)\b|^(?:portions|servings): ?\d/i;
/** "Dressing: 3 tbsp olive oil, 1 tsp mustard" */
const IN_ONE_LINE =
  /^((?!ingredients|method|oven|air[- ]?fryer|microwave|hob|stove|grill|pressure|rice cooker|slow cooker|makes|serves|yields?|feeds|servings?|portions?)(?:for \d+|\p{L}[\p{L} &]{2,30})):\s+((?:\d|½|¼|¾|an? |pinch|handful|juice|zest).+)$/iu;
/** Heads one thing, too: "Topping: 50 g breadcrumbs". */
const A_PART = /^(?:topping|filling|sauce|dressing|dough|base|garnish|marinade|crust)$/i;
/** What is told of minutes and heat is done, and no list. */
const COOKED_AT = /\b(?:heat|flip|lid)\b|^\d+ ?(?:mins?|minutes?|hours?)\b/i;
/** Between the items of a list in one line: a semicolon, or a comma before the next amount. */
const BETWEEN_ITEMS =
  /\s*;\s*|\s*,\s*(?=(?:\d|½|¼|¾|⅓|⅔|an? |(?:pinch|thumb|knob|handful|splash|juice|zest|dash)\b|salt\b))/i;

/** "300 g mushrooms", "2 onions", "half a swede" */
const AMOUNT_FIRST = /^(?:\d|(?:an?|half|one|two|three|four|a couple of|some) )/i;
/** An amount without a number. */
const UNMEASURED = /^(?:juice|zest|salt|pepper)\b/i;
const byFeel = (item: string): boolean => STARTS_BY_FEEL.test(item) || UNMEASURED.test(item);

/** For how many, or how long: nothing to buy. */
const ABOUT_IT =
  /^(?:\d+ as an? (?:main|side|starter|lunch|dinner)\b.*|(?:serves|makes|feeds|for|prep|cook|total|ready in)\b.*|(?:about )?\d+[\d /-]*(?:hrs?|hours?|h|mins?|minutes?|portions?|servings?|people|patties|pieces|slices|balls|rolls|loaves|burgers|muffins|bars|jars)\b.*)$/i;
/** "2 wraps", beside a title */
const MADE = /^\d+ \p{L}+s$/iu;
/** The items of a list in one line: between their points, where it has such. */
const itemsOf = (list: string): readonly string[] =>
  / [•·] /.test(list) ? list.split(/\s+[•·]\s+/) : list.split(BETWEEN_ITEMS);
const asAbout = (part: string): string =>
  /^\d+ as an? /i.test(part)
    ? `Serves ${/^\d+/.exec(part)?.[0] ?? ''}`
    : /^(?:about )?\d+[\d /-]*(?:hrs?|hours?|h|mins?|minutes?)\b/i.test(part)
      ? `Total: ${part}`
      : /^\d+ (?:patties|pieces|slices|balls|rolls|loaves|burgers|muffins|bars|jars)\b/i.test(part)
        ? `Makes: ${part}`
        : part;

/** "You need a mug of barley, an onion and some thyme. Melt the butter …" */
const NEEDED =
  /^(?:(?:for (?:this|it),? |(?:to make (?:an? |some |the )?|(?=for |to (?:serve|feed) ))([^.!]{3,90}?),? )?(?:you(?:[’']ll| will)? (?:need|want)|it takes|ingredients are)):?\s+(?=(?:an?|some|half|two|three|four|five|six|the)\b|\d)([^.!]+)[.!]\s*(.*)$/i;
const AND_ITEMS = /\s*,\s*(?:and\s+)?|\s+(?:and|plus)\s+(?=(?:an?|some|\d+|half|two|three|salt)\b)/i;

/** The unit of an amount in a cell of its own. */
const UNIT_CELL =
  /^(?:kg|g|mg|ml|cl|dl|l|oz|lbs?|tbsp|tsp|cups?|pcs?|ea|each|pieces?|bunch(?:es)?|cloves?|tins?|cans?|jars?|heads?)\.?$/i;

const ABOUT_CELL =
  /^(?:dish|menu item|recipe(?: name)?|name|title|yields?|makes|serves|servings?|portions?|prep(?: time)?|cook(?: time)?|total(?: time)?)\s*:?$/i;

/** A row of a table as a line of a list: the amount first, then what it is. */
function rowOf(cells: readonly string[]): string | undefined {
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

const HOT_IN_F = /\b(?:3\d[05]|4\d[05]|500) ?(?:°|deg(?:rees)?\b) ?(?!C)/i;
const IN_CELSIUS = /\b\d{2,3} ?(?:°|deg(?:rees)?\b)? ?C\b/;

/** Bold type says nothing of a recipe; 10' are ten minutes, and a digit on a key is the number of a step. */
const inPlainSigns = (text: string): string =>
  inDigits(text)
    // "**You need** 1 leek • 2 carrots"
    .replace(
      /^\*\*(you need|ingredients|method|do|steps|directions|instructions)\*\*:?[ \t]+(?=\S)/gim,
      (_, head: string) => (/^do$/i.test(head) ? 'Method\n' : `${head}\n`),
    )
    // "**Sauce**" on a line of its own heads what follows
    .replace(/^[ \t]*\*\*(\p{L}[\p{L} &]{1,30}?):?\*\*:?[ \t]*$/gmu, (all, head: string, at: number, whole: string) =>
      whole.slice(0, at).trim() === '' ? head : `${head}:`,
    )
    .replace(/\*\*/g, '')
    // "*Serves:* 2"
    .replace(/(?<=^|\s)\*(\p{L}[^*\n]{1,40})\*(?=[\s:]|$)/gmu, '$1')
    .replace(/\bo\/n\b/gi, 'overnight')
    // "Soak min. 10 hr" is at least so long, and ends no sentence.
    .replace(/(?<!\d[ -]?)\bmin\.? (?=\d)/g, 'at least ')
    .replace(/^(\s*\d)\uFE0F?\u20E3\s*/gmu, '$1. ')
    // "S & P"
    .replace(/^\s*s ?(?:&|\+|and) ?p\.?\s*$/gim, 'salt and pepper')
    // "(2) Soften the onion"
    .replace(/^(\s*)\((\d{1,2})\)\s+(?=\p{L})/gmu, '$1$2. ')
    // "w/ bread", "w/o salt"
    .replace(/(?<![\p{L}\d])w\/o\b ?/gu, 'without ')
    .replace(/(?<![\p{L}\d])w\/ ?(?=\p{L}|\d)/gu, 'with ')
    // "250°" beside "350°": no oven knows the second in °C.
    .replace(/(?<=\b\d{3}) ?(?:°|deg(?:rees)?\b)(?! ?(?:[CF]\b|Fahr|Cels))/gi, (sign, at: number, whole: string) =>
      HOT_IN_F.test(whole) && !IN_CELSIUS.test(whole) ? '°F' : sign,
    )
    // "1T water", "½ t salt"
    .replace(/(?<=[\d½¼¾⅓⅔]) ?T\.?(?= \p{Ll})/gu, ' tbsp')
    .replace(/(?<=[\d½¼¾⅓⅔]) ?t\.?(?= \p{Ll})/gu, ' tsp')
    // "A block of tofu, the 400 gram one"
    .replace(
      /\b(?:an?|one|1) (block|tin|can|pack|packet|jar|bag|carton) of ([\p{L} -]{2,30}), the (\d+) ?(g|grams?|ml)\b(?: (?:one|size))?/giu,
      (_, pack: string, of: string, n: string, unit: string) =>
        `1 ${pack} of ${of} (${n} ${/^g/i.test(unit) ? 'g' : unit})`,
    )
    // "10m", "1h30m": nobody cooks by the metre.
    .replace(/(?<=\d)\s?m(?=[\s.,;)]|$)/gm, ' min')
    .replace(/(?<=\b\d{1,3})\s?['′’](?=[\s.,;)]|$)/gm, ' min');

/**
 * The lines of a pasted text, each saying one thing: rows of tables with their amount first, lists in one line taken apart, headings on lines of their own. An empty
 * line parts what stands above from what stands below.
 */
export function textLines(text: string): readonly string[] {
  const raws = withPoints(
    withParts(
      withHeadings(
        withDays(withNights(withClocks(inGrams(withAsides(inPlainSigns(text).split(/\r?\n/))).flatMap(timesApart)))),
      ),
    ),
  );
  const start = raws.findIndex((raw) => raw.trim() !== '');
  const parted = raws.map((raw, n) => doneWith(raw, n === start));
  const done = parted.flatMap((found) => (found?.[1] && found[2] ? ['', `${wordsOf(found[1])}: ${found[2]}`] : []));
  // What is done with each comes behind the list: before what is done with all, where that is told.
  const last = parted.findLastIndex(Boolean);
  const listEnds = raws.slice(last + 1).every((raw) => !LISTED.test(raw)) ? last : raws.length - 1;
  return raws.flatMap((raw, n) => [
    ...(n === start ? linesOf(parted[n]?.[1] ?? raw, true) : laterLines(parted[n]?.[1] ?? raw)),
    ...(n === listEnds ? done : []),
  ]);
}

/** "(drained overnight)" on a line of its own, below an amount, is told of that. */
const withAsides = (raws: readonly string[]): readonly string[] =>
  raws.reduce<string[]>((all, raw) => {
    const before = all.at(-1) ?? '';
    const aside = /^\s*\((?!\d|or\b|serves|makes|for\b|feeds)[^()]*\p{Ll}ed\b[^()]*\)\s*$/u.test(raw);
    if (aside && /^\s*(?:[-*•]\s*)?\d/.test(before) && before.length < LISTED_UP_TO)
      all[all.length - 1] = `${before.trimEnd()} ${raw.trim()}`;
    else all.push(raw);
    return all;
  }, []);
/** A longer line is no line of a list. */
const LISTED_UP_TO = 60;

const ALL_GRAMS =
  /^\s*\(?(?:all|everything|(?:all )?(?:amounts|weights|quantities|figures))(?: (?:is|are))?(?: in)? (?:g|grams?|grammes)\.?\)?\s*$/i;
/** "(all grams)" below a list: what stands in it without a unit is weighed. */
function inGrams(raws: readonly string[]): readonly string[] {
  const said = raws.findIndex((raw) => ALL_GRAMS.test(raw));
  if (said < 0) return raws;
  return raws
    .filter((_, at) => at !== said)
    .map((raw) => (/^\s*(?:[-*•]\s*)?\p{L}[^\d]*\s\d+(?:[.,]\d+)?\s*$/u.test(raw) ? `${raw.trimEnd()} g` : raw));
}

/** Before minutes this heads no method. */
const PREPARATION = /^\s*preparation:\s+(?=\d+(?:\s?(?:-|to)\s?\d+)?\s?(?:min|h))/i;
/** One of several things that a line tells of time, or for how many it is. */
const TOLD_OF_TIME =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|total|hands[- ]on|oven|chill(?:ing)?|rest(?:ing)?)(?: time)?:? .*\d|(?:serves|makes|feeds)\b)/i;
/** "Preparation: 15 minutes + chilling. Cooking: 20 minutes. Serves 8 as a starter.": three lines, and no method. */
function timesApart(raw: string): readonly string[] {
  const line = raw.replace(PREPARATION, 'Prep time: ');
  const told = line.trim().split(/(?<=[\p{L})])\.\s+/u);
  return told.length > 1 && told.every((part) => TOLD_OF_TIME.test(part))
    ? told.map((part) => part.replace(/\.$/, ''))
    : [line];
}

const cellsOf = (raw: string): readonly string[] =>
  raw
    .trim()
    .replace(/^\||\|$/g, '')
    .split('|')
    .map((cell) => cell.trim());

/** A heading that says in what a column is measured. */
const UNIT_HEAD = /^(?:weight|amount|quantity|qty)?\s*\(?(grams?|g|kg|ml)\)?$/i;

/** Rows of a table as they are read alone: a column of parts ("for: dressing") goes into headings, what the head says of a unit into its cells. */
function withParts(raws: readonly string[]): readonly string[] {
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

const indentOf = (raw: string): number => /^[ \t]*/.exec(raw)?.[0].replace(/\t/g, '    ').length ?? 0;

/** "Wet" over lines that stand further in is a heading without its colon. */
const withHeadings = (raws: readonly string[]): readonly string[] =>
  raws.map((raw, n) => {
    const next = raws[n + 1] ?? '';
    const heads = /^\s*\p{Lu}[\p{L} &-]{1,30}$/u.test(raw) && next.trim() !== '' && indentOf(next) >= indentOf(raw) + 2;
    return heads ? `${raw.trimEnd()}:` : raw;
  });

/** "1 Boil noodles", "2 Blanch peas": a number, and what is done. */
const POINT = /^(\d{1,2})(?:[.)]\s*|\s+[–—-]\s+|\s+)(?=\+?\s*(\p{L}+)[\s,+&:])/u;
/** Without a sign behind its number it is a step where it begins in a capital letter. */
const isPoint = (line: string): boolean => /^\d+(?:[.)]|\s+(?:[–—-]\s+)?\p{Lu})/u.test(line);

const ROW = 5;
/** Numbers from 1 to 5 or more right below each other, in whatever letters: nobody needs 1, 2, 3, 4 and 5 of things in turn. */
function rowOfSteps(raws: readonly string[]): readonly number[] {
  const numbers = raws.map((raw) => Number(POINT.exec(raw.trim())?.[1] ?? Number.NaN));
  const begins = numbers.findIndex(
    (n, at) => n === 1 && Array.from({ length: ROW }, (_, k) => k).every((k) => numbers[at + k] === k + 1),
  );
  if (begins < 0) return [];
  return numbers.flatMap((n, at) => (at >= begins && n === at - begins + 1 ? [at] : []));
}

/** Steps that are numbered one by one, with a dot or without: none of them is an amount, and the method begins there where no heading says so. */
function withPoints(raws: readonly string[]): readonly string[] {
  const lines = raws.map((raw) => (isPoint(raw.trim()) ? POINT.exec(raw.trim()) : null));
  const said = lines.flatMap((found, at) =>
    found ? [{ at, n: Number(found[1]), marked: /^\d+[.)]/.test(found[0]), verb: isVerb(found[2] ?? '') }] : [],
  );
  const points = new Set<number>(rowOfSteps(raws));
  for (const [k, first] of said.entries()) {
    const run = said.slice(k).filter(({ n }, ahead) => n === ahead + 1);
    const verbs = run.filter(({ verb }) => verb).length;
    // Whole sentences, one after the other, are no amounts: "2  Oil, cumin seed till pop."
    const sentences = run.length > 2 && run.every(({ at }) => /[.!]$/.test(raws[at]?.trim() ?? ''));
    if (
      first.n === 1 &&
      run.length > 1 &&
      (sentences || verbs * (first.marked ? run.length : 2) > run.length - (first.marked ? 1 : 0))
    )
      for (const { at } of run) points.add(at);
  }
  const [first] = points;
  const headed = raws.slice(0, first).some((raw) => HEADING.test(raw.trim()));
  return raws.flatMap((raw, at) => {
    if (!points.has(at)) return [raw];
    const line = raw.trim().replace(POINT, '$1. ');
    return at === first && !headed ? ['', 'Method', line] : [line];
  });
}

const HEADING = /^(?:#+\s*)?(?:method|directions|procedure|process|instructions|steps|preparation)\s*:?$/i;

/** "Smoked tofu 2kg", "Bay 10" */
const NAME_AND_AMOUNT = /^\p{Lu}[\p{L} '-]*\s\d/u;

/** "turmeric ½ tsp", "onion 1" */
const NAME_AND_AMOUNT_SMALL = /^\p{L}[\p{L} '-]*\s\d[\d.,/ ]*(?:\p{L}{1,8}(?: \p{L}+)?)?$/u;

/** "Broccoli 2 heads -> steam 5 min": what is bought, and what is done with it. */
const DONE_WITH = /^\s*((?=[^>→]*[\d½¼¾⅓⅔])(?![^>→]*\.\s)\S[^>→]*?)\s+(?:->|=>|→)\s+(\S.*)$/;
/** "C) Onion 1.2 kg, pepper 1 kg - sweat 15 min": a dash does it too, behind several things. */
const DASHED = /^\s*(?:[A-H][.)]\s+)?((?=[^–—]*\d)[\p{L}\d](?:(?!\.\s)[^–—])*?)\s+[-–—]\s+(\p{L}+(?:\s.*)?)$/u;
function doneWith(raw: string, first: boolean): readonly string[] | null {
  const list = first ? undefined : listInLine(raw);
  if (list?.behind) return [raw, raw.slice(0, raw.length - list.behind.length).replace(/\.\s*$/, ''), list.behind];
  const arrow = DONE_WITH.exec(raw);
  if (arrow) return arrow;
  const dash = DASHED.exec(raw);
  const done = dash?.[2] ?? '';
  const several = (dash?.[1]?.split(/,\s+(?=\p{L})/u) ?? []).filter((item) =>
    NAME_AND_AMOUNT_SMALL.test(plainSigns(item)),
  );
  // "Red peppers 1.5 kg - oven 230, 25 min": one alone, where it takes its time; what was done before is told of it.
  const one =
    several.length === 1 &&
    durationsIn(done).length > 0 &&
    !/^\p{L}+ed\b/u.test(done) &&
    !TELLS.test(dash?.[1] ?? '') &&
    !/^(?:for|feeds)\b/i.test(dash?.[1] ?? '');
  if (one) return dash;
  return several.length > 1 && isVerb(/^\p{L}+/u.exec(done)?.[0] ?? '') ? dash : null;
}
/** A line that belongs to a list. */
const LISTED = /^[\s\p{P}]*\d|\d\s*(?:k?g|ml|l|tbsp|tsp|cups?)\b/iu;
/** What it is, without how much of it. */
const wordsOf = (line: string): string => listInLine(line)?.heading ?? (/^[^\d,]*/.exec(line)?.[0].trim() || line);

/** Who types asks the same of nearly every line again. */
const laterLines = remembered((raw: string) => linesOf(raw, false));

function linesOf(raw: string, first: boolean): readonly string[] {
  const line = raw.trim();
  if (line === '') return [''];
  if (/^[-=_*~\s]{3,}$/.test(line)) return [''];
  // "--- paste ---"
  const ruled = /^[-=*~]{2,}\s*(\p{L}[\p{L} &-]{1,40}?)\s*[-=*~]{2,}$/u.exec(line)?.[1];
  if (ruled) return ['', `${ruled}:`];
  const told = first ? undefined : listInLine(line);
  if (told)
    return [`${told.heading}:`, ...told.items, '', ...(blends(told.heading) ? [`${told.heading} all of it.`] : [])];
  // "1 onion / 2 carrots / salt"
  const slashed = line.split(/\s+\/\s+|\s*;\s+/);
  if (
    slashed.length > 2 &&
    slashed.every((part) => part.length < 60 && !/[.!?]\s/.test(part)) &&
    (readNumber(plainSigns(slashed[0] ?? '')) ??
      slashed.filter((part) => NAME_AND_AMOUNT_SMALL.test(plainSigns(part))).length * 10 >= slashed.length * 7)
  )
    return slashed;
  // "200 g peas · 1 leek · dill", "Sauerkraut 3 kg (drained), Onions 1.5 kg, Bay 10"
  const dotted = line.replace(/^[•·▢]\s*/, '').split(/\s+[·•]\s+/);
  // "4 servings · 40 min · easy"
  if (dotted.length > 1 && dotted.filter((part) => ABOUT_IT.test(part)).length * 2 > dotted.length)
    return dotted.map((part) => (ABOUT_IT.test(part) ? asAbout(part) : `Notes: ${part}`));
  if (dotted.length > 2 && dotted.filter((part) => readNumber(plainSigns(part))).length * 2 >= dotted.length)
    return dotted;
  const items = line.replace(/\.$/, '').split(/\s*,\s*(?![^(]*\))/);
  // "potatoes 500g, onion 1, turmeric ½ tsp, salt": the names first, in small letters.
  if (
    items.length > 4 &&
    !/[.!?]\s/.test(line) &&
    items.every((item) => item.length < 40 && !COOKED_AT.test(item)) &&
    items.filter((item) => NAME_AND_AMOUNT_SMALL.test(plainSigns(item))).length * 10 >= items.length * 7
  )
    return inItems(items);
  const named = line.replace(/\.$/, '').split(/,\s+(?=\p{Lu})/u);
  if (
    named.length > 3 &&
    named.every((part) => part.length < 60 && !/[.!?]\s/.test(part)) &&
    named.filter((part) => NAME_AND_AMOUNT.test(part)).length * 4 >= named.length * 3
  )
    return named;
  // "Prep 10 min | Serves 4" are no row of a list.
  if (!line.startsWith('|') && / \| /.test(line) && TELLS.test(line))
    return line.split('|').map((part) => asAbout(part.trim()));
  // "Bolognese | serves 6 | 1 hr": no table.
  const [title = '', ...about] = line.split(/\s+\|\s+/);
  // "Carrot halwa | desserts | *****"
  if (first && !line.startsWith('|') && about.length > 0 && !/\d/.test(line))
    return [title, ...about.filter((part) => /\p{L}/u.test(part)).map((part) => `Notes: ${part}`)];
  if (about.length > 0 && about.every((part) => ABOUT_IT.test(part) || (first && MADE.test(part))))
    return [title, ...about.map((part) => (ABOUT_IT.test(part) ? asAbout(part) : `Makes: ${part}`))];
  // "300 g mushrooms, 1 shallot, 2 cloves garlic, pepper.": a list, and no sentence.
  if (
    items.length > 3 &&
    !/[.!?]\s/.test(line) &&
    items.every(
      (item) =>
        item.length < 60 &&
        !COOKED_AT.test(item) &&
        (/^\p{L}+ of /u.test(item) || !isVerb(/^\p{L}+/u.exec(item)?.[0] ?? '')),
    ) &&
    AMOUNT_FIRST.test(plainSigns(items[0] ?? '')) &&
    items.filter((item) => AMOUNT_FIRST.test(plainSigns(item)) || byFeel(item)).length * 3 >= items.length * 2
  )
    return inItems(items);
  const listed = IN_ONE_LINE.exec(line.replace(/^[-*•]\s+/, ''));
  if (listed?.[1] && listed[2]) {
    const items = listed[2].replace(/\.$/, '').split(BETWEEN_ITEMS);
    const measured = items.filter((item) => readNumber(plainSigns(item)) ?? byFeel(item)).length;
    if (
      (items.length > 1 || (A_PART.test(listed[1]) && !/[|/•·]/.test(listed[2]))) &&
      measured * 5 >= items.length * 4 &&
      !items.some((item) => COOKED_AT.test(item))
    )
      return [
        /^for \d/i.test(listed[1]) ? listed[1] : `${listed[1]}:`,
        ...items,
        '',
        // "Blitz: 100 g seeds, 60 g basil" heads a list, and is done.
        ...(blends(listed[1]) ? [`${listed[1]} all of it.`] : []),
      ];
  }
  // "3 cloves garlic | 1 lemon | 40 ml oil": each an item of its own.
  const cells = line.replace(/^[-*•]\s+/, '').split(/\s+\|\s+/);
  if (
    !line.startsWith('|') &&
    cells.length > 1 &&
    cells.filter((cell) => /^\S+\s+(?:\S+\s+)*\p{L}{3,}/u.test(cell) && readNumber(plainSigns(cell))).length > 1
  )
    return cells;
  if (line.startsWith('|') || / \| /.test(line)) {
    if (RULE.test(line)) return [];
    const row = rowOf(line.split('|'));
    return row === undefined ? [] : [row];
  }
  // Cells parted by a gap: "Garlic, peeled      0.120 kg".
  const gap = /^(\p{L}\S*(?: \S+)*)\s{3,}((?:about |ca\.? )?\d\S*(?: \S+){0,3})$/u.exec(line);
  // "TVP CHILI        50 PAX"
  if (first && gap?.[1] && gap[2])
    return /^\d+ (?:pax|ppl|heads|covers)\b/i.test(gap[2])
      ? [gap[1], `Serves ${/\d+/.exec(gap[2])?.[0] ?? ''}`]
      : [gap[1], gap[2]];
  if (gap?.[1] && gap[2] && readNumber(plainSigns(gap[2]))) {
    // "leeks      2, sliced"
    const [amount = '', ...how] = gap[2].split(/,\s+/);
    return [[`${amount} ${gap[1]}`, ...how].join(', ')];
  }
  const heads = line.split(/\s{2,}|\t/);
  // "Item      Qty", "Qty Unit Item"
  if (heads.length > 1 && heads.every((part) => TABLE_HEAD.test(part))) return [];
  if (/^(?:qty|quantity|amount)\s+(?:unit|measure)?\s*(?:items?|ingredients?|food)$/i.test(line)) return [];
  const spaced = line.split(/\s{3,}/);
  // "Green beans     350 g     topped and tailed", "Oil     3 tbsp"
  if (spaced.length === 3 && /^\p{L}/u.test(line) && /^(?:about |ca\.? )?\d\S*(?: \S+){0,2}$/.test(spaced[1] ?? ''))
    return [`${spaced[1] ?? ''} ${spaced[0] ?? ''}, ${spaced[2] ?? ''}`];
  // "Dough      1 kg flour, 650 g water, 20 g salt"
  if (spaced.length === 2 && /^\p{L}[\p{L} ]{2,30}$/u.test(spaced[0] ?? '') && /^\d.*,\s*\d/.test(spaced[1] ?? ''))
    return linesOf(`${spaced[0] ?? ''}: ${spaced[1] ?? ''}`, false);
  if (spaced.length > 1 && spaced.slice(1).every((part) => ABOUT_IT.test(part) || /^\p{L}+:/u.test(part)))
    return spaced.map((part) =>
      asAbout(part)
        .replace(/^yields?:\s*/i, 'Makes: ')
        .replace(/^portions?:\s*(?=\d+\s*k?g\b)/i, 'Notes: portions of '),
    );
  // Cells parted by a tab, or by a row of dots.
  if (/\S\s*(?:\t|\.{3,})\s*\S/.test(line)) {
    const row = rowOf(line.split(/\t|\.{3,}/));
    return row === undefined ? [] : [row];
  }
  const needed = NEEDED.exec(line);
  if (needed?.[2] !== undefined && needed[3] !== undefined) {
    const items = inOneNumber(needed[2])
      .split(AND_ITEMS)
      .map((item) => item.trim())
      .filter(Boolean);
    // "To make a pot of lentil dip you need" names it, "for eight you need" says for how many.
    const [, what] = needed;
    const named =
      what === undefined
        ? []
        : /^(?:for|to (?:serve|feed)) /i.test(what)
          ? [what.replace(/^to (?:serve|feed) /i, 'for ')]
          : first
            ? [`${what.charAt(0).toUpperCase()}${what.slice(1)}`]
            : [];
    if (items.length > 2) return [...named, '', 'Ingredients', ...items, '', 'Method', needed[3]];
  }
  const headed = HEADED.exec(line);
  if (headed?.[1] && headed[2])
    return /^(?:ingredients|you)/i.test(headed[1])
      ? [
          '',
          headed[1],
          // "…, salt. Rice: 300 g": another part of the dish.
          ...headed[2]
            .replace(/\.$/, '')
            .split(/\.\s+(?=\p{Lu}[\p{L} ]{2,20}: )/u)
            .flatMap((part) => {
              const of = /^(\p{Lu}[\p{L} ]{2,20}): (.*)$/u.exec(part);
              return [...(of ? [`${of[1] ?? ''}:`] : []), ...itemsOf(of?.[2] ?? part)];
            }),
          '',
        ]
      : ['', headed[1], headed[2]];
  return [line.replace(/\s{2,}/g, ' ')];
}

/** Lines of a method that were broken where the paper ended, put together again: a sentence goes on in a small letter. */
export const unwrapped = (lines: readonly string[]): readonly string[] => {
  // Who writes all in small letters begins a step with one, too: with what hands do.
  const filled = lines.filter(Boolean);
  const small = !filled.some((line) => /^\P{L}*\p{Lu}/u.test(line));
  const begins = (line: string, before: string) =>
    small &&
    (before.length < PAPER || /^\p{L}[\p{L} ]{1,24}:\s/u.test(line) || isVerb(/^\p{L}+/u.exec(line)?.[0] ?? ''));
  return lines.reduce<string[]>((all, line) => {
    const before = all.at(-1);
    if (before !== undefined && goesOn(before, line) && !begins(line, before.split('\n').at(-1) ?? before))
      all[all.length - 1] = `${before} ${line}`.trim();
    else all.push(line);
    return all;
  }, []);
};

/** What a small hand writes is shorter than the paper is wide, where a step ends. */
const PAPER = 55;
/** Only what is about as wide as a column of print was broken by it. */
const COLUMN = 25;
const goesOn = (before: string, line: string): boolean =>
  before !== '' &&
  line !== '' &&
  !/[.!?:;]$/.test(before) &&
  (/^[a-z(°\d]/.test(line) || /(?:,|\b(?:the|and|or|a|an|of|to|with|for|in|at|on|until|it|is))$/i.test(before)) &&
  !/^\d+[.)]\s/.test(line) &&
  before.length >= COLUMN;
