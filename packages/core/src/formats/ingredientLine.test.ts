import fc from 'fast-check';
import { INGREDIENT_LINES } from '../../test/ingredientLines.ts';
import { BOOK } from '../food/index.ts';
import { Fraction, measureIn, plainSigns, readNumber } from '../quantity/index.ts';
import { amountWords, indexFoods, linesApart, readIngredientLine } from './index.ts';

const foods = indexFoods(BOOK);
const corpus = INGREDIENT_LINES.trim()
  .split('\n')
  .map((row) => {
    const [text = '', expected = ''] = row.split(' => ');
    const readings = expected.split('&&').map((each) => {
      const [amount = '', food = '', marks = ''] = each.split('|').map((part) => part.trim());
      return { amount, food, marks };
    });
    return { text, readings };
  });

const reading = (text: string) => {
  const line = readIngredientLine(text, foods);
  return {
    amount: amountWords(line.amount),
    food: line.food?.name ?? '-',
    marks: `${line.doubts.length > 0 ? '?' : ''}${line.optional ? 'o' : ''}${line.approximate ? '~' : ''}`,
  };
};

test('the corpus has at least 400 lines', () => expect(corpus.length).toBeGreaterThanOrEqual(400));

test.each(corpus)('$text', ({ text, readings }) => {
  const read = linesApart(text, foods).map(reading);
  // "?" as the amount: it may be anything, as long as it is asked.
  expect(read.map((each, n) => (readings[n]?.amount === '?' ? { ...each, amount: '?' } : each))).toEqual(readings);
});

test('nothing of the corpus is read otherwise than it says, and most of it without asking', () => {
  const counts = { right: 0, asked: 0, 'silently wrong': 0 };
  for (const { text, readings } of corpus)
    linesApart(text, foods).forEach((line, n) => {
      const { amount, food, marks } = reading(line);
      const said = readings[n];
      if (marks.includes('?') || food === '-') counts.asked++;
      else if (said && (said.amount === '?' || said.amount === amount) && said.food === food) counts.right++;
      else counts['silently wrong']++;
    });
  if (process.env['READING']) console.log(`LINES ${JSON.stringify(counts)}`);
  expect(counts['silently wrong']).toBe(0);
  expect(counts.right).toBeGreaterThan(3 * counts.asked);
});

test('what cannot be read is asked with answers that can be: each choice rewrites the line into one without that doubt', () => {
  for (const { text } of corpus)
    for (const doubt of readIngredientLine(text, foods).doubts)
      for (const { line, label } of doubt.choices) {
        const again = readIngredientLine(line, foods);
        // "112 cups" may really mean 112: that answer is given by taking the line as it stands.
        if (line === text) continue;
        expect(`${text} → ${label}: ${again.doubts.map((d) => d.question).includes(doubt.question)}`).toBe(
          `${text} → ${label}: false`,
        );
      }
});

test('whose cup it is changes what a cup comes to', () => {
  // Source: published: 21 CFR 101.9; common national usage and UK units law (from memory).
  const cup = (system: Parameters<typeof measureIn>[0]) =>
    amountWords(readIngredientLine('1 cup millet', foods, system).amount);
  expect([cup('US'), cup('metric cup'), cup('nutrition label'), cup('imperial')]).toEqual([
    '237 mL',
    '250 mL',
    '240 mL',
    '284 mL',
  ]);
});

test('law: any number that is written is read back, in every way of writing it', () => {
  const glyphs: Record<string, string> = { '1/2': '½', '1/4': '¼', '3/4': '¾', '1/3': '⅓', '2/3': '⅔', '1/8': '⅛' };
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 40 }),
      fc.constantFrom(...Object.keys(glyphs)),
      fc.constantFrom('plain', 'glyph'),
      (whole, part, way) => {
        const written = `${whole || ''} ${way === 'plain' ? part : glyphs[part]}`.trim();
        const read = readNumber(plainSigns(`${written} cups`));
        expect(read?.value.equals(new Fraction(part).add(whole))).toBe(true);
        expect(read?.rest).toBe('cups');
      },
    ),
  );
});

test('law: no line, however odd, makes the reader fail or lose its text', () =>
  fc.assert(
    fc.property(fc.string({ maxLength: 60 }), (text) => {
      expect(readIngredientLine(text, foods).text).toBe(text);
    }),
    { numRuns: 500 },
  ));

describe('forms that cooks use every day', () => {
  test.each([
    ['1 c. millet', 'millet', '237 mL'],
    ['1 t. salt', 'salt', '4.93 mL'],
    ['1 T. rapeseed oil', 'rapeseed oil', '15 mL'],
    ['1 dl water', 'water', '100 mL'],
    ['5 cl rapeseed oil', 'rapeseed oil', '50 mL'],
    ['1.5 dl vegetable stock', 'vegetable stock', '150 mL'],
    ['a scant cup of millet', 'millet', '237 mL'],
    ['1 generous tsp salt', 'salt', '4.93 mL'],
    ['400g/14oz tin borlotti beans', 'canned borlotti', '1 × can of 400 g'],
    ['400 g can chickpeas', 'canned chickpeas', '1 × can of 400 g'],
    ['2x200g tofu', 'tofu', '2 × pack of 200 g'],
    ['2 big leeks (about 600 g)', 'leek', '600 g'],
    ['3 carrots (300 g in total), grated', 'carrot', '300 g'],
    ['tofu: 200 g', 'tofu', '200 g'],
    ['garlic x4', 'garlic', '4'],
    ['leeks - 3', 'leek', '3'],
    ['300 g peas, shelled', 'green peas', '300 g'],
  ])('“%s”', (text, food, amount) => {
    const line = readIngredientLine(text, indexFoods(BOOK));
    expect([line.food?.name, amountWords(line.amount), line.doubts, line.text]).toEqual([food, amount, [], text]);
  });
  test('a chunk of ginger is no count: nobody knows how much it is', () => {
    const line = readIngredientLine('a chunk of ginger', indexFoods(BOOK));
    expect(line.food?.name).toBe('ginger');
    expect(amountWords(line.amount)).not.toMatch(/\d/);
  });
  // Common practice, no published source: an inch of ginger is about 15 g, a handful of leaves 30 g, a bunch of parsley 50 g.
  test.each([
    ['1 inch ginger', 15.24],
    ['a thumb of ginger', 15],
    ['2 handfuls of spinach', 60],
    ['half a bunch of parsley', 25],
    ['3 sprigs thyme', 1.5],
  ])('“%s” is measured by feel, and usually comes to %f g', (text, grams) => {
    const { amount } = readIngredientLine(text, indexFoods(BOOK));
    expect(amount.kind === 'unknown' && amount.usually?.kind === 'mass' && amount.usually.g.valueOf()).toBe(grams);
  });
  test('a weight in brackets that is of one pack, or of each, is not the weight of all', () => {
    const pack = readIngredientLine('2 tins (400 g) chickpeas', indexFoods(BOOK));
    expect(amountWords(pack.amount)).toBe('2 × can of 400 g');
  });
});

describe('more of the same behind a line', () => {
  const read = (line: string) => readIngredientLine(line, foods);
  test('is added where it is measured alike', () => {
    expect(amountWords(read('100 g flour, plus 20 g for dusting').amount)).toBe('120 g');
    expect(read('100 g flour, plus 20 g for dusting').doubts).toEqual([]);
  });
  test('is asked about where it is not: it is never lost', () => {
    const { amount, doubts } = read('100 g flour, plus 2 tbsp for dusting');
    expect(amountWords(amount)).toBe('100 g');
    expect(doubts.map(({ about }) => about)).toEqual(['amount']);
  });
});
