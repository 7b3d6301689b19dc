import path from 'node:path';
import { main, run, TSC } from '../scripts/step.mjs';
import { figure, median } from './figure.mjs';

/** Invented kitchens of each leaning. */
const LEANINGS = [
  'any',
  'one eater',
  'six with exclusions',
  'empty shelf',
  'full freezer',
  'session on Tuesday',
  'any',
  'any',
  'six with exclusions',
  'any',
];
const KITCHENS = 20;
const SEEDS = 20;
const LONG_MS = 60_000;
const SIX_OF_SEVEN = 6 / 7;

await main(async () => {
  await run('node', [TSC, '-b', 'packages/core', 'apps/server'], { log: 'build-core' });
  const root = path.resolve(import.meta.dirname, '..');
  const at = (name) => import(path.join(root, 'packages/core/dist', name, 'index.js'));
  const [view, week, schedule] = await Promise.all(['view', 'week', 'schedule'].map(at));
  const { NOW, inventedKitchen } = await import('./kitchens.mjs');
  const { askOf, freezerLeft, judgeWeek, suggestedChange, tasksOf, tryWeek, withChange } = view;
  const {
    FIRST_EFFORT,
    FURTHER_EFFORT,
    KEPT_DRAFTS,
    PASSES,
    PROFILES,
    bestOfEach,
    daysFed,
    flat,
    scoreOf,
    weekFold,
    weekGoodAt,
    weightsFor,
  } = week;
  const profiles = Object.keys(PROFILES);
  const asked = (kitchen) => askOf(kitchen, { locked: {}, keepSet: false, handsAtMost: undefined }, NOW);

  /** The weeks that the page would show, after so many passes. */
  function weeksOf(ask, seed, passes, breaks) {
    let known = [];
    for (let n = 0; n < passes; n++) {
      const effort = n === 0 ? FIRST_EFFORT : FURTHER_EFFORT;
      const more = profiles.map(
        (goodAt, p) =>
          weekGoodAt({ ask, goodAt, pulled: {}, known, effort: { ...effort, seed: (seed * PASSES + n) * 8 + p } })
            .draft,
      );
      known = [...more, ...known].slice(0, KEPT_DRAFTS);
    }
    return { known, weeks: bestOfEach(ask, {}, known, breaks) };
  }

  /** What a week breaks, judged by the folds of the week's own pages once it would be taken. */
  function broken(kitchen, ask, suggested) {
    const tried = tryWeek(kitchen, suggestedChange(kitchen, ask, suggested), NOW);
    const after = withChange(kitchen, tried.change, NOW);
    const breaks = [];
    if (tried.broken.length > 0) breaks.push('a meal falls short');
    const isMain = new Set(
      ask.candidates.flatMap(({ food, kind }) => (kind === 'dish' || kind === 'legume' ? food : [])),
    );
    const slots = after.week.slots;
    for (const { day, meal, parts } of slots)
      if (meal === 'lunch') {
        const dinner = slots.find((other) => other.day === day && other.meal === 'dinner');
        if (parts.some(({ food }) => isMain.has(food) && dinner?.parts.some((part) => part.food === food)))
          breaks.push('the same main twice a day');
      }
    for (const { days } of daysFed(ask, suggested.eaten)) {
      const here = days.filter(Boolean);
      if (here.filter(({ within }) => within).length < Math.floor(here.length * SIX_OF_SEVEN))
        breaks.push('an eater is not fed');
    }
    const left = freezerLeft(kitchen);
    const litres = after.batches.reduce(
      (sum, { state, scaled }) => sum + (Number(state.freezePortions) * scaled.portionG) / 800,
      0,
    );
    if (left && litres > left.value + 0.3) breaks.push('more is frozen than there is room for');
    for (const session of after.week.sessions) {
      const mine = after.batches.filter(({ state }) => state.session === session.id);
      if (mine.length === 0) continue;
      const { asked: problem, tasks } = tasksOf(session, mine, after.kitchen.equipment, session.cooks, session.wishes);
      try {
        const plan = schedule.search(problem.problem, { seed: 1, rounds: 300 });
        if (tasks.faults.length > 0 || schedule.check(problem.problem, plan).length > 0)
          breaks.push('a session cannot be planned');
      } catch {
        breaks.push('a session cannot be planned');
      }
    }
    return [...new Set(breaks)];
  }

  let weeks = 0;
  const broke = new Map();
  for (let n = 0; n < KITCHENS; n++) {
    const kitchen = inventedKitchen(n + 1, LEANINGS[n % LEANINGS.length]);
    const ask = asked(kitchen);
    for (const suggested of weeksOf(ask, n, 3, (each) => judgeWeek(kitchen, ask, each, {}, NOW).breaks.length).weeks) {
      weeks += 1;
      for (const what of broken(kitchen, ask, suggested)) broke.set(what, (broke.get(what) ?? 0) + 1);
    }
  }
  for (const what of [
    'a meal falls short',
    'the same main twice a day',
    'an eater is not fed',
    'more is frozen than there is room for',
    'a session cannot be planned',
  ])
    figure(`weeks of ${weeks} in which ${what}`, broke.get(what) ?? 0, 'weeks', '<=0');

  const six = asked(inventedKitchen(3, 'six with exclusions'));
  const took = Array.from({ length: 5 }, (_, n) => {
    const began = performance.now();
    // Two workers look for two weeks each at the same time: one of them is measured.
    for (const goodAt of profiles.slice(0, 2))
      weekGoodAt({ ask: six, goodAt, pulled: {}, known: [], effort: { ...FIRST_EFFORT, seed: n } });
    return performance.now() - began;
  });
  figure('first weeks, one of two workers', median(took), 'ms', '<=600');

  const bestOf = (ask, known) => {
    const own = { ...ask, weights: weightsFor('least waste') };
    const fold = weekFold(own);
    return Math.min(...known.map((draft) => scoreOf(fold(flat(draft)), own)));
  };
  const spread = (ask) => Array.from({ length: SEEDS }, (_, seed) => bestOf(ask, weeksOf(ask, seed + 1, PASSES).known));
  const over = (scores) => Math.max(...scores) / Math.min(...scores);
  const scores = spread(six);
  figure('worst of 20 seeds over the best, six eaters', over(scores), 'ratio', '<=1.02');
  figure('the same, one eater', over(spread(asked(inventedKitchen(2, 'one eater')))), 'ratio', '<=1.02');
  const until = performance.now() + LONG_MS;
  let known = [];
  for (let n = 0; performance.now() < until; n++)
    known = [
      weekGoodAt({ ask: six, goodAt: 'least waste', pulled: {}, known, effort: { ...FURTHER_EFFORT, seed: 900 + n } })
        .draft,
      ...known,
    ].slice(0, 6);
  const long = Math.min(bestOf(six, known), ...scores);
  figure('the median of 20 seeds over the best of a minute, six eaters', median(scores) / long, 'ratio', '<=1.05');
});
