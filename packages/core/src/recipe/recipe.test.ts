import fc from 'fast-check';
import { BOOK } from '../food/index.ts';
import { WRITTEN_NUMBER, WRITTEN_SHARE, writeFiguresSo } from '../quantity/index.ts';
import {
  compareRevisions,
  componentFood,
  faultsOf,
  skipSteps,
  STARTER_RECIPES,
  writtenPlain,
  writtenWords,
  type Revision,
} from './index.ts';

test.each(STARTER_RECIPES.map((recipe) => [recipe.name, recipe] as const))('%s has no fault', (_, recipe) =>
  expect(faultsOf(recipe)).toEqual([]),
);

test('beans of the kidney kind carry their caution in every recipe that cooks them', () => {
  const beans = BOOK.filter((food) => food.facts.hazard === 'boil beans hard').map((food) => food.id);
  for (const recipe of STARTER_RECIPES)
    if (recipe.lines.some((line) => beans.includes(line.food)))
      expect(recipe.steps.some((step) => step.cautions?.includes('beans'))).toBe(true);
});

describe('what cannot be cooked is said, with the field', () => {
  const [millet] = STARTER_RECIPES;
  if (!millet) throw new Error('no recipe');
  const broken = (change: Partial<Revision>) => faultsOf({ ...millet, ...change }).map((fault) => fault.field);
  const [first, ...others] = millet.lines;
  if (!first) throw new Error('no line');

  test('shares that do not add up', () =>
    expect(broken({ lines: [{ ...first, into: [{ step: 'rinse', share: '1/2' }] }, ...others] })).toContain(
      'lines.millet',
    ));
  test('a line into a step that is not there', () =>
    expect(broken({ lines: [{ ...first, into: [{ step: 'gone', share: '1' }] }, ...others] })).toContain(
      'lines.millet',
    ));
  test('steps that wait in a circle', () =>
    expect(
      broken({
        steps: millet.steps.map((step) =>
          step.id === 'rinse' ? { ...step, after: [{ step: 'loosen', min: 0, max: null }] } : step,
        ),
      }),
    ).toContain('steps'));
  test('a longest wait below the shortest', () =>
    expect(
      broken({
        steps: millet.steps.map((step) =>
          step.id === 'loosen' ? { ...step, after: [{ step: 'press', min: 10, max: 5 }] } : step,
        ),
      }),
    ).toContain('steps.loosen'));
  test('a station held by nobody', () =>
    expect(broken({ uses: [{ station: 'jug', from: 'x', to: 'rinse' }] })).toContain('uses'));
  test('a station that ends before it begins', () => {
    const [first, second] = millet.steps.filter(({ after }) => after.length > 0);
    const before = first?.after[0]?.step ?? '';
    expect(second).toBeDefined();
    expect(broken({ uses: [{ station: 'jug', from: first?.id ?? '', to: before }] })).toContain('uses');
    expect(broken({ uses: [{ station: 'jug', from: before, to: first?.id ?? '' }] })).not.toContain('uses');
  });
  test('law: whatever is typed into a field, a fault is told and nothing breaks', () =>
    fc.assert(
      fc.property(
        fc.oneof(fc.string({ maxLength: 8 }), fc.constantFrom('80 ', '1/', '1/0', '-1', '', '1e9', '½')),
        (typed) => {
          const [line] = millet.lines;
          if (!line) throw new Error('no line');
          const shared = {
            lines: [
              { ...line, into: line.into.map((share) => ({ ...share, share: typed })) },
              ...millet.lines.slice(1),
            ],
          };
          const amounts = { lines: [{ ...line, amount: { ...line.amount, n: typed } }, ...millet.lines.slice(1)] };
          if (!WRITTEN_SHARE.test(typed)) expect(broken(shared)).toContain(`lines.${line.id}`);
          if (!WRITTEN_NUMBER.test(typed)) expect(broken(amounts)).toContain(`lines.${line.id}`);
          for (const change of [shared, amounts]) {
            const draft = { ...millet, ...change };
            expect(() => compareRevisions(millet, draft, new Map(BOOK.map((food) => [food.id, food])))).not.toThrow();
            expect(() => skipSteps(draft, [line.into[0]?.step ?? ''])).not.toThrow();
          }
        },
      ),
    ));
  test('nothing in it', () => expect(broken({ lines: [] })).toContain('lines'));
});

test('a component carries the allergens of all its lines', () => {
  const foods = new Map(BOOK.map((food) => [food.id, food]));
  const roots = STARTER_RECIPES.find((recipe) => recipe.component.kind === 'roots');
  const sauce = STARTER_RECIPES.find((recipe) => recipe.component.kind === 'sauce');
  expect(roots && componentFood(roots, foods).facts.allergens).toEqual(['celery']);
  expect(sauce && componentFood(sauce, foods).facts.allergens).toEqual(['mustard', 'sulphites']);
});

test('an amount as written has the kitchen’s own sign on a screen, and a point in a file', () => {
  writeFiguresSo({ decimal: ',' });
  expect(writtenWords({ n: '1.5', unit: 'kg' })).toBe('1,5 kg');
  expect(writtenPlain({ n: '1.5', unit: 'kg' })).toBe('1.5 kg');
  expect(writtenWords({ n: '1 1/2', unit: 'cup' })).toBe('1 1/2 cups');
  writeFiguresSo(undefined);
  expect(writtenWords({ n: '1.5', unit: 'kg' })).toBe('1.5 kg');
});
