import { isWithin } from '../intakes.ts';
import type { EaterGroup, WeekAsk } from './ask.ts';
import type { DayFed, Eaten } from './fold.ts';

/** One day of an eater: what its lunch and dinner bring, and whether that is within their band. */
export interface FedDay extends DayFed {
  readonly within: boolean;
}

export interface GroupFed {
  readonly names: readonly string[];
  readonly band: EaterGroup['band'];
  /** Undefined on days on which they do not eat here. */
  readonly days: readonly (FedDay | undefined)[];
}

/** Of the days on which somebody eats here, so many are to feed them: six of seven. */
export const FED_DAYS = 6 / 7;

/** How a week feeds everybody: energy within the band, and protein at least. */
export const daysFed = ({ groups }: Pick<WeekAsk, 'groups'>, { days }: Pick<Eaten, 'days'>): readonly GroupFed[] =>
  groups.map(({ names, band }, g) => ({
    names,
    band,
    days: (days[g] ?? []).map((day) => {
      if (!day) return undefined;
      const { share } = day;
      const within = isWithin(day.kJ / share, day.proteinG / share, band.leastKJ, band.mostKJ, band.proteinG);
      return { ...day, within };
    }),
  }));

/** Days of all eaters that are within their band, of so many. */
export const fedOf = (fed: readonly GroupFed[]): { readonly within: number; readonly of: number } =>
  fed.reduce(
    (sum, { names, days }) => ({
      within: sum.within + names.length * days.filter((day) => day?.within).length,
      of: sum.of + names.length * days.filter(Boolean).length,
    }),
    { within: 0, of: 0 },
  );
