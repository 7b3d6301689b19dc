import { curveMonotoneX, line } from 'd3-shape';

/** Heights of the way-marks of the trail, 0 at the foot to 1 at the top: up to the cooking, and down to the plate. */
const HEIGHTS = [0.14, 0.36, 0.6, 0.44, 0.56, 0.82, 0.58, 0.26];

/** The mark over a stop, and what is below the ridge, px. */
const MARK_PX = 27;

export interface WayMark {
  readonly x: number;
  readonly y: number;
}

/** Where each of the stops stands, in pixels of a box. */
export const wayMarks = (stops: number, widthPx: number, heightPx: number): readonly WayMark[] =>
  Array.from({ length: stops }, (_, n) => ({
    x: ((n + 0.5) * widthPx) / stops,
    // Above the highest there is room for the mark of where one is.
    y: heightPx - 5 - (HEIGHTS[n % HEIGHTS.length] ?? 0.5) * (heightPx - MARK_PX),
  }));

/** The ridge line through the way-marks, from edge to edge of the box. */
export function trailPath(marks: readonly WayMark[], widthPx: number, heightPx: number): string {
  const draw = line<WayMark>(
    (mark) => mark.x,
    (mark) => mark.y,
  ).curve(curveMonotoneX);
  return draw([{ x: 0, y: heightPx - 2 }, ...marks, { x: widthPx, y: heightPx - 2 }]) ?? '';
}
