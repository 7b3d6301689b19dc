import { seeded } from '../../quantity/index.ts';
import type { SeasonAsk, SeasonDraft, SeasonPlan } from './ask.ts';
import { foldSeason } from './foldSeason.ts';

export interface SuggestedSeason extends SeasonPlan {
  readonly draft: SeasonDraft;
}

const ROUNDS = 12_000;
/** How much worse a menu may be at first to be gone on with, in points of the score. */
const WARM = 6;

/**
 * A menu over some weeks: mains by liking, season and price, the same one not week after week, cooked for two times where the freezer has room, reserves used and refilled.
 * Annealing over meals: one goes from a dish to another, two dishes change weeks, a batch is made ahead or not. The same seed gives the same menu.
 */
export function suggestSeason(ask: SeasonAsk, seed: number, rounds = ROUNDS): SuggestedSeason {
  const random = seeded(seed);
  const below = (n: number): number => Math.floor(random() * n);
  const D = ask.dishes.length;
  const W = ask.weeks.length;
  const meals = ask.weeks.map(() => ask.dishes.map(() => 0));
  const ahead = ask.weeks.map(() => ask.dishes.map(() => false));
  const reserves = ask.dishes.flatMap(({ reserve }, d) => (reserve > 0 ? [d] : []));
  const row = (w: number): number[] => meals[w] ?? [];
  if (D > 0)
    ask.weeks.forEach((week, w) => {
      // Begun by what is liked most, two meals each, others every week.
      const order = ask.dishes
        .map(({ liked, eatenBy, locked }, d) => ({ d, by: liked + eatenBy + (locked ? 1 : 0) + random() }))
        .sort((a, b) => b.by - a.by);
      for (let m = 0; m < week.meals; m++) {
        const { d } = order[Math.floor(m / 3) % order.length] ?? { d: 0 };
        row(w)[d] = (row(w)[d] ?? 0) + 1;
      }
    });
  const draft = (): SeasonDraft => ({ meals: meals.map((each) => [...each]), ahead: ahead.map((each) => [...each]) });
  const used = (w: number): number | undefined => {
    const on = row(w).flatMap((n, d) => (n > 0 ? [d] : []));
    return on[below(on.length)];
  };
  /** Changes one thing, and says how to take it back. */
  const change = (): (() => void) | undefined => {
    const w = below(W);
    const from = used(w);
    if (from === undefined) return undefined;
    const kind = random();
    if (kind < 0.3) {
      const d = reserves.length > 0 && random() < 0.3 ? (reserves[below(reserves.length)] ?? from) : from;
      const was = ahead[w]?.[d] ?? false;
      (ahead[w] ?? [])[d] = !was;
      return () => ((ahead[w] ?? [])[d] = was);
    }
    if (kind < 0.45) {
      // Two dishes of two weeks change places.
      const other = below(W);
      const to = used(other);
      if (other === w || to === undefined || to === from) return undefined;
      const [mine, others] = [[...row(w)], [...row(other)]];
      const [a, b] = [row(w)[from] ?? 0, row(other)[to] ?? 0];
      const n = Math.min(a, b);
      row(w)[from] = a - n;
      row(w)[to] = (row(w)[to] ?? 0) + n;
      row(other)[to] = b - n;
      row(other)[from] = (row(other)[from] ?? 0) + n;
      return () => {
        meals[w] = mine;
        meals[other] = others;
      };
    }
    const to = below(D);
    if (to === from) return undefined;
    const [a, b] = [row(w)[from] ?? 0, row(w)[to] ?? 0];
    const n = kind < 0.75 ? 1 : a;
    row(w)[from] = a - n;
    row(w)[to] = b + n;
    return () => {
      row(w)[from] = a;
      row(w)[to] = b;
    };
  };
  let now = foldSeason(ask, { meals, ahead }).score;
  let best = draft();
  let least = now;
  for (let round = 0; round < rounds; round++) {
    const back = change();
    if (!back) continue;
    const { score } = foldSeason(ask, { meals, ahead });
    const warm = WARM * (1 - round / rounds) ** 2;
    if (score <= now || random() < Math.exp((now - score) / Math.max(warm, 1e-6))) {
      now = score;
      if (score < least - 1e-9) {
        least = score;
        best = draft();
      }
    } else back();
  }
  return { draft: best, ...foldSeason(ask, best) };
}
