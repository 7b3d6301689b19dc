import loadHighs, { type Highs } from 'highs';
import { MAIN, PLACES, PLATE_PARTS, placeOf, type WeekAsk } from '../src/week/index.ts';

/*
 * An independent answer to how good a small week can be: a general-purpose integer-programming package (HiGHS), in a formulation of our own. It shares no line with the
 * search; what a day brings and liking are left out of both (their weights are 0), and no session runs out of minutes. It may leave food for a later meal, which the search
 * never does: its answer is a bound.
 */

const load = loadHighs as unknown as () => Promise<Highs>;
const MEALS_A_DAY = 2;
/** As `fold.ts` and `score.ts` say it: the reference is told the rules, and finds its own way. */
const CHOSEN_AND_MISSING = 2;
const SPARE = 1.05;
const HARDLY_MISSED = 0.3;
const NOT_ENOUGH = 0.25;
const ASSEMBLY_LACKS = 3;
const CANNOT_BE = 60;
const FORM_OFTEN = 3;
const FROZEN_COUNTS = 0.15;

export async function referenceWeek(): Promise<(ask: WeekAsk) => number> {
  const highs = await load();
  return (ask) => {
    const { Status, ObjectiveValue } = highs.solve(formulate(ask), {
      time_limit: 60,
      output_flag: false,
      mip_rel_gap: 0,
    });
    if (Status !== 'Optimal') throw new Error(`The reference did not come to an end: ${Status}.`);
    return ObjectiveValue;
  };
}

function formulate({ presses, candidates, people, sessions, goods, weights, mostBatches }: WeekAsk): string {
  const rows: string[] = [];
  const binary: string[] = [];
  const integer: string[] = [];
  const costs = new Map<string, number>();
  const bounds: string[] = [];
  let constant = 0;
  const pay = (factor: number, name: string) => costs.set(name, (costs.get(name) ?? 0) + factor);
  const row = (left: string, right: number, sign = '<=') => rows.push(`${left} ${sign} ${right}`);
  const times = (factor: number, name: string) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`;
  const cookedFrom = sessions[0]?.from ?? 0;
  const frozenFrom = sessions[0]?.frozenFrom ?? 0;
  const all = [...people.keys()].filter((m) => (people[m] ?? 0) > 0);
  const isMain = (c: number) => placeOf(candidates[c]?.kind ?? 'grain') === MAIN;
  const keeps = (c: number, m: number): boolean => {
    const cooks = candidates[c]?.cooks;
    return (
      cooks !== undefined &&
      m >= cookedFrom &&
      ((cooks.freezes && m >= frozenFrom) || m < cookedFrom + cooks.keepsMeals)
    );
  };
  /** Where portions at a meal may come from. */
  const sourcesAt = (c: number, m: number): readonly string[] => [
    ...(candidates[c]?.cold ?? []).flatMap(({ lastMeal }, p) => (lastMeal >= m ? [`c${m}_${c}_${p}`] : [])),
    ...(keeps(c, m) ? [`k${m}_${c}`] : []),
    `f${m}_${c}`,
  ];

  for (const m of all) {
    const n = people[m] ?? 0;
    for (const [place] of PLACES.entries()) {
      const fit = candidates.flatMap(({ kind }, c) => (placeOf(kind) === place ? [`x${m}_${c}`] : []));
      if (fit.length > 0) row(fit.join(' + '), 1);
    }
    for (const [p] of PLATE_PARTS.entries()) {
      pay(weights.short, `u${m}_${p}`);
      const given = candidates.flatMap((each, c) =>
        (each.covers[p] ?? 0) > 0 ? sourcesAt(c, m).map((name) => times(each.covers[p] ?? 0, name)) : [],
      );
      row(`u${m}_${p} ${given.join(' ')}`, n, '>=');
    }
    for (const [c, candidate] of candidates.entries()) {
      const want = candidate.want[m] ?? 0;
      binary.push(`x${m}_${c}`);
      row(`${sourcesAt(c, m).join(' + ')} - ${want} x${m}_${c}`, 0);
      pay(weights.short * CHOSEN_AND_MISSING * want, `x${m}_${c}`);
      for (const name of sourcesAt(c, m)) pay(-weights.short * CHOSEN_AND_MISSING, name);
      if (want <= HARDLY_MISSED) continue;
      binary.push(`z${m}_${c}`);
      pay(CANNOT_BE * NOT_ENOUGH, `z${m}_${c}`);
      row(`${want} x${m}_${c} - ${sourcesAt(c, m).join(' - ')} - ${want} z${m}_${c}`, HARDLY_MISSED);
    }
  }

  for (const [c, candidate] of candidates.entries()) {
    // Into what is made of it, c is taken from each of its places: i… .
    const into = candidates.flatMap(({ cooks }, d) =>
      (cooks?.needs ?? []).some((need) => need.candidate === c) ? [d] : [],
    );
    const makes = (kind: string) => into.map((d) => `i${d}_${c}_${kind}`);
    row([...all.map((m) => `f${m}_${c}`), ...makes('f')].join(' + '), candidate.frozen);
    for (const [p, { portions, lastMeal }] of candidate.cold.entries()) {
      const eaten = [
        ...all.filter((m) => m <= lastMeal).map((m) => `c${m}_${c}_${p}`),
        ...(lastMeal >= cookedFrom ? makes(`c${p}`) : []),
      ];
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
      const left = cooks.freezes ? FROZEN_COUNTS : 1;
      const eaten = [...all.filter((m) => keeps(c, m)).map((m) => `k${m}_${c}`), ...makes('k')];
      const made = sizes.map(({ size, name }) => times(-size, name)).join(' ');
      if (eaten.length > 0) row(`${eaten.join(' + ')} ${made}`, 0);
      for (const name of eaten) pay(-weights.waste * left, name);
      const { once, each } = cooks.work.hands;
      for (const { size, name } of sizes)
        pay(weights.waste * left * size + (weights.hands / 10) * (once + each * size), name);
      for (const need of cooks.needs) {
        const d = need.candidate;
        const from = [
          ...(candidates[d]?.cold ?? []).flatMap(({ lastMeal }, p) =>
            lastMeal >= cookedFrom ? [`i${c}_${d}_c${p}`] : [],
          ),
          ...(candidates[d]?.cooks ? [`i${c}_${d}_k`] : []),
          `i${c}_${d}_f`,
        ];
        pay(weights.short * ASSEMBLY_LACKS, `l${c}_${d}`);
        row(
          `l${c}_${d} + ${from.join(' + ')} ${sizes.map(({ size, name }) => times(-need.each * SPARE * size, name)).join(' ')}`,
          0,
          '>=',
        );
        row(
          `${from.join(' + ')} ${sizes.map(({ size, name }) => times(-need.each * SPARE * size, name)).join(' ')}`,
          0,
        );
      }
    }
    for (const m of all) {
      const day = Math.floor(m / MEALS_A_DAY);
      const earlier = all.filter((each) => each < m && Math.floor(each / MEALS_A_DAY) >= day - 1);
      if (earlier.length === 0) continue;
      bounds.push(`0 <= r${m}_${c} <= 1`);
      pay(weights.repeats, `r${m}_${c}`);
      for (const before of earlier) {
        row(`x${m}_${c} + x${before}_${c} - r${m}_${c}`, 1);
        if (!isMain(c) || Math.floor(before / MEALS_A_DAY) !== day) continue;
        bounds.push(`0 <= s${m}_${c} <= 1`);
        pay(CANNOT_BE, `s${m}_${c}`);
        row(`x${m}_${c} + x${before}_${c} - s${m}_${c}`, 1);
      }
    }
  }
  // All are of one form here: from the fourth time on it counts.
  const mains = all.flatMap((m) => candidates.flatMap((_, c) => (isMain(c) ? [`x${m}_${c}`] : [])));
  if (mains.length > 0) {
    pay(weights.repeats, 'often');
    row(`${mains.join(' + ')} - often`, FORM_OFTEN);
  }
  for (const [p, { portions }] of presses.entries()) {
    pay(weights.waste, `w${p}`);
    const used = candidates.flatMap(({ cooks }, c) =>
      (cooks?.sizes ?? []).map((size) => times((cooks?.clears[p] ?? 0) * size, `y${c}_${size}`)),
    );
    row(`w${p} ${used.join(' ')}`, portions, '>=');
  }
  for (const [g, { there, pack, minor }] of goods.entries()) {
    const used = candidates.flatMap(({ cooks }, c) => {
      const each = cooks?.buys.find(({ good }) => good === g)?.each;
      return each === undefined || !cooks ? [] : cooks.sizes.map((size) => times(-each * size, `y${c}_${size}`));
    });
    if (used.length === 0) continue;
    pay((weights.cost / 100) * minor, `b${g}`);
    if (pack !== undefined) integer.push(`b${g}`);
    row(`${pack ?? 1} b${g} ${used.join(' ')}`, -there, '>=');
  }
  const batches = binary.filter((name) => name.startsWith('y'));
  if (batches.length > 0) row(batches.join(' + '), mostBatches);
  return `Minimize\n obj: ${[...costs].map(([name, factor]) => times(factor, name)).join(' ')} + ${constant} one\nSubject To\n${rows
    .map((each, n) => ` c${n}: ${each}`)
    .join('\n')}\nBounds\n 1 <= one <= 1\n ${bounds.join('\n ')}\n${
    integer.length > 0 ? `General\n ${integer.join('\n ')}\n` : ''
  }Binary\n ${binary.join('\n ')}\nEnd\n`;
}
