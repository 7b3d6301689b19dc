import {
  areOnShelfWords,
  awayWords,
  coldWords,
  countedHead,
  listHead,
  notCountedWords,
  putWords,
  shelfHead,
  warmingWords,
} from './stockWords.ts';

test.each([
  [0, 0, 'The shelf is empty'],
  [0, 4, 'Nothing on the shelf presses'],
  [1, 4, 'Use one thing first'],
  [3, 4, 'Use 3 things first'],
])('%s pressing of %s', (pressing, lots, said) => {
  expect(shelfHead(pressing, lots)).toBe(said);
});

test.each([
  [0, 0, 'Put a list on the shelf'],
  [3, 0, 'Every line is understood'],
  [0, 1, '1 of 1 line to put right'],
  [3, 2, '2 of 5 lines to put right'],
])('%s understood, %s open', (understood, open, said) => {
  expect(listHead(understood, open)).toBe(said);
});

test('what the button does with a list', () => {
  expect(putWords(1, 0, 0)).toBe('Put 1 line on the shelf');
  expect(putWords(24, 2, 0)).toBe('Put 24 lines on the shelf, leave 2 out');
  expect(putWords(24, 0, 1)).toBe('Put 24 lines on the shelf, 1 stays here');
  expect(putWords(24, 0, 3)).toBe('Put 24 lines on the shelf, 3 stay here');
  expect(areOnShelfWords(1)).toBe('1 line is on the shelf.');
  expect(areOnShelfWords(2)).toBe('2 lines are on the shelf.');
});

test('what a count has shown', () => {
  expect(countedHead(9, 0)).toBe('9 counted, nothing has changed');
  expect(countedHead(9, 1)).toBe('1 of 9 was not as the book said');
  expect(countedHead(9, 2)).toBe('2 of 9 were not as the book said');
  expect(notCountedWords([])).toBe('Everything was counted.');
  expect(notCountedWords(['rice', 'dill'])).toBe('Not counted: rice and dill.');
  expect(notCountedWords(['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'])).toBe('Not counted: a, b, c, d, e, f and 2 more.');
});

test('throwing, warming, cold portions', () => {
  expect(awayWords(true, '200 g', 'kale')).toBe('Gave away 200 g kale');
  expect(awayWords(false, '200 g', 'kale')).toBe('Threw away 200 g kale');
  expect(warmingWords(12, 1)).toBe('Warming takes 12 min');
  expect(warmingWords(12, 2)).toBe('Warming takes 12 min, all hot together');
  expect(coldWords(1, 0)).toBe('portion cold');
  expect(coldWords(3, 2)).toBe('portions cold, 2 frozen');
});
