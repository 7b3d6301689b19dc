/** @example normalDensity(0) // => 0.3989422804014327 */
export const normalDensity = (x: number): number => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);

/**
 * The share of a standard normal below x, to 2 in 10 million.
 * Source: published: M. Abramowitz, I. A. Stegun, Handbook of Mathematical Functions, 1964, formula 26.2.17.
 * @example normalCdf(0).toFixed(6) // => '0.500000'
 */
export function normalCdf(x: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(x));
  const tail =
    normalDensity(x) * t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return x >= 0 ? 1 - tail : tail;
}

/**
 * Below which a share p of Student’s t with so many degrees of freedom lies; p over a half, degrees 3 and more, to 1 in a thousand.
 * Source: published: G. W. Hill, Algorithm 396: Student’s t-quantiles, Communications of the ACM 13 (1970), for more than two degrees of freedom.
 * @example studentQuantile(0.9, 10).toFixed(3) // => '1.372'
 */
export function studentQuantile(p: number, degrees: number): number {
  const tails = 2 * (1 - p);
  const a = 1 / (degrees - 0.5);
  const b = 48 / (a * a);
  let c = ((20700 * a) / b - 98) * a - 16;
  c = c * a + 96.36;
  const d = ((94.5 / (b + c) - 3) / b + 1) * Math.sqrt((a * Math.PI) / 2) * degrees;
  const x = d * tails;
  let y = x ** (2 / degrees);
  if (y > 0.05 + a) {
    const z = normalQuantile(tails / 2);
    y = z * z;
    if (degrees < 5) c += 0.3 * (degrees - 4.5) * (z + 0.6);
    c += (((0.05 * d * z - 5) * z - 7) * z - 2) * z + b;
    y = (((((0.4 * y + 6.3) * y + 36) * y + 94.5) / c - y - 3) / b + 1) * z;
    y = a * y * y;
    y = Math.expm1(y);
  } else {
    y =
      ((1 / (((degrees + 6) / (degrees * y) - 0.089 * d - 0.822) * (degrees + 2) * 3) + 0.5 / (degrees + 4)) * y - 1) *
        ((degrees + 1) / (degrees + 2)) +
      1 / y;
  }
  return Math.sqrt(degrees * y);
}

/** Below which a share p of a standard normal lies, by bisection of normalCdf. */
function normalQuantile(p: number): number {
  let [low, high] = [-9, 9];
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    if (normalCdf(middle) < p) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
