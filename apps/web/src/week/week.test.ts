import { addDays, day } from '@kestrel-ridge/core/quantity';
import type { Slot, WeekAsk } from '@kestrel-ridge/core/week';
import fc from 'fast-check';
import { batchOf, kitchen, lot, millet, recipes, session, today } from '../app/kitchenForTests.ts';
import { missedWords } from '../stock/missedWords.ts';
import { asReckoned, entriesFor, stepsOf } from '../stock/plate.ts';
import { aheadKey } from '@kestrel-ridge/core/session';
import {
  brokenMeals,
  bowlsAtOnce,
  leadsOf,
  readyComponents,
  stripsOf,
  suggestedChange,
  whatFollows,
  type KitchenView,
} from '@kestrel-ridge/core/view';
import { clockAt } from '../parts/times.ts';
import { eveningItems } from './eveningItems.ts';
import { asTemplate, fromTemplate } from './Templates.tsx';
import { platesOf, weekNotes } from './weekNotes.ts';

/** A dish with a soak of 8 to 24 hours. */
const soaked = recipes.find(({ document }) => document.steps.some(({ kind }) => kind === 'ahead'))!;
const food = millet?.document.component.id ?? '';
const recipe = millet?.id ?? '';
const eaters = ['a', 'b', 'c', 'd'].map((id) => ({
  id,
  name: id,
  appetite: 1,
  weekdays: [0, 1, 2, 3, 4, 5, 6],
  version: 1,
}));
const dinner = (n: number, more: Partial<Slot> = {}): Slot => ({
  day: addDays(today, n),
  meal: 'dinner',
  parts: [{ food, portions: 1 }],
  guests: 0,
  ...more,
});
const withSlots = (view: ReturnType<typeof kitchen>, ...slots: readonly Slot[]) => ({
  ...view,
  week: { ...view.week, slots },
});
const boxes = (portions: number, place: string) =>
  lot(food, portions * 160, {
    place,
    origin: 'made',
    portionG: '160',
    dates: { madeOn: today, ...(place === 'freezer' ? { frozenOn: today } : {}) },
  });
/** The first moment of the demo's day. */
const morning = Date.parse(`${today}T06:00:00Z`);

describe('a meal that is eaten', () => {
  const kindOf = () => 'grain' as const;
  const at = { day: today, meal: 'dinner' as const, guests: 1 };

  test('law: the plates of all who ate and of the guests add up to what left the boxes', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.nat({ max: 4 }), (portions, n) => {
        const entries = entriesFor({ [food]: portions }, {}, at, () => eaters.slice(0, n), kindOf);
        expect(entries.reduce((sum, each) => sum + each.portions, 0)).toBeCloseTo(portions, 0);
      }),
    ));
  test('who says how much they ate is believed; the others share the rest', () => {
    const entries = entriesFor(
      { [food]: 6 },
      { [`a ${food}`]: 3 },
      { ...at, guests: 0 },
      () => eaters.slice(0, 4),
      kindOf,
    );
    expect(entries.map(({ eater, portions }) => [eater, portions])).toEqual([
      ['a', 3],
      ['b', 1],
      ['c', 1],
      ['d', 1],
    ]);
  });
  test('the plates as planned are for those at the table and their guests, and no more than is there', () => {
    const view = { ...kitchen({ lots: [boxes(5, 'fridge')] }), batches: [] };
    const ready = readyComponents(view);
    const at = { day: today, meal: 'dinner' as const };
    expect(asReckoned(withSlots(view, dinner(0)), ready, at)).toEqual({ [food]: 4 });
    expect(asReckoned(withSlots(view, dinner(0, { guests: 3 })), ready, at)).toEqual({ [food]: 5 });
    // An open meal takes half a day's portion of each, as the strip has it; whoever is said to sit there counts.
    expect(asReckoned(view, ready, at)).toEqual({ [food]: 2 });
    expect(asReckoned(withSlots(view, dinner(0)), ready, at, eaters.slice(0, 2))).toEqual({ [food]: 2 });
  });
  test('eaten early, it lacks where it was planned; what this meal wanted anyway lacks nowhere', () => {
    const view = withSlots(
      { ...kitchen({ lots: [boxes(8, 'fridge')] }), batches: [] },
      dinner(0),
      dinner(1),
      ...openNothing(),
    );
    const ready = readyComponents(view);
    const missed = (portions: number) =>
      whatFollows(view, stepsOf(view, ready, { [food]: portions }), morning, { day: today, meal: 'dinner' }).meals;
    expect(missed(4)).toEqual([]);
    expect(missed(8).map(missedWords)).toEqual([
      expect.stringMatching(/4 portions short from \S+ dinner on, where it is planned/),
    ]);
  });
});

/** All other meals are of something else, so that only what is planned is eaten. */
function openNothing(dinnersFrom = 2): readonly Slot[] {
  return Array.from({ length: 7 }, (_, n) => n).flatMap((n) =>
    (['lunch', 'dinner'] as const)
      .filter((meal) => meal === 'lunch' || n >= dinnersFrom)
      .map((meal): Slot => ({ day: addDays(today, n), meal, parts: [{ food: 'else', portions: 1 }], guests: 0 })),
  );
}

test('frozen boxes come out on an evening before the meal that is made of them; what has begun to soak is no evening', () => {
  const view = withSlots(
    { ...kitchen({ lots: [boxes(4, 'freezer')] }), batches: [] },
    ...openNothing(0).filter(({ day: on, meal }) => !(on === addDays(today, 3) && meal === 'dinner')),
    dinner(3),
  );
  const tomorrow = { ...session, startsAt: new Date(morning + 30 * 3_600_000).toISOString() };
  const soakFor = (at: typeof session): KitchenView => ({
    ...view,
    session: at,
    week: { ...view.week, sessions: [at] },
    batches: [batchOf(soaked, at)],
  });
  const items = eveningItems(soakFor(tomorrow), morning);
  expect(items.map(({ what }) => what)).toEqual([
    expect.stringMatching(/soak/i),
    expect.stringMatching(/out of the freezer into the fridge$/),
  ]);
  expect(items[1]?.detail).toContain('4 portions');
  expect(items[1]?.at).toBeLessThan(Date.parse(`${addDays(today, 3)}T18:30:00Z`) - 24 * 3_600_000);
  const [soak] = leadsOf(soakFor(tomorrow), morning);
  const begun = { ...tomorrow, wishes: { ...session.wishes, begun: [aheadKey(soak!.ahead)] } };
  expect(eveningItems(soakFor(begun), morning)).toHaveLength(1);
});

describe('what is begun ahead', () => {
  const HOUR = 3_600_000;
  const at = (id: string, hours: number) => ({
    ...session,
    id,
    name: id,
    startsAt: new Date(morning + hours * HOUR).toISOString(),
  });
  const cooked = (hours: readonly number[], chosen: number): KitchenView => {
    const sessions = hours.map((each, n) => at(`session ${n}`, each));
    const base = kitchen();
    return {
      ...base,
      session: sessions[chosen % sessions.length],
      week: { ...base.week, sessions },
      batches: sessions.map((each, n) => batchOf(soaked, each, 8, `batch ${n}`)),
    };
  };
  const someHours = fc.array(fc.integer({ min: 1, max: 160 }), { minLength: 1, maxLength: 4 });

  test('law: every session has its soak, whichever of them is looked at, within its window or said to be too late', () =>
    fc.assert(
      fc.property(someHours, fc.nat({ max: 3 }), (hours, chosen) => {
        const leads = leadsOf(cooked(hours, chosen), morning);
        expect(leads).toEqual(leadsOf(cooked(hours, 0), morning));
        expect(leads.map((lead) => lead.session.id).sort()).toEqual(hours.map((_, n) => `session ${n}`));
        for (const { at: begins, last, tooLate, ahead, session: of } of leads) {
          expect(tooLate).toBe(Date.parse(of.startsAt) - morning < ahead.leastHours * HOUR);
          expect(begins).toBeLessThanOrEqual(last);
          expect(begins).toBeGreaterThanOrEqual(Date.parse(of.startsAt) - ahead.mostHours * HOUR);
        }
      }),
    ));
  test('law: nobody is told to begin at night, and both ends of its window are waking hours', () =>
    fc.assert(
      fc.property(
        someHours,
        fc.constantFrom(['06:30', '22:30'], ['05:00', '20:15'], ['09:00', '23:30']),
        fc.tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 0, max: 6 })),
        (hours, [from = '', to = ''], [least, more]) => {
          const base = cooked(hours, 0);
          const shortened = base.batches.map((batch) => ({
            ...batch,
            scaled: {
              ...batch.scaled,
              recipe: {
                ...batch.scaled.recipe,
                steps: batch.scaled.recipe.steps.map((step) =>
                  step.kind === 'ahead' ? { ...step, hours: { least, most: least + more } } : step,
                ),
              },
            },
          }));
          const view: KitchenView = {
            ...base,
            batches: shortened,
            kitchen: { ...base.kitchen, equipment: { ...base.kitchen.equipment, awake: { from, to } } },
          };
          const { zone } = view.kitchen.equipment;
          const isAwake = (ms: number) => clockAt(ms, zone) >= from && clockAt(ms, zone) <= to;
          for (const { at: begins, earliest, latest, last } of leadsOf(view, morning - 30 * 24 * HOUR)) {
            expect([begins, earliest, latest].map(isAwake)).toEqual([true, true, true]);
            expect(latest).toBeLessThanOrEqual(last);
            expect(begins).toBeLessThanOrEqual(latest);
          }
        },
      ),
    ));
  test('several that stand at once need several bowls', () => {
    expect(bowlsAtOnce(leadsOf(cooked([30, 31, 150], 0), morning))).toBe(2);
    expect(bowlsAtOnce([])).toBe(0);
  });
  test('it keeps its name from day to day, so that a calendar moves it and adds none', () => {
    const [first] = leadsOf(cooked([80], 0), morning);
    expect(leadsOf(cooked([80], 0), morning + 20 * HOUR)[0]?.id).toBe(first?.id);
  });
  test('the week says which soak is too late, of whichever session', () => {
    const view = cooked([100, 3], 0);
    const late = weekNotes(view, stripsOf(view, {}, morning), morning).filter(({ lateFor }) => lateFor);
    expect(late.map(({ lateFor }) => lateFor)).toEqual(['session 1']);
    expect(late[0]?.words).toContain('has not begun');
  });
});

test('what the week asks for: freezing by the last day, who leaves it, plates and what is short', () => {
  const view = { ...kitchen({ lots: [boxes(40, 'fridge')] }), batches: [] };
  const strips = stripsOf(view, {}, morning);
  const freeze = weekNotes(view, strips, morning).find(({ freezeLot }) => freezeLot);
  expect(freeze?.words).toContain('will not be eaten by');
  expect(freeze?.freezeLot?.grams).toBeGreaterThan(160);
  expect(platesOf(view, strips).now).toMatchObject({ plates: 0, parts: { base: 40, protein: 0 } });
  const picky = { ...view, week: { ...view.week, eaters: [{ ...eaters[0]!, tastes: { never: [food] } }] } };
  expect(weekNotes(picky, stripsOf(picky, {}, morning), morning).map(({ words }) => words)).toContain(
    'Millet is not for a (never eats it).',
  );
});

test('meals that will lack what they are made of are broken; open meals never are', () => {
  const view = withSlots(
    { ...kitchen({ lots: [boxes(4, 'fridge')] }), batches: [] },
    ...openNothing(),
    dinner(0),
    dinner(1),
  );
  const broken = brokenMeals(view, stripsOf(view, {}, morning), morning);
  expect(broken.filter(({ meal, day: on }) => meal === 'dinner' && on === addDays(today, 1))).toHaveLength(1);
  expect(broken.some(({ meal, day: on }) => meal === 'dinner' && on === today)).toBe(false);
  const open = { ...view, week: { ...view.week, slots: [] } };
  expect(brokenMeals(open, stripsOf(open, {}, morning), morning)).toEqual([]);
});

test('a suggested week becomes changes: sizes of what is planned, new dishes, meals; what is frozen late is frozen', () => {
  const view = kitchen({}, 16);
  const ask: Omit<WeekAsk, 'weights'> = {
    people: Array<number>(14).fill(4),
    groups: [],
    goods: [],
    sessions: [
      { id: view.session?.id, from: 0, frozenFrom: 0, most: { hands: 240, cooker: 240, oven: 240, burners: 960 } },
    ],
    candidates: [
      { ...THING, food, recipe, name: 'Millet', kind: 'grain', cooks: { ...COOKS, recipe } },
      {
        ...THING,
        food: 'new',
        recipe: 'r2',
        name: 'New',
        kind: 'legume',
        cooks: { ...COOKS, recipe: 'r2' },
      },
    ],
    presses: [],
    settled: { 0: ['else'] },
    mostBatches: 4,
  };
  const eating = (other: number) =>
    suggestedChange(view, ask, {
      draft: { meals: Array.from({ length: 14 }, () => [0, 1, -1, -1]), sizes: [24, 8], into: [0, 0] },
      eaten: {
        at: [
          [
            { candidate: 0, portions: 23.5 },
            { candidate: 1, portions: other },
          ],
        ],
        fromFreezer: [5.5, 0],
        unused: [0.5, 8 - other],
        days: [],
        cutTogether: [],
        lacks: 0,
        freezerLitres: 0,
      },
    });
  const change = eating(7);
  expect(change.size).toEqual([{ id: view.batches[0]?.state.id, portions: 24, freezePortions: 6 }]);
  expect(change.add).toEqual([{ recipe: 'r2', portions: 8, freezePortions: 0, session: view.session?.id }]);
  expect(change.drop).toEqual([]);
  // The settled lunch stays as it is.
  expect(change.slots).toHaveLength(13);
  // What nobody eats in these days is frozen, if it is worth a box.
  expect(eating(5).add?.map(({ freezePortions }) => freezePortions)).toEqual([3]);
});

const NO_WORK = { once: 0, each: 0 };
const COOKS = {
  into: [0],
  sizes: [8],
  work: { hands: NO_WORK, cooker: NO_WORK, oven: NO_WORK, burners: NO_WORK },
  buys: [],
  needs: [],
  costGuessed: false,
  clears: [],
  keepsMeals: 6,
  freezes: true,
  inSeason: false,
};
const THING = {
  form: 'pot',
  covers: [0, 0, 0],
  facts: {
    kJ: undefined,
    proteinG: undefined,
    fibreG: undefined,
    ironMg: undefined,
    vitaminCMg: undefined,
    saltG: undefined,
  },
  litresEach: 0.3,
  frozen: 0,
  cold: [],
  want: [],
  eats: [],
  liked: 0,
} as const;

test('a week that is kept and used again is the same week; a locked meal stays, an unknown dish is left out', () => {
  const view = withSlots(kitchen({}, 16), dinner(2), dinner(4));
  const kept = asTemplate(view);
  const again = fromTemplate(view, kept);
  expect(again).toMatchObject({ add: [], size: [] });
  expect(new Set(again.slots?.map((slot) => slot.day))).toEqual(new Set([addDays(today, 2), addDays(today, 4)]));
  const locked = withSlots(view, dinner(2, { locked: true }), dinner(4));
  expect(fromTemplate(locked, kept).slots?.map((slot) => slot.day)).toEqual([addDays(today, 4)]);
  const strange = { ...kept, dishes: [...kept.dishes, { recipe: 'gone', portions: 4, freezePortions: 0 }] };
  expect(fromTemplate(view, strange).add).toEqual([]);
  expect(kept.slots.map(({ weekday }) => weekday).sort()).toEqual(
    [...new Set(kept.slots.map(({ weekday }) => weekday))].sort(),
  );
  expect(day(today)).toBe(today);
});
