import { moneyText } from '@kestrel-ridge/core/cost';
import { listed, portionsText, counted } from '@kestrel-ridge/core/quantity';
import type { LateMinutes } from '@kestrel-ridge/core/run';
import type {
  CookedOtherwise,
  LastTimes,
  PastSession,
  PriceChange,
  RanOut,
  WeekThatWas,
} from '@kestrel-ridge/core/view';
import { dayName, duration } from '../parts/times.ts';

/** Nobody calls it late below that, min. */
const ON_TIME = 3;
/** Half a portion is the least that is spoken of. */
const SOME = 0.5;

/** @example lateWords(13) // => '13 min later than planned' */
export function lateWords(minutes: number): string {
  const off = Math.round(minutes);
  if (Math.abs(off) < ON_TIME) return 'on time';
  return off > 0 ? `${duration(off)} later than planned` : `${duration(-off)} earlier than planned`;
}

/** @example causeWords({ task: 'a', minutes: 6, cause: 'took longer' }, { a: 'Borlotti: chop' }) // => 'Borlotti: chop took 6 min longer' */
export function causeWords({ task, minutes, cause }: LateMinutes, names: PastSession['names']): string {
  const off = duration(Math.abs(minutes));
  const more = minutes > 0;
  if (task === undefined) return `The session began ${off} ${more ? 'late' : 'early'}`;
  const name = names[task] ?? 'Something that was added';
  switch (cause) {
    case 'took longer':
      return `${name} took ${off} ${more ? 'longer' : 'less'}`;
    case 'began late':
      return more ? `${name} began ${off} later than it could` : `${name} began ${off} sooner than planned`;
    case 'had time':
      return `${name} was the last, ${off} before the end of the plan`;
    default:
      return cause satisfies never;
  }
}

/** So many causes are told by themselves. */
const MOST_CAUSES = 6;
/** Together less than this is nothing. */
const SAME_MIN = 0.5;

/**
 * What moved a finish by minutes that are worth a line, the most first, and all that is smaller in one line, so that they still add up.
 * @example causesTold([{ task: 'a', minutes: 9, cause: 'took longer' }, { task: undefined, minutes: 2, cause: 'began late' }]).rest // "Smaller things together: 2 min later"
 */
export function causesTold(causes: readonly LateMinutes[]): {
  readonly told: readonly LateMinutes[];
  readonly rest: string | undefined;
} {
  const told = causes.filter(({ minutes }) => Math.abs(minutes) >= ON_TIME).slice(0, MOST_CAUSES);
  const left = causes.filter((each) => !told.includes(each)).reduce((sum, { minutes }) => sum + minutes, 0);
  return {
    told,
    rest:
      Math.abs(left) < SAME_MIN
        ? undefined
        : `Smaller things together: ${duration(Math.abs(left))} ${left > 0 ? 'later' : 'earlier'}`,
  };
}

const portionsOf = (n: number): string => portionsText(Math.round(n));

/** The week in one sentence: how the cooking went, and what it lost. */
export function headline({ sessions, dishes, thrownMinor, thrown }: WeekThatWas, currency: string): string {
  const told = sessions.filter(({ doubt }) => doubt === undefined);
  const late = told.reduce((sum, { lateness }) => sum + lateness.minutes, 0);
  const sum = (of: 'made' | 'eaten'): number => dishes.reduce((all, dish) => all + dish[of], 0);
  const withoutTaps =
    sum('made') >= SOME
      ? `${portionsOf(sum('made'))} made`
      : sum('eaten') >= SOME
        ? 'Eaten from what was there'
        : 'Nothing was cooked in these days';
  const cooked =
    sessions.length === 0
      ? withoutTaps
      : told.length === 0
        ? 'Cooked'
        : `Cooked ${told.length === 1 ? lateWords(late) : `${told.length} times, ${lateWords(late)} in all`}`;
  const lost =
    thrown.length === 0
      ? 'nothing was thrown away'
      : thrownMinor > 0
        ? `${moneyText(thrownMinor, currency)} was thrown away`
        : `${thrown.length === 1 ? 'one thing was' : `${thrown.length} things were`} thrown away`;
  return cooked.startsWith('Nothing') && thrown.length === 0 ? cooked : `${cooked}; ${lost}`;
}

/** @example priceWords({ name: 'leek', times: 1.12, … }) // => 'leek 12 % dearer' */
export const priceWords = ({ name, times }: Pick<PriceChange, 'name' | 'times'>): string =>
  `${name} ${Math.round(Math.abs(times - 1) * 100)} % ${times > 1 ? 'dearer' : 'cheaper'}`;

/**
 * What went into a dish otherwise than it is written.
 * @example otherwiseWords({ leftOut: ['hazelnuts'], swapped: [], amounts: [] }) // => 'without hazelnuts'
 */
export const otherwiseWords = ({
  leftOut,
  swapped,
  amounts,
}: Pick<CookedOtherwise, 'leftOut' | 'swapped' | 'amounts'>): string =>
  [
    ...(leftOut.length > 0 ? [`without ${listed(leftOut)}`] : []),
    ...swapped.map(({ from, to }) => `${to} instead of ${from}`),
    ...amounts.map(({ food, planned, was }) => `${was} of ${food} instead of ${planned}`),
  ].join('; ');

/** What to do otherwise, from what happened: at most three, the dearest first. `over`: the days are; before that nothing is left uneaten. */
export function doOtherwise(week: WeekThatWas, over: boolean): readonly string[] {
  const all: string[] = [];
  for (const { lateness, names, doubt } of week.sessions) {
    if (doubt !== undefined) {
      all.push(`Say of each step when it is done: ${doubt}, and nothing can be learned of that session.`);
      continue;
    }
    const [first] = lateness.causes.filter(({ minutes }) => minutes >= ON_TIME);
    if (first && lateness.minutes >= ON_TIME)
      all.push(
        `${causeWords(first, names)}: ${first.task === undefined ? 'plan it for when it can begin' : 'plan that much more for it'}.`,
      );
  }
  for (const { name, thrown, made, before } of week.dishes)
    if (thrown >= SOME && made + before > 0)
      all.push(
        `Make less ${name}, or freeze it earlier: ${Math.round(thrown)} of ${counted(Math.round(made + before), 'portion')} were thrown away.`,
      );
  for (const ranOut of week.ranOut) all.push(`Make more ${ranOut.name}: ${ranOutWords(ranOut)}.`);
  for (const { name, left, eaten, made } of week.dishes)
    if (over && made >= SOME && eaten < SOME && left >= SOME)
      all.push(`${name} was made, and none of it was eaten: is it still wanted?`);
  return all.slice(0, 3);
}

/**
 * @example ranOutWords({ on: '2026-11-25', meals: 2, … }) // "it was gone on Wed, and 2 later meals were planned with it"
 */
export const ranOutWords = ({ on, meals }: RanOut): string =>
  `it was gone on ${dayName(on)}, and ${meals === 1 ? 'one later meal was' : `${meals} later meals were`} planned with it`;

/**
 * What became of a dish the last times, in a sentence.
 * @example lastTimesWords({ times: 2, dish: { made: 16, eaten: 12, thrown: 4, left: 0, … }, fewer: 2 }) // 'Made twice in eight weeks, 16 portions: 12 eaten, 4 thrown away.'
 */
export function lastTimesWords({ times, dish }: LastTimes): string {
  const often = times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`;
  const parts = [
    [dish.eaten, 'eaten'],
    [dish.given, 'given away'],
    [dish.used, 'into other dishes'],
    [dish.thrown, 'thrown away'],
    [dish.left, 'still there'],
  ] as const;
  const told = parts.filter(([n]) => n >= SOME).map(([n, what]) => `${Math.round(n)} ${what}`);
  const there = dish.before >= SOME ? `, ${Math.round(dish.before)} there before` : '';
  return `Made ${often} in eight weeks, ${portionsOf(dish.made)}${there}${told.length > 0 ? `: ${told.join(', ')}` : ''}.`;
}
