import { plainSigns } from '../../quantity/index.ts';
import type { MethodStep } from './readMethodStep.ts';
import { durationsIn } from './timesIn.ts';

/** It is drained, and not on paper. */
const DRAINS = /(?:^|[.;,(] ?|\b(?:and|then) )drain\b(?!\s+on\b)(?![^.;]{0,30}\bpaper)/i;
/** In a pot of water, and not in a pan of oil. */
const IN_WATER = /\b(?:boil|simmer|bring|cook|bubble|pressure|HP)\b/i;
/** These have a pot of their own. */
const IN_THEIR_OWN = /\b(?:pasta|noodles?|udon|soba|spaghetti|meanwhile|separate(?:ly)?|second pan|another pan)\b/i;
/** What comes behind the draining may be what the water is for. */
const GOES_ON =
  /\b(?:(?:the|fresh|hot|cold|remaining|with|in) water|(?<!divide )everything|all (?:of it|the rest|else)|(?:the )?rest of the (?!oil)|liquid|liquor|broth|stock|soup)\b/i;
/** Within so many steps a pot is drained, and so long it has cooked by then, min. Common practice, no published source. */
const SOON = 3;
const LEAST_MIN = 5;

const cooksInWater = ({ text, timed, kind, station, minutes }: MethodStep): boolean =>
  timed &&
  (kind === 'pressure' || (kind === 'work' && station === 'burner')) &&
  minutes.latest >= LEAST_MIN &&
  IN_WATER.test(text) &&
  !IN_THEIR_OWN.test(text);

/** Is it drained here, once its time is over? */
function drainsAfter({ text }: MethodStep, cookedHere: boolean): boolean {
  const plain = plainSigns(text);
  const from = cookedHere ? (durationsIn(plain).at(-1)?.end ?? plain.length) : 0;
  return DRAINS.test(plain.slice(from));
}

/**
 * Whether the water that a method cooks in is poured off in the end: what was measured into the pot is then not in the dish. `from`: the step into which it goes, from 0.
 * @example isPouredOff([…'Simmer the farro 25 minutes.', …'Drain.']) // true
 */
export function isPouredOff(steps: readonly MethodStep[], from = 0): boolean {
  const cooked = steps.findIndex((step, n) => n >= from && cooksInWater(step));
  const one = steps[cooked];
  if (!one) return false;
  const behind = steps.slice(cooked, cooked + 1 + SOON).findIndex((step, n) => drainsAfter(step, n === 0));
  return behind >= 0 && !steps.slice(cooked + behind + 1).some(({ text }) => GOES_ON.test(text));
}
