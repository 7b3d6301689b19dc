import fc from 'fast-check';
import { Fraction, addDays, dayAt, momentAt } from '../src/quantity/index.ts';
import { afterStep } from '../src/storage/index.ts';
import { MEAL_NAMES, freezeBy, mealAhead, servedAt, takeOuts } from '../src/week/index.ts';
import {
  missingOf,
  promisesOf,
  stripsOf,
  thawedAfter,
  thawsOf,
  timesOfBox,
  viewOf,
  whatFollows,
  type KitchenView,
} from '../src/view/index.ts';
import {
  DISHES,
  FOODS,
  MILLET,
  PLACES,
  TODAY,
  ZONE,
  anyKitchen,
  batchOf,
  boxOf,
  eaterOf,
  kitchenOf,
  sessionOf,
} from './inventKitchen.ts';

const HOUR = 3_600_000;
const anyHour = fc.integer({ min: 0, max: 47 }).map((half) => Date.parse('2026-03-01T23:00:00Z') + (half * HOUR) / 2);
const stripOf = (view: KitchenView, now: number) =>
  stripsOf(view, {}, now).find(({ food }) => food.id === MILLET.component.id);

test('law: no box comes out before it is frozen through, none for a meal that is past, and each in time to thaw or said to be late', () => {
  fc.assert(
    fc.property(anyKitchen, anyHour, (view, now) => {
      for (const item of stripsOf(view, {}, now))
        for (const { box, at, day, meal, servedAt: served, tooLate } of thawsOf(view, item, now)) {
          const { frozenOn } = box.state.dates;
          expect(served).toBeGreaterThanOrEqual(now);
          expect(served).toBe(servedAt(view.week.slots, day, meal, ZONE));
          if (frozenOn) expect(served).toBeGreaterThanOrEqual(thawedAfter(view, frozenOn, box.state.box));
          if (!tooLate) expect(at).toBeLessThanOrEqual(served - timesOfBox(view, box.state.box).aheadHours * HOUR);
        }
    }),
  );
});

test('what was frozen today is not called out tonight, nor counted on tomorrow; frozen last week it is', () => {
  const frozen = (days: number) =>
    kitchenOf({ eaters: [eaterOf('a')], lots: [boxOf('ice', MILLET, 'freezer', 4, addDays(TODAY, -days))] });
  const noon = momentAt(TODAY, '12:00', ZONE);
  const outs = (view: KitchenView) => {
    const item = stripOf(view, noon);
    return item ? thawsOf(view, item, noon) : [];
  };
  expect(outs(frozen(0)).every(({ at }) => dayAt(new Date(at), ZONE) > TODAY)).toBe(true);
  expect(
    stripOf(frozen(0), noon)
      ?.strip.meals.slice(0, 4)
      .every(({ eaten }) => eaten === 0),
  ).toBe(true);
  expect(outs(frozen(7)).some(({ at }) => dayAt(new Date(at), ZONE) === TODAY)).toBe(true);
});

test('portions of a batch that are frozen do not feed the meal of the same evening', () => {
  const view = kitchenOf({
    eaters: [eaterOf('a')],
    sessions: [sessionOf('s', TODAY, '08:00')],
    batches: [batchOf('m', 's', MILLET, 8, 8)],
  });
  const item = stripOf(view, momentAt(TODAY, '07:00', ZONE));
  expect(item?.strip.meals[1]).toMatchObject({ eaten: 0 });
  expect(item?.strip.meals.some(({ thawed }) => thawed > 0)).toBe(true);
});

test('what was thawed is never asked to be frozen; what was not, is', () => {
  const left = (thawed: boolean) => {
    const box = boxOf('b', MILLET, 'fridge', 12, TODAY);
    const view = kitchenOf({
      eaters: [eaterOf('a')],
      lots: [
        thawed ? { ...box, dates: { madeOn: addDays(TODAY, -9), frozenOn: addDays(TODAY, -8), thawedOn: TODAY } } : box,
      ],
    });
    const item = stripOf(view, momentAt(TODAY, '07:00', ZONE));
    return item ? freezeBy(item.supply, item.strip) : [];
  };
  expect(left(false)).toHaveLength(1);
  expect(left(true)).toEqual([]);
});

test('lunch is next until three hours after it is served, by the hour that the meal itself says', () => {
  const at = (clock: string) => momentAt(TODAY, clock, ZONE);
  expect([mealAhead([], TODAY, ZONE, at('15:29')), mealAhead([], TODAY, ZONE, at('15:30'))]).toEqual([
    'lunch',
    'dinner',
  ]);
  const early = { day: TODAY, meal: 'lunch' as const, parts: [], guests: 0, serveAt: '11:00' };
  expect(mealAhead([early], TODAY, ZONE, at('14:00'))).toBe('dinner');
  expect(mealAhead([], TODAY, ZONE, at('23:50'))).toBe('dinner');
});

test('a box that is frozen through later leaves the meal to another that is there', () => {
  const view = kitchenOf({ eaters: [eaterOf('a')], lots: [boxOf('old', MILLET, 'freezer', 2, addDays(TODAY, -30))] });
  const now = momentAt(TODAY, '09:00', ZONE);
  const item = stripOf(view, now);
  if (!item) throw new Error('no strip');
  const boxes = [
    { lot: 'fresh', grams: 300, aheadHours: 24, earliest: now + 90 * HOUR },
    { lot: 'old', grams: 300, aheadHours: 24 },
  ];
  expect(takeOuts(item.strip, boxes, [], ZONE, now).map(({ lot }) => lot)[0]).toBe('old');
});

/** The kitchen read anew after a step, from rows as the server would keep them. */
function readAnew(
  view: KitchenView,
  lot: KitchenView['lots'][number],
  amount: number,
  to: string | undefined,
): KitchenView {
  const place = PLACES.find(({ id }) => id === to);
  const aged =
    place &&
    afterStep(
      { food: lot.food, place: lot.place.kind, dates: lot.state.dates },
      { do: 'move', to: place.kind, again: true },
      TODAY,
    );
  const rows = view.lots.flatMap(({ state, onHand }) => {
    if (state.id !== lot.state.id) return [state];
    const rest = onHand.sub(amount);
    const stays = rest.compare(0) > 0 ? [{ ...state, onHand: rest.toString() }] : [];
    return place && aged?.ok
      ? [...stays, { ...state, id: 'moved', place: place.id, dates: aged.value.dates, onHand: `${amount}` }]
      : stays;
  });
  return viewOf(view.kitchen, FOODS, rows, DISHES, view.week, view.costs, null);
}

test('law: what is said before a box is thrown, moved, frozen or eaten is what the week shows afterwards', () => {
  fc.assert(
    fc.property(
      anyKitchen,
      anyHour,
      fc.nat(),
      fc.double({ min: 0.1, max: 1, noNaN: true }),
      fc.constantFrom(undefined, 'fridge', 'freezer'),
      (view, now, nth, share, to) => {
        const boxes = view.lots.filter(({ state, place }) => state.portionG !== null && place.id !== to);
        const lot = boxes[nth % Math.max(1, boxes.length)];
        fc.pre(lot !== undefined);
        if (!lot) return;
        const amount = Math.max(1, Math.floor(lot.onHand.valueOf() * share));
        const said = whatFollows(view, [{ lot, amount: new Fraction(amount), ...(to ? { to } : {}) }], now);
        const after = readAnew(view, lot, amount, to);
        const short = (of: KitchenView) => {
          const item = stripsOf(of, {}, now).find(({ food }) => food.id === lot.food.id);
          return item?.strip.meals.map((meal) => meal.short) ?? [];
        };
        const [was, is] = [short(view), short(after)];
        const before = stripsOf(view, {}, now).find(({ food }) => food.id === lot.food.id);
        const portionG = before?.portionG ?? 150;
        const more = MEAL_NAMES.length * 7;
        const lacking = Array.from({ length: more }, (_, m) =>
          is.length > 0 ? (is[m] ?? 0) - (was[m] ?? 0) : (before?.strip.meals[m]?.eaten ?? 0),
        ).map((grams) => (grams > portionG / 3 ? grams : 0));
        const portions = lacking.reduce((sum, grams) => sum + grams, 0) / portionG;
        expect(said.meals.map((each) => each.portions)).toEqual(
          portions > 0 ? [Math.max(1, Math.round(portions))] : [],
        );
        // Of dishes: what is missing more, food by food.
        if (to === undefined) {
          const lacks = (of: KitchenView) =>
            promisesOf(of).promises.unkept.reduce(
              (sum, { food, missing }) => (food === lot.food.id ? sum.add(missing) : sum),
              new Fraction(0),
            );
          const told = said.dishes.reduce((sum, { missing }) => sum.add(missing), new Fraction(0));
          expect(told.valueOf()).toBeGreaterThanOrEqual(lacks(after).sub(lacks(view)).valueOf() - 1e-6);
          if (told.compare(0) === 0)
            expect(missingOf(after).map(({ food }) => food.id)).toEqual(missingOf(view).map(({ food }) => food.id));
        }
      },
    ),
    { numRuns: 200 },
  );
});
