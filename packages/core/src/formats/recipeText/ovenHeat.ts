import { FAN_C_LOWER } from '../../kitchen/index.ts';
import { remembered } from '../../quantity/index.ts';

/** Degrees with their unit. */
const HEAT = /(\d{2,3})\s*°?\s*(C|F)\b/;
/** "Bake at 220": an oven's degrees without their unit. */
const BARE_HEAT = /\b(?:at|to|oven)\s+\(?([1-4]\d[05])\b(?!\s*(?:°|g\b|ml\b|w\b|watts?\b|[CF]\b))/i;
/** "Warm through at 160 for 10 minutes": nothing but an oven is set to that. */
const AT_HEAT = /\bat ([12]\d[05]) for (?:about )?\d/i;
/** "30 min more at 160" */
const HEAT_BEHIND = /\bmin\w* (?:more )?at ([12]\d[05])\b(?! ?(?:g|ml|w)\b)/i;
/** What is more than this is said in °F. */
const HOTTEST_C = 260;
/** "200 deg", of whichever degrees. */
const DEGREES = /(\d{2,3})\s*(?:°|deg(?:rees?)?\b)/i;
/** "200 fan" */
const FAN_HEAT = /\b([12]\d[05])\s*\(?(?:fan|umluft|hei(?:ß|ss)luft)\b(?!\s*:?\s*[12]\d{2})/i;
/** "Fan 160" */
const FAN_FIRST = /\b(?:fan|umluft|hei(?:ß|ss)luft):? ([12]\d[05])\b(?!\s*(?:°|g\b|ml\b|[CF]\b))/i;
/** Words of an oven. */
export const OVEN = /\b(?:oven|bake|baking|roast|roasting)\b/i;
/** Oven dials go in tens. */
const TEN = 10;
/** Marks of a gas oven from 1 to 9, °C. Common practice, no published source. */
const GAS_C = [0, 140, 150, 160, 180, 190, 200, 220, 230, 240];

/** Behind a heat, or before it: it is meant for an oven with a fan, unless the fan has a heat of its own. */
const FAN_BEHIND =
  /^\s*(?:°|deg(?:rees?)?\b)?\s*[CF]?\s*,?\s*\(?\s*(?:fan|convection|umluft|hei(?:ß|ss)luft)\b(?!\s*:?\s*[12]\d{2})/i;
const FAN_BEFORE = /\b(?:fan|convection|umluft|hei(?:ß|ss)luft)(?: oven)?:?\s*(?:at |to )?$/i;
/** In °F a fan oven is set so much lower. Common practice, no published source. */
const FAN_F_LOWER = 25;

/** How hot an oven without a fan is meant to be, °C: of two heats the one without, of one for a fan so much more. */
export const celsiusIn = remembered((plain: string): number | undefined => {
  const all = [
    HEAT,
    DEGREES,
    ...(OVEN.test(plain) ? [BARE_HEAT, FAN_FIRST] : []),
    AT_HEAT,
    HEAT_BEHIND,
    FAN_HEAT,
  ].flatMap((said) =>
    [...plain.matchAll(new RegExp(said.source, `${said.flags}g`))].map((match) => {
      const at = match.index + match[0].indexOf(match[1] ?? '');
      return {
        degrees: Number(match[1]),
        // "250-280 °C" says itself which it is.
        fahrenheit: match[2]
          ? match[2].toUpperCase() === 'F'
          : Number(match[1]) > HOTTEST_C && !/^[^.]{0,8}\bC\b/.test(plain.slice(at + (match[1]?.length ?? 0))),
        fan: FAN_BEHIND.test(plain.slice(at + (match[1]?.length ?? 0))) || FAN_BEFORE.test(plain.slice(0, at)),
      };
    }),
  );
  const heat = all.find(({ fan }) => !fan) ?? all[0];
  if (!heat) {
    const mark = /\b(?:gas(?: mark)?|regulo) ([1-9])\b/i.exec(plain)?.[1];
    return mark === undefined ? undefined : GAS_C[Number(mark)];
  }
  const { degrees, fahrenheit, fan } = heat;
  return fahrenheit
    ? Math.round(((degrees + (fan ? FAN_F_LOWER : 0) - 32) * 5) / 9 / TEN) * TEN
    : degrees + (fan ? FAN_C_LOWER : 0);
});

/** "Then 180 dry 10": as hot as that, in the oven where it is. */
export function thenAt(plain: string): number | undefined {
  const said =
    /^then (?:at |up to |down to |(?:turn )?(?:it )?(?:up|down) to )?([12]\d[05])\b(?!\s*(?:g|ml|min))/i.exec(
      plain,
    )?.[1];
  return said === undefined ? undefined : Number(said);
}
