import { day, volume } from '@kestrel-ridge/core/quantity';
import { countedOnWords } from './besideWords.ts';

const soup = { dish: 'Barley soup', on: day('2026-03-12'), amount: volume(400) };
const pot = { dish: 'Two-pulse pot', on: day('2026-03-13'), amount: volume(250) };

test('who counts on what comes out beside a dish is named, and what follows where it is not kept', () => {
  expect(countedOnWords([], true)).toBe('');
  expect(countedOnWords([soup], true)).toBe('Barley soup on Thu (400 mL) needs it.');
  expect(countedOnWords([soup, pot], true)).toBe(
    'Barley soup on Thu (400 mL) and Two-pulse pot on Fri (250 mL) need it.',
  );
  expect(countedOnWords([soup], false)).toBe(
    'Without it, Barley soup on Thu (400 mL) will have to be made with something else.',
  );
});
