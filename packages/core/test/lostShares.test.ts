import type { PastMovement, PastState } from '../src/formats/index.ts';
import type { Moment } from '../src/quantity/index.ts';
import { askOf, lostShares } from '../src/view/index.ts';
import { KALE, MILLET, TODAY, kitchenOf } from './inventKitchen.ts';

const VIEW = kitchenOf({});
const NOW = Date.parse(`${TODAY}T06:00:00Z`) as Moment;
const [kale, millet] = [KALE.component.id, MILLET.component.id];
const moved = (food: string, kind: 'made' | 'thrown' | 'eaten', portions: number): PastMovement => ({
  at: `${TODAY}T10:00:00Z`,
  kind,
  lot: `${food} box`,
  food,
  amount: `${portions * 200}`,
  reason: kind === 'thrown' ? 'too much was made' : null,
  place: 'upper',
  placeKind: 'fridge',
  box: null,
  portionG: '200',
  minor: null,
});
const past = (...movements: readonly PastMovement[]): PastState => ({
  from: TODAY,
  until: TODAY,
  first: TODAY,
  sessions: [],
  batches: [],
  runs: [],
  movements,
  before: [],
});

test('which share of a dish was thrown away is told of what was made often enough, and of nothing else', () => {
  const told = lostShares(
    VIEW,
    past(
      moved(kale, 'made', 20),
      moved(kale, 'eaten', -15),
      moved(kale, 'thrown', -5),
      moved(millet, 'made', 16),
      moved(millet, 'eaten', -16),
    ),
  );
  // By hand: 5 of 20.
  expect([...told]).toEqual([[kale, 0.25]]);
  expect(lostShares(VIEW, past(moved(kale, 'made', 4), moved(kale, 'thrown', -4))).size).toBe(0);
});

test('a dish that was thrown away is liked by so much less in a suggestion, and no other one', () => {
  const liked = (lost: ReadonlyMap<string, number>) =>
    new Map(
      askOf(VIEW, { locked: {}, handsAtMost: undefined, lost }, NOW).candidates.map((each) => [each.food, each.liked]),
    );
  const [before, after] = [liked(new Map()), liked(new Map([[kale, 0.25]]))];
  for (const [food, was] of before) expect(after.get(food)).toBeCloseTo(food === kale ? was - 0.25 : was, 9);
  expect(before.has(kale)).toBe(true);
});
