import { HOUR_MS, MINUTE_MS, addDays, dayAt, hourAt, localMoment, momentAt, type Moment } from '../quantity/index.ts';
import { BOARD_MINUTES, presentAt } from '../session/index.ts';
import {
  MEAL_NAMES,
  dayBand,
  eatersAt,
  firstMealFrom,
  firstMealOf,
  servedAt,
  slotAt,
  type Candidate,
  type EaterGroup,
  type SessionAsk,
  type WeekAsk,
} from '../week/index.ts';
import { candidatesOf, type Seat } from './candidatesOf.ts';
import { freezerLeft } from './freezerLeft.ts';
import { thawedAfter } from './frozenThrough.ts';
import type { KitchenView } from './kitchenView.ts';
import { nextSessionAt } from './nextSessionAt.ts';
import { nextTrip } from './nextTrip.ts';
import { rankedFirsts } from './rankedFirsts.ts';
import { weekDays } from './stripsOf.ts';
import { wakingIn } from './wakingIn.ts';
import { newSession } from './weekChange.ts';

/** What the cook wants kept, and how much there is to spend. */
export interface Wanted {
  /** Meals that say already what they are stay as they are. */
  readonly keepSet?: boolean;
  /** Recipes that are cooked in any case, with their portions. */
  readonly locked: Readonly<Record<string, number>>;
  readonly handsAtMost: number | undefined;
  /** Recipes that are not cooked, nor put on a plate. */
  readonly without?: readonly string[];
  /** Guests more, or fewer, than the week has: by the number of the meal. */
  readonly guests?: Readonly<Record<number, number>>;
  /** Which share of a dish was thrown away in the weeks behind, by its food: it is liked so much less. */
  readonly lost?: ReadonlyMap<string, number>;
}

/** Dishes that one session cooks at most. Common practice, no published source. */
const MOST_DISHES = 8;
/** A session at most, minutes: what one pair of hands, one cooker, one burner can be busy. Common practice, no published source. */
const SESSION_MINUTES = 240;
/** So much of a food is a portion's worth, g or mL: what presses is counted by it. Common practice, no published source. */
const PORTION_WORTH = 150;
/** Of something that is counted, or used by the spoon, one piece. */
const worthOf = (view: KitchenView, food: string): number => {
  const { base, kind } = view.foods.get(food)?.facts ?? {};
  return base === 'each'
    ? 1
    : kind === 'seasoning' || kind === 'acid' || kind === 'fat'
      ? PORTION_WORTH * 4
      : PORTION_WORTH;
};

/** The kitchen's week as a question to the search: who eats, what is there, what may be cooked. */
export function askOf(view: KitchenView, wanted: Wanted, now: Moment): Omit<WeekAsk, 'weights'> {
  const { zone, weekBudgetMinor } = view.kitchen.equipment;
  const days = weekDays(view.today);
  const { eaters, attendance, slots } = view.week;
  const seats = days.flatMap((day, d) =>
    MEAL_NAMES.map((meal, n): Seat => {
      const more = wanted.guests?.[d * MEAL_NAMES.length + n] ?? 0;
      // What has been served, or eaten already, is not suggested any more.
      const past =
        servedAt(slots, day, meal, zone) < now ||
        view.week.eaten.some((eaten) => eaten.day === day && eaten.meal === meal);
      const at = past ? [] : (eatersAt(day, meal, eaters, attendance) as Seat['at']);
      return { day, meal, at, guests: past ? 0 : Math.max(0, (slotAt(slots, day, meal)?.guests ?? 0) + more) };
    }),
  );
  const sessions = sessionsOf(view, now);
  const pressing = new Map<string, number>();
  for (const { food, lot } of rankedFirsts(view))
    if (food.facts.kind !== 'component') pressing.set(food.id, (pressing.get(food.id) ?? 0) + lot.onHand.valueOf());
  const settled: Record<number, readonly string[]> = {};
  seats.forEach(({ day, meal }, m) => {
    const slot = slotAt(slots, day, meal);
    if (slot?.locked || (wanted.keepSet && (slot?.parts.length ?? 0) > 0))
      settled[m] = slot?.parts.map(({ food }) => food) ?? [];
  });
  const { candidates, goods } = candidatesOf({
    view,
    seats,
    starts: sessions.map(({ startsAt }) => Math.max(startsAt, now)),
    now,
    filled: new Set(sessions.flatMap(({ id }) => id ?? [])),
    pressing,
    worthOf: (food) => worthOf(view, food),
    locked: wanted.locked,
    lost: wanted.lost ?? new Map(),
  });
  const without = new Set(wanted.without);
  const grouped = groupsOf(
    eaters,
    seats,
    candidates.map((candidate) => (without.has(candidate.recipe) ? notServed(candidate) : candidate)),
  );
  const left = freezerLeft(view);
  return {
    people: seats.map(({ at, guests }) => at.reduce((sum, { appetite }) => sum + appetite, guests)),
    ...grouped,
    sessions,
    goods,
    presses: [...pressing].map(([food, amount]) => ({
      name: view.foods.get(food)?.name ?? '',
      portions: amount / worthOf(view, food),
    })),
    settled,
    mostBatches: MOST_DISHES,
    boardMinutes: BOARD_MINUTES,
    ...(left === undefined ? {} : { freezerLitres: left.value }),
    ...(wanted.handsAtMost === undefined ? {} : { handsAtMost: wanted.handsAtMost }),
    ...(weekBudgetMinor === undefined ? {} : { costAtMost: weekBudgetMinor }),
  };
}

/** Not wanted this week: it keeps its place in the list, and stands on no plate. */
function notServed({ cooks: _no, ...candidate }: Candidate): Candidate {
  return { ...candidate, want: candidate.want.map(() => 0) };
}

/** A session that is made beside those that are planned is a short one, minutes. Common practice, no published source. */
const TOP_UP_MINUTES = 120;
/** Between a session and its top-up, days: as long as most of it keeps in the fridge. Common practice, no published source. */
const TOP_UP_AFTER_DAYS = 3;
/** Nobody begins to cook before, or after. Common practice, no published source. */
const COOKS_FROM = '08:00';
const COOKS_UNTIL = 19;

interface Startable extends SessionAsk {
  readonly startsAt: Moment;
}

/**
 * The session at hand or the next one, and all that are planned after it in these days. Where the first is far off, one that begins at once may be made;
 * where nothing is planned some days later, a top-up.
 */
function sessionsOf(view: KitchenView, now: Moment): readonly Startable[] {
  const { equipment } = view.kitchen;
  const { zone } = equipment;
  const days = weekDays(view.today);
  const at = view.session?.status === 'planned' ? view.session : undefined;
  const next = nextSessionAt(now);
  const first = at ? Date.parse(at.startsAt) : next;
  const later = view.week.sessions.filter(
    ({ id, status, startsAt }) => status === 'planned' && id !== at?.id && Date.parse(startsAt) > first,
  );
  const things = {
    cooker: equipment.cookers.length,
    oven: equipment.ovens.length,
    burners: equipment.burners,
  };
  const trip = nextTrip(view);
  const mostOf = (startsAt: Moment, cooks: number, minutes: number): SessionAsk['most'] => {
    // Nobody cooks on into the night, and everybody cooks in the hours that are theirs.
    const awake = wakingIn({ from: startsAt, to: startsAt + minutes * MINUTE_MS }, equipment);
    const lasts = awake.reduce((sum, { from, to }) => sum + (to - from) / MINUTE_MS, 0) || minutes;
    const hands = presentAt(equipment.people, cooks, startsAt, zone).reduce(
      (sum, { from, to }) => sum + Math.max(0, Math.min(to ?? lasts, lasts) - from),
      0,
    );
    return {
      hands,
      cooker: lasts * things.cooker,
      oven: lasts * things.oven,
      burners: lasts * things.burners,
    };
  };
  const asked = (id: string | undefined, startsAt: Moment, cooks: number, minutes: number): Startable => ({
    id,
    ...(trip !== undefined && dayAt(new Date(startsAt), zone) < trip ? { beforeTrip: true } : {}),
    startsAt,
    from: firstMealOf(view.week.slots, days, zone, Math.max(startsAt, now)),
    frozenFrom: firstMealFrom(
      view.week.slots,
      days,
      zone,
      thawedAfter(view, dayAt(new Date(Math.max(startsAt, now)), zone), null),
    ),
    most: mostOf(startsAt, cooks, minutes),
  });
  const extra = (startsAt: Moment): Startable => ({
    ...asked(newSession(startsAt), startsAt, 1, TOP_UP_MINUTES),
    extra: true,
  });
  // At once, but not at night.
  const hour = hourAt(next, zone);
  const awake = (days: number) => momentAt(addDays(dayAt(new Date(next), zone), days), COOKS_FROM, zone);
  const atOnce = hour < Number(COOKS_FROM.slice(0, 2)) ? awake(0) : hour < COOKS_UNTIL ? next : awake(1);
  const clock = localMoment(first, zone).slice(11, 16);
  const topUp = momentAt(addDays(dayAt(new Date(first), zone), TOP_UP_AFTER_DAYS), clock, zone);
  const near = (moment: Moment) => later.some(({ startsAt }) => Math.abs(Date.parse(startsAt) - moment) < 2 * DAY_MS);
  return [
    asked(at?.id, first, at?.cooks ?? 1, SESSION_MINUTES),
    ...later
      .sort((a, b) => a.startsAt.localeCompare(b.startsAt))
      .map(({ id, startsAt, cooks }) => asked(id, Date.parse(startsAt), cooks, SESSION_MINUTES)),
    ...(first - atOnce > DAY_MS ? [extra(atOnce)] : []),
    ...(near(topUp) ? [] : [extra(topUp)]),
  ].filter(({ from }, n) => n === 0 || from < days.length * MEAL_NAMES.length);
}
const DAY_MS = 24 * HOUR_MS;

/** Eaters who are there at the same meals, take the same and should get the same are one group. */
function groupsOf(
  eaters: KitchenView['week']['eaters'],
  seats: readonly Seat[],
  candidates: readonly Candidate[],
): Pick<WeekAsk, 'groups' | 'candidates'> {
  const groups = new Map<string, { group: EaterGroup & { names: string[] }; eater: number }>();
  eaters.forEach((eater, n) => {
    const at = seats.map((seat) => seat.at.some(({ id }) => id === eater.id));
    if (!at.some(Boolean)) return;
    const band = dayBand(eater.appetite, eater.tastes?.wishes);
    const repeats = eater.tastes?.repeats;
    const key = JSON.stringify([at, band, repeats, candidates.map(({ eats }) => eats[n])]);
    const known = groups.get(key);
    if (known) known.group.names.push(eater.name);
    else
      groups.set(key, {
        group: { names: [eater.name], at, band, ...(repeats === undefined ? {} : { repeats }) },
        eater: n,
      });
  });
  const list = [...groups.values()];
  return {
    groups: list.map(({ group }) => group),
    candidates: candidates.map((candidate) => ({
      ...candidate,
      eats: list.map(({ eater }) => candidate.eats[eater] ?? 0),
    })),
  };
}
