import { BOOK } from '@kestrel-ridge/core/food';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { Fraction, MINUTE_MS } from '@kestrel-ridge/core/quantity';
import { STARTER_RECIPES } from '@kestrel-ridge/core/recipe';
import { projectRun } from '@kestrel-ridge/core/run';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { search } from '@kestrel-ridge/core/schedule';
import { expandSession } from '@kestrel-ridge/core/session';
import { lanesNow } from './lanesNow.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const { problem, about } = expandSession(
  's',
  STARTER_RECIPES.slice(0, 3).map((recipe) => ({
    id: recipe.component.kind,
    scaled: scaleBatch(recipe, new Fraction(recipe.portions), foods, STARTING_EQUIPMENT),
  })),
  STARTING_EQUIPMENT,
  1,
);
const plan = search(problem, { seed: 1, rounds: 50 });
const startedAt = Date.parse('2026-03-14T09:00:00Z');
const viewAt = (afterMinutes: number) =>
  projectRun(problem, plan, startedAt, new Map(), startedAt + afterMinutes * MINUTE_MS);

test.each([0, 25])(
  '%s minutes after a start that nobody ticks, every bar stands where its step is expected',
  (late) => {
    const view = viewAt(late);
    const { lanes, from, minutes } = lanesNow({ problem, plan, about }, view);
    const bars = lanes.flatMap((lane) => lane.bars);
    expect(bars.length).toBeGreaterThan(5);
    for (const bar of bars) {
      const task = view.tasks.find(({ id }) => id === bar.task);
      expect(from + bar.from * MINUTE_MS).toBe(task?.start);
      expect(from + bar.to * MINUTE_MS).toBe(task?.end);
      expect(bar.to).toBeLessThanOrEqual(minutes);
    }
  },
);
test('one pair of hands is one lane; two who are named have one each, with what is theirs', () => {
  const hands = (who: Readonly<Record<string, string>>) =>
    lanesNow(
      {
        problem,
        plan,
        about: Object.fromEntries(
          Object.entries(about).map(([id, each]) => [id, who[id] === undefined ? each : { ...each, who: who[id] }]),
        ),
      },
      viewAt(0),
    ).lanes.filter((lane) => lane.hands);
  expect(hands({}).map(({ name }) => name)).toEqual(['Hands']);
  const manual = Object.values(about).filter(({ attention }) => attention.needs === 'hands');
  const shared = Object.fromEntries(manual.map(({ id }, n) => [id, n % 2 === 0 ? 'Wren' : 'Rook']));
  expect(
    hands(shared).map(({ name, bars }) => [
      name,
      bars.map(({ task }) => shared[task ?? '']).every((who) => who === name),
    ]),
  ).toEqual([
    ['Rook', true],
    ['Wren', true],
  ]);
});
