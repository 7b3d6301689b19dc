// One door to the rational numbers, so that no other package of ours needs to name the library.
export { default as Fraction } from 'fraction.js';
