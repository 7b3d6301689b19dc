import type { Food } from '../../food/index.ts';
import { WRITTEN_IN, inBase, plainSigns, type Amount } from '../../quantity/index.ts';
import { inOneNumber } from '../ingredient/everydayForms.ts';
import { amountWords } from '../ingredient/amountWords.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import { isVerb, saysDeed } from './kitchenVerbs.ts';
import { liquidOfCans } from './liquidOfCans.ts';
import type { MethodStep } from './readMethodStep.ts';

/** Something that the method names with its amount, and the list does not. */
export interface MethodNeed {
  /** As a line of the list: "1 L water". */
  readonly line: string;
  /** The step it goes into, from 0. */
  readonly step: number;
  /** How much of it the list has, where the method says another amount: whether it is more of it is asked. */
  readonly listed?: string;
  /** So much of that water goes on into the dish, as a later step says: "500 ml of their liquid". */
  readonly kept?: string;
  /** It is the liquid of cans, of which some is drained: see liquidOfCans. */
  readonly either?: readonly number[];
}

/** Where an amount may begin; "half the oil" and "2 tbsp of the oil" are parts of what is listed. */
const NUMBER =
  /(?<![\p{L}\d/.,])(?:(?:\d+(?:[.,]\d+)?\s*(?:-|to)\s*)?(?:\d+\s+)?\d+(?:[/.,]\d+)?\s*|(?:an?|one|two|three|(?:four|five|six|eight|ten|twelve)(?=\s+(?:(?:level |heaped )?(?:cups?|mugs?|tablespoons?|teaspoons?|tbsps?|tsps?|lit(?:re|er)s?|pints?|handfuls?)\b|(?:[a-z]+ )?(?:onions?|carrots|tomatoes|potatoes|cloves|peppers|leeks|apples|pears|lemons|limes|oranges|aubergines|courgettes|zucchini|shallots|mushrooms|beetroots?|beets|parsnips|celery|chillies|sticks|sprigs|leaves|figs|dates|bananas)\b))|half an?|half(?=\s+(?:cups?|teaspoons?|tablespoons?|tsps?|tbsps?|lit(?:re|er)s?|pints?)\b))\s+)(?=\p{L}|\(\d+(?:[.,]\d+)?[- ]?(?:oz|g|ml)\.?\) (?:tins?|cans?|jars?)\b)(?!(?:(?:more|further|half) )?(?:min(?:ute)?s?|hours?|hrs?|h|sec(?:ond)?s?|days?|weeks?|am|pm|o['’]clock)\b)(?!(?:[a-z]+\s+)?of (?:the|it|them|this|that|its)\b)/giu;
/** Where what it is an amount of ends. */
const ENDS =
  /[,;:()+&]|\s\d+(?:\s?(?:-|to)\s?\d+)?\s?min|(?<!\b(?:tbsp|tsp|tbs|oz|lbs?|qt|pt|pkg|approx|ca))\.(?:\s|$)|\s(?:and|with|to|in|into|over|for|until|till|then|or|on|at|per|plus|if|when|so|from|as|is|are|is|while|by|overnight)\b/i;
const MEASURED =
  /^\d+\s*[x×]\s*\d+\s*(?:g|ml|oz)\b|^(?:half an?\s+|\d+\s+to\s+\d+\s*|(?:\d+\s+)?[^\s\p{L}]+\s*|\p{L}+\s+)?(?:(?:good|generous|big|small|large|heaped)\s+)?(?:kg|g|grams?|ml|millilit(?:er|re)s?|dl|cl|l|lit(?:er|re)s?|cups?|c(?= \p{L})|mugs?|(?:(?:UK|US) )?(?:pints?|quarts?|gallons?)|oz|lbs?|tbsps?|tsps?|tablespoons?|teaspoons?|EL|TL|pinch(?:es)?|handfuls?|knobs?|splash|drizzle|glug|\([^()]{1,12}\) (?:tins?|cans?|jars?)|bunch(?:es)?(?= of)|(?:tins?|cans?)(?= of \p{L}))\b/iu;
const WEIGHED_OUT =
  /^(?:an?|one|two|three|four|five|six|\d+) (?:mugs?|glass(?:es)?) of\b|^\d[\d/.,\s]*(?:kg|g|ml|dl|l|lbs?|oz|pints?|cups?|tbsps?|tsps?|tablespoons?|teaspoons?|EL|TL)\b/i;
/** So much it comes to, or is boxed by, or is taken of what was made. */
const AS_MADE =
  /\b(?:portions?|pieces?|slices?|blocks?|box(?:es)?|tubs?|jars?|bags?|each|in all|tins?|loa(?:f|ves)|dish|pan|pot|bowl|batter|dough|mix(?:ture)?|marinade|sauce|dressing|soup|pur[eé]e|liquid|liquor|remains?)\b/i;
/** "Reduce to 1.5 L", "keep 250 ml": what stands before an amount that nothing of is added. */
const COMES_TO =
  /\b(?:to|until|portion(?:ed)?|keep(?:ing)?(?: back)?|reserv(?:e|ing)|sav(?:e|ing)|makes?|does|gives?|yields?|boxes of|holds?|per)\s+(?:about |roughly |only )?$/i;
const BY_FEEL = /^(?:an?|one)?\s*(?:good|generous|small|big)?\s*(?:splash|drizzle|glug)/i;
/** This water, and what is in it, does not stay in the dish. */
const POURED_OFF = /\b(?:(?:soak|drain|blanch|wash)(?!ed)|rinse(?!d)|discard|throw (?:\w+ ){0,3}(?:away|out))/i;

/** What is mixed ahead keeps its water: a dough, a soaker, a batter. */
const MIXED = /\bpour\b[^.;]*\bwater over\b|\b(?:mix|stir|whisk|combine|knead|dissolve|beat)/i;

/** "130 g beans, 150 g rice per box": of what is cooked already. */
const SHARES_OUT =
  /^(?:\d+[.)]\s*)?(?:to )?(?:portion|box|pack|serve|divide|weigh out|plate)\b|\b(?:per|each|every) (?:box|portion|plate|bowl|jar|serving|person|tub|container)\b/i;

const lastWord = (text: string): string =>
  text
    .replace(/\([^)]*\)/g, '')
    .trim()
    .split(/\s+/)
    .at(-1)
    ?.replace(/e?s$/, '') ?? text;

/** "Stale bread 400 g in": nothing behind the amount that it could be of, and a name before it. */
const ONLY_MEASURED = /^\d[\d/.,\s]*(?:kg|g|ml|dl|l)$/i;
const NAMED_BEFORE =
  /(?:^|[,.;]\s+|\b(?:and|the)\s+)(?!(?:and|add|to|for|about|with|of|in|at|reserve|keep|use)\b)((?:\p{L}+ ){1,3})$/iu;
/** As one of several: "…, 1/2 savoy, 3 potatoes". */
const AMONG = /(?:[,+&]|\b(?:and|add|plus))\s+$/i;
const NO_FOOD =
  /^\S+$|^\S+ (?:more|half|halves|quarters?|thirds?|others?|further|sides?|times?|little|bit|few|good|last|turns?|go|lot|(?:\p{L}+ )?(?:plates?|lids?|trays?|towels?|cloths?|boards?|sheets?|spoons?|forks?|gos?|moments?|while))\b/iu;

/** What a kitchen holds, and nobody eats. */
const TOOL =
  /\b(?:towels?|cloths?|trays?|boards?|spoons?|forks?|plates?|lids?|saucers?|ladles?|sieves?|colanders?|whisks?|skillets?|pans?|cutters?|knives|knife|skewers?|mixers?|processors?)$/i;

/** "Tahini (100 g)", "with a bit of water (about 500 ml in all)" */
const OPENS = /([\p{L}-]+) \((?:about |approx\.? |ca\.? |~ ?)?$/iu;
const CLOSES = /^(?: (?:in (?:all|total)|total|altogether))?\)/i;

/** "A bit of water (about 500 ml in all)": how much that is stands in the brackets. */
const VAGUE =
  /^an? (?:(?:little|good) )?(?:bit|little|drop|splash|drizzle|glug|dash|lug|ladle|glass|mug|bowl|jug|kettle)(?: more)? (?:of )?([^()]+) \((?:about |roughly |approx\.? |ca\.? |~ ?)?(\d[\d.,]*\s?(?:kg|g|ml|dl|cl|l))(?: in (?:all|total))?\)$/i;

const WEIGHS =
  /^,\s(?:about|around|roughly|approx\.?|some)\s((?:an?|one|half an?|\d[\d.,/]*)\s?(?:kilos?|kg|grams?|g|lbs?|pounds?|oz|ounces?))\b(?!\s+of\b)/i;

const inDigits = (weight: string): string =>
  weight
    .replace(/^half an?\b/i, '0.5')
    .replace(/^(?:an?|one)\b/i, '1')
    .replace(/\bkilos?\b/i, 'kg');

/** Behind these stands what only the juice, or the peel, is taken of. */
const PART_OF = /\b(?:juice|zest)(?: and (?:juice|zest))? (?:of|from) $/i;
const EACH = /\beach (?:one |of them )?(?:tossed |mixed |brushed |dressed |sprinkled )?(?:in|with) (?:about )?$/i;

/** "2 x 400 g tins black beans" */
const PACKS =
  /^\d+\s*[x×]\s*\d+\s*(?:g|ml|oz)\b|^(?:an?|\d+) (?:\([^()]{1,12}\) )?(?:tins?|cans?|jars?) (?:of )?\p{L}/iu;

const PUT_IN = /\band (?:put|tip|place|load|pop) (?:it|them)\b/i;

/** Another food in its place, up to the next sign. */
const OR_ANOTHER =
  /^ or (?!(?:so|more|less|until|till|an?|to|as|if|use|for|in|on|at|with|two|three|both|either|other|the|any)\b)(\p{L}+(?: \p{L}+)?)(?=[,.;)]|$)/iu;

/** "(or a piece of vanilla pod)" goes in instead, and not as well. */
const IN_ITS_PLACE = /\s*\((?:or|instead of|alternatively|in place of)\b[^()]*\)/gi;

/** So many amounts one behind the other are a list. Common practice, no published source. */
const LEAST_LISTED = 3;

interface AmountIn {
  readonly words: string;
  /** So much for each of several, and nobody counts them. */
  readonly each: boolean;
  /** It is of what was told of before: "the 3 tbsp water", "keeping 500 ml of their water". */
  readonly known: boolean;
  /** It stands among others of a list. */
  readonly listed: boolean;
  /** It is poured off again. */
  readonly poured: boolean;
  /** It is what was made, and nothing that is added. */
  readonly made: boolean;
}

/** "Fill the tin a third full with water, swirl and add that" */
const FILLED_TIN =
  /\b(?:half[- ]|re)?fill (?:up )?(the|one|an?|each|both|all) (?:of the )?(?:\w+ )?(?:tin|can)s? (?:up )?(?:(half|(?:a |one )?third|(?:a |one )?quarter|three[- ]quarters)(?: full| of the way| up)* )?(?:up )?with (?:\w+ )?water\b/i;
const SHARE_OF_TIN: readonly (readonly [words: RegExp, share: number])[] = [
  [/half/i, 1 / 2],
  [/third/i, 1 / 3],
  [/three/i, 3 / 4],
  [/quarter/i, 1 / 4],
];
/** The water that a tin is rinsed with: how much, where one tin is meant and its size is known; else it is asked. */
function waterOfTin(plain: string, lines: readonly IngredientLine[]): string | undefined {
  const [said, which = '', told] = FILLED_TIN.exec(plain) ?? [];
  // "Half-fill one of the cans"
  const share = told ?? (said && /^half/i.test(said) ? 'half' : undefined);
  if (said === undefined) return undefined;
  const sizes = new Set(
    lines.flatMap(({ amount }) => (amount.kind === 'pack' && amount.holds ? [inBase(amount.holds).valueOf()] : [])),
  );
  const [size] = sizes;
  if (size === undefined || sizes.size > 1 || /each|both|all/i.test(which)) return 'water';
  const part = SHARE_OF_TIN.find(([words]) => words.test(share ?? ''))?.[1] ?? 1;
  return `${Math.round(size * part)} ml water`;
}

/** Each amount of a text with what it is of. */
function amountsIn(plain: string): readonly AmountIn[] {
  let until = 0;
  return [...plain.matchAll(NUMBER)].flatMap(({ index }) => {
    // What stood in the brackets of another is no amount of its own.
    if (index < until) return [];
    const rest = plain.slice(index);
    const whole = ENDS.exec(rest)?.index ?? rest.length;
    // "2 blocks of tofu (each 280 g)": how much that is stands in the brackets.
    const held =
      /^\s?\((?:each |about |of )*\d[^()]{0,20}\)/.exec(rest.slice(whole)) ??
      // "A savoy cabbage (half of it)": how much of it goes in is asked.
      /^\s?\((?:only |just |about )*(?:an? |one )?(?:half|quarter|third|three[- ]quarters|two[- ]thirds)(?: of (?:it|them))?\)/i.exec(
        rest.slice(whole),
      );
    // "One red cabbage, about a kilo": so does what stands behind a comma.
    const weighs = held ? null : WEIGHS.exec(rest.slice(whole));
    const closed = whole + (held?.[0] ?? weighs?.[0] ?? '').length;
    // "2 (28-oz) cans crushed tomatoes": what it is stands behind the brackets.
    const packed =
      held && /^ (?:tins?|cans?|jars?) \p{L}/u.test(rest.slice(closed)) ? rest.slice(closed + 1) : undefined;
    const end = packed === undefined ? closed : closed + 1 + (ENDS.exec(packed)?.index ?? packed.length);
    const clause =
      plain
        .slice(0, index)
        .split(/[,;.]\s/)
        .at(-1) ?? '';
    until = index + end;
    // "Tahini (100 g)": what it is of stands before the brackets.
    const opened = CLOSES.test(rest.slice(end)) ? OPENS.exec(plain.slice(0, index))?.[1] : undefined;
    // "Roll (1 tsp each)": of what was told, and of no rolls.
    const of = opened !== undefined && isVerb(opened) ? undefined : opened;
    const named =
      of ?? (ONLY_MEASURED.test(rest.slice(0, end).trim()) ? NAMED_BEFORE.exec(plain.slice(0, index))?.[1] : undefined);
    // "250 ml water or oat milk": which of them is asked.
    const other = held || weighs || packed !== undefined ? undefined : OR_ANOTHER.exec(rest.slice(end));
    const either = other && !isVerb(other[1]?.split(' ')[0] ?? '') ? other[0] : '';
    // "The juice of 2 lemons" is not two lemons; "each in a spoon of oil" is more than one spoon, and how many is asked.
    const told = plain.slice(0, index);
    const part = PART_OF.exec(told)?.[0] ?? '';
    const measured = weighs
      ? `${inDigits(rest.slice(0, whole).trim())} (${inDigits(weighs[1] ?? '')})`
      : `${rest.slice(0, end).trim()}${either}`;
    const vague = held ? VAGUE.exec(measured) : null;
    const words = vague
      ? `${vague[2] ?? ''} ${vague[1] ?? ''}`
      : named
        ? `${measured} ${named.trim()}`
        : `${part}${measured}`;
    return [
      {
        words,
        each: EACH.test(told),
        // "Rinse the lentils and put them in the pot with a litre of water": that water is not what rinses.
        poured: !of && POURED_OFF.test(`${clause.split(PUT_IN).at(-1) ?? ''} ${rest}`),
        known: /\bthe\s+$/i.test(plain.slice(0, index)) || COMES_TO.test(plain.slice(0, index)),
        listed: AMONG.test(plain.slice(0, index)) && !NO_FOOD.test(words),
        made: (AS_MADE.test(words) && !PACKS.test(words)) || COMES_TO.test(plain.slice(0, index)),
      },
    ];
  });
}

/** By so much more than listed: less is how amounts are rounded. Common practice, no published source. */
const MORE = 1.1;
const isMore = (said: Amount, listed: Amount): boolean =>
  (said.kind === 'mass' && listed.kind === 'mass' && said.g.compare(listed.g.mul(MORE)) > 0) ||
  (said.kind === 'volume' && listed.kind === 'volume' && said.mL.compare(listed.mL.mul(MORE)) > 0);

/** More than a spoon or two of it. Common practice, no published source. */
const isMuch = (amount: Amount): boolean =>
  (amount.kind === 'mass' && amount.g.compare(20) >= 0) || (amount.kind === 'volume' && amount.mL.compare(20) >= 0);

/** So many times what is listed is no other word for it. Common practice, no published source. */
const FAR_MORE = 3;
const isFarMore = (said: Amount, listed: Amount): boolean =>
  said.kind === 'volume' && listed.kind === 'volume' && said.mL.compare(listed.mL.mul(FAR_MORE)) >= 0;

/** "Strain in the porcini water", "with their liquid": what something was soaked in goes into the dish. */
const SOAK_GOES_IN =
  /\b(?:(?:the|its|their|that) (?:[\p{L}-]+ )?|soaking |porcini |mushroom |shiitake )(?:water|liquid|liquor)\b/iu;
/** What soaked overnight goes in with its water, where that is said of the soaking itself: other water is that of the pot. */
const LIQUOR =
  /\b(?:soaking|mushroom|porcini|ceps?|shiitake) (?:water|liquid|liquor)\b|\b(?:pass|strain|filter|sieve) (?:the|its|their) (?:water|liquid|liquor)\b(?!.*\b(?:discard|throw|away)\b)/i;
const goesInAfter = (steps: readonly MethodStep[], step: number): boolean =>
  steps
    .slice(step + 1)
    .some(({ text }) => SOAK_GOES_IN.test(text) && !/\b(?:discard|throw|pour(?:ed)? (?:away|off)|drain)/i.test(text));

/** "With 500 ml of their liquid" */
const OF_THEIR_WATER = new RegExp(
  `(${WRITTEN_IN}) of (?:its|their|the)(?: own)?(?: (?:cooking|boiling|bean|chickpea|lentil|pasta))? (?:water|liquid|liquor|broth)\\b`,
  'i',
);
/** How much of the water of a pot later steps take on with what was cooked in it. */
function keptOf(line: string, later: readonly MethodStep[], readLine: (text: string) => IngredientLine) {
  const [said] = later.flatMap(({ text }) => OF_THEIR_WATER.exec(inOneNumber(plainSigns(text)))?.[1] ?? []);
  if (said === undefined) return undefined;
  const [water, part] = [readLine(line).amount, readLine(`${said} water`).amount];
  return part.kind === 'volume' && water.kind === 'volume' && part.mL.compare(water.mL) < 0 ? said : undefined;
}

const BOILS_WATER = /\bboil\b[^.;]{0,30}\bwater\b|\bwater\b[^.;]{0,20}\bto (?:a|the) boil\b/i;
/** Within so many steps. Common practice, no published source. */
const SOON = 3;
const drainsSoon = (steps: readonly MethodStep[], step: number): boolean =>
  steps
    .slice(step, step + 1 + SOON)
    .some(({ text }) => /(?:^|[.;] |\band )drain(?:ed)?\b(?! the)|\bdrain (?:it|them|well|in)\b/i.test(text));

/**
 * What stands in the method alone with its amount: it belongs to the dish, and to its mass. Where there is no list at all, what is counted counts too.
 * @example needsInMethod([…'Add 1 L water and simmer'], [], readLine) // [{ line: '1 L water', step: 0 }]
 */
export function needsInMethod(
  steps: readonly MethodStep[],
  lines: readonly IngredientLine[],
  readLine: (text: string) => IngredientLine,
): readonly MethodNeed[] {
  const told: { readonly food: Food; readonly words: string }[] = [];
  /** Of each food the amounts that the method has named: another one of the same food is more of it. */
  const named = new Set<string>();
  const needs = steps.flatMap(({ text, kind }, step) => {
    // What is soaked is bought, too, where nothing else lists it; what it soaks in is poured off.
    const soaks = kind === 'ahead';
    const goesIn = soaks && /\bsoak/i.test(text) && steps.slice(step + 1).some((later) => LIQUOR.test(later.text));
    if ((soaks && lines.length > 0 && !goesIn && !/\bsalt\b/i.test(text)) || SHARES_OUT.test(text)) return [];
    const rinsed = waterOfTin(plainSigns(text), lines);
    const tin = rinsed === undefined ? [] : [{ line: rinsed, step }];
    const amounts = amountsIn(inOneNumber(plainSigns(text).replace(IN_ITS_PLACE, ' ')));
    const isList = amounts.filter((each) => each.listed).length >= LEAST_LISTED;
    const inIt = amounts.flatMap(({ words, each, poured, made, listed, known }) => {
      // "Masala: 3 tbsp oil, 2 onions, 1 capsicum": what nobody knows in a list is asked.
      if (isList && listed && !made && lines.length > 0 && !readLine(words).food && !TOOL.test(words))
        return [{ line: words, step }];
      // "250C" is no amount of anything.
      if (!(lines.length === 0 || MEASURED.test(words)) || TOOL.test(words) || /^\d{2,3} ?°?[CF]\b/.test(words))
        return [];
      const { food, amount } = readLine(words);
      // "4 tbsp soy": what was measured, and nobody knows here, is asked.
      if (!food && WEIGHED_OUT.test(words) && (!made || (listed && lines.length === 0))) return [{ line: words, step }];
      // A text that tells all in sentences: what nobody knows in its list is asked.
      if (!food && lines.length === 0 && (listed ? !made : !saysDeed(text))) return [{ line: words, step }];
      if (!food || amount.kind === 'to taste' || (amount.kind === 'unknown' && !amount.said)) return [];
      if (each && !named.has(food.name)) {
        named.add(food.name);
        return [{ line: food.name, step }];
      }
      // "Boil 2 litres of water with the bay. Add the rice, 5 minutes. Drain.": that water goes.
      if (food.facts.kind === 'water' && BOILS_WATER.test(text) && drainsSoon(steps, step)) return [];
      const stays = !soaks || goesIn || (MIXED.test(text) && !poured);
      // What cabbage is salted with is bought; a spoon of salt in the water of a soak is not eaten.
      if (!stays && food.name === 'salt' && isMuch(amount) && !/\bwater\b/i.test(text)) return [{ line: words, step }];
      if (!stays && (food.facts.kind === 'seasoning' || food.facts.kind === 'water' || food.facts.kind === 'acid'))
        return [];
      const wet = food.facts.kind === 'water' || /stock|broth/.test(food.name);
      // "With the 3 tbsp water": what was told of before.
      if (known && wet && lines.length > 0) return [];
      const soakKept = stays && wet && poured && /\bsoak/i.test(text) && goesInAfter(steps, step);
      if (stays && wet && ((poured && !soakKept) || BY_FEEL.test(words))) return [];
      if (stays && poured && !soakKept && /\bwater\b/i.test(words)) return [];
      if (stays && poured && food.facts.kind === 'seasoning' && /\bwater\b/i.test(text)) return [];
      const own = new RegExp(`\\b${lastWord(food.name)}|\\b${lastWord(words)}`, 'i');
      const key = `${amountWords(amount)} ${food.name}`;
      const lineOf =
        lines.find((line) => line.food?.name === food.name) ??
        lines.find(
          (line) => own.test(line.text) && !((food.facts.kind === 'water' || food.name === 'salt') && line.food),
        );
      // "Bring the water to the boil" is that of the list: what is told elsewhere with an amount of its own is more.
      const elsewhere =
        food.facts.kind === 'water' &&
        steps.some(({ text: other }, n) => n !== step && /\bthe (?:measured |fresh )?water\b/i.test(other));
      // "100 ml water" where the list has two spoons of it for the starch: more of it.
      if (
        lineOf &&
        food.facts.kind === 'water' &&
        stays &&
        (!poured || soakKept) &&
        !made &&
        (elsewhere || soakKept || isFarMore(amount, lineOf.amount))
      ) {
        if (named.has(key)) return [];
        named.add(key);
        return [{ line: words, step }];
      }
      // "Add 300 ml water" where the list has 200.
      if (lineOf && food.facts.kind === 'water' && stays && !poured && !made && isMore(amount, lineOf.amount))
        return [{ line: words, step, listed: amountWords(lineOf.amount) }];
      // More of it than the list has: one of the two is wrong, or there is more of it.
      if (lineOf && !made && food.facts.kind !== 'water' && isMore(amount, lineOf.amount))
        return [{ line: food.name, step }];
      // "1 tbsp oil" in the pan, where the list has oil for brushing: so much of it is known.
      if (
        lineOf?.amount.kind === 'to taste' &&
        lines.length > 0 &&
        stays &&
        !poured &&
        !made &&
        !known &&
        !/\bpinch/i.test(words) &&
        !named.has(key)
      ) {
        named.add(key);
        return [{ line: words, step }];
      }
      // "250 g rye flour" on a line of its own, where the list has some: more of it, and nobody says so.
      if (lineOf && plainSigns(text).trim() === words && food.facts.kind !== 'water')
        return [{ line: food.name, step }];
      if (named.has(key) || lineOf) return [];
      // "The oil" of which a kind was named before may be that, or more: how much is asked.
      const bare = words.replace(MEASURED, '').trim();
      if (!/\s/.test(bare) && told.some((each) => each.food !== food && each.words.endsWith(` ${bare}`)))
        return [{ line: bare, step }];
      told.push({ food, words });
      named.add(key);
      return [{ line: words, step }];
    });
    return [...tin, ...inIt].map((need): MethodNeed => {
      const kept = /\bwater\b/i.test(need.line) ? keptOf(need.line, steps.slice(step + 1), readLine) : undefined;
      return kept === undefined ? need : { ...need, kept };
    });
  });
  const ofCans = steps.length > 0 ? liquidOfCans(steps, lines) : [];
  // What is taken of a pot that is asked about is no more of it; "of the" and "of its" are no need at all (NUMBER).
  const kept = needs.flatMap((need) => need.kept ?? []);
  return [...needs.filter(({ line }) => !kept.some((part) => line.startsWith(`${part} of their `))), ...ofCans];
}
