/** What carries the heat to the piece, and how many watts pass a square metre for each degree. Assumed, middle of the textbook ranges. */
export const MEDIUM_W_PER_M2K = { oven: 25, 'fan oven': 40, steam: 1500, water: 1000, fat: 400 } as const;
export type Medium = keyof typeof MEDIUM_W_PER_M2K;

/** Of moist vegetables, W/(m K). From memory. */
const CONDUCTIVITY = 0.55;
/** How hot each of them is about a piece, °C: an oven is not a pot of water. Common practice, no published source. */
const MEDIUM_C: Readonly<Record<Medium, number>> = { oven: 200, 'fan oven': 180, steam: 100, water: 100, fat: 170 };
/** The middle goes from the room's 20 °C to 90, which is soft. From memory. */
const [FROM_C, DONE_C] = [20, 90];
/** How much of the way to its surroundings the middle still has to go when it is done. */
const leftToGo = (medium: Medium): number => (MEDIUM_C[medium] - DONE_C) / (MEDIUM_C[medium] - FROM_C);

/**
 * The first eigenvalue of a sphere that is heated from outside, 1 − ζ cot ζ = Bi, by bisection.
 * Source: Incropera, Fundamentals of Heat and Mass Transfer, one-term solution.
 * @example firstEigenvalue(1).toFixed(4) // => '1.5708'
 */
export function firstEigenvalue(biot: number): number {
  let low = 1e-6;
  let high = Math.PI - 1e-9;
  for (let n = 0; n < 60; n++) {
    const middle = (low + high) / 2;
    if (1 - middle / Math.tan(middle) < biot) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The leading coefficient that belongs to an eigenvalue of the sphere. Source: as firstEigenvalue. */
export const firstCoefficient = (zeta: number): number =>
  (4 * (Math.sin(zeta) - zeta * Math.cos(zeta))) / (2 * zeta - Math.sin(2 * zeta));

/**
 * How many times as long pieces of one size take as pieces of another, the middle done alike: between the ratio of sizes, where the air is slow to bring heat, and its
 * square, where the piece is slow to take it. Pieces count as spheres. Source: computed from the one-term solution (Incropera).
 * @example pieceTimeRatio(4, 2, 'water') > pieceTimeRatio(4, 2, 'oven') // => true
 */
export function pieceTimeRatio(cm: number, atCm: number, medium: Medium): number {
  const time = (across: number) => {
    const radius = across / 200;
    const zeta = firstEigenvalue((MEDIUM_W_PER_M2K[medium] * radius) / CONDUCTIVITY);
    return (radius / zeta) ** 2 * Math.log(firstCoefficient(zeta) / leftToGo(medium));
  };
  return time(cm) / time(atCm);
}
