import type { FoodPack } from '../food.ts';

/** What one pack holds, and what is left when its liquid is poured off. Source: common practice, no published source (a drained can holds about 240 g). */
const CAN: FoodPack = { name: 'can', grams: 400, drainedG: 240 };

/** Packs of foods whose "can" or "jar" says nothing of its size in a recipe. */
export const PACKS: Readonly<Record<string, readonly FoodPack[]>> = {
  'canned chickpeas': [CAN],
  'canned borlotti': [CAN],
  'canned kidney beans': [CAN],
  'canned black-eyed peas': [CAN],
  'canned lentils': [CAN],
  'canned tomatoes': [{ name: 'can', grams: 400 }],
  'coconut milk': [{ name: 'can', grams: 400 }],
  'tomato paste': [{ name: 'tube', grams: 200 }],
  tofu: [{ name: 'pack', grams: 400, drainedG: 350 }],
};

/** Alcohol in 100 g. Source: USDA FoodData Central SR Legacy (from memory). */
export const ALCOHOL_G: Readonly<Record<string, number>> = {
  'red wine': 10.6,
  'white wine': 10.3,
  'dry cider': 4.4,
  beer: 3.9,
};
