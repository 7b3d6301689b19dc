import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { bookFoodId } from '@kestrel-ridge/core/food';
import { Fraction, addDays } from '@kestrel-ridge/core/quantity';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import fc from 'fast-check';
import { EIGHT, boxes, foods, kitchen, lot, recipes, session, today } from '../app/kitchenForTests.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { untilWords } from '../parts/untilWords.ts';
import { recipeMinutes } from '../recipe/recipeMinutes.ts';
import { portionsCovered, shortages } from '@kestrel-ridge/core/view';
import { readyComponents, takesFor } from '@kestrel-ridge/core/view';
import { draftBoxes } from '../storage/boxDrafts.ts';
import { freeBoxes } from '@kestrel-ridge/core/view';
import { costAhead } from '@kestrel-ridge/core/view';
import { reachWords, shortWords } from '../week/stripWords.ts';
import { stripsOf } from '@kestrel-ridge/core/view';
import { withDrafts } from '@kestrel-ridge/core/view';
import type { PlanResult } from '../session/planSlice.ts';
import { nextThing } from './nextThing.ts';
import { whatWaits } from './whatWaits.ts';

describe('the next thing', () => {
  test.each([
    ['an empty shelf', { lots: [] }, 'Begin with the shelf'],
    ['a planned session', {}, 'Cook at 08:00'],
    ['a session under way', { session: { ...session, status: 'running' as const } }, 'The session is under way'],
    [
      'boxes and nothing to cook',
      { lots: [boxes(4, 'fridge')], batches: [], session: undefined },
      'Eat from the boxes',
    ],
    ['a shelf and no plan', { batches: [], session: undefined }, 'Decide the week'],
  ] as const)('with %s', (_, more, heading) => expect(nextThing(kitchen(more), null).heading).toBe(heading));
});

test('what waits: each stretch says it in at most twelve characters', () => {
  const waits = whatWaits(kitchen(), null);
  expect(waits.scale.short).toBe('all is there');
  expect(waits.cook.short).toBe('08:00');
  expect(whatWaits(kitchen({}, 40), null).scale.long).toContain('1 kg millet');
  for (const { short } of Object.values(waits)) expect(short.length).toBeLessThanOrEqual(12);
});

test('the day and the trail say one finish, and that a shorter plan is looked for while it is', () => {
  const view = kitchen();
  const planned = (settled: boolean) =>
    ({ session: session.id, plan: { starts: {}, washes: [], makespan: 95 }, settled }) as unknown as PlanResult;
  const said = (settled: boolean) => [
    nextThing(view, planned(settled)).text,
    whatWaits(view, planned(settled)).cook.long,
  ];
  for (const words of said(true)) {
    expect(words).toMatch(/one by 09:35/);
    expect(words).not.toMatch(/sooner/);
  }
  for (const words of said(false)) expect(words).toMatch(/one by 09:35,? or sooner/);
});

describe('what is missing', () => {
  test('1000 g of millet cover 20 portions of 50 g', () => {
    expect(shortages(kitchen({}, 20), kitchen({}, 20).batches[0] as never)).toEqual([]);
    const view = kitchen({}, 24);
    const batch = view.batches[0];
    if (!batch) throw new Error('no batch');
    expect(shortages(view, batch).map((shortage) => [shortage.food.name, shortage.missingText])).toEqual([
      ['millet', '200 g'],
    ]);
    expect(portionsCovered(view, batch)).toBe(20);
  });
});

describe('strips', () => {
  const strip = (view: KitchenView) => {
    const [item] = stripsOf(view, {}, EIGHT);
    if (!item) throw new Error('no strip');
    return item;
  };
  test('8 planned portions for four, ready at lunch of the first day, last two days', () => {
    const item = strip(kitchen());
    expect(reachWords(item)).toBe('lasts until Tuesday dinner');
    expect(shortWords(item)).toBe('20 portions short');
  });
  test('boxes in the freezer follow the cold ones', () =>
    expect(
      reachWords(strip(kitchen({ batches: [], lots: [boxes(4, 'fridge'), boxes(8, 'freezer', addDays(today, -5))] }))),
    ).toBe('lasts until Wednesday dinner'));
  test('law: a larger batch never reaches less far', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), (portions) => {
        const eaten = (n: number) =>
          strip(withDrafts(kitchen(), { b: { portions: n, freezePortions: n } })).strip.shortGrams;
        expect(eaten(portions + 1)).toBeLessThanOrEqual(eaten(portions) + 1e-6);
      }),
      { numRuns: 20 },
    ));
});

describe('boxes', () => {
  test('what nobody eats while it keeps goes into the freezer, a meal to a box; what a box stands in is not free', () => {
    // Four people eat one portion a day each: 12 in the three days of millet, of which today's meals may be over.
    const view = kitchen({}, 24);
    const [batch] = view.batches;
    if (!batch) throw new Error('no batch');
    const { drafts, frozen } = draftBoxes(view, batch);
    expect(drafts.reduce((sum, box) => sum + box.portions, 0)).toBe(24);
    expect(frozen).toBeGreaterThanOrEqual(12);
    for (const box of drafts) if (box.kind === 'freezer') expect(box.portions).toBeLessThanOrEqual(2);

    const counted = { ...view.kitchen.equipment, boxes: [{ name: 'small box', mL: 500, count: 3 }] };
    const one = boxes(2, 'fridge');
    const boxed = { ...one, state: { ...one.state, box: 'small box' } };
    expect(freeBoxes({ ...view, kitchen: { ...view.kitchen, equipment: counted }, lots: [boxed] })[0]?.free).toBe(2);
    // Without a lid a box keeps nothing.
    const lids = (count: number | undefined, fit: number) => ({
      ...view.kitchen,
      equipment: { ...counted, boxes: [{ name: 'small box', mL: 500, ...(count ? { count } : {}), lids: fit }] },
    });
    const free = (count: number | undefined, fit: number) =>
      freeBoxes({ ...view, kitchen: lids(count, fit), lots: [boxed] })[0]?.free;
    expect([free(3, 2), free(3, 5), free(undefined, 4), free(3, 0)]).toEqual([1, 2, 3, 0]);
  });

  test('plates are filled from what keeps least, and never with more than is there', () => {
    const older = boxes(2, 'fridge', addDays(today, -1));
    const [ready] = readyComponents(kitchen({ lots: [boxes(4, 'fridge'), older, boxes(8, 'freezer')] }));
    if (!ready) throw new Error('nothing ready');
    expect([ready.portions, ready.frozen]).toEqual([6, 8]);
    expect(takesFor(ready, 3)).toEqual([
      { lot: older.state.id, amount: '320', version: 1 },
      { lot: boxes(4, 'fridge').state.id, amount: '160', version: 1 },
    ]);
    expect(takesFor(ready, 99).reduce((sum, take) => sum + Number(take.amount), 0)).toBe(6 * 160);
  });
});

test('what batches cost ahead: 400 of 1000 g at 2.60, the rest without a price is said', () => {
  const view = kitchen();
  const [cost] = costAhead(
    view,
    view.batches.map((batch) => batch.scaled),
  );
  expect(cost?.usedMinor).toBe(104);
  expect(cost?.because.figure).toBe('€1.04');
  expect(cost?.unpriced.map(({ lot: { food } }) => foods.get(food)?.name).sort()).toEqual(['bay leaf', 'salt']);
});

test('until when, in words', () => {
  const said = (n: number) => untilWords(addDays(today, n), today);
  expect([said(-3), said(0), said(1), said(3), said(20)]).toEqual([
    '3 days past',
    'last day today',
    'until tomorrow',
    'until Thu',
    'until 22 Mar',
  ]);
});

test('a recipe’s minutes are its longest chain, without the night before', () => {
  const minutes = Object.fromEntries(
    recipes.map((recipe) => [recipe.document.component.name, recipeMinutes(recipe.document)]),
  );
  // By hand: roots 3 + 4 + 1 + 40 + 4 and no amount counted; sauce 2 + 12 + 5 + 2; kale the leek's 2 + 2 + 10 + 3 + 6 + 4; and a kilo's share on top.
  expect(minutes['Sunflower sauce']).toBe(24);
  expect(minutes['Roast roots']).toBe(60);
  expect(minutes['Kale and leek']).toBe(37);
});

test('what is scattered over it if anybody likes is costed apart, and in no sum', () => {
  const kale = recipes.find(({ document }) => document.component.kind === 'greens');
  if (!kale) throw new Error('no greens');
  const scaled = scaleBatch(kale.document, new Fraction(14), foods, STARTING_EQUIPMENT);
  const hazelnuts = lot(bookFoodId('hazelnuts'), 250, { priced: { minor: 395, amount: '250' } });
  const [bare] = costAhead(kitchen({ lots: [] }), [scaled]);
  const [cost] = costAhead(kitchen({ lots: [hazelnuts] }), [scaled]);
  expect(bare?.optional).toBeUndefined();
  const grams = scaled.lines.find(({ line }) => line.optional)?.grams?.g.valueOf() ?? 0;
  expect(grams).toBeGreaterThan(0);
  expect(cost?.optional?.minor).toBe(Math.round((grams * 395) / 250));
  expect(cost?.usedMinor).toBe(0);
});
