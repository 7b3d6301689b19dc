import { byAllWords, goneByWords } from './byAllWords.ts';

const figure = (n: number) => ({ what: `Figure ${n} takes`, here: `1.${n} times` });

test.each([
  [1, 'The next plan goes by the book still: figure 1 takes 1.1 times here.'],
  [2, 'The next plan goes by the book still: figure 1 takes 1.1 times here and figure 2 takes 1.2 times here.'],
  [
    5,
    'The next plan goes by the book still: figure 1 takes 1.1 times here, figure 2 takes 1.2 times here, figure 3 takes 1.3 times here and 2 more.',
  ],
])('%i figures', (many, words) =>
  expect(byAllWords(Array.from({ length: many }, (_, n) => figure(n + 1)))).toBe(words),
);

test('what was done is told for one figure and for many, and for the way back to the book', () => {
  expect(goneByWords(['Work of all hands takes'], 'kitchen')).toBe('“Work of all hands takes” is planned with');
  expect(goneByWords(['a', 'b'], 'kitchen')).toBe('2 figures are planned with');
  expect(goneByWords(['What is in the oven takes'], 'book')).toBe('“What is in the oven takes” is the book’s again');
});
