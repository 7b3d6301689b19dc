import { bookFoodId } from '@kestrel-ridge/core/food';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import type { Tastes } from '@kestrel-ridge/core/week';
import fc from 'fast-check';
import { EIGHT, foods, kitchen, lot, recipes, session } from '../app/kitchenForTests.ts';
import { mildPartFor } from '@kestrel-ridge/core/view';
import { stripsOf } from '@kestrel-ridge/core/view';
import { usesUp } from '@kestrel-ridge/core/view';
import { weekNotes } from './weekNotes.ts';

const sauce = recipes.find(({ document }) => document.component.name === 'Sunflower sauce');
const millet = recipes[0];
if (!sauce || !millet) throw new Error('no sauce');

function sharing(tastes: readonly (Tastes | undefined)[], base = kitchen()) {
  const eaters = tastes.map((each, n) => ({
    id: `e${n}`,
    name: `eater ${n}`,
    appetite: 1,
    weekdays: [0, 1, 2, 3, 4, 5, 6],
    version: 1,
    ...(each ? { tastes: each } : {}),
  }));
  return { ...base, week: { ...base.week, eaters } };
}
const PORTION_G = 60;

describe('whose part stays mild', () => {
  test('their share of all appetites, as a part that can be told by eye, with their names', () => {
    const view = sharing([{ mild: true }, undefined, undefined, undefined]);
    expect(mildPartFor(view, sauce, PORTION_G)).toEqual({ share: '1/4', who: ['eater 0'] });
    // Three of fourteen: a fifth is near enough, and easier to ladle.
    const fourteen = [...Array<undefined>(11)].map((): undefined => undefined);
    const three = sharing([{ mild: true }, { mild: true }, { mild: true }, ...fourteen]);
    expect(mildPartFor(three, sauce, PORTION_G)?.share).toBe('1/5');
  });
  test('nobody is asked where nothing is hot, where all or none eat it mild', () => {
    const [one, two] = [{ mild: true }, undefined];
    expect(mildPartFor(sharing([one, two]), millet, PORTION_G)).toBeUndefined();
    expect(mildPartFor(sharing([two, two]), sauce, PORTION_G)).toBeUndefined();
    expect(mildPartFor(sharing([one, one]), sauce, PORTION_G)).toBeUndefined();
    expect(mildPartFor(sharing([]), sauce, PORTION_G)).toBeUndefined();
  });
  test('whoever does not eat it at all has no part in it', () => {
    const never = { never: [bookFoodId('sunflower seeds')], mild: true };
    expect(mildPartFor(sharing([never, undefined]), sauce, PORTION_G)).toBeUndefined();
  });
  test('law: it is their share or a little more, never all of it, and everybody who eats mild is named', () =>
    fc.assert(
      fc.property(fc.array(fc.boolean(), { maxLength: 9 }), (mild) => {
        const part = mildPartFor(sharing(mild.map((each) => (each ? { mild: true } : undefined))), sauce, PORTION_G);
        const wanted = mild.filter(Boolean).length / Math.max(1, mild.length);
        if (!part) return expect(wanted === 0 || wanted > 0.875).toBe(true);
        const share = new Fraction(part.share).valueOf();
        expect(share).toBeGreaterThanOrEqual(wanted - 0.02);
        expect(share).toBeLessThan(Math.min(1, wanted + 0.13));
        expect(part.who).toHaveLength(mild.filter(Boolean).length);
      }),
    ));

  const planned = (choice: object) => {
    const base = sharing([{ mild: true }, undefined, undefined, undefined]);
    const [batch] = base.batches;
    if (!batch) throw new Error('no batch');
    const state = { ...batch.state, recipe: sauce.id, choice };
    const scaled = scaleBatch(sauce.document, new Fraction(8), foods, base.kitchen.equipment);
    return { ...base, batches: [{ ...batch, state, recipe: sauce, written: sauce.document, session, scaled }] };
  };
  const mildOf = (view: ReturnType<typeof planned>) =>
    weekNotes(view, stripsOf(view, {}, EIGHT), EIGHT).filter(({ mild }) => mild);
  test('the week says so, with one tap; once it is in the run, one tap takes it back', () => {
    const [asked] = mildOf(planned({}));
    expect(asked?.words).toBe('Sunflower sauce: eater 0 eats it mild, without mustard.');
    expect(asked?.mild?.part).toEqual({ share: '1/4', who: ['eater 0'] });
    const [told] = mildOf(planned({ mild: { share: '1/4', who: ['eater 0'] } }));
    expect(told?.words).toContain('1/4 of it is taken out for eater 0 before the mustard goes in');
    expect(told?.mild).toMatchObject({ part: undefined });
  });
});

describe('what the cooking uses up', () => {
  const pressing = (onHand: number) => lot(bookFoodId('millet'), onHand, { dates: { bestBefore: kitchen().today } });
  test('what should go first and is counted on is used; what nobody cooks is left', () => {
    const kale = lot(bookFoodId('kale'), 300, { place: 'fridge', dates: { useBy: kitchen().today } });
    const view = kitchen({ lots: [pressing(400), kale] });
    const firsts = usesUp(view, view);
    expect([firsts.used, firsts.left]).toEqual([['millet'], ['kale']]);
    expect(firsts.because.figure).toBe('1 of 2');
  });
  test('less than half of a lot is not used up, and the size that is tried counts', () => {
    const small = kitchen({ lots: [pressing(4000)] }, 4);
    expect(usesUp(small, small).used).toEqual([]);
    const large = { ...small, batches: kitchen({}, 40).batches };
    expect(usesUp(small, large).used).toEqual(['millet']);
  });
  test('an empty shelf presses nothing', () => {
    const view = kitchen({ lots: [] });
    expect(usesUp(view, view)).toMatchObject({ used: [], left: [] });
  });
});
