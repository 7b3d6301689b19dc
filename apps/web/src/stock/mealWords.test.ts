import { day } from '@kestrel-ridge/core/quantity';
import { notedWords, tableWords } from './mealWords.ts';

test.each([
  [[], false, 'Nobody is here today.'],
  [[], true, 'Nobody was here yesterday.'],
  [['Ines'], false, '1 eats today: Ines.'],
  [['Ines', 'Marek'], false, '2 eat today: Ines, Marek.'],
  [['Ines', 'Marek'], true, '2 ate yesterday: Ines, Marek.'],
])('%j at the table, yesterday: %s', (names, yesterday, said) => expect(tableWords(names, yesterday)).toBe(said));
test.each([
  [0.2, '½ portion is noted for dinner on Tuesday already.'],
  [1, '1 portion is noted for dinner on Tuesday already.'],
  [4.5, '4½ portions are noted for dinner on Tuesday already.'],
  [12, '12 portions are noted for dinner on Tuesday already.'],
])('%s portions are noted', (n, said) => expect(notedWords(n, 'dinner', day('2026-03-10'))).toBe(said));
