import { seeded } from '../../quantity/index.ts';
import { roleOf } from '../plates.ts';
import { ROLES, type Candidate, type WeekAsk } from './ask.ts';
import { partsOf, scoreOf, type Draft, type Eaten, type ScoreParts } from './score.ts';

export interface Suggested {
  readonly draft: Draft;
  readonly parts: ScoreParts;
  readonly score: number;
  readonly eaten: Eaten;
}

type Meal = [number, number, number];
const NOTHING: Meal = [-1, -1, -1];

/** May it be put on the table at a meal at all? Where nobody at it eats it, never. */
const mayServe = ({ eatenBy }: Candidate, meal: number): boolean => (eatenBy[meal] ?? 0) > 0;

/**
 * A week: what to cook, how much of it, and what to eat when. One change after the other, kept when it makes the score smaller, and at first sometimes when it does not.
 * The same seed gives the same week; what is settled or locked stays.
 */
export function suggestWeek(
  ask: WeekAsk,
  { seed, rounds }: { readonly seed: number; readonly rounds: number },
): Suggested {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  const { candidates, people } = ask;
  const byRole = ROLES.map((role) => candidates.flatMap(({ kind }, c) => (roleOf(kind) === role ? [c] : [])));
  const whole = candidates.flatMap(({ kind }, c) => (roleOf(kind) === 'whole' ? [c] : []));
  const cookable = candidates.flatMap(({ cooks }, c) => (cooks && cooks.locked === undefined ? [c] : []));
  const open = people.flatMap((n, m) => (n > 0 && !ask.settled[m] ? [m] : []));

  const sizes = candidates.map(({ cooks }) => cooks?.locked ?? 0);
  const lockedBatches = sizes.filter((size) => size > 0).length;
  const meals: Meal[] = people.map((_, m) => settledMeal(ask, m));
  const cost = (parts: ScoreParts) => scoreOf(parts, ask);
  const parts = () => partsOf({ meals, sizes }, ask);

  let now = cost(parts());
  let best = { score: now, meals: meals.map((meal): Meal => [...meal]), sizes: [...sizes] };
  /** One change; answers how to take it back, or nothing when there was none to make. */
  const change = (): (() => void) | undefined => {
    const kind = random();
    const c = pick(cookable);
    if (kind < 0.3 && c !== undefined) {
      const was = sizes[c] ?? 0;
      const { sizes: made = [] } = candidates[c]?.cooks ?? {};
      const next = was > 0 && random() < 0.4 ? 0 : (pick(made) ?? 0);
      const batches = sizes.filter((size, n) => size > 0 && n !== c).length;
      if (next === was || (next > 0 && batches >= Math.max(ask.mostBatches, lockedBatches))) return undefined;
      sizes[c] = next;
      return () => void (sizes[c] = was);
    }
    const m = pick(open);
    if (m === undefined) return undefined;
    const was = meals[m] ?? NOTHING;
    if (kind < 0.4 && whole.length > 0) {
      const dish = pick(whole);
      if (dish === undefined || !candidates[dish] || !mayServe(candidates[dish], m)) return undefined;
      meals[m] = [dish, dish, dish];
    } else if (kind < 0.5 && open.length > 1) {
      const other = pick(open) ?? m;
      const theirs = meals[other] ?? NOTHING;
      if (
        [...was, ...theirs].some(
          (each) =>
            each >= 0 &&
            !(mayServe(candidates[each] as Candidate, m) && mayServe(candidates[each] as Candidate, other)),
        )
      )
        return undefined;
      meals[m] = theirs;
      meals[other] = was;
      return () => {
        meals[m] = was;
        meals[other] = theirs;
      };
    } else {
      const r = Math.floor(random() * ROLES.length);
      const one = random() < 0.08 ? -1 : (pick(byRole[r] ?? []) ?? -1);
      if (one >= 0 && !mayServe(candidates[one] as Candidate, m)) return undefined;
      const isWhole = was[0] >= 0 && was[0] === was[1];
      const next: Meal = isWhole ? [-1, -1, -1] : [...was];
      next[r] = one;
      meals[m] = next;
    }
    return () => void (meals[m] = was);
  };

  for (let round = 0; round < rounds; round++) {
    const back = change();
    if (!back) continue;
    const score = cost(parts());
    const warm = 6 * (1 - round / rounds) ** 2;
    if (score <= now || (warm > 0.01 && random() < Math.exp((now - score) / warm))) {
      now = score;
      if (score < best.score - 1e-9) best = { score, meals: meals.map((meal): Meal => [...meal]), sizes: [...sizes] };
    } else back();
  }

  const draft: Draft = { meals: best.meals, sizes: best.sizes };
  let eaten: Eaten = { at: [], fromFreezer: [] };
  const found = partsOf(draft, ask, (what) => (eaten = what));
  return { draft, parts: found, score: scoreOf(found, ask), eaten };
}

function settledMeal({ settled, candidates }: WeekAsk, m: number): Meal {
  const meal: Meal = [...NOTHING];
  for (const food of settled[m] ?? []) {
    const c = candidates.findIndex((each) => each.food === food);
    const role = c < 0 ? undefined : roleOf((candidates[c] as Candidate).kind);
    if (role === 'whole') return [c, c, c];
    if (role) meal[ROLES.indexOf(role)] = c;
  }
  return meal;
}
