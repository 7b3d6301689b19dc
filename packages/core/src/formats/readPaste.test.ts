import fc from 'fast-check';
import { BOOK } from '../food/index.ts';
import {
  NOTHING_SAID,
  amountWords,
  askedOf,
  fromJsonLd,
  indexFoods,
  readIngredientLine,
  readPaste,
  readRecipeText,
  recipesIn,
} from './index.ts';
import type { SaidOfText } from './index.ts';

const foods = indexFoods(BOOK);
const read = (text: string, said: Partial<SaidOfText> = {}) =>
  readPaste(readRecipeText(text), { ...NOTHING_SAID, ...said }, foods, (line) => readIngredientLine(line, foods));
const names = (text: string, said?: Partial<SaidOfText>) =>
  read(text, said).lines.map(({ line, ready }) => `${line.food?.name}${ready ? '' : '?'}`);

const SOUP = `Leek soup
Serves 4
2 leeks
300 g potatoes
Sweat the leeks with the thyme for 8 minutes.
Add potatoes and 1 L water, simmer 20 minutes. Roll up the rest.`;

describe('what the method names and no line of the list', () => {
  test('is asked for its amount; water that is measured is taken, a verb is no bread', () => {
    expect(names(SOUP)).toEqual(['leek', 'potato', 'water', 'thyme?']);
  });

  test('is not asked where it shares its chief word with a line', () => {
    expect(names('Beans\nServes 2\n1 x 400 g tin black beans\n1 tsp salt\nWarm the beans 5 minutes.')).toEqual([
      'canned black beans',
      'salt',
    ]);
    expect(names('Mash\nServes 2\n250 g chickpea flour\n1 tsp salt\nStir the flour for 5 minutes.')).toEqual([
      'chickpea flour',
      'salt',
    ]);
  });

  test('takes nothing from how much of the cooked dish goes into a box', () => {
    const box = 'Bowls\nServes 4\n300 g white rice\n1 tsp salt\nSimmer the rice 12 minutes.\nPer box: 150 g rice.';
    expect(names(box)).toEqual(['white rice', 'salt']);
  });

  test('is left out when somebody says so, and stands there to be put back', () => {
    const key = read(SOUP).lines.find(({ ready }) => !ready)?.key ?? '';
    const without = read(SOUP, { lines: { [key]: '' } });
    expect(askedOf(without).lines).toBe(0);
    expect(without.linesLeftOut).toEqual([{ key, written: 'thyme' }]);
  });
});

test('a line of the list that was left out is not asked again because the method names it', () => {
  expect(names(SOUP, { lines: { 0: '' } })).toEqual(['potato', 'water', 'thyme?']);
});

test('an appliance that is named, while no step is in it, is asked until somebody says that it is right', () => {
  const text = 'Pressure-cooker beans\nServes 4\n2 tins black beans\n1 tsp salt\nCook the beans for 20 minutes.';
  expect(read(text).places).toEqual(['pressure cooker']);
  expect(askedOf(read(text, { places: ['pressure cooker'] })).method).toBe(askedOf(read(text)).method - 1);
  expect(read('Stew in the Dutch oven\nServes 4\n2 leeks\n1 onion\nSimmer 20 minutes.').places).toEqual([]);
});

test('amounts by kilogram and litre with three decimals are no thousands', () => {
  const lines = read('Sauce\nServes 40\n2.000 kg onions\n0.120 kg garlic\n1.250 L water\n1,500 g tomatoes').lines;
  expect(lines.map(({ line }) => amountWords(line.amount))).toEqual(['2 kg', '120 g', '1.25 L', '1.5 kg']);
});

describe('what a text measures is never lost', () => {
  const amounts = (text: string) =>
    read(text).lines.map(
      ({ line, ready }) => `${amountWords(line.amount)} ${line.food?.name ?? '-'}${ready ? '' : '?'}`,
    );

  test('a second amount of the same food is more of it; the same amount named again is the same', () => {
    const text =
      'Soak the pot\nServes 2\n200 g red lentils\nAdd 500 ml water, simmer 10 minutes. Add 200 ml water, simmer 5 minutes.';
    expect(amounts(text)).toEqual(['200 g red lentils', '500 mL water', '200 mL water']);
    expect(amounts(text.replace('200 ml', 'the 500 ml'))).toEqual(['200 g red lentils', '500 mL water']);
  });

  test('what nobody knows is asked; what was made, kept or is boxed is none', () => {
    const text = (words: string) => `Leek pot\nServes 2\n2 leeks\n${words}`;
    expect(amounts(text('Stir in 3 tbsp gloop and simmer 10 minutes.'))).toContain('44 mL -?');
    for (const words of [
      'Reduce to 1.5 l, 20 minutes.',
      'Ladle 110 ml batter into the pan.',
      'Freeze in 250 ml blocks.',
    ])
      expect(amounts(text(words))).toEqual(['2 leek']);
  });

  test('it stands in brackets behind what it is of', () =>
    expect(amounts('Sauce\nWhisk the tahini (100 g) with water until runny.')).toContain('100 g tahini'));

  test('a liquid that is kept of a soak, a hundred onions, leftovers besides: asked', () => {
    expect(amounts('Rice\n200 g rice\n20 g dried mushrooms, soaked in 300 ml water, liquid kept')).toContain(
      '20 g dried mushrooms?',
    );
    expect(amounts('Paste\n100 onion\n200 g leek')).toContain('100 onion?');
    expect(amounts('Paste\n7 heads garlic\n200 g leek')).toContain('70 garlic');
    expect(readRecipeText('Orzo\nServes 2 with leftovers for lunch\n200 g orzo\n1 leek').portions).toBeUndefined();
  });

  test('a text without a list is asked for what it is named after', () =>
    expect(
      names('What I do with a cauliflower\nBreak a big one up. Roast 30 minutes at 200 °C with 3 tbsp olive oil.'),
    ).toContain('cauliflower?'));
});

describe('goes that nobody counted', () => {
  const asks = (sentence: string) =>
    read(`Bake\nServes 2\n2 leeks\n${sentence}`).steps.filter(({ doubt }) => doubt).length;
  test.each([
    'Bake two at a time at 220 °C, 5 minutes.',
    'Steam 12 minutes in 2 rounds.',
    'Fry in batches of 4, 3 minutes a side.',
  ])('are asked: %s', (sentence) => expect(asks(sentence)).toBe(1));
  test('are none where they are counted', () => expect(asks('Fry in two batches, 8 minutes per batch.')).toBe(0));
});

describe('a stated time that the steps do not come to', () => {
  const bake = (about: string, minutes: string) =>
    `Leek bake\nServes 4\n${about}\n2 leeks\n300 g potatoes\nSlice leeks and potatoes, 10 minutes.\nBake at 200 °C for ${minutes}.`;

  test('is asked, and no more once the steps are right', () => {
    const text = bake('Prep: 10 min | Cook: 1 h 30', '9 minutes');
    expect(read(text).times).toEqual({ of: 'cooking', stated: 90, steps: { from: 9, to: 19 } });
    expect(askedOf(read(text)).method).toBe(1);
    expect(askedOf(read(text, { times: true })).method).toBe(0);
    expect(read(bake('Total time: 25 min', '1 h 20')).times).toMatchObject({ of: 'all of it', stated: 25 });
  });

  test.each([
    ['Prep: 10 min | Cook: 45 min', '40 minutes'],
    ['Total: 1 hour', '40 to 50 minutes'],
    ['Ready in 55 min', '45 minutes'],
    ['', '9 minutes'],
  ])('“%s” with %s in the oven is near enough', (about, minutes) =>
    expect(read(bake(about, minutes)).times).toBeUndefined(),
  );

  test('a chill that is in the total is no time that was lost', () => {
    const pots =
      'Oat pots\nServes 4\nTotal: 5 hours\n200 g rolled oats\n1 apple\nMix for 10 minutes. Chill for 4 hours.';
    expect(read(pots).times).toBeUndefined();
    expect(read(pots.replace(' Chill for 4 hours.', '')).times).toMatchObject({ stated: 300 });
  });

  test('is looked at in a page’s data, too; where a step is asked about, that comes first', () => {
    const data = (step: string) =>
      JSON.stringify({
        '@type': 'Recipe',
        name: 'Leek bake',
        recipeYield: '4',
        cookTime: 'PT1H30M',
        recipeIngredient: ['2 leeks', '300 g potatoes'],
        recipeInstructions: [step],
      });
    const readData = (step: string) => {
      const words = fromJsonLd(data(step));
      if (!words.ok) throw new Error(words.problem.what);
      return readPaste(words.value, NOTHING_SAID, foods, (line) => readIngredientLine(line, foods));
    };
    expect(readData('Bake leeks and potatoes at 200 °C for 9 minutes.').times).toMatchObject({ stated: 90 });
    expect(readData('Bake leeks and potatoes at 200 °C for 80 minutes.').times).toBeUndefined();
    expect(readData('Bake leeks and potatoes at 200 °C.').times).toBeUndefined();
  });
});

describe('a text of several recipes', () => {
  const MILLET = 'Herb millet\nServes 4\n\n300 g millet\n1 leek\n\nBoil millet and leek for 20 minutes.';
  const DAL =
    'Dal for the week\n\nIngredients\n400 g red lentils\n2 onions\n\nMethod\nSimmer lentils and onions for 25 minutes.';

  test('is taken apart, in whatever order, between empty lines or rules', () => {
    expect(recipesIn(`${MILLET}\n\n${DAL}`)).toEqual([MILLET, DAL]);
    expect(recipesIn(`${DAL}\n-----\n${MILLET}\n\n\n${DAL}\n`)).toEqual([`${DAL}\n-----`, MILLET, DAL]);
  });

  test.each([
    ['its sauce', `${MILLET}\n\nFor the sauce:\n2 tbsp tahini\n1 lemon\nStir tahini and lemon juice.`],
    ['a heading without a list', `${MILLET}\n\nTo the table\nEat it warm.`],
    ['what is done in the morning', `${MILLET}\n\nMorning\n100 g oats\n1 apple\nStir in oats and apple.`],
  ])('with %s is one', (_, text) => expect(recipesIn(text)).toEqual([text]));

  test('law: no word of it is lost', () =>
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(MILLET, DAL, SOUP, 'Note: keeps well.', '2 leeks'), { minLength: 1 }),
        (all) => {
          const text = all.join('\n\n');
          expect(recipesIn(text).join('').replace(/\s/g, '')).toBe(text.replace(/\s/g, ''));
        },
      ),
    ));
});

describe('what a terse hand says once', () => {
  const asked = (method: string) =>
    read(`Bake\nServes 2\n300 g potatoes\n2 tbsp oil\n\n${method}`).steps.map(({ doubt }) => doubt?.question);

  test.each([
    ['Toss potatoes in the oil. Oven 220, 10 min.\nStir, back in 30-35, door shut.', 'Is “35” minutes?'],
    [
      'Shape the potatoes, freeze on trays 2 h.\nBoil them from frozen for 6 minutes.',
      'Is this done now, or on a later day?',
    ],
    ['Service: fry the potatoes from frozen, 5 minutes.', 'Is this done now, or on a later day?'],
  ])('“%s” asks', (method, question) => expect(asked(method)).toContain(question));

  test('how it keeps or improves is nothing to do', () => {
    const words = readRecipeText(
      'Bake\nServes 2\n300 g potatoes\n2 leeks\n\nBake at 200 °C for 40 minutes. Improves overnight. Label, 3 days chilled.',
    );
    expect(words.method).toEqual(['Bake at 200 °C for 40 minutes.']);
    expect(words.notes).toEqual(['Improves overnight.', 'Label, 3 days chilled.']);
  });

  test('a second food by the splash is asked, whatever it is', () =>
    expect(readIngredientLine('500 ml stock, splash of barmite', foods).doubts.map(({ question }) => question)).toEqual(
      ['“splash of barmite” holds an ingredient of its own. Write it on a line of its own.'],
    ));

  test.each([
    ['Batch yield: 40 portions @ 280 g', 40],
    ['From an old book · Yield: 8 side portions · Oven: 150°C', 8],
    ['Yield 6 halves (3 mains)', 3],
    ['**Serves:** 6 **Prep time:** 15 minutes **Cook time:** 40 minutes', 6],
    ['Makes: 1 loaf, 8 slices', 8],
    ['Makes 2 x 500 ml jars', undefined],
    ['Yield: 6 x 350 g', 6],
  ])('“%s” says for how many', (line, portions) =>
    expect(readRecipeText(`Bake\n${line}\n\n300 g potatoes\n2 leeks\n\nBake 40 minutes.`).portions).toBe(portions),
  );
});

test('so many pieces in a title are no portions; what may be done before need not be; frying in a cooker is no pressure', () => {
  expect(readRecipeText('Dumplings (makes 60)\n\n500 g flour\n1 onion\n\nBoil 5 minutes.').portions).toBeUndefined();
  const kinds = (method: string) =>
    read(`Dal\nServes 2\n300 g lentils\n1 onion\n\n${method}`).steps.map(({ step }) => step.kind);
  expect(kinds('Boil lentils 25 min, drain (can be done day before).')).toEqual(['work']);
  expect(kinds('Using the sauté setting, fry the onion in the pressure cooker for 5 minutes.')).toEqual(['work']);
  expect(kinds('Cook the lentils in the pressure cooker for 5 minutes, natural release.')).toEqual(['pressure']);
});

describe('what the last words say', () => {
  const bake = (end: string) => readRecipeText(`Bake\n300 g potatoes\n2 leeks\n\nBake 40 minutes. ${end}`);

  test.each([
    ['6 servings', 6],
    ['~8 portions.', 8],
    ['For 4', 4],
    ['6-8 portions', 6],
  ])('“%s” is for how many', (end, portions) => {
    expect(bake(end).portions).toBe(portions);
    expect(bake(end).method).toEqual(['Bake 40 minutes.']);
  });

  test('a heading with its marks is one; one word over points is one, too', () => {
    const { groups, ingredients } = readRecipeText(
      'Roast\n\n## Ingredients\n- 2 leeks\n### To serve\n- 1 lime\nWet\n- 100 ml stock\n\n## Method\nRoast 40 minutes.',
    );
    expect([groups, ingredients]).toEqual([
      ['', 'serve', 'wet'],
      ['2 leeks', '1 lime', '100 ml stock'],
    ]);
  });

  test('yesterday’s rice is asked whether it is cooked; what is repeated is asked how long', () => {
    expect(readIngredientLine('day-old rice 600g', foods).doubts.map(({ question }) => question)).toEqual([
      'Is that white rice weighed or measured cooked? It is counted dry here.',
    ]);
    expect(
      read('Rice\nServes 2\n600 g millet\n\nPress the millet and leave 1 min, toss, repeat 3 times.').steps[0]?.doubt
        ?.question,
    ).toBe('It is repeated. How long is it in all?');
  });
});

describe('a list in few lines', () => {
  test('a semicolon before an amount begins another line; an amount of each goes to each', () =>
    expect(names('Rub\nServes 2\n2 tsp each cumin, paprika; 1 tsp chilli flakes\n1 onion\n\nFry 5 minutes.')).toEqual([
      'cumin',
      'paprika',
      'chilli flakes',
      'onion',
    ]));

  test('a list for each jar is written for one', () =>
    expect(
      readRecipeText(
        'Jars (5)\n\nInto each jar: 1 tsp miso, 40 g tofu, 30 g carrot, 20 g peas.\nPour on water, 5 minutes.',
      ).portions,
    ).toBe(1));

  test('how far it goes, in brackets under the title, is no food', () =>
    expect(
      readRecipeText('Filling\n(freezes; enough for 12 wraps)\n\n1 onion\n2 tins beans\n\nFry 5 minutes.'),
    ).toMatchObject({
      portions: 12,
      ingredients: ['1 onion', '2 tins beans'],
    }));
});

describe('the night between', () => {
  const OATS =
    'Oats\n1 cup oats\n4 cups water\n\nMethod\nNight: boil the oats in the water 1 min, lid on.\nMorning: warm 5 min.\nServes 4. Walnuts on top.';

  test('what is done in the evening stands until the morning, and asks when what is before it is done', () =>
    expect(read(OATS).steps.map(({ step, doubt }) => [step.kind, step.hours?.least, doubt !== undefined])).toEqual([
      ['work', undefined, false],
      ['ahead', 8, true],
      ['work', undefined, false],
      // "Walnuts on top.": by hand, or no step.
      ['work', undefined, true],
    ]));

  test('what stands behind the portions is no part of them', () => {
    expect(readRecipeText(OATS).portions).toBe(4);
    expect(names(OATS)).toContain('walnuts?');
  });

  test.each([
    'Once open, fridge & 4 weeks.',
    'Holds 2 days.',
    '3 days in fridge.',
    'In a jar in the fridge for a week.',
    'Eat hot or keep 4 days.',
  ])('“%s” is how it keeps, and no wait', (words) =>
    expect(read(`Oats\nServes 4\n1 cup oats\n\nBoil the oats for 5 minutes. ${words}`).steps).toHaveLength(1),
  );
});

describe('what belongs to what stands before it, and what does not', () => {
  const steps = (method: string) =>
    read(`Pot\nServes 2\n300 g potatoes\n2 tbsp tomato puree\n1 leek\n\nMethod\n${method}`).steps.map(({ step }) => [
      step.timed ? step.minutes.expected : undefined,
      step.kind === 'pressure' ? 'pressure' : step.station,
      step.attention.needs,
    ]);

  test.each([
    ['Simmer 60 minutes, lid ajar. Stir every 15 min.', [[60, 'burner', 'look']]],
    [
      'Boil 20 minutes. Stir in the leek.',
      [
        [20, 'burner', 'nobody'],
        [undefined, undefined, 'hands'],
      ],
    ],
    ['Purée, potatoes, leek: bubble 15 min.', [[15, 'burner', 'nobody']]],
    ['MANUAL HI 5 min. NPR 10 then QR.', [[5, 'pressure', 'nobody']]],
    ['Lid, manual, 4 min. NPR 5 min, QR rest.', [[4, 'pressure', 'nobody']]],
    ['Potatoes + water on high 12 min, NR 10.', [[12, 'pressure', 'nobody']]],
    ['While they roast, soften the leek for 8 mins.', [[8, 'burner', 'hands']]],
    [
      'Blend potatoes and leek; stand 10 min.',
      [
        [undefined, 'jug', 'hands'],
        [10, undefined, 'nobody'],
      ],
    ],
    ['Toast potatoes with leek 3 min.', [[3, 'burner', 'hands']]],
    ['Oven 160/fan 140, tin lined. Mash potatoes.', [[undefined, undefined, 'hands']]],
    [
      'a) soften leek, 8 mins\nb) potatoes in, boil 20 mins',
      [
        [8, 'burner', 'hands'],
        [20, 'burner', 'nobody'],
      ],
    ],
  ])('“%s”', (method, expected) => expect(steps(method)).toEqual(expected));

  test('what a sentence says is needed is a list, also of the last food without an amount; a title may call itself so', () => {
    const words = readRecipeText(
      'Title: Soba boxes\n\nFor 3 boxes you need: 200 g soba, 1 tbsp miso, 2 leeks, sesame seeds. Boil the soba 5 minutes.',
    );
    expect([words.name, words.ingredients]).toEqual([
      'Soba boxes',
      ['200 g soba', '1 tbsp miso', '2 leeks', 'sesame seeds'],
    ]);
  });
});

test('two ways of cooking, each under its appliance, are asked of both, and no more once one is left out', () => {
  const text = 'Florets\nServes 2\n1 cauliflower\n\nMethod\nAir fryer: 200C, 12 min.\nOven: 220C, 25 min.';
  const asked = (steps: Record<number, string>) =>
    readPaste(readRecipeText(text), { ...NOTHING_SAID, steps }, foods, (line) =>
      readIngredientLine(line, foods),
    ).steps.map(({ doubt }) => doubt?.question);
  expect(asked({})).toEqual([
    'Two ways are told: air fryer, and oven. Is it done this way?',
    'Two ways are told: oven, and air fryer. Is it done this way?',
  ]);
  expect(asked({ 0: '' })).toEqual([undefined]);
  expect(asked({ 1: '' })).toEqual([undefined]);
});

test('the same amount in two steps that no line counts is asked twice, and each answer is its own', () => {
  const text =
    'Quick peppers\nServes 4\n6 red peppers\n300 ml boiling water\n150 g bulgur\n\nPour the boiling water over the bulgur, let stand 25 minutes.\nStand them in a dish with 100 ml water.\nBake at 180 °C for 20 minutes.\nWarm it with 100 ml water.';
  const { lines } = read(text);
  const asked = lines.filter(({ ready, written }) => !ready && written === '100 ml water');
  expect(asked).toHaveLength(2);
  expect(new Set(lines.map(({ key }) => key)).size).toBe(lines.length);
  const [first, second] = asked;
  const left = read(text, { lines: { [first?.key ?? '']: '' } });
  expect(left.linesLeftOut.map(({ key }) => key)).toEqual([first?.key]);
  expect(left.lines.filter(({ ready }) => !ready).map(({ key }) => key)).toEqual([second?.key]);
});

test('a line that is asked weighs nothing yet in a portion, and what it is said to be does', () => {
  const text = 'Swede stew\nServes 6\n1 swede\n2 leeks\n34 cup rapeseed oil\n\nSimmer all for 35 minutes.';
  const asked = read(text);
  const open = asked.lines.find(({ ready }) => !ready);
  const portions = open?.line.doubts[0]?.choices.map(
    ({ line }) => read(text, { lines: { [open.key]: line ?? '' } }).oddPortion !== undefined,
  );
  expect(asked.oddPortion).toBeUndefined();
  // "3/4 cup", "34 cup", and where it may be left out, that.
  expect(portions?.slice(0, 2)).toEqual([false, true]);
});
