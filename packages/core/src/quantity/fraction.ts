import RationalNumber from 'fraction.js';

// One door to the rational numbers, so that no other package of ours needs to name the library.
export const Fraction = RationalNumber;
export type Fraction = InstanceType<typeof RationalNumber>;
