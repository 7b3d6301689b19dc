import { MAY_BE } from './leadIn.ts';
import type { MethodStep } from './readMethodStep.ts';
import type { RecipeText } from './recipeText.ts';

/** Something is begun then, and none of the steps is. */
export const THE_DAY_BEFORE = 'the day before';

/** Appliances, and the day before, by what texts call them, and what a step in them is read as. */
const APPLIANCES: readonly {
  readonly name: string;
  readonly said: RegExp;
  readonly isIn: (step: MethodStep) => boolean;
}[] = [
  {
    name: 'pressure cooker',
    said: /\bpressure\b(?! (?:builds|is (?:off|gone)))/i,
    isIn: ({ kind }) => kind === 'pressure',
  },
  {
    name: 'oven',
    said: /\boven\b(?!-?\s?(?:proof|safe|chips|gloves|dish))/i,
    isIn: ({ station }) => station === 'oven',
  },
  { name: 'rice cooker', said: /\brice cooker\b/i, isIn: ({ station }) => station === 'rice cooker' },
  { name: 'microwave', said: /\bmicrowave\b/i, isIn: ({ station }) => station === 'microwave' },
  {
    name: THE_DAY_BEFORE,
    said: /\b(?:evening|night|day) before\b|\b(?:night|evening):|(?<!\b(?:or|better|best|to|even|ideally|soaked)\b[^.;]{0,25})\bovernight\b(?! (?:is|=))/i,
    isIn: ({ kind, afterwards }) => kind === 'ahead' || afterwards !== undefined,
  },
  { name: 'air fryer', said: /\bair[- ]?fryer\b/i, isIn: ({ station }) => station === 'air fryer' },
];

/** "Dutch oven" is a pot. */
const NO_APPLIANCE =
  /\b(?:dutch|french) oven\b|\bwithout (?:an?|the) \w+(?: \w+)?|\bor (?:in )?(?:an?|the) (?:pressure cooker|rice cooker|microwave|air[- ]?fryer|oven)\b/gi;

/**
 * Appliances that a text names, in its name or its method, while no step of it was read to be in one: a step was taken for something else, or it is another way of
 * doing it.
 * @example placesUnheard({ name: 'Pressure beans', method: ['Cook 20 minutes'], … }, [onTheHob]) // ['pressure cooker']
 */
export const placesUnheard = ({ name, method }: RecipeText, steps: readonly MethodStep[]): readonly string[] => {
  const text = [name, ...method].join('. ').replace(NO_APPLIANCE, '').replace(MAY_BE, '');
  return APPLIANCES.filter(({ said, isIn }) => said.test(text) && !steps.some(isIn)).map((each) => each.name);
};
