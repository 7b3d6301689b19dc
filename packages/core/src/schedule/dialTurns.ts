import type { DialTurn, Plan, PlannedHeats, Problem } from '../session/index.ts';

/** Every change of heat in a plan: hotter as late as it may be, cooler at once, since only waiting cools an oven. */
export function dialTurns(problem: Problem, plan: Plan): readonly DialTurn[] {
  const minutes = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const start = (id: string) => plan.starts[id] ?? 0;
  const end = (id: string) => start(id) + (minutes.get(id) ?? 0);
  return problem.resources.flatMap((oven): readonly DialTurn[] => {
    if (oven.kind !== 'oven') return [];
    const uses = problem.uses
      .filter(({ resource }) => resource === oven.id)
      .sort((a, b) => start(a.from) - start(b.from));
    const atOneHeat: (typeof uses)[] = [];
    for (const use of uses) {
      const last = atOneHeat.at(-1);
      if (last && last[0]?.temperature === use.temperature) last.push(use);
      else atOneHeat.push([use]);
    }
    return atOneHeat.slice(1).map((next, n): DialTurn => {
      const before = atOneHeat[n] ?? [];
      const from = before[0]?.temperature ?? 0;
      const to = next[0]?.temperature ?? 0;
      const takes = oven.change[from]?.[to] ?? 0;
      const free = Math.max(...before.map((use) => end(use.to)));
      const needed = Math.min(...next.map((use) => start(use.from)));
      return {
        id: `dial/${oven.id}/${n + 1}`,
        oven: oven.id,
        from,
        to,
        start: to > from ? Math.max(free, needed - takes) : free,
        minutes: takes,
        after: before.map((use) => use.to),
        before: next.map((use) => use.from),
      };
    });
  });
}

/** The heat that each oven of a plan is set to when it is switched on, °C. */
export function firstHeats(problem: Problem, plan: Plan): ReadonlyMap<string, number> {
  const first = new Map<string, { readonly start: number; readonly celsius: number }>();
  for (const { resource, from, temperature } of problem.uses) {
    const start = plan.starts[from] ?? 0;
    const known = first.get(resource);
    if (temperature !== undefined && (!known || start < known.start))
      first.set(resource, { start, celsius: temperature });
  }
  return new Map([...first].map(([oven, { celsius }]) => [oven, celsius]));
}

/** Both, for the steps of a session. */
export const heatsOf = (problem: Problem, plan: Plan): PlannedHeats => ({
  turns: dialTurns(problem, plan),
  first: firstHeats(problem, plan),
});
