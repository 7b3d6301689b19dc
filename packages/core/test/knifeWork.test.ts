import { BOOK } from '../src/food/index.ts';
import { STARTING_EQUIPMENT } from '../src/kitchen/index.ts';
import { Fraction } from '../src/quantity/index.ts';
import { STARTER_RECIPES } from '../src/recipe/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { check, search } from '../src/schedule/index.ts';
import {
  NO_WISHES,
  canBeAhead,
  canBeShared,
  expandSession,
  inOneGo,
  presentAt,
  tooLate,
  aheadKey,
  withWishes,
  type SessionTasks,
  type Wishes,
} from '../src/session/index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const day = (cooks = 2): SessionTasks =>
  expandSession(
    's',
    STARTER_RECIPES.flatMap((recipe) =>
      ['a', 'b'].map((name) => ({
        id: `${recipe.component.kind} ${name}`,
        scaled: scaleBatch(recipe, new Fraction(recipe.portions), foods, STARTING_EQUIPMENT),
      })),
    ),
    STARTING_EQUIPMENT,
    cooks,
  );
const say = (tasks: SessionTasks, wishes: Partial<Wishes>) =>
  withWishes(tasks, { ...NO_WISHES, ...wishes }, presentAt(undefined, tasks.problem.cooks, 0, 'UTC'));
const hands = ({ problem }: SessionTasks) =>
  problem.tasks.reduce((sum, { minutes, attention }) => sum + (attention === 'full' ? minutes : 0), 0);
const goesIn = ({ about }: SessionTasks) =>
  Object.values(about)
    .flatMap((task) => task.goesIn.map(({ food, amount }) => `${food} ${amount}`))
    .sort();

test('the same food for two dishes is offered to be cut in one go; it takes the board’s minutes less, and nothing that goes in is lost', () => {
  const tasks = day();
  const [offer] = inOneGo(tasks);
  expect(offer?.tasks.length).toBeGreaterThan(1);
  const cut = say(tasks, { together: [offer?.tasks ?? []] });
  expect(hands(tasks) - hands(cut)).toBe(offer?.saves);
  expect(goesIn(cut)).toEqual(goesIn(tasks));
  const plan = search(cut.problem, { seed: 1, rounds: 200 });
  expect(check(cut.problem, plan)).toEqual([]);
  // What waited for any of them waits for the one.
  const joined = cut.problem.tasks.find(({ id }) => id.startsWith('together/'))?.id;
  for (const { to } of tasks.problem.links.filter(({ from }) => offer?.tasks.includes(from)))
    expect(cut.problem.links.some((link) => link.from === joined && link.to === to)).toBe(true);
});

test('two halves of knife work take half as long each, and what follows waits for both', () => {
  const tasks = day();
  const long = tasks.problem.tasks.find(({ id }) => canBeShared(tasks, id));
  if (!long) throw new Error('nothing to share');
  const shared = say(tasks, { shared: [long.id] });
  const halves = shared.problem.tasks.filter(({ id }) => id.startsWith(`${long.id}/half`));
  expect(halves.map(({ minutes }) => minutes)).toEqual([Math.ceil(long.minutes / 2), Math.ceil(long.minutes / 2)]);
  const after = tasks.problem.links.filter(({ from }) => from === long.id).length;
  expect(shared.problem.links.filter(({ from }) => halves.some(({ id }) => id === from))).toHaveLength(2 * after);
  expect(canBeShared(day(1), long.id)).toBe(false);
});

test('what keeps cut leaves the day and stands on the list of the evening before; what browns stays', () => {
  const tasks = day();
  const keeps = tasks.problem.tasks.find(({ id }) => canBeAhead(tasks, id))?.id ?? '';
  const before = say(tasks, { ahead: [keeps] });
  expect(before.problem.tasks.some(({ id }) => id === keeps)).toBe(false);
  expect(before.ahead).toHaveLength(tasks.ahead.length + 1);
  expect(before.ahead.at(-1)?.goesIn).toEqual(tasks.about[keeps]?.goesIn);
  const browns = Object.values(tasks.about).find(({ name }) => name.includes('celeriac') && name.includes('cut'));
  expect(browns?.cutting).toBe('now');
  expect(canBeAhead(tasks, browns?.id ?? '')).toBe(false);
});

test('an order that was locked holds; one that contradicts the recipe falls away', () => {
  const tasks = day();
  const [first, second] = tasks.problem.tasks.filter(({ id }) => tasks.about[id]?.cutting).map(({ id }) => id);
  const locked = say(tasks, { orders: [[second ?? '', first ?? '']] });
  const plan = search(locked.problem, { seed: 1, rounds: 300 });
  const end = (plan.starts[second ?? ''] ?? 0) + (locked.problem.tasks.find(({ id }) => id === second)?.minutes ?? 0);
  expect(plan.starts[first ?? '']).toBeGreaterThanOrEqual(end);
  const link = tasks.problem.links[0];
  const backwards = say(tasks, { orders: [[link?.to ?? '', link?.from ?? '']] });
  expect(backwards.problem.links).toHaveLength(tasks.problem.links.length);
});

test('a soak that had to begin yesterday is told, with the hour it would be ready; said to have begun, it is not', () => {
  const tasks = day();
  const start = Date.parse('2026-03-01T10:00:00Z');
  const two = start - 2 * 3_600_000;
  const [late] = tooLate(tasks, [], start, two);
  expect(late).toMatchObject({ hours: 2, startMs: two + 8 * 3_600_000 });
  expect(tooLate(tasks, tasks.ahead.map(aheadKey), start, two)).toEqual([]);
  expect(tooLate(tasks, [], start, start - 9 * 3_600_000)).toEqual([]);
});
