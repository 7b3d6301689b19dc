import { oddPortionWords, pasteHead, restWords } from './pasteWords.ts';

const NOTHING = {
  recipes: 1,
  whole: undefined,
  lines: 3,
  asked: { lines: 0, method: 0 },
  portionsUnsaid: false,
  nameUnsure: false,
  portionsOdd: false,
};

test.each([
  [{}, 'Every line is understood'],
  [{ recipes: 2 }, 'This text holds 2 recipes'],
  [{ lines: 0, portionsUnsaid: true }, 'Paste a recipe'],
  [{ whole: 'Dal', portionsUnsaid: true }, 'Dal, read back whole'],
  [{ asked: { lines: 2, method: 0 } }, '2 of 3 lines to put right'],
  [{ asked: { lines: 2, method: 1 } }, '2 of 3 lines to put right, 1 thing to say of the method'],
  [{ asked: { lines: 0, method: 1 }, portionsUnsaid: true }, '1 thing to say of the method'],
  [{ asked: { lines: 0, method: 2 } }, '2 things to say of the method'],
  [{ portionsUnsaid: true }, 'How many portions does it make?'],
  [{ portionsUnsaid: true, nameUnsure: true }, 'What is the dish called?'],
  [{ nameUnsure: true }, 'What is the dish called?'],
  [{ nameUnsure: true, portionsOdd: true }, 'What is the dish called?'],
  [{ portionsOdd: true }, 'How many portions does it make?'],
])('of a text, %j, it is said: %s', (more, words) => expect(pasteHead({ ...NOTHING, ...more })).toBe(words));

test('it is said how many recipes of a text are still to come', () =>
  expect([0, 1, 2].map(restWords)).toEqual([
    'This is the last one of the text.',
    'One more waits after this one.',
    '2 more wait after this one.',
  ]));

test('of a portion that nobody eats it is said what it weighs', () =>
  expect([oddPortionWords(40, '18 g'), oddPortionWords(1, '1300 g')]).toEqual([
    'As it was read, each of 40 portions weighs 18 g. Is that right? If not, set the number above.',
    'As it was read, the one portion weighs 1300 g. Is that right? If not, set the number above.',
  ]));
