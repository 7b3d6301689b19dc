import fc from 'fast-check';
import type { BatchState, PastState } from '../src/formats/index.ts';
import { learnSeasoning, type Seasoned } from '../src/learn/index.ts';
import { Fraction, addDays, inBase, seeded } from '../src/quantity/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { seasoningHere, seasoningRole } from '../src/view/index.ts';
import { EQUIPMENT, KALE, TODAY, kitchenOf } from './inventKitchen.ts';

const normals = (seed: number) => {
  const random = seeded(seed);
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
};
const salt = (times: number, more: Partial<Seasoned> = {}): Seasoned => ({
  role: 'salt',
  times,
  said: times !== 1,
  factor: 1,
  grown: times,
  exponent: 0.9,
  ...more,
});
const correctionOf = (seen: readonly Seasoned[]) => learnSeasoning(seen)[0]?.correction;

test('law: one correction, or two, of however much, claim nothing: there is never more salt out of one observation', () =>
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.2, max: 5, noNaN: true }), { maxLength: 2 }),
      fc.nat(30),
      (times, planned) => {
        expect(
          learnSeasoning([...times.map((each) => salt(each)), ...Array.from({ length: planned }, () => salt(1))]),
        ).toEqual([]);
      },
    ),
  ));

test('who corrects in three of twelve dishes does not correct in all of them', () => {
  const all = correctionOf(Array.from({ length: 12 }, () => salt(1.3)));
  const some = correctionOf([
    ...Array.from({ length: 3 }, () => salt(1.3)),
    ...Array.from({ length: 9 }, () => salt(1)),
  ]);
  expect([all?.corrected, some?.corrected, some?.n]).toEqual([12, 3, 12]);
  expect(all?.value).toBeGreaterThan(1.2);
  // By hand: three logarithms of 1.3 over the twelve dishes and the three that the book weighs.
  expect(some?.value).toBeCloseTo(Math.exp((3 * Math.log(1.3)) / 15), 6);
});

test('what a kitchen really adds lies within its interval in about four of five kitchens', () => {
  const KITCHENS = 300;
  const held = Array.from({ length: KITCHENS }, (_, seed) => {
    const draw = normals(seed * 31 + 7);
    // Kitchens differ from the plan, and one dish from the next, as the book says.
    const chi = [1, 2, 3, 4].reduce((sum) => sum + draw() ** 2, 0);
    const noise = 0.2 * Math.sqrt(4 / chi);
    const truth = (draw() * noise) / Math.sqrt(3);
    const told = correctionOf(Array.from({ length: 12 }, () => salt(Math.exp(truth + draw() * noise))));
    return told === undefined ? undefined : Math.log(told.least) <= truth && truth <= Math.log(told.most);
  }).filter((each) => each !== undefined);
  expect(held.length).toBeGreaterThan(KITCHENS * 0.9);
  const share = held.filter(Boolean).length / held.length;
  expect(share).toBeGreaterThanOrEqual(0.75);
  expect(share).toBeLessThanOrEqual(0.87);
});

test('by which exponent a spice really grows is found from doubled and halved batches, and not from those of the recipe’s size', () => {
  const grown = (factor: number, exponent: number) =>
    salt(factor ** exponent / factor ** 0.9, { said: true, factor, grown: factor ** exponent });
  const told = learnSeasoning([2, 2, 0.5, 3, 2, 0.5, 2.5, 2].map((factor) => grown(factor, 0.6)))[0]?.growth;
  expect(told?.book).toBeCloseTo(0.9, 9);
  // The book weighs like two of them: (2 × 0.9 + 8 × 0.6) ÷ 10.
  expect(told?.value).toBeCloseTo(0.66, 6);
  expect(learnSeasoning([1, 1.2, 0.9, 1.1].map((factor) => grown(factor, 0.6)))[0]?.growth).toBeUndefined();
});

test('law: half as much and twice as much, as often, come to as planned', () =>
  fc.assert(
    fc.property(fc.double({ min: 1.1, max: 3, noNaN: true }), fc.integer({ min: 2, max: 6 }), (times, n) => {
      const both = Array.from({ length: n }, () => [salt(times), salt(1 / times)]).flat();
      expect(correctionOf(both)?.value).toBeCloseTo(1, 6);
    }),
  ));

test('each cook is drawn to the kitchen, and who never corrects is told by nobody; one cook alone is the kitchen', () => {
  const of = (who: string, times: number, n: number) => Array.from({ length: n }, () => salt(times, { who }));
  const [told] = learnSeasoning([...of('Ada', 1.4, 6), ...of('Ben', 1, 6)]);
  const kitchen = told?.correction?.value ?? 0;
  expect(told?.cooks?.map(({ who, corrected, n }) => [who, corrected, n])).toEqual([['Ada', 6, 6]]);
  // By hand: six logarithms of 1.4, and three times the kitchen's own.
  expect(told?.cooks?.[0]?.value).toBeCloseTo(Math.exp((6 * Math.log(1.4) + 3 * Math.log(kitchen)) / 9), 6);
  expect(learnSeasoning(of('Ada', 1.4, 6))[0]?.cooks).toBeUndefined();
  expect(learnSeasoning([...of('Ada', 1.4, 2), ...of('Ben', 1.4, 2)])[0]?.cooks).toBeUndefined();
});

describe('from the batches of some weeks', () => {
  const view = {
    ...kitchenOf({}),
    recipes: [{ ...(kitchenOf({}).recipes[0] as object), id: 'kale', number: 1, document: KALE }] as never,
  };
  const portions = KALE.portions * 2;
  const scaled = scaleBatch(KALE, new Fraction(portions), view.foods, EQUIPMENT);
  const tasted = scaled.lines.find(
    ({ line, food }) => seasoningRole(food) !== undefined && (line.law.law === 'slower' || line.law.law === 'to taste'),
  );
  if (!tasted) throw new Error('Nothing in it is tasted.');
  const planned = inBase(tasted.amount.value).valueOf();
  const batch = (id: string, times: number | undefined, more: Partial<BatchState> = {}): BatchState => ({
    id,
    session: 's',
    recipe: 'kale',
    revision: 1,
    portions: `${portions}`,
    freezePortions: '0',
    choice: {},
    finals:
      times === undefined
        ? []
        : [
            {
              line: tasted.line.id,
              amount: {
                n: `${Math.round(planned * times * 1000) / 1000}`,
                unit: tasted.amount.value.kind === 'mass' ? 'g' : 'mL',
              },
            },
          ],
    notes: [],
    status: 'put away',
    cost: null,
    yieldG: null,
    reopenedAt: null,
    version: 1,
    ...more,
  });
  const past = (batches: readonly BatchState[], session = 's'): PastState => ({
    from: TODAY,
    until: addDays(TODAY, 6),
    first: TODAY,
    sessions: [],
    batches,
    runs: [{ id: 'r', session, about: {}, events: [] } as unknown as PastState['runs'][number]],
    movements: [],
    before: [],
  });
  const role = seasoningRole(tasted.food);
  const told = (of: PastState) => seasoningHere(view, of).find((each) => each.role === role)?.correction;

  test('what went in is held against what was planned at that size; a batch of which nothing was said is as planned', () => {
    const four = ['a', 'b', 'c', 'd'].map((id) => batch(id, 1.4));
    expect(told(past(four))).toMatchObject({ n: 4, corrected: 4 });
    expect(told(past([...four, batch('e', undefined)]))).toMatchObject({ n: 5, corrected: 4 });
  });

  test('what was not cooked by a run, or is still planned, tells nothing', () => {
    const four = ['a', 'b', 'c', 'd'].map((id) => batch(id, 1.4));
    expect(told(past(four, 'another'))).toBeUndefined();
    expect(told(past(four.map((each) => ({ ...each, status: 'planned' as const }))))).toBeUndefined();
    expect(told(past(four.map((each) => ({ ...each, revision: 7 }))))).toBeUndefined();
  });
});
