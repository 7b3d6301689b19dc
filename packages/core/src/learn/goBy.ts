import { THIS_KITCHEN, figureOf, type Food } from '../food/index.ts';
import {
  OVEN_DOWN_MINUTES,
  OVEN_UP_MINUTES,
  ovenName,
  ownOf,
  type Equipment,
  type GrainPot,
  type OwnLine,
} from '../kitchen/index.ts';
import type { LearnedFigure } from './figuresOf.ts';
import { CLAIMED_FROM } from './posterior.ts';
import { foodFigureOf } from './reading.ts';
import { rackOf, type FigureKey } from './sighting.ts';

/** Of these a plan can go by the kitchen's own figure. */
const PLANNED_BY = [
  'come up',
  'release',
  'hands',
  'cut',
  'oven',
  'rack',
  'hotter',
  'cooler',
  'yield',
  'food',
  'pot loss',
] as const;
export type PlannedBy = (typeof PLANNED_BY)[number];
export const canGoBy = ({ kind }: FigureKey): boolean => (PLANNED_BY as readonly string[]).includes(kind);

/** Foods by their id, of which those whose figure is asked for have to be there. */
type Foods = ReadonlyMap<string, Pick<Food, 'facts'>>;

/** The kitchen's own figure, where plans go by one. */
export function ownGoneBy(equipment: Equipment, key: FigureKey, foods?: Foods): OwnLine | undefined {
  const { value, plusMinutes, own, source = THIS_KITCHEN } = goneBy(equipment, key, foods);
  return own ? { value, source, ...(plusMinutes === undefined ? {} : { plusMinutes }) } : undefined;
}

/** What plans go by now: the kitchen's own figure, or what is usual. Of a food's figure and a pot's loss it stands in their own unit. */
export function goneBy(
  equipment: Equipment,
  key: FigureKey,
  foods: Foods = new Map(),
): { readonly value: number; readonly plusMinutes?: number; readonly own: boolean; readonly source?: string } {
  const { kind, of } = key;
  const { own = {}, ovens } = equipment;
  const said = (figure: OwnLine | undefined) => ({
    value: figure?.value ?? 1,
    ...(figure?.plusMinutes === undefined ? {} : { plusMinutes: figure.plusMinutes }),
    own: figure !== undefined,
    ...(figure === undefined ? {} : { source: figure.source }),
  });
  const oven = ovens.find((_, n) => ovenName(n) === of);
  switch (kind) {
    case 'come up':
      return said(own.comeUpTimes);
    case 'release':
      return said(own.releaseTimes);
    case 'hands':
      return said(own.handsTimes);
    case 'cut':
      return said(ownOf(own.cutTimes, of));
    case 'yield':
      return said(ownOf(own.yieldTimes, of));
    case 'food':
      return goneByFood(key, foods);
    case 'pot loss':
      return said(own.grainLossMl?.[of as GrainPot]);
    case 'oven':
      return { value: oven?.cooksTimes ?? 1, own: oven?.cooksTimes !== undefined };
    case 'rack': {
      const its = ovens.find((_, n) => ovenName(n) === rackOf(of).oven)?.rackTimes?.[rackOf(of).rack - 1];
      return { value: its ?? 1, own: typeof its === 'number' };
    }
    case 'hotter':
      return { value: oven?.upMinutes ?? OVEN_UP_MINUTES, own: oven?.upMinutes !== undefined };
    case 'cooler':
      return { value: oven?.downMinutes ?? OVEN_DOWN_MINUTES, own: oven?.downMinutes !== undefined };
    case 'cook':
    case 'step':
      return { value: 1, own: false };
    default:
      return kind satisfies never;
  }
}

function goneByFood(key: FigureKey, foods: Foods): { readonly value: number; readonly own: boolean } {
  const of = foodFigureOf(key);
  const food = of && foods.get(of.food);
  const known = of && food && figureOf(food, of.figure);
  return { value: known?.value ?? 1, own: known?.source === THIS_KITCHEN };
}

const thousandths = (value: number): number => Math.round(value * 1000) / 1000;

/** What plans would go by of a learned figure: the line that is fitted, where there is one; what is read off a scale in its own unit, from the newest word of the book. */
export function asOwn({
  key,
  value,
  source,
  line,
  seen,
}: Pick<LearnedFigure, 'key' | 'value' | 'source' | 'line' | 'seen'>): OwnLine {
  const book = seen[0]?.book ?? 1;
  if (key.kind === 'food') return { value: thousandths(value * book), source };
  if (key.kind === 'pot loss') return { value: Math.round(value * book), source };
  return line ? { value: line.times, plusMinutes: line.plusMinutes, source } : { value, source };
}

/** Figures whose own value is no number of times the book's. */
const isAbsolute = ({ kind }: FigureKey): boolean => kind === 'food' || kind === 'pot loss';

/** Do plans go by this already? */
export const isGoneBy = (equipment: Equipment, key: FigureKey, own: OwnLine, foods?: Foods): boolean => {
  const now = goneBy(equipment, key, foods);
  return (now.own || !isAbsolute(key)) && now.value === own.value && (now.plusMinutes ?? 0) === (own.plusMinutes ?? 0);
};

/**
 * The kitchen going by a figure of its own from now on; one of a food stands with the food, and not here; `figure` undefined: by the book again.
 * @example goingBy(equipment, { kind: 'hands', of: '' }, { value: 0.9, source: 'this kitchen, 40 steps' }).own?.handsTimes
 */
export function goingBy(equipment: Equipment, { kind, of }: FigureKey, figure: OwnLine | undefined): Equipment {
  const said = figure && {
    value: figure.value,
    source: figure.source,
    ...(figure.plusMinutes === undefined ? {} : { plusMinutes: figure.plusMinutes }),
  };
  const { own = {}, ovens } = equipment;
  const withOwn = (key: 'comeUpTimes' | 'releaseTimes' | 'handsTimes'): Equipment => {
    const { [key]: _was, ...rest } = own;
    return { ...equipment, own: said ? { ...rest, [key]: said } : rest };
  };
  const withOwnOf = (key: 'cutTimes' | 'yieldTimes'): Equipment => {
    const { [key]: was = [], ...rest } = own;
    const all = [
      ...was.filter((each) => each.of !== of),
      ...(figure ? [{ of, value: figure.value, source: figure.source }] : []),
    ];
    return { ...equipment, own: all.length > 0 ? { ...rest, [key]: all } : rest };
  };
  const withOven = (key: 'upMinutes' | 'downMinutes' | 'cooksTimes'): Equipment => ({
    ...equipment,
    ovens: ovens.map((oven, n) => {
      if (ovenName(n) !== of) return oven;
      const { [key]: _was, ...rest } = oven;
      return said ? { ...rest, [key]: said.value } : rest;
    }),
  });
  const withRack = (): Equipment => ({
    ...equipment,
    ovens: ovens.map((oven, n) => {
      if (ovenName(n) !== rackOf(of).oven) return oven;
      const { rackTimes = [], ...rest } = oven;
      const all = Array.from({ length: oven.racks }, (_, r) =>
        r + 1 === rackOf(of).rack ? (said?.value ?? null) : (rackTimes[r] ?? null),
      );
      return all.some((each) => each !== null) ? { ...rest, rackTimes: all } : rest;
    }),
  });
  switch (kind) {
    case 'come up':
      return withOwn('comeUpTimes');
    case 'release':
      return withOwn('releaseTimes');
    case 'hands':
      return withOwn('handsTimes');
    case 'cut':
      return withOwnOf('cutTimes');
    case 'yield':
      return withOwnOf('yieldTimes');
    case 'hotter':
      return withOven('upMinutes');
    case 'cooler':
      return withOven('downMinutes');
    case 'oven':
      return withOven('cooksTimes');
    case 'rack':
      return withRack();
    case 'pot loss': {
      const { grainLossMl, ...rest } = own;
      const { [of as GrainPot]: _was, ...others } = grainLossMl ?? {};
      const all = said ? { ...others, [of as GrainPot]: said } : others;
      return { ...equipment, own: Object.keys(all).length > 0 ? { ...rest, grainLossMl: all } : rest };
    }
    case 'food':
    case 'cook':
    case 'step':
      return equipment;
    default:
      return kind satisfies never;
  }
}

/** Seen often enough to be claimed, something that a plan can go by, and not gone by yet. */
export const waitsToBeUsed = (equipment: Equipment, figure: LearnedFigure, foods?: Foods): boolean =>
  canGoBy(figure.key) && figure.n >= CLAIMED_FROM && !isGoneBy(equipment, figure.key, asOwn(figure), foods);
