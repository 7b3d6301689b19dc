import { BOOK } from '@kestrel-ridge/core/food';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { STARTER_RECIPES } from '@kestrel-ridge/core/recipe';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { search, whyNotEarlier } from '@kestrel-ridge/core/schedule';
import { expandSession } from '@kestrel-ridge/core/session';
import { holdWords } from './holdWords.ts';
import { lanesOf } from './lanes.ts';
import { localMoment, momentOf } from '@kestrel-ridge/core/quantity';
import { ridgePath, smoothed } from './ridgePath.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const tasks = expandSession(
  's',
  STARTER_RECIPES.map((recipe) => ({
    id: recipe.component.kind,
    scaled: scaleBatch(recipe, new Fraction(recipe.portions), foods, STARTING_EQUIPMENT),
  })),
  STARTING_EQUIPMENT,
  1,
);
const plan = search(tasks.problem, { seed: 1, rounds: 50 });
const lanes = lanesOf(tasks, plan, { names: ['Hands'], who: undefined });

test('a lane for the hands first, then each appliance that is used', () =>
  expect(lanes.map((lane) => lane.name.replace(/ \d/, ''))).toEqual(
    expect.arrayContaining(['Hands', 'Cooker', 'Oven', 'Burner', 'Jug']),
  ));

test('law: bars of one row never overlap', () => {
  for (const lane of lanes)
    for (let row = 0; row < lane.rows; row++) {
      const bars = lane.bars.filter((bar) => bar.row === row).sort((a, b) => a.from - b.from);
      bars.slice(1).forEach((bar, n) => expect(bar.from).toBeGreaterThanOrEqual(bars[n]?.to ?? 0));
    }
});

test('every task of hands stands in the lane of hands, each wash too', () => {
  const shown = lanes[0]?.bars.length;
  expect(shown).toBe(tasks.problem.tasks.filter((task) => task.attention === 'full').length + plan.washes.length);
});

test('with cooks by their names every task stands in one lane, and what is given to nobody in one of its own', () => {
  const hands = tasks.problem.tasks.filter((task) => task.attention === 'full').map(({ id }) => id);
  const who = Object.fromEntries(hands.slice(2).map((id, n) => [id, n % 2 === 0 ? 'Ines' : 'Teo']));
  const named = lanesOf(tasks, plan, { names: ['Ines', 'Teo'], who }).filter((lane) => lane.hands);
  expect(named.flatMap(({ bars }) => bars.flatMap(({ task }) => task ?? [])).sort()).toEqual([...hands].sort());
  const nobodys = named.filter(({ name }) => name === 'Given to nobody').flatMap(({ bars }) => bars);
  expect(hands.slice(0, 2).every((id) => nobodys.some(({ task }) => task === id))).toBe(true);
});

test('every reason has words, and names no id', () => {
  for (const { id } of tasks.problem.tasks) {
    const words = holdWords(whyNotEarlier(tasks.problem, plan, id), tasks, plan, (minute) => `${minute}`);
    expect(words).toMatch(/^[A-Z“].*\.$/);
    expect(words).not.toMatch(/\//);
  }
});

test('the ridge is a hill within its box; single minutes of rest are no valley', () => {
  expect(smoothed([1, 1, 1, 0, 1, 1, 1])[3]).toBeGreaterThan(0.8);
  const numbers = [...ridgePath([0, 1, 1, 2, 0], { widthPx: 100, heightPx: 40 }).matchAll(/[\d.]+/g)].map(Number);
  expect(Math.max(...numbers)).toBeLessThanOrEqual(100);
  expect(ridgePath([], { widthPx: 100, heightPx: 40 })).not.toContain('NaN');
});

describe('a moment by the clocks of a zone', () => {
  test.each([
    ['2026-03-01T09:00', 'Europe/Berlin'],
    ['2026-03-29T07:00', 'Europe/Berlin'],
    ['2026-10-25T12:30', 'America/New_York'],
  ])('%s in %s, there and back', (local, zone) => expect(localMoment(momentOf(local, zone) ?? 0, zone)).toBe(local));
  test('what is no moment is none', () => expect(momentOf('noon', 'UTC')).toBeUndefined());
});
