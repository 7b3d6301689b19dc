import { outWords, racksWords } from './trayWords.ts';

test('racks are named as they lie', () => {
  expect([[2], [1, 3], [1, 2, 3], []].map((on) => racksWords(on, 3))).toEqual([
    'middle rack',
    'top and bottom rack',
    'all 3 racks',
    '',
  ]);
  expect(racksWords([1, 2, 4], 4)).toBe('top, 2nd and bottom rack');
  expect(racksWords([1], 1)).toBe('');
});

test('one tray is done when it is out, several come out one by one', () =>
  expect([outWords(1), outWords(2)]).toEqual(['Done, from the rack', 'Out already, by rack']));
