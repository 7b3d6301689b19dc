import { OVEN_DOWN_MINUTES, OVEN_UP_MINUTES, ovenName, ownOf, type Equipment, type OwnLine } from '../kitchen/index.ts';
import type { LearnedFigure } from './figuresOf.ts';

import type { FigureKey } from './sighting.ts';

/** Of these a plan can go by the kitchen's own figure. */
const PLANNED_BY = ['come up', 'release', 'hands', 'cut', 'oven', 'hotter', 'cooler', 'yield'] as const;
export type PlannedBy = (typeof PLANNED_BY)[number];
export const canGoBy = ({ kind }: FigureKey): boolean => (PLANNED_BY as readonly string[]).includes(kind);

/** What plans go by now: the kitchen's own figure, or what is usual. */
export function goneBy(
  equipment: Equipment,
  { kind, of }: FigureKey,
): { readonly value: number; readonly plusMinutes?: number; readonly own: boolean } {
  const { own = {}, ovens } = equipment;
  const said = (figure: OwnLine | undefined) => ({
    value: figure?.value ?? 1,
    ...(figure?.plusMinutes === undefined ? {} : { plusMinutes: figure.plusMinutes }),
    own: figure !== undefined,
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
    case 'oven':
      return { value: oven?.cooksTimes ?? 1, own: oven?.cooksTimes !== undefined };
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

/** What plans would go by of a learned figure: the line that is fitted, where there is one. */
export const asOwn = ({ value, source, line }: Pick<LearnedFigure, 'value' | 'source' | 'line'>): OwnLine =>
  line ? { value: line.times, plusMinutes: line.plusMinutes, source } : { value, source };

/** Do plans go by this already? */
export const isGoneBy = (equipment: Equipment, key: FigureKey, own: OwnLine): boolean => {
  const now = goneBy(equipment, key);
  return now.value === own.value && (now.plusMinutes ?? 0) === (own.plusMinutes ?? 0);
};

/**
 * The kitchen going by a figure of its own from now on; `figure` undefined: by the book again.
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
    case 'cook':
    case 'step':
      return equipment;
    default:
      return kind satisfies never;
  }
}
