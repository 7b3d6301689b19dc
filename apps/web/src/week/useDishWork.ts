import { dishWork, type KitchenView } from '@kestrel-ridge/core/view';
import { useEffect, useState } from 'react';

/** A frame is left for the page between dishes: no more than this of it is taken at a time, ms. */
const SLICE_MS = 8;

/** Reads each dish once for what it takes, in slices; how many are left. */
export function useDishWork(view: KitchenView): number {
  const [left, setLeft] = useState(view.recipes.length);
  useEffect(() => {
    let stale = false;
    let n = 0;
    const next = () => {
      if (stale) return;
      const began = performance.now();
      while (n < view.recipes.length && performance.now() - began < SLICE_MS) {
        const document = view.recipes[n]?.document;
        if (document) dishWork(document, view.foods, view.kitchen.equipment);
        n += 1;
      }
      setLeft(view.recipes.length - n);
      if (n < view.recipes.length) setTimeout(next);
    };
    next();
    return () => {
      stale = true;
    };
  }, [view.recipes, view.foods, view.kitchen.equipment]);
  return left;
}
