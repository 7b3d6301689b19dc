import { BOOK } from '../../food/index.ts';
import { inBase } from '../../quantity/index.ts';
import { indexFoods } from './findFood.ts';
import { readIngredientLine } from './readIngredientLine.ts';

const foods = indexFoods(BOOK);

/** What one of a unit holds, in grams or millilitres. Published: SI; NIST SP 811 (pound, ounce); NIST Handbook 44, Appendix C (cup, spoons). */
const UNITS: Readonly<Record<string, number>> = {
  g: 1,
  kg: 1000,
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  oz: 28.349523125,
  lb: 453.59237,
  cup: 236.5882365,
  tbsp: 14.78676478125,
  tsp: 4.92892159375,
};
const FORMS: Readonly<Record<string, number>> = {
  '2': 2,
  '½': 0.5,
  '1/2': 0.5,
  '1½': 1.5,
  '1 ½': 1.5,
  '1 1/2': 1.5,
  '1.5': 1.5,
  '1,5': 1.5,
  '0.25': 0.25,
  '¾': 0.75,
  half: 0.5,
};
const PLACES: readonly ((amount: string) => string)[] = [
  (amount) => `${amount} water`,
  (amount) => `Water: ${amount}`,
  (amount) => `- ${amount} water, warm`,
  (amount) => `${amount} of water`,
];

describe.each(Object.entries(UNITS))('%s', (unit, factor) => {
  test.each(Object.entries(FORMS))('%s of it is read as so much, wherever it stands', (form, n) => {
    for (const place of PLACES) {
      // "Half of it" behind a name is said of what it is half of.
      if (form === 'half' && place('').startsWith('Water')) continue;
      const line = place(`${form} ${unit}`);
      const { amount, doubts, food } = readIngredientLine(line, foods);
      const read = amount.kind === 'mass' || amount.kind === 'volume' ? inBase(amount).valueOf() : undefined;
      // Asked is no fault; read otherwise without a word is.
      if (doubts.length === 0)
        expect([line, food?.name, read?.toFixed(3)]).toEqual([line, 'water', (n * factor).toFixed(3)]);
    }
  });
});
