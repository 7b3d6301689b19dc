import type { LearnedSeasoning } from '@kestrel-ridge/core/learn';
import { seasoningTeachings, seasoningWords } from './seasoningWords.ts';

const corrected = (role: LearnedSeasoning['role'], value: number): LearnedSeasoning => ({
  role,
  correction: { value, least: value - 0.1, most: value + 0.1, n: 9, corrected: 4 },
});

test.each([
  [[], undefined],
  [[corrected('salt', 1.12)], 'Here salt usually ends 12 % above the plan (4 of 9 times): taste for it at the end.'],
  [
    [corrected('salt', 0.8), corrected('acid', 1.3)],
    'Here salt usually ends 20 % below the plan (4 of 9 times) and acid usually ends 30 % above the plan (4 of 9 times): taste for it at the end.',
  ],
  // What is as planned, or not in the dish, is told by nobody.
  [[corrected('salt', 1.02), corrected('heat', 1.5)], undefined],
])('of %j it is said: %s', (learned, words) => expect(seasoningWords(learned, new Set(['salt', 'acid']))).toBe(words));

test('what is added, and how it grows with the batch, stand among what is learned', () => {
  const growth = { value: 0.6, least: 0.5, most: 0.7, n: 5, book: 0.9 };
  expect(
    seasoningTeachings([{ ...corrected('heat', 1.2), growth }]).map(({ what, book, here, likely, n }) => [
      what,
      book,
      here,
      likely,
      n,
    ]),
  ).toEqual([
    ['Hot spice ends at', 'as planned', '1.20 times', '1.10 to 1.30', 9],
    ['Twice the batch takes of hot spice', '1.87 times', '1.52 times', '1.41 to 1.62', 5],
  ]);
});

test('a cook who seasons apart from the kitchen has a line', () => {
  const cooks = [{ who: 'Ada', value: 1.3, least: 1.2, most: 1.4, n: 6, corrected: 6 }];
  expect(
    seasoningTeachings([{ ...corrected('salt', 1.15), cooks }]).map(({ what, here, n }) => [what, here, n]),
  ).toEqual([
    ['Salt ends at', '1.15 times', 9],
    ['Salt of Ada ends at', '1.30 times', 6],
  ]);
});
