import { listed, portionsText } from '@kestrel-ridge/core/quantity';

/** Knife work of several dishes, done once. */
export const cutInOneGoWords = (food: string, dishes: readonly string[]): string =>
  `${food} cut in one go for ${listed(dishes)}`;

/** What the week lacks, if it comes to that. */
export const thenLacksWords = (lost: readonly { readonly dish: string; readonly portions: number }[]): string =>
  `The week then lacks ${listed(lost.map(({ dish, portions }) => `${portionsText(portions)} of ${dish}`))}.`;

/** What one amount is made up of: "120 g diced for the soup and 40 g sliced for the slaw". */
export const partsForWords = (
  parts: readonly { readonly amount: string; readonly form: string; readonly dish: string }[],
): string => listed(parts.map(({ amount, form, dish }) => [amount, form, 'for', dish].filter(Boolean).join(' ')));

/** When to look at something that takes from so long to so long; empty where it takes always the same. */
export const lookFromWords = ({ earliest, latest }: { readonly earliest: number; readonly latest: number }): string =>
  earliest === latest ? '' : `, look from ${earliest}, ${latest} at the latest`;

/** A station, as it stands behind "without the …". */
export const withoutStationWords = (station: string): string =>
  `without the ${station === 'cooker' ? 'sealed cooker' : station === 'jug' ? 'blender' : station}`;
