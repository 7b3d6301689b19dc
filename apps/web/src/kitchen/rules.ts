/** A figure that every such thing has. */
export const range = (min: number, max: number, unit: string) => [
  { required: true, type: 'number' as const, min, max, message: `From ${min} to ${max} ${unit}.` },
];

/** A figure that may be left empty. */
export const perhaps = (min: number, max: number, unit: string) => [
  { type: 'number' as const, min, max, message: `From ${min} to ${max} ${unit}, or leave it empty.` },
];

/** An hour of the day, or nothing. */
export const CLOCK = { pattern: /^([01]\d|2[0-3]):[0-5]\d$/, message: 'As 09:30, or empty.' };
