import { counted, listed } from '@kestrel-ridge/core/quantity';

/** Taps that the server did not take, before the fault of the first of them. */
export const refusedWords = (taps: number): string =>
  taps === 1 ? 'A tap was not taken' : `${counted(taps, 'tap')} were not taken`;

/** Taps that are kept on the device. */
export const waitingWords = (taps: number): string =>
  `${counted(taps, 'tap is', 'taps are')} kept here until the server answers.`;

/** Who else is in the run. */
export const otherDevicesWords = (devices: number, lastTap: string): string =>
  `${devices === 1 ? 'Another device is' : `${counted(devices, 'other device')} are`} in this run, last tap ${lastTap}.`;

/** What leaving out a load does. `sooner`: as a duration, undefined: no difference; `lost`: portions that are not made, of all. */
export const withoutLoadWords = (
  steps: number,
  sooner: string | undefined,
  lost: { readonly portions: number; readonly of: number } | undefined,
): string =>
  [
    counted(steps, 'step goes', 'steps go'),
    sooner === undefined ? '' : `, all is done ${sooner} sooner`,
    lost === undefined ? '' : `; ${lost.portions} of ${counted(lost.of, 'portion')} are not made`,
    '. What it would have taken stays on the shelf.',
  ].join('');

/** What was understood of work that was said in a line. */
export const workReadWords = (name: string, minutes: number, hands: boolean): string =>
  `understood: ${name}, ${minutes} min, ${hands ? 'hands' : 'a clock'}`;
/** What was understood of more that went in. */
export const moreReadWords = (plus: string, food: string, dish: string, guessed: boolean): string =>
  `understood: ${guessed ? 'a little, counted as ' : ''}+${plus} ${food}, ${dish}`;

/** What was understood of something that went in instead of something else. */
export const insteadReadWords = (amount: string, food: string, was: string): string =>
  `understood: ${amount} ${food} instead of ${was}, at the recipe’s written size`;
/** What was understood of something that went in. */
export const tickReadWords = (food: string, amount: string): string => `understood: ${food} went in, ${amount}`;

/** What was left of a vegetable once it was trimmed. */
export const trimmedWords = (food: string, left: string, taken: string): string =>
  `${food}, trimmed: ${left} of ${taken}`;

/** What comes when the hands are free again; nothing: only clocks run. */
export const nextStepWords = (next: { readonly name: string; readonly at: string } | undefined): string =>
  next ? `Next: ${next.name}, about ${next.at}` : 'Only clocks are running.';

/** What the card of the step at hand says over its name. */
export const nowWords = (who: string | undefined, dish: string, takes: string, unit: string | undefined): string =>
  [`Now, ${who ?? 'both hands'}`, dish, takes, ...(unit === undefined || unit === '' ? [] : [unit])].join(' · ');

/** The weight at which to stop, as the scale shows it with each pot. */
export const withPotsWords = (pots: readonly { readonly name: string; readonly shows: string }[]): string =>
  pots.map(({ name, shows }) => `; in the ${name} the scale shows ${shows}`).join('');

/** The name of what is in the sealed cooker, with its load where there are several. */
export const loadOfWords = (dish: string, load: number, loads: number): string =>
  loads > 1 ? `${dish}, load ${load} of ${loads}` : dish;

/** Said instead of the picture: until when each lane is in use. */
export const lanesUntilWords = (lanes: readonly { readonly name: string; readonly until: string }[]): string =>
  lanes.length === 0
    ? 'The plan as it stands.'
    : `The plan as it stands. ${listed(lanes.map(({ name, until }) => `${name} until ${until}`))}.`;

interface Without {
  readonly portions: number;
  /** Of a portion, as it is written: before and then. */
  readonly weighs: readonly [was: string, is: string];
  /** Whole grams, where they are known: before and then. */
  readonly proteinG: readonly [was: number | undefined, is: number | undefined];
  readonly freeOf: readonly string[];
}
/**
 * What leaving something out does; empty: nothing that anybody would see.
 * @example withoutWords(['walnut'], …) // "Without walnut: 8 portions of 140 g instead of 155 g, protein 9 g instead of 12 in each; no nuts in it then."
 */
export function leftOutMeansWords(foods: readonly string[], { portions, weighs, proteinG, freeOf }: Without): string {
  const [was, is] = weighs;
  const [wasP, isP] = proteinG;
  const size = is === was ? '' : `: ${counted(portions, 'portion')} of ${is} instead of ${was}`;
  const protein =
    isP === undefined || wasP === undefined || isP === wasP ? '' : `, protein ${isP} g instead of ${wasP} in each`;
  const free = freeOf.length > 0 ? `; no ${freeOf.join(', no ')} in it then` : '';
  return size || protein || free ? `Without ${listed(foods)}${size}${protein}${free}.` : '';
}
