import loadHighs, { type Highs } from 'highs';
import { roleOf, type WeekAsk } from '../src/week/index.ts';

/*
 * An independent answer to how good a small week can be: a general-purpose integer-programming package (HiGHS), in a formulation of our own. It shares no line with the
 * search; protein and liking are left out of both (their weights are 0). It may leave food for a later meal, which the search never does: its answer is a bound.
 */

const load = loadHighs as unknown as () => Promise<Highs>;
const MEALS_A_DAY = 2;

export async function referenceWeek(): Promise<(ask: WeekAsk) => number> {
  const highs = await load();
  return (ask) => {
    const { Status, ObjectiveValue } = highs.solve(formulate(ask), {
      time_limit: 30,
      output_flag: false,
      mip_rel_gap: 0,
    });
    if (Status !== 'Optimal') throw new Error(`The reference did not come to an end: ${Status}.`);
    return ObjectiveValue;
  };
}

function formulate({ presses, candidates, people, cookedFrom, weights, mostBatches }: WeekAsk): string {
  const rows: string[] = [];
  const binary: string[] = [];
  const costs = new Map<string, number>();
  const bounds: string[] = [];
  let constant = 0;
  const pay = (factor: number, name: string) => costs.set(name, (costs.get(name) ?? 0) + factor);
  const row = (left: string, right: number, sign = '<=') => rows.push(`${left} ${sign} ${right}`);

  for (const [m, n] of people.entries()) {
    if (n === 0) continue;
    constant += weights.short * 3 * n;
    for (const role of ['base', 'protein', 'side'] as const) {
      const fit = candidates.flatMap(({ kind }, c) =>
        roleOf(kind) === role || roleOf(kind) === 'whole' ? [`x${m}_${c}`] : [],
      );
      if (fit.length > 0) row(fit.join(' + '), 1);
    }
    for (const [c, candidate] of candidates.entries()) {
      const weight = roleOf(candidate.kind) === 'whole' ? 3 : 1;
      const want = n * (candidate.eatenBy[m] ?? 0);
      binary.push(`x${m}_${c}`);
      const from = [
        ...candidate.cold.flatMap(({ lastMeal }, p) => (lastMeal >= m ? [`c${m}_${c}_${p}`] : [])),
        ...(candidate.cooks &&
        m >= cookedFrom &&
        (candidate.cooks.freezes || m < cookedFrom + candidate.cooks.keepsMeals)
          ? [`k${m}_${c}`]
          : []),
        `f${m}_${c}`,
      ];
      row(`${from.join(' + ')} - ${want} x${m}_${c}`, 0);
      for (const name of from) pay(-weights.short * weight, name);
    }
  }
  const all = [...people.keys()].filter((m) => (people[m] ?? 0) > 0);
  for (const [c, candidate] of candidates.entries()) {
    row(all.map((m) => `f${m}_${c}`).join(' + '), candidate.frozen);
    for (const [p, { portions, lastMeal }] of candidate.cold.entries()) {
      const eaten = all.filter((m) => m <= lastMeal).map((m) => `c${m}_${c}_${p}`);
      if (eaten.length > 0) row(eaten.join(' + '), portions);
      if (lastMeal >= people.length) continue;
      constant += weights.waste * portions;
      for (const name of eaten) pay(-weights.waste, name);
    }
    const { cooks } = candidate;
    if (cooks) {
      const sizes = cooks.sizes.map((size) => ({ size, name: `y${c}_${size}` }));
      binary.push(...sizes.map(({ name }) => name));
      row(sizes.map(({ name }) => name).join(' + '), 1);
      const left = cooks.freezes ? 0.15 : 1;
      const eaten = all
        .filter((m) => m >= cookedFrom && (cooks.freezes || m < cookedFrom + cooks.keepsMeals))
        .map((m) => `k${m}_${c}`);
      if (eaten.length > 0)
        row(`${eaten.join(' + ')} ${sizes.map(({ size, name }) => `- ${size} ${name}`).join(' ')}`, 0);
      for (const name of eaten) pay(-weights.waste * left, name);
      for (const { size, name } of sizes)
        pay(
          weights.waste * left * size +
            (weights.hands / 10) * (cooks.handsOnce + cooks.handsEach * size) +
            (weights.cost / 100) * cooks.costEach * size,
          name,
        );
    }
    for (const m of all) {
      const day = Math.floor(m / MEALS_A_DAY);
      const earlier = all.filter((each) => each < m && Math.floor(each / MEALS_A_DAY) >= day - 1);
      if (earlier.length === 0) continue;
      bounds.push(`0 <= r${m}_${c} <= 1`);
      pay(weights.repeats, `r${m}_${c}`);
      for (const before of earlier) row(`x${m}_${c} + x${before}_${c} - r${m}_${c}`, 1);
    }
  }
  for (const [p, { portions }] of presses.entries()) {
    pay(weights.waste, `w${p}`);
    const used = candidates.flatMap(({ cooks }, c) =>
      (cooks?.sizes ?? []).map((size) => `+ ${(cooks?.clears[p] ?? 0) * size} y${c}_${size}`),
    );
    row(`w${p} ${used.join(' ')}`, portions, '>=');
  }
  const batches = binary.filter((name) => name.startsWith('y'));
  if (batches.length > 0) row(batches.join(' + '), mostBatches);
  return `Minimize\n obj: ${[...costs]
    .map(([name, factor]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`)
    .join(' ')} + ${constant} one\nSubject To\n${rows
    .map((each, n) => ` c${n}: ${each}`)
    .join('\n')}\nBounds\n 1 <= one <= 1\n ${bounds.join('\n ')}\nBinary\n ${binary.join('\n ')}\nEnd\n`;
}
