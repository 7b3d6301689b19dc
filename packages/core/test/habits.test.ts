import { BOOK, bookFoodId } from '../src/food/index.ts';
import { STARTING_EQUIPMENT, type Equipment } from '../src/kitchen/index.ts';
import { Fraction } from '../src/quantity/index.ts';
import { STARTER_RECIPES, type Revision, type Step } from '../src/recipe/index.ts';
import { after, fixed, hands, inProportion, line, look, nobody, work } from '../src/recipe/write/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { check, search } from '../src/schedule/index.ts';
import { expandSession } from '../src/session/index.ts';

// Times and ways that single kitchens keep: common practice, no published source. A range around them is checked, not the number.
const foods = new Map(BOOK.map((food) => [food.id, food]));
const [plain] = STARTER_RECIPES;
if (!plain) throw new Error('no recipe');
const dish = (name: string, more: Pick<Revision, 'lines' | 'steps' | 'uses' | 'vessel'>): Revision => ({
  name,
  portions: 4,
  component: { ...plain.component, name, id: bookFoodId(name) },
  ...more,
});
const planned = (recipes: readonly Revision[], equipment: Equipment = STARTING_EQUIPMENT, cooks = 1) => {
  const tasks = expandSession(
    's',
    recipes.map((recipe, n) => ({ id: `${n}`, scaled: scaleBatch(recipe, new Fraction(4), foods, equipment) })),
    equipment,
    cooks,
  );
  const plan = search(tasks.problem, { seed: 1, rounds: 4000 });
  expect(check(tasks.problem, plan)).toEqual([]);
  const end = (id: string) =>
    (plan.starts[id] ?? 0) + (tasks.problem.tasks.find((task) => task.id === id)?.minutes ?? 0);
  return { tasks, plan, end };
};

test('split chickpeas simmer for 35 min, mung beans for 15: the second goes in 20 min later, and both are done together in one pot', () => {
  const steps: readonly Step[] = [
    work('first', 'Split chickpeas into the pot', fixed(1), hands),
    work('simmer', 'Chickpeas simmering', fixed(19), nobody, [after('first', 0, 0)]),
    work('second', 'Mung beans into the same pot', fixed(1), hands, [after('simmer', 0, 0)]),
    work('both', 'Both simmering', fixed(15), nobody, [after('second', 0, 0)]),
    work('off', 'Off the heat', fixed(2), hands, [after('both', 0, 2)]),
  ];
  const { plan, tasks } = planned([
    dish('two legumes', {
      vessel: 'pot',
      lines: [
        line('split chickpeas', '200', 'g', inProportion, 'first'),
        line('mung beans', '200', 'g', inProportion, 'second'),
      ],
      steps,
      uses: [{ station: 'burner', from: 'first', to: 'off' }],
    }),
  ]);
  const start = (step: string) => plan.starts[`0/${step}`] ?? 0;
  expect(start('second') - start('first')).toBe(20);
  expect(start('off') - start('first')).toBeGreaterThanOrEqual(35);
  expect(tasks.problem.uses.filter(({ resource }) => resource === 'burner')).toHaveLength(1);
  expect(tasks.about['0/second']?.goesIn.map(({ food }) => food)).toEqual(['mung beans']);
});

const baked = (name: string, minutes: number, celsius: number, toleranceC: number) =>
  dish(name, {
    vessel: 'tray',
    lines: [line('parsnip', '300', 'g', inProportion, 'in')],
    steps: [
      work('in', `${name} in`, fixed(1), hands),
      work('bake', `${name} baking`, fixed(minutes), look(10), [after('in', 0, 0)]),
      work('out', `${name} out`, fixed(1), hands, [after('bake', 0, 3)]),
    ],
    uses: [{ station: 'oven', from: 'in', to: 'out', celsius, toleranceC }],
  });

test('cubes at 200 °C for 20 min, or at 180 for 20 to 25, bake beside whole roots at 180 °C for 60: one heat, one hour', () => {
  const { plan, tasks } = planned([baked('cubes', 22, 200, 20), baked('whole roots', 60, 180, 5)]);
  expect(new Set(tasks.problem.uses.flatMap(({ temperature }) => temperature ?? []))).toEqual(new Set([180]));
  // Heating up, an hour, and the hands before and after it.
  expect(plan.makespan).toBeLessThanOrEqual(12 + 1 + 62 + 3);
});

test('at 230 °C halved fruit for 30 min cannot share with the roots: the oven changes, and the day is longer', () => {
  const { plan } = planned([baked('halves', 30, 230, 10), baked('whole roots', 60, 180, 5)]);
  expect(plan.makespan).toBeGreaterThan(12 + 30 + 60);
});

test('what an air fryer shakes halfway takes no oven and no burner, and a look', () => {
  const { tasks, plan } = planned(
    [
      dish('crisp cubes', {
        vessel: 'air fryer',
        lines: [line('tofu', '200', 'g', inProportion, 'in')],
        steps: [
          work('in', 'Cubes into the basket', fixed(1), hands),
          work('fry', 'Cubes crisping', fixed(15), look(8), [after('in', 0, 0)]),
          work('out', 'Cubes out', fixed(1), hands, [after('fry', 0, 2)]),
        ],
        uses: [{ station: 'air fryer', from: 'in', to: 'out', celsius: 200 }],
      }),
    ],
    { ...STARTING_EQUIPMENT, airFryer: { basketCm2: 900 } },
  );
  expect(tasks.problem.uses.every(({ resource }) => resource === 'air fryer')).toBe(true);
  expect(plan.makespan).toBe(17);
});
