import { leftOutWords, notKnownWords } from './noticeWords.ts';

test.each([
  [1, 'Something is left out.'],
  [2, '2 things are left out.'],
])('%i left out', (things, said) => {
  expect(leftOutWords(things)).toBe(said);
});

test.each([
  [1, 'Of one change it is not known yet'],
  [3, 'Of 3 changes it is not known yet'],
])('%i not known', (changes, said) => {
  expect(notKnownWords(changes)).toContain(said);
});
