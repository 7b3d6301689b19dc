/** In which degrees a kitchen reads and says heat; every figure is kept in °C. */
export type Degrees = '°C' | '°F';

/** From here on it is an oven's, whose dial is marked in fives at the finest. */
const OVEN_FROM_C = 100;
const FIVE = 5;

/**
 * °C as degrees of either kind: an oven's in fives, as its dial has them, anything else to the degree. A round figure in °C is taken as an oven's.
 * @example degreesOf(74, '°F') // => 165
 * @example degreesOf(190, '°F') // => 375
 */
export function degreesOf(celsius: number, degrees: Degrees, oven = celsius % FIVE === 0): number {
  if (degrees === '°C') return celsius;
  const exact = (celsius * 9) / 5 + 32;
  return celsius >= OVEN_FROM_C && oven ? Math.round(exact / FIVE) * FIVE : Math.round(exact);
}

/** What was read in degrees of either kind, in °C, to a tenth. @example celsiusOf(135, '°F') // => 57.2 */
export const celsiusOf = (read: number, degrees: Degrees): number =>
  degrees === '°C' ? read : Math.round((((read - 32) * 5) / 9) * 10) / 10;

/** @example degreesText(57, '°F') // => '135 °F' */
export const degreesText = (celsius: number, degrees: Degrees, oven?: boolean): string =>
  `${String(degreesOf(celsius, degrees, oven)).replace('-', '−')} ${degrees}`;

/** A figure with °C, or from one to another; how much hotter something is, is no heat. */
const SAID =
  /(?<![\d.,])(?<!(?:\beach|\bby|\bwithin|\bevery|±) )([−-]?\d+(?:\.\d+)?)(?:( to | and | or |–|-)([−-]?\d+(?:\.\d+)?))?\s?°C\b(?!\s+(?:hotter|cooler|warmer|colder|lower|higher|less|more|apart|off))/g;

/**
 * A text with its heats in the degrees of a kitchen.
 * @example inDegrees('From 57 °C to 21 °C within 2 hours', '°F') // => 'From 135 °F to 70 °F within 2 hours'
 */
export function inDegrees(text: string, degrees: Degrees): string {
  if (degrees === '°C') return text;
  const figure = (said: string): string => String(degreesOf(Number(said.replace('−', '-')), degrees)).replace('-', '−');
  return text.replace(SAID, (_, from: string, joined: string | undefined, to: string | undefined) =>
    joined === undefined || to === undefined
      ? `${figure(from)} ${degrees}`
      : `${figure(from)}${joined}${figure(to)} ${degrees}`,
  );
}
