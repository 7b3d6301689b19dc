/**
 * The id of a food of the book: the same in every kitchen, and made from its name, so that a second loading meets the first.
 * A UUID of version 8 (RFC 9562: our own making) from a 128-bit FNV-1a hash.
 */
export function bookFoodId(name: string): string {
  return namedId(`food:${name}`);
}

/** The only food that comes out of the wall: never bought, never on the shelf, never priced. Stock, plant milk, juice and wine are food. */
export const isTapWater = (food: string): boolean => food === TAP_WATER;

const PRIME = 0x0000000001000000000000000000013bn;
const BASIS = 0x6c62272e07bb014262b821756295c58dn;
const ALL = (1n << 128n) - 1n;

/** The same text gives the same UUID. */
export function namedId(text: string): string {
  let hash = BASIS;
  for (const char of text) hash = ((hash ^ BigInt(char.codePointAt(0) ?? 0)) * PRIME) & ALL;
  const hex = hash.toString(16).padStart(32, '0');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20)}`;
}

const TAP_WATER = bookFoodId('water');
