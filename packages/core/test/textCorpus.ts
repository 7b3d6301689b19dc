/** One line of a dish: what it is in grams or pieces, and how each hand would write it. */
export interface DishLine {
  /** As the book calls it. */
  readonly food: string;
  readonly grams?: number;
  readonly pieces?: number;
  readonly spoons?: readonly [n: number, unit: 'tbsp' | 'tsp'];
  /** How it is called elsewhere. */
  readonly american?: string;
  readonly form?: string;
  readonly group?: string;
}

/** One step as it is said, with what has to be understood of it. */
export interface DishStep {
  readonly say: string;
  readonly american?: string;
  readonly kind?: 'work' | 'pressure' | 'ahead';
  /** Minutes, from and to; of what is begun ahead, hours. */
  readonly time?: readonly [from: number, to: number];
  readonly station?: string;
  readonly celsius?: number;
  readonly release?: 'natural' | 'quick' | number;
}

export interface Dish {
  readonly name: string;
  readonly portions: number;
  readonly lines: readonly DishLine[];
  readonly steps: readonly DishStep[];
}

/** Invented, of the hut's kind. */
export const DISHES: readonly Dish[] = [
  {
    name: 'Swede and split-pea stew',
    portions: 6,
    lines: [
      { food: 'split peas', grams: 250, form: 'rinsed' },
      { food: 'swede', grams: 400, american: 'rutabaga', form: 'in cubes' },
      { food: 'leek', pieces: 2, form: 'sliced' },
      { food: 'rapeseed oil', spoons: [2, 'tbsp'], american: 'canola oil' },
      { food: 'caraway', spoons: [1, 'tsp'], american: 'caraway seeds' },
      { food: 'salt', spoons: [1, 'tsp'] },
    ],
    steps: [
      { say: 'Cut the swede and the leeks.', american: 'Cut the rutabaga and the leeks.' },
      { say: 'Sweat the leeks in the oil for 8 minutes.', time: [8, 8], station: 'burner' },
      {
        say: 'Add everything else and 1 litre of water and simmer for 35 to 40 minutes.',
        time: [35, 40],
        station: 'burner',
      },
    ],
  },
  {
    name: 'Ridge chickpeas with kale',
    portions: 4,
    lines: [
      { food: 'chickpeas', grams: 300, american: 'dried garbanzo beans' },
      { food: 'kale', grams: 200, form: 'shredded' },
      { food: 'garlic', pieces: 3, form: 'crushed' },
      { food: 'lemon juice', spoons: [2, 'tbsp'] },
      { food: 'cumin', spoons: [2, 'tsp'], american: 'ground cumin' },
    ],
    steps: [
      {
        say: 'Soak the chickpeas for 8 to 20 hours.',
        american: 'Soak the garbanzo beans for 8 to 20 hours.',
        kind: 'ahead',
        time: [8, 20],
      },
      {
        say: 'Pressure cook for 18 minutes, natural release.',
        kind: 'pressure',
        time: [18, 18],
        release: 'natural',
      },
      { say: 'Stir in the kale and let it stand for 5 minutes.', time: [5, 5] },
      { say: 'Season with the lemon juice, the garlic and the cumin.' },
    ],
  },
  {
    name: 'Two-stage root bake',
    portions: 5,
    lines: [
      { food: 'parsnip', grams: 500, american: 'parsnips', form: 'in sticks' },
      { food: 'beetroot', grams: 400, american: 'beets', form: 'in wedges' },
      { food: 'red onion', pieces: 2, form: 'quartered' },
      { food: 'olive oil', spoons: [3, 'tbsp'] },
      { food: 'fresh thyme', spoons: [1, 'tbsp'] },
    ],
    steps: [
      { say: 'Toss the roots with the oil and the thyme.' },
      {
        say: 'Bake covered at 190 °C for 25 minutes.',
        american: 'Bake covered at 375 °F for 25 minutes.',
        time: [25, 25],
        station: 'oven',
        celsius: 190,
      },
      { say: 'Then uncovered for 15 minutes.', time: [15, 15], station: 'oven', celsius: 190 },
    ],
  },
  {
    name: 'Millet with mushrooms',
    portions: 4,
    lines: [
      { food: 'millet', grams: 300, form: 'rinsed' },
      { food: 'mushrooms', grams: 250, form: 'sliced' },
      { food: 'onion', pieces: 1, form: 'finely chopped' },
      { food: 'soy sauce', spoons: [2, 'tbsp'] },
      { food: 'water', grams: 650 },
    ],
    steps: [
      { say: 'Fry the onion and the mushrooms for 10 minutes, stirring.', time: [10, 10], station: 'burner' },
      { say: 'Add millet, soy sauce and water and simmer covered for 15 minutes.', time: [15, 15], station: 'burner' },
      { say: 'Leave it to stand off the heat for 10 minutes.', time: [10, 10] },
    ],
  },
  {
    name: 'Red lentil and squash pot',
    portions: 6,
    lines: [
      { food: 'red lentils', grams: 300 },
      { food: 'winter squash', grams: 700, american: 'butternut squash', form: 'peeled and cubed' },
      { food: 'canned tomatoes', grams: 400, american: 'diced tomatoes' },
      { food: 'ginger', grams: 20, form: 'grated', group: 'base' },
      { food: 'coconut milk', grams: 200, group: 'finish' },
      { food: 'fresh coriander', grams: 20, american: 'cilantro', form: 'chopped', group: 'finish' },
    ],
    steps: [
      {
        say: 'Put lentils, squash, tomatoes and ginger into the pot with 800 ml water.',
        american: 'Put lentils, squash, tomatoes and ginger into the pot with 3 1/2 cups of water.',
      },
      { say: 'Simmer for 25 minutes with the lid ajar.', time: [25, 25], station: 'burner' },
      { say: 'Stir in the coconut milk and the coriander.', american: 'Stir in the coconut milk and the cilantro.' },
    ],
  },
  {
    name: 'Borlotti for the freezer',
    portions: 10,
    lines: [
      { food: 'borlotti beans', grams: 600, american: 'dried cranberry beans' },
      { food: 'carrot', pieces: 2, american: 'carrots', form: 'whole' },
      { food: 'bay leaf', pieces: 2, american: 'bay leaves' },
      { food: 'salt', spoons: [2, 'tsp'] },
    ],
    steps: [
      { say: 'The evening before, cover the beans with plenty of water.', kind: 'ahead', time: [8, 14] },
      { say: 'Drain, cover with fresh water and boil hard for 10 minutes.', time: [10, 10], station: 'burner' },
      { say: 'Simmer gently for an hour.', time: [60, 60], station: 'burner' },
      { say: 'Cool for half an hour, then fill into boxes.', time: [30, 30] },
    ],
  },
];

const OUNCE = 28.349523125;
/** A US fluid ounce, mL. */
const FLUID_OUNCE = 29.5735295625;
const spoon = ({ spoons }: DishLine) => (spoons ? `${spoons[0]} ${spoons[1]}` : '');
/** "250 g", "2", "2 tbsp" */
const metric = (line: DishLine): string =>
  spoon(line) ||
  (line.grams === undefined ? `${line.pieces ?? 1}` : line.food === 'water' ? `${line.grams} ml` : `${line.grams} g`);
const imperial = (line: DishLine): string =>
  spoon(line) ||
  (line.grams === undefined
    ? `${line.pieces ?? 1}`
    : `${Number((line.grams / (line.food === 'water' ? FLUID_OUNCE : OUNCE)).toFixed(1))} ${line.food === 'water' ? 'fl oz' : 'oz'}`);
const called = ({ food, pieces }: DishLine): string =>
  pieces !== undefined && pieces > 1 && !/(?:garlic|leaf)$/.test(food)
    ? `${food}s`
    : food === 'garlic'
      ? 'garlic cloves'
      : food;
const line = (each: DishLine): string => `${metric(each)} ${called(each)}${each.form ? `, ${each.form}` : ''}`;
const wrap = (text: string, width: number): string =>
  text.split(' ').reduce((all, word) => {
    const last = all.length - all.lastIndexOf('\n') - 1;
    return all === '' ? word : last + word.length + 1 > width ? `${all}\n${word}` : `${all} ${word}`;
  }, '');

/** The same dish as one person would write it down. */
/** Lines by the part of the dish they are for, in their order. */
const inGroups = (
  lines: readonly DishLine[],
): readonly (readonly [group: string | undefined, list: readonly DishLine[]])[] =>
  [...new Set(lines.map(({ group }) => group))].map(
    (group) => [group, lines.filter((each) => each.group === group)] as const,
  );

export const HANDS: Readonly<Record<string, (dish: Dish) => string>> = {
  tidy: ({ name, portions, lines, steps }) =>
    [
      name,
      `Serves ${portions}`,
      '',
      'Ingredients',
      ...lines.map(line),
      '',
      'Method',
      ...steps.map(({ say }, n) => `${n + 1}. ${say}`),
    ].join('\n'),
  markdown: ({ name, portions, lines, steps }) =>
    [
      `# ${name}`,
      '',
      `Makes ${portions} portions`,
      '',
      '## Ingredients',
      '',
      ...lines.map((each) => `- ${line(each)}`),
      '',
      '## Method',
      '',
      ...steps.map(({ say }) => `* ${say}`),
    ].join('\n'),
  chatty: ({ name, portions, lines, steps }) =>
    [
      name,
      '',
      'We had this after the long watch in the rain, and nobody left the table hungry. It keeps well too!',
      `Serves ${portions} hungry people`,
      'Prep time: 15 minutes',
      'Cook time: 45 minutes',
      'Difficulty: easy',
      '',
      'You will need:',
      ...lines.map((each) => `• ${line(each)}`),
      '',
      'How to make it',
      ...steps.map(({ say }) => say),
      '',
      'Notes',
      'It tastes better on the second day.',
      'Nutrition per serving: 320 kcal, 12 g protein',
    ].join('\n'),
  grouped: ({ name, portions, lines, steps }) =>
    [
      name,
      `For ${portions}`,
      'INGREDIENTS',
      ...lines.filter(({ group }) => !group).map(line),
      ...[...new Set(lines.flatMap(({ group }) => (group ? [group] : [])))].flatMap((group) => [
        `For the ${group}:`,
        ...lines.filter((each) => each.group === group).map(line),
      ]),
      'DIRECTIONS',
      ...steps.map(({ say }, n) => `Step ${n + 1}: ${say}`),
    ].join('\n'),
  table: ({ name, portions, lines, steps }) =>
    [
      name,
      `Yield: ${portions} portions`,
      '',
      '| Ingredient | Amount |',
      '|---|---|',
      ...lines.map((each) => `| ${called(each)}${each.form ? `, ${each.form}` : ''} | ${metric(each)} |`),
      '',
      'Method:',
      ...steps.map(({ say }) => say),
    ].join('\n'),
  columns: ({ name, portions, lines, steps }) =>
    [
      name,
      `${portions} servings`,
      '',
      ...lines.map((each) => `${metric(each).padEnd(10)}\t${called(each)}${each.form ? `, ${each.form}` : ''}`),
      '',
      steps.map(({ say }) => say).join(' '),
    ].join('\n'),
  scanned: ({ name, portions, lines, steps }) =>
    [
      name.toUpperCase(),
      `Serves: ${portions}`,
      'Ingredients:',
      ...lines.map((each) => `· ${line(each).replace(/00 g/, 'OO g').replace(/^1 t/, 'l t')}`),
      'Method:',
      wrap(steps.map(({ say }) => say).join(' '), 44),
    ].join('\n'),
  american: ({ name, portions, lines, steps }) =>
    [
      name,
      `Yields ${portions} servings`,
      '',
      'Ingredients:',
      ...lines.map((each) => `${imperial(each)} ${each.american ?? called(each)}${each.form ? `, ${each.form}` : ''}`),
      '',
      'Instructions:',
      ...steps.map(({ say, american }, n) => `${n + 1}) ${american ?? say}`),
    ].join('\n'),
  behind: ({ name, portions, lines, steps }) =>
    [
      name,
      `${portions} portions`,
      ...lines.map((each) => `${called(each)}: ${metric(each)}`),
      '',
      ...steps.map(({ say }) => say),
    ].join('\n'),
  inline: ({ name, portions, lines, steps }) =>
    `${name} (serves ${portions})\nIngredients: ${lines.map((each) => `${metric(each)} ${called(each)}`).join('; ')}.\nMethod: ${steps.map(({ say }) => say).join(' ')}`,
  slashes: ({ name, portions, lines, steps }) =>
    [
      `${name} x${portions}`,
      '',
      ...inGroups(lines).map(
        ([group, list]) =>
          `${(group ?? 'main').toUpperCase()}  ${list.map((each) => `${metric(each)} ${called(each)}`).join(' / ')}`,
      ),
      '',
      ...steps.map(({ say }, n) => `${n + 1} – ${say}`),
    ].join('\n'),
  labelled: ({ name, portions, lines, steps }) =>
    [
      `Subject: ${name}`,
      `Serves ${portions}`,
      '',
      ...inGroups(lines).map(
        ([group, list]) =>
          `For the ${group ?? 'pot'}: ${list.map((each) => `${metric(each)} ${called(each)}`).join(', ')}`,
      ),
      '',
      'Method',
      ...steps.map(({ say }) => `- ${say}`),
    ].join('\n'),
  sheet: ({ name, portions, lines, steps }) =>
    [
      `Dish\t${name}`,
      `Yield\t${portions} portions`,
      ...lines.map((each) => `${called(each)}\t${metric(each)}`),
      'Method',
      ...steps.map(({ say }) => say),
    ].join('\n'),
  quoted: ({ name, portions, lines, steps }) =>
    [
      `**${name}**`,
      `_Serves ${portions}_`,
      '',
      '**Ingredients**',
      ...lines.map((each) => `* ${metric(each)} ${called(each)}${each.form ? ` (${each.form})` : ''}`),
      '',
      '**Instructions**',
      ...steps.map(({ say }, n) => `(${n + 1}) ${say}`),
      '',
      '> Leftovers keep for 3 days in the fridge.',
    ].join('\n'),
  afterwards: ({ name, portions, lines, steps }) =>
    [
      ...lines.map((each) => `- ${line(each)}`),
      '',
      name,
      '',
      ...steps.map(({ say }) => say),
      `Serves ${portions}.`,
    ].join('\n'),
  dotted: ({ name, portions, lines, steps }) =>
    [
      `${name} | ${portions} portions | 1 h`,
      '',
      ...lines.map((each) => `${called(each)} ${'.'.repeat(12)} ${metric(each)}`),
      '',
      steps.map(({ say }) => say).join(' '),
      'Freezes.',
    ].join('\n'),
  data: ({ name, portions, lines, steps }) =>
    JSON.stringify({
      '@context': 'https://schema.org',
      '@graph': [
        { '@type': 'WebPage', name: 'A page' },
        {
          '@type': ['Recipe'],
          name,
          recipeYield: [`${portions}`, `${portions} portions`],
          prepTime: 'PT15M',
          cookTime: 'PT45M',
          recipeCategory: 'main',
          nutrition: { '@type': 'NutritionInformation', calories: '320 kcal' },
          recipeIngredient: lines.map(line),
          recipeInstructions: [
            {
              '@type': 'HowToSection',
              name: 'All of it',
              itemListElement: steps.map(({ say }) => ({ '@type': 'HowToStep', text: say })),
            },
          ],
        },
      ],
    }),
};
