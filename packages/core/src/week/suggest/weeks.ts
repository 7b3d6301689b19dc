import { seeded } from '../../quantity/index.ts';
import type { Weights, WeekAsk } from './ask.ts';
import { crossed } from './crossed.ts';
import { flat } from './flatDraft.ts';
import { weekFold } from './fold.ts';
import { PROFILES, type Profile } from './profiles.ts';
import { scoreOf, type Draft, type ScoreParts } from './score.ts';
import { suggestInSteps, suggestWeek, told, type Suggested } from './suggest.ts';

export interface SuggestedWeek extends Suggested {
  readonly goodAt: Profile;
}

/** What counts, as the cook has pulled it: times the profile's own; 1 where nothing is said. */
export type Pulled = Readonly<Partial<Record<keyof Weights, number>>>;
export function weightsFor(profile: Profile, pulled: Pulled = {}): Weights {
  const own = PROFILES[profile];
  const times = (part: keyof Weights): number => own[part] * (pulled[part] ?? 1);
  return {
    short: times('short'),
    feeds: times('feeds'),
    waste: times('waste'),
    hands: times('hands'),
    cost: times('cost'),
    repeats: times('repeats'),
    liking: times('liking'),
  };
}

/** How long a week is looked for: begun anew so often, or, once several are known, put together of two of them; and the best of all that is known made better still. */
export interface Effort {
  readonly seed: number;
  /** While few weeks are known. */
  readonly starts: number;
  /** Put together of the best and another, once several are known. */
  readonly crossings: number;
  readonly roundsAStart: number;
  readonly polished: number;
  readonly roundsPolished: number;
}
/** What is shown first, and what it is made better by while somebody looks. */
export const FIRST_EFFORT = { starts: 2, crossings: 0, roundsAStart: 1500, polished: 1, roundsPolished: 2000 } as const;
export const FURTHER_EFFORT = {
  starts: 2,
  crossings: 4,
  roundsAStart: 8000,
  polished: 2,
  roundsPolished: 8000,
} as const;

const PROFILE_NAMES = Object.keys(PROFILES) as Profile[];

/** So often weeks are made better while somebody looks; then they are as good as they get. */
export const PASSES = 15;
/** Of all that were found, so many are gone on with: one for each thing of each pass, the newest first. */
export const KEPT_DRAFTS = PASSES * PROFILE_NAMES.length;
/**
 * Weeks that are put together of each other grow alike, and now and then of a kind that no change leads out of. So they are begun anew twice, in these passes, knowing
 * nothing of those before; from the last one on the best of all kinds are put together.
 */
const BEGUN_ANEW = [0, 4, 8] as const;
const TOGETHER_FROM = 11;
/**
 * In the last pass of each kind, and from then on when they are put together, the best week is gone on with for long: it cooks what the best known one cooks, and only a long search finds
 * which plate each of it belongs on. Every other time it may be taken apart further.
 */
const GONE_ON_WITH = { rounds: 150_000, warm: [1, 2] } as const;
const goesOn = (pass: number): boolean => BEGUN_ANEW.some((begun) => begun === pass + 1) || pass >= TOGETHER_FROM - 1;
/** Of the best so many, one is put together with the best. */
const AMONG_BEST = 12;
/** From so many weeks on two of them are put together, in place of beginning anew. */
const CROSSED_FROM = 4;

/** Weeks that are known grow alike: the last of those that are put together is of the best and a week that was begun anew, in so many rounds. */
const ROUNDS_ANEW = 3000;

/** Every other week that is put together may be taken apart further, in points: else one seed in twelve stays in the corner that it began in. */
const WARM_CROSSED = 3;

/** What a week does not cook and could, in any order. */
const unheld = ({ candidates }: WeekAsk, { sizes, meals }: Draft, random: () => number): readonly number[] =>
  candidates
    .flatMap(({ cooks }, c) =>
      cooks && !((sizes[c] ?? 0) > 0) && !meals.some((meal) => meal.includes(c)) ? [{ c, by: random() }] : [],
    )
    .sort((a, b) => a.by - b.by)
    .map(({ c }) => c);

const passesOf = (known: readonly Draft[]): number => Math.floor(known.length / PROFILE_NAMES.length);

/** What a pass goes on with: what was found since it was begun anew, or all. */
function ofItsKind(known: readonly Draft[]): readonly Draft[] {
  const passes = passesOf(known);
  if (passes >= TOGETHER_FROM) return known;
  const begun = BEGUN_ANEW.findLast((pass) => passes >= pass) ?? 0;
  return known.slice(0, (passes - begun) * PROFILE_NAMES.length);
}

/** What a search for a week starts from. */
export interface WeekSearch {
  readonly ask: Omit<WeekAsk, 'weights'>;
  readonly goodAt: Profile;
  readonly pulled: Pulled;
  /** Weeks that were found before. */
  readonly known: readonly Draft[];
  readonly effort: Effort;
}

/**
 * A week that is good at one thing: searches of its own, and weeks that were found for other things, as what is best for one may be nearly so for another.
 * The same seed and the same weeks give the same week. It comes to rest between its searches, so that whoever looks can leave off.
 */
export function* weekInSteps({ ask, goodAt, pulled, known, effort }: WeekSearch): Generator<undefined, SuggestedWeek> {
  const { seed, starts, crossings, roundsAStart, polished, roundsPolished } = effort;
  const own: WeekAsk = { ...ask, weights: weightsFor(goodAt, pulled) };
  const fold = weekFold(own);
  const ranked = (drafts: readonly Draft[]): readonly Draft[] =>
    drafts
      .map((draft) => ({ draft, score: scoreOf(fold(flat(draft)), own) }))
      .sort((a, b) => a.score - b.score)
      .map(({ draft }) => draft);
  const anew = (n: number): Draft => suggestWeek(own, { seed: seed * 31 + 500 + n, rounds: ROUNDS_ANEW }).draft;
  const mine = ofItsKind(known);
  const drafts = [...mine];
  const [best, ...others] = ranked(mine).slice(0, AMONG_BEST);
  if (best && mine.length >= CROSSED_FROM && crossings > 0)
    for (let n = 0; n < crossings; n++) {
      const random = seeded(seed * 97 + n);
      // A dish that the best week does not have, with all that it is made of: no single change gets there.
      const [held] = n === crossings - 2 ? unheld(own, best, random) : [];
      if (held !== undefined) {
        const from = suggestWeek(own, {
          seed: seed * 31 + 20 + n,
          rounds: roundsAStart / 2,
          from: best,
          holding: held,
        }).draft;
        drafts.push(suggestWeek(own, { seed: seed * 31 + 40 + n, rounds: roundsAStart / 2, from }).draft);
        yield;
        continue;
      }
      const from = crossed(
        best,
        n === crossings - 1 ? anew(n) : (others[Math.floor(random() * others.length)] ?? best),
        random,
      );
      const warm = n % 2 === 1 ? { warm: WARM_CROSSED } : {};
      drafts.push(suggestWeek(own, { seed: seed * 31 + 20 + n, rounds: roundsAStart, from, ...warm }).draft);
      yield;
    }
  else
    for (let n = 0; n < starts; n++) {
      drafts.push(suggestWeek(own, { seed: seed * 31 + n, rounds: roundsAStart }).draft);
      yield;
    }
  const better: Suggested[] = [];
  const pass = passesOf(known);
  const long = goesOn(pass) ? { rounds: GONE_ON_WITH.rounds, warm: GONE_ON_WITH.warm[pass % 2] ?? 1 } : undefined;
  for (const [n, from] of ranked(drafts)
    .slice(0, long ? 1 : polished)
    .entries()) {
    better.push(yield* suggestInSteps(own, { seed: seed * 31 + n, rounds: roundsPolished, from, ...long }));
    yield;
  }
  const [first] = better.sort((a, b) => a.score - b.score);
  if (!first) throw new Error('No week was tried.');
  return { goodAt, ...first };
}

/** The same, to its end. */
export function weekGoodAt(search: WeekSearch): SuggestedWeek {
  const steps = weekInSteps(search);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

/** So much worse a week may be to be shown beside another of the same dishes. */
const AS_GOOD = 1.03;
/** So much worse, where it is at least as good at what it is shown for as every week beside it: four weeks are there to choose from. */
const STILL_GOOD = 1.2;
const ASKED = 12;
/** Of all that are known, so many are looked at for each thing: the page asks of each what it would break. */
const LOOKED_AT = 20;
const dishesIn = ({ sizes }: Draft): string => sizes.flatMap((size, c) => (size > 0 ? [c] : [])).join(' ');
/** What a week is good at, among the parts of its score. */
const OWN_PART = {
  'least waste': 'waste',
  'least work': 'hands',
  cheapest: 'cost',
  'most variety': 'repeats',
} as const satisfies Record<Profile, keyof ScoreParts>;

/** Of all that were found, for each thing the one that is best at it; of two as good, the one that is not shown already. */
export function bestOfEach(
  ask: Omit<WeekAsk, 'weights'>,
  pulled: Pulled,
  known: readonly Draft[],
  /** How much a week would break that the kitchen holds it to. Asked of the best few for each thing: of those, the ones that break least are shown. */
  breaks: (week: Suggested) => number = () => 0,
): readonly SuggestedWeek[] {
  const shown = new Set<string>();
  const weeks: SuggestedWeek[] = [];
  for (const goodAt of PROFILE_NAMES) {
    const own: WeekAsk = { ...ask, weights: weightsFor(goodAt, pulled) };
    const fold = weekFold(own);
    const sorted = known
      .map((draft) => {
        const parts = fold(flat(draft));
        return { draft, part: parts[OWN_PART[goodAt]], score: scoreOf(parts, own) };
      })
      .sort((a, b) => a.score - b.score)
      .slice(0, LOOKED_AT);
    const [first] = sorted;
    if (!first) throw new Error('No week was tried.');
    const broken = ({ draft }: { readonly draft: Draft }): number => breaks(told(own, draft));
    let best = first;
    let least = broken(first);
    for (const each of sorted.slice(1, ASKED)) {
      if (least === 0) break;
      const here = broken(each);
      if (here < least) [best, least] = [each, here];
    }
    const unseen = sorted.filter((each) => each.score >= best.score && !shown.has(dishesIn(each.draft)));
    const part = Math.min(...weeks.map(({ parts }) => parts[OWN_PART[goodAt]]));
    const other =
      unseen.find((each) => each.score <= best.score * AS_GOOD && broken(each) <= least) ??
      unseen.find((each) => each.score <= best.score * STILL_GOOD && each.part <= part && broken(each) <= least);
    const { draft } = other ?? best;
    shown.add(dishesIn(draft));
    weeks.push({ goodAt, ...told(own, draft) });
  }
  return weeks;
}

/** A week for each thing that a week may be good at, each taking from all that was found for the others. */
export function suggestWeeks(
  ask: Omit<WeekAsk, 'weights'>,
  seed: number,
  pulled: Pulled = {},
  effort: Omit<Effort, 'seed'> = FURTHER_EFFORT,
): readonly SuggestedWeek[] {
  const first = PROFILE_NAMES.map(
    (goodAt, n) => weekGoodAt({ ask, goodAt, pulled, known: [], effort: { ...effort, seed: seed * 8 + n } }).draft,
  );
  const second = PROFILE_NAMES.map(
    (goodAt, n) =>
      weekGoodAt({ ask, goodAt, pulled, known: first, effort: { ...effort, seed: seed * 8 + 4 + n, starts: 0 } }).draft,
  );
  return bestOfEach(ask, pulled, [...first, ...second]);
}
