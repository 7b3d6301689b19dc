import type { Food } from '../food/index.ts';

/** Grams that lie on a cm² in one layer, by what it is: pieces of vegetables, leaves, nuts and grain strewn, pressed bean curd, a thin dough. Common practice, no published source. */
const GRAMS_PER_CM2 = { vegetable: 0.65, leaf: 0.15, strewn: 0.5, curd: 1, dough: 0.45 } as const;
/** Shaped things of a finger's height, with room between them to turn. Common practice, no published source. */
const SHAPED_GRAMS_PER_CM2 = 0.9;

/** cm² that so many edible grams of a food take on a tray, in one layer; nothing for what clings to the rest. */
export function layerCm2({ name, facts }: Food, grams: number): number {
  switch (facts.kind) {
    case 'vegetable':
    case 'fruit':
      return grams / GRAMS_PER_CM2.vegetable;
    case 'leaf':
      return grams / GRAMS_PER_CM2.leaf;
    case 'legume':
      return (
        grams /
        (/tofu|tempeh/.test(name)
          ? GRAMS_PER_CM2.curd
          : /flour/.test(name)
            ? GRAMS_PER_CM2.dough
            : GRAMS_PER_CM2.vegetable)
      );
    case 'grain':
      return grams / (/flour|starch/.test(name) ? GRAMS_PER_CM2.dough : GRAMS_PER_CM2.strewn);
    case 'nut or seed':
      return grams / GRAMS_PER_CM2.strewn;
    case 'component':
      return grams / GRAMS_PER_CM2.vegetable;
    case 'seasoning':
    case 'fat':
    case 'acid':
    case 'water':
      return 0;
    default:
      return facts.kind satisfies never;
  }
}

/** cm² of pan that shaped things of so many grams take. */
export const shapedCm2 = (grams: number): number => grams / SHAPED_GRAMS_PER_CM2;
