import { BOOK } from '../../food/index.ts';
import { inBase, type UnitSystem } from '../../quantity/index.ts';
import { NOTHING_SAID, indexFoods, readIngredientLine, readPaste, readRecipeText } from '../index.ts';
import { whosePints } from './whosePints.ts';

const foods = indexFoods(BOOK);
const stockOf = (text: string, kitchen?: UnitSystem) => {
  const words = readRecipeText(`Soup\nServes 4\n\nIngredients\n${text}\n\nMethod\nSimmer for 20 minutes.`);
  const { lines } = readPaste(words, NOTHING_SAID, foods, (line) => readIngredientLine(line, foods, kitchen), kitchen);
  const line = lines.find(({ line: { food } }) => food?.name === 'vegetable stock')?.line;
  return line?.amount.kind === 'volume'
    ? { mL: Math.round(inBase(line.amount).valueOf()), asked: line.doubts.length > 0 }
    : undefined;
};

// Pints: 568.26 mL (Weights and Measures Act 1985), 473.18 mL (NIST Handbook 44, appendix C).
test.each([
  ['2 pints stock\n1 lb courgettes', undefined, 1137, false],
  ['2 pts. stock\n1 tblsp oil\n2 cooking apples', undefined, 1137, false],
  ['2 pints stock\n1 cup chopped scallions', undefined, 946, false],
  ['1 qt stock\n2 onions', undefined, 946, false],
  ['2 pints stock\n2 onions', undefined, 946, true],
  ['2 pints stock\n2 onions', 'imperial', 1137, false],
  ['2 pints stock\n2 onions', 'metric cup', 946, true],
  ['2 US pints stock\n1 lb courgettes', undefined, 946, false],
  ['2 UK pints stock\n2 onions', undefined, 1137, false],
] as const)('%j in a kitchen of %s: %i mL, asked: %s', (text, kitchen, mL, asked) =>
  expect(stockOf(text, kitchen)).toEqual({ mL, asked }),
);

test('litres beside a pint leave nothing open, and a vessel’s size is no amount', () => {
  expect(stockOf('1.1 litres / 2 pints stock\n2 onions')).toEqual({ mL: 1100, asked: false });
  expect(whosePints('a 3-quart pot')).toBe('US');
});

test('what both sides write decides nothing', () => expect(whosePints('1 cup oats, 1 tin tomatoes')).toBeUndefined());
