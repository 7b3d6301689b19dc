import { atTableWords } from './tableWords.ts';

test.each([
  [[], 0, 'Nobody of the kitchen eats then.'],
  [[], 1, 'Nobody of the kitchen eats then; 1 guest does.'],
  [['Bero'], 0, 'Bero eats.'],
  [['Bero'], 1, 'Bero eats with 1 guest.'],
  [['Bero', 'Ilva'], 2, 'Bero and Ilva eat with 2 guests.'],
])('%j with %s guests', (names, guests, said) => expect(atTableWords(names, guests)).toBe(said));
