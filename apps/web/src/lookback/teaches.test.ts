import type { LearnedState } from '@kestrel-ridge/core/formats';
import { kitchen } from '../app/kitchenForTests.ts';
import { teachings } from './teaches.ts';

const figure = (value: number, n: number) => ({
  value,
  n,
  least: value - 0.1,
  most: value + 0.1,
  from: value,
  to: value,
  source: `this kitchen, ${n} loads`,
});
const view = kitchen();
const learned = (more: Partial<LearnedState>): LearnedState => ({ ovens: {}, hands: { byCook: {} }, ...more });

test('nothing is claimed below three, nor where the book is right', () => {
  expect(teachings(view, undefined)).toEqual({ claimed: [], seldom: 0 });
  expect(teachings(view, learned({ comeUpTimes: figure(1.4, 2) }))).toEqual({ claimed: [], seldom: 1 });
  expect(teachings(view, learned({ comeUpTimes: figure(1.01, 9) }))).toEqual({ claimed: [], seldom: 0 });
});

test('what is learned stands beside the book, with how sure it is, the surest first', () => {
  const { claimed } = teachings(
    view,
    learned({
      comeUpTimes: figure(1.2, 5),
      hands: { all: figure(0.9, 40), byCook: { Teo: figure(0.8, 12) } },
      ovens: { oven: { up: figure(1.6, 4) } },
    }),
  );
  expect(claimed.map(({ what, here, likely, n, to }) => [what, here, likely, n, to])).toEqual([
    ['Minutes of hands', '0.90 times', '0.80 to 1.00', 40, '/recipes'],
    ['Minutes of Teo’s hands', '0.80 times', '0.70 to 0.90', 12, '/recipes'],
    ['Minutes of the sealed cooker to come up', '1.20 times', '1.10 to 1.30', 5, '/kitchen'],
    ['10 °C hotter, oven', '1.6 min', '1.50 to 1.70', 4, '/kitchen'],
  ]);
});
