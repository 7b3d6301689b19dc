import { dayName, longDayName } from '../parts/times.ts';
import { portionsText } from '@kestrel-ridge/core/quantity';
import { spoiltOf, type ComponentStrip } from '@kestrel-ridge/core/view';

const portions = (grams: number, portionG: number): string => portionsText(Math.max(1, Math.round(grams / portionG)));

/** How far a component reaches, in words under its strip. */
export function reachWords({ strip, portionG }: ComponentStrip): string {
  if (!strip.firstShort)
    return strip.leftGrams > portionG / 2
      ? `lasts the week, ${portions(strip.leftGrams, portionG)} left`
      : 'lasts the week';
  if (!strip.lasts || strip.meals.every((meal) => meal.eaten === 0)) return 'nothing there yet';
  return `lasts until ${longDayName(strip.lasts.day)} ${strip.lasts.meal}`;
}

export const shortWords = ({ strip, portionG }: ComponentStrip): string | undefined =>
  strip.shortGrams > 1 ? `${portions(strip.shortGrams, portionG)} short` : undefined;

export const spoilWords = (item: ComponentStrip): string | undefined => {
  const spoilt = spoiltOf(item);
  return spoilt && `${portionsText(spoilt.portions)} past the date on ${dayName(spoilt.on)}: freeze or make less`;
};

/**
 * What every eater takes of a component.
 * @example appetiteWords(1) // "one portion each a day"
 */
export const appetiteWords = (portionsADay: number): string =>
  portionsADay === 0
    ? 'only at planned meals'
    : portionsADay === 1
      ? 'one portion each a day'
      : `${portionsADay} portions each a day`;
