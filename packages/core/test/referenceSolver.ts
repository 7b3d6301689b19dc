import loadHighs, { type Highs } from 'highs';
import type { Problem, ProblemUse } from '../src/session/index.ts';

/*
 * An independent answer to how short a session can be: a general-purpose integer-programming package (HiGHS), in a formulation of our own from the
 * public format. Variables are steps: x(task, m) is 1 from the minute in which the task has started on. It shares no line with the search.
 */

/** Is there a plan that ends within so many minutes? Undefined when the solver was stopped before it knew. */
export type Answer = 'yes' | 'no' | undefined;

// Its types are written for one kind of module, it is loaded as another.
const load = loadHighs as unknown as () => Promise<Highs>;

export async function referenceSolver(secondsEach = 30) {
  const highs = await load();
  const within = (problem: Problem, minutes: number): Answer => ask(highs, problem, minutes, secondsEach);
  /** Is this the shortest? A plan of so many minutes is known; one minute less is asked for. */
  const isShortest = (problem: Problem, makespan: number): boolean | undefined => {
    const answer = within(problem, makespan - 1);
    return answer === undefined ? undefined : answer === 'no';
  };
  /** The shortest, from a plan that is known downwards. */
  const shortest = (problem: Problem, known: number): number | undefined => {
    for (let minutes = known; ; minutes--) {
      const answer = within(problem, minutes - 1);
      if (answer === undefined) return undefined;
      if (answer === 'no') return minutes;
    }
  };
  return { within, isShortest, shortest };
}

function ask(highs: Highs, problem: Problem, minutes: number, seconds: number): Answer {
  const model = formulate(problem, minutes);
  if (!model) return 'no';
  const { Status } = highs.solve(model, { time_limit: seconds, output_flag: false });
  if (Status === 'Optimal') return 'yes';
  return Status === 'Infeasible' ? 'no' : undefined;
}

/** A sum of variables, and a number beside it. */
interface Sum {
  readonly terms: readonly (readonly [factor: number, variable: string])[];
  readonly plus: number;
}

/** The session as a linear programme: can it end within `horizon` minutes? Undefined where a chain alone is longer. */
function formulate(problem: Problem, horizon: number): string | undefined {
  const minutesOf = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const lasts = (id: string) => minutesOf.get(id) ?? 0;
  const { head, tail } = windows(problem);
  const rows: string[] = [];
  const binaries: string[] = [];
  const nameOf = new Map(problem.tasks.map(({ id }, n) => [id, `x${n}`]));
  const earliest = (id: string) => head.get(id) ?? 0;
  const latest = (id: string) => horizon - (tail.get(id) ?? 0);
  if (problem.tasks.some(({ id }) => latest(id) < earliest(id))) return undefined;

  /** Has the task started by the end of minute m? A constant outside of its window. */
  const started = (id: string, m: number): Sum =>
    m < earliest(id) ? constant(0) : m >= latest(id) ? constant(1) : variable(`${nameOf.get(id) ?? ''}_${m}`);
  const row = (left: Sum, sign: '<=' | '>=' | '=', right: Sum) => {
    const sum = minus(left, right);
    if (sum.terms.length > 0) rows.push(`${text(sum)} ${sign} ${-sum.plus}`);
    else if (sign === '<=' ? sum.plus > 0 : sign === '>=' ? sum.plus < 0 : sum.plus !== 0) rows.push('1 never >= 1');
  };

  for (const { id } of problem.tasks)
    for (let m = earliest(id); m < latest(id); m++) {
      binaries.push(`${nameOf.get(id) ?? ''}_${m}`);
      if (m > earliest(id)) row(started(id, m), '>=', started(id, m - 1));
    }
  for (const { from, to, min, max } of problem.links)
    for (let m = 0; m <= horizon; m++) {
      row(started(to, m), '<=', started(from, m - min - lasts(from)));
      if (max !== null && m + lasts(from) + max <= horizon)
        row(started(to, m + lasts(from) + max), '>=', started(from, m));
    }

  /** Under way in minute m. */
  const working = (id: string, m: number) => minus(started(id, m), started(id, m - lasts(id)));
  const held = (use: ProblemUse, m: number) => minus(started(use.from, m), started(use.to, m - lasts(use.to)));
  const washes: { readonly started: (m: number) => Sum; readonly minutes: number }[] = [];

  for (const resource of problem.resources) {
    const uses = problem.uses.filter((use) => use.resource === resource.id);
    if (uses.length === 0) continue;
    const r = problem.resources.indexOf(resource);
    if (resource.kind !== 'vessel')
      for (let m = 0; m <= horizon; m++)
        row(total(uses.map((use) => times(use.units ?? 1, held(use, m)))), '<=', constant(resource.units));
    if (resource.kind === 'oven') {
      for (const use of uses)
        for (let m = 0; m < (resource.preheat[use.temperature ?? 0] ?? 0); m++)
          row(started(use.from, m), '<=', constant(0));
      uses.forEach((a, i) =>
        uses.slice(i + 1).forEach((b, k) => {
          const [from = 0, to = 0] = [a.temperature, b.temperature];
          if (from === to) return;
          const first = `o${r}_${i}_${i + 1 + k}`;
          binaries.push(first);
          const gap = (p: number, q: number) => resource.change[p]?.[q] ?? 0;
          for (let m = 0; m <= horizon; m++) {
            row(
              started(b.from, m),
              '<=',
              add(started(a.to, m - lasts(a.to) - gap(from, to)), minus(constant(1), variable(first))),
            );
            row(started(a.from, m), '<=', add(started(b.to, m - lasts(b.to) - gap(to, from)), variable(first)));
          }
        }),
      );
    }
    if (resource.kind !== 'vessel') continue;
    // Which use comes right behind which: between unlike ones lies a wash.
    const next = (a: number, b: number) => `n${r}_${a}_${b}`;
    const others = (a: number) => uses.flatMap((_, b) => (b === a ? [] : [b]));
    uses.forEach((_, a) => {
      for (const b of others(a)) binaries.push(next(a, b));
      row(total(others(a).map((b) => variable(next(a, b)))), '<=', constant(1));
      row(total(others(a).map((b) => variable(next(b, a)))), '<=', constant(1));
    });
    row(total(uses.flatMap((_, a) => others(a).map((b) => variable(next(a, b))))), '=', constant(uses.length - 1));
    const washOf = uses.map((use, a) => {
      const minutes = use.wash ?? 0;
      const dirty = others(a).filter((b) => use.group === undefined || use.group !== uses[b]?.group);
      if (minutes === 0 || dirty.length === 0) return undefined;
      const washed = (m: number): Sum => (m < 0 ? constant(0) : variable(`w${r}_${a}_${Math.min(m, horizon)}`));
      for (let m = 0; m <= horizon; m++) {
        binaries.push(`w${r}_${a}_${m}`);
        if (m > 0) row(washed(m), '>=', washed(m - 1));
        row(washed(m), '<=', started(use.to, m - lasts(use.to)));
      }
      row(washed(horizon), '=', total(dirty.map((b) => variable(next(a, b)))));
      washes.push({ started: washed, minutes });
      return { washed, minutes, dirty };
    });
    uses.forEach((use, a) =>
      others(a).forEach((b) => {
        const behind = uses[b];
        if (!behind) return;
        const free = minus(constant(1), variable(next(a, b)));
        const wash = washOf[a]?.dirty.includes(b) ? washOf[a] : undefined;
        for (let m = 0; m <= horizon; m++) {
          row(started(behind.from, m), '<=', add(started(use.to, m - lasts(use.to)), free));
          if (wash) row(started(behind.from, m), '<=', add(wash.washed(m - wash.minutes), free));
        }
      }),
    );
    for (let m = 0; m <= horizon; m++) row(total(uses.map((use) => held(use, m))), '<=', constant(1));
  }
  const full = problem.tasks.filter(({ attention }) => attention === 'full');
  for (let m = 0; m <= horizon; m++)
    row(
      add(
        total(full.map(({ id }) => working(id, m))),
        total(washes.map((wash) => minus(wash.started(m), wash.started(m - wash.minutes)))),
      ),
      '<=',
      constant(problem.cooks),
    );
  return `Minimize\n obj: 0 never\nSubject To\n${rows.map((each, n) => ` c${n}: ${each}`).join('\n')}\nBounds\n 0 <= never <= 0\nBinary\n ${binaries.join('\n ')}\nEnd\n`;
}

/** Longest ways to a task, and from its start to the end. */
function windows({ tasks, links }: Problem) {
  const minutes = new Map(tasks.map((task) => [task.id, task.minutes]));
  const head = new Map(tasks.map(({ id }) => [id, 0]));
  const tail = new Map(tasks.map((task) => [task.id, task.minutes]));
  for (let changed = true; changed;) {
    changed = false;
    for (const { from, to, min } of links) {
      const at = (head.get(from) ?? 0) + (minutes.get(from) ?? 0) + min;
      if (at > (head.get(to) ?? 0)) changed = (head.set(to, at), true);
      const left = (minutes.get(from) ?? 0) + min + (tail.get(to) ?? 0);
      if (left > (tail.get(from) ?? 0)) changed = (tail.set(from, left), true);
    }
  }
  return { head, tail };
}

const constant = (plus: number): Sum => ({ terms: [], plus });
const variable = (name: string): Sum => ({ terms: [[1, name]], plus: 0 });
const times = (factor: number, { terms, plus }: Sum): Sum => ({
  terms: terms.map(([each, name]) => [each * factor, name]),
  plus: plus * factor,
});
const add = (a: Sum, b: Sum): Sum => ({ terms: [...a.terms, ...b.terms], plus: a.plus + b.plus });
const minus = (a: Sum, b: Sum): Sum => gathered(add(a, times(-1, b)));
const total = (sums: readonly Sum[]): Sum => gathered(sums.reduce(add, constant(0)));

function gathered({ terms, plus }: Sum): Sum {
  const factors = new Map<string, number>();
  for (const [factor, name] of terms) factors.set(name, (factors.get(name) ?? 0) + factor);
  return { terms: [...factors].flatMap(([name, factor]) => (factor === 0 ? [] : [[factor, name] as const])), plus };
}

const text = ({ terms }: Sum): string =>
  terms.map(([factor, name]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`).join(' ');
