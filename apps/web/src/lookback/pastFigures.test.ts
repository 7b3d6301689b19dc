import type { PastDish } from '@kestrel-ridge/core/view';
import { dishBecause, isSome, paidBecause, portionBecause, washWords } from './pastFigures.ts';

const dish: PastDish = {
  food: 'f',
  name: 'Borlotti',
  before: 1,
  made: 4,
  frozen: 2,
  eaten: 2.5,
  given: 0,
  thrown: 0.5,
  used: 0,
  otherwise: 0,
  left: 2,
  moves: [
    { in: 'made', at: '2026-11-28T17:40:00Z', kind: 'made', portions: 4, reason: null, placeKind: 'freezer' },
    { in: 'frozen', at: '2026-11-28T17:40:00Z', kind: 'made', portions: 4, reason: null, placeKind: 'freezer' },
    { in: 'eaten', at: '2026-11-29T11:00:00Z', kind: 'eaten', portions: 3, reason: null, placeKind: 'fridge' },
    {
      in: 'eaten',
      at: '2026-11-29T11:05:00Z',
      kind: 'corrected',
      portions: -0.5,
      reason: 'undo: eat',
      placeKind: 'fridge',
    },
    { in: 'thrown', at: '2026-11-29T19:00:00Z', kind: 'thrown', portions: 0.5, reason: 'spoilt', placeKind: 'fridge' },
  ],
};
const opened = (figure: Parameters<typeof dishBecause>[1]) => {
  const { figure: told, parts = [] } = dishBecause(dish, figure, 'Europe/Vienna');
  return [told, ...parts.map((part) => `${part.rule.replace(/^.* · /, '')} ${part.figure}`)];
};

test('a figure of a dish opens to the movements that it is the sum of, and what is left to its sum', () => {
  expect(opened('made')).toEqual(['4 portions', 'Sat 18:40: made, freezer 4']);
  expect(opened('eaten')).toEqual(['2.5 portions', 'Sun 12:00: eaten 3', 'Sun 12:05: taken back −0.5']);
  expect(opened('thrown')).toEqual(['0.5 portions', 'Sun 20:00: thrown, spoilt 0.5']);
  expect(opened('left')).toEqual(['2 portions', 'there before + 1', 'made + 4', 'eaten − 2.5', 'thrown away − 0.5']);
  expect(dishBecause(dish, 'before', 'Europe/Vienna').source).toBe('in boxes when these days began');
  expect([0.04, -0.04, 0.06].map(isSome)).toEqual([false, false, true]);
});

test('money opens to dishes and purchases; washes are told by what was washed', () => {
  const cookedDishes = [
    { batch: 'a', name: 'Millet', portions: 8, usedMinor: 400, tillMinor: 800, garnishMinor: 0 },
    { batch: 'b', name: 'Kale', portions: 2, usedMinor: 100, tillMinor: 150, garnishMinor: 60 },
  ];
  const cooked = { portions: 10, usedMinor: 500, tillMinor: 950, garnishMinor: 60 };
  expect(portionBecause({ cooked, cookedDishes }, 'usedMinor', 'EUR')).toMatchObject({
    figure: '€0.50',
    parts: [
      { rule: 'Millet, 8 portions', figure: '€4.00' },
      { rule: 'Kale, 2 portions', figure: '€1.00' },
    ],
  });
  expect(portionBecause({ cooked, cookedDishes }, 'garnishMinor', 'EUR')).toMatchObject({
    figure: '€0.06',
    parts: [{ rule: 'Kale, 2 portions', figure: '€0.60' }],
  });
  const purchases = [{ id: 'p', name: 'leek', on: '2026-11-27' as never, minor: 230 }];
  expect(paidBecause({ purchases, paidMinor: 230 }, 'EUR')).toMatchObject({ parts: [{ figure: '€2.30' }] });
  expect(
    [
      [],
      [{ of: 'cooker', times: 2 }],
      [
        { of: 'cooker', times: 2 },
        { of: 'jug', times: 1 },
      ],
    ].map(washWords),
  ).toEqual(['none', '2 of the cooker', '2 of the cooker and 1 of the jug']);
});
