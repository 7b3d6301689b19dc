import type { LearnedState } from '@kestrel-ridge/core/formats';
import type { FigureKind, LearnedFigure, SeenAs } from '@kestrel-ridge/core/learn';
import { kitchen } from '../app/kitchenForTests.ts';
import { changeWords, sightingWords, stepsHere, teachings } from './teaches.ts';

const seen: SeenAs = {
  figure: { kind: 'hands', of: '' },
  run: 'r',
  task: 't',
  at: 0,
  value: 1.2,
  real: 12,
  book: 10,
  what: 'Peel',
};
const figure = (kind: FigureKind, of: string, value: number, n: number, more: Partial<LearnedFigure> = {}) => ({
  key: { kind, of },
  value,
  n,
  least: value - 0.1,
  most: value + 0.1,
  from: value,
  to: value,
  source: `this kitchen, ${n} loads`,
  seen: [seen],
  setAside: 0,
  ...more,
});
const view = kitchen();
const learned = (...figures: readonly LearnedFigure[]): LearnedState => ({ figures, said: [] });

test('nothing is claimed below three, nor where the book is right', () => {
  expect(teachings(view, undefined)).toEqual({ claimed: [], seldom: 0 });
  expect(teachings(view, learned(figure('come up', '', 1.4, 2)))).toEqual({ claimed: [], seldom: 1 });
  expect(teachings(view, learned(figure('come up', '', 1.01, 9)))).toEqual({ claimed: [], seldom: 0 });
  // A little off, and the book may well be right.
  expect(teachings(view, learned(figure('come up', '', 1.05, 9)))).toEqual({ claimed: [], seldom: 0 });
});

test('what is learned stands beside the book, with how sure it is, what plans can go by first, and the surest first', () => {
  const { claimed } = teachings(
    view,
    learned(
      figure('come up', '', 1.2, 5),
      figure('hands', '', 0.9, 40),
      figure('cook', 'Teo', 0.8, 12),
      figure('hotter', 'oven', 1.6, 4),
      figure('step', 'gone/step', 1.6, 4),
    ),
  );
  expect(claimed.map(({ what, here, likely, n, to }) => [what, here, likely, n, to])).toEqual([
    ['Work of all hands takes', '0.90 times', '0.80 to 1.00', 40, '/kitchen'],
    ['The sealed cooker comes up in', '1.20 times', '1.10 to 1.30', 5, '/kitchen'],
    ['10 °C hotter, oven', '1.6 min', '1.5 to 1.7 min', 4, '/kitchen'],
    ['Work of Teo’s hands takes', '0.80 times', '0.70 to 0.90', 12, '/kitchen'],
  ]);
});

test('a cooker is told by its line: what comes on top, and what that makes of its smallest and largest load', () => {
  const line = (plusMinutes: number) => ({
    times: 1.05,
    plusMinutes,
    loads: [
      { bookMinutes: 10, minutes: 12.5, least: 11.8, most: 13.2 },
      { bookMinutes: 30, minutes: 33.5, least: 32, most: 35 },
    ],
  });
  const told = (plusMinutes: number) =>
    teachings(view, learned(figure('come up', '', 1.04, 6, { line: line(plusMinutes) }))).claimed.map(
      ({ here, likely }) => [here, likely],
    );
  expect(told(2.2)).toEqual([['1.05 times and 2 min more', '12 to 13 min instead of 10, 32 to 35 instead of 30']]);
  expect(told(-1)).toEqual([['1.05 times and 1 min less', '12 to 13 min instead of 10, 32 to 35 instead of 30']]);
  expect(told(0.3)[0]?.[0]).toBe('1.05 times');
});

test('what somebody has said something of stays in sight, however seldom it was seen', () => {
  const out = figure('release', '', 1, 1, { seen: [{ ...seen, takenOut: 'a tap was forgotten' }] });
  const back = figure('hands', '', 1, 0, { seen: [], setAside: 40 });
  expect(teachings(view, learned(out, back))).toMatchObject({ claimed: [{ n: 1 }, { n: 0 }], seldom: 0 });
});

test('a sighting is told against the book; what is only a bound says so', () => {
  expect(sightingWords(seen)).toBe('12 min, 2 longer than the book');
  expect(sightingWords({ ...seen, real: 7 })).toBe('7 min, 3 less than the book');
  expect(sightingWords({ ...seen, real: 10.2, bound: 'at most' })).toBe('at most 10 min, as the book says');
});

test('a weighed dish is told in grams, a cut only where it takes otherwise than all work of hands', () => {
  const [recipe] = view.recipes;
  const dish = recipe?.document.component;
  const figures = learned(
    figure('hands', '', 1.2, 40),
    figure('cut', 'chop leek', 1.25, 6),
    figure('cut', 'peel and chop swede', 1.6, 5),
    figure('yield', dish?.id ?? '', 0.9, 4, { least: 0.88, most: 0.92 }),
    figure('yield', 'gone', 0.9, 4),
  );
  expect(teachings(view, figures).claimed.map(({ what, book, here, to }) => [what, book, here, to])).toEqual([
    ['Work of all hands takes', 'as recipes say', '1.20 times', '/kitchen'],
    ['“peel and chop swede” takes', 'as recipes say', '1.60 times', '/kitchen'],
    [`Cooked weight of ${dish?.name}`, 'as calculated', '0.90 times', `/recipes/${recipe?.id}`],
  ]);
  const weighing = { ...seen, figure: { kind: 'yield' as const, of: '' }, real: 1840.2, book: 2000 };
  expect(sightingWords(weighing)).toBe('1840 g, 160 g less than calculated');
  expect(sightingWords({ ...weighing, real: 2000.2 })).toBe('2000 g, as calculated');
});

test('what would change is told in whole minutes, or that nothing would', () => {
  expect(changeWords(undefined)).toBeUndefined();
  const session = (minutes: number) => changeWords({ of: 'session', minutes });
  expect(session(0.3)).toBe('The next session stays as it is.');
  expect(session(-11.6)).toBe('The next session’s tasks would together be 12 min shorter.');
  expect(session(6)).toBe('The next session’s tasks would together be 6 min longer.');
  expect(changeWords({ of: 'portion', fromG: 200.4, toG: 184.3 })).toBe('A portion would be 184 g instead of 200 g.');
  expect(changeWords({ of: 'portion', fromG: 200.4, toG: 200.1 })).toBe('A portion stays as it is.');
});

test('a recipe tells which of its steps take otherwise here; a minute that is the book’s is not told', () => {
  const [recipe] = view.recipes;
  const [first, second, third] = recipe?.document.steps ?? [];
  const of = (step: string | undefined) => `${recipe?.id ?? ''}/${step ?? ''}`;
  const figures = learned(
    figure('step', of(first?.id), 1.5, 4),
    figure('step', of(second?.id), 1.04, 9),
    figure('step', of(third?.id), 1.5, 2),
    figure('step', 'another/step', 1.5, 9),
  );
  expect([...stepsHere(view, figures, recipe?.id ?? '')]).toEqual([
    [first?.id, 'here 1.50 times as long, likely 1.40 to 1.60, seen 4 times'],
  ]);
});

test('what was read off a scale is told in its own unit, and leads to the food', () => {
  const food = [...view.foods.values()].find(({ facts }) => facts.uptake !== undefined);
  if (!food) throw new Error('no food that drinks');
  const read = (kind: 'food' | 'pot loss', of: string, book: number): SeenAs => ({
    ...seen,
    figure: { kind, of },
    book,
  });
  const of = `${food.id} uptake`;
  const { claimed } = teachings(
    view,
    learned(
      figure('food', of, 1.2, 4, { seen: [read('food', of, 2)] }),
      figure('pot loss', 'hob', 1.5, 3, { seen: [read('pot loss', 'hob', 40)] }),
    ),
  );
  expect(claimed.map(({ what, book, here, likely, used, to }) => [what, book, here, likely, used, to])).toEqual([
    [
      `${food.name}: a gram takes up water`,
      '2 g',
      '2.4 g',
      '2.2 to 2.6 g',
      'reckoned by the book',
      `/foods/${food.id}`,
    ],
    ['Steam of a load, hob', '40 mL', '60 mL', '56 to 64 mL', 'reckoned by the book', '/kitchen'],
  ]);
  expect(sightingWords({ ...read('food', of, 2), real: 2.3 })).toBe('2.3 g, the book says 2');
});

test('another edible share is told by what would be bought', () =>
  expect(changeWords({ of: 'bought', readyG: 500, fromG: 500 / 0.44, toG: 500 / 0.55 })).toBe(
    '500 g, ready to cook, would take 909 g bought instead of 1.14 kg.',
  ));
