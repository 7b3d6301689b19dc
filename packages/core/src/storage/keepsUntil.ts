import type { Food, PlaceKind } from '../food/index.ts';
import { addDays, counted, daysBetween, type Day, type Reasoned, type Sourced } from '../quantity/index.ts';
import type { LotDates } from '../stock/index.ts';

/** How long something keeps: its last day, and where that is a matter of hours, how many. */
export interface Life extends Reasoned<Day> {
  /** Hours from when it came to lie where it lies; left out: days. */
  readonly hours?: number;
}

/** Cooked, opened or thawed food outside the fridge. Source: USDA FSIS leftovers guidance (from memory): two hours at room temperature at most. */
const OUT_HOURS = 2;
const OUT_SOURCE = 'USDA FSIS leftovers guidance (from memory): two hours at most, one above 32 °C';
/** After thawing in the fridge. Source: USDA FSIS leftovers guidance (from memory). */
const AFTER_THAWING_DAYS = 3;
const THAW_SOURCE = 'USDA FSIS leftovers guidance (from memory)';
/** Fresh food in a place for which nobody has a figure keeps a third of its days in the fridge, to be careful. From memory. */
const WARMER_SHARE = 1 / 3;

/** Cooked here, or made to be kept cold: outside the fridge it has hours. What the book gives days out there has days. */
export const isCooked = ({ facts }: Food): boolean => facts.kind === 'component';

/**
 * The last day a lot keeps where it lies, or undefined when nothing is known. Days are calendar dates, and the day it was made, bought or opened is day 1, so "3 days"
 * from a Sunday end on Tuesday. Everything that limits it counts, and the earliest of that is the answer: a printed date, its days in this place, its opened life, what was
 * left when it was frozen, hours outside the fridge, and the end it had before it was last touched (`endsOn`): age only moves forward.
 * Source: FDA Food Code 2022, 3-501.17 (day of preparation is day 1; time in the freezer does not count); USDA FSIS (after thawing).
 */
export function keepsUntil(food: Food, place: PlaceKind, dates: LotDates): Life | undefined {
  const limits = place === 'freezer' ? frozenLimits(food, dates) : limitsAt(food, place, dates);
  return limits.reduce<Life | undefined>(
    (first, next) => (first === undefined || isSooner(next, first) ? next : first),
    undefined,
  );
}

/** Hours of a day are sooner than that day. */
const isSooner = (a: Life, b: Life): boolean =>
  a.value < b.value || (a.value === b.value && (a.hours ?? Infinity) < (b.hours ?? Infinity));

/** For quality: frozen through, the clock stands still, and its days in the freezer count from the first time. */
function frozenLimits({ facts }: Food, dates: LotDates): readonly Life[] {
  const from = dates.frozenOn ?? dates.madeOn ?? dates.boughtOn;
  // What is over of an opened pack has days of its own there.
  const days = (dates.openedOn ? facts.opened?.freezer : undefined) ?? facts.keeps?.freezer;
  const limits: Life[] = [];
  if (days && from) limits.push(lifeFrom(from, days, 'in the freezer, for quality'));
  // Bought frozen, a pack says itself until when.
  if (!dates.frozenOn) limits.push(...printed(dates));
  return limits;
}

function limitsAt(food: Food, place: Exclude<PlaceKind, 'freezer'>, dates: LotDates): readonly Life[] {
  const { facts } = food;
  const limits: Life[] = [];
  const opened = dates.openedOn;
  const started = dates.madeOn ?? dates.boughtOn;
  if (!dates.frozenOn) limits.push(...printed(dates));
  if (dates.endsOn)
    limits.push({
      value: dates.endsOn,
      because: { rule: 'what it had left before it was moved or opened', figure: dates.endsOn },
    });
  if (dates.warmOn) limits.push(outside(dates.warmOn));

  if (dates.thawedOn) {
    limits.push(...thawedLimits(food, place, dates, dates.thawedOn));
    return limits;
  }
  if (opened) {
    const life = facts.opened?.[place];
    const coldOnly = facts.opened?.fridge !== undefined || facts.opened?.freezer !== undefined;
    if (life) limits.push(lifeFrom(opened, life, `opened, in the ${place}`));
    else if (coldOnly && place !== 'fridge') limits.push(outside(opened, 'opened, and outside the fridge'));
    else {
      const shut = daysAt(food, place);
      if (shut) limits.push(lifeFrom(opened, shut, `opened, in the ${place}: no longer than shut`));
    }
    return limits;
  }
  if (isCooked(food) && place !== 'fridge' && !facts.keeps?.[place]) {
    if (started) limits.push(outside(started));
    return limits;
  }
  const days = daysAt(food, place);
  // A pack that is still shut goes by its printed date.
  if (days && started && (dates.madeOn || !(dates.bestBefore ?? dates.useBy)))
    limits.push(lifeFrom(started, days, `keeps in the ${place}`));
  return limits;
}

/** Thawed, it counts by where it lies: what was left when it was frozen, three days at most, hours outside the fridge. */
function thawedLimits(food: Food, place: PlaceKind, dates: LotDates, thawedOn: Day): readonly Life[] {
  const left = Math.max(1, dates.daysLeft ?? leftWhenFrozen(food, dates) ?? AFTER_THAWING_DAYS);
  const limits: Life[] = [
    lifeFrom(
      thawedOn,
      { value: Math.min(left, AFTER_THAWING_DAYS), source: THAW_SOURCE },
      'thawed: what was left when it was frozen, 3 days at most',
    ),
  ];
  if (place !== 'fridge') limits.push(outside(thawedOn, 'thawed, and outside the fridge'));
  const freezer = food.facts.keeps?.freezer;
  // Frozen and thawed again and again, it does not keep without end: the freezer's days count from the first time.
  if (freezer && dates.frozenOn)
    limits.push(
      lifeFrom(
        dates.frozenOn,
        { value: freezer.value + Math.min(left, AFTER_THAWING_DAYS), source: freezer.source },
        'its days in the freezer, and those after',
      ),
    );
  return limits;
}

/** For a lot whose days were not noted when it was frozen: its days in the fridge less those before. */
const leftWhenFrozen = ({ facts }: Food, { madeOn, boughtOn, frozenOn }: LotDates): number | undefined => {
  const days = facts.keeps?.fridge?.value;
  const from = madeOn ?? boughtOn;
  return days === undefined ? undefined : days - (from && frozenOn ? daysBetween(from, frozenOn) + 1 : 0);
};

/** Its days in a place; where nobody has a figure for it, the careful side of what is known. */
function daysAt({ facts }: Food, place: Exclude<PlaceKind, 'freezer'>): Sourced<number> | undefined {
  const { keeps } = facts;
  const known = keeps?.[place];
  if (known) return known;
  const warm = keeps?.['cool room'] ?? keeps?.cupboard;
  // What keeps in the cupboard keeps in the cold as well, and in a cool room.
  if (place === 'fridge' && warm) return warm;
  if (place === 'cool room' && keeps?.cupboard) return keeps.cupboard;
  const cold = keeps?.['cool room'] ?? keeps?.fridge;
  return cold
    ? {
        value: Math.max(1, Math.floor(cold.value * WARMER_SHARE)),
        source: 'from memory: a third of its days in the cold, to be careful',
      }
    : undefined;
}

const printed = ({ useBy, bestBefore }: LotDates): readonly Life[] => [
  ...(useBy ? [{ value: useBy, because: { rule: 'use by, on the pack', figure: useBy } }] : []),
  ...(bestBefore ? [{ value: bestBefore, because: { rule: 'best before, on the pack', figure: bestBefore } }] : []),
];

const outside = (on: Day, rule = 'cooked, and outside the fridge'): Life => ({
  value: on,
  hours: OUT_HOURS,
  because: { rule: `${rule}: ${OUT_HOURS} hours`, figure: `on ${on}`, source: OUT_SOURCE },
});

const lifeFrom = (from: Day, { value, source }: Sourced<number>, rule: string): Life => ({
  value: addDays(from, value - 1),
  because: {
    rule: `${rule}; that day is day 1`,
    figure: `${counted(value, 'day')} from ${from}`,
    source,
  },
});
