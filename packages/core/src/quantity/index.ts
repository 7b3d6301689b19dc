export { Fraction } from './fraction.ts';
export { capital } from './capital.ts';
export { baseUnitOf, count, inBase, mass, ofBase, times, volume } from './amount.ts';
export type { Amount, ByFeel, BaseUnit, Count, Mass, Pack, Quantity, Range, Volume } from './amount.ts';
export { celsiusOf, degreesOf, degreesText, inDegrees } from './degrees.ts';
export type { Degrees } from './degrees.ts';
export { DAYS_A_WEEK, addDays, day, dayAt, daysBetween, earlier, readDay, weekday } from './day.ts';
export type { Day } from './day.ts';
export { MEASURES, isMeasureName } from './measures.ts';
export type { Measure, MeasureName, Written } from './measures.ts';
export { done, refused } from './outcome.ts';
export type { Outcome } from './outcome.ts';
export { SIGNED_NUMBER, WRITTEN_NUMBER, WRITTEN_SHARE } from './writtenNumber.ts';
export { plainSigns, readNumber } from './readNumber.ts';
export type { ReadNumber } from './readNumber.ts';
export { WRITTEN_IN, writtenAs } from './writtenIn.ts';
export { remembered, rememberedBy } from './remembered.ts';
export { rebase, sameData } from './rebase.ts';
export type { Clash, Rebased } from './rebase.ts';
export { commonPractice, fromMemory } from './reason.ts';
export type { Because, Reasoned, Sourced } from './reason.ts';
export { SCOOPS, isScoop, scoopVolume, showInScoops } from './scoops.ts';
export type { Scoop, Scooped } from './scoops.ts';
export { counted } from './counted.ts';
export { portionsText } from './portionsText.ts';
export { figuresNow, fixed, shortest, writeFiguresSo } from './inFigures.ts';
export type { Figures } from './inFigures.ts';
export { show } from './show.ts';
export { LONG_WEEKDAYS, showDate, showWeekday, longWeekday, nameOnDay } from './showDay.ts';
export { celsius, kelvin, kilograms, kpaAbsolute, kpaGauge, metres, minutes, watts } from './unit.ts';
export type {
  Celsius,
  In,
  Kelvin,
  Kilograms,
  Kilojoules,
  KpaAbsolute,
  KpaGauge,
  Metres,
  Milliseconds,
  MinuteCount,
  Minutes,
  Moment,
  Of,
  SessionMinute,
  Watts,
} from './unit.ts';
export { listed } from './listed.ts';
export { UNIT_SYSTEMS, measureIn, quantityOf } from './unitSystem.ts';
export type { UnitSystem } from './unitSystem.ts';
export { hourAt, localMoment, momentAt, momentOf } from './localMoment.ts';
export { seeded } from './seeded.ts';
export { DAY_MS, HOUR_MS, MINUTE_MS, SECOND_MS } from './spans.ts';
