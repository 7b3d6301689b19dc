import type { SessionMinute } from '../quantity/index.ts';
import { resourceId, washId, type Plan, type Present, type Problem, type ProblemUse } from '../session/index.ts';

/** Who may do which task; a task that is not named may be done by anybody. */
export interface People {
  readonly present: readonly Pick<Present, 'name' | 'from' | 'to'>[];
  readonly may: Readonly<Record<string, readonly string[]>>;
}

/** Work of hands in a plan: a task, or the wash behind a use. */
interface Span {
  readonly id: string;
  readonly from: SessionMinute;
  readonly to: SessionMinute;
  readonly may: readonly string[];
}

export type WhoDoes =
  | { readonly ok: true; readonly who: Readonly<Record<string, string>> }
  /** Nobody who may is free for it in this plan. */
  | { readonly ok: false; readonly stuck: string };

const MOST_STEPS = 20_000;

/**
 * Gives each task of hands in a plan to a person, so that nobody does two at once, does what is not theirs, or is not there.
 * Exact within a bound on its steps: those who can do least are asked first.
 */
export function whoDoes(problem: Problem, plan: Plan, { present, may }: People): WhoDoes {
  const everybody = present.map(({ name }) => name);
  const washOf = new Map(problem.uses.map((use) => [use.id, use.wash ?? 0]));
  const spans: readonly Span[] = [
    ...problem.tasks
      .filter(({ attention }) => attention === 'full')
      .map((task) => {
        const from = plan.starts[task.id] ?? 0;
        return { id: task.id, from, to: from + task.minutes, may: may[task.id] ?? everybody };
      }),
    ...plan.washes.map(({ after, start }) => ({
      id: washId(after),
      from: start,
      to: start + (washOf.get(after) ?? 0),
      may: everybody,
    })),
  ].sort((a, b) => a.from - b.from || a.may.length - b.may.length);
  const who: Record<string, string> = {};
  const dishOf = new Map(problem.tasks.map(({ id, dish }) => [id, dish]));
  const free = new Map(present.map(({ name, from }) => [name, { at: from, dish: '' }]));
  let steps = 0;
  let furthest = 0;

  /** When somebody is next needed for what only they may do: rather somebody else takes what comes before. */
  const wanted = (name: string, after: number): number =>
    spans.slice(after).find((span) => span.may.length < everybody.length && span.may.includes(name))?.from ?? Infinity;

  const give = (n: number): boolean => {
    const span = spans[n];
    if (!span) return true;
    furthest = Math.max(furthest, n);
    if (++steps > MOST_STEPS) return false;
    const dish = dishOf.get(span.id) ?? '';
    const able = present
      .filter(
        ({ name, to }) =>
          span.may.includes(name) && (free.get(name)?.at ?? 0) <= span.from && (to === null || span.to <= to),
      )
      .map(({ name }) => ({
        name,
        soon: wanted(name, n + 1) < span.to ? 1 : 0,
        goesOn: free.get(name)?.dish === dish ? 0 : 1,
      }))
      .sort((a, b) => a.soon - b.soon || a.goesOn - b.goesOn);
    for (const { name } of able) {
      const was = free.get(name) ?? { at: 0, dish: '' };
      free.set(name, { at: span.to, dish });
      who[span.id] = name;
      if (give(n + 1)) return true;
      free.set(name, was);
    }
    return false;
  };
  return give(0) ? { ok: true, who } : { ok: false, stuck: spans[furthest]?.id ?? '' };
}

const MOST_TRIES = 4;

/**
 * A plan in which everybody knows what is theirs. Where a plan leaves a task to nobody, it or one that runs beside it is bound to a person, and it is
 * planned again; where that does not help, every task is bound.
 * @param again plans a session that asks for more, from the plan at hand
 */
export function withPeople(
  problem: Problem,
  plan: Plan,
  people: People,
  again: (problem: Problem, from: Plan) => Plan,
): { readonly plan: Plan; readonly who: Readonly<Record<string, string>> | undefined } {
  let asked = problem;
  let now = plan;
  const tried = (more: Problem): readonly { readonly more: Problem; readonly plan: Plan }[] => {
    try {
      return [{ more, plan: again(more, now) }];
    } catch {
      // Bound like this it cannot be planned: another way may do.
      return [];
    }
  };
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const given = whoDoes(problem, now, people);
    if (given.ok) return { plan: now, who: given.who };
    const bound = beside(problem, now, given.stuck).flatMap((task) =>
      mayOf(people, task).flatMap((name) => {
        const more = boundTo(asked, task, name);
        return more ? tried(more) : [];
      }),
    );
    const [best] = bound.sort(
      (a, b) =>
        Number(whoDoes(problem, b.plan, people).ok) - Number(whoDoes(problem, a.plan, people).ok) ||
        a.plan.makespan - b.plan.makespan,
    );
    if (!best) break;
    asked = best.more;
    now = best.plan;
  }
  const given = whoDoes(problem, now, people);
  if (given.ok) return { plan: now, who: given.who };
  const all = problem.tasks
    .filter(({ attention }) => attention === 'full')
    .reduce((so, { id }, n) => {
      const names = mayOf(people, id);
      return boundTo(so, id, names[n % names.length] ?? '') ?? so;
    }, problem);
  const [last] = tried(all);
  const found = last && whoDoes(problem, last.plan, people);
  return found?.ok ? { plan: last?.plan ?? plan, who: found.who } : { plan, who: undefined };
}

const mayOf = ({ may, present }: People, task: string): readonly string[] =>
  may[task] ?? present.map(({ name }) => name);

/** A task and those whose hands are busy beside it, as far as they are tasks at all. */
function beside(problem: Problem, plan: Plan, stuck: string): readonly string[] {
  const wash = plan.washes.find(({ after }) => washId(after) === stuck);
  const own = problem.tasks.find(({ id }) => id === stuck);
  const from = wash?.start ?? plan.starts[stuck] ?? 0;
  const to = from + (own?.minutes ?? problem.uses.find(({ id }) => id === wash?.after)?.wash ?? 0);
  return problem.tasks
    .filter(({ id, attention, minutes }) => {
      const start = plan.starts[id] ?? 0;
      return attention === 'full' && start < to && from < start + minutes;
    })
    .map(({ id }) => id);
}

function boundTo(problem: Problem, task: string, name: string): Problem | undefined {
  const resource = resourceId({ is: 'hands', of: [name] });
  const use: ProblemUse = { id: `${resource}/${task}`, resource, from: task, to: task, units: 1 };
  if (!problem.tasks.some(({ id }) => id === task) || problem.uses.some(({ id }) => id === use.id)) return undefined;
  const known = problem.resources.some(({ id }) => id === resource);
  return {
    ...problem,
    resources: known ? problem.resources : [...problem.resources, { id: resource, kind: 'shared', units: 1 }],
    uses: [...problem.uses, use],
  };
}
