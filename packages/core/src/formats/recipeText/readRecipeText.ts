import { plainSigns, readNumber, remembered } from '../../quantity/index.ts';
import type { RecipeText } from './recipeText.ts';
import { eachApart } from './eachApart.ts';
import { isVerb, saysDeed } from './kitchenVerbs.ts';
import { sentencesOf } from './splitMethod.ts';
import { textLines } from './lines/textLines.ts';
import { unwrapped } from './lines/unwrapped.ts';
import { durationsIn } from './timesIn.ts';
import { isRemark } from './secondReading/remarkDoubt.ts';
import { isTold } from './toldOnly.ts';

const PORTIONS =
  /^(?:batch |total )?(?:serves|srvs?|makes|yields?|servings?|portions?|for|enough for)\s*:?\s*(?:(?:enough|plenty)\s+(?:for|to\s+(?:serve|feed))\s+)?(?:about\s*)?((?:\d|an?\b|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|½).{0,39})$/i;
const PORTIONS_BEHIND =
  /^\(?(\d+)(?:\s*(?:-|–|to)\s*\d+)?\s*(?:(?:good|big|large|small|generous|hearty|modest) )?(?:servings?|portions?|people|persons?|lunches|dinners|suppers|meals|helpings|pers\.|p\.?)\)?(?: as an? (?:side|main|starter|light lunch))?$/i;
const PORTIONS_IN_NAME =
  /\s*[([](?:[^()]*[,;·]\s*)?(?:(?:serves|for|makes|feeds)\s+)?(\d+)(?:\s*(?:-|–|to)\s*\d+)?(?:\s*(?:(?:hungry|big|small) )?(?:servings?|portions?|people|persons?|pers\.?|pax))?(?:,[^()]*)?[)\]]$|(?:\s+[—–/|-]|[,.])\s+(\d+)\s*(?:\w+ )?(?:servings?|portions?|helpings|people|boxes)$|,?\s+(?:[-–—]\s+)?(?:serves|makes|feeds)\s+(\d+)(?:\s?(?:-|–|to)\s?\d+)?(?: pieces| slices| squares)?$|\s+\((?:[^()]*\s)?[x×]\s?(\d+)\)$|\s+[x×]\s?(\d+)$|\s+for\s+(\d+|two|three|four|five|six|eight|ten|twelve)(?:\s+(?:people|persons?|pax|guests))?$/i;
const INGREDIENTS =
  /^(?:#+\s*)?(?:\*\*)?(?:ingredients(?: list)?(?: for .{1,60})?|you(?:’ll|'ll| will)? need|what you(?:’ll|'ll| will)? need|shopping(?: list)?)\s*(?:\([^)]*\))?\s*:?(?:\*\*)?$/i;
const METHOD =
  /^(?:#+\s*)?(?:\*\*)?(?:method|directions|procedure|process|instructions|steps|preparation|day \d[\d -]*|how(?: to)?(?: (?:make|cook|do) it)?|what to do|to make|do this|cooking|what to do|step 1)\s*:?(?:\*\*)?$/i;
/** From here on it is told how it keeps, tastes or came about. */
const NOTES =
  /^(?:#+\s*)?(?:\*\*)?(?:notes?|tips?|cook[’']s notes?|recipe notes?|storage|to store|variations?|nutrition(?:al)?(?: (?:facts|information))?|equipment)\s*:?(?:\*\*)?$/i;
/** A line that tells of the recipe, and is neither bought nor done. */
const ABOUT =
  /^(?:(?:prep(?:aration)?|cook(?:ing|s)?|total|active|hands-on|ready(?: in)?)(?:\s*time)?\s*:?\s*(?:about\s*)?\d.{0,120}|times?:?\s+\d+.{0,120}|(?:prep|cook|total)(?:\s*time)?\s*:\s*PT\d.*|(?:difficulty|level|cuisine|course|category|author|source|from|tags?|keywords|rating|cost|equipment|allergens?|portion size|calories|nutrition[^:]{0,30}|storage|storing|freezing|(?:make|do)[- ]ahead|leftovers|to serve with|per (?:serving|portion)|notes?|tips?)\s*:.*|(?:makes|yields?):?\s*(?:about\s*)?\d[\d.,/ -]*\s*(?:k?g|ml|l|lit(?:re|er)s?|cups?|oz|lbs?|pints?|jars?)\b.*|.*\b\d+\s*k(?:cal|j)\b.*)$/i;
/** "For the topping", "Topping:", "TOPPING:" part a list; they are no ingredient. */
const SECTION =
  /^(?:#+\s*)?(?:for (?:the|your) [a-z' -]{2,40}:?|(?:to|for) (?:serve|serving|garnish|finish):?|[^\d.,:]{2,40}(?::|\s[-–—]))$/i;
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
const MEASURED =
  /[\d½¼¾⅓⅔⅛]\s*(?:kg|g|ml|l|oz|lbs?|tbsp|tsp|cups?|mugs?|tins?|cans?|jars?|packets?|bunch(?:es)?|handfuls?|heads?|cloves)\b/i;
/** "Oven 300F" over the list is how hot it is, and no word about it. */
const OVEN_SET = /^(?:pre-?heat|heat)?\s*(?:the |your |an )?oven\b.*(?:\d{3}|\bgas (?:mark )?\d)/i;
/** "Serves 4, oven 210C": said above the list, and meant for what goes in. */
const ovenSaid = (line: string): readonly string[] => {
  const heat = /\boven:?\s*(?:at )?(\d{3}\s*°?\s*[CF]?)(?![\d\p{L}])/iu.exec(line)?.[1];
  return heat === undefined ? [] : [`Oven ${heat}.`, ''];
};
const BULLET = /^(?:-{1,2}>|[-–—*•◦‣·▢□☐+→►▶>]|step\s*\d+\s*[.:)-]?|(?:\d+[.)]|[a-h]\))(?=\s))\s*/i;
const AMOUNT_AT_START =
  /^(?:\d|an? |half |one |two |three |four |five |six |pinch|juice|zest|(?:(?:large|big|small|good) )?(?:handful|bunch|knob|splash|glug|drizzle|pinch)|(?:tsp|tbsp|cup) |some |about |approx|between \d|(?:(?:sea |flaky |fine )?salt|(?:freshly )?(?:ground )?(?:black )?pepper)(?:(?:,| and| &| \+)? (?:salt|(?:freshly )?(?:ground )?(?:black )?pepper))?(?:,? (?:at the end|to taste|last|to finish))?[!.]*$)/i;
/** "Split peas: 250 g", "leeks x 2", "onions 3" */
const AMOUNT_BEHIND =
  /^\p{L}[\p{L} ,'-]{1,40}(?:\s*[:-]\s*|\s*[x×]\s*|\s)(?:\d[\d.,/ ]*)\s*(?:kg|kilos?|g|ml|dl|cl|l|oz|lbs?|tbsp|tsp|cups?|tins?|cans?|cloves?|packs?|sticks?|stalks?|sprigs?|heads?|leaves|small|medium|large|ripe|fresh|tablespoons?|teaspoons?|c|t|T|ea)?(?:,\s[^.]*)?$|^\p{L}[\p{L} ,'-]{1,60}\((?:about |approx\.? |around )?\d+\s*(?:kg|g|ml|l)\)$/iu;
/** Longer lines are sentences of a method. */
const LONGEST_INGREDIENT = 90;
/** From so many letters on, what begins with a verb and ends with a point is an order. */
const ORDER_FROM = 40;
/** What a title says is made, up to so many, may be portions. */
const MOST_MADE = 16;
/** No dish is called so long. */
const LONGEST_NAME = 100;

/** Who it is from, over the name of it: "From the back of the packet". */
const WHO_SAYS = /^(?:from|adapted from|copied from|via|as told by|thanks to)\b|^recipe (?:no\.? ?)?\d+\.?$/i;
const behindWhoSays = (lines: readonly string[], first: number): number => {
  const next = lines.findIndex((line, at) => at > first && line !== '');
  const [line = '', under = ''] = [lines[first], lines[next]];
  // "Notes for Thursday:", over "FRIED RICE - 5 people"
  const announces = /:$/.test(line) && PORTIONS_IN_NAME.test(under) && under.length <= LONGEST_NAME;
  return first >= 0 && next > 0 && (announces || (WHO_SAYS.test(line) && isName(under, lines[next + 1])))
    ? next
    : first;
};

/** A list that stands over the name of what it is for: the name is alone between empty lines, and what is done comes behind it. */
function nameBehindList(lines: readonly string[]): number {
  const bare = (line: string | undefined) => (line ?? '').replace(BULLET, '').trim();
  const first = lines.findIndex(Boolean);
  if (!isIngredient(bare(lines[first])) || !isIngredient(bare(lines[first + 1]))) return -1;
  return lines.findIndex(
    (line, at) =>
      at > first + 1 &&
      lines[at - 1] === '' &&
      lines[at + 1] === '' &&
      line.length < LONGEST_NAME &&
      /^\p{Lu}/u.test(line) &&
      !/[.!?:]$/.test(line) &&
      !/\d/.test(line) &&
      !headingOf(line) &&
      !isOrder(line) &&
      lines.slice(at + 2).some((next) => saysDeed(next)),
  );
}

type Part = 'before' | 'ingredients' | 'method' | 'notes';

/** A line of a text that has headings, or none: which part of it begins there. */
const headingOf = (line: string): Part | undefined =>
  INGREDIENTS.test(line) ? 'ingredients' : METHOD.test(line) ? 'method' : NOTES.test(line) ? 'notes' : undefined;

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
  const listed = lines.some((line) => INGREDIENTS.test(line));
  const hasList = lines.filter((line) => isIngredient(line.replace(BULLET, '').trim())).length > 1;

  const inName = bracket
    ? (eatersIn(bracket[0]) ?? readNumber(bracket.slice(1).find(Boolean) ?? '')?.value.valueOf())
    : undefined;
  // "(makes 60)" are pieces: nobody makes so many portions without saying so.
  let portions =
    inName !== undefined && /\bmakes\b/i.test(bracket?.[0] ?? '') && inName > MOST_MADE ? undefined : inName;
  let part: Part = 'before';
  let group = '';
  /** Of a part that is done on a day of its own, its heading: "Night before:". */
  let day = '';
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
    if (named && at === start) continue;
    // Who it is from or for stands over the name.
    if (named && at < start && marked < 0 && behind < 0) {
      if (line) notes.push(line);
      continue;
    }
    if (line === '') {
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
    const said = part === 'method' ? undefined : portionsIn(line);
    if (said !== undefined && portions === undefined) {
      portions = said;
      continue;
    }
    // "Makes 16 · serves 4": eaters count, and not pieces.
    const eaters = part === 'method' ? undefined : eatersAlone(line);
    if (eaters !== undefined) {
      portions = Number(eaters);
      continue;
    }
    if (ABOUT.test(line.replace(BULLET, '')) || (part === 'method' ? isRemark : isTold)(line.replace(BULLET, ''))) {
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
      day = ON_A_DAY.test(`${line} `) ? line : '';
      continue;
    }
    // "TEMPERING" over lines that are not all shouted is one, too.
    if (
      part !== 'method' &&
      part !== 'notes' &&
      /^[A-Z][A-Z &-]{3,30}$/.test(line) &&
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
    const bare = line
      .replace(BULLET, '')
      .replace(part === 'method' ? /^\d{1,2}\s+(?!(?:Tbsps?|Tsps?|TB|T|L|Cups?|Kg|Oz|Lbs?)\b)(?=\p{Lu})/u : '', '')
      .trim();
    if (part === 'notes') notes.push(bare);
    else if (part !== 'method' && ingredients.length > 0 && OVEN_SET.test(bare)) {
      part = 'method';
      method.push(bare);
    } else if (part === 'ingredients') {
      // A list without a heading behind it goes over into sentences.
      if (isSentence(bare) || (lines[at - 1] === '' && ordered(bare) && bare.length > ORDER_FROM)) {
        part = 'method';
        method.push(bare);
      } else list(bare);
    } else if (part === 'method') {
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
      const [done, told] = parted(sentencesOf(paragraph), (sentence) => !isRemark(sentence));
      notes.push(...told);
      portions ??= told.map(portionsWithin).find((said) => said !== undefined);
      return told.length > 0 ? done.join(' ') : paragraph;
    })
    .filter(Boolean);
  return {
    name: named ? nameOf(title) : '',
    portions,
    ingredients,
    ...(groups.some(Boolean) ? { groups } : {}),
    method: steps,
    ...(notes.length > 0 ? { notes } : {}),
  };
}

const parted = <T>(all: readonly T[], first: (each: T) => boolean): readonly [readonly T[], readonly T[]] => [
  all.filter(first),
  all.filter((each) => !first(each)),
];

/** "Serves 5–6.", on a line of its own: whatever else was said to be made. */
const eatersAlone = (line: string): number | undefined => {
  const said = /^(?:serves|feeds):? (\d+)(?:\s?(?:-|–|to)\s?\d+)?\.?$/i.exec(line)?.[1];
  return said === undefined ? undefined : Number(said);
};

/** "Makes 1 loaf (16 slices)", "Makes 8 to 10 (serves 2)": eaters before pieces, and pieces before what they are cut of. */
const EATERS =
  /[(,=/]\s*(?:(?:about|around|roughly|ca\.?|~)\s*)?(?:(?:serves|feeds)\s+(\d+)|(\d+)\s+(?:slices|pieces|portions|servings|people|persons|eaters|mains?|main courses)\b)/i;

/** Who says "serves" says it of eaters, wherever that stands: "1 loaf (12 slices), serves 6". */
function eatersIn(text: string): number | undefined {
  const found = EATERS.exec(text);
  return found
    ? Number(/\b(?:serves|feeds):?\s+(\d+)\b(?![.,]\d)/i.exec(text)?.[1] ?? found[1] ?? found[2])
    : undefined;
}

/** "Serves 2 with leftovers for a lunch": for how many that is, nobody says. */
const AND_MORE = /\d+\D*\b(?:with|plus|and)\b.*\b(?:left[- ]?overs?|over|left|lunch(?:es)?|extra|more|to freeze)\b/i;

/** One tin, one loaf: for how many that is, nobody says. */
const ONE_WHOLE =
  /^(?:makes|yields?):? (?:about )?(?:1|one|an?) (?:\p{L}+ ){0,2}(?:tin|tray|loaf|cake|pie|tart|batch|dish|pan|pot|bowl|jar)\b/iu;

const portionsWithin = (text: string): number | undefined => {
  if (AND_MORE.test(text)) return undefined;
  const eaters = eatersIn(text);
  if (eaters !== undefined) return eaters;
  if (ONE_WHOLE.test(text)) return undefined;
  const said =
    /(?:\b(?:serves|feeds|enough for)(?: (?:about|around|roughly))?|\b(?:does|makes)|^for|\(for|^(?:portions|servings):)\s+(\d+|two|three|four|five|six|eight|ten|twelve)\b(?![.,]\d|\s*[x×]\s?\d+\s*(?:ml|l)\b|\s*(?:k?g|ml|l|lit(?:re|er)s?|cups?|c|jars?|bottles?)\b|\s*(?:or|to|-|–)\s*\w+\s+(?:jars?|bottles?)\b)/i.exec(
      text,
    );
  const bowls =
    said ??
    /\bservings?:\s*(\d+)/i.exec(text) ??
    /(?:^|[\s(~])(\d+)(?:\s*(?:-|–|to)\s*\d+)?\s+(?:(?:side|main|small|large|good|generous|lunch) )?(?:bowls|plates|portions|servings|people|persons)\b/i.exec(
      text,
    );
  return bowls?.[1] === undefined ? undefined : readNumber(bowls[1])?.value.valueOf();
};

/** Without signs of headings, and not shouted. */
function nameOf(title: string): string {
  const name = title
    .replace(/^(?:#+|\d+\.|(?:title|recipe(?: name)?|name|dish|menu item|subject|re)\s*:+)\s*/i, '')
    .replace(/\*\*/g, '')
    .replace(/\s*[-–—|:,]\s*$/, '')
    .trim();
  return name === name.toUpperCase() && name.length > 4 ? `${name.charAt(0)}${name.slice(1).toLowerCase()}` : name;
}

function portionsIn(line: string): number | undefined {
  if (line.length >= 50 || AND_MORE.test(line)) return undefined;
  const eaters = eatersIn(line);
  if (eaters !== undefined) return eaters;
  const said = PORTIONS.exec(line) ?? PORTIONS_BEHIND.exec(line);
  const number = said?.[1] ? readNumber(plainSigns(said[1])) : undefined;
  // "Makes about 600 g" says how much, and "1 loaf" how many of what is cut up: neither says for how many.
  return number &&
    !MADE.test(number.rest) &&
    !/^\d/.test(number.rest) &&
    !JARS.test(number.rest) &&
    !(CUT_UP.test(number.rest) && number.value.compare(2) < 0)
    ? number.value.valueOf()
    : undefined;
}

const MADE =
  /^(?:k?g|grams?|ml|dl|l|lit(?:re|er)s?|cups?|oz|lbs?|pounds?|pints?|quarts?|qts?|gal(?:lon)?s?|kilos?|jars?|bottles?|tubs?|boxes|bags?)\b/i;
/** "2 x 500 ml jars": what it is put up in, and no eaters. */
const JARS = /^[x×]\s?\d+\s*(?:ml|l)\b|^[x×].*\b(?:jars?|bottles?|tins?|dishes|loaves)\b/i;
/** What a list is for, where it is for one of them. */
const EACH_ONE = /^(?:per|(?:for |in |into )(?:each|one)|each)\b/i;
/** Nobody eats one of these alone. */
const CUT_UP =
  /^(?:(?:large|big|small|medium|round|long|\d+[- ]?(?:g|kg|cm|inch))\s+)*(?:lo(?:af|aves)|cakes?|tarts?|pies?|trays?|tins?|pans?|pots?|batch(?:es)?|bowls? of|slabs?|logs?|blocks?|rings?|braids?|plaits?)\b/i;

/** Do points begin here, behind an empty line, more than one of which tells how long something takes, or what to do? */
function pointsTell(lines: readonly string[], at: number): boolean {
  if (lines[at - 1] !== '' || !DASH_POINT.test(lines[at] ?? '')) return false;
  const rest = lines.slice(at);
  const end = rest.findIndex((line) => !DASH_POINT.test(line));
  const points = end < 0 ? rest : rest.slice(0, end);
  return points.filter((line) => durationsIn(line).length > 0 || isOrder(line.replace(BULLET, ''))).length > 1;
}
const DASH_POINT = /^[-–—*•·]\s?(?=\p{L}|\d)/u;

/** Within so many lines under a name it is seen that a recipe begins. */
const SEEN_WITHIN = 4;

/** "Serves 4. Walnuts on top.": for how many, and something to do. */
const portionsApart = (line: string): readonly string[] => {
  const [, said, more] =
    /^((?:serves|feeds|makes|for) (?:about )?\d+[^.(]{0,20})\.\s+(\S.{3,})$/i.exec(line) ??
    /^((?:serves|feeds|makes|yields?|servings?|portions?)\s*:?\s*\d+(?:\s*(?:-|to)\s*\d+)?)\s+((?:prep|cook|total|time|active|ready)\b.*\d.*)$/i.exec(
      line,
    ) ??
    [];
  return said && more ? [said, more] : [line];
};

/** Does a recipe begin with this name, by it or by the lines under it: for how many it is, the heading of its list, or the list? */
export function beginsRecipe(name: string, under: readonly string[]): boolean {
  if (headingOf(name) !== undefined || SECTION.test(name)) return false;
  const first = under.slice(0, SEEN_WITHIN);
  return (
    PORTIONS_IN_NAME.test(name) ||
    first.some((line) => headingOf(line) === 'ingredients' || portionsWithin(line) !== undefined) ||
    first.some((line) => portionsIn(line) !== undefined) ||
    first.filter((line) => isIngredient(line.replace(BULLET, '').trim())).length > 1
  );
}

/** To whom a letter is, and no dish. */
const LETTER = /^(?:dear|hi|hello|hey)\b.{0,30}[,!.]?$/i;

/** The first line is the name, unless it is an ingredient; one that begins like an ingredient is the name where an empty line, a heading or the portions follow it. */
function isName(line: string, next: string | undefined): boolean {
  if (line === '' || line.length > LONGEST_NAME || headingOf(line) || LETTER.test(line)) return false;
  if (!AMOUNT_AT_START.test(plainSigns(line)) && !AMOUNT_BEHIND.test(plainSigns(line))) return true;
  return (
    line.length < 60 &&
    (next === '' || (next !== undefined && (headingOf(next) !== undefined || portionsIn(next) !== undefined)))
  );
}

/** Before the heading of the method, a short line is bought. */
const isShort = (line: string): boolean => line.length <= LONGEST_INGREDIENT && !/[.!?]$/.test(line);

/** "vinegar, mustard, salt, sugar": names in a row, and nothing that is done. */
const isNames = (line: string): boolean => {
  const parts = line.split(/,\s*/);
  return parts.length > 2 && parts.every((part) => /^\p{Ll}+(?: \p{Ll}+)?$/u.test(part)) && !isVerb(parts[0] ?? '');
};

/** "salt at the end!!" right under the last line of a list belongs to it. */
const isAside = (line: string, above: string | undefined): boolean =>
  above !== '' && line.length < 45 && !/[.!?]\s/.test(line);

const isSentence = (line: string): boolean =>
  (/[.!?]$/.test(line) &&
    ((line.length > LONGEST_INGREDIENT && /[.!?]\s+\p{Lu}/u.test(line)) ||
      (line.length > ORDER_FROM && (isVerb(/^\p{L}+/u.exec(line)?.[0] ?? '') || ON_A_DAY.test(line))))) ||
  // Told in one breath, in small letters and without a point at its end.
  (line.length > 2 * LONGEST_INGREDIENT && isOrder(line) && /[.!?]\s+\p{L}/u.test(line));

/** "Day 1: layer the rhubarb …", "The night before: …" */
/** What stands under it is begun before the day of the rest. */
const AHEAD_OF_IT = /\b(?:night|evening|before|ahead)\b/i;
const ON_A_DAY = /^(?:the )?(?:day|night|evening|morning|step)(?: \d| before| ahead)?\s*:\s/i;

/** "Divide in 8, roll in foil" is an order, and no eight of something. */
const isOrder = (line: string): boolean => {
  const [first = '', ...more] = line.split(/\s+/);
  // "Pinch of salt, 1 tsp cumin" is none.
  return more.length > 2 && isVerb(first) && more[0] !== 'of';
};

/** An order that begins like no ingredient: "zest and juice of 1 lemon" is none. */
const ordered = (line: string): boolean => isOrder(line) && !AMOUNT_AT_START.test(plainSigns(line));

/** "22 min high, 10 min natural" is done. */
const TIME_FIRST = /^\d+(?: ?(?:-|–|to) ?\d+)? ?(?:mins?|minutes?|hours?|hrs?)\b/i;

const isIngredient = remembered(
  (line: string): boolean =>
    !isOrder(line) &&
    (AMOUNT_AT_START.test(plainSigns(line)) || AMOUNT_BEHIND.test(plainSigns(line))) &&
    line.length <= LONGEST_INGREDIENT &&
    !TIME_FIRST.test(line) &&
    !/\.\s+[A-Z]/.test(line),
);
