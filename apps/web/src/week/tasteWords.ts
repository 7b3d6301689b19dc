import type { Eater } from '@kestrel-ridge/core/week';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const daysWords = (days: readonly number[]): string =>
  days.length === 7
    ? 'every day'
    : days.length === 0
      ? 'never'
      : [...days]
          .sort()
          .map((n) => DAYS[n])
          .join(', ');

/** What is said of an eater, in words; what is as usual is left out. */
export function tasteWords(
  { appetite, weekdays, tastes = {} }: Eater,
  nameOf: (food: string) => string,
): readonly string[] {
  const {
    groups = {},
    meals,
    never = [],
    neverGroups = [],
    inSpite = [],
    allergens = [],
    likes = [],
    mild,
    repeats,
    wishes,
  } = tastes;
  return [
    appetite === 1 ? 'usual portions' : `${appetite} times a usual portion`,
    daysWords(weekdays),
    ...Object.entries(meals ?? {}).map(([meal, days]) => `${meal}: ${daysWords(days)}`),
    ...Object.entries(groups).map(([kind, times]) => `${times} × ${kind}`),
    ...(allergens.length > 0 ? [`no ${allergens.join(', ')}`] : []),
    ...(neverGroups.length > 0 ? [`never any ${neverGroups.join(', ')}`] : []),
    ...(never.length > 0 ? [`never ${never.map(nameOf).join(', ')}`] : []),
    ...(inSpite.length > 0 ? [`but ${inSpite.map(nameOf).join(', ')}`] : []),
    ...(likes.length > 0 ? [`likes ${likes.map(nameOf).join(', ')}`] : []),
    ...(mild ? ['mild'] : []),
    ...(wishes?.energyKJ === undefined ? [] : [`${wishes.energyKJ} kJ a day`]),
    ...(wishes?.proteinG === undefined ? [] : [`${wishes.proteinG} g protein a day`]),
    ...(repeats === undefined ? [] : [`the same for ${repeats} ${repeats === 1 ? 'day' : 'days'} at most`]),
  ];
}
