import { beginningSteps, beginningWords, isBeginning, nextStep } from './beginning.ts';
import { boxes, kitchen, session } from './kitchenForTests.ts';

const full = kitchen();
const empty = { ...full, lots: [], recipes: [], batches: [], session: undefined, week: { ...full.week, eaters: [] } };

test('an empty kitchen is offered one step after the other; one that is put off comes again when nothing else is left', () => {
  const steps = beginningSteps(empty);
  expect(isBeginning(empty)).toBe(true);
  expect(beginningWords(steps)).toBe('1 of 6 done');
  expect(nextStep(steps, [])?.key).toBe('eaters');
  expect(nextStep(steps, ['eaters'])?.key).toBe('shelf');
  const last = beginningSteps({ ...full, week: { ...full.week, eaters: [] } });
  expect(nextStep(last, ['eaters'])?.key).toBe('eaters');
});

test('one recipe is no choice for a week, two are', () => {
  const recipesDone = (n: number) =>
    beginningSteps({ ...empty, recipes: full.recipes.slice(0, n) }).find(({ key }) => key === 'recipes')?.done;
  expect([recipesDone(1), recipesDone(2)]).toEqual([false, true]);
});

test('a kitchen that has cooked, or cooks, begins no more', () => {
  expect(isBeginning({ ...empty, lots: [boxes(4, 'fridge')] })).toBe(false);
  expect(isBeginning({ ...empty, session: { ...session, status: 'running' } })).toBe(false);
});
