import type { Profile, SuggestedWeek } from '@kestrel-ridge/core/week';
import { inOneGoWords, cardsOf, goodAtWords, repeatsWords, weeksHead } from './suggestWords.ts';

const week = (goodAt: Profile, draft: object) => ({ goodAt, draft }) as unknown as SuggestedWeek;

test('a week that is best at several things is one card, in the place of the first of them', () => {
  const [a, b] = [{}, {}];
  const cards = cardsOf([week('least waste', a), week('least work', b), week('cheapest', a), week('most variety', b)]);
  expect(cards.map(({ goodAt }) => goodAt)).toEqual([
    ['least waste', 'cheapest'],
    ['least work', 'most variety'],
  ]);
});

test.each<[readonly Profile[], string]>([
  [['cheapest'], 'cheapest'],
  [['least waste', 'cheapest'], 'least waste and cheapest'],
  [['least waste', 'least work', 'cheapest'], 'least waste, least work and cheapest'],
])('%j is said as “%s”', (goodAt, words) => expect(goodAtWords(goodAt)).toBe(words));

test.each([
  [0, 'No weeks, good at something'],
  [1, 'One week, good at something'],
  [2, 'Two weeks, each good at something'],
  [4, 'Four weeks, each good at something'],
])('over %i weeks stands “%s”', (n, words) => expect(weeksHead(n)).toBe(words));

test('what is only alike is a part of once', () =>
  expect([0, 0.04, 1, 1.0000001, 2.3999999].map(repeatsWords)).toEqual([
    'never',
    'never',
    'once',
    'once',
    '2.4 times',
  ]));

test('what is cut in one go is told with its dishes and what it saves', () => {
  expect(inOneGoWords('onion', ['Kale and leek', 'Borlotti'], 2)).toBe(
    'onion for Kale and leek and Borlotti, 2 min saved',
  );
  expect(inOneGoWords('onion', ['a', 'b', 'c'], 2)).toBe('onion for a, b and c, 4 min saved');
});
