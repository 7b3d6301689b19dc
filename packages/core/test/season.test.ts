import fc from 'fast-check';
import { day } from '../src/quantity/index.ts';
import { foldSeason, suggestSeason, type SeasonAsk, type SeasonDish, type SeasonDraft } from '../src/week/index.ts';

const dish = (name: string, more: Partial<SeasonDish> = {}): SeasonDish => ({
  recipe: name,
  food: name,
  name,
  form: 'pot',
  liked: 0,
  eatenBy: 1,
  sizes: [4, 6, 8, 12, 16, 24],
  hands: { once: 15, each: 1 },
  fridgeMeals: 6,
  freezerWeeks: 8,
  litresEach: 0.4,
  inSeason: [false, false, false, false],
  buys: [],
  boxes: [],
  reserve: 0,
  ...more,
});
const WEEKS = ['2026-01-05', '2026-01-12', '2026-01-19', '2026-01-26'].map(day);
const ask = (dishes: readonly SeasonDish[], more: Partial<SeasonAsk> = {}): SeasonAsk => ({
  weeks: WEEKS.map((from) => ({ from, meals: 14, portions: 28 })),
  dishes,
  goods: [],
  ...more,
});
const SIX = ['oats', 'peas', 'roots', 'kale', 'beans', 'barley'].map((name) => dish(name));

const anyDish = fc.record({
  liked: fc.double({ min: -1, max: 1, noNaN: true }),
  eatenBy: fc.constantFrom(1, 0.75, 0.5),
  freezerWeeks: fc.constantFrom(0, 2, 8),
  form: fc.constantFrom('pot' as const, 'soup' as const, 'bake' as const),
  reserve: fc.constantFrom(0, 0, 4),
  boxes: fc.array(fc.record({ portions: fc.integer({ min: 1, max: 8 }), lastWeek: fc.integer({ min: 0, max: 5 }) }), {
    maxLength: 3,
  }),
});
const anyAsk = fc
  .tuple(fc.array(anyDish, { minLength: 4, maxLength: 8 }), fc.constantFrom(undefined, 3, 10, 40))
  .map(([dishes, freezerLitres]) =>
    ask(
      dishes.map((each, n) => dish(`dish ${n}`, each)),
      freezerLitres === undefined ? {} : { freezerLitres },
    ),
  );

test('law: what was frozen and is cooked into the freezer is eaten out of it, goes off in it or stands in it', () =>
  fc.assert(
    fc.property(anyAsk, fc.integer(), (question, seed) => {
      const menu = suggestSeason(question, seed, 400);
      let before = question.dishes.map(({ boxes }) => boxes.reduce((sum, { portions }) => sum + portions, 0));
      for (const week of menu.weeks) {
        const into = week.cooks.reduce((sum, { frozen }) => sum + frozen, 0);
        const out = week.eats.reduce((sum, { fromFreezer }) => sum + fromFreezer, 0);
        const total = (all: readonly number[]) => all.reduce((sum, n) => sum + n, 0);
        expect(total(week.stands)).toBeCloseTo(total(before) + into - out - week.wentOff, 6);
        before = [...week.stands];
      }
    }),
    { numRuns: 60 },
  ));

test('law: nothing is frozen that does not freeze, nor eaten fresh that was not cooked', () =>
  fc.assert(
    fc.property(anyAsk, fc.integer(), (question, seed) => {
      const { weeks } = suggestSeason(question, seed, 400);
      for (const { cooks, eats } of weeks) {
        for (const { dish: d, frozen } of cooks) if (question.dishes[d]?.freezerWeeks === 0) expect(frozen).toBe(0);
        for (const { dish: d, portions, fromFreezer } of eats) {
          const cooked = cooks.find((each) => each.dish === d);
          const fresh = cooked ? cooked.portions - cooked.frozen : 0;
          // The largest batch may not be enough: then it is short, and the score says so.
          const most = question.dishes[d]?.sizes.at(-1) ?? 0;
          if (portions <= most) expect(portions - fromFreezer).toBeLessThanOrEqual(fresh + 0.5 + 1e-9);
        }
      }
    }),
    { numRuns: 60 },
  ));

test('law: the freezer is never fuller than it is, where the menu can do without it', () =>
  fc.assert(
    fc.property(fc.constantFrom(1, 3, 8, 20), fc.integer({ min: 1, max: 50 }), (freezerLitres, seed) => {
      const { weeks, parts } = suggestSeason(ask(SIX, { freezerLitres }), seed, 4000);
      for (const { litres } of weeks) expect(litres).toBeLessThanOrEqual(freezerLitres + 1e-6);
      expect(parts.over).toBe(0);
    }),
    { numRuns: 8 },
  ));

test('a reserve is refilled: what it lacks is cooked, what would go off of it is eaten', () => {
  const question = ask([...SIX, dish('soup', { reserve: 6, boxes: [{ portions: 6, lastWeek: 1 }], freezerWeeks: 8 })]);
  const { weeks, parts } = suggestSeason(question, 3);
  expect(parts.waste).toBe(0);
  expect(weeks.flatMap(({ eats }) => eats).some(({ dish: d, fromFreezer }) => d === 6 && fromFreezer > 0)).toBe(true);
  expect(weeks.at(-1)?.reserves).toEqual([{ dish: 6, portions: expect.any(Number) as number, of: 6 }]);
  expect(weeks.at(-1)?.reserves[0]?.portions).toBeGreaterThanOrEqual(6);
});

test('a reserve that keeps is left alone', () => {
  const question = ask([...SIX, dish('soup', { reserve: 6, boxes: [{ portions: 6, lastWeek: 9 }], liked: -1 })]);
  const { weeks } = suggestSeason(question, 3);
  for (const { reserves } of weeks) expect(reserves[0]?.portions).toBeGreaterThanOrEqual(6);
});

test('what is liked comes more often than what is not, what is locked comes at all, and nobody eats one thing all week', () => {
  const question = ask([
    ...SIX.slice(0, 4),
    dish('liked', { liked: 1 }),
    dish('not liked', { liked: -1 }),
    dish('locked', { liked: -1, locked: true }),
  ]);
  const { draft } = suggestSeason(question, 5);
  const meals = (d: number) => draft.meals.reduce((sum, week) => sum + (week[d] ?? 0), 0);
  expect(meals(4)).toBeGreaterThan(meals(5));
  expect(meals(6)).toBeGreaterThan(0);
  for (const week of draft.meals) expect(Math.max(...week)).toBeLessThanOrEqual(4);
});

test('the same seed gives the same menu', () => {
  const question = ask(SIX, { freezerLitres: 12 });
  expect(suggestSeason(question, 7, 1500)).toEqual(suggestSeason(question, 7, 1500));
});

/** Every menu of two weeks and three meals of two dishes, ahead or not. */
function everyDraft(): readonly SeasonDraft[] {
  const flags = Array.from({ length: 16 }, (_, n) => [
    [(n & 1) > 0, (n & 2) > 0],
    [(n & 4) > 0, (n & 8) > 0],
  ]);
  const weeks = Array.from({ length: 16 }, (_, n) => [Math.floor(n / 4), n % 4]);
  return weeks.flatMap((first) => weeks.flatMap((second) => flags.map((ahead) => ({ meals: [first, second], ahead }))));
}

test.each([1, 2, 3, 4, 5, 6])('as good as the best of all there are, where all can be tried (%i)', (seed) => {
  const question: SeasonAsk = {
    weeks: WEEKS.slice(0, 2).map((from) => ({ from, meals: 3, portions: 6 + seed })),
    dishes: [
      dish('one', {
        liked: (seed % 3) / 2 - 0.5,
        hands: { once: 10 * seed, each: 1 },
        boxes: [{ portions: seed, lastWeek: 1 }],
      }),
      dish('other', { reserve: seed % 2 ? 4 : 0, form: 'soup', freezerWeeks: seed % 3 === 0 ? 0 : 6 }),
    ],
    goods: [],
    ...(seed % 2 ? {} : { freezerLitres: 2 }),
  };
  const best = Math.min(...everyDraft().map((draft) => foldSeason(question, draft).score));
  const found = suggestSeason(question, seed, 3000).score;
  expect(found).toBeLessThanOrEqual(best + Math.abs(best) * 0.02 + 1e-9);
});

test('with nothing to cook the menu is empty, and says what is short', () => {
  const menu = suggestSeason(ask([]), 1, 50);
  expect(menu.weeks.every(({ cooks, eats }) => cooks.length === 0 && eats.length === 0)).toBe(true);
  expect(menu.parts.short).toBeCloseTo(4 * 28, 6);
});
