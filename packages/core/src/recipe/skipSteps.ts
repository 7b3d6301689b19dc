import { readShare } from './readShare.ts';
import { Fraction } from '../quantity/index.ts';
import type { After, ByProduct, Revision, Share, StationUse } from './revision.ts';

/**
 * A recipe without some of its steps: what waited for one of them waits for what that one waited for, what went into it goes into the next that is left, and a
 * station is held from the first to the last step that is left of its stretch.
 */
export function skipSteps(recipe: Revision, skipped: readonly string[]): Revision {
  const gone = new Set(recipe.steps.map((step) => step.id).filter((id) => skipped.includes(id)));
  if (gone.size === 0) return recipe;
  const steps = new Map(recipe.steps.map((step) => [step.id, step]));

  const before = (id: string): readonly After[] =>
    (steps.get(id)?.after ?? []).flatMap((after) => (gone.has(after.step) ? before(after.step) : [after]));
  const next = (id: string): string | undefined => {
    if (!gone.has(id)) return id;
    for (const step of recipe.steps)
      if (step.after.some((after) => after.step === id)) {
        const found = next(step.id);
        if (found !== undefined) return found;
      }
    return undefined;
  };
  const first = recipe.steps.find((step) => !gone.has(step.id) && step.kind !== 'ahead')?.id;

  /** An output whose step is gone goes into the next, or away. */
  const sentOn = (gives: ByProduct): ByProduct => {
    if (gives.goes.to !== 'step' || !gone.has(gives.goes.step)) return gives;
    const to = next(gives.goes.step);
    return { ...gives, goes: to === undefined ? { to: 'away' } : { to: 'step', step: to } };
  };
  const sealed = recipe.steps.some((step) => step.kind === 'pressure' && !gone.has(step.id));
  return {
    ...recipe,
    // Without its sealed stage the dish is an open pot: no least liquid, no fill line.
    ...(recipe.vessel === 'cooker' && !sealed ? { vessel: 'pot' as const } : {}),
    steps: recipe.steps
      .filter((step) => !gone.has(step.id))
      .map((step) => ({
        ...step,
        after: waits(before(step.id)),
        ...(step.gives ? { gives: step.gives.map(sentOn) } : {}),
      })),
    lines: recipe.lines.map((line) => ({
      ...line,
      into: merged(line.into.map(({ step, share }) => ({ step: next(step) ?? first ?? step, share }))),
    })),
    uses: recipe.uses.flatMap((use) => shortened(recipe, use, gone)),
  };
}

/** One wait for each step: a step that was reached by two ways is waited for once, the longer wait counts. */
const waits = (after: readonly After[]): readonly After[] =>
  [...new Set(after.map(({ step }) => step))].map((step) => {
    const same = after.filter((each) => each.step === step);
    return {
      step,
      min: Math.max(...same.map(({ min }) => min)),
      max: same.length === 1 ? (same[0]?.max ?? null) : null,
    };
  });

const merged = (into: readonly Share[]): readonly Share[] =>
  [...new Set(into.map(({ step }) => step))].map((step) => ({
    step,
    share: into
      .filter((each) => each.step === step)
      .reduce((sum, { share }) => sum.add(readShare(share)), new Fraction(0))
      .toFraction(),
  }));

function shortened(recipe: Revision, use: StationUse, gone: ReadonlySet<string>): readonly StationUse[] {
  const order = recipe.steps.map((step) => step.id);
  const held = order.slice(order.indexOf(use.from), order.indexOf(use.to) + 1).filter((id) => !gone.has(id));
  if (!gone.has(use.from) && !gone.has(use.to)) return [use];
  const from = gone.has(use.from) ? held[0] : use.from;
  const to = gone.has(use.to) ? held.at(-1) : use.to;
  return from === undefined || to === undefined ? [] : [{ ...use, from, to }];
}
