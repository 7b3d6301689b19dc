import { BOOK } from '../food/index.ts';
import { Fraction, day, show } from '../quantity/index.ts';
import { readDate, readShelfLine, shelfLines } from './index.ts';

const places = [
  { id: '1', name: 'dry cupboard' },
  { id: '2', name: 'fridge' },
  { id: '3', name: 'freezer' },
];
const today = day('2026-11-25');
const line = (text: string) =>
  readShelfLine(text, {
    foods: BOOK,
    places,
    today,
    usualPack: (food) => (food.name === 'millet' ? new Fraction(1000) : undefined),
  });
const read = (text: string) => {
  const { food, place, amount, priceMinor, rest } = line(text);
  return [food?.name, amount && show(amount), place?.name, priceMinor, rest];
};

test.each([
  ['500 g millet dry cupboard 2.40', ['millet', '500 g', 'dry cupboard', 240, '']],
  ['1,5 kg borlotti, dry cupboard, 5,85', ['borlotti beans', '1.5 kg', 'dry cupboard', 585, '']],
  ['fridge kale 600g', ['kale', '600 g', 'fridge', undefined, '']],
  ['1 1/2 cups sunflower seeds', ['sunflower seeds', '210 g', undefined, undefined, '']],
  ['½ kg parsnip', ['parsnip', '500 g', undefined, undefined, '']],
  ['3 leeks fridge', ['leek', '607 g', 'fridge', undefined, '']],
  ['2 onions 0.90', ['onion', '245 g', undefined, 90, '']],
  ['750 ml oil dry cupboard 4.20', ['rapeseed oil', '750 mL', 'dry cupboard', 420, '']],
  ['500 g moonbeans freezer', [undefined, '500 g', 'freezer', undefined, 'moonbeans']],
  ['millet', ['millet', undefined, undefined, undefined, '']],
  ['', [undefined, undefined, undefined, undefined, '']],
  // "each" multiplies the price by the packs; "cupboard" is the only place of that word; a can is counted drained.
  ['2 cans canned borlotti cupboard 0.95 each bb march', ['canned borlotti', '480 g', 'dry cupboard', 190, '']],
  ['2 cans borlotti cupboard 0.95 each bb march', ['canned borlotti', '480 g', 'dry cupboard', 190, '']],
  ['3 tins kidney beans', ['canned kidney beans', '720 g', undefined, undefined, '']],
  ['half a can chickpeas fridge', ['canned chickpeas', '120 g', 'fridge', undefined, '']],
  ['1 can coconut milk', ['coconut milk', '394 mL', undefined, undefined, '']],
  ['garlic 2 heads', ['garlic', '69 g', undefined, undefined, '']],
  ['1 block tofu 200g fridge', ['tofu', '200 g', 'fridge', undefined, '']],
  ['1 cabbage 1.2 kg 2.40', ['cabbage', '1.2 kg', undefined, 240, '']],
  ['lemon x3', ['lemon', '329 g', undefined, undefined, '']],
  ['2 bags millet 500 g each cupboard', ['millet', '1 kg', 'dry cupboard', undefined, '']],
  ['500 g chickpeas', ['chickpeas', '500 g', undefined, undefined, '']],
  ['2 cans (400 g each) canned borlotti cupboard 1.90', ['canned borlotti', '480 g', 'dry cupboard', 190, '']],
  ['half a bag millet cupboard', ['millet', '500 g', 'dry cupboard', undefined, '']],
  ['about 300 g kale fridge', ['kale', '300 g', 'fridge', undefined, '']],
  // Any sign of money, before or behind; "each" is for one; "x3" is three of them.
  ['2 x 400g tins chickpeas €0.89 each', ['canned chickpeas', '480 g', undefined, 178, '']],
  ['2 packs tofu 2.10 each', ['tofu', '700 g', undefined, 420, '']],
  ['£1.50 mushrooms 250g', ['mushrooms', '250 g', undefined, 150, '']],
  ['olive oil 750 ml 8,99 €', ['olive oil', '750 mL', undefined, 899, '']],
  ['$4 tahini 300g', ['tahini', '300 g', undefined, 400, '']],
  ['oat milk 1L x3', ['oat milk', '3 L', undefined, undefined, '']],
  ['tinned tomatoes x6', ['canned tomatoes', '2.4 kg', undefined, undefined, '']],
  ['tomato paste tube', ['tomato paste', '200 g', undefined, undefined, '']],
  ['bunch of parsley fridge', ['parsley', '50 g', 'fridge', undefined, '']],
  ['potatoes (big) 2.5 kg', ['potato', '2.5 kg', undefined, undefined, '']],
  ['dried lentils 500g', ['lentils', '500 g', undefined, undefined, '']],
  ['mixed veg 1 kg freezer', ['frozen mixed vegetables', '1 kg', 'freezer', undefined, '']],
])('"%s"', (text, expected) => expect(read(text)).toEqual(expected));

test('a weekday is the next one to come; a month may stand in figures', () => {
  expect(line('600 g kale use by monday').useBy).toBe('2026-11-30');
  expect(line('600 g kale until wednesday').useBy).toBe('2026-11-25');
  expect(line('200 g walnuts best before 3/2027').bestBefore).toBe('2027-03-31');
  expect(line('200 g walnuts best before 3/4').asks.join()).toContain('Which day');
});
test('what a pack of it holds is asked where nobody knows, and a number that belongs to nothing too', () => {
  expect(line('bag of spinach').asks.join()).toContain('How much does a bag');
  expect(line('rice 1 kg 7').asks.join()).toContain('What is “7”?');
});
test('in a list a bare name is some of it; in one line that is being typed it is not finished', () => {
  const some = readShelfLine('salt', { foods: BOOK, places, today, bareIsSome: true });
  expect([some.known, some.food?.name, some.asks]).toEqual(['unknown', 'salt', []]);
  expect(line('salt').amount).toBeUndefined();
});

test('dates, an open pack and a rough guess are understood with the rest', () => {
  expect(line('2 cans canned borlotti cupboard 0.95 each bb march')).toMatchObject({
    bestBefore: '2027-03-31',
    known: 'exact',
    opened: false,
    asks: [],
  });
  expect(line('500 g millet cupboard opened use by 12 dec')).toMatchObject({ useBy: '2026-12-12', opened: true });
  expect(line('about 500 g millet')).toMatchObject({ known: 'rough' });
  expect(line('half a bag millet')).toMatchObject({ known: 'rough' });
  expect(line('some 300 g millet')).toMatchObject({ known: 'rough' });
  expect(line('some millet cupboard')).toMatchObject({ known: 'unknown', asks: [], rest: '' });
  expect(line('millet cupboard').amount).toBeUndefined();
});

test('what cannot be known is asked, not guessed', () => {
  expect(line('half a bag quinoa').asks).toEqual(['How much does a bag of it hold? Write it in grams.']);
  expect(line('500 g millet bb someday').asks[0]).toContain('Which day is “someday”?');
  expect(line('2 cups bay leaf').asks[0]).toContain('Weigh one level cup');
  expect(line('0 g millet').asks).toEqual(['How much? More than nothing.']);
});

test.each([
  ['march', '2027-03-31'],
  ['dec', '2026-12-31'],
  ['12 mar 2027', '2027-03-12'],
  ['12. march', '2027-03-12'],
  ['1.2.2027', '2027-02-01'],
  ['24.11.', '2027-11-24'],
  ['2027-02-28', '2027-02-28'],
  ['feb 2028', '2028-02-29'],
  ['31 feb', undefined],
  ['moonday', undefined],
])('%s is %s', (text, expected) => expect(readDate(text, today)?.day).toBe(expected));

describe('a list as people write it', () => {
  const listed = (text: string) =>
    readShelfLine(text, { foods: BOOK, places, today, bareIsSome: true, usualPack: () => undefined });
  const told = (text: string) => {
    const { food, amount, known, place, priceMinor, asks } = listed(text);
    return [
      food?.name,
      amount && show(amount),
      known,
      ...(place ? [place.name] : []),
      ...(priceMinor ? [priceMinor] : []),
      ...asks,
    ];
  };

  test.each([
    ['brown rice - about 700g left', ['brown rice', '700 g', 'rough']],
    ['miso ~200g', ['miso', '200 g', 'rough']],
    ['5 onions (big), 1 going soft', ['onion', '612 g', 'exact']],
    ['parsley bunch wilting', ['parsley', '50 g', 'rough']],
    ['olive oil, 1l bottle, half full', ['olive oil', '500 mL', 'rough']],
    ['flour plain 1.5kg bag, 3/4 left', ['wheat flour', '1.13 kg', 'rough']],
    ['1 jar kimchi 3/4', ['kimchi', '225 g', 'rough']],
    ['passata 500g x 4 @ 65p', ['passata', '2 kg', 'exact', 260]],
    ['lentils 500 g 99 cents', ['lentils', '500 g', 'exact', 99]],
    ['half a bag quinoa', ['quinoa', '250 g', 'rough']],
    ['3 cartons oat milk', ['oat milk', '3 L', 'rough']],
    ['tofu x 3', ['tofu', '1.05 kg', 'rough']],
    ['block of tempeh frozen', ['tempeh', '200 g', 'rough', 'freezer']],
    ['sourdough half loaf in freezer', ['sourdough bread', '350 g', 'rough', 'freezer']],
  ])('“%s”', (text, expected) => expect(told(text)).toEqual(expected));

  test.each([
    ['500 g millet opened sunday', '2026-11-22'],
    ['500 g millet opened yesterday', '2026-11-24'],
    ['500 g millet, opened 3 days ago', '2026-11-22'],
    ['opened oat milk since thursday', '2026-11-19'],
    ['500 g millet opened 20 nov', '2026-11-20'],
    ['500 g millet opened 28 dec', '2025-12-28'],
    ['500 g millet opened', undefined],
  ])('“%s”: open since %s, never in days to come', (text, openedOn) => {
    const read = listed(text);
    expect([read.opened, read.openedOn, read.asks]).toEqual([true, openedOn, []]);
  });

  test('three of which one is open are two lines, and what is no pack is asked', () => {
    expect(listed('soy milk 3 cartons, 1 open').asks.join()).toContain('Write what is open on a line of its own');
    expect(listed('2 bags carrots').asks.join()).toContain('How much does a bag');
  });

  test('a day in figures that can be read one way only is read; brackets about it say nothing', () => {
    expect(listed('200 g tofu (best before 14/12)').bestBefore).toBe('2026-12-14');
    expect(listed('200 g tofu bb 12/14/26').bestBefore).toBe('2026-12-14');
    expect(listed('200 g tofu best before 3/4').asks.join()).toContain('Which day');
  });

  test('a place that stands alone is where the lines under it lie; bullets are no part of a line', () => {
    expect(
      shelfLines('2 leeks\n\nIn the fridge:\n- 600 g kale\n• tofu\n## Freezer\n1. 500 g peas\nPantry\nsugar', places),
    ).toEqual([
      { line: '2 leeks' },
      { line: '600 g kale', under: places[1] },
      { line: 'tofu', under: places[1] },
      { line: '500 g peas', under: places[2] },
      { line: 'sugar', under: places[0] },
    ]);
  });
});
