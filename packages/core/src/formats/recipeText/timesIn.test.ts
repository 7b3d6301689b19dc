import { timesIn } from './timesIn.ts';

test.each([
  ['simmer two and a half hours', [[150, 150]]],
  ['bake an hour and a quarter', [[75, 75]]],
  ['1 and a half hours', [[90, 90]]],
  ['an hour to an hour and a half', [[60, 90]]],
  ['half to three quarters of an hour', [[30, 45]]],
  ['half an hour to forty minutes', [[30, 40]]],
  ['one hour and ten minutes', [[70, 70]]],
  ['1:30 h', [[90, 90]]],
  ['a couple of minutes', [[2, 2]]],
  ['a good hour', [[60, 75]]],
  [
    '2 hours or overnight',
    [
      [120, 120],
      [480, 840],
    ],
  ],
  [
    '10 minutes, then 20 minutes',
    [
      [10, 10],
      [20, 20],
    ],
  ],
] as const)('“%s” is %j minutes', (text, expected) =>
  expect(timesIn(text).map(({ from, to }) => [from, to])).toEqual(expected),
);
