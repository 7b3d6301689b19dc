import { spoiltOf } from '@kestrel-ridge/core/view';
import type { Strip } from '@kestrel-ridge/core/week';

export interface RectPx {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface StripShape {
  readonly cold: readonly RectPx[];
  readonly frozen: readonly RectPx[];
  /** Meals that fall short, as one stretch from the first to the last. */
  readonly short: RectPx | undefined;
  /** Where something goes off. */
  readonly spoilsAtX: number | undefined;
}

/** A strip as rectangles in pixels: a step a meal, frozen at the foot, cold on top of it, as tall as there is food. */
export function stripShape(
  { strip, portionG }: { readonly strip: Strip; readonly portionG: number },
  mostGrams: number,
  { widthPx, heightPx }: { readonly widthPx: number; readonly heightPx: number },
): StripShape {
  const step = widthPx / Math.max(1, strip.meals.length);
  const tall = (grams: number) => (mostGrams > 0 ? (grams / mostGrams) * (heightPx - 4) : 0);
  const rects = (of: (n: number) => { grams: number; on: number }): RectPx[] =>
    strip.meals.flatMap((_, n) => {
      const { grams, on } = of(n);
      const height = tall(grams);
      return height < 0.5 ? [] : [{ x: n * step, y: heightPx - tall(on) - height, width: step, height }];
    });
  const shortAt = strip.meals.flatMap((meal, n) => (meal.short > 0 ? [n] : []));
  const first = shortAt[0];
  const last = shortAt.at(-1);
  const spoilt = spoiltOf({ strip, portionG });
  return {
    frozen: rects((n) => ({ grams: strip.meals[n]?.frozen ?? 0, on: 0 })),
    cold: rects((n) => ({ grams: strip.meals[n]?.cold ?? 0, on: strip.meals[n]?.frozen ?? 0 })),
    short:
      first === undefined || last === undefined
        ? undefined
        : { x: first * step, y: 2, width: (last - first + 1) * step, height: heightPx - 3 },
    spoilsAtX: spoilt && spoilt.meal * step,
  };
}
