import { seeded } from '../../quantity/index.ts';
import { MAIN, PLACES, placeOf, type Candidate, type WeekAsk } from './ask.ts';
import { draftOf, flat, put, type FlatDraft } from './flatDraft.ts';
import { SPARE, weekFold, type Eaten } from './fold.ts';
import { scoreOf, type Draft, type ScoreParts } from './score.ts';

export interface Suggested {
  readonly draft: Draft;
  readonly parts: ScoreParts;
  readonly score: number;
  readonly eaten: Eaten;
}

export interface SearchAsk {
  readonly seed: number;
  readonly rounds: number;
  readonly from?: Draft;
  /** How much worse a change may make the week and still be tried at first, in points; undefined: as is usual from such a start. */
  readonly warm?: number;
  /** A candidate that is on some plate, whatever that costs. */
  readonly holding?: number;
}

/** How much worse a change may make the week and still be tried at first, in points. */
const WARM = 8;
const WARM_AGAIN = 1;
/** What a week costs that does not have what it should hold, in points. */
const NOT_HELD = 60;
/** On so many plates it is put at first. */
const HELD_AT = 4;
/** How often the search warms up again. */
const CYCLES = 6;
/** Less than that of a portion more is wanted: a batch is not made larger for it. */
const A_BIT = 0.3;
/** Sizes by which a batch may differ from what its plates ask. */
const MOST_NUDGED = 2;

const NOTHING: readonly number[] = PLACES.map(() => -1);

/** What a meal that is settled has on its plate. */
function settledMeal({ settled, candidates }: Pick<WeekAsk, 'settled' | 'candidates'>, m: number): number[] {
  const meal = [...NOTHING];
  for (const food of settled[m] ?? []) {
    const c = candidates.findIndex((each) => each.food === food);
    if (c < 0) continue;
    const own = placeOf((candidates[c] as Candidate).kind);
    const place = meal[own] === -1 ? own : meal.indexOf(-1);
    if (place >= 0) meal[place] = c;
  }
  return meal;
}

/** The question laid out for a search: who may stand where, and how large a batch has to be. */
function laidOut(ask: WeekAsk) {
  const { candidates, people } = ask;
  const open = people.flatMap((n, m) => (n > 0 && !ask.settled[m] ? [m] : []));
  const byPlace = PLACES.map((_, place) => candidates.flatMap(({ kind }, c) => (placeOf(kind) === place ? [c] : [])));
  const there = Float64Array.from(
    candidates,
    ({ frozen, cold }) => frozen + cold.reduce((sum, { portions }) => sum + portions, 0),
  );
  /** Of it, what can be taken when the first session begins. */
  const start = ask.sessions[0]?.from ?? 0;
  const atOnce = Float64Array.from(
    candidates,
    ({ frozen, cold }) =>
      frozen +
      cold.reduce(
        (sum, { portions, fromMeal = 0, lastMeal }) => sum + (fromMeal <= start && lastMeal >= start ? portions : 0),
        0,
      ),
  );
  /** Where nobody at a meal eats it, it is never put on the table; nor what could be neither there nor cooked. */
  const serves = Uint8Array.from(
    candidates.flatMap(({ want, cooks }, c) =>
      people.map((_, m) => ((want[m] ?? 0) > 0 && (cooks !== undefined || (there[c] ?? 0) > 0) ? 1 : 0)),
    ),
  );
  return { open, byPlace, there, atOnce, serves };
}

/**
 * A week: what to cook, how much of it, and what to eat when. One change after the other, kept when it makes the score smaller, and at first sometimes when it does not;
 * batches grow and shrink with what is eaten of them. The same seed gives the same week; what is settled or locked stays.
 */
export function suggestWeek(ask: WeekAsk, search: SearchAsk): Suggested {
  const steps = suggestInSteps(ask, search);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

/** After so many rounds, some hundredths of a second, a search comes to rest, so that whoever looks can leave off. */
const ROUNDS_A_STEP = 8000;

/** The same, coming to rest now and then. */
export function* suggestInSteps(
  ask: WeekAsk,
  { seed, rounds, from, warm: warmAtFirst, holding }: SearchAsk,
): Generator<undefined, Suggested> {
  const random = seeded(seed);
  const below = (n: number): number => Math.floor(random() * n);
  const { candidates, people } = ask;
  const { open, byPlace, there, atOnce, serves } = laidOut(ask);
  const n = candidates.length;
  const P = PLACES.length;
  const fold = weekFold(ask);
  const cost = (state: FlatDraft): number =>
    scoreOf(fold(state), ask) + (holding === undefined || state.plates.includes(holding) ? 0 : NOT_HELD);
  const want = Float64Array.from(candidates.flatMap((each) => people.map((_, m) => each.want[m] ?? 0)));
  const mayServe = (c: number, m: number): boolean => serves[c * people.length + m] === 1;

  const state = flat({
    sizes: candidates.map(({ cooks }, c) => cooks?.locked ?? (cooks && from?.sizes[c]) ?? 0),
    into: candidates.map(({ cooks }, c) => from?.into[c] ?? cooks?.into[0] ?? 0),
    meals: people.map((_, m) => (ask.settled[m] ? settledMeal(ask, m) : (from?.meals[m] ?? NOTHING))),
  });
  const { plates, sizes, into } = state;

  const assemblies = candidates.flatMap(({ cooks }, c) => (cooks && cooks.needs.length > 0 ? [c] : []));
  const simple = candidates.flatMap(({ cooks }, c) => (cooks && cooks.needs.length === 0 ? [c] : []));
  /** Steps of size by which a batch is larger or smaller than its plates ask. */
  const nudged = new Int32Array(n);
  const nudgedBefore = new Int32Array(n);
  /** Portions of each that the plates, and what is assembled, ask of cooking. */
  const asked = new Float64Array(n);
  /** Of them, what goes into something that is made of it, when that is made. */
  const needed = new Float64Array(n);
  const sizeToFit = (c: number): void => {
    const cooks = candidates[c]?.cooks;
    if (!cooks || cooks.locked !== undefined) return;
    const inAll = (asked[c] as number) + (needed[c] as number) - (there[c] as number);
    const more = Math.max(inAll, (needed[c] as number) - (atOnce[c] as number)) - A_BIT;
    const nudge = nudged[c] as number;
    let at = -1;
    if (more > 0) {
      at = 0;
      while (at < cooks.sizes.length - 1 && (cooks.sizes[at] as number) < more) at += 1;
    }
    // What no plate asks for may be cooked all the same: so that what turns goes into the freezer in time.
    at = Math.min(cooks.sizes.length - 1, Math.max(more > 0 ? 0 : -1, at + nudge));
    sizes[c] = at < 0 ? 0 : (cooks.sizes[at] as number);
  };
  /** Batches as large as their plates ask. What is made of others first: its components are asked for with it. */
  const fit = (): void => {
    asked.fill(0);
    needed.fill(0);
    for (let at = 0; at < plates.length; at++) {
      const c = plates[at] as number;
      if (c >= 0) asked[c] = (asked[c] as number) + (want[c * people.length + Math.floor(at / P)] as number);
    }
    for (const c of assemblies) {
      sizeToFit(c);
      if ((sizes[c] as number) > 0)
        for (const { candidate, each } of candidates[c]?.cooks?.needs ?? [])
          needed[candidate] = (needed[candidate] as number) + each * (sizes[c] as number) * SPARE;
    }
    for (const c of simple) sizeToFit(c);
  };

  /** A first week: a few dishes for each place, in turn. */
  const begin = (): void => {
    const chosen = byPlace.map((list, place) =>
      list
        .map((c) => ({ c, by: (there[c] ?? 0) + random() * 4 }))
        .sort((a, b) => b.by - a.by)
        .slice(0, place === MAIN ? 4 : 2)
        .map(({ c }) => c),
    );
    for (const m of open)
      chosen.forEach((list, place) => {
        const able = list.filter((c) => mayServe(c, m));
        plates[m * P + place] = able[(m + place) % Math.max(1, able.length)] ?? -1;
      });
    fit();
  };
  /** Something that stands on some plate already, in a place; -1: nothing was met. */
  const used = (place: number): number => {
    for (let tries = 0; tries < 4; tries++) {
      const c = plates[(open[below(open.length)] as number) * P + place] as number;
      if (c >= 0) return c;
    }
    return -1;
  };
  const any = (place: number): number => byPlace[place]?.[below(byPlace[place]?.length ?? 0)] ?? -1;

  /** One change of the plates or of the batches; false: there was none to make. */
  const change = (): boolean => {
    const kind = random();
    const m = open[below(open.length)];
    if (m === undefined) return false;
    const place = below(P);
    if (kind < 0.4) {
      const at = m * P + place;
      const c = random() < 0.12 ? -1 : random() < 0.6 ? used(place) : any(place);
      if (c === plates[at] || (c >= 0 && !mayServe(c, m))) return false;
      plates[at] = c;
      fit();
      return true;
    }
    if (kind < 0.52) {
      const other = open[below(open.length)] as number;
      if (other === m) return false;
      const [first, last] = random() < 0.5 ? [place, place] : [0, P - 1];
      for (let p = first; p <= last; p++) {
        const [a, b] = [plates[m * P + p] as number, plates[other * P + p] as number];
        if ((a >= 0 && !mayServe(a, other)) || (b >= 0 && !mayServe(b, m))) return false;
      }
      for (let p = first; p <= last; p++) {
        const was = plates[m * P + p] as number;
        plates[m * P + p] = plates[other * P + p] as number;
        plates[other * P + p] = was;
      }
      fit();
      return true;
    }
    if (kind < 0.64) {
      // One dish instead of another, wherever it stands.
      const a = used(place);
      const b = random() < 0.6 ? any(place) : random() < 0.8 ? used(place) : -1;
      if (a < 0 || a === b) return false;
      // One of several others for each plate, or all by one.
      const several = b >= 0 && random() < 0.3;
      for (const each of open) {
        if (plates[each * P + place] !== a) continue;
        const next = several ? used(place) : b;
        if (next < 0 || mayServe(next, each)) plates[each * P + place] = next;
      }
      fit();
      return true;
    }
    if (kind < 0.74) {
      // One dish more at several meals, or one at fewer.
      const c = random() < 0.7 ? any(place) : used(place);
      if (c < 0) return false;
      const gone = random() < 0.3;
      for (const each of open) {
        if (random() < 0.6) continue;
        const at = each * P + place;
        if (gone ? plates[at] !== c : !mayServe(c, each)) continue;
        const next = gone ? used(place) : c;
        plates[at] = next >= 0 && mayServe(next, each) ? next : -1;
      }
      fit();
      return true;
    }
    const c = kind < 0.9 ? used(place) : any(place);
    const cooks = c < 0 ? undefined : candidates[c]?.cooks;
    if (!cooks || cooks.locked !== undefined) return false;
    if (cooks.into.length > 1 && random() < 0.4) {
      into[c] = cooks.into[below(cooks.into.length)] as number;
      return true;
    }
    // A batch that is a size smaller or larger than its plates ask for.
    const next = Math.max(-MOST_NUDGED, Math.min(MOST_NUDGED, (nudged[c] as number) + (random() < 0.5 ? -1 : 1)));
    if (next === nudged[c]) return false;
    nudged[c] = next;
    fit();
    return true;
  };

  if (!from) begin();
  else {
    // How much larger or smaller its batches are than its plates ask is kept.
    const was = [...sizes];
    fit();
    was.forEach((size, c) => {
      const of = candidates[c]?.cooks?.sizes ?? [];
      const [here, wanted] = [of.indexOf(sizes[c] as number), of.indexOf(size)];
      if (wanted >= 0) nudged[c] = Math.max(-MOST_NUDGED, Math.min(MOST_NUDGED, wanted - here));
    });
    fit();
  }
  if (holding !== undefined) {
    const place = placeOf((candidates[holding] as Candidate).kind);
    const able = open.filter((m) => mayServe(holding, m));
    for (let n = 0; n < HELD_AT && able.length > 0; n++)
      plates[(able[below(able.length)] as number) * P + place] = holding;
    fit();
  }
  let now = cost(state);
  let least = now;
  const best = flat(draftOf(state));
  const before = flat(draftOf(state));
  /** From a week that is good already, only small steps back are taken. */
  const warmest = warmAtFirst ?? (from ? WARM_AGAIN : WARM);
  for (let round = 0; round < rounds; round++) {
    if (round > 0 && round % ROUNDS_A_STEP === 0) yield;
    put(before, state);
    nudgedBefore.set(nudged);
    if (!change()) continue;
    const score = cost(state);
    // Warm and cold in turn: each time another corner is looked into.
    const warm = warmest * (1 - ((round * CYCLES) % rounds) / rounds) ** 3;
    if (score <= now || (warm > 0.01 && random() < Math.exp((now - score) / warm))) {
      now = score;
      if (score < least - 1e-9) {
        least = score;
        put(best, state);
      }
    } else {
      put(state, before);
      nudged.set(nudgedBefore);
    }
  }
  return told(ask, draftOf(best));
}

/** What a draft comes to, with what is eaten when. */
export function told(ask: WeekAsk, draft: Draft): Suggested {
  let eaten: Eaten | undefined;
  const parts = weekFold(ask)(flat(draft), (what) => (eaten = what));
  if (!eaten) throw new Error('A week tells what is eaten.');
  return { draft, parts, score: scoreOf(parts, ask), eaten };
}
