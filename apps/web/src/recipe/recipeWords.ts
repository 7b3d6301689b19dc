import { capital, counted, fixed, listed } from '@kestrel-ridge/core/quantity';

/** What keeping an edit does; `number`: of the revision that is edited, undefined for a new recipe. */
export const keepingWords = (number: number | undefined): string =>
  number === undefined
    ? 'Ingredients in one line each; then what is done with them.'
    : `Keeping it makes revision ${number + 1}; revision ${number} stays as it is.`;

/** The first thing that is wrong, and how many there are beside it. */
export const firstFaultWords = (faults: readonly { readonly fault: string; readonly remedy: string }[]): string =>
  [
    ...faults.slice(0, 1).flatMap(({ fault, remedy }) => [fault, remedy]),
    ...(faults.length > 1 ? [`And ${faults.length - 1} more.`] : []),
  ].join(' ');

/** How many dishes and loads of pans so many pieces fill, where that is known. */
export const fillsWords = (dishes: number | undefined, pans: number | undefined): string =>
  [
    ...(dishes === undefined ? [] : [counted(dishes, 'dish')]),
    ...(pans === undefined ? [] : [counted(pans, 'pan load')]),
  ].join(', ');

/** Less is said to a tenth of a gram. */
const TO_A_TENTH_G = 10;

interface PortionNote {
  readonly kcal: number;
  /** Of what goes in, so many per cent are known. */
  readonly percent: number;
  /** Of these nothing is known. */
  readonly without: readonly string[];
  readonly toTaste: readonly { readonly food: string; readonly usualG: number }[];
  /** What is there that brings vitamin C; undefined: no need of it. */
  readonly bringsC: readonly string[] | undefined;
  readonly alcohol: boolean;
}
/** What stands under the figures of a portion: what they rest on, and what they leave out. */
export const portionNoteWords = ({ kcal, percent, without, toTaste, bringsC, alcohol }: PortionNote): string =>
  [
    `${kcal} kcal.`,
    `From data for ${percent} % of what goes in${without.length > 0 ? `; nothing is known of ${listed(without)}` : ''}.`,
    'Vitamin C is less by the heat and by keeping; other losses are not taken off.',
    ...toTaste.map(
      ({ food, usualG }) =>
        `${capital(food)} to taste is not counted: usually about ${usualG < TO_A_TENTH_G ? fixed(usualG, 1) : Math.round(usualG)} g a portion.`,
    ),
    ...(bringsC
      ? [
          'Iron from plants is taken up better beside a source of vitamin C; there is little in this dish.',
          ...(bringsC.length > 0 ? [`On the shelf: ${listed(bringsC)}.`] : []),
        ]
      : []),
    ...(alcohol ? ['Alcohol never boils off wholly. Without any: stock or apple juice with a little acid.'] : []),
  ].join(' ');

/** What the button under the starters says; `taking`: the one that is being taken. */
export function takeStartersWords(wanted: number, taking: number | undefined): string {
  if (taking !== undefined) return `Taking ${taking} of ${wanted}`;
  if (wanted === 0) return 'Choose some first';
  return wanted === 1 ? 'Take one recipe' : `Take ${counted(wanted, 'recipe')}`;
}

/** "half of the oil, 1/3 of the thyme" */
export const sharesWords = (shares: readonly { readonly share: string; readonly food: string }[]): string =>
  shares.map(({ share, food }) => `${share} of the ${food}`).join(', ');
