import { learned, type Learned, type Observed } from './learned.ts';
import { paceOf, type Pace } from './paceOf.ts';
import { lineOf, type LinePrior } from './line.ts';
import { againstTheirOven } from './racks.ts';
import { CLAIMED_FROM, outliersOf, type Observation } from './posterior.ts';
import { FIGURE_KINDS, sameFigure, seenIn, type FigureKey, type FigureKind, type Sighting } from './sighting.ts';
import type { LearnSaid } from './said.ts';

/** One sighting with what became of it. */
export interface SeenAs extends Sighting {
  /** Too far off to be one: kept to be seen, not counted. */
  readonly far?: true;
  /** Somebody said that it is wrong, and why. */
  readonly takenOut?: string;
}

/** A figure that this kitchen's runs teach, with all that it rests on; the newest first. */
export interface LearnedFigure extends Learned {
  readonly key: FigureKey;
  readonly seen: readonly SeenAs[];
  /** Sightings from before it was set back to the book. */
  readonly setAside: number;
  /** Of the sealed cooker: the line that is fitted to its loads, so that one that was never cooked is told too. */
  readonly line?: CookerLine;
  /** Of hands: how sessions and steps differ, for rehearsals. */
  readonly pace?: Pace;
}

/** So many times the book's minutes and so many on top, and what that makes of the smallest and the largest load that was seen. */
export interface CookerLine {
  readonly times: number;
  readonly plusMinutes: number;
  readonly loads: readonly {
    readonly bookMinutes: number;
    readonly minutes: number;
    readonly least: number;
    readonly most: number;
  }[];
}

/** A cooker's loads are off the book's line by what of the power arrives, and by a few minutes of their own. Common practice, no published source. */
const COOKER_LINE: LinePrior = { besideSpread: 3, timesSpread: 0.2, noise: 1.5 };

/** So many of what a figure rests on are shown. */
const SHOWN = 40;

/** What the book says before, how much it weighs, and how far one sighting is usually off. Common practice, no published source. */
const OBSERVED: Readonly<Record<FigureKind, Observed>> = {
  'come up': { one: 'load', many: 'loads', prior: { mean: 1, weighs: 2, noise: 0.15 } },
  release: { one: 'load', many: 'loads', prior: { mean: 1, weighs: 2, noise: 0.15 } },
  // Steps differ much, and one is next to nothing.
  hands: { one: 'step', many: 'steps', prior: { mean: 1, weighs: 6, noise: 0.35 } },
  cook: { one: 'step', many: 'steps', prior: { mean: 1, weighs: 6, noise: 0.35 } },
  cut: { one: 'step', many: 'steps', prior: { mean: 1, weighs: 3, noise: 0.25 } },
  // Of the turns of a dial no book knows anything.
  hotter: { one: 'turn', many: 'turns', prior: { mean: 0, weighs: 0, noise: 0.3 } },
  cooler: { one: 'turn', many: 'turns', prior: { mean: 0, weighs: 0, noise: 0.3 } },
  oven: { one: 'dish', many: 'dishes', prior: { mean: 1, weighs: 2, noise: 0.06 } },
  // A tray is off by a twentieth; once what its bake did is taken out, a little less is left.
  rack: { one: 'bake', many: 'bakes', prior: { mean: 1, weighs: 2, noise: 0.04 } },
  step: { one: 'time', many: 'times', prior: { mean: 1, weighs: 2, noise: 0.12 } },
  yield: { one: 'weighing', many: 'weighings', prior: { mean: 1, weighs: 2, noise: 0.05 } },
  food: { one: 'weighing', many: 'weighings', prior: { mean: 1, weighs: 2, noise: 0.08 } },
  // The book knows a pot by its width alone, and steam is a small part of what is weighed.
  'pot loss': { one: 'pot', many: 'pots', prior: { mean: 1, weighs: 1, noise: 0.35 } },
};

/**
 * All figures of a kitchen. A cook's and a cut's are drawn to the household's, and a step's to its oven's or to the hands of all, before these are drawn to the book's: a small
 * hierarchy, by means. In an oven each step of each recipe is one voice, however often it was baked, so that a recipe whose own time is wrong is one voice that is off, and is
 * left out as one. A rack is held against the others of its oven.
 */
export function figuresOf(sightings: readonly Sighting[], said: readonly LearnSaid[]): readonly LearnedFigure[] {
  const byKey = new Map<string, Sighting[]>();
  const besides = new Map<string, Sighting>();
  for (const sighting of againstTheirOven(sightings, (each) => reasonAgainst(each, said) !== undefined)) {
    const { kind, of } = sighting.figure;
    const key = `${kind}|${of}`;
    const mine = byKey.get(key);
    if (mine) mine.push(sighting);
    else byKey.set(key, [sighting]);
    if (kind === 'oven' || kind === 'hands') besides.set(seenIn(sighting), sighting);
  }
  const figures = new Map<string, LearnedFigure>();
  // What others are drawn to comes before them.
  for (const kind of ['hands', ...FIGURE_KINDS.filter((each) => each !== 'hands' && each !== 'step'), 'step'] as const)
    for (const [key, mine] of byKey) {
      if (mine[0]?.figure.kind !== kind) continue;
      const figure = figureOf(mine, said, above(mine[0], besides, figures));
      if (figure) figures.set(key, figure);
    }
  return [...figures.values()];
}

/** What a figure is drawn to where it was seen seldom: the household's hands, its oven, or the book. */
function above(
  sighting: Sighting,
  besides: ReadonlyMap<string, Sighting>,
  known: ReadonlyMap<string, LearnedFigure>,
): number {
  const { figure } = sighting;
  const hands = known.get('hands|')?.value ?? 1;
  if (figure.kind === 'cook' || figure.kind === 'cut') return hands;
  if (figure.kind !== 'step') return OBSERVED[figure.kind].prior.mean;
  const beside = besides.get(seenIn(sighting))?.figure;
  if (!beside) return 1;
  return beside.kind === 'hands' ? hands : (known.get(`oven|${beside.of}`)?.value ?? 1);
}

function figureOf(sightings: readonly Sighting[], said: readonly LearnSaid[], mean: number): LearnedFigure | undefined {
  const [first] = sightings;
  if (!first) return undefined;
  const key = first.figure;
  const observed = OBSERVED[key.kind];
  const mine = said.filter((each) => each.figure === null || sameFigure(each.figure, key));
  const since = Math.max(-Infinity, ...mine.flatMap((each) => (each.kind === 'set back' ? [each.at] : [])));
  const kept = sightings.filter(({ at }) => at > since);
  const outOf = (sighting: Sighting): string | undefined => reasonAgainst(sighting, mine);
  const counted = kept.filter((sighting) => outOf(sighting) === undefined);
  const voices = voicesOf(counted);
  const prior = { ...observed.prior, mean };
  const off = new Set(outliersOf(prior, voices).flatMap((n) => voices[n]?.of ?? []));
  const told = learned(
    voices.filter(({ of }) => !of.some((each) => off.has(each))),
    { ...observed, prior },
  );
  const seen = [...kept]
    .sort((a, b) => b.at - a.at)
    .slice(0, SHOWN)
    .map((sighting): SeenAs => {
      const takenOut = outOf(sighting);
      return {
        ...sighting,
        ...(off.has(sighting) ? { far: true as const } : {}),
        ...(takenOut === undefined ? {} : { takenOut }),
      };
    });
  const nothing: Learned = { value: mean, source: 'the book', n: 0, least: mean, most: mean, from: mean, to: mean };
  const pace = key.kind === 'hands' ? { pace: paceOf(counted.filter((sighting) => !off.has(sighting))) } : {};
  const loads = key.kind === 'come up' || key.kind === 'release' ? counted.filter((each) => !off.has(each)) : [];
  const line = loads.length >= CLAIMED_FROM ? { line: cookerLine(loads) } : {};
  return {
    ...(told ?? nothing),
    ...pace,
    ...line,
    key,
    seen,
    setAside: sightings.length - kept.length,
  };
}

/** Why somebody took it out. */
const reasonAgainst = ({ figure, run, task }: Sighting, said: readonly LearnSaid[]): string | undefined =>
  said.flatMap((each) =>
    each.kind === 'taken out' && each.run === run && each.task === task && sameFigure(each.figure, figure)
      ? [each.reason]
      : [],
  )[0];

function cookerLine(loads: readonly Sighting[]): CookerLine {
  const { beside, times, at } = lineOf(COOKER_LINE, loads);
  const books = loads.map(({ book }) => book);
  return {
    times: Math.round(times * 1000) / 1000,
    plusMinutes: Math.round(beside * 10) / 10,
    loads: [...new Set([Math.min(...books), Math.max(...books)])].map((bookMinutes) => {
      const { value, least, most } = at(bookMinutes);
      return { bookMinutes, minutes: value, least: Math.max(0, least), most };
    }),
  };
}

/** What speaks: every sighting for itself; of one voice together, their mean. */
function voicesOf(sightings: readonly Sighting[]): readonly (Observation & { readonly of: readonly Sighting[] })[] {
  const alone = sightings.filter(speaksAlone).map((each) => ({ ...observed(each), of: [each] }));
  const others = sightings.filter((each) => !speaksAlone(each));
  const together = [...new Set(others.flatMap(({ voice }) => voice ?? []))].map((voice) => {
    const all = others.filter((each) => each.voice === voice);
    const exact = all.filter(({ bound }) => bound === undefined);
    const by = exact.length > 0 ? exact : all;
    const value = by.reduce((sum, each) => sum + each.value, 0) / by.length;
    return { value, ...(exact.length > 0 ? {} : boundOf(by[0])), of: all };
  });
  return [...alone, ...together];
}
/** What a recipe does is taken out of a rack's sightings already. */
const speaksAlone = ({ voice, figure }: Sighting): boolean => voice === undefined || figure.kind === 'rack';
const observed = ({ value, bound }: Sighting): Observation => ({ value, ...(bound === undefined ? {} : { bound }) });
const boundOf = (sighting: Sighting | undefined): Pick<Observation, 'bound'> =>
  sighting?.bound === undefined ? {} : { bound: sighting.bound };
