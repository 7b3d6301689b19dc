import { paceWords } from './paceWords.ts';

const pace = { middle: 0, sessionSpread: 0.1, stepSpread: 0.3, sessions: 0, steps: 0 };

test.each([
  [pace, 'This kitchen has cooked nothing yet: hands go by what is usual.'],
  [{ ...pace, sessions: 1 }, 'Hands as in one session here: as planned; a day may be 10 % off that.'],
  [
    { ...pace, sessions: 8, middle: Math.log(1.07), sessionSpread: 0.06 },
    'Hands as in 8 sessions here: about 7 % longer than planned; a day may be 6 % off that.',
  ],
  [
    { ...pace, sessions: 2, middle: Math.log(0.9) },
    'Hands as in 2 sessions here: about 10 % shorter than planned; a day may be 10 % off that.',
  ],
])('%j', (its, words) => expect(paceWords(its)).toBe(words));
