import { readNumber } from '../../quantity/index.ts';
import type { RecipeText } from './recipeText.ts';
import { eachApart } from './eachApart.ts';
import { isVerb, saysDeed } from './kitchenVerbs.ts';
import { sentencesOf } from './splitMethod.ts';
import {
  AHEAD_OF_IT,
  BULLET,
  INGREDIENTS,
  METHOD,
  ON_A_DAY,
  ORDER_FROM,
  SECTION,
  headingOf,
  isAside,
  isIngredient,
  isNames,
  isOrder,
  isSentence,
  isShort,
  ordered,
  type Part,
} from './lineSorts.ts';
import { textLines } from './lines/textLines.ts';
import { unwrapped } from './lines/unwrapped.ts';
import {
  MOST_MADE,
  PORTIONS_IN_NAME,
  eatersAlone,
  eatersIn,
  portionsApart,
  portionsIn,
  portionsWithin,
} from './portionsSaid.ts';
import { behindWhoSays, isGreeting, isName, nameApart, nameBehindList, nameOf } from './recipeName.ts';
import { durationsIn } from './timesIn.ts';
import { inItems } from './lines/listInLine.ts';
import { isRemark } from './secondReading/remarkDoubt.ts';
import { isTold } from './toldOnly.ts';

/** "Makes about 8 pancakes / serves 2" */
const PIECES_NAMED =
  /\b(?:makes|yields?|gives):?\s+(?:about )?\d+(?:\s?(?:-|–|to)\s?\d+)?\s+(?:\p{L}+ )?(?:\p{L}*cakes|fritters|patties|burgers|flatbreads|falafels?|rotis?|wraps|tortillas|dumplings|cr[eê]pes|blinis?|pikelets)\b/iu;
/** A line that tells of the recipe, and is neither bought nor done. */
const ABOUT =
  /^(?:(?:prep(?:aration)?|cook(?:ing|s)?|total|active|hands-on|ready(?: in)?)(?:\s*time)?\s*:?\s*(?:about\s*)?\d.{0,120}|times?:?\s+\d+.{0,120}|(?:prep|cook|total)(?:\s*time)?\s*:\s*PT\d.*|(?:difficulty|level|cuisine|course|category|author|source|from|tags?|keywords|rating|cost|equipment|allergens?|portion size|calories|nutrition[^:]{0,30}|storage|storing|freezing|(?:make|do)[- ]ahead|leftovers|to serve with|per (?:serving|portion)(?!.*\d ?min|\s*:?\s*$)|notes?|tips?)\s*:.*|(?:makes|yields?):?\s*(?:about\s*)?\d[\d.,/ -]*\s*(?:k?g|ml|l|lit(?:re|er)s?|cups?|oz|lbs?|pints?|jars?)\b.*|.*\b\d+\s*k(?:cal|j)\b.*)$/i;
/** "To serve: sour cream, chives" in a list: what it is eaten with. */
const BESIDE = /^(?:to|for) (?:serve|serving|garnish|finish|top):\s+(\p{L}[^.!:]{2,80})$/iu;
const besideIt = (line: string): readonly string[] => {
  const items = BESIDE.exec(line)?.[1]?.split(/\s*,\s*(?:and\s+)?|\s+(?:and|&)\s+/) ?? [];
  return items.some((item) => isVerb(/^\p{L}+/u.exec(item)?.[0] ?? '')) ? [] : items;
};
/** "### To serve" */
const MARKED_SECTION = /^#{2,}\s+[^\d]{2,60}$/;
const WORDS_ONLY = /^\p{Lu}\p{L}+(?: \p{L}+){0,2}$/u;
/** What a heading parts off: "For the sauce:" is the sauce. */
const partOf = (heading: string): string =>
  heading
    .replace(/^#+\s*/, '')
    .replace(/(?::|\s[-–—])$/, '')
    .replace(/^(?:for(?: the| your)?|to) /i, '')
    .replace(/ ingredients$/i, '')
    .trim()
    .toLowerCase();
/** How long it takes in all, and nothing to do. */
const TELLS_OF_TIME =
  /^(?:it |this )?(?:takes?|took|active|total|ready|needs?|soak|bake|cook|prep|hands-on)\b[:\s]*(?:about |you |me |only |just )*(?:\d|none|half|an? |one |two )|\b(?:total|active|hands-on)(?: time)?:? (?:about )?\d/i;
/** "Morning:", "Baking day:": when, and no part of a dish. */
const OF_A_DAY = /^(?:the )?(?:\p{L}+ )?(?:morning|noon|afternoon|evening|night|day|later|before|after)\b/iu;
/** "Cook 150 g rice", and of a method also "Cook 20 minutes": something to do, and no word about how long all takes. */
const COOKS = /^cook(?:s|ing)?\s+\d[\d.,]*\s*(?:k?g|ml|l|oz|lbs?|cups?|tbsp|tins?|cans?)\b/i;
const COOKS_FOR = /^cook(?:s|ing)?\s*(?:about\s*)?\d/i;
const isAbout = (line: string, part: Part): boolean =>
  ABOUT.test(line) && !COOKS.test(line) && !(part === 'method' && COOKS_FOR.test(line));
/** Who eats it, or in how many parts it is eaten. */
const EATERS_IN_NAME =
  /\b(?:serves|feeds|servings?|portions?|people|persons?|pers|pax|ppl|guests|eaters?|hikers?|mouths?|lunches|helpings|for|boxes|covers)\b/i;
const MEASURED =
  /[\d½¼¾⅓⅔⅛]\s*(?:kg|g|ml|l|oz|lbs?|tbsp|tsp|cups?|mugs?|tins?|cans?|jars?|packets?|bunch(?:es)?|handfuls?|heads?|cloves)\b/i;
/** "Oven 300F" over the list is how hot it is, and no word about it. */
const OVEN_SET =
  /^(?:pre-?heat|heat)?\s*(?:the |your |an )?oven\b.*(?:\d{3}|\bgas (?:mark )?\d)|^pre-?heat(?: to)? (?:\d{3}|gas (?:mark )?\d)/i;
/** "Serves 4, oven 210C": said above the list, and meant for what goes in. */
const ovenSaid = (line: string): readonly string[] => {
  const heat = /\boven:?\s*(?:at )?(\d{3}\s*°?\s*[CF]?)(?![\d\p{L}])/iu.exec(line)?.[1];
  return heat === undefined ? [] : [`Oven ${heat}.`, ''];
};
/**
 * Takes a pasted text apart: its first line is the name; headings part ingredients from method; without headings a short line with an amount is an ingredient, and the
 * sentences that follow are the method. No line is lost: what is neither is a note.
 */
export function readRecipeText(text: string): RecipeText {
  const lines = textLines(text).flatMap(portionsApart);
  // "# Rice bowls" is the name, wherever it stands.
  const marked = lines.findIndex((line) => /^#\s+\S/.test(line) && !headingOf(line));
  const behind = nameBehindList(lines);
  const start = marked >= 0 ? marked : behind >= 0 ? behind : behindWhoSays(lines, lines.findIndex(Boolean));
  const first = lines[start] ?? '';
  const bracket = PORTIONS_IN_NAME.exec(first.replace(/\.$/, ''));
  const title = first.replace(bracket ? /\.$/ : /(?<=\bfor \d+)\.$/i, '').replace(PORTIONS_IN_NAME, '');
  const named = isName(title, lines[start + 1]);
  const [name, toldOfIt] = nameApart(title);
  const listed = lines.some((line) => INGREDIENTS.test(line));
  const hasList = lines.filter((line) => isIngredient(line.replace(BULLET, '').trim())).length > 1;

  const inName = bracket
    ? (eatersIn(bracket[0]) ?? readNumber(bracket.slice(1).find(Boolean) ?? '')?.value.valueOf())
    : undefined;
  // "(makes 60)" and "(24)" are pieces: nobody makes so many portions without saying so.
  let portions =
    inName !== undefined && inName > MOST_MADE && !EATERS_IN_NAME.test(bracket?.[0] ?? '') && !/\bcrowd\b/i.test(title)
      ? undefined
      : inName;
  let part: Part = 'before';
  let group = '';
  /** Of a part that is done on a day of its own, its heading: "Night before:". */
  let day = '';
  /** Of a list that stands in the method, its heading: "Peanut sauce: 150 g …"; of one that only says when, none. */
  let headed: string | undefined;
  const ingredients: string[] = [];
  const groups: string[] = [];
  const method: string[] = [];
  const notes: string[] = [];
  const list = (line: string) => {
    for (const one of eachApart(line)) {
      ingredients.push(one);
      groups.push(group);
    }
  };

  const firstListed = lines.findIndex((line, at) => at !== start && isIngredient(line.replace(BULLET, '').trim()));
  const listHasPoints = firstListed < 0 || BULLET.test(lines[firstListed] ?? '');
  const onItsDay = (bare: string): string => (AHEAD_OF_IT.test(day) ? `${day} ${bare}` : bare);
  const methodFrom = lines.findIndex((line) => METHOD.test(line));
  for (const [at, line] of lines.entries()) {
    if (named && at === start) {
      if (toldOfIt !== undefined) {
        portions ??= portionsWithin(toldOfIt);
        method.push(...ovenSaid(toldOfIt));
        notes.push(toldOfIt);
      }
      continue;
    }
    // Who it is from or for stands over the name.
    if (named && at < start && marked < 0 && behind < 0) {
      if (line) notes.push(line);
      continue;
    }
    if (at === start && isGreeting(line)) {
      portions ??= portionsWithin(line);
      notes.push(line);
      continue;
    }
    if (line === '') {
      headed = undefined;
      if (part === 'method' || method.length > 0) method.push('');
      if (groups.at(-1) === group) group = '';
      continue;
    }
    const heading = headingOf(line);
    if (heading) {
      portions ??= portionsWithin(line);
      part = heading;
      group = '';
      continue;
    }
    // Over the list, or first in it: how hot the oven is, and no ingredient.
    if (
      part !== 'method' &&
      part !== 'notes' &&
      ingredients.length === 0 &&
      (listed || hasList) &&
      OVEN_SET.test(line)
    ) {
      // "Oven: 150 °C  Time: 1 h 15": how long all takes is no step.
      method.push(...(durationsIn(line).length > 0 ? ovenSaid(line) : [line, '']));
      continue;
    }
    const said = part === 'method' ? undefined : portionsIn(line);
    if (said !== undefined && portions === undefined) {
      portions = said;
      // How many pieces that is tells how often a pan is filled.
      if (PIECES_NAMED.test(line)) notes.push(line);
      continue;
    }
    // "Makes 16 · serves 4": eaters count, and not pieces.
    const eaters = part === 'method' ? undefined : eatersAlone(line);
    if (eaters !== undefined) {
      portions = Number(eaters);
      continue;
    }
    if (isAbout(line.replace(BULLET, ''), part) || (part === 'method' ? isRemark : isTold)(line.replace(BULLET, ''))) {
      portions = eatersAlone(line) ?? portions ?? portionsWithin(line);
      if (part === 'before') method.push(...ovenSaid(line));
      notes.push(line);
      continue;
    }
    const beside = part === 'method' || part === 'notes' ? [] : besideIt(line);
    if (beside.length > 0 && ingredients.length > 0) {
      group = partOf(line.slice(0, line.indexOf(':')));
      beside.forEach(list);
      group = '';
      continue;
    }
    if ((SECTION.test(line) || MARKED_SECTION.test(line)) && part !== 'notes') {
      group = part === 'method' ? '' : partOf(line);
      headed = part !== 'method' ? undefined : OF_A_DAY.test(line) ? '' : partOf(line);
      day = ON_A_DAY.test(`${line} `) ? line : '';
      continue;
    }
    // "TEMPERING" over lines that are not all shouted is one, too.
    if (
      part !== 'method' &&
      part !== 'notes' &&
      /^(?:[A-Z][A-Z &-]{3,30}|WET|DRY|VEG)$/.test(line) &&
      /[a-z]{3}/.test(lines[at + 1] ?? '')
    ) {
      group = partOf(line);
      continue;
    }
    // "Wet" or "To finish" over the next lines of a list is a heading without its colon.
    if (
      part !== 'method' &&
      part !== 'notes' &&
      (lines[at - 1] === '' || (BULLET.test(lines[at - 1] ?? '') && BULLET.test(lines[at + 1] ?? ''))) &&
      WORDS_ONLY.test(line) &&
      isIngredient((lines[at + 1] ?? '').replace(BULLET, ''))
    ) {
      group = partOf(line);
      continue;
    }
    // A list without points, and points that tell of minutes below it: they are the method.
    if (part !== 'method' && part !== 'notes' && methodFrom < 0 && pointsTell(lines, at) && !listHasPoints)
      part = 'method';
    if (part !== 'method' && part !== 'notes' && methodFrom < 0 && ingredients.length > 1 && timesTell(lines, at))
      part = 'method';
    const bare = line
      .replace(BULLET, '')
      .replace(part === 'method' ? /^\d{1,2}\s+(?!(?:Tbsps?|Tsps?|TB|T|L|Cups?|Kg|Oz|Lbs?)\b)(?=\p{Lu})/u : '', '')
      .trim();
    if (part === 'notes') notes.push(bare);
    else if (part !== 'method' && ingredients.length > 0 && OVEN_SET.test(bare)) {
      part = 'method';
      method.push(bare);
    } else if (
      part !== 'method' &&
      ingredients.length > 0 &&
      ordered(bare) &&
      durationsIn(bare).length > 0 &&
      day === '' &&
      lines.slice(at + 1, at + 4).some((next) => MEASURED.test(next) && isIngredient(next.replace(BULLET, '').trim()))
    ) {
      // "Pressure cook 12 min in fresh water", in the middle of a list.
      method.push(bare, '');
    } else if (part === 'ingredients') {
      // A list without a heading behind it goes over into sentences.
      if (isSentence(bare) || (lines[at - 1] === '' && ordered(bare) && bare.length > ORDER_FROM)) {
        part = 'method';
        method.push(bare);
      } else list(bare);
    } else if (part === 'method' && headed !== undefined && isBareIngredient(line)) {
      group = headed;
      list(bare);
      group = '';
    } else if (part === 'method') {
      if (saysDeed(withoutBrackets(line))) headed = undefined;
      // Each point of a list is a step of its own, in whichever letter it begins.
      if (BULLET.test(line)) method.push('');
      method.push(onItsDay(bare));
    } else if (isIngredient(bare) || (ingredients.length > 0 && methodFrom > at && isShort(bare))) list(bare);
    else if (ingredients.length > 0 && bare.length < 30 && !/[.!]$/.test(bare) && !ordered(bare)) list(bare);
    else if (
      ingredients.length > 0 &&
      isShort(bare) &&
      lines.slice(at + 1, at + 4).some((next) => isIngredient(next.replace(BULLET, '').trim()))
    )
      list(bare);
    // What nobody does is bought: "enough water to cover", "sesame seeds and spring onions, to serve".
    else if (
      ingredients.length > 0 &&
      (isShort(bare) || isAside(bare, lines[at - 1])) &&
      (!saysDeed(bare) || isNames(bare))
    )
      list(bare);
    else if (ingredients.length > 0) {
      part = 'method';
      // "Night before:" over what goes in then is said of what is done with it, too.
      method.push(day === '' ? bare : `${day} ${bare}`);
    } else if ((listed || hasList) && OVEN_SET.test(bare)) {
      method.push(bare);
    } else if ((listed || hasList) && MEASURED.test(bare) && !/^makes|^gives|^yields?/i.test(bare)) {
      // It holds an amount: what it is of is read, or asked.
      list(bare);
    } else if (
      (listed || hasList) &&
      bare.length > ORDER_FROM &&
      saysDeed(bare) &&
      durationsIn(bare).length > 0 &&
      !TELLS_OF_TIME.test(bare)
    ) {
      // Something to do, over the list of what comes later.
      method.push(bare, '');
    } else if (listed || hasList) {
      // A word before the list may say for how many it is.
      portions ??= portionsWithin(bare);
      method.push(...ovenSaid(bare));
      notes.push(bare);
    } else method.push(onItsDay(bare));
  }
  // "Per bag:" over a list: it is written for one.
  if (groups.length > 0 && groups.every((each) => EACH_ONE.test(each))) {
    portions = 1;
    groups.fill('');
  }
  const steps = unwrapped(method)
    .map((paragraph) => {
      const told = paragraphOnly(paragraph);
      told.forEach(list);
      return told.length > 0 ? '' : paragraph;
    })
    .map((paragraph) => {
      const [, listsOnly] = parted(sentencesOf(paragraph), (sentence) => itemsOnly(sentence).length === 0);
      listsOnly.flatMap(itemsOnly).forEach(list);
      return listsOnly.reduce((left, sentence) => left.replace(sentence, ''), paragraph).trim();
    })
    .map((paragraph) => {
      const [done, told] = parted(sentencesOf(paragraph), (sentence) => !isRemark(sentence));
      notes.push(...told);
      portions ??= told.map(portionsWithin).find((said) => said !== undefined);
      return told.length > 0 ? done.join(' ') : paragraph;
    })
    .filter(Boolean);
  return {
    name: named ? nameOf(name) : '',
    portions,
    ingredients,
    ...(groups.some(Boolean) ? { groups } : {}),
    method: steps,
    ...(notes.length > 0 ? { notes } : {}),
  };
}

/** Between the items of a sentence that only lists: before the next amount. */
const NEXT_ITEM = /\s*,\s*(?:and\s+|plus\s+)?(?![^(]*\))|\s+(?:and|plus)\s+(?=\d|an? |half )/i;
/** So many make it a list. */
const LEAST_ITEMS = 4;
/** "Zest + juice of 1 lemon": nobody zests there. */
const OF_A_FRUIT = /\b(?:zest|juice|peel)\b(?=[^,.;]{0,20} of )/gi;
/** The items of a sentence in which nothing is done: "2 cucumbers, 500 g yoghurt, 40 g walnuts and 1 lemon." */
function itemsOnly(sentence: string): readonly string[] {
  if (
    saysDeed(sentence.replace(OF_A_FRUIT, '')) ||
    durationsIn(sentence).length > 0 ||
    !/^(?:\d|an? |half )/i.test(sentence)
  )
    return [];
  const items = sentence.replace(/[.!]$/, '').split(NEXT_ITEM).filter(Boolean);
  const measured = items.filter((item) => isIngredient(item)).length;
  return items.length >= LEAST_ITEMS && measured * 4 >= items.length * 3 ? items : [];
}

const STARTS_WITH_SO_MUCH = /^(?:\d|[½¼¾⅓⅔]|(?:an?|half an?|one|two|three|four|five|six)\s)/i;
/** "2 tins of chickpeas. An onion, sliced. Three tomatoes. Salt.": the items of a paragraph that only lists, each with its point. */
function paragraphOnly(paragraph: string): readonly string[] {
  const sentences = paragraph.split(/[.!]\s+|[.!]$/).filter(Boolean);
  const each = sentences.map((sentence) => inItems(sentence.split(NEXT_ITEM).filter(Boolean)));
  const items = each.flat();
  const lists =
    sentences.length > 2 &&
    durationsIn(paragraph).length === 0 &&
    each.every(([first = '']) => STARTS_WITH_SO_MUCH.test(first) || /^\p{L}+(?: \p{L}+)?$/u.test(first)) &&
    items.filter((item) => STARTS_WITH_SO_MUCH.test(item)).length >= LEAST_ITEMS;
  return lists ? items : [];
}

const parted = <T>(all: readonly T[], first: (each: T) => boolean): readonly [readonly T[], readonly T[]] => [
  all.filter(first),
  all.filter((each) => !first(each)),
];

/** What a list is for, where it is for one of them. */
const EACH_ONE = /^(?:per|(?:for |in |into )(?:each|one)|each)\b/i;
/** Do points begin here, behind an empty line, more than one of which tells how long something takes, or what to do? */
function pointsTell(lines: readonly string[], at: number): boolean {
  if (lines[at - 1] !== '' || !DASH_POINT.test(lines[at] ?? '')) return false;
  const rest = lines.slice(at);
  const end = rest.findIndex((line) => !DASH_POINT.test(line));
  const points = end < 0 ? rest : rest.slice(0, end);
  return points.filter((line) => durationsIn(line).length > 0 || isOrder(line.replace(BULLET, ''))).length > 1;
}
const withoutBrackets = (line: string): string => line.replace(/\([^()]*\)/g, '');
/** An amount of something, and nothing that is done with it. */
const isBareIngredient = (line: string): boolean =>
  !BULLET.test(line) &&
  isIngredient(line) &&
  durationsIn(withoutBrackets(line)).length === 0 &&
  !saysDeed(withoutBrackets(line));

/** Lines below an empty one of which most say how long: they are the method, though no heading says so. */
function timesTell(lines: readonly string[], at: number): boolean {
  if (lines[at - 1] !== '') return false;
  const rest = lines.slice(at);
  const end = rest.indexOf('');
  const block = end < 0 ? rest : rest.slice(0, end);
  const timed = block.filter(
    (line) => durationsIn(line).length > 0 || isVerb(/^\p{L}+/u.exec(line.replace(BULLET, ''))?.[0] ?? ''),
  ).length;
  return (
    timed > 1 &&
    timed * 2 >= block.length &&
    !block.some((line) => TELLS_OF_TIME.test(line) || /\btotal\b|^prep/i.test(line)) &&
    block.filter((line) => isIngredient(line)).length * 2 < block.length
  );
}
const DASH_POINT = /^[-–—*•·]\s?(?=\p{L}|\d)/u;
