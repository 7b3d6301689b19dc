import {
  equalLoads,
  fillNote,
  fullestWords,
  oneAfterTheOther,
  racksWords,
  traysWords,
  usedBeforeWords,
  waterHead,
} from './scalingWords.ts';

test('vessels that are filled several times', () => {
  expect(oneAfterTheOther(1, 'basket')).toBe('One basket');
  expect(oneAfterTheOther(3, 'panful')).toBe('3 panfuls, one after the other');
  expect(equalLoads(1)).toBe('One load');
  expect(equalLoads(2)).toBe('2 equal loads');
  expect(waterHead(1)).toBe('Water');
  expect(waterHead(2)).toBe('Water, for 2 loads');
  expect(traysWords(1)).toBe('1 tray, one layer');
  expect(traysWords(2)).toBe('2 trays, one layer');
  expect(racksWords(2, 3, 1)).toBe('2 of 3 racks');
  expect(racksWords(1, 1, 2)).toBe('1 of 1 rack, 2 times');
  expect(fullestWords('3.4', '4.0')).toBe('3.4 litres at its fullest; the line is at 4.0 litres');
});

test.each([
  [undefined, undefined, 'not on the shelf'],
  ['300 g', undefined, '300 g there'],
  ['300 g', -1, '300 g there, past its date'],
  ['300 g', 0, '300 g there, 0 days left'],
  ['300 g', 1, '300 g there, 1 day left'],
  ['300 g', 5, '300 g there, 5 days left'],
])('%s, %s days', (there, days, said) => {
  expect(fillNote(there, days)).toBe(said);
});

test('how often something stood in', () => {
  expect(usedBeforeWords(1)).toBe('used once before');
  expect(usedBeforeWords(2)).toBe('used 2 times before');
});
