import { minutes, type Metres, type Minutes, type Reasoned, fixed } from '../quantity/index.ts';

/**
 * How many times as long at pressure: above 600 m about 5 % more for each 300 m.
 * Source: US extension-service advice (from memory); the appliance's manual decides.
 * @example holdTimes(metres(3000)).toFixed(2) // => '1.40'
 */
export const holdTimes = (altitude: Metres): number => 1 + (Math.max(0, altitude - 600) / 300) * 0.05;

/**
 * Minutes at pressure, lengthened for altitude, with the reason.
 * Source: as holdTimes.
 * @example holdAtAltitude(minutes(10), metres(1180)).value.toFixed(2) // => '10.97'
 */
export function holdAtAltitude(book: Minutes, altitude: Metres): Reasoned<Minutes> {
  const times = holdTimes(altitude);
  const more = times - 1;
  const value = minutes(book * times);
  return {
    value,
    because: {
      rule: more > 0 ? 'minutes in the table, 5 % more for each 300 m above 600 m' : 'minutes in the table',
      figure: `${fixed(value, 1)} min`,
      parts: [
        { rule: 'in the table', figure: `${book} min` },
        { rule: `at ${Math.round(altitude)} m`, figure: `+${fixed(more * 100, 1)} %` },
      ],
      source: 'US extension-service advice (from memory)',
    },
  };
}
