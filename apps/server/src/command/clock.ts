import { AsyncLocalStorage } from 'node:async_hooks';
import { Injectable } from '@nestjs/common';
import { dayAt, type Day } from '@kestrel-ridge/core/quantity';

/**
 * By how much this process lives in another time than its machine, ms: checks set it, so that they mean the same on any day. Nobody else does.
 * A number that cannot be read is our mistake and stops the start.
 */
let offsetMs = readOffset(process.env['CLOCK_OFFSET_MS']);

function readOffset(text: string | undefined): number {
  if (text === undefined || text === '') return 0;
  const ms = Number(text);
  if (!Number.isSafeInteger(ms)) throw new RangeError(`CLOCK_OFFSET_MS is "${text}": a whole number of milliseconds.`);
  return ms;
}

/** Work that is done in another time than that of the process, ms off the machine's: what the hut has behind it. */
const within = new AsyncLocalStorage<number>();

/** The one door to the time of day: services, rows and live messages ask here. */
export const serverNow = (): Date => new Date(Date.now() + (within.getStore() ?? offsetMs));

/** Does some work as if it were begun at another moment; whatever else the process does stays in its own time. */
export const inTime = <T>(at: Date, work: () => T): T => within.run(at.getTime() - Date.now(), work);

/** Puts this process into another time: for checks alone. */
export const setServerClock = (to: Date): void => {
  offsetMs = to.getTime() - Date.now();
};

@Injectable()
export class Clock {
  now(): Date {
    return serverNow();
  }

  today(zone: string): Day {
    return dayAt(this.now(), zone);
  }
}
