/** How much of one food does what another did: grams for a gram, edible part. Source: from memory (common kitchen equivalents) unless a line says otherwise. */
export interface Strength {
  readonly from: string;
  readonly to: string;
  readonly ratio: number;
  /** What else has to be done for it to do the same. */
  readonly note?: string;
}

/** A pair that stands for each other both ways. */
const bothWays = (a: string, b: string, ratio: number, note?: string, back?: string): readonly Strength[] => [
  { from: a, to: b, ratio, ...(note ? { note } : {}) },
  { from: b, to: a, ratio: 1 / ratio, ...(back ? { note: back } : {}) },
];

/** Stock stands for wine: its wetness, and a little acid beside it. */
const INSTEAD_OF_WINE =
  'add a teaspoon of lemon juice or mild vinegar for each 100 mL: as much vinegar as wine is far too sour';

/** Pairs whose strengths differ, or that need something done. */
export const STRENGTHS: readonly Strength[] = [
  { from: 'garlic', to: 'garlic powder', ratio: 0.135 },
  { from: 'ginger', to: 'ground ginger', ratio: 0.072, note: 'drier and sharper' },
  ...bothWays('lemon juice', 'lime juice', 1),
  // Lemon juice holds about 5 % acid, as cider vinegar does; wine vinegar 6 %.
  { from: 'lemon juice', to: 'cider vinegar', ratio: 1, note: 'sharper, without the fruit' },
  { from: 'cider vinegar', to: 'lemon juice', ratio: 1 },
  ...bothWays('cider vinegar', 'wine vinegar', 0.85),
  ...bothWays('cider vinegar', 'rice vinegar', 1.1, 'milder'),
  ...bothWays('cider vinegar', 'malt vinegar', 1),
  // Cooked down about three times.
  {
    from: 'canned tomatoes',
    to: 'tomato paste',
    ratio: 1 / 3,
    note: 'with water to make up the weight; it brings neither their sweet nor their acid',
  },
  { from: 'tomato paste', to: 'canned tomatoes', ratio: 3, note: 'wetter: simmer longer' },
  { from: 'tomato', to: 'tomato paste', ratio: 1 / 3, note: 'with water to make up the weight' },
  { from: 'tomato', to: 'canned tomatoes', ratio: 1 },
  { from: 'canned tomatoes', to: 'tomato', ratio: 1, note: 'simmer longer' },
  {
    from: 'wheat flour',
    to: 'cornflour',
    ratio: 0.5,
    note: 'as a thickener only; clearer; let it bubble for a minute',
  },
  { from: 'cornflour', to: 'wheat flour', ratio: 2, note: 'cloudier; let it bubble for a minute' },
  ...bothWays('cornflour', 'potato starch', 0.8, 'do not boil it long'),
  { from: 'maple syrup', to: 'agave syrup', ratio: 0.9 },
  { from: 'maple syrup', to: 'sugar', ratio: 0.8, note: 'drier' },
  { from: 'agave syrup', to: 'maple syrup', ratio: 1 / 0.9 },
  { from: 'sugar', to: 'maple syrup', ratio: 1.25, note: 'wetter' },
  ...bothWays('sugar', 'brown sugar', 1),
  // A tablespoon of soy sauce is about half a teaspoon of salt.
  { from: 'soy sauce', to: 'salt', ratio: 0.19, note: 'salt alone, without its depth' },
  ...bothWays('soy sauce', 'tamari', 1),
  ...bothWays('soy sauce', 'miso', 1.3, 'stir it smooth first'),
  { from: 'white wine', to: 'vegetable stock', ratio: 1, note: INSTEAD_OF_WINE },
  { from: 'red wine', to: 'vegetable stock', ratio: 1, note: INSTEAD_OF_WINE },
  { from: 'dry cider', to: 'apple juice', ratio: 1, note: 'sweeter: leave out any sugar' },
  { from: 'dry cider', to: 'vegetable stock', ratio: 1, note: INSTEAD_OF_WINE },
  { from: 'beer', to: 'vegetable stock', ratio: 1, note: 'without its bitterness' },
  // Fresh to dried herb, 3 to 1.
  ...(['thyme', 'rosemary', 'sage', 'oregano'] as const).flatMap((herb) => bothWays(`fresh ${herb}`, herb, 1 / 3)),
  ...bothWays('ground flax', 'chia seeds', 0.8, 'grind it, or let it stand 15 min'),
  ...bothWays('peanut butter', 'tahini', 1, 'more bitter'),
  ...bothWays('cashews', 'sunflower seeds', 1, 'soak them; greyer and less sweet'),
  ...bothWays('hazelnuts', 'sunflower seeds', 1, 'toast them lightly; milder'),
  ...bothWays('almonds', 'sunflower seeds', 1, 'soak them; greyer'),
  ...bothWays('celeriac', 'parsnip', 1, 'sweeter'),
  ...bothWays('celery', 'fennel', 1, 'of aniseed'),
  { from: 'stock powder', to: 'salt', ratio: 0.4, note: 'salt alone, without its depth' },
  ...bothWays('olives', 'capers', 0.5, 'sharper'),
  ...bothWays('coconut milk', 'coconut cream', 0.6, 'with water to make up the weight'),
  { from: 'green peas', to: 'frozen peas', ratio: 1, note: 'they need only to get hot' },
  { from: 'frozen peas', to: 'green peas', ratio: 1, note: 'two minutes longer' },
  { from: 'spinach', to: 'frozen spinach', ratio: 0.85, note: 'press the water out' },
  { from: 'frozen spinach', to: 'spinach', ratio: 1.2 },
  { from: 'edamame', to: 'frozen edamame', ratio: 1 },
  { from: 'sweetcorn', to: 'frozen sweetcorn', ratio: 1 },
  { from: 'sweetcorn', to: 'canned sweetcorn', ratio: 1 },
];

/**
 * Foods that do the same in a dish, gram for gram. Only what stands in one row may stand for another without a strength: a shared role is not enough (vinegar and wine
 * are both sour, flour and tofu both hold protein). Common practice, no published source.
 */
export const ALIKE: readonly (readonly string[])[] = [
  ['white rice', 'brown rice', 'short grain rice', 'wild rice'],
  ['millet', 'quinoa', 'buckwheat groats', 'white rice', 'bulgur', 'couscous'],
  ['pearl barley', 'pearled farro', 'spelt berries', 'rye berries', 'freekeh'],
  ['rolled oats', 'cut oats'],
  ['wheat pasta', 'wholewheat pasta', 'rice noodles'],
  ['wheat flour', 'wholewheat flour', 'spelt flour'],
  [
    'chickpeas',
    'borlotti beans',
    'kidney beans',
    'white kidney beans',
    'pinto beans',
    'black beans',
    'navy beans',
    'butter beans',
    'black-eyed peas',
    'adzuki beans',
    'mixed beans',
  ],
  ['lentils', 'mung beans', 'black-eyed peas', 'kidney beans'],
  ['red lentils', 'split peas', 'split chickpeas'],
  [
    'canned chickpeas',
    'canned borlotti',
    'canned kidney beans',
    'canned white kidney beans',
    'canned pinto beans',
    'canned black beans',
    'canned navy beans',
    'canned butter beans',
    'canned black-eyed peas',
    'canned mixed beans',
  ],
  ['tofu', 'smoked tofu', 'tempeh'],
  ['onion', 'red onion', 'shallot', 'leek', 'spring onion'],
  ['carrot', 'parsnip', 'parsley root', 'celeriac', 'swede', 'turnip', 'beetroot', 'sweet potato', 'potato'],
  ['kohlrabi', 'turnip', 'radish'],
  ['winter squash', 'pumpkin', 'sweet potato'],
  ['courgette', 'aubergine'],
  ['red pepper', 'green pepper'],
  ['tomato', 'cherry tomatoes'],
  ['cauliflower', 'broccoli'],
  ['cabbage', 'red cabbage', 'savoy cabbage', 'brussels sprouts'],
  ['kale', 'chard', 'savoy cabbage', 'spinach'],
  ['spinach', 'chard', 'nettles'],
  ['rocket', 'lettuce', 'spinach'],
  ['green beans', 'runner beans', 'frozen green beans'],
  ['broad beans', 'butter beans'],
  ['olives', 'green olives'],
  ['apple', 'pear'],
  ['blueberries', 'raspberries', 'frozen berries', 'plum'],
  ['raisins', 'dates', 'dried apricots', 'prunes', 'dried cranberries'],
  ['almonds', 'hazelnuts', 'walnuts', 'cashews', 'pecans', 'pistachios', 'peanuts'],
  ['ground almonds', 'ground hazelnuts'],
  ['sunflower seeds', 'pumpkin seeds'],
  ['hemp seeds', 'sesame seeds', 'poppy seeds'],
  ['rapeseed oil', 'sunflower oil', 'olive oil', 'peanut oil', 'soya oil', 'vegetable oil'],
  ['walnut oil', 'hazelnut oil'],
  ['plant margarine', 'coconut oil'],
  ['hazelnut butter', 'peanut butter'],
  ['oat milk', 'soya milk', 'almond milk', 'rice milk'],
  ['red wine', 'white wine'],
  ['dill', 'parsley', 'fresh coriander', 'chives', 'basil', 'mint'],
  ['marjoram', 'oregano', 'thyme', 'savory'],
];

/** Canned food that stands for a dry legume once that is cooked. */
export const TINS: Readonly<Record<string, string>> = {
  chickpeas: 'canned chickpeas',
  'borlotti beans': 'canned borlotti',
  'kidney beans': 'canned kidney beans',
  'white kidney beans': 'canned white kidney beans',
  'pinto beans': 'canned pinto beans',
  'black beans': 'canned black beans',
  'navy beans': 'canned navy beans',
  'butter beans': 'canned butter beans',
  'black-eyed peas': 'canned black-eyed peas',
  'adzuki beans': 'canned adzuki beans',
  'mung beans': 'canned mung beans',
  'soya beans': 'canned soya beans',
  'broad beans': 'canned broad beans',
  'mixed beans': 'canned mixed beans',
  lentils: 'canned lentils',
};

/** May one stand for the other gram for gram? */
export const alike = (from: string, to: string): boolean =>
  ALIKE.some((family) => family.includes(from) && family.includes(to));
