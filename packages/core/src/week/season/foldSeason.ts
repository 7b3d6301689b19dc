import type { SeasonAsk, SeasonDraft, SeasonParts, SeasonPlan, SeasonWeekPlan } from './ask.ts';

/** Mains that a week cooks without being a week of cooking. Common practice, no published source. */
const MAINS_A_WEEK = 4;
/** At more meals of a week a dish comes too often. Common practice, no published source. */
const OFTEN = 3;
/** Of one form, so many meals of a week. Common practice, no published source. */
const FORM_OFTEN = 5;
/** What is in season counts like a quarter of a liking. */
const SEASON_COUNTS = 0.25;
/** Fresh from the week before, it is the same again; out of the freezer half so much. */
const AGAIN = 1;
const AGAIN_FROZEN = 0.5;

/** How much each part counts: a portion that lacks is worse than one that goes off; ten minutes of hands are a euro. Ours, common practice. */
const WEIGHT: Readonly<Record<keyof SeasonParts, number>> = {
  short: 4,
  waste: 1.5,
  hands: 0.08,
  cost: 0.01,
  repeats: 3,
  liking: -1,
  reserve: 2,
  over: 60,
};

/** So much of a portion nobody misses. */
const HARDLY_MISSED = 0.5;

/** A portion over is somebody's second helping; from so many on they are frozen. Common practice, no published source. */
export const WORTH_A_BOX = 2;

interface Box {
  portions: number;
  lastWeek: number;
}

/**
 * What a menu comes to, week by week: what is eaten comes out of the freezer first, the oldest first, but for the reserve, which is taken only when it would go off.
 * What is still lacking is cooked; with it what the reserve lacks and, where it is cooked ahead, its next time. Ahead without a next time fills the reserve alone.
 */
export function foldSeason(ask: SeasonAsk, draft: SeasonDraft): SeasonPlan {
  const { weeks, dishes, goods } = ask;
  const boxes: Box[][] = dishes.map(({ boxes: there }) =>
    there.map((box) => ({ ...box })).sort((a, b) => a.lastWeek - b.lastWeek),
  );
  const used = goods.map(() => weeks.map(() => 0));
  const parts = { short: 0, waste: 0, hands: 0, cost: 0, repeats: 0, liking: 0, reserve: 0, over: 0 };
  const plans = weeks.map(({ meals, portions }, w): SeasonWeekPlan => {
    const each = meals === 0 ? 0 : portions / meals;
    const cooks: SeasonWeekPlan['cooks'][number][] = [];
    const eats: SeasonWeekPlan['eats'][number][] = [];
    const reserves: SeasonWeekPlan['reserves'][number][] = [];
    const forms = new Map<string, number>();
    let hands = 0;
    let litres = 0;
    let served = 0;
    let wentOff = 0;
    const stands: number[] = [];
    for (const [d, dish] of dishes.entries()) {
      const mine = boxes[d] ?? [];
      const on = draft.meals[w]?.[d] ?? 0;
      const wanted = on * each * dish.eatenBy;
      served += on;
      const there = sum(mine);
      const next = draft.ahead[w]?.[d] ? nextTime(ask, draft, w, d) : undefined;
      const goesOff = sum(mine.filter(({ lastWeek }) => lastWeek <= w));
      // The reserve stays, unless it would go off; what is more is free.
      const free = Math.min(there, Math.max(goesOff, there - dish.reserve));
      const fromFreezer = Math.min(wanted, free);
      const lacks = wanted - fromFreezer;
      let frozen = 0;
      const refill = dish.freezerWeeks === 0 ? 0 : Math.max(0, dish.reserve - (there - fromFreezer));
      if (lacks > 1e-9 || next !== undefined || (draft.ahead[w]?.[d] && refill > 0)) {
        const need = lacks + (next ?? 0) + refill;
        // Nobody gets a pot out for less than a meal for all.
        const least = Math.max(need - HARDLY_MISSED, each * dish.eatenBy);
        const size = dish.sizes.find((portions) => portions >= least) ?? dish.sizes.at(-1) ?? 0;
        const over = Math.max(0, size - lacks);
        parts.short += Math.max(0, lacks - size);
        frozen = dish.freezerWeeks > 0 && over >= WORTH_A_BOX ? Math.floor(over + 1e-9) : 0;
        // The fridge keeps it for so many meals; what is eaten later is frozen first, what does not freeze goes off.
        if (dish.freezerWeeks === 0) parts.waste += over + Math.max(0, on - dish.fridgeMeals) * each * dish.eatenBy;
        if (size > 0) {
          cooks.push({ dish: d, portions: size, frozen });
          hands += dish.hands.once + dish.hands.each * size;
          for (const { good, each: gram } of dish.buys) {
            const row = used[good];
            if (row) row[w] = (row[w] ?? 0) + gram * size;
          }
          if (dish.inSeason[w]) parts.liking += SEASON_COUNTS * on;
        }
      }
      take(mine, fromFreezer);
      for (const box of mine) if (box.lastWeek <= w) wentOff += box.portions;
      boxes[d] = [
        ...mine.filter(({ portions: left, lastWeek }) => lastWeek > w && left > 1e-9),
        ...(frozen > 0 ? [{ portions: frozen, lastWeek: w + dish.freezerWeeks }] : []),
      ].sort((a, b) => a.lastWeek - b.lastWeek);
      const left = sum(boxes[d]);
      stands.push(left);
      litres += left * dish.litresEach;
      if (dish.reserve > 0) {
        reserves.push({ dish: d, portions: left, of: dish.reserve });
        parts.reserve += Math.max(0, dish.reserve - left) / weeks.length;
      }
      if (on === 0) continue;
      eats.push({ dish: d, meals: on, portions: wanted, fromFreezer });
      forms.set(dish.form, (forms.get(dish.form) ?? 0) + on);
      // Who does not eat it has to be fed otherwise.
      parts.short += (on * each * (1 - dish.eatenBy)) / 2;
      parts.liking += on * dish.liked;
      parts.repeats += Math.max(0, on - OFTEN) ** 2;
      if ((draft.meals[w - 1]?.[d] ?? 0) > 0) parts.repeats += lacks > 1e-9 ? AGAIN : AGAIN_FROZEN;
    }
    for (const [form, count] of forms) if (form !== 'pot') parts.repeats += Math.max(0, count - FORM_OFTEN);
    parts.short += Math.abs(meals - served) * each;
    parts.waste += wentOff;
    parts.hands += hands;
    parts.over += Math.max(0, cooks.length - MAINS_A_WEEK);
    if (ask.freezerLitres !== undefined && litres > ask.freezerLitres + 1e-6) parts.over += litres - ask.freezerLitres;
    return { cooks, eats, hands, stands, litres, wentOff, reserves };
  });
  dishes.forEach(({ locked }, d) => {
    if (locked && draft.meals.every((week) => (week[d] ?? 0) === 0)) parts.over += 1;
  });
  const uses = goods.flatMap(({ there, pack, minor }, good) => {
    const byWeek = used[good] ?? [];
    const total = byWeek.reduce((all, amount) => all + amount, 0);
    if (total <= 0) return [];
    const missing = total - there;
    if (missing > 1e-6) parts.cost += (pack === undefined ? missing : Math.ceil(missing / pack - 1e-6)) * minor;
    return [{ good, total, byWeek }];
  });
  const score = (Object.keys(WEIGHT) as (keyof SeasonParts)[]).reduce(
    (all, part) => all + WEIGHT[part] * parts[part],
    0,
  );
  return { weeks: plans, parts, score, uses };
}

const sum = (boxes: readonly Box[]): number => boxes.reduce((all, { portions }) => all + portions, 0);

/** Out of the boxes, the first to go off first. */
function take(boxes: Box[], portions: number): void {
  let open = portions;
  for (const box of boxes) {
    const got = Math.min(open, box.portions);
    box.portions -= got;
    open -= got;
  }
}

/** Portions of a dish's next time on the menu, if the freezer keeps it till then. */
function nextTime({ weeks, dishes }: SeasonAsk, { meals }: SeasonDraft, w: number, d: number): number | undefined {
  const dish = dishes[d];
  if (!dish || dish.freezerWeeks === 0) return undefined;
  for (let later = w + 1; later < weeks.length && later <= w + dish.freezerWeeks; later++) {
    const week = weeks[later];
    const on = meals[later]?.[d] ?? 0;
    if (week && on > 0 && week.meals > 0) return (on * week.portions * dish.eatenBy) / week.meals;
  }
  return undefined;
}
