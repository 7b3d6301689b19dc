import type { HowKnown, ShelfLine } from '@kestrel-ridge/core/formats';
import { addDays, inBase, type Day } from '@kestrel-ridge/core/quantity';
import { newId } from '../parts/newId.ts';

/** A lot as it is sent to the server. */
export interface NewLot {
  readonly id: string;
  readonly food: string;
  readonly place: string;
  readonly amount: string;
  readonly origin: 'bought' | 'found';
  readonly portionG?: string;
  readonly priceMinor?: number;
  readonly boughtOn?: Day;
  readonly openedOn?: Day;
  readonly bestBefore?: Day;
  readonly useBy?: Day;
  readonly known?: HowKnown;
  readonly shop?: string;
}

/** A line that is understood whole, as a new lot; undefined while something has to be asked. */
export function asNewLot(
  line: ShelfLine,
  placeId: string | undefined,
  today: Day,
  portionG: (food: string) => number | undefined,
): NewLot | undefined {
  const place = line.place?.id ?? placeId;
  if (!line.food || !line.amount || place === undefined || line.asks.length > 0) return undefined;
  const portion = portionG(line.food.id);
  return {
    id: newId(),
    food: line.food.id,
    place,
    amount: inBase(line.amount).round(3).toString(),
    origin: line.priceMinor === undefined ? 'found' : 'bought',
    // A box of something made is counted in its portions.
    ...(portion === undefined ? {} : { portionG: `${portion}` }),
    ...(line.priceMinor === undefined ? {} : { priceMinor: line.priceMinor }),
    // When it was opened is not said: a few days ago is the careful guess.
    ...(line.opened ? { openedOn: line.openedOn ?? addDays(today, -OPENED_DAYS_AGO) } : {}),
    ...(line.bestBefore ? { bestBefore: line.bestBefore } : {}),
    ...(line.useBy ? { useBy: line.useBy } : {}),
    ...(line.known === 'exact' ? {} : { known: line.known }),
  };
}

/** An open pack of unknown age. Common practice, no published source. */
const OPENED_DAYS_AGO = 3;
