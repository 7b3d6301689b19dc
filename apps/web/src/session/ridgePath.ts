import { area, curveMonotoneX } from 'd3-shape';

export interface BoxPx {
  readonly widthPx: number;
  readonly heightPx: number;
}

/** Minutes that the ridge looks to each side of one: single minutes of rest are no valley. */
const LOOKS = 4;

/**
 * Hands busy each minute, smoothed to shares from 0 to the number of cooks: a peak where no hand is free, a valley where there is time.
 * @example smoothed([1, 1, 1])[1] // => 1
 */
export function smoothed(busy: readonly number[]): readonly number[] {
  return busy.map((_, minute) => {
    const around = busy.slice(Math.max(0, minute - LOOKS), minute + LOOKS + 1);
    return around.reduce((sum, hands) => sum + hands, 0) / around.length;
  });
}

/** The ridge as the outline of a hill, in pixels of its box. */
export function ridgePath(busy: readonly number[], { widthPx, heightPx }: BoxPx): string {
  const most = Math.max(1, ...busy);
  const stepPx = widthPx / Math.max(1, busy.length - 1);
  const draw = area<number>()
    .x((_, minute) => minute * stepPx)
    .y0(heightPx)
    .y1((hands) => heightPx - 3 - ((heightPx - 6) * hands) / most)
    .curve(curveMonotoneX);
  return draw([...smoothed(busy)]) ?? '';
}
