import { FIGURES, type FigureName } from '../food/index.ts';
import type { Moment } from '../quantity/index.ts';
import type { FigureKey, Sighting } from './sighting.ts';

/** Kinds of figures that somebody reads off a scale: one of a food, or what a pot of grain loses as steam. */
export const READ_KINDS = ['food', 'pot loss'] as const;
export type ReadKind = (typeof READ_KINDS)[number];

/** What somebody read off a scale, against what the book says of it; in the figure's own unit. */
export interface Reading {
  readonly id: string;
  readonly figure: { readonly kind: ReadKind; readonly of: string };
  readonly real: number;
  readonly book: number;
  /** What it was, in the kitchen's words: "leek, peeled". */
  readonly what: string;
  readonly at: Moment;
}

/** What is further off was weighed with the pot, or is another food. */
const PLAUSIBLE: Readonly<Record<ReadKind, { readonly least: number; readonly most: number }>> = {
  food: { least: 0.4, most: 2.5 },
  'pot loss': { least: 0.05, most: 8 },
};

/** A figure of a food among all of them. */
export const foodFigure = (food: string, figure: FigureName): Reading['figure'] => ({
  kind: 'food',
  of: `${food} ${figure}`,
});

/** Which food and which figure of it; undefined: it is none of a food. */
export function foodFigureOf({
  kind,
  of,
}: FigureKey): { readonly food: string; readonly figure: FigureName } | undefined {
  const at = of.indexOf(' ');
  const figure = FIGURES.find(({ name }) => name === of.slice(at + 1))?.name;
  return kind === 'food' && at > 0 && figure ? { food: of.slice(0, at), figure } : undefined;
}

/**
 * What readings show of a figure, in times of the book's.
 * @example sightingsOfReadings([{ figure: foodFigure('leek', 'ediblePart'), real: 0.5, book: 0.44, … }])[0]?.value // 1.136…
 */
export const sightingsOfReadings = (readings: readonly Reading[]): readonly Sighting[] =>
  readings.flatMap(({ id, figure, real, book, what, at }) => {
    const value = real / book;
    const { least, most } = PLAUSIBLE[figure.kind];
    return value >= least && value <= most ? [{ figure, run: id, task: 'weighed', at, value, real, book, what }] : [];
  });
