declare const unit: unique symbol;

/** A plain number that carries its unit in its type, so that two of them cannot be swapped. */
export type In<U extends string> = number & { readonly [unit]: U };

/**
 * A number that says what it counts, for sums that change their unit with every line: a plain number may stand for it, one of another unit may not.
 * @example const later: Moment = now + 5 * MINUTE_MS; // and no span of a plan is taken for a moment
 */
export type Of<U extends string> = number & { readonly [unit]?: U };

/** A moment, ms since 1970. */
export type Moment = Of<'ms since 1970'>;
/** A span of time, ms. */
export type Milliseconds = Of<'ms'>;
/** A minute of a session, counted from its start. */
export type SessionMinute = Of<'min from the start'>;
/** A span of time, min. */
export type MinuteCount = Of<'min'>;

export type Minutes = In<'min'>;
export type Celsius = In<'°C'>;
export type Kelvin = In<'K'>;
export type Metres = In<'m'>;
export type Kilograms = In<'kg'>;
export type Kilojoules = In<'kJ'>;
export type Watts = In<'W'>;
export type KpaGauge = In<'kPa gauge'>;
export type KpaAbsolute = In<'kPa absolute'>;

export const minutes = (n: number) => n as Minutes;
export const celsius = (n: number) => n as Celsius;
export const kelvin = (n: number) => n as Kelvin;
export const metres = (n: number) => n as Metres;
export const kilograms = (n: number) => n as Kilograms;
export const watts = (n: number) => n as Watts;
export const kpaGauge = (n: number) => n as KpaGauge;
export const kpaAbsolute = (n: number) => n as KpaAbsolute;
