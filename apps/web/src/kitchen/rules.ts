/** A figure that every such thing has. */
export const range = (min: number, max: number, unit: string) => [
  { required: true, type: 'number' as const, min, max, message: `From ${min} to ${max} ${unit}.` },
];

/** A figure that may be left empty. */
export const perhaps = (min: number, max: number, unit: string) => [
  { type: 'number' as const, min, max, message: `From ${min} to ${max} ${unit}, or leave it empty.` },
];
