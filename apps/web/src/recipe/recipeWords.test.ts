import {
  fillsWords,
  firstFaultWords,
  keepingWords,
  portionNoteWords,
  sharesWords,
  takeStartersWords,
} from './recipeWords.ts';

const fault = (n: number) => ({ fault: `Step ${n} ends before it begins.`, remedy: 'Choose a later end.' });
const note = { kcal: 412, percent: 96, without: [], toTaste: [], bringsC: undefined, alcohol: false };

test('keeping an edit says which revision comes', () => {
  expect(keepingWords(undefined)).toContain('one line each');
  expect(keepingWords(3)).toBe('Keeping it makes revision 4; revision 3 stays as it is.');
});

test.each([
  [0, ''],
  [1, 'Step 0 ends before it begins. Choose a later end.'],
  [3, 'Step 0 ends before it begins. Choose a later end. And 2 more.'],
])('%i faults', (n, said) => {
  expect(firstFaultWords(Array.from({ length: n }, (_, at) => fault(at)))).toBe(said);
});

test.each([
  [undefined, undefined, ''],
  [1, undefined, '1 dish'],
  [2, 1, '2 dishes, 1 pan load'],
  [undefined, 3, '3 pan loads'],
])('%s dishes and %s pans', (dishes, pans, said) => {
  expect(fillsWords(dishes, pans)).toBe(said);
});

test('a portion’s note says what is known, and no more', () => {
  expect(portionNoteWords(note)).toBe(
    '412 kcal. From data for 96 % of what goes in. Vitamin C is less by the heat and by keeping; other losses are not taken off.',
  );
});

test('what is not known is listed, however much it is', () => {
  expect(portionNoteWords({ ...note, without: ['wine'] })).toContain('; nothing is known of wine. Vitamin');
  expect(portionNoteWords({ ...note, without: ['wine', 'dried mushrooms', 'sumac'] })).toContain(
    'nothing is known of wine, dried mushrooms and sumac.',
  );
});

test('what is to taste, what brings vitamin C, and alcohol', () => {
  const words = portionNoteWords({ ...note, toTaste: [{ food: 'salt', usualG: 1.24 }], bringsC: [], alcohol: true });
  expect(words).toContain('Salt to taste is not counted: usually about 1.2 g a portion.');
  expect(words).toContain('there is little in this dish.');
  expect(words).not.toContain('On the shelf');
  expect(words).toContain('Alcohol never boils off wholly.');
  expect(portionNoteWords({ ...note, bringsC: ['red pepper', 'lemon'] })).toContain(
    'On the shelf: red pepper and lemon.',
  );
});

test.each([
  [0, undefined, 'Choose some first'],
  [1, undefined, 'Take one recipe'],
  [4, undefined, 'Take 4 recipes'],
  [4, 2, 'Taking 2 of 4'],
])('%i starters, at %s', (wanted, taking, said) => {
  expect(takeStartersWords(wanted, taking)).toBe(said);
});

test('shares are told one after the other', () => {
  expect(sharesWords([])).toBe('');
  expect(
    sharesWords([
      { share: '1/2', food: 'oil' },
      { share: '1/3', food: 'thyme' },
    ]),
  ).toBe('1/2 of the oil, 1/3 of the thyme');
});
