import type { MinuteCount, SessionMinute } from '../quantity/index.ts';
import type { Problem } from '../session/index.ts';
import { canBePlanned, planWithoutPins } from './search.ts';

/** One of the things that cannot all hold. */
export type Obstacle =
  | { readonly kind: 'pin'; readonly task: string; readonly minute: SessionMinute }
  | { readonly kind: 'break'; readonly from: SessionMinute; readonly to: SessionMinute }
  | { readonly kind: 'longest wait'; readonly from: string; readonly to: string; readonly minutes: MinuteCount };

const without = (problem: Problem, left: ReadonlySet<Obstacle>): Problem => ({
  ...problem,
  tasks: problem.tasks.map(({ at, ...task }) =>
    at !== undefined && [...left].some((each) => each.kind === 'pin' && each.task === task.id) ? { ...task, at } : task,
  ),
  away: (problem.away ?? []).filter(({ from, to }) =>
    [...left].some((each) => each.kind === 'break' && each.from === from && each.to === to),
  ),
  links: problem.links.map((link) =>
    link.max === null ||
    [...left].some((each) => each.kind === 'longest wait' && each.from === link.from && each.to === link.to)
      ? link
      : { ...link, max: null },
  ),
});

/**
 * A smallest set of pins, breaks and longest waits that cannot all hold: none of them can be spared. Of several, one with few waits, then with few breaks: a pin is let go most easily.
 * Empty when the session can be planned, or when none of these is to blame.
 * "Cannot be planned" is what the first orders say: a search that went on might in rare cases find a way. What they say of a few is not always what they said of many, so
 * what is named is asked again by itself until nothing more can be spared.
 */
export function smallestConflict(problem: Problem): readonly Obstacle[] {
  let named = conflictIn(problem);
  for (;;) {
    const fewer = conflictIn(without(problem, new Set(named)));
    if (fewer.length === 0 || fewer.length >= named.length) return named;
    named = fewer;
  }
}

/** Halves are asked at a time, so that a few out of many are found with few questions (Junker, QuickXplain, AAAI 2004); then each of the few is asked alone. */
function conflictIn(problem: Problem): readonly Obstacle[] {
  const all: readonly Obstacle[] = [
    ...problem.tasks.flatMap(({ id, at }): Obstacle[] =>
      at === undefined ? [] : [{ kind: 'pin', task: id, minute: at }],
    ),
    ...(problem.away ?? []).map(({ from, to }): Obstacle => ({ kind: 'break', from, to })),
    ...problem.links.flatMap(({ from, to, max }): Obstacle[] =>
      max === null ? [] : [{ kind: 'longest wait', from, to, minutes: max }],
    ),
  ];
  // A plan without pins keeps all else, so it serves every question of the halves.
  const loose = planWithoutPins(problem, 1);
  const holds = (these: readonly Obstacle[]) => canBePlanned(without(problem, new Set(these)), loose);
  if (holds(all) || !holds([])) return [];
  const blamed = (kept: readonly Obstacle[], grown: boolean, among: readonly Obstacle[]): readonly Obstacle[] => {
    if (grown && !holds(kept)) return [];
    if (among.length <= 1) return among;
    const half = Math.ceil(among.length / 2);
    const [before, behind] = [among.slice(0, half), among.slice(half)];
    const late = blamed([...kept, ...before], true, behind);
    const early = blamed([...kept, ...late], late.length > 0, before);
    return [...early, ...late];
  };
  const holdsAlone = (these: readonly Obstacle[]): boolean => {
    const alone = without(problem, new Set(these));
    return canBePlanned(alone, planWithoutPins(alone, 1));
  };
  const few = blamed([], false, all);
  let named = holdsAlone(few) ? all : few;
  for (let n = 0; n < named.length;) {
    const rest = named.filter((_, at) => at !== n);
    if (holdsAlone(rest)) n += 1;
    else [named, n] = [rest, 0];
  }
  return named;
}
