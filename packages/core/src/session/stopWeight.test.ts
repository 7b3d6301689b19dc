import { BOOK } from '../food/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { Fraction } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import { after, becomes, fixed, hands, inProportion, line, look, work } from '../recipe/write/index.ts';
import { STARTER_RECIPES } from '../recipe/index.ts';
import { scaleBatch } from '../scaling/index.ts';
import { stopWeight } from './stopWeight.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const [starter] = STARTER_RECIPES;
if (!starter) throw new Error('no recipe');
const simmer = work('simmer', 'Simmer until thick', fixed(20), look(5), [after('fill', 0, 0)]);
const pot: Revision = {
  ...starter,
  portions: 4,
  vessel: 'pot',
  lines: [
    line('red lentils', '300', 'g', inProportion, 'fill', { becomes: becomes(1) }),
    line('water', '900', 'mL', inProportion, 'fill', { becomes: becomes(0.8) }),
    line('cider vinegar', '20', 'g', inProportion, 'season'),
    { ...line('parsley', '10', 'g', inProportion, 'season'), optional: true },
  ],
  steps: [
    work('fill', 'Lentils and water into the pot', fixed(2), hands),
    simmer,
    work('season', 'Season', fixed(2), hands, [after('simmer')]),
  ],
  uses: [{ station: 'burner', from: 'fill', to: 'season' }],
};
const scaled = (recipe: Revision, portions = 8) =>
  scaleBatch(recipe, new Fraction(portions), foods, STARTING_EQUIPMENT);

test('a pot is done at the weight of the dish less what goes in later, for each of its loads', () => {
  // By hand: twice 300 + 0.8 × 900 g are 2040 g; the vinegar comes later, the parsley never counts.
  expect(stopWeight(simmer, scaled(pot), 1)).toBe(2040);
  expect(stopWeight(simmer, scaled(pot), 2)).toBe(1020);
});

test.each([
  ['hands stir it all the time', { ...simmer, attention: { needs: 'hands' } as const }, pot],
  [
    'something is poured off',
    simmer,
    { ...pot, uses: [...pot.uses, { station: 'strainer', from: 'season', to: 'season' } as const] },
  ],
  ['it does not stand on a burner', simmer, { ...pot, uses: [] }],
  [
    'something else is cooked apart and folded in',
    simmer,
    {
      ...pot,
      lines: [...pot.lines, line('kale', '200', 'g', inProportion, 'apart')],
      steps: [...pot.steps, work('apart', 'Wilt the kale', fixed(3), hands)],
    },
  ],
] as const)('where %s, nothing is said', (_why, step, recipe) =>
  expect(stopWeight(step, scaled(recipe), 1)).toBeUndefined(),
);
