import { Fraction, type Because, portionsText } from '../quantity/index.ts';
import type { Pan } from '../recipe/index.ts';
import type { Size } from './sizeBatch.ts';

/**
 * Area of a tin's bottom, cm².
 * @example Math.round(panArea({ shape: 'round', acrossCm: 23 }) * 10) / 10 // => 415.5
 */
export const panArea = (pan: Pan): number =>
  pan.shape === 'round' ? Math.PI * (pan.acrossCm / 2) ** 2 : pan.lengthCm * pan.widthCm;

/**
 * A tin as it is named.
 * @example panName({ shape: 'rectangle', lengthCm: 33, widthCm: 23 }) // => '33 × 23 cm'
 */
export const panName = (pan: Pan): string =>
  pan.shape === 'round' ? `round, ${pan.acrossCm} cm` : `${pan.lengthCm} × ${pan.widthCm} cm`;

/** Tins that many kitchens have. */
export const PANS: readonly Pan[] = [
  { shape: 'round', acrossCm: 20 },
  { shape: 'round', acrossCm: 23 },
  { shape: 'round', acrossCm: 26 },
  { shape: 'rectangle', lengthCm: 20, widthCm: 20 },
  { shape: 'rectangle', lengthCm: 33, widthCm: 23 },
  { shape: 'rectangle', lengthCm: 40, widthCm: 30 },
];

/**
 * So many portions that another tin is filled as deep as the recipe's own: by area. With the same depth the time stays.
 * @example sizeForPan(12, { shape: 'rectangle', lengthCm: 33, widthCm: 23 }, { shape: 'round', acrossCm: 25 }).portions // => 7.75
 */
export function sizeForPan(portions: number, from: Pan, to: Pan): Size {
  const ratio = panArea(to) / panArea(from);
  // Quarters of a portion: the tin is what is exact here, not the number of plates.
  const sized = new Fraction(Math.max(1, Math.round(portions * ratio * 4)), 4).valueOf();
  const because: Because = {
    rule: 'portions × area of this tin ÷ area of the recipe’s tin, filled as deep',
    figure: portionsText(sized),
    parts: [
      { rule: `this tin, ${panName(to)}`, figure: `${Math.round(panArea(to))} cm²` },
      { rule: `the recipe’s tin, ${panName(from)}`, figure: `${Math.round(panArea(from))} cm²` },
    ],
    source: 'geometry; the same depth keeps the time',
  };
  return { portions: sized, freezePortions: 0, because };
}
