import { counted, fixed, listed, portionsText } from '@kestrel-ridge/core/quantity';
import type { Because } from '@kestrel-ridge/core/quantity';
import type { BrokenMeal, ComponentStrip } from '@kestrel-ridge/core/view';
import type { MealName } from '@kestrel-ridge/core/week';
import { dayName, longDayName } from '../parts/times.ts';

/** What the week's page says first: what runs out first, or that all reaches. */
export function weekHead(strips: readonly Pick<ComponentStrip, 'name' | 'strip'>[]): string {
  if (strips.length === 0) return 'What will you eat this week?';
  const [short] = strips
    .flatMap(({ name, strip: { firstShort } }) => (firstShort ? [{ name, ...firstShort }] : []))
    .sort((a, b) => a.day.localeCompare(b.day));
  return short
    ? `${short.name} runs out on ${longDayName(short.day)} at ${short.meal}`
    : 'Everything reaches to the end of the week';
}

/** What the button keeps: so many sizes that were tried, or days that were moved, too. */
export const keepWords = (sizes: number, moved: boolean): string =>
  moved ? 'Keep it so' : sizes === 1 ? 'Keep this size' : 'Keep these sizes';

/** How many meals do not hold as they were planned. */
export const notHoldingWords = (meals: number): string =>
  `${counted(meals, 'meal does', 'meals do')} not hold as planned`;

/** So many of them are named where there is little room. */
const NAMED = 3;
/** The first meals that do not hold, with what they lack: "Tue dinner, rice and beans; Wed lunch, slaw". */
export const firstBrokenWords = (broken: readonly Pick<BrokenMeal, 'day' | 'meal' | 'lacks'>[]): string =>
  broken
    .slice(0, NAMED)
    .map(({ day, meal, lacks }) => `${dayName(day)} ${meal}, ${listed(lacks.map(({ name }) => name))}`)
    .join('; ');

/** All meals that do not hold, with how much they lack. */
export const brokenWords = (broken: readonly Pick<BrokenMeal, 'day' | 'meal' | 'lacks'>[]): string =>
  broken
    .map(
      ({ day, meal, lacks }) =>
        `${longDayName(day)} ${meal}: ${listed(
          lacks.map(({ name, portions }) =>
            portions > 0 ? `${portionsText(portions)} of ${name} short` : `no ${name}`,
          ),
        )}.`,
    )
    .join(' ');

/** What it means to leave broken meals open. */
export const becomeOpenWords = (broken: readonly Pick<BrokenMeal, 'day' | 'meal'>[]): string =>
  `${listed(broken.map(({ day, meal }) => `${dayName(day)} ${meal}`))} ${broken.length === 1 ? 'becomes' : 'become'} open: something from the boxes, whatever is there then.`;

/** What is short on complete plates, and what would make more of them. */
export function platesWords(
  now: number,
  cooked: number,
  short: string | undefined,
  best: { readonly food: string; readonly plates: number } | undefined,
): string {
  const when = cooked > now ? `after the cooking, ${now} now` : 'in the boxes';
  if (short === undefined) return `${when}.`;
  const more = best && best.plates > 0 ? `; half a kilo more of ${best.food} would make ${best.plates} more` : '';
  return `${when}: ${short} are short${more}.`;
}

/** A batch of the week in a line: "6 portions, 2 to freeze". */
export const batchWords = (portions: number, toFreeze: number): string =>
  toFreeze > 0 ? `${portionsText(portions)}, ${toFreeze} to freeze` : portionsText(portions);

/** One portion or meal is it, several are them. */
export const itOrThem = (portions: number): string => (Math.round(portions * 10) / 10 === 1 ? 'it' : 'them');
/** What the button says that freezes so many portions more. */
export const freezeMoreWords = (portions: number): string =>
  portions === 1 ? 'Freeze it' : `Freeze ${portions} of them`;

/** What is under the number of portions: "portions, 2 loads". */
export const loadsWords = (loads: number): string => (loads > 1 ? `portions, ${counted(loads, 'load')}` : 'portions');

/** How many eat; `note`: what the meal says beside it. */
export const eatWords = (people: number, note = ''): string =>
  `${counted(people, 'eats', 'eat')}${note === '' ? '' : `; ${note}`}`;

/** Who eats in the kitchen, as the page’s head. */
export const eatersHead = (eaters: number): string =>
  eaters === 0 ? 'Who eats here?' : `${counted(eaters, 'eats', 'eat')} here`;

/** A template that is about to be laid over the week; `missing`: dishes of it that stay as they are. */
export const templateWords = (meals: number, added: number, sized: number, missing: number): string =>
  [
    counted(meals, 'meal is', 'meals are'),
    ' set, ',
    counted(added, 'dish'),
    ' added, ',
    counted(sized, 'size'),
    ' changed',
    missing > 0
      ? `; ${counted(missing, 'dish is there as it is', 'dishes are there as they are')}, or no longer in the book`
      : '',
    '. It can be taken back.',
  ].join('');

/** How a plan ends up: from when, and whether it may get shorter yet. */
export const startsWords = (start: string, settled: boolean): string =>
  settled ? `starts ${start}` : `starts ${start}; looking for a shorter plan …`;

/** What a portion costs; `unpriced`: foods of which no price is known. */
export function aPortionWords(minor: string, unpriced: readonly string[]): string {
  if (unpriced.length === 0) return `${minor} a portion`;
  const more = unpriced.length - 2;
  const named = more > 0 ? `${unpriced.slice(0, 2).join(', ')} and ${more} more` : listed(unpriced);
  return `at least: no price for ${named}; ${minor} a portion`;
}

/** What a learned appetite says: "on 4 plates; at lunch 1.2 times". */
export const learntOnWords = (
  plates: number,
  meals: readonly { readonly meal: MealName; readonly times: number }[],
): string =>
  [`on ${counted(plates, 'plate')}`, ...meals.map(({ meal, times }) => `at ${meal} ${fixed(times, 2)} times`)].join(
    '; ',
  );

/** What is on a plate in the plan that mends: "rice × 2, slaw"; open: nothing is said. */
export const plateWords = (parts: readonly { readonly name: string; readonly portions: number }[]): string =>
  parts.map(({ name, portions }) => (portions === 1 ? name : `${name} × ${portions}`)).join(', ') || 'open';

interface CookedMore {
  readonly name: string;
  readonly portions: number;
  readonly atOnce?: boolean;
}
/** What is cooked beside what was planned, and what its ingredients cost; `money` undefined: nothing more is bought. */
export function moreCookedWords(cooked: readonly CookedMore[], money: string | undefined): string {
  if (cooked.length === 0) return 'Nothing more is cooked.';
  const what = cooked.map(
    ({ name, portions, atOnce }) =>
      `${portionsText(portions)} more of ${name}${atOnce ? ', in a small session now' : ''}`,
  );
  return `Cooked beside the plan: ${what.join('; ')}${money === undefined ? '' : `; ${money} more of ingredients`}.`;
}

/** What would still be missing, as the strip sees it. */
export function stillShortWords(broken: readonly Pick<BrokenMeal, 'lacks'>[]): string {
  const lacks = broken.flatMap((meal) => meal.lacks);
  if (lacks.length === 0) return 'Nothing is short then.';
  const missing = lacks.reduce((sum, { portions }) => sum + portions, 0);
  return `${portionsText(missing)} still missing across ${counted(broken.length, 'meal')}.`;
}

/** The next thing to be done ahead. `on`: its day, undefined for today. */
export const nextAheadWords = (clock: string, what: string, on: string | undefined): string =>
  on === undefined ? `Next at ${clock}: ${what}` : `Next on ${on} at ${clock}: ${what}`;

const megajoules = (kJ: number): string => `${fixed(kJ / 1000, 1)} MJ`;
interface FedDay {
  readonly within: boolean;
  readonly kJ: number;
  readonly proteinG: number;
  readonly fibreG: number;
  readonly saltG: number;
}
/** Who the band is for, and where it lies. */
export const bandWords = (
  names: readonly string[],
  { leastKJ, mostKJ, proteinG }: { readonly leastKJ: number; readonly mostKJ: number; readonly proteinG: number },
): string => `${listed(names)}: ${megajoules(leastKJ)} to ${megajoules(mostKJ)}, ${Math.round(proteinG)} g protein`;
/** One day of those who eat, as a part of a reason. */
export const fedDayPart = (day: FedDay, n: number): Because => ({
  rule: day.within ? `day ${n + 1}` : `day ${n + 1}, outside`,
  figure: `${megajoules(day.kJ)}, ${Math.round(day.proteinG)} g protein, ${Math.round(day.fibreG)} g fibre, ${fixed(day.saltG, 1)} g salt`,
});
/** How many of the days that are known lie within the band. */
export const daysWithinWords = (days: readonly ({ readonly within: boolean } | undefined)[]): string =>
  `${days.filter((day) => day?.within).length} of ${counted(days.filter(Boolean).length, 'day')}`;
