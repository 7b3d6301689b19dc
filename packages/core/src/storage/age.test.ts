import fc from 'fast-check';
import { bookFood, type Food, type PlaceKind } from '../food/index.ts';
import { addDays, day, daysBetween, type Day } from '../quantity/index.ts';
import type { LotDates } from '../stock/index.ts';
import { afterStep, keepsUntil, madeIn, type AgeStep } from './index.ts';

const soup = (fridge: number): Food => ({
  id: 'soup',
  name: 'Soup',
  facts: {
    kind: 'component',
    base: 'g',
    keeps: { fridge: { value: fridge, source: 'test' }, freezer: { value: 90, source: 'test' } },
  },
});
const SUNDAY = day('2026-03-01');
const FOODS = [
  soup(4),
  soup(1),
  bookFood('canned chickpeas'),
  bookFood('millet'),
  bookFood('kale'),
  bookFood('coconut milk'),
  bookFood('onion'),
  bookFood('tofu'),
  bookFood('mustard'),
];
const PLACES: readonly PlaceKind[] = ['cupboard', 'cool room', 'fridge', 'freezer'];
const step: fc.Arbitrary<{ readonly step: AgeStep; readonly later: number }> = fc.record({
  step: fc.oneof(
    fc.constantFrom<AgeStep>({ do: 'open' }, { do: 'open', into: 'fridge' }),
    fc.constantFrom(...PLACES).map((to): AgeStep => ({ do: 'move', to })),
  ),
  later: fc.nat({ max: 5 }),
});
const history = fc.record({
  food: fc.constantFrom(...FOODS),
  place: fc.constantFrom<PlaceKind>('cupboard', 'cool room', 'fridge'),
  started: fc.constantFrom<keyof LotDates>('boughtOn', 'madeOn'),
  steps: fc.array(step, { maxLength: 8 }),
});

/** Walks a lot through its steps; what is refused changes nothing. */
function walk(
  { food, place, started, steps }: typeof history extends fc.Arbitrary<infer T> ? T : never,
  look: (before: { place: PlaceKind; dates: LotDates }, after: { place: PlaceKind; dates: LotDates }, on: Day) => void,
) {
  let lying = { place, dates: { [started]: SUNDAY } as LotDates };
  let on = SUNDAY;
  for (const { step: next, later } of steps) {
    on = addDays(on, later);
    const aged = afterStep({ food, ...lying }, next, on);
    if (!aged.ok) continue;
    const after = { place: next.do === 'move' ? next.to : (next.into ?? lying.place), dates: aged.value.dates };
    look(lying, after, on);
    lying = after;
  }
  return { ...lying, on };
}
const ends = (food: Food, { place, dates }: { place: PlaceKind; dates: LotDates }) =>
  keepsUntil(food, place, dates)?.value;

describe('age only moves forward', () => {
  test('law: no step lets it keep longer, but freezing within its life', () =>
    fc.assert(
      fc.property(history, (told) => {
        walk(told, (before, after) => {
          const [was, is] = [ends(told.food, before), ends(told.food, after)];
          if (after.place === 'freezer' || before.place === 'freezer' || was === undefined) return;
          expect(is !== undefined && is <= was).toBe(true);
        });
      }),
    ));
  test('law: what is past is not frozen, and what lay outside the fridge cooked or thawed neither', () =>
    fc.assert(
      fc.property(history, (told) => {
        walk(told, (before, after, on) => {
          if (before.place === 'freezer' || after.place !== 'freezer') return;
          const was = ends(told.food, before);
          if (was !== undefined) expect(daysBetween(on, was)).toBeGreaterThanOrEqual(0);
          expect(before.dates.warmOn).toBeUndefined();
        });
      }),
    ));
  test('law: freezing gives no day back: thawed, it has at most what it had left that day, and three days', () =>
    fc.assert(
      fc.property(history, (told) => {
        let leftThen: number | undefined;
        walk(told, (before, after, on) => {
          if (after.place === 'freezer' && before.place !== 'freezer') {
            const was = ends(told.food, before);
            leftThen = was === undefined ? undefined : daysBetween(on, was);
          }
          if (before.place === 'freezer' && after.place !== 'freezer') {
            const is = ends(told.food, after);
            expect(is).toBeDefined();
            const days = daysBetween(on, is ?? on) + 1;
            expect(days).toBeLessThanOrEqual(3);
            if (leftThen !== undefined) expect(days).toBeLessThanOrEqual(Math.max(1, leftThen));
          }
        });
      }),
    ));
});

test('opened out of the freezer into the fridge, it was thawed: three days and no more', () => {
  const box = { food: soup(4), place: 'freezer' as const, dates: { boughtOn: SUNDAY, frozenOn: SUNDAY } };
  const opened = afterStep(box, { do: 'open', into: 'fridge' }, SUNDAY);
  expect(opened.ok && opened.value).toMatchObject({ kind: 'opened', dates: { thawedOn: SUNDAY, openedOn: SUNDAY } });
  expect(opened.ok && keepsUntil(box.food, 'fridge', opened.value.dates)?.value).toBe('2026-03-03');
});

describe('by where it lies', () => {
  const lying = (food: Food, place: PlaceKind, dates: LotDates) => keepsUntil(food, place, dates);
  // Common practice and FoodSafety.gov (from memory): opened cans into a box, fridge 3 to 4 days.
  test('half a tin on the third day: in the fridge its last day, in the cupboard a matter of hours when it was opened', () => {
    const tin = bookFood('canned chickpeas');
    const dates = { boughtOn: day('2026-01-10'), bestBefore: day('2028-01-01'), openedOn: SUNDAY };
    expect(lying(tin, 'fridge', dates)?.value).toBe('2026-03-03');
    expect(lying(tin, 'cupboard', dates)).toMatchObject({ value: SUNDAY, hours: 2 });
  });
  // USDA FSIS leftovers guidance (from memory): two hours at room temperature at most.
  test('a cooked box outside the fridge has two hours, and back in the fridge it has no more than that', () => {
    const out = afterStep(
      { food: soup(4), place: 'fridge', dates: { madeOn: SUNDAY } },
      { do: 'move', to: 'cool room' },
      SUNDAY,
    );
    expect(out.ok && lying(soup(4), 'cool room', out.value.dates)).toMatchObject({ value: SUNDAY, hours: 2 });
    const back =
      out.ok &&
      afterStep({ food: soup(4), place: 'cool room', dates: out.value.dates }, { do: 'move', to: 'fridge' }, SUNDAY);
    expect(back && back.ok && lying(soup(4), 'fridge', back.value.dates)).toMatchObject({ value: SUNDAY, hours: 2 });
  });
  test('thawed in the fridge it has days, on the counter hours, and from there it is not frozen again', () => {
    const box = { food: soup(4), place: 'freezer' as const, dates: madeIn(soup(4), 'freezer', SUNDAY) };
    const later = addDays(SUNDAY, 20);
    const cold = afterStep(box, { do: 'move', to: 'fridge' }, later);
    expect(cold.ok && lying(box.food, 'fridge', cold.value.dates)?.value).toBe(addDays(later, 2));
    const warm = afterStep(box, { do: 'move', to: 'cupboard' }, later);
    expect(warm.ok && lying(box.food, 'cupboard', warm.value.dates)).toMatchObject({ value: later, hours: 2 });
    const again =
      warm.ok &&
      afterStep({ ...box, place: 'cupboard', dates: warm.value.dates }, { do: 'move', to: 'freezer' }, later);
    expect(again && !again.ok && again.problem.code).toBe('lay outside the fridge');
  });
  test('opening a box that was made does not make it new', () => {
    const opened = afterStep(
      { food: soup(4), place: 'fridge', dates: { madeOn: SUNDAY } },
      { do: 'open' },
      addDays(SUNDAY, 3),
    );
    expect(opened.ok && lying(soup(4), 'fridge', opened.value.dates)?.value).toBe('2026-03-04');
  });
  test('frozen on its last day it may be, the day after it is refused with a way out', () => {
    const box = { food: soup(4), place: 'fridge' as const, dates: { madeOn: SUNDAY } };
    expect(afterStep(box, { do: 'move', to: 'freezer' }, day('2026-03-04')).ok).toBe(true);
    const late = afterStep(box, { do: 'move', to: 'freezer' }, day('2026-03-05'));
    expect(!late.ok && late.problem).toMatchObject({
      code: 'past its life',
      remedy: expect.stringContaining('throw') as string,
    });
  });
  // Source: computed from FDA Food Code 2022, 3-501.17: cooked Sunday, frozen on day 2 of 4, thawed Friday 13th: Saturday is its last day.
  test('the days before and after the freezer add up', () => {
    const frozen = afterStep(
      { food: soup(4), place: 'fridge', dates: { madeOn: SUNDAY } },
      { do: 'move', to: 'freezer' },
      day('2026-03-02'),
    );
    const thawed =
      frozen.ok &&
      afterStep(
        { food: soup(4), place: 'freezer', dates: frozen.value.dates },
        { do: 'move', to: 'fridge' },
        day('2026-03-13'),
      );
    expect(thawed && thawed.ok && lying(soup(4), 'fridge', thawed.value.dates)?.value).toBe('2026-03-14');
  });
  test('every food that is kept in the cold has days in the freezer', () => {
    const cold = [bookFood('kale'), bookFood('carrot'), bookFood('apple'), bookFood('tofu'), bookFood('green peas')];
    for (const { facts } of cold) expect(facts.keeps?.freezer?.value).toBeGreaterThan(0);
  });
});
