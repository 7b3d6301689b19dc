import { counted } from '@kestrel-ridge/core/quantity';

/** How often a vessel is filled, one after the other: "One panful", "3 panfuls, one after the other". */
export const oneAfterTheOther = (times: number, word: string): string =>
  times === 1 ? `One ${word}` : `${counted(times, word)}, one after the other`;

/** Loads of a vessel that are all alike. */
export const equalLoads = (loads: number): string => (loads === 1 ? 'One load' : `${loads} equal loads`);

/** So many trays, each thing beside the other. */
export const traysWords = (trays: number): string => `${counted(trays, 'tray')}, one layer`;
/** How many racks of the oven they take, and how often. */
export const racksWords = (trays: number, racks: number, loads: number): string =>
  `${trays} of ${counted(racks, 'rack')}${loads > 1 ? `, ${loads} times` : ''}`;

/** What stands over the schools of water. */
export const waterHead = (loads: number): string => (loads > 1 ? `Water, for ${counted(loads, 'load')}` : 'Water');

/** How full a pot is, and where it is full: litres as they are written. */
export const fullestWords = (fullest: string, line: string): string =>
  `${fullest} litres at its fullest; the line is at ${line} litres`;

/** What is there of a food that may fill an open line. `there`: as it is shown, undefined: nothing; `days`: until its date. */
export function fillNote(there: string | undefined, days: number | undefined): string {
  const on = there === undefined ? 'not on the shelf' : `${there} there`;
  if (days === undefined) return on;
  return days < 0 ? `${on}, past its date` : `${on}, ${counted(days, 'day')} left`;
}

/** How often a food stood in for a line before. */
export const usedBeforeWords = (times: number): string =>
  times === 1 ? 'used once before' : `used ${counted(times, 'time')} before`;
