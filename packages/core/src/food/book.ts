import { commonPractice, fromMemory, type Sourced } from '../quantity/index.ts';
import { bookFoodId } from './bookFoodId.ts';
import type { Food, FoodFacts } from './food.ts';

const SR = 'USDA FoodData Central SR Legacy (from memory)';
const sr = (value: number): Sourced<number> => ({ value, source: SR });
const year = fromMemory(365);

/** The foods a kitchen starts with. Every figure names its source; a figure that is not known is not there. */
const facts: Readonly<Record<string, FoodFacts>> = {
  water: { kind: 'water', base: 'mL', gramsPerCup: { value: 236.5882365, source: 'definition: 1 g/mL' } },
  millet: {
    kind: 'grain',
    base: 'g',
    gramsPerCup: sr(200),
    cookedGramsPerCup: sr(174),
    uptake: { value: 2.19, source: `computed from water contents of ${SR}` },
    swells: true,
    keeps: { cupboard: year },
  },
  'brown rice': {
    kind: 'grain',
    base: 'g',
    gramsPerCup: sr(185),
    cookedGramsPerCup: sr(202),
    uptake: { value: 1.97, source: `computed from water contents of ${SR}` },
    swells: true,
    keeps: { cupboard: fromMemory(180) },
  },
  'buckwheat groats': {
    kind: 'grain',
    base: 'g',
    gramsPerCup: sr(164),
    cookedGramsPerCup: sr(168),
    uptake: { value: 2.76, source: `computed from water contents of ${SR}` },
    swells: true,
    keeps: { cupboard: year },
  },
  'borlotti beans': {
    kind: 'legume',
    base: 'g',
    names: ['borlotti'],
    gramsPerCup: sr(195),
    cookedGramsPerCup: sr(177),
    uptake: { value: 1.48, source: `computed from water contents of ${SR}` },
    swells: true,
    hazard: 'boil beans hard',
    keeps: { cupboard: year },
  },
  'split peas': {
    kind: 'legume',
    base: 'g',
    gramsPerCup: sr(197),
    cookedGramsPerCup: sr(196),
    uptake: { value: 1.99, source: `computed from water contents of ${SR}` },
    swells: true,
    keeps: { cupboard: year },
  },
  celeriac: {
    kind: 'vegetable',
    base: 'g',
    ediblePart: sr(0.86),
    allergens: ['celery'],
    keeps: { 'cool room': fromMemory(21), fridge: fromMemory(28) },
  },
  parsnip: {
    kind: 'vegetable',
    base: 'g',
    ediblePart: fromMemory(0.85),
    gramsEach: fromMemory(120),
    keeps: { 'cool room': fromMemory(14), fridge: fromMemory(21) },
  },
  swede: {
    kind: 'vegetable',
    base: 'g',
    ediblePart: fromMemory(0.85),
    keeps: { 'cool room': fromMemory(28), fridge: fromMemory(28) },
  },
  kale: {
    kind: 'leaf',
    base: 'g',
    ediblePart: sr(0.72),
    gramsPerCup: fromMemory(21),
    keeps: { 'cool room': fromMemory(3), fridge: fromMemory(6) },
  },
  leek: {
    kind: 'vegetable',
    base: 'g',
    names: ['leeks'],
    gramsEach: sr(89),
    ediblePart: sr(0.44),
    keeps: { 'cool room': fromMemory(7), fridge: fromMemory(12) },
  },
  onion: {
    kind: 'vegetable',
    base: 'g',
    names: ['onions'],
    gramsEach: sr(110),
    ediblePart: sr(0.9),
    gramsPerCup: sr(160),
    keeps: { cupboard: fromMemory(30), 'cool room': fromMemory(60) },
  },
  garlic: { kind: 'vegetable', base: 'g', gramsEach: sr(3), ediblePart: sr(0.87), keeps: { cupboard: fromMemory(60) } },
  'sunflower seeds': { kind: 'nut or seed', base: 'g', gramsPerCup: sr(140), keeps: { cupboard: fromMemory(120) } },
  hazelnuts: {
    kind: 'nut or seed',
    base: 'g',
    gramsPerCup: sr(135),
    allergens: ['nuts'],
    keeps: { cupboard: fromMemory(180) },
  },
  'rapeseed oil': {
    kind: 'fat',
    base: 'mL',
    names: ['oil'],
    gramsPerCup: sr(218),
    keeps: { cupboard: fromMemory(180) },
  },
  'cider vinegar': {
    kind: 'acid',
    base: 'mL',
    names: ['vinegar'],
    gramsPerCup: sr(239),
    allergens: ['sulphites'],
    keeps: { cupboard: year },
  },
  mustard: {
    kind: 'seasoning',
    base: 'g',
    gramsPerCup: sr(249),
    allergens: ['mustard'],
    keeps: { fridge: fromMemory(180) },
  },
  caraway: { kind: 'seasoning', base: 'g', gramsPerCup: sr(107), keeps: { cupboard: year } },
  'bay leaf': {
    kind: 'seasoning',
    base: 'each',
    names: ['bay leaves', 'bay'],
    gramsEach: commonPractice(0.2),
    keeps: { cupboard: year },
  },
  salt: { kind: 'seasoning', base: 'g', gramsPerCup: sr(292) },
};

export const BOOK: readonly Food[] = Object.entries(facts).map(([name, known]) => ({
  id: bookFoodId(name),
  name,
  facts: known,
}));

/** A food of the book by its name there; a name that is not there is our mistake and throws. */
export function bookFood(name: string): Food {
  const food = BOOK.find((f) => f.name === name);
  if (!food) throw new Error(`No food "${name}" in the book.`);
  return food;
}
