import { plainSigns, quantityOf, show, type UnitSystem } from '../../quantity/index.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';

/** Of which a British one holds a fifth more than an American: 568 and 473 mL a pint. */
const DIFFERING = /(?<!\b(?:UK|British|imperial|US|American)\s)\b(?=(?:pints?|pts?|quarts?|qts?|gallons?)\b)/gi;
/** A vessel's size is no amount. */
const VESSEL = /-(?:pint|quart|gallon)/i;

/** Words that are written on one side of the ocean only. From memory. */
const BRITISH =
  /\b(?:litres?|millilitres?|aubergines?|courgettes?|swedes?|marrows?|mangetout|rocket|caster|demerara|muscovado|sultanas?|treacle|golden syrup|porridge oats|plain flour|strong flour|self-raising|wholemeal|bicarb(?:onate)?|cornflour|tins?|tinned|gas mark|hob|liquidi[sz]e|pur[eé]e in a liquidiser|clingfilm|dessertspoons?|dsp|tblsp|basin|colour(?:ing)?|flavour|savoury|fibre|spring onions?|beetroot|broad beans?|runner beans?|spuds|larder)\b/gi;
const AMERICAN =
  /\b(?:cups?|cilantro|zucchini|eggplants?|rutabagas?|scallions?|arugula|garbanzos?|kosher|all-purpose|confectioners|molasses|cornstarch|skillet|stovetop|broil|broiler|liters?|color|flavor|fiber|canned|cans?|quarts?|qts?|sticks? butter|half-and-half|beets|fava|navy beans|lima)\b|\d\s*°?\s*F\b/g;

/** The same amount in litres beside it leaves nothing open. */
const METRIC_TOO = /\d\s*(?:ml|l|lit(?:re|er)s?)\b/i;
const hasDiffering = (text: string): boolean => plainSigns(text).replace(VESSEL, '').search(DIFFERING) >= 0;
/** Is there a measure in this line whose size depends on where it was written? */
const isOpen = (line: string): boolean => hasDiffering(line) && !METRIC_TOO.test(line);

/**
 * Whose pints, quarts and gallons a text means, by its other words; undefined: it tells too little, or both.
 * @example whosePints('2 pints stock, 1 lb courgettes') // => 'imperial'
 */
export function whosePints(text: string): Extract<UnitSystem, 'imperial' | 'US'> | undefined {
  const british = new Set(text.match(BRITISH)?.map((word) => word.toLowerCase())).size;
  const american = new Set(text.match(AMERICAN)?.map((word) => word.toLowerCase())).size;
  // "Scallions" and a quart outweigh one tin.
  return british >= 2 * american && british > 0
    ? 'imperial'
    : american >= 2 * british && american > 0
      ? 'US'
      : undefined;
}

const IN_POUNDS = /\d ?(?:lbs?|oz|cups?|c)\b/i;
const IN_GRAMS = /\d ?(?:g|kg|ml)\b/i;
/** Is a text American as far as an oven goes: by its words, or in pounds and cups and nothing in grams? */
export const isAmerican = (text: string): boolean => {
  const whose = whosePints(text);
  return whose === 'US' || (whose === undefined && IN_POUNDS.test(text) && !IN_GRAMS.test(text));
};

const withWhose = (line: string, whose: 'UK' | 'US'): string => line.replace(DIFFERING, `${whose} `);

/** A measure in a line, and what it holds here and there. */
function sizesOf(line: string): readonly [measure: string, uk: string, us: string] {
  const name = /\b(?:quarts?|qts?)\b/i.test(line) ? 'quart' : /\bgallons?\b/i.test(line) ? 'gallon' : 'pint';
  const holds = (system: UnitSystem) => show(quantityOf({ n: '1', unit: name }, system));
  return [name, holds('imperial'), holds('US')];
}

/**
 * Reads lines of a text whose pints are known to be British or American, or are asked.
 * @param kitchen whose measures the kitchen uses: it decides where the text does not, if they are the one or the other
 */
export function readWithPints(
  text: string,
  readLine: (line: string) => IngredientLine,
  kitchen?: UnitSystem,
): (line: string) => IngredientLine {
  if (!hasDiffering(text)) return readLine;
  const whose = whosePints(text) ?? (kitchen === 'imperial' || kitchen === 'US' ? kitchen : undefined);
  return (line) => {
    if (!isOpen(line)) return readLine(line);
    if (whose) return readLine(withWhose(line, whose === 'US' ? 'US' : 'UK'));
    const read = readLine(line);
    const [measure, uk, us] = sizesOf(line);
    return {
      ...read,
      doubts: [
        ...read.doubts,
        {
          about: 'unit',
          question: `A British ${measure} holds ${uk}, an American one ${us}. Which is meant?`,
          choices: [
            { label: 'British', line: withWhose(line, 'UK') },
            { label: 'American', line: withWhose(line, 'US') },
          ],
        },
      ],
    };
  };
}
