import type { Milliseconds, Moment } from '@kestrel-ridge/core/quantity';
const OFF = 'kestrel-ridge.device-off';

/** By how much this device's clock is behind the server's, ms: kept, so that it holds without a line too. */
export const deviceOff = (): Milliseconds => Number(localStorage.getItem(OFF) ?? 0) || 0;

export function setDeviceOff(ms: Milliseconds): void {
  if (ms !== deviceOff()) localStorage.setItem(OFF, `${ms}`);
}

/** The one door to the time of day in the browser: by the server's clock, as far as this device knows it. ms since 1970. */
export const appNow = (): Moment => Date.now() + deviceOff();
