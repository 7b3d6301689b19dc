import { PLACES } from './ask.ts';
import type { Draft } from './score.ts';

/** A draft laid flat: each meal's places one behind the other. */
export interface FlatDraft {
  readonly plates: Int32Array;
  readonly sizes: Float64Array;
  readonly into: Int32Array;
}
export const flat = ({ meals, sizes, into }: Draft): FlatDraft => ({
  plates: Int32Array.from(meals.flat()),
  sizes: Float64Array.from(sizes),
  into: Int32Array.from(into),
});
export const draftOf = ({ plates, sizes, into }: FlatDraft): Draft => ({
  meals: Array.from({ length: plates.length / PLACES.length }, (_, m) => [
    ...plates.subarray(m * PLACES.length, (m + 1) * PLACES.length),
  ]),
  sizes: [...sizes],
  into: [...into],
});

/** Makes one draft what the other is. */
export function put(to: FlatDraft, from: FlatDraft): void {
  to.plates.set(from.plates);
  to.sizes.set(from.sizes);
  to.into.set(from.into);
}
