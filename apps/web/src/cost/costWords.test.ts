import {
  cameHomeWords,
  kiloWords,
  notePricesWords,
  overWords,
  packsWords,
  pricesHead,
  pricesNotedWords,
  pricesReadWords,
  shopHead,
  tripWords,
  whyBuyWords,
} from './costWords.ts';

test('what has to be bought', () => {
  expect(shopHead(0)).toBe('Nothing is missing for this week');
  expect(shopHead(1)).toBe('1 thing to buy');
  expect(shopHead(12)).toBe('12 things to buy');
  expect(whyBuyWords(0, 0)).toBe('');
  expect(whyBuyWords(3, 2)).toBe('3 for this week’s dishes, 2 below what should never run out');
  expect(tripWords('Kestrel hut', 1)).toBe('Shop for Kestrel hut: 1 thing');
  expect(cameHomeWords(1)).toBe('Put 1 thing from the shop on the shelf');
  expect(cameHomeWords(2)).toBe('Put 2 things from the shop on the shelf');
});

test('prices', () => {
  expect(pricesHead(0)).toBe('No price is known yet');
  expect(pricesHead(1)).toBe('Prices of 1 food');
  expect(pricesReadWords(0, 2)).toBe('no price that was noted by hand is in it.');
  expect(pricesReadWords(1, 0)).toBe('1 price understood.');
  expect(pricesReadWords(4, 2)).toBe('4 prices understood, 2 not.');
  expect(notePricesWords(1, 0)).toBe('Note 1 price');
  expect(notePricesWords(4, 1)).toBe('Note 4 prices, leave 1 out');
  expect(pricesNotedWords(1)).toBe('1 price is noted.');
  expect(pricesNotedWords(3)).toBe('3 prices are noted.');
});

test('packs, what is over, and a kilo', () => {
  expect(packsWords([])).toBe('');
  expect(
    packsWords([
      { count: 2, holds: '500 g' },
      { count: 1, holds: '1 kg' },
    ]),
  ).toBe('2 × 500 g + 1 × 1 kg');
  expect(overWords(undefined, undefined)).toBe('');
  expect(overWords('120 g', undefined)).toBe('120 g over');
  expect(overWords('120 g', { packs: '1 × 1 kg', money: '3.20 €' })).toBe(
    '120 g over; least over: 1 × 1 kg for 3.20 €',
  );
  expect(kiloWords('a kilo', '2.10 €', undefined)).toBe('2.10 € a kilo');
  expect(kiloWords('a kilo', '2.10 €', '2.60 €')).toBe('2.10 € a kilo; 2.60 € a kilo that will be eaten');
});
