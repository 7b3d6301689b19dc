import type { FoodPack } from '../food.ts';

/** What one pack holds, and what is left when its liquid is poured off. Source: common practice, no published source (a drained can holds about 240 g). */
const can = (drainedG: number, grams = 400): FoodPack => ({ name: 'can', grams, drainedG });

/** Packs of foods whose "can" or "jar" says nothing of its size in a recipe. Drained weights: common practice, no published source, by what labels usually say. */
export const PACKS: Readonly<Record<string, readonly FoodPack[]>> = {
  'canned chickpeas': [can(240)],
  'canned borlotti': [can(240)],
  'canned kidney beans': [can(240)],
  'canned black-eyed peas': [can(235)],
  'canned lentils': [can(240)],
  'canned black beans': [can(235)],
  'canned pinto beans': [can(240)],
  'canned white kidney beans': [can(240)],
  'canned navy beans': [can(235)],
  'canned butter beans': [can(235)],
  'canned adzuki beans': [can(235)],
  'canned mung beans': [can(235)],
  'canned soya beans': [can(240)],
  'canned broad beans': [can(240)],
  'canned split peas': [can(240)],
  'canned mixed beans': [can(235)],
  'canned sweetcorn': [can(165, 198), { name: 'large can', grams: 340, drainedG: 285 }],
  'canned tomatoes': [{ name: 'can', grams: 400 }],
  'coconut milk': [{ name: 'can', grams: 400 }],
  'coconut cream': [{ name: 'can', grams: 160 }],
  'tomato paste': [{ name: 'tube', grams: 200 }],
  olives: [{ name: 'jar', grams: 350, drainedG: 160 }],
  'green olives': [{ name: 'jar', grams: 350, drainedG: 160 }],
  tofu: [{ name: 'pack', grams: 400, drainedG: 350 }],
  'silken tofu': [{ name: 'pack', grams: 300, drainedG: 300 }],
  'smoked tofu': [{ name: 'pack', grams: 200, drainedG: 200 }],
};

/** Alcohol in 100 g. Source: USDA FoodData Central SR Legacy (from memory). */
export const ALCOHOL_G: Readonly<Record<string, number>> = {
  'red wine': 10.6,
  'white wine': 10.3,
  'dry cider': 4.4,
  beer: 3.9,
  sherry: 15.6,
  mirin: 9,
  'vanilla extract': 34.4,
};

/** Organic acids in 100 g, g: they have an energy of their own. From memory. */
export const ACID_G: Readonly<Record<string, number>> = {
  'cider vinegar': 5,
  'wine vinegar': 6,
  'balsamic vinegar': 6,
  'rice vinegar': 4.5,
  'malt vinegar': 5,
  'spirit vinegar': 5,
  'lemon juice': 5,
  'lime juice': 5,
  lemon: 4.5,
  lime: 4.5,
  'red wine': 0.6,
  'white wine': 0.7,
  'dry cider': 0.5,
  sauerkraut: 1,
  capers: 1,
  mustard: 3,
};
