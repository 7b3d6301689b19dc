import { CAUTION_IDS, cautionOf, type CautionId } from '../src/food/index.ts';
import { STARTING_EQUIPMENT } from '../src/kitchen/index.ts';
import { Fraction } from '../src/quantity/index.ts';
import { STARTER_RECIPES, isEatenCold, staysCrisp, type Revision } from '../src/recipe/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { BOOK_BY_ID as foods, textDish } from './textDish.ts';

const cautions = (recipe: Revision) =>
  scaleBatch(recipe, new Fraction(recipe.portions), foods, STARTING_EQUIPMENT).cautions;
const dish = (text: string) => cautions(textDish(`Dish\nServes 4\n${text}`));
const [millet, borlotti] = STARTER_RECIPES;
if (!millet || !borlotti) throw new Error('no starters');

/** A dish that asks for a caution, and one that does not. The rest is for screens, not for dishes. */
const BOTH: Readonly<
  Record<
    Exclude<CautionId, 'reheat' | 'thaw' | 'thawed at once' | 'two hours'>,
    readonly [readonly CautionId[], readonly CautionId[]]
  >
> = {
  pressure: [cautions(millet), dish('400 g millet\n1 L water\nSimmer the millet in the water for 20 minutes.')],
  vent: [cautions(borlotti), dish('400 g leeks\nSteam the leeks for 10 minutes.')],
  beans: [
    dish('300 g flageolet beans\n2 L water\nBoil the flageolet beans in the water for 60 minutes.'),
    dish('2 cans kidney beans\nWarm the beans in a pot.'),
  ],
  'never raw': [dish('300 g runner beans\nTurn the runner beans in a bowl.'), dish('300 g green peas\nStir the peas.')],
  debitter: [
    dish('300 g lupin beans\n2 L water\nBoil the lupin beans in the water for 60 minutes.'),
    dish('300 g lentils\n1 L water\nBoil the lentils in the water for 30 minutes.'),
  ],
  sprouts: [
    dish('200 g bean sprouts\nTurn the bean sprouts in a bowl.'),
    dish('200 g bean sprouts\nFry the bean sprouts for 5 minutes.'),
  ],
  'garlic oil': [
    dish('4 garlic cloves\n200 mL olive oil\nStir the garlic into the oil.'),
    dish('4 garlic cloves\n200 mL olive oil\nFry the garlic in the oil for 5 minutes.'),
  ],
  bottling: [
    dish('1 kg tomatoes\nSimmer the tomatoes for 30 minutes.\nPour into bottles and sterilise them in a pot.'),
    dish('1 kg tomatoes\nSimmer the tomatoes for 30 minutes.'),
  ],
  iodine: [
    dish('20 g seaweed\n500 g potatoes\nBoil everything for 20 minutes.'),
    dish('500 g leeks\nSteam the leeks for 5 minutes.'),
  ],
  'green potatoes': [
    dish('500 g potatoes\nBoil the potatoes for 20 minutes.'),
    dish('500 g sweet potatoes\nBoil the sweet potatoes for 20 minutes.'),
  ],
  cooling: [dish('500 g leeks\nSimmer the leeks for 10 minutes.'), dish('500 g kohlrabi\nGrate the kohlrabi.')],
  grain: [
    dish('300 g white rice\n600 mL water\nSimmer the white rice in the water for 15 minutes.'),
    dish('300 g leeks\nSteam the leeks for 5 minutes.'),
  ],
  'hot blend': [
    dish('500 g carrots\n1 L water\nBoil the carrots in the water for 15 minutes.\nBlend everything smooth.'),
    dish('500 g tomatoes\nBlend the tomatoes smooth.'),
  ],
  'hot oven': [
    dish('500 g carrots\nRoast the carrots at 200 °C for 40 minutes.'),
    dish('500 g carrots\nSteam the carrots for 10 minutes.'),
  ],
  vulnerable: [
    dish('500 g cabbage\n300 mL white wine\nBraise the cabbage in the white wine for 20 minutes on the hob.'),
    dish('500 g cabbage\n300 mL water\nSimmer the cabbage in the water for 20 minutes.'),
  ],
};
test.each(Object.entries(BOTH))('“%s” stands where it applies, and not where it does not', (id, [applies, doesNot]) => {
  expect(applies).toContain(id);
  expect(doesNot).not.toContain(id);
});
test('each caution is looked at: for dishes here, the rest on the screens of eating and thawing', () =>
  expect(CAUTION_IDS.filter((id) => !(id in BOTH))).toEqual(['reheat', 'thaw', 'thawed at once', 'two hours']));

test('one step asks for all of them: blended hot, and into the oven, and to cool', () => {
  const soup = textDish(
    'Bake\nServes 4\n1 kg carrots\n1 L water\nBoil the carrots in the water for 15 minutes.\nBlend everything and bake it at 180 °C for 20 minutes.',
  );
  expect(cautions(soup)).toEqual(expect.arrayContaining(['cooling', 'hot blend', 'hot oven']));
});

describe('a text says nothing that is untrue here', () => {
  test('at sea level nobody is told of an open pot below 100 °C; up high the degrees are said', () => {
    expect(cautionOf('beans', { boilsAtC: 99.97 }).text).not.toMatch(/open pot/);
    expect(cautionOf('beans', { boilsAtC: 96.05 }).text).toContain('96 °C');
  });
  test('the days of grain are those of this dish', () => {
    expect(cautionOf('grain', { boilsAtC: 100, fridgeDays: 2 }).text).toContain('given 2 days');
    expect(cautionOf('grain', { boilsAtC: 100 }).text).not.toMatch(/given/);
  });
  test('law: no caution claims that food is safe, each names its source', () => {
    for (const id of CAUTION_IDS)
      for (const boilsAtC of [89, 100]) {
        const { text, source } = cautionOf(id, { boilsAtC, fridgeDays: 3 });
        expect(text).not.toMatch(/\b(?:is|are) safe\b/);
        expect(source.length).toBeGreaterThan(10);
      }
  });
});

test('what is eaten cold is not told to be heated through, and keeps the life that it is written with', () => {
  const salad = textDish(
    'Salad\nServes 4\n500 g kohlrabi\n2 tbsp cider vinegar\nGrate the kohlrabi, stir in the vinegar.',
  );
  expect(isEatenCold(salad)).toBe(true);
  expect(salad.component.beforeEating).not.toMatch(/heat/i);
  expect(salad.component.freezerDays.value).toBe(0);
  const soup = textDish('Soup\nServes 4\n500 g kohlrabi\n1 L water\nSimmer the kohlrabi in the water for 20 minutes.');
  expect(isEatenCold(soup)).toBe(false);
  expect(staysCrisp(soup)).toBe(false);
});
