import { plainSigns, readNumber, remembered } from '../../../quantity/index.ts';
import { STARTS_BY_FEEL } from '../../ingredient/byFeel.ts';
import { isVerb } from '../kitchenVerbs.ts';

/** A list that is told in one line under a heading of its own, and what is told behind it. */
export interface ListInLine {
  readonly heading: string;
  readonly items: readonly string[];
  readonly behind?: string;
}

/** A number before it says that it is a step, unless it says what its list is for. */
const POINT = /^(?:[-–—*•]|\d{1,2}[.)](?= +for the\b))\s+/i;
/** "For the paste: …", "RICE  …", "Dressing - …": a heading that is told from what it heads. */
const HEADING =
  /^(for \d+|(?:for (?:the|your) )?\p{L}[\p{L} &'’-]{1,30}?)(?:\s*:\s+|\s[–—-]\s)(?=\S)|^(\p{Lu}{3,}(?: \p{Lu}{2,}){0,2})\s+(?=[\d\p{L}])/iu;
const SHOUTED = /^\p{Lu}{3,}(?: \p{Lu}{2,}){0,2}$/u;
/** These head something else, or nothing. */
const NO_HEADING =
  /^(?:ingredients?|method|directions|instructions|steps|oven|air[- ]?fryer|microwave|hob|stove|grill|pressure|rice cooker|slow cooker|makes|serves|yields?|feeds|servings?|portions?|prep\w*|cook\w*|total|active|times?|notes?|tips?|step|day|night|evening|morning|sun|mon|tue|wed|thu|fri|sat|in(?:to)? (?:an?|the))\b/i;
/** What is told of minutes and heat is done, and no list. */
const COOKED_AT = /\b(?:heat|flip|lid)\b|\b\d+ ?(?:mins?|minutes?|hours?|h)\b|\d ?°/i;
/** In brackets, or before it goes in: "(2 min)", "pressed 30 min". */
const ASIDE = /\([^)]*\)|\b(?:pressed|soaked|drained) (?:for )?\d+ ?(?:mins?|minutes?|hours?|h)\b/gi;
/** "TOP  nori, sesame seeds": names alone, behind a heading in capitals. */
const NAME_ALONE = /^\p{Ll}+(?: \p{Ll}+){0,2}$/u;
const UNMEASURED = /^(?:juice|zest|salt|pepper)\b/i;
/** Between the items, the most certain first; within brackets nothing parts. */
const BETWEEN = [/\s+\/\s+/, /\s+[·•|]\s+/, /\s*;\s*/, /\s*,\s*(?![^(]*\))/] as const;
const DONE_IN = /\b(?:rice cooker|pressure cooker|slow cooker|oven|microwave|air[- ]?fryer|hob|blender)\b/i;
const LONGEST = 60;
/** Heads one thing, too: "Topping: 50 g breadcrumbs". */
const A_PART = /^(?:topping|filling|sauce|dressing|dough|base|garnish|marinade|crust)$/i;
/** Of so many in ten somebody says how much. Common practice, no published source. */
const MEASURED = 6;
/** "chopped", "peeled and thinly sliced", "cubed small"; "dried mushrooms" are something else */
const HOW_ONLY =
  /^(?:\p{L}+ly )?(?!red$)\p{L}+ed(?: (?:and|&) (?:\p{L}+ly )?\p{L}+ed)*(?: (?:small|fine|finely|thin|thinly|in|into|to)\b[^\d]*)?$/iu;
/** What is told of the item before it goes with it: "2 onions, chopped". */
export const inItems = (items: readonly string[]): readonly string[] =>
  items.reduce<string[]>((all, item) => {
    const before = all.at(-1);
    if (before !== undefined && HOW_ONLY.test(item)) all[all.length - 1] = `${before}, ${item}`;
    else all.push(item);
    return all;
  }, []);

const isMeasured = (item: string): boolean =>
  readNumber(plainSigns(item)) !== undefined ||
  STARTS_BY_FEEL.test(item) ||
  UNMEASURED.test(item) ||
  /^\p{L}[\p{L} -]*\s\d[\d.,/]*\s*\p{L}{0,6}$/u.test(item);

/** The items of a list up to where a sentence begins; that is told behind it. */
function endOf(body: string): readonly [list: string, behind?: string] {
  for (const { index, 0: said } of body.matchAll(/(?<!\b(?:approx|tbsp|tsp|oz|lbs?|ca|pkg|lg|med))\.\s+/gi)) {
    const behind = body.slice(index + said.length);
    if (/^\p{Lu}/u.test(behind) || isVerb(/^\p{L}+/u.exec(behind)?.[0] ?? '')) return [body.slice(0, index), behind];
  }
  return [body.replace(/\.$/, '')];
}

/**
 * A heading with its list in the same line, and what is done with it; undefined: the line is none.
 * @example listInLine('Flatbreads: 150 g flour, 120 g yoghurt. Mix and rest 10 min.') // { heading: 'Flatbreads', items: ['150 g flour', '120 g yoghurt'], behind: 'Mix and rest 10 min.' }
 */
export const listInLine = remembered((line: string): ListInLine | undefined => {
  const bare = line.trim().replace(POINT, '');
  const found = HEADING.exec(bare);
  const heading = (found?.[1] ?? found?.[2] ?? '').trim();
  if (!found || NO_HEADING.test(heading) || (found[2] !== undefined && !SHOUTED.test(heading))) return undefined;
  const [list, behind] = endOf(bare.slice(found[0].length));
  for (const between of BETWEEN) {
    const items = list
      .split(between)
      .map((item) => item.trim())
      .filter(Boolean);
    const names = SHOUTED.test(heading) && items.every((item) => NAME_ALONE.test(item));
    const alone = between === BETWEEN.at(-1) && A_PART.test(heading);
    if ((items.length < 2 && !alone) || !(names || isMeasured(items[0] ?? ''))) continue;
    // "600 g rice, 1.3 l water, rice cooker (50 min)": from there on it is told what is done.
    const doneFrom = items.findIndex((item, n) => n > 1 && !isMeasured(item) && DONE_IN.test(item));
    const done = doneFrom < 0 ? undefined : items.slice(doneFrom).join(', ');
    const together = inItems(doneFrom < 0 ? items : items.slice(0, doneFrom));
    const isList =
      (together.length > 1 || alone) &&
      together.every(
        (item) => item.length < LONGEST && (isMeasured(item) || !isVerb(/^\p{L}+/u.exec(item)?.[0] ?? '')),
      ) &&
      !COOKED_AT.test(together.map((item) => item.replace(ASIDE, '')).join(', ')) &&
      (names || together.filter(isMeasured).length * 10 >= together.length * MEASURED);
    const then = [done, behind].filter((each) => each !== undefined).join('. ');
    if (isList) return { heading, items: together, ...(then ? { behind: then } : {}) };
  }
  return undefined;
});
