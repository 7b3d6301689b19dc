import type { PastDish, PastSession, WeekThatWas } from '@kestrel-ridge/core/view';
import type { Day } from '@kestrel-ridge/core/quantity';
import {
  ranOutWords,
  causeWords,
  causesTold,
  doOtherwise,
  headline,
  lastTimesWords,
  lateWords,
  otherwiseWords,
  priceWords,
} from './lookBackWords.ts';

const EMPTY: WeekThatWas = {
  sessions: [],
  dishes: [],
  thrown: [],
  thrownMinor: 0,
  cooked: { portions: 0, usedMinor: 0, tillMinor: 0, garnishMinor: 0 },
  cookedDishes: [],
  purchases: [],
  paidMinor: 0,
  budgetMinor: undefined,
  prices: [],
  otherwise: [],
  ranOut: [],
};
const session = (minutes: number, more: Partial<PastSession> = {}): PastSession => ({
  id: 's',
  name: 'next',
  plannedStart: 0,
  start: 0,
  finish: 0,
  lateness: { minutes, causes: [{ task: 'a', minutes, cause: 'took longer' }] },
  handsPlanned: 0,
  hands: 0,
  work: [],
  washes: [],
  names: { a: 'Borlotti: chop' },
  ...more,
});
const dish = (more: Partial<PastDish>): PastDish => ({
  food: 'f',
  name: 'Borlotti',
  before: 0,
  made: 0,
  frozen: 0,
  eaten: 0,
  given: 0,
  thrown: 0,
  used: 0,
  otherwise: 0,
  left: 0,
  moves: [],
  ...more,
});

test.each([
  [0, 'on time'],
  [2.4, 'on time'],
  [13, '13 min later than planned'],
  [-75, '1 h 15 earlier than planned'],
])('%d minutes: %s', (minutes, words) => expect(lateWords(minutes)).toBe(words));

test.each([
  [{ task: 'a', minutes: 6, cause: 'took longer' as const }, 'Borlotti: chop took 6 min longer'],
  [{ task: 'a', minutes: -6, cause: 'took longer' as const }, 'Borlotti: chop took 6 min less'],
  [{ task: 'a', minutes: 4, cause: 'began late' as const }, 'Borlotti: chop began 4 min later than it could'],
  [{ task: undefined, minutes: 4, cause: 'began late' as const }, 'The session began 4 min late'],
  [{ task: undefined, minutes: -4, cause: 'began late' as const }, 'The session began 4 min early'],
  [{ task: 'b', minutes: 4, cause: 'took longer' as const }, 'Something that was added took 4 min longer'],
])('%j', (cause, words) => expect(causeWords(cause, { a: 'Borlotti: chop' })).toBe(words));

test('a week in one sentence: nothing, one session, several, and what was lost', () => {
  expect(headline(EMPTY, 'EUR')).toBe('Nothing was cooked in these days');
  expect(headline({ ...EMPTY, dishes: [dish({ eaten: 2 })] }, 'EUR')).toBe(
    'Eaten from what was there; nothing was thrown away',
  );
  expect(headline({ ...EMPTY, dishes: [dish({ made: 8, eaten: 2 })] }, 'EUR')).toBe(
    '8 portions made; nothing was thrown away',
  );
  expect(headline({ ...EMPTY, dishes: [dish({ otherwise: 8, left: 8 })] }, 'EUR')).toBe(
    'Nothing was cooked in these days',
  );
  expect(headline({ ...EMPTY, sessions: [session(13)] }, 'EUR')).toBe(
    'Cooked 13 min later than planned; nothing was thrown away',
  );
  expect(headline({ ...EMPTY, sessions: [session(10), session(5)], thrownMinor: 231, thrown: [] }, 'EUR')).toBe(
    'Cooked 2 times, 15 min later than planned in all; nothing was thrown away',
  );
  const lost = { name: 'kale', amountText: '200 g', reason: 'limp', minor: 231 };
  expect(headline({ ...EMPTY, sessions: [session(0)], thrown: [lost], thrownMinor: 231 }, 'EUR')).toBe(
    'Cooked on time; €2.31 was thrown away',
  );
  expect(headline({ ...EMPTY, sessions: [session(9, { doubt: 'it was never ended' })], thrown: [lost] }, 'EUR')).toBe(
    'Cooked; one thing was thrown away',
  );
});

test('what to do otherwise: the task that moved the finish, the dish that was thrown away; at most three things', () => {
  expect(doOtherwise(EMPTY, true)).toEqual([]);
  expect(doOtherwise({ ...EMPTY, sessions: [session(1)] }, true)).toEqual([]);
  expect(doOtherwise({ ...EMPTY, sessions: [session(13)] }, true)).toEqual([
    'Borlotti: chop took 13 min longer: plan that much more for it.',
  ]);
  const late = { minutes: 25, causes: [{ task: undefined, minutes: 25, cause: 'began late' as const }] };
  expect(doOtherwise({ ...EMPTY, sessions: [session(25, { lateness: late })] }, true)).toEqual([
    'The session began 25 min late: plan it for when it can begin.',
  ]);
  expect(doOtherwise({ ...EMPTY, dishes: [dish({ made: 10, eaten: 6, thrown: 4 })] }, true)).toEqual([
    'Make less Borlotti, or freeze it earlier: 4 of 10 portions were thrown away.',
  ]);
  const uneaten = { ...EMPTY, dishes: [dish({ made: 4, left: 4 })] };
  expect([doOtherwise(uneaten, false), doOtherwise(uneaten, true)]).toEqual([
    [],
    ['Borlotti was made, and none of it was eaten: is it still wanted?'],
  ]);
  expect(doOtherwise({ ...EMPTY, sessions: [1, 2, 3, 4].map(() => session(20)) }, true)).toHaveLength(3);
});

test('prices are dearer or cheaper', () => {
  expect([priceWords({ name: 'leek', times: 1.12 }), priceWords({ name: 'oats', times: 0.9 })]).toEqual([
    'leek 12 % dearer',
    'oats 10 % cheaper',
  ]);
});

test.each([
  [1, { made: 8 }, 'Made once in eight weeks, 8 portions.'],
  [2, { made: 16, eaten: 12, thrown: 4 }, 'Made twice in eight weeks, 16 portions: 12 eaten, 4 thrown away.'],
  [
    5,
    { before: 16, made: 80, eaten: 91, left: 5 },
    'Made 5 times in eight weeks, 80 portions, 16 there before: 91 eaten, 5 still there.',
  ],
  [3, { made: 1, left: 1 }, 'Made 3 times in eight weeks, 1 portion: 1 still there.'],
])('%i times: %j', (times, more, words) => expect(lastTimesWords({ times, dish: dish(more), fewer: 0 })).toBe(words));

test.each([
  [{ leftOut: ['hazelnuts'], swapped: [], amounts: [] }, 'without hazelnuts'],
  [
    { leftOut: ['dill', 'salt'], swapped: [{ from: 'borlotti', to: 'navy beans' }], amounts: [] },
    'without dill and salt; navy beans instead of borlotti',
  ],
  [
    { leftOut: [], swapped: [], amounts: [{ food: 'leek', planned: '200 g', was: '300 g' }] },
    '300 g of leek instead of 200 g',
  ],
])('what went in otherwise is said: %j', (dish, words) => expect(otherwiseWords(dish)).toBe(words));

test.each([
  [1, 'it was gone on Wed, and one later meal was planned with it'],
  [3, 'it was gone on Wed, and 3 later meals were planned with it'],
])('of %i missed meals: %s', (meals, words) =>
  expect(ranOutWords({ food: 'k', name: 'Kale soup', on: '2026-11-25' as Day, meals })).toBe(words),
);

test('what ran out is to be made more of', () =>
  expect(
    doOtherwise({ ...EMPTY, ranOut: [{ food: 'k', name: 'Kale soup', on: '2026-11-25' as Day, meals: 2 }] }, true),
  ).toEqual(['Make more Kale soup: it was gone on Wed, and 2 later meals were planned with it.']));

test('small causes are one line, and all of them add up', () => {
  const causes = [
    { task: 'a', minutes: 9, cause: 'took longer' as const },
    { task: 'b', minutes: -4, cause: 'began late' as const },
    { task: undefined, minutes: 2, cause: 'began late' as const },
    { task: 'c', minutes: 1, cause: 'took longer' as const },
  ];
  expect(causesTold(causes)).toEqual({ told: causes.slice(0, 2), rest: 'Smaller things together: 3 min later' });
  expect(causesTold(causes.slice(0, 2)).rest).toBeUndefined();
  expect(causesTold([])).toEqual({ told: [], rest: undefined });
});
