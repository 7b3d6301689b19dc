import { inBase } from '../quantity/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';
import type { Form } from '../week/index.ts';

/** What colour a food gives a dish, by its name: what is first in the list is meant first ("red lentils" cook to orange). */
const COLOURS: readonly (readonly [named: RegExp, colour: string])[] = [
  [/\b(?:carrot|swede|squash|pumpkin|sweet potato|apricot|red lentils|turmeric)/i, 'orange'],
  [/\b(?:tomato|passata|red pepper|beetroot|red cabbage|red kidney|kidney beans|borlotti)/i, 'red'],
  [
    /\b(?:kale|spinach|chard|leek|pea|peas|split peas|broccoli|courgette|green|cabbage|savoy|sprouts|herbs?|parsley|coriander)/i,
    'green',
  ],
  [/\b(?:mushroom|aubergine|black|brown|lentils|buckwheat|rye|walnut|chestnut|tempeh)/i, 'brown'],
  [
    /\b(?:cauliflower|celeriac|parsnip|potato|turnip|kohlrabi|fennel|rice|millet|barley|oats?|pasta|noodles|chickpeas|white|butter beans|navy|tofu|soya)/i,
    'pale',
  ],
];
/** What is in nearly everything colours nothing. */
const COLOURLESS = /\b(?:onions?|garlic|salt|stock|water|oil|vinegar|lemon|sugar|pepper)$/i;

const TEXTURES: Readonly<Record<Form, string>> = {
  soup: 'wet',
  pot: 'wet',
  mash: 'soft',
  bake: 'crisp on top',
  roast: 'crisp on top',
  fritters: 'crisp',
  salad: 'crisp',
  assembled: 'mixed',
};

/**
 * How a dish looks and feels on the plate: the colour that most of it has by weight, and its texture by its form. A guess by names; where nothing is known of a colour there is none.
 * @example looksOf(scaled, 'soup') // ['orange', 'wet']
 */
export function looksOf({ lines }: ScaledBatch, form: Form): readonly string[] {
  const grams = new Map<string, number>();
  for (const { food, grams: goes, line } of lines) {
    const colour = COLOURLESS.test(food.name) ? undefined : COLOURS.find(([named]) => named.test(food.name))?.[1];
    if (colour && goes && !line.optional) grams.set(colour, (grams.get(colour) ?? 0) + inBase(goes).valueOf());
  }
  const [first] = [...grams].sort((a, b) => b[1] - a[1]);
  return [...(first ? [first[0]] : []), TEXTURES[form]];
}
