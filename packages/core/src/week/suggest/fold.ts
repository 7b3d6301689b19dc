import { IRON_ALONE_COUNTS, VITAMIN_C_BESIDE_IRON_MG, isWithin } from '../intakes.ts';
import { MEALS_A_DAY } from '../meals.ts';
import { MAIN, PLACES, PLATE_PARTS, WORK, placeOf, type Cooking, type WeekAsk } from './ask.ts';
import type { FlatDraft } from './flatDraft.ts';
import { FROZEN_COUNTS, SEASON_COUNTS, type ScoreParts } from './score.ts';

export interface Eaten {
  /** Portions eaten of each candidate at each meal. */
  readonly at: readonly (readonly { readonly candidate: number; readonly portions: number }[])[];
  /** Portions of a cooked batch that are eaten when the fridge no longer keeps it: they are frozen. */
  readonly fromFreezer: readonly number[];
  /** Portions of a cooked batch that are neither eaten nor go into anything in these days. */
  readonly unused: readonly number[];
  /** What lunch and dinner of each day bring to one eater of each group; nothing on days without them. */
  readonly days: readonly (readonly (DayFed | undefined)[])[];
  /** Of each session, foods that are cut in one go for several of its dishes. */
  readonly cutTogether: readonly { readonly food: string; readonly candidates: readonly number[] }[];
  /** Portions of components that assemblies would lack. */
  readonly lacks: number;
  readonly freezerLitres: number;
}

export interface DayFed {
  readonly kJ: number;
  readonly proteinG: number;
  readonly fibreG: number;
  readonly ironMg: number;
  readonly saltG: number;
  /** Of the band of the whole day, as many of its two meals are eaten here. */
  readonly share: number;
}

/** Something that is chosen and not there is worse than a plate that is planned without it. */
const CHOSEN_AND_MISSING = 2;
/** So much of a portion nobody misses; more is a meal that the week would call short: such a week is not shown, so it costs more than any poor plate. */
const HARDLY_MISSED = 0.3;
const NOT_ENOUGH = 2;
const ASSEMBLY_LACKS = 3;
/** A little more is made of what goes into something else than its portions say: loads and peel are no whole numbers. */
export const SPARE = 1.05;
/** Beside energy and protein, the rest of a day counts less. Common practice, no published source. */
const BESIDE = 0.25;
/** Minutes of hands for a session more: everything comes out, and is washed up, once more. Common practice, no published source. */
const EXTRA_SESSION = 20;
/** Eaters of a usual table. Common practice, no published source. */
const A_TABLE = 4;
/** A day that is outside its band at all, and each beyond the first. */
const OUTSIDE = 0.4;
const OUTSIDE_AGAIN = 1.5;
/** A week whose mains were all on the table in the weeks behind counts as so many repetitions. Common practice, no published source. */
const NOTHING_NEW = 3;
/** From the fourth time on a form comes too often in a week. Common practice, no published source. */
const FORM_OFTEN = 3;
const SAME_MAIN = 1;
/** Another main of the same beans or the same spice, that day or the day after: half a repetition. Common practice, no published source. */
const ALIKE = 0.5;
/** Another main of the same colour or the same texture at the next meal. Common practice, no published source. */
const LOOKS_ALIKE = 0.2;
/** Of a good that is not there before the trip: a plate less is better than one that cannot be cooked. Scales are no better than a fiftieth. */
const NOT_BOUGHT = 4;
const NEARLY_ALL = 1.02;
/** Minutes over are told in tens. */
const TEN = 10;

/**
 * What drafts of one week come to: what can be is laid out in arrays once, and used again for each draft, as the search asks it tens of thousands of times. Cold boxes are
 * eaten first, the first to go off first; then what was cooked, then what is frozen. Components go into what is assembled before they go onto plates.
 */
export function weekFold(ask: WeekAsk): (draft: FlatDraft, eaten?: (what: Eaten) => void) => ScoreParts {
  const { candidates, people, presses, groups, goods, sessions } = ask;
  const n = candidates.length;
  const meals = people.length;
  const days = Math.ceil(meals / MEALS_A_DAY);
  const parts = PLATE_PARTS.length;
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
  const freezes = Uint8Array.from(candidates, ({ cooks }) => (cooks?.freezes ? 1 : 0));
  const keepsMeals = Int32Array.from(candidates, ({ cooks }) => cooks?.keepsMeals ?? 0);
  const want = new Float64Array(n * meals);
  const covers = new Float64Array(n * parts);
  const forms = [...new Set(candidates.map(({ form }) => form))];
  const formOf = Int32Array.from(candidates, ({ form }) => forms.indexOf(form));
  const traits = [...new Set(candidates.flatMap((each) => each.traits ?? []))];
  const traitFrom = new Int32Array(n + 1);
  const traitOf: number[] = [];
  for (const [c, each] of candidates.entries()) {
    traitOf.push(...(each.traits ?? []).map((trait) => traits.indexOf(trait)));
    traitFrom[c + 1] = traitOf.length;
  }
  /** How many looks each two share. */
  const looksShared = new Uint8Array(n * n);
  for (const [c, { looks = [] }] of candidates.entries())
    for (const [d, other] of candidates.entries())
      looksShared[c * n + d] = c === d ? 0 : looks.filter((look) => other.looks?.includes(look)).length;
  const isMain = Uint8Array.from(candidates, ({ kind }) => (placeOf(kind) === MAIN ? 1 : 0));
  const had = Uint8Array.from(candidates, (each) => (each.had ? 1 : 0));
  const litres = Float64Array.from(candidates, ({ litresEach }) => litresEach);
  const likes = Float64Array.from(candidates, ({ liked, cooks }) => liked + (cooks?.inSeason ? SEASON_COUNTS : 0));
  /** kJ, protein, fibre, iron, vitamin C, salt of one portion. */
  const FACTS = 6;
  /** What one eater of a group gets of a candidate that is there in full. */
  const gives = new Float64Array(n * groups.length * FACTS);
  for (const [c, each] of candidates.entries()) {
    for (let m = 0; m < meals; m++) want[c * meals + m] = each.want[m] ?? 0;
    for (let p = 0; p < parts; p++) covers[c * parts + p] = each.covers[p] ?? 0;
    const { kJ, proteinG, fibreG, ironMg, vitaminCMg, saltG } = each.facts;
    groups.forEach((_, g) =>
      [kJ, proteinG, fibreG, ironMg, vitaminCMg, saltG].forEach((value, f) => {
        gives[(c * groups.length + g) * FACTS + f] = (value ?? 0) * (each.eats[g] ?? 0);
      }),
    );
  }
  const at = groups.map(({ at: there }) => Uint8Array.from({ length: meals }, (_, m) => (there[m] ? 1 : 0)));
  // One who eats alone is to be fed as well as a table of four: what a thin day costs does not shrink with the household.
  const all = groups.reduce((sum, { names }) => sum + names.length, 0);
  const heads = groups.map(({ names }) => names.length * Math.max(1, A_TABLE / Math.max(1, all)));
  const open = Uint8Array.from({ length: meals }, (_, m) => (ask.settled[m] ? 0 : 1));
  const W = WORK.length;
  const workOnce = new Float64Array(n * W);
  const workEach = new Float64Array(n * W);
  const buyFrom = new Int32Array(n + 1);
  const bought: { readonly good: number; readonly each: number }[] = [];
  const clears = new Float64Array(n * presses.length);
  for (const [c, { cooks }] of candidates.entries()) {
    if (cooks) {
      WORK.forEach((what, w) => {
        workOnce[c * W + w] = cooks.work[what].once;
        workEach[c * W + w] = cooks.work[what].each;
      });
      bought.push(...cooks.buys);
      for (let p = 0; p < presses.length; p++) clears[c * presses.length + p] = cooks.clears[p] ?? 0;
    }
    buyFrom[c + 1] = bought.length;
  }
  const givesOf = candidates.map(({ cooks }) => cooks?.gives ?? []);
  /** Of each good, what is given less what is used, session by session: what comes out beside a later dish is not there for an earlier one. */
  const G = goods.length;
  const given = Uint8Array.from(goods, (_, g) => (givesOf.some((list) => list.some(({ good }) => good === g)) ? 1 : 0));
  const goodLeft = new Float64Array(G * sessions.length);
  const cutFoods = [...new Set(candidates.flatMap(({ cooks }) => cooks?.cuts ?? []))];
  const cutsOf = candidates.map(({ cooks }) => Int32Array.from(cooks?.cuts ?? [], (food) => cutFoods.indexOf(food)));
  /** Which dish cuts each food first in each session; -1: none. */
  const cutBy = new Int32Array(cutFoods.length * sessions.length);
  const boardMinutes = ask.boardMinutes ?? 0;
  const buyGood = Int32Array.from(bought, ({ good }) => good);
  const buyEach = Float64Array.from(bought, ({ each }) => each);
  const packOf = Float64Array.from(goods, ({ pack }) => pack ?? 0);
  const minorOf = Float64Array.from(goods, ({ minor }) => minor);
  const early = Uint8Array.from(sessions, (session) => (session.beforeTrip ? 1 : 0));
  const anyEarly = early.includes(1);
  /** The fewest days in a row that somebody of a group eats the same; many where nobody minds. */
  const mostRun = groups.map(({ repeats }) => repeats ?? Infinity);
  const anyRun = mostRun.some((most) => most < Infinity);
  const extra = Uint8Array.from(sessions, (session) => (session.extra ? 1 : 0));
  const sessionFrom = Int32Array.from(sessions, ({ from }) => from);
  const sessionFrozen = Int32Array.from(sessions, ({ frozenFrom }) => frozenFrom);
  const most = Float64Array.from(sessions.flatMap((session) => WORK.map((what) => session.most[what])));
  const made = candidates.flatMap(({ cooks }, c) => (cooks && cooks.needs.length > 0 ? [c] : []));
  /** Least kJ, most kJ, protein, fibre, iron, most salt. */
  const bands = Float64Array.from(
    groups.flatMap(({ band }) => [band.leastKJ, band.mostKJ, band.proteinG, band.fibreG, band.ironMg, band.mostSaltG]),
  );
  const present = groups.map((_, g) =>
    Uint8Array.from({ length: days }, (__, d) => (at[g]?.[d * MEALS_A_DAY] ?? 0) + (at[g]?.[d * MEALS_A_DAY + 1] ?? 0)),
  );
  /** The sessions, as they follow each other. */
  const inTurn = sessions.map((_, s) => s).sort((a, b) => (sessionFrom[a] as number) - (sessionFrom[b] as number));
  const earlyInTurn = inTurn.filter((s) => early[s] === 1);
  const goodWas = Float64Array.from(goods, ({ there }) => there);

  /** What simply stands in a pot may come twice a day: a stew is not a soup. */
  const POT = forms.indexOf('pot');

  const piece = new Float64Array(pieces.length);
  const frozen = new Float64Array(n);
  const cooked = new Float64Array(n);
  const cookedAt = new Int32Array(n);
  const frozenAt = new Int32Array(n);
  const fromFreezer = new Float64Array(n);
  const pressing = new Float64Array(presses.length);
  const lastDay = new Int32Array(n);
  const goodUsed = new Float64Array(goods.length);
  const goodEarly = new Float64Array(goods.length);
  const run = new Int32Array(n);
  const work = new Float64Array(sessions.length * W);
  const batches = new Int32Array(sessions.length);
  const cover = new Float64Array(parts);
  const formCount = new Int32Array(forms.length);
  const traitDay = new Int32Array(traits.length);
  const traitBy = new Int32Array(traits.length);
  const fed = new Float64Array(groups.length * days * FACTS);
  const servedC = new Int32Array(PLACES.length);
  const servedShare = new Float64Array(PLACES.length);

  const bite = (from: Float64Array, n: number, most: number): number => {
    const got = Math.min(most, from[n] as number);
    from[n] = (from[n] as number) - got;
    return got;
  };
  /** Takes up to so much of a candidate at a meal: what goes off first, then what was cooked, then what is frozen. A dish is made of what the fridge still keeps of a batch: what of it is to be frozen is promised to plates. */
  const take = (c: number, m: number, most: number, forDish = false): number => {
    let open = most;
    const made = (cooked[c] as number) > 0 && m >= (cookedAt[c] as number);
    const last = (cookedAt[c] as number) + (keepsMeals[c] as number) - 1;
    const late = m > last;
    for (let p = pieceFrom[c] as number; p < (pieceFrom[c + 1] as number) && open > 0; p++) {
      if ((pieceLast[p] as number) < m || (pieceFirst[p] as number) > m) continue;
      // A fresh batch that cannot be frozen may go off before an older box.
      if (made && !late && freezes[c] === 0 && (pieceLast[p] as number) > last) open -= bite(cooked, c, open);
      open -= bite(piece, p, open);
    }
    if (open > 0 && made && (!late || (!forDish && freezes[c] === 1 && m >= (frozenAt[c] as number)))) {
      const got = bite(cooked, c, open);
      open -= got;
      if (late) fromFreezer[c] = (fromFreezer[c] as number) + got;
    }
    open -= bite(frozen, c, open);
    return most - open;
  };

  /** Portions that are left, as whoever had it so many days in a row does not eat it again. */
  const left = (c: number, m: number): number => {
    let portions = 0;
    for (let g = 0; g < groups.length; g++)
      if (at[g]?.[m] === 1 && (run[c] as number) > (mostRun[g] as number))
        portions += (heads[g] as number) * (groups[g] ? (candidates[c]?.eats[g] ?? 0) : 0);
    return portions;
  };

  /** Of a good that comes out beside dishes, the most that is missing by the end of any of these sessions, in their turn. */
  const lacking = (g: number, among: readonly number[]): number => {
    let there = goodWas[g] as number;
    let least = 0;
    for (const s of among) {
      there += goodLeft[s * G + g] as number;
      least = Math.min(least, there);
    }
    return -least;
  };

  return ({ plates, sizes, into }, tell) => {
    piece.set(pieceWas);
    frozen.set(frozenWas);
    pressing.set(pressWas);
    lastDay.fill(-9);
    goodUsed.fill(0);
    goodEarly.fill(0);
    goodLeft.fill(0);
    work.fill(0);
    batches.fill(0);
    formCount.fill(0);
    traitDay.fill(-9);
    fed.fill(0);
    fromFreezer.fill(0);
    let short = 0;
    let feeds = 0;
    let waste = 0;
    let hands = 0;
    let cost = 0;
    let repeats = 0;
    let liking = 0;
    let over = 0;
    let lacks = 0;
    let known = 0;
    let fresh = 0;
    const told: { candidate: number; portions: number }[][] = [];
    const cutTogether = new Map<number, readonly number[]>();
    cutBy.fill(-1);

    for (let c = 0; c < n; c++) {
      const size = sizes[c] as number;
      cooked[c] = size;
      if (size === 0) continue;
      const s = into[c] as number;
      cookedAt[c] = sessionFrom[s] as number;
      frozenAt[c] = sessionFrozen[s] as number;
      batches[s] = (batches[s] as number) + 1;
      for (let w = 0; w < W; w++) {
        const minutes = (workOnce[c * W + w] as number) + (workEach[c * W + w] as number) * size;
        work[s * W + w] = (work[s * W + w] as number) + minutes;
        if (w === 0) hands += minutes;
      }
      const cuts = cutsOf[c] as Int32Array;
      let shared = -1;
      for (let k = 0; k < cuts.length; k++) {
        const cut = s * cutFoods.length + (cuts[k] as number);
        if ((cutBy[cut] as number) < 0) cutBy[cut] = c;
        else if (shared < 0) shared = cut;
      }
      // The board comes out once for both.
      if (shared >= 0) {
        hands -= boardMinutes;
        work[s * W] = (work[s * W] as number) - boardMinutes;
        if (tell) cutTogether.set(shared, [...(cutTogether.get(shared) ?? [cutBy[shared] as number]), c]);
      }
      for (let b = buyFrom[c] as number; b < (buyFrom[c + 1] as number); b++) {
        const good = buyGood[b] as number;
        const uses = (buyEach[b] as number) * size;
        goodUsed[good] = (goodUsed[good] as number) + uses;
        if (early[s] === 1) goodEarly[good] = (goodEarly[good] as number) + uses;
        if (given[good] === 1) goodLeft[s * G + good] = (goodLeft[s * G + good] as number) - uses;
      }
      for (const { good, each } of givesOf[c] as NonNullable<Cooking['gives']>)
        goodLeft[s * G + good] = (goodLeft[s * G + good] as number) + each * size;
      for (let p = 0; p < presses.length; p++)
        pressing[p] = (pressing[p] as number) - (clears[c * presses.length + p] as number) * size;
    }
    // What is assembled takes its components when it is made.
    for (const c of made) {
      const size = sizes[c] as number;
      if (size === 0) continue;
      for (const { candidate, each } of candidates[c]?.cooks?.needs ?? []) {
        const need = each * size * SPARE;
        lacks += need - take(candidate, cookedAt[c] as number, need, true);
      }
    }
    short += lacks * ASSEMBLY_LACKS;

    for (let m = 0; m < meals; m++) {
      const eaters = people[m] as number;
      const plate = m * PLACES.length;
      const served: { candidate: number; portions: number }[] | undefined = tell && [];
      if (served) told.push(served);
      if (eaters === 0) continue;
      const day = Math.floor(m / MEALS_A_DAY);
      cover.fill(0);
      let on = 0;
      for (let r = 0; r < PLACES.length; r++) {
        const c = plates[plate + r] as number;
        if (c < 0) continue;
        const wanted = want[c * meals + m] as number;
        if (wanted <= 0) continue;
        const got = take(c, m, wanted);
        const missing = wanted - got;
        short += missing * CHOSEN_AND_MISSING;
        if (missing > HARDLY_MISSED && open[m] === 1) over += NOT_ENOUGH;
        if (got <= 1e-9) continue;
        if (served) served.push({ candidate: c, portions: got });
        for (let p = 0; p < parts; p++) cover[p] = (cover[p] as number) + (covers[c * parts + p] as number) * got;
        servedC[on] = c;
        servedShare[on] = got / wanted;
        on += 1;
        const before = lastDay[c] as number;
        run[c] = before < day - 1 ? 1 : (run[c] as number) + day - before;
        if (anyRun && before !== day) short += left(c, m);
        if (before >= day - 1) {
          repeats += 1;
          if (before === day && r === MAIN && open[m] === 1) over += SAME_MAIN;
        }
        lastDay[c] = day;
        if (isMain[c] === 1) {
          if (had[c] === 1) known += 1;
          else fresh += 1;
          const f = formOf[c] as number;
          formCount[f] = (formCount[f] as number) + 1;
          if (formCount[f] > FORM_OFTEN) repeats += 1;
          const other = m % MEALS_A_DAY === 1 ? (plates[plate - PLACES.length + MAIN] as number) : -1;
          if (other >= 0 && other !== c && formOf[other] === f && f !== POT) repeats += 1;
          const earlier = m > 0 ? (plates[plate - PLACES.length + MAIN] as number) : -1;
          if (earlier >= 0) repeats += LOOKS_ALIKE * (looksShared[c * n + earlier] as number);
          for (let t = traitFrom[c] as number; t < (traitFrom[c + 1] as number); t++) {
            const trait = traitOf[t] as number;
            if ((traitDay[trait] as number) >= day - 1 && traitBy[trait] !== c) repeats += ALIKE;
            traitDay[trait] = day;
            traitBy[trait] = c;
          }
        }
        liking += (likes[c] as number) * (got / eaters);
      }
      for (let p = 0; p < parts; p++) short += Math.max(0, eaters - (cover[p] as number));
      for (let g = 0; g < groups.length; g++) {
        if (at[g]?.[m] !== 1) continue;
        const to = (g * days + day) * FACTS;
        let iron = 0;
        let vitaminC = 0;
        for (let k = 0; k < on; k++) {
          const share = servedShare[k] as number;
          const from = ((servedC[k] as number) * groups.length + g) * FACTS;
          fed[to] = (fed[to] as number) + (gives[from] as number) * share;
          fed[to + 1] = (fed[to + 1] as number) + (gives[from + 1] as number) * share;
          fed[to + 2] = (fed[to + 2] as number) + (gives[from + 2] as number) * share;
          iron += (gives[from + 3] as number) * share;
          vitaminC += (gives[from + 4] as number) * share;
          fed[to + 5] = (fed[to + 5] as number) + (gives[from + 5] as number) * share;
        }
        fed[to + 3] = (fed[to + 3] as number) + (vitaminC < VITAMIN_C_BESIDE_IRON_MG ? iron * IRON_ALONE_COUNTS : iron);
      }
    }

    if (known > 0 && fresh === 0) repeats += NOTHING_NEW;

    for (let g = 0; g < groups.length; g++) {
      const b = g * FACTS;
      let outside = 0;
      for (let d = 0; d < days; d++) {
        const here = present[g]?.[d] ?? 0;
        if (here === 0) continue;
        const share = here / MEALS_A_DAY;
        const from = (g * days + d) * FACTS;
        const kJ = (fed[from] as number) / share;
        const proteinG = (fed[from + 1] as number) / share;
        const day =
          under(kJ, bands[b] as number) +
          above(kJ, bands[b + 1] as number) / 2 +
          under(proteinG, bands[b + 2] as number) / 2 +
          BESIDE *
            (under((fed[from + 2] as number) / share, bands[b + 3] as number) +
              under((fed[from + 3] as number) / share, bands[b + 4] as number) +
              above((fed[from + 5] as number) / share, bands[b + 5] as number));
        feeds += (heads[g] as number) * share * day;
        if (!isWithin(kJ, proteinG, bands[b] as number, bands[b + 1] as number, bands[b + 2] as number)) outside += 1;
      }
      // One thin day of a week is no matter; more are.
      feeds += (heads[g] as number) * (OUTSIDE * outside + OUTSIDE_AGAIN * Math.max(0, outside - 1));
    }

    for (let p = 0; p < pieces.length; p++) if ((pieceLast[p] as number) < meals) waste += piece[p] as number;
    let freezerLitres = 0;
    for (let c = 0; c < n; c++) {
      if ((sizes[c] as number) === 0) continue;
      waste += (cooked[c] as number) * (freezes[c] === 1 ? FROZEN_COUNTS : 1);
      freezerLitres +=
        ((fromFreezer[c] as number) + (freezes[c] === 1 ? (cooked[c] as number) : 0)) * (litres[c] as number);
    }
    for (let p = 0; p < presses.length; p++) waste += Math.max(0, pressing[p] as number);
    for (let g = 0; g < goods.length; g++) {
      const missing = given[g] === 1 ? lacking(g, inTurn) : (goodUsed[g] as number) - (goodWas[g] as number);
      if (missing <= 1e-6) continue;
      const pack = packOf[g] as number;
      cost += (pack === 0 ? missing : Math.ceil(missing / pack - 1e-6)) * (minorOf[g] as number);
    }
    // Nobody brings it before the trip: there is only what is there.
    if (anyEarly)
      for (let g = 0; g < goods.length; g++)
        if (
          given[g] === 1
            ? lacking(g, earlyInTurn) > (goodWas[g] as number) * (NEARLY_ALL - 1) + 1e-6
            : (goodEarly[g] as number) > (goodWas[g] as number) * NEARLY_ALL
        )
          over += NOT_BOUGHT;
    for (let s = 0; s < sessions.length; s++) {
      for (let w = 0; w < W; w++) over += Math.max(0, (work[s * W + w] as number) - (most[s * W + w] as number)) / TEN;
      over += Math.max(0, (batches[s] as number) - ask.mostBatches);
      if (extra[s] === 1 && (batches[s] as number) > 0) hands += EXTRA_SESSION;
    }
    // A litre too much is no room at all.
    if (ask.freezerLitres !== undefined && freezerLitres > ask.freezerLitres + 1e-6)
      over += 1 + freezerLitres - ask.freezerLitres;

    tell?.({
      at: told,
      fromFreezer: [...fromFreezer],
      unused: Array.from(sizes, (size, c) => (size > 0 ? (cooked[c] as number) : 0)),
      cutTogether: [...cutTogether].map(([cut, together]) => ({
        food: cutFoods[cut % cutFoods.length] as string,
        candidates: together,
      })),
      lacks,
      freezerLitres,
      days: groups.map((_, g) =>
        Array.from({ length: days }, (__, d): DayFed | undefined => {
          const here = present[g]?.[d] ?? 0;
          const from = (g * days + d) * FACTS;
          return here === 0
            ? undefined
            : {
                kJ: fed[from] as number,
                proteinG: fed[from + 1] as number,
                fibreG: fed[from + 2] as number,
                ironMg: fed[from + 3] as number,
                saltG: fed[from + 5] as number,
                share: here / MEALS_A_DAY,
              };
        }),
      ),
    });
    return { short, feeds, waste, hands, cost, repeats, liking, over };
  };
}

/** By how much of it a day falls short of the least; by how much it goes beyond the most, a whole day at the worst. */
const under = (value: number, least: number): number => (value < least ? 1 - value / least : 0);
const above = (value: number, most: number): number => (value > most ? Math.min(1, value / most - 1) : 0);
