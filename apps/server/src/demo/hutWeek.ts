import { STARTER_RECIPES } from '@kestrel-ridge/core/recipe';
import { addDays, dayAt, momentAt, weekday, type Day } from '@kestrel-ridge/core/quantity';

/** A meal of the hut's week: so many days from today, and the dishes on its plates. */
const MEALS: readonly (readonly [days: number, meal: 'lunch' | 'dinner', ...dishes: string[]])[] = [
  [0, 'dinner', 'Borlotti with onion', 'Millet with bay', 'Kale with leek'],
  [1, 'lunch', 'Millet with bay', 'Roast celeriac and parsnip', 'Sunflower-seed sauce with mustard'],
  [1, 'dinner', 'Borlotti with onion', 'Roast celeriac and parsnip', 'Sunflower-seed sauce with mustard'],
  [2, 'dinner', 'Millet with bay', 'Kale with leek', 'Sunflower-seed sauce with mustard'],
];
const SOUP_DAYS = 3;
const GUESTS = 2;
const SATURDAY = 5;
/** Whoever begins later than this has nothing on the table today. */
const LAST_START = '15:30';
/** The kale reaches for all but so many plates: the one gap of the week. */
const GAP_PORTIONS = 2;
const LEAST_PORTIONS = 4;
/** One of the volunteers eats half as much again: of what is eaten at a weekend there is a little more. */
const MORE_PORTIONS = 1;

export interface HutWeek {
  readonly slots: readonly {
    readonly day: Day;
    readonly meal: 'lunch' | 'dinner';
    readonly parts: readonly { readonly food: string; readonly portions: number }[];
    readonly guests: number;
    readonly note?: string;
  }[];
  /** Portions to cook of each recipe, and how many of them to freeze, by its name. */
  readonly sizes: Readonly<Record<string, readonly [portions: string, freeze: string]>>;
}

/**
 * The week that the hut has planned: meals of components, a soup out of the freezer, guests on Saturday. It nearly works: the greens of one evening do not reach for all.
 * `heads`: how many of the hut's own are there on a day.
 */
export function hutWeek(start: Date, zone: string, soup: string, heads: (day: Day) => number): HutWeek {
  const today = dayAt(start, zone);
  const servesToday = start.getTime() <= momentAt(today, LAST_START, zone);
  const guestsOn = addDays(today, (SATURDAY - weekday(today) + 7) % 7);
  const guestsAt = (day: Day, meal: string): number => (day === guestsOn && meal === 'dinner' ? GUESTS : 0);
  const components = new Map(STARTER_RECIPES.map(({ name, component }) => [name, component.id]));
  const meals = MEALS.filter(([days]) => days > 0 || servesToday).map(([days, meal, ...dishes]) => {
    const day = addDays(today, days);
    return { day, meal, dishes, guests: guestsAt(day, meal) };
  });
  const eaten = new Map<string, number>();
  const atWeekend = new Set<string>();
  for (const { day, dishes, guests } of meals)
    for (const dish of dishes) {
      const portions = heads(day) + guests;
      eaten.set(dish, (eaten.get(dish) ?? 0) + portions);
      if (weekday(day) >= SATURDAY) atWeekend.add(dish);
    }
  const soupDay = addDays(today, SOUP_DAYS);
  const planned = [
    ...meals.map(({ day, meal, dishes, guests }) => ({
      day,
      meal,
      parts: dishes.flatMap((dish) => {
        const food = components.get(dish);
        return food ? [{ food, portions: 1 }] : [];
      }),
      guests,
      ...(guests > 0 ? { note: 'the ringing team' } : {}),
    })),
    { day: soupDay, meal: 'dinner' as const, parts: [{ food: soup, portions: 1 }], guests: 0, note: 'soup night' },
  ];
  const hasGuests = planned.some(({ guests }) => guests > 0);
  const guestsOpen = !hasGuests && (guestsOn > today || servesToday);
  const atSoup = guestsOn === soupDay;
  return {
    slots: [
      ...planned.map((slot) =>
        guestsOpen && atSoup && slot.day === soupDay
          ? { ...slot, guests: GUESTS, note: 'soup with the ringing team' }
          : slot,
      ),
      ...(guestsOpen && !atSoup
        ? [{ day: guestsOn, meal: 'dinner' as const, parts: [], guests: GUESTS, note: 'the ringing team' }]
        : []),
    ],
    sizes: Object.fromEntries(
      STARTER_RECIPES.map(({ name }) => {
        const more = name === 'Kale with leek' ? -GAP_PORTIONS : atWeekend.has(name) ? MORE_PORTIONS : 0;
        const portions = Math.max(LEAST_PORTIONS, (eaten.get(name) ?? 0) + more);
        return [name, [`${portions}`, '0']];
      }),
    ),
  };
}
