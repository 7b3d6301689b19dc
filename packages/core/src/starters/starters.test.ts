import { faultsOf } from '../recipe/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { BOOK } from '../food/index.ts';
import { TASTES, lacksFor, starters } from './index.ts';

const all = starters();
const kindsOf = (list: typeof all) => new Set(list.map(({ recipe }) => recipe.component.kind));

test('there are at least twelve, each without a fault, with a taste and with foods of the book', () => {
  expect(all.length).toBeGreaterThanOrEqual(12);
  const known = new Set(BOOK.map(({ id }) => id));
  for (const { recipe, tastes } of all) {
    expect([recipe.name, faultsOf(recipe)]).toEqual([recipe.name, []]);
    expect(tastes.length).toBeGreaterThan(0);
    expect(recipe.lines.filter(({ food }) => !known.has(food))).toEqual([]);
  }
  expect(new Set(all.map(({ recipe }) => recipe.name)).size).toBe(all.length);
});

test('of each taste there are two at least', () => {
  for (const taste of TASTES)
    expect([taste, all.filter(({ tastes }) => tastes.includes(taste)).length >= 2]).toEqual([taste, true]);
});

test('who has neither oven nor sealed cooker still finds a filling dish, a protein, greens and a sauce', () => {
  const bare = { ...STARTING_EQUIPMENT, ovens: [], cookers: [] };
  const fit = all.filter(({ recipe }) => lacksFor(recipe, bare).length === 0);
  expect(fit.length).toBeGreaterThanOrEqual(8);
  expect([...kindsOf(fit)]).toEqual(expect.arrayContaining(['grain', 'legume', 'greens', 'sauce']));
  const roast = all.find(({ recipe }) => recipe.name === 'Roast celeriac and parsnip');
  expect(roast && lacksFor(roast.recipe, bare)).toEqual(['oven']);
  const millet = all.find(({ recipe }) => recipe.name === 'Millet with bay');
  expect(millet && lacksFor(millet.recipe, bare)).toEqual([]);
});
