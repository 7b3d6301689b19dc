import { NO_WISHES } from '@kestrel-ridge/core/session';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { foods, kitchen, recipes } from '../app/kitchenForTests.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { tryOut } from './whatIf.ts';

/** All starters planned in one session. */
function all(): KitchenView {
  const view = kitchen();
  const [first] = view.batches;
  if (!first) throw new Error('no batch');
  return {
    ...view,
    batches: recipes.map((recipe) => ({
      state: { ...first.state, id: recipe.document.component.kind, recipe: recipe.id },
      recipe,
      written: recipe.document,
      session: first.session,
      scaled: scaleBatch(recipe.document, new Fraction(8), foods, STARTING_EQUIPMENT),
    })),
  };
}

test('a dish that is left out is gone, and its portions are named', () => {
  const tried = tryOut(all(), { if: 'without dish', batch: 'roots' }, NO_WISHES);
  expect(tried?.lost).toEqual([{ dish: 'Roast roots', portions: 8 }]);
  expect(Object.values(tried?.tasks.about ?? {}).some(({ batch }) => batch === 'roots')).toBe(false);
  expect(tried?.tasks.problem.uses.some(({ resource }) => resource === 'oven')).toBe(false);
});

test('without the cooker, what has another way goes that way, and what has none is lost', () => {
  const view = all();
  const tried = tryOut(view, { if: 'without', station: 'cooker' }, NO_WISHES);
  const cooked = view.batches.filter(({ recipe }) => recipe.document.uses.some(({ station }) => station === 'cooker'));
  expect(cooked.length).toBeGreaterThan(0);
  expect([...(tried?.otherwise ?? []), ...(tried?.lost ?? [])].map(({ dish }) => dish).sort()).toEqual(
    cooked.map(({ recipe }) => recipe.document.component.name).sort(),
  );
  expect(tried?.otherwise.map(({ dish }) => dish)).toContain('Millet');
  expect(tried?.tasks.problem.uses.some(({ resource }) => resource === 'cooker')).toBe(false);
});

test('more cooks, a later start and another method change only what they say', () => {
  const view = all();
  const plain = tryOut(view, { if: 'later', minutes: 60 }, NO_WISHES);
  expect(plain).toMatchObject({ cooks: 1, laterMinutes: 60, lost: [], otherwise: [] });
  // With two cooks the same is done with what there is; only that nobody's knife waits for somebody else's pan.
  const alone = plain?.tasks.problem;
  expect(tryOut(view, { if: 'cooks', cooks: 2 }, NO_WISHES)?.tasks.problem).toEqual({
    ...alone,
    cooks: 2,
    resources: alone?.resources.filter(({ id }) => id !== 'knife'),
    uses: alone?.uses.filter(({ resource }) => resource !== 'knife'),
  });
  const grain = view.batches.find(({ state }) => state.id === 'grain');
  const method = grain?.written.methods?.[0];
  const tried = tryOut(view, { if: 'method', batch: 'grain', method: method?.id }, NO_WISHES);
  const steps = (batch: string) =>
    new Set(Object.values(tried?.tasks.about ?? {}).flatMap((task) => (task.batch === batch ? [task.step] : [])));
  expect([...steps('grain')].every((step) => method?.steps.some(({ id }) => id === step))).toBe(true);
});

test('what the cook has said holds in what is tried, too', () => {
  const view = all();
  const task = tryOut(view, { if: 'later', minutes: 60 }, NO_WISHES)?.tasks.problem.tasks[0]?.id ?? '';
  const pinned = tryOut(view, { if: 'later', minutes: 60 }, { pins: { [task]: 30 }, breaks: [{ from: 60, to: 90 }] });
  expect(pinned?.tasks.problem.tasks.find(({ id }) => id === task)?.at).toBe(30);
  expect(pinned?.tasks.problem.away).toEqual([{ from: 60, to: 90, hands: 1 }]);
});
