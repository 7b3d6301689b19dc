import type { PastMovement, PastState } from '../src/formats/index.ts';
import { bookFoodId } from '../src/food/index.ts';
import { addDays } from '../src/quantity/index.ts';
import { keptHere } from '../src/view/index.ts';
import { KALE, TODAY, kitchenOf } from './inventKitchen.ts';

const VIEW = kitchenOf({});
const TOFU = bookFoodId('tofu');
const BOOK = VIEW.foods.get(TOFU)?.facts.opened?.fridge?.value ?? 0;

const moved = (
  lot: string,
  day: number,
  kind: PastMovement['kind'],
  amount: number,
  more: Partial<PastMovement> = {},
): PastMovement => ({
  at: `${addDays(TODAY, day - 1)}T10:00:00Z`,
  kind,
  lot,
  food: TOFU,
  amount: `${amount}`,
  reason: null,
  place: 'upper',
  placeKind: 'fridge',
  box: null,
  portionG: null,
  minor: null,
  ...more,
});
const past = (...movements: readonly PastMovement[]): PastState => ({
  from: TODAY,
  until: addDays(TODAY, 20),
  first: TODAY,
  sessions: [],
  batches: [],
  runs: [],
  movements,
  before: [],
});
const opened = (lot: string) => moved(lot, 1, 'opened', 300);
const spoilt = (lot: string, day: number) => moved(lot, day, 'thrown', -100, { reason: 'spoilt' });

test('what had gone off within its days is told from the first time on', () => {
  expect(BOOK).toBeGreaterThan(2);
  const kept = keptHere(VIEW, past(opened('a'), moved('a', 2, 'used', -200), spoilt('a', BOOK)));
  expect(kept).toEqual([
    {
      food: TOFU,
      name: 'tofu',
      what: 'opened',
      book: VIEW.foods.get(TOFU)?.facts.opened?.fridge,
      goodTo: 2,
      goneOffOn: [BOOK],
      n: 1,
    },
  ]);
});

test('what was eaten later than the book says is told from three packs on', () => {
  const late = (lot: string) => [opened(lot), moved(lot, BOOK + 2, 'eaten', -300)];
  expect(keptHere(VIEW, past(...late('a'), ...late('b')))).toEqual([]);
  expect(keptHere(VIEW, past(...late('a'), ...late('b'), ...late('c')))).toMatchObject([
    { goodTo: BOOK + 2, goneOffOn: [], n: 3 },
  ]);
});

test.each([
  ['thrown after its days', [opened('a'), spoilt('a', BOOK + 1)]],
  ['thrown for another reason', [opened('a'), moved('a', 1, 'thrown', -300, { reason: 'nobody ate it' })]],
  ['never opened', [moved('a', 1, 'bought', 300), spoilt('a', 2)]],
  [
    'moved on from: another lot',
    [opened('a'), moved('a', 2, 'moved', -300), moved('b', 2, 'moved', 300), spoilt('b', 2)],
  ],
])('what was %s tells nothing', (_, movements) => expect(keptHere(VIEW, past(...movements))).toEqual([]));

test('a dish in the fridge counts from the day it was made; one in the freezer does not', () => {
  const kale = { food: KALE.component.id, portionG: '200' };
  const made = (placeKind: 'fridge' | 'freezer') =>
    past(moved('k', 1, 'made', 800, { ...kale, placeKind }), { ...spoilt('k', 2), ...kale, placeKind });
  expect(keptHere(VIEW, made('fridge'))).toMatchObject([{ what: 'cooked', goneOffOn: [2] }]);
  expect(keptHere(VIEW, made('freezer'))).toEqual([]);
});
