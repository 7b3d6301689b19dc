import type { Writes } from '@kestrel-ridge/core/kitchen';
import { writeFiguresSo } from '@kestrel-ridge/core/quantity';

/** What the kitchen that this device shows says of hours, days and figures: every page writes them so. */
let now: Writes = {};
const heard = new Set<(writes: Writes) => void>();

export const writesNow = (): Writes => now;

/** From here on hours and days are written so; who listens is told. */
export function writeSo(writes: Writes | undefined): void {
  now = writes ?? {};
  writeFiguresSo({ decimal: now.decimal ?? '.', mass: now.mass ?? 'g' });
  for (const tell of heard) tell(now);
}

/** Tells of how hours and days are written: at once, and when it changes. */
export function onWrites(tell: (writes: Writes) => void): void {
  heard.add(tell);
  tell(now);
}

const SUNDAY = 7;
/** Where kitchens weigh in ounces. Source: Unicode CLDR, measurement system. */
const OUNCES = new Set(['US', 'LR', 'MM']);
/** Where °F is usual. Source: Unicode CLDR, measurement system for temperature. */
const FAHRENHEIT = new Set(['US', 'PR', 'BS', 'BZ', 'KY', 'PW']);
/** Not in every browser, and in some as a getter. */
interface WithWeek {
  readonly weekInfo?: { readonly firstDay: number };
  readonly getWeekInfo?: () => { readonly firstDay: number };
}

/**
 * What is usual where a locale is from.
 * @example writesIn('en-US') // { clock: '12 h', date: 'month first', weekFrom: 'Sunday', degrees: '°F', mass: 'oz' }
 */
export function writesIn(locale: string): Writes {
  const { hour12 } = new Intl.DateTimeFormat(locale, { hour: 'numeric' }).resolvedOptions();
  const parts = new Intl.DateTimeFormat(locale, { month: 'short', day: 'numeric' }).formatToParts(0);
  const at = (type: string) => parts.findIndex((part) => part.type === type);
  // Where the year comes first the month does too, as in 2026-03-01: there it is no habit of speaking.
  const [first] = new Intl.DateTimeFormat(locale, { dateStyle: 'short' }).formatToParts(0);
  const region = new Intl.Locale(locale) as Intl.Locale & WithWeek;
  const from = region.maximize().region ?? '';
  const decimal = new Intl.NumberFormat(locale).formatToParts(1.5).find(({ type }) => type === 'decimal')?.value;
  const week = region.getWeekInfo?.() ?? region.weekInfo;
  return {
    ...(hour12 ? { clock: '12 h' as const } : {}),
    ...(at('month') < at('day') && first?.type === 'month' ? { date: 'month first' as const } : {}),
    ...(week?.firstDay === SUNDAY ? { weekFrom: 'Sunday' as const } : {}),
    ...(FAHRENHEIT.has(from) ? { degrees: '°F' as const } : {}),
    ...(decimal === ',' ? { decimal: ',' as const } : {}),
    ...(OUNCES.has(from) ? { mass: 'oz' as const } : {}),
  };
}
