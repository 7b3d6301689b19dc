import type { Food, PlaceKind } from '../food/index.ts';
import { daysBetween, done, earlier, refused, type Day, type Outcome } from '../quantity/index.ts';
import type { LotDates, MovementKind } from '../stock/index.ts';
import { isCooked, keepsUntil } from './keepsUntil.ts';

/** What is done with a lot as it lies: its place, and what its dates say. */
export interface Lying {
  readonly food: Food;
  readonly place: PlaceKind;
  readonly dates: LotDates;
}

export type AgeStep =
  /** The opened pack goes where it will lie in the same step: a tin into the fridge. */
  | { readonly do: 'open'; readonly into?: PlaceKind }
  | {
      readonly do: 'move';
      readonly to: PlaceKind;
      /** Said in plain words: what was thawed is frozen once more. */
      readonly again?: boolean;
    };

/** Why a lot may not be frozen or opened now, with what can be done. */
export interface AgeRefusal {
  readonly code: 'open already' | 'past its life' | 'lay outside the fridge' | 'was thawed';
  readonly fault: string;
  readonly remedy: string;
}

export interface Aged {
  readonly dates: LotDates;
  /** How the ledger calls it. */
  readonly kind: Extract<MovementKind, 'moved' | 'opened' | 'frozen' | 'thawed'>;
}

/**
 * The dates of a lot after a step, on a day. The one place where opening, moving, freezing and thawing change what a lot has left; its laws:
 * no step lets it keep longer than it did, but freezing within its life; days spent before freezing are not given back; what is past, or lay outside the fridge cooked or
 * thawed, is not frozen; what was thawed in the fridge is frozen once more only where that is said.
 * Source: FDA Food Code 2022, 3-501.17; USDA FSIS (from memory): what was thawed on the counter is not frozen again.
 * @example afterStep({ food: soup, place: 'fridge', dates: { madeOn: day('2026-03-01') } }, { do: 'move', to: 'freezer' }, day('2026-03-02'))
 */
export function afterStep(lot: Lying, step: AgeStep, on: Day): Outcome<Aged, AgeRefusal> {
  const ends = keepsUntil(lot.food, lot.place, lot.dates)?.value;
  if (step.do === 'open') {
    if (lot.dates.openedOn)
      return refused({
        code: 'open already',
        fault: `This ${lot.food.name} is open already.`,
        remedy: 'Nothing needs to be done.',
      });
    // Out of the freezer it thaws on the way, into it it is frozen: as if it had been moved first.
    const into = step.into ?? lot.place;
    if ((into === 'freezer') !== (lot.place === 'freezer')) {
      const moved = afterStep(lot, { do: 'move', to: into }, on);
      return moved.ok ? afterStep({ ...lot, place: into, dates: moved.value.dates }, { do: 'open' }, on) : moved;
    }
    return done({
      dates: { ...limited(lot.dates, lot.place === 'freezer' ? undefined : ends), openedOn: on },
      kind: 'opened',
    });
  }
  const { to } = step;
  const wasFrozen = lot.place === 'freezer';
  if (to === 'freezer' && !wasFrozen) return frozen(lot, ends, on, step.again ?? false);
  if (wasFrozen && to !== 'freezer') {
    const { endsOn: _before, ...dates } = lot.dates;
    return done({
      dates: {
        ...dates,
        frozenOn: dates.frozenOn ?? dates.madeOn ?? dates.boughtOn ?? on,
        thawedOn: on,
        ...warm(lot, to, on, true),
      },
      kind: 'thawed',
    });
  }
  if (wasFrozen) return done({ dates: lot.dates, kind: 'moved' });
  return done({ dates: { ...limited(lot.dates, ends), ...warm(lot, to, on, false) }, kind: 'moved' });
}

function frozen(lot: Lying, ends: Day | undefined, on: Day, again: boolean): Outcome<Aged, AgeRefusal> {
  const { food, dates } = lot;
  if (dates.warmOn !== undefined)
    return refused({
      code: 'lay outside the fridge',
      fault: `This ${food.name} lay outside the fridge on ${dates.warmOn}.`,
      remedy: 'Eat it hot within two hours, or throw it away: it is not frozen.',
    });
  if (ends !== undefined && daysBetween(on, ends) < 0)
    return refused({
      code: 'past its life',
      fault: `This ${food.name} kept until ${ends}: freezing does not give it those days back.`,
      remedy: 'Look at it, and throw it away if in doubt. If the date is wrong, correct it first.',
    });
  if (dates.thawedOn !== undefined && !again)
    return refused({
      code: 'was thawed',
      fault: `This ${food.name} was thawed on ${dates.thawedOn}.`,
      remedy: 'Eat it while it keeps. If it thawed in the fridge it may be frozen once more: say so.',
    });
  const { thawedOn: _thawed, ...kept } = dates;
  return done({
    dates: {
      ...kept,
      // Frozen once more, it is as old as it was: its days in the freezer go on from the first.
      frozenOn: dates.frozenOn ?? on,
      ...(ends === undefined ? {} : { daysLeft: daysBetween(on, ends) }),
    },
    kind: 'frozen',
  });
}

/** The dates of something that is made on a day and put straight into a place: into the freezer with all its days but this one. */
export function madeIn(food: Food, place: PlaceKind, on: Day): LotDates {
  const fresh: LotDates = { madeOn: on };
  if (place === 'fridge') return fresh;
  const put = afterStep({ food, place: 'fridge', dates: fresh }, { do: 'move', to: place }, on);
  return put.ok ? put.value.dates : fresh;
}

/** Never later than it was. */
const limited = (dates: LotDates, ends: Day | undefined): LotDates =>
  ends === undefined ? dates : { ...dates, endsOn: dates.endsOn === undefined ? ends : earlier(dates.endsOn, ends) };

/** Cooked or thawed food that comes to lie outside the fridge: the first day that it did. */
const warm = ({ food, dates }: Lying, to: PlaceKind, on: Day, thawing: boolean): Pick<LotDates, 'warmOn'> => {
  const perishes = isCooked(food) || thawing || dates.thawedOn !== undefined;
  const out = to !== 'fridge' && to !== 'freezer' && perishes && food.facts.keeps?.[to] === undefined;
  return out ? { warmOn: dates.warmOn === undefined ? on : earlier(dates.warmOn, on) } : {};
};
