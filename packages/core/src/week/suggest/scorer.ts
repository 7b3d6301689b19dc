import { MEALS_A_DAY } from '../meals.ts';
import type { WeekAsk } from './ask.ts';
import { FROZEN_COUNTS, PLATE_PROTEIN_G, SEASON_COUNTS, scoreOf, type Draft } from './score.ts';

/**
 * The score of drafts of one week, some ten times as fast as `scoreOf(partsOf(draft))` and equal to it: what can be is laid out in arrays once, and used again for each
 * draft. The search asks it tens of thousands of times.
 */
export function scorer(ask: WeekAsk): (draft: Draft) => number {
  const { candidates, people, cookedFrom, presses } = ask;
  const n = candidates.length;
  const meals = people.length;
  const pieceFrom = new Int32Array(n + 1);
  const pieces: { readonly portions: number; readonly fromMeal?: number; readonly lastMeal: number }[] = [];
  for (const [c, { cold }] of candidates.entries()) {
    pieces.push(...cold);
    pieceFrom[c + 1] = pieces.length;
  }
  const pieceWas = Float64Array.from(pieces, ({ portions }) => portions);
  const pieceFirst = Int32Array.from(pieces, ({ fromMeal }) => fromMeal ?? 0);
  const pieceLast = Int32Array.from(pieces, ({ lastMeal }) => lastMeal);
  const frozenWas = Float64Array.from(candidates, ({ frozen }) => frozen);
  const pressWas = Float64Array.from(presses, ({ portions }) => portions);
  const lateFrom = Int32Array.from(candidates, ({ cooks }) => (cooks ? cookedFrom + cooks.keepsMeals : 0));
  const freezes = Uint8Array.from(candidates, ({ cooks }) => (cooks?.freezes ? 1 : 0));
  const eatenBy = new Float64Array(n * meals);
  for (const [c, each] of candidates.entries())
    for (let m = 0; m < meals; m++) eatenBy[c * meals + m] = each.eatenBy[m] ?? 0;
  const likes = Float64Array.from(candidates, ({ liked, cooks }) => liked + (cooks?.inSeason ? SEASON_COUNTS : 0));
  // No number: not known.
  const proteinOf = Float64Array.from(candidates, ({ cooks }) => cooks?.proteinG ?? Number.NaN);

  const piece = new Float64Array(pieces.length);
  const frozen = new Float64Array(n);
  const cooked = new Float64Array(n);
  const pressing = new Float64Array(presses.length);
  const lastDay = new Int32Array(n);

  return ({ meals: planned, sizes }) => {
    piece.set(pieceWas);
    frozen.set(frozenWas);
    pressing.set(pressWas);
    lastDay.fill(-9);
    for (let c = 0; c < n; c++) cooked[c] = sizes[c] ?? 0;
    let short = 0;
    let protein = 0;
    let liking = 0;
    let repeats = 0;
    for (let m = 0; m < meals; m++) {
      const eaters = people[m] ?? 0;
      const meal = planned[m];
      if (eaters === 0 || !meal) continue;
      const day = Math.floor(m / MEALS_A_DAY);
      const whole = meal[0] >= 0 && meal[0] === meal[1];
      let grams = 0;
      let known = true;
      let served = 0;
      for (let r = 0; r < (whole ? 1 : meal.length); r++) {
        const weight = whole ? 3 : 1;
        const c = meal[r] as number;
        if (c < 0) {
          short += eaters * weight;
          continue;
        }
        const want = eaters * (eatenBy[c * meals + m] as number);
        let open = want;
        for (let p = pieceFrom[c] as number; p < (pieceFrom[c + 1] as number); p++) {
          if ((pieceLast[p] as number) < m || (pieceFirst[p] as number) > m) continue;
          const bite = Math.min(open, piece[p] as number);
          piece[p] = (piece[p] as number) - bite;
          open -= bite;
        }
        if (m >= cookedFrom && (m < (lateFrom[c] as number) || freezes[c] === 1)) {
          const bite = Math.min(open, cooked[c] as number);
          cooked[c] = (cooked[c] as number) - bite;
          open -= bite;
        }
        const bite = Math.min(open, frozen[c] as number);
        frozen[c] = (frozen[c] as number) - bite;
        open -= bite;
        const got = want - open;
        short += (eaters - got) * weight;
        if (got <= 0) continue;
        served += 1;
        if ((lastDay[c] as number) >= day - 1) repeats += 1;
        lastDay[c] = day;
        liking += (likes[c] as number) * (got / eaters);
        const each = proteinOf[c] as number;
        if (Number.isNaN(each)) known = false;
        else grams += (each * got) / eaters;
      }
      if (known && served > 0) protein += Math.max(0, PLATE_PROTEIN_G - grams);
    }
    let waste = 0;
    let hands = 0;
    let cost = 0;
    for (let p = 0; p < pieces.length; p++) if ((pieceLast[p] as number) < meals) waste += piece[p] as number;
    for (let c = 0; c < n; c++) {
      const cooks = candidates[c]?.cooks;
      const size = sizes[c] ?? 0;
      if (!cooks || size === 0) continue;
      waste += (cooked[c] as number) * (cooks.freezes ? FROZEN_COUNTS : 1);
      for (let p = 0; p < presses.length; p++) pressing[p] = (pressing[p] as number) - (cooks.clears[p] ?? 0) * size;
      hands += cooks.handsOnce + cooks.handsEach * size;
      cost += cooks.costEach * size;
    }
    for (let p = 0; p < presses.length; p++) waste += Math.max(0, pressing[p] as number);
    return scoreOf({ short, waste, hands, cost, repeats, protein, liking }, ask);
  };
}
