import { plainSigns } from '../../quantity/index.ts';
import type { PressureStep } from '../../recipe/index.ts';
import { timesIn } from './timesIn.ts';

const PRESSURE =
  /^(?:full )?pressure\b(?=[^.]{0,12}\d)|\b(?:pressure[- ]?cook(?:ed|ing)?\b(?!er)|(?:at|on|under|up to|to) (?:full |high |low )?pressure|high pressure|[HL]P\b(?=[^.]{0,12}\d)|(?<=\d ?min\w*\.?,? (?:at |on )?)[HL]P\b|(?:seal|lock)\b[^.;]{0,30}\b(?:cook|high)\b[^.;]{0,12}\d|\b(?:\d+|one|two|three|four) whistles?\b|in cooker\b(?=[^.]{0,20}\b(?:high|low|whistles?|\d+ ?min))|(?:on )?high\b[^.]{0,6}\d+[^.]{0,12},? (?:NR|NPR|QR|QPR|natural|quick release)\b|\d+ ?min\w*,? (?:on |at )?high\b[^.]{0,12}\b(?:NR|NPR|QR|QPR|natural|quick release)\b|\bPC\b(?=[^.]{0,12}\d)|manual(?: mode| setting)?,?:?[ /](?:(?:on |at )?hi(?:gh)?\b|(?=\d+ ?min))|(?:in|into) (?:the|a|an|your) (?:electric |stovetop |sealed )?(?:pressure |sealed )cooker)/i;
const RELEASE =
  /\b(?:\d{1,2}[- ]min\w*[- ](?:natural|NPR)|natural(?:ly)?|NPR|QPR|NR|QR|quick(?:ly)?[ -](?:release|vent)|release|let (?:the )?(?:pressure|steam)|vent|pressure (?:to )?(?:drop|fall|come)|pressure (?:has |is )?(?:gone|dropped|fallen|released|(?:all )?out)|(?:let|allow|leave)(?: it| them)?(?: to)? (?:come|drop) down)/i;
const NATURAL = /\b(?:natural(?:ly)?|NPR|NR|by itself|on its own|come down|drop down)\b/i;
const QUICK = /\b(?:quick(?:ly)?|QPR|QR|at once|immediately|straight away|vent|steam out)\b/i;

/** Fried in its pot, with the lid off. */
const SAUTES = /\bsaut[eé]|\bheat\b[^.;]*\boil\b|\b(?:fry|sweat|soften|brown|splutter)\b/i;
const SEALED =
  /\bpressure[- ]?cook(?:ed|ing)?\b(?!er)|\b(?:high|low|full|at|under) pressure\b|\b(?:lock|seal|lid|whistle|manual|natural|release|NPR|NR|QR)/i;

const WHISTLES = /\b(?:\d+|one|two|three|four|five|six) whistles?\b[^.]*?\b(?:then|and|\+)\b[^.]*\d ?min[^.]*/i;

/** Does a text speak of cooking at pressure? */
export const isPressure = (text: string): boolean => PRESSURE.test(text) && !(SAUTES.test(text) && !SEALED.test(text));
/** Does it speak of how the pressure is let out? */
export const isRelease = (text: string): boolean => RELEASE.test(text);

/** "High 5, NR" */
const BARE_HIGH = /\b(?:high|HP|manual)\b[^.\d]{0,8}\d{1,3}\b(?! ?min)/i;

/** The same with its time, where none was said. */
export const heldFor = (text: string, minutes: number): string =>
  WHISTLES.test(text)
    ? text.replace(WHISTLES, `pressure cook for ${minutes} minutes`)
    : BARE_HIGH.test(text)
      ? text.replace(BARE_HIGH, `High pressure for ${minutes} minutes`)
      : text.replace(PRESSURE, (said) => `${said} for ${minutes} minutes`);

/** What a text says of a sealed cooker's cycle. What it does not say is left out, to be asked. */
export interface SaidPressure {
  readonly hold?: { readonly from: number; readonly to: number };
  readonly release?: PressureStep['release'];
  /** Low pressure, which no plan here knows. */
  readonly low: boolean;
  readonly water: PressureStep['water'];
}

/**
 * @example pressureIn('Pressure cook on high 25 minutes, natural release 10, then vent') // hold 25, release after 10 minutes
 */
export function pressureIn(text: string): SaidPressure {
  const plain = plainSigns(text);
  const said = RELEASE.exec(plain);
  const at = said?.index ?? plain.length;
  // "4 whistles, then 5 min low": what the whistles take is not in those minutes.
  const [hold] = WHISTLES.test(plain) ? [] : timesIn(plain).filter((time) => time.at < at || said === null);
  return {
    ...(hold ? { hold: { from: hold.from, to: hold.to } } : {}),
    ...(said ? releaseIn(plain.slice(at)) : {}),
    low: /\blow pressure\b|\bLP\b/i.test(plain),
    water: /\b(?:boiling|hot) (?:water|stock)\b|\bkettle\b/i.test(plain) ? 'kettle' : 'tap',
  };
}

function releaseIn(said: string): { readonly release?: PressureStep['release'] } {
  // "natural release 10, then vent": ten minutes by itself, the rest at once.
  const minutes =
    /(?:(?:natural(?:ly)?|NPR|NR)[^.\d]{0,30}|for |rest )(\d{1,2})(?!\d)/i.exec(said)?.[1] ??
    /(\d{1,2})[- ]min/i.exec(said)?.[1];
  if (NATURAL.test(said)) {
    // "Naturally, 20-25 minutes" tells how long that takes.
    return minutes === undefined || /\d\s*(?:-|to)\s*\d/.test(said)
      ? { release: { how: 'natural' } }
      : { release: { how: 'timed', minutes: Number(minutes) } };
  }
  return QUICK.test(said) ? { release: { how: 'quick' } } : {};
}
