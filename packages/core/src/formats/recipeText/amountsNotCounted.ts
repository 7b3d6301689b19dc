import { inBase, plainSigns, type Amount, type UnitSystem } from '../../quantity/index.ts';
import type { ReadLine } from './asRevision.ts';
import { readAmount } from '../ingredient/readAmount.ts';
import { inOneNumber } from '../ingredient/everydayForms.ts';
import type { MethodStep } from './readMethodStep.ts';

/** A weight, a volume, a spoonful or a tin in the words of a step. */
const MEASURED =
  /(?<![\p{L}\d.,/–-])(?:\d+ )?\d+(?:[.,/]\d+)?(?:\s*(?:-|–|to)\s*\d+(?:[.,]\d+)?)?[ -]?(?:kg|gr?|gms?|grams?|ml|dl|cl|l|lit(?:re|er)s?|cups?|c\.?(?= \p{Ll})|oz|ounces?|lbs?|pounds?|pints?|quarts?|tbsps?|tsps?|tablespoons?|teaspoons?|EL|TL|(?:\(?\d+[ -]?(?:g|oz|ml)\)? )?(?:tins?|cans?|blocks?|bunch(?:es)?|cloves?|sticks?|sprigs?|heads?)(?: of)?)(?![\p{L}\d])/giu;

/** "A splash of soya milk" */
const BY_FEEL =
  /(?<![\p{L}])(?:an? )?(?:(?:good|big|small|little) )?(?:splash|glug|handful|bunch|knob|dash|drizzle)(?: of)?(?![\p{L}\d])/giu;

/** "2 tbsp of the oil", "3 tbsp oil from the jar" is of what is listed. */
const OF_IT = /^\.? (?:of|from) (?:the|it|them|this|that|these|those|its|their|your)\b/i;
/** What comes out, or is taken out again: nothing of it goes in. */
const COMES_OUT =
  /\b(?:to|until|portions?(?:ed)?|keep(?:ing)?(?: back)?|reserv(?:e|ed|ing)|sav(?:e|ed|ing)|leaving|makes?|does|gives?|yields?|comes to|boxes of|bags of|lots of|pieces of|portions of|holds?|about|remaining|the|rest|last|first|other|per|each)\s+(?:about |roughly |only |scant |good )?$/i;
/** By its size: a tin for so much, a pot that holds so much, what each of several weighs. */
const SIZE =
  /^[ )-]*(?:\w+ ){0,2}?(?:slow cookers?|pressure cookers?|cookers?|casseroles?|ovens?|stockpots?|crocks?|jars?|tins?|cans?|tubs?|box(?:es)?|bags?|bottles?|loa(?:f|ves)|pots?|pans?|dish(?:es)?|bowls?|portions?|blocks?|balls?|pieces?|patties|each|apiece|per|a (?:piece|portion|jar|box)|ramekins?|moulds?|containers?|ladles?|lumps?|servings?|packs?|sheets?)\b/i;
/** "Big pot (12 L)", "4 jars of 350 mL" */
const HOLDS =
  /\b(?:jars?|tins?|cans?|tubs?|box(?:es)?|bags?|bottles?|pots?|pans?|dish(?:es)?|bowls?|portions?|ramekins?|moulds?|containers?)(?: of)? ?\(?(?:about )?$/i;
/** What it is an amount of: up to the next sign, number, or word of where it goes. */
const WHAT =
  /^ ?((?:(?!(?:and|with|to|in|into|over|for|until|till|then|or|on|at|per|plus|if|when|so|from|as|by|w)\b)\p{L}[\p{L}-]* ?){1,3})/u;
const LABEL = /(?:^|[.;] )(\p{L}{3,}):\s*$/u;
const NO_FOOD =
  /^(?:of|more|dry|cooked|batter|dough|mixture|mix|sauce|dressing|marinade|soup|pur[eé]e|liquid|liquor|all)\b/i;
/** Water of these is poured away, or was counted where it soaks. */
const POURED_OFF = /\b(?:soak|rinse|drain|blanch|wash|discard|throw (?:\w+ ){0,3}(?:away|out)|salted water)/i;
const SHARES_OUT = /\b(?:portion|box|pack|divide|weigh out|per (?:box|portion|plate|bowl|jar|serving|person))\b/i;

const sameAmount = (one: Amount, other: Amount, most: boolean): boolean => {
  if (one.kind !== other.kind || (one.kind !== 'mass' && one.kind !== 'volume')) return false;
  const [a, b] = [
    inBase(one).valueOf(),
    other.kind === 'mass' || other.kind === 'volume' ? inBase(other).valueOf() : 0,
  ];
  return most ? a <= b * 1.1 : Math.abs(a - b) <= b * 0.1;
};

/** Tins and cloves of what is listed at all are of it. */
const isCounted = ({ kind }: Amount): boolean => kind !== 'mass' && kind !== 'volume';

const measuresIn = (text: string): readonly string[] => [...plainSigns(text).matchAll(MEASURED)].map(([said]) => said);

/** The words of a food by which a sentence names it. */
const namesOf = ({ food, text }: ReadLine): readonly string[] =>
  `${food?.name ?? ''} ${text}`.toLowerCase().match(/\p{L}{3,}/gu) ?? [];

/**
 * What a step says of an amount that stands in no line: it is in the text, and in nothing that is reckoned. It is told, so that nobody takes it for counted.
 * `lines`: all that were read, those of the method among them.
 * @example amountsNotCounted(readMethodStep('Stand them in a dish with 100 ml water.'), []) // ["100 ml water"]
 */
export function amountsNotCounted(
  step: MethodStep,
  lines: readonly ReadLine[],
  system: UnitSystem = 'US',
): readonly string[] {
  const plain = inOneNumber(plainSigns(step.text));
  if (SHARES_OUT.test(plain)) return [];
  return [...plain.matchAll(MEASURED), ...plain.matchAll(BY_FEEL)].flatMap(({ 0: said, index }) => {
    const [before, behind] = [plain.slice(0, index), plain.slice(index + said.length)];
    if (OF_IT.test(behind) || COMES_OUT.test(before) || SIZE.test(behind) || HOLDS.test(before)) return [];
    // "200 C fan": degrees, and no cups.
    if (/\d{3}\s?c\.?$/i.test(said) || /[<>≤≥]\s*$/.test(before)) return [];
    // "Tofu: 2 blocks (280 g)": what it is of stands before it.
    const what = WHAT.exec(behind)?.[1]?.trim() ?? LABEL.exec(before)?.[1] ?? '';
    if (what === '' || NO_FOOD.test(what) || (/^\D/.test(said) && /\b(?:water|stock|broth)\b/i.test(what))) return [];
    if (step.kind === 'ahead' && /\bsoak/i.test(plain)) return [];
    const clause = before.split(/[.;:,]|\band\b/).at(-1) ?? '';
    if (/\b(?:water|salt)\b/i.test(what) && POURED_OFF.test(`${clause} ${what}`)) return [];
    const { amount } = readAmount(`${said.replace('-', ' ').replace(/c\.?$/i, 'cup')} ${what}`, system);
    const beside = `${before.split(/[.;,+&]|\band\b/).at(-1) ?? ''} ${what}`.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
    const counted = lines.some(
      (line) =>
        ((isCounted(amount) ||
          measuresIn(line.text).includes(said) ||
          sameAmount(amount, line.amount, line.food?.facts.kind !== 'water')) &&
          namesOf(line).some((word) => beside.some((each) => each.startsWith(word.slice(0, 5))))) ||
        (line.atStep !== undefined &&
          sameAmount(amount, line.amount, false) &&
          what.split(' ').some((word) => word.length > 2 && line.text.toLowerCase().includes(word.toLowerCase()))),
    );
    return counted ? [] : [`${said} ${what}`];
  });
}
