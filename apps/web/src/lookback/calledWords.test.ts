import { calledWords } from './calledWords.ts';

const calls = (held: number, later: number) => [
  ...Array.from({ length: held }, () => ({ held: true })),
  ...Array.from({ length: later }, () => ({ held: false })),
];

test('fewer than three sessions say nothing', () => {
  expect(calledWords([])).toBeUndefined();
  expect(calledWords(calls(2, 0))).toBeUndefined();
});

test.each([
  [6, 2, '6 of 8 sessions were done', 'about 6 are'],
  [1, 2, '1 of 3 sessions was done', 'about 2 are'],
  [0, 4, '0 of 4 sessions were done', 'about 3 are'],
  [5, 0, '5 of 5 sessions were done', 'about 4 are'],
])('%i held and %i later', (held, later, done, expected) => {
  const words = calledWords(calls(held, later));
  expect(words).toContain(`${done} by the time that is called for 8 of 10`);
  expect(words).toContain(`${expected} to be expected`);
});
