import { guessWords } from './boxGuessWords.ts';

test.each([
  [0.97, 'Borlotti, nearly sure'],
  [0.7, 'Borlotti, 7 in 10'],
  [0.1, 'Borlotti, 1 in 10'],
])('a chance of %d is said in tenths', (probability, words) =>
  expect(guessWords({ food: 'b', probability }, 'Borlotti')).toBe(words),
);
