import { packsAt, type Price } from '@kestrel-ridge/core/cost';
import { daysBetween, day, type Day } from '@kestrel-ridge/core/quantity';

/** Somebody who tells today's prices of packs. */
export interface PriceFeed {
  readonly name: string;
  pricesOn(today: Day): Promise<readonly Price[]>;
}

/** Up or down by at most so much a day. */
const SWING = 0.08;

/**
 * A stand-in that knows no market: each pack that was bought before, at a price that swings around the last one, the same all day.
 */
export const simulatedFeed = (known: readonly Price[]): PriceFeed => ({
  name: 'simulated market',
  pricesOn: (today) =>
    Promise.resolve(
      [...new Set(known.map(({ food }) => food))].flatMap((food, n) =>
        packsAt(known, food).map((pack): Price => {
          const swing = Math.sin(daysBetween(day('2026-01-01'), today) * 1.7 + n * 2.3) * SWING;
          return {
            ...pack,
            on: today,
            minor: Math.max(1, Math.round(pack.minor * (1 + swing))),
            shop: 'simulated market',
            from: 'entered',
          };
        }),
      ),
    ),
});
