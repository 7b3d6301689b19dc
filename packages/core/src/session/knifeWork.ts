import type { SessionTasks } from './expand.ts';
import type { Problem, ProblemLink } from './problem.ts';
import { taskOf } from './taskOf.ts';
import type { TaskAbout, GoesIn } from './taskAbout.ts';

/** Getting board, knife and bowls out and cleaning them: done once for what is cut in one go. Common practice, no published source. */
export const BOARD_MINUTES = 2;
/** Less is not worth sharing. */
const WORTH_SHARING = 6;
/** Hours before the session within which cut vegetables keep, covered and cold. Common practice, no published source. */
const CUT_KEEPS_HOURS = { least: 1, most: 18 };

const exactly = (n: number) => ({ earliest: n, expected: n, latest: n });

/** Knife work for several dishes that cuts the same food, and may be done in one go: what it is, and what that saves. */
export interface InOneGo {
  readonly tasks: readonly string[];
  readonly food: string;
  readonly dishes: readonly string[];
  readonly saves: number;
}

/** What might be cut in one go: the same food for several dishes. Each task is offered once, with the food that most dishes share. */
export function inOneGo({ problem, about }: SessionTasks): readonly InOneGo[] {
  const cutting = problem.tasks.flatMap(({ id }) => (about[id]?.cutting && isFree(problem, id) ? [about[id]] : []));
  const byFood = new Map<string, TaskAbout[]>();
  for (const task of cutting)
    for (const food of new Set(task.goesIn.map((into) => into.food)))
      byFood.set(food, [...(byFood.get(food) ?? []), task]);
  const taken = new Set<string>();
  return [...byFood]
    .sort((a, b) => b[1].length - a[1].length || a[0].localeCompare(b[0]))
    .flatMap(([food, tasks]) => {
      const mine = tasks.filter(({ id }) => !taken.has(id));
      if (new Set(mine.map(({ batch }) => batch)).size < 2) return [];
      for (const { id } of mine) taken.add(id);
      return [
        {
          tasks: mine.map(({ id }) => id),
          food,
          dishes: [...new Set(mine.map(({ dish }) => dish))],
          saves: BOARD_MINUTES * (mine.length - 1),
        },
      ];
    });
}

/** The foods of a dish that may be cut in one go with those of another: what waits for nothing and holds nothing but hands. */
export const cutsFreely = ({ problem, about }: Pick<SessionTasks, 'problem' | 'about'>): readonly string[] => [
  ...new Set(
    problem.tasks.flatMap(({ id }) =>
      about[id]?.cutting && isFree(problem, id) ? about[id].goesIn.map(({ food }) => food) : [],
    ),
  ),
];

/** Does a task wait for nothing and hold nothing but hands? Then it can be moved, shared and joined freely. */
const isFree = (problem: Problem, id: string): boolean =>
  !problem.links.some((link) => link.to === id) && !problem.uses.some(({ from, to }) => from === id || to === id);

/** Several tasks as one: its minutes are theirs less the board's, and all that waited for one of them waits for it. */
export function cutTogether(tasks: SessionTasks, ids: readonly string[]): SessionTasks {
  const mine = ids.flatMap((id) => tasks.about[id] ?? []).filter(({ id }) => isFree(tasks.problem, id));
  const [first] = mine;
  if (!first || mine.length < 2) return tasks;
  const gone = new Set(mine.map(({ id }) => id));
  const id = `together/${[...gone].join('+')}`;
  const minutes = mine.reduce((sum, { window }) => sum + window.expected, 0) - BOARD_MINUTES * (mine.length - 1);
  const dishes = [...new Set(mine.map(({ dish }) => dish))];
  const joined: TaskAbout = {
    ...first,
    id,
    batch: null,
    dish: dishes.join(' and '),
    step: id,
    load: 0,
    loads: 1,
    name: `${mine.map(({ name }) => name).join('; ')}, in one go`,
    skills: [...new Set(mine.flatMap(({ skills }) => skills))],
    cutting: mine.every(({ cutting }) => cutting === 'keeps') ? 'keeps' : 'now',
    window: exactly(Math.max(1, minutes)),
    cautions: [...new Set(mine.flatMap(({ cautions }) => cautions))],
    goesIn: mine.flatMap(({ goesIn, dish }) => goesIn.map((into): GoesIn => ({ ...into, form: formFor(into, dish) }))),
    because: {
      rule: `cut in one go: the board comes out once, ${BOARD_MINUTES} min saved each time`,
      figure: `${Math.max(1, minutes)} min`,
      parts: mine.map(({ dish, window }) => ({ rule: dish, figure: `${window.expected} min` })),
      source: 'common practice, no published source',
    },
  };
  return replaced(tasks, gone, [joined], (link) => (gone.has(link.from) ? [{ ...link, from: id }] : [link]));
}

const formFor = ({ form }: GoesIn, dish: string) => `${form ? `${form}, ` : ''}for ${dish}`;

/** Long knife work as two halves that two people may do at the same time. */
export function shareOutTask(tasks: SessionTasks, id: string): SessionTasks {
  const task = tasks.about[id];
  if (!task?.cutting || task.window.expected < WORTH_SHARING) return tasks;
  const half = Math.ceil(task.window.expected / 2);
  const halves = [1, 2].map((n): TaskAbout => ({
    ...task,
    id: `${id}/half ${n}`,
    name: `${task.name}, one half`,
    window: exactly(half),
    goesIn: task.goesIn.map((into) => ({ ...into, share: 'half' })),
  }));
  const each = (link: ProblemLink): readonly ProblemLink[] => {
    if (link.from === id) return halves.map((part) => ({ ...link, from: part.id }));
    if (link.to === id) return halves.map((part) => ({ ...link, to: part.id }));
    return [link];
  };
  if (tasks.problem.uses.some(({ from, to }) => from === id || to === id)) return tasks;
  return replaced(tasks, new Set([id]), halves, each);
}

export const canBeShared = (tasks: SessionTasks, id: string): boolean =>
  shareOutTask(tasks, id) !== tasks && tasks.problem.cooks > 1;

/** Knife work whose food keeps may be done the evening before: it leaves the day and stands on the list of what is begun ahead. */
export function theEveningBefore(tasks: SessionTasks, id: string): SessionTasks {
  const task = tasks.about[id];
  if (!task || !canBeAhead(tasks, id)) return tasks;
  const done = replaced(tasks, new Set([id]), [], (link) => (link.from === id ? [] : [link]));
  return {
    ...done,
    ahead: [
      ...tasks.ahead,
      {
        batch: task.batch ?? id,
        dish: task.dish,
        name: `${task.name}, into a box, cold`,
        leastHours: CUT_KEEPS_HOURS.least,
        mostHours: CUT_KEEPS_HOURS.most,
        goesIn: task.goesIn,
        cautions: task.cautions,
      },
    ],
  };
}

export const canBeAhead = ({ problem, about }: SessionTasks, id: string): boolean =>
  about[id]?.cutting === 'keeps' &&
  isFree(problem, id) &&
  !problem.links.some((link) => link.from === id && link.max !== null);

function replaced(
  tasks: SessionTasks,
  gone: ReadonlySet<string>,
  put: readonly TaskAbout[],
  link: (was: ProblemLink) => readonly ProblemLink[],
): SessionTasks {
  const { problem } = tasks;
  const about = Object.fromEntries(Object.entries(tasks.about).filter(([id]) => !gone.has(id)));
  for (const each of put) about[each.id] = each;
  const at = problem.tasks.findIndex(({ id }) => gone.has(id));
  const kept = problem.tasks.filter(({ id }) => !gone.has(id));
  return {
    ...tasks,
    about,
    problem: {
      ...problem,
      tasks: [...kept.slice(0, at), ...put.map(taskOf), ...kept.slice(at)],
      links: problem.links.flatMap(link),
    },
  };
}
