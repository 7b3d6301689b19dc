import { seeded } from '../../quantity/index.ts';
import { roleOf } from '../plates.ts';
import { ROLES, type Candidate, type WeekAsk } from './ask.ts';
import { scorer } from './scorer.ts';
import { partsOf, scoreOf, type Draft, type Eaten, type ScoreParts } from './score.ts';

export interface Suggested {
  readonly draft: Draft;
  readonly parts: ScoreParts;
  readonly score: number;
  readonly eaten: Eaten;
}

type Meal = [number, number, number];
/** How much worse a change may make the week and still be tried at first, in points. */
const WARM = 6;
const WARM_AGAIN = 2;
const NOTHING: Meal = [-1, -1, -1];

/** May it be put on the table at a meal at all? Where nobody at it eats it, never. */
const mayServe = ({ eatenBy }: Candidate, meal: number): boolean => (eatenBy[meal] ?? 0) > 0;

/**
 * A week: what to cook, how much of it, and what to eat when. One change after the other, kept when it makes the score smaller, and at first sometimes when it does not.
 * The same seed gives the same week; what is settled or locked stays.
 */
export function suggestWeek(
  ask: WeekAsk,
  { seed, rounds, from }: { readonly seed: number; readonly rounds: number; readonly from?: Draft },
): Suggested {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  const { candidates, people } = ask;
  const byRole = ROLES.map((role) => candidates.flatMap(({ kind }, c) => (roleOf(kind) === role ? [c] : [])));
  const whole = candidates.flatMap(({ kind }, c) => (roleOf(kind) === 'whole' ? [c] : []));
  const cookable = candidates.flatMap(({ cooks }, c) => (cooks && cooks.locked === undefined ? [c] : []));
  const open = people.flatMap((n, m) => (n > 0 && !ask.settled[m] ? [m] : []));

  const sizes = candidates.map(({ cooks }, c) => cooks?.locked ?? (cooks && from?.sizes[c]) ?? 0);
  const lockedBatches = sizes.filter((size) => size > 0).length;
  const meals: Meal[] = people.map((_, m) => (ask.settled[m] ? settledMeal(ask, m) : [...(from?.meals[m] ?? NOTHING)]));
  const cost = scorer(ask);
  /** From a week that is good already, only small steps back are taken. */
  const warmest = from ? WARM_AGAIN : WARM;

  let now = cost({ meals, sizes });
  let best = { score: now, meals: meals.map((meal): Meal => [...meal]), sizes: [...sizes] };
  const roleAt = (c: number) => roleOf((candidates[c] as Candidate).kind);
  const nearest = (c: number, size: number): number =>
    (candidates[c]?.cooks?.sizes ?? []).reduce(
      (near, each) => (Math.abs(each - size) < Math.abs(near - size) ? each : near),
      0,
    );
  /** Puts one candidate in the place of another at every open meal that may have it. */
  const exchange = (a: number, b: number): void => {
    for (const m of open)
      if (mayServe(candidates[b] as Candidate, m))
        meals[m] = (meals[m] ?? NOTHING).map((each) => (each === a ? b : each)) as Meal;
  };
  const wholeStateBack = (): (() => void) => {
    const wasMeals = meals.map((meal): Meal => [...meal]);
    const wasSizes = [...sizes];
    return () => {
      wasMeals.forEach((meal, m) => (meals[m] = meal));
      wasSizes.forEach((size, c) => (sizes[c] = size));
    };
  };
  /** One dish instead of another, or one more dish with the meals that it feeds. */
  const dishes = (): (() => void) | undefined => {
    const b = pick(cookable);
    if (b === undefined) return undefined;
    const cooked = cookable.filter((c) => (sizes[c] ?? 0) > 0 && c !== b);
    const alike = cooked.filter((c) => roleAt(c) === roleAt(b));
    const back = wholeStateBack();
    const a = pick(alike);
    if (a !== undefined && random() < 0.7) {
      sizes[b] = Math.max(sizes[b] ?? 0, nearest(b, sizes[a] ?? 0));
      sizes[a] = 0;
      exchange(a, b);
      return back;
    }
    if (sizes.filter((size) => size > 0).length >= Math.max(ask.mostBatches, lockedBatches)) return undefined;
    const made = candidates[b]?.cooks?.sizes ?? [];
    const r = ROLES.indexOf(roleAt(b) as (typeof ROLES)[number]);
    let feeds = 0;
    for (const m of open) {
      if (random() < 0.6 || !mayServe(candidates[b] as Candidate, m)) continue;
      const was = meals[m] ?? NOTHING;
      const isWhole = was[0] >= 0 && was[0] === was[1];
      const next: Meal = r < 0 ? [b, b, b] : isWhole ? [...NOTHING] : [...was];
      if (r >= 0) next[r] = b;
      meals[m] = next;
      feeds += people[m] ?? 0;
    }
    sizes[b] = nearest(b, feeds) || (made[0] ?? 0);
    return back;
  };
  /** One change; answers how to take it back, or nothing when there was none to make. */
  const change = (): (() => void) | undefined => {
    const kind = random();
    if (kind < 0.06) return dishes();
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
    const score = cost({ meals, sizes });
    const warm = warmest * (1 - round / rounds) ** 3;
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
