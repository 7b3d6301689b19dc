import {
  apartWords,
  freezerHead,
  fullWords,
  labelsWords,
  notMeasuredWords,
  splitWords,
  stillCookingWords,
  toBoxHead,
} from './storageWords.ts';

test.each([
  [0, 0, 'No box is in the freezer'],
  [1, 1, '1 portion in 1 frozen box'],
  [7.5, 3, '7.5 portions in 3 frozen boxes'],
])('%s portions in %s boxes', (portions, boxes, said) => {
  expect(freezerHead(portions, boxes)).toBe(said);
});

test.each([
  [0, 2, true, 'All boxed: nothing left to put away'],
  [1, 0, true, '1 dish to box'],
  [3, 1, true, '3 dishes to box'],
  [3, 0, false, 'Nothing to put away yet'],
])('%s open, %s done', (open, done, cooked, said) => {
  expect(toBoxHead(open, done, cooked)).toBe(said);
});

test('steps to go, labels to print', () => {
  expect(stillCookingWords(1)).toBe('still cooking, 1 step to go');
  expect(stillCookingWords(4)).toBe('still cooking, 4 steps to go');
  expect(labelsWords(1)).toBe('Label as PDF');
  expect(labelsWords(6)).toBe('6 labels as PDF');
});

test('what goes with each box, and into it', () => {
  expect(apartWords([])).toBe('');
  expect(
    apartWords([
      { amount: '20 g', portions: 1 },
      { amount: '40 g', portions: 2 },
    ]),
  ).toBe('20 g for a box of 1 and 40 g for a box of 2');
  expect(splitWords([{ amount: '310 g', portions: 1 }])).toBe('310 g in a box of 1');
});

test.each([
  [0.824, false, '82 % full'],
  [1, true, '100 % full'],
  [1.12, false, '112 %: too full'],
  [1.12, true, '112 %: too full, it grows as it freezes'],
])('a box %s full', (share, inFreezer, said) => {
  expect(fullWords(share, inFreezer)).toBe(said);
});

test('what nobody has measured is unknown', () => {
  expect(notMeasuredWords('18:40', '22 °C', '50 min')).toBe('unknown yet; expected about 18:40, 50 min left');
  expect(notMeasuredWords(undefined, '22 °C', '50 min')).toBe(
    'unknown yet; expected never in still air of 22 °C, 50 min left',
  );
});
