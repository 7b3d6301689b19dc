import { dishWork, type KitchenView } from '@kestrel-ridge/core/view';
import { useEffect, useState } from 'react';

/** A frame is left for the page between dishes: no more than this of it is taken at a time, ms. */
const SLICE_MS = 8;

/** Reads each dish once for what it takes, in slices; how many are left. */
export function useDishWork({ kitchen, foods, recipes }: KitchenView): number {
  const [left, setLeft] = useState(recipes.length);
  useEffect(() => {
    let stale = false;
    let n = 0;
    const next = () => {
      if (stale) return;
      const began = performance.now();
      while (n < recipes.length && performance.now() - began < SLICE_MS) {
        const recipe = recipes[n];
        if (recipe) dishWork({ kitchen, foods }, recipe);
        n += 1;
      }
      setLeft(recipes.length - n);
      if (n < recipes.length) setTimeout(next);
    };
    next();
    return () => {
      stale = true;
    };
  }, [kitchen, foods, recipes]);
  return left;
}
