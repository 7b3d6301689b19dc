import type { Plan, Problem } from '../session/index.ts';
import { check, type Broken } from './check.ts';

/** The one thing that holds a task where it stands. */
export type Hold =
  | { readonly holds: 'beginning' }
  | { readonly holds: 'after'; readonly task: string; readonly minutes: number }
  | { readonly holds: 'hands'; readonly busyWith: readonly string[]; readonly mover: string }
  | { readonly holds: 'vessel'; readonly resource: string; readonly lastTask: string; readonly washed: boolean }
  | { readonly holds: 'full'; readonly resource: string }
  | { readonly holds: 'heat'; readonly resource: string; readonly celsius: number; readonly lastTask?: string }
  | { readonly holds: 'together'; readonly task: string }
  | { readonly holds: 'pinned' }
  | { readonly holds: 'nothing' };

const minutesOf = (problem: Problem): ReadonlyMap<string, number> =>
  new Map(problem.tasks.map((task) => [task.id, task.minutes]));

/** The plan with a task, and all that must not fall further behind it, one minute earlier. */
function nudged(
  problem: Problem,
  plan: Plan,
  task: string,
): { readonly plan: Plan; readonly moved: ReadonlySet<string> } {
  const minutes = minutesOf(problem);
  const moved = new Set([task]);
  for (const id of moved)
    for (const { from, to, max } of problem.links) {
      if (from !== id || max === null) continue;
      if ((plan.starts[to] ?? 0) - (plan.starts[from] ?? 0) - (minutes.get(from) ?? 0) >= max) moved.add(to);
    }
  const starts = Object.fromEntries(
    Object.entries(plan.starts).map(([id, start]) => [id, moved.has(id) ? start - 1 : start]),
  );
  const makespan = Math.max(0, ...problem.tasks.map(({ id }) => (starts[id] ?? 0) + (minutes.get(id) ?? 0)));
  return { plan: { ...plan, starts, makespan }, moved };
}

/**
 * Why a task does not start a minute earlier: it is tried, and the first rule that breaks is the answer.
 */
export function whyNotEarlier(problem: Problem, plan: Plan, task: string): Hold {
  if ((plan.starts[task] ?? 0) === 0) return { holds: 'beginning' };
  const tried = nudged(problem, plan, task);
  if ([...tried.moved].some((id) => (tried.plan.starts[id] ?? 0) < 0)) return { holds: 'beginning' };
  const broken = [...check(problem, tried.plan)].sort((a, b) => order(a, task) - order(b, task))[0];
  if (!broken) return { holds: 'nothing' };
  return holdOf(problem, plan, task, tried.moved, broken);
}

/** What is about the task itself comes before what is about those that follow it. */
const order = (broken: Broken, task: string): number =>
  (broken.between.includes(task) ? 0 : 1) * 10 +
  ['pinned', 'link', 'wash', 'vessel', 'preheat', 'oven heat', 'oven racks', 'shared', 'hands'].indexOf(broken.rule);

function holdOf(problem: Problem, plan: Plan, task: string, moved: ReadonlySet<string>, broken: Broken): Hold {
  const uses = new Map(problem.uses.map((use) => [use.id, use]));
  const [first = '', second = ''] = broken.between;
  const firstUse = uses.get(first);
  const secondUse = uses.get(second);
  switch (broken.rule) {
    case 'link': {
      if (second === task || moved.has(second)) {
        const link = problem.links.find((l) => l.from === first && l.to === second);
        return { holds: 'after', task: first, minutes: link?.min ?? 0 };
      }
      return { holds: 'together', task: second };
    }
    case 'pinned':
      return { holds: 'pinned' };
    case 'vessel':
    case 'wash':
      return {
        holds: 'vessel',
        resource: firstUse?.resource ?? '',
        lastTask: firstUse?.to ?? '',
        washed: broken.rule === 'wash',
      };
    case 'preheat':
      return { holds: 'heat', resource: firstUse?.resource ?? '', celsius: firstUse?.temperature ?? 0 };
    case 'oven heat': {
      const last = moved.has(firstUse?.from ?? '') ? secondUse : firstUse;
      return {
        holds: 'heat',
        resource: last?.resource ?? '',
        celsius: last?.temperature ?? 0,
        lastTask: last?.to ?? '',
      };
    }
    case 'oven racks':
    case 'shared':
      return { holds: 'full', resource: firstUse?.resource ?? '' };
    case 'hands':
      return {
        holds: 'hands',
        busyWith: broken.between.filter((id) => !moved.has(id)),
        mover: broken.between.find((id) => moved.has(id)) ?? task,
      };
    default:
      return { holds: 'nothing' };
  }
}

/** The plan with a task moved later as far as no rule breaks and nothing ends later: an oven that is switched on for nobody only burns power. */
export function startLate(problem: Problem, plan: Plan, task: string): Plan {
  const at = (start: number): Plan => ({ ...plan, starts: { ...plan.starts, [task]: start } });
  for (let start = plan.makespan; start > (plan.starts[task] ?? 0); start--)
    if (check(problem, at(start)).length === 0) return at(start);
  return plan;
}

/**
 * Moves earlier whatever nothing holds, so that each start has its reason. A plan keeps its length or gets shorter.
 * Each move is tried against the whole rule book.
 */
export function settle(problem: Problem, plan: Plan): Plan {
  let now = plan;
  for (let moved = true; moved;) {
    moved = false;
    const ordered = problem.tasks.map(({ id }) => id).sort((a, b) => (now.starts[a] ?? 0) - (now.starts[b] ?? 0));
    for (const id of ordered)
      while ((now.starts[id] ?? 0) > 0) {
        const earlier = nudged(problem, now, id).plan;
        if (check(problem, earlier).length > 0) break;
        now = earlier;
        moved = true;
      }
  }
  return now;
}
