import { bookFood } from '@kestrel-ridge/core/food';
import type { Revision } from '@kestrel-ridge/core/recipe';
import {
  after,
  becomes,
  byAmount,
  fixed,
  hands,
  inProportion,
  leftoverDays,
  line,
  look,
  nobody,
  slower,
  toTaste,
  window,
  work,
} from '@kestrel-ridge/core/recipe/write';
import { yielding } from './dish.ts';

/** Two foods with different times in one pot: the second goes in twenty minutes later. */
export const twoPulsePot: Revision = {
  name: 'Split chickpeas and mung in one pot',
  portions: 8,
  component: yielding(
    'Split chickpeas and mung in one pot',
    'Two-pulse pot',
    'legume',
    'Loosen with water, heat right through.',
  ),
  vessel: 'pot',
  lines: [
    line('split chickpeas', '250', 'g', inProportion, 'first', { form: 'rinsed', becomes: becomes(2.5) }),
    line('mung beans', '200', 'g', inProportion, 'soak', { form: 'soaked, rinsed', becomes: becomes(3.3) }),
    line('onion', '200', 'g', inProportion, 'cut', { form: 'in small cubes', prepared: true }),
    line('carrot', '200', 'g', inProportion, 'cut', { form: 'in small cubes', prepared: true, becomes: becomes(0.9) }),
    line('water', '1.4', 'L', inProportion, 'first', { form: 'from the kettle' }),
    {
      ...line('water', '150', 'mL', { law: 'pot and minute', boil: 'gentle simmer', minutes: 45 }, 'first', {
        form: 'for the steam',
      }),
      id: 'steam',
    },
    line('turmeric', '1', 'tsp', slower, 'first'),
    line('salt', '3 1/2', 'tsp', toTaste, 'season'),
    line('lemon juice', '3', 'tbsp', inProportion, 'season'),
  ],
  steps: [
    {
      kind: 'ahead',
      id: 'soak',
      name: 'Soak the mung beans',
      after: [],
      per: 'batch',
      hours: { least: 6, most: 20 },
    },
    work('cut', 'Cut onion and carrots into small cubes', byAmount(2, 12), hands),
    work('first', 'Split chickpeas, vegetables, turmeric and water on the hob', fixed(3), hands, [after('cut')]),
    work('alone', 'Split chickpeas simmering alone', fixed(20, 18, 25), look(8), [after('first', 0, 0)], {
      cue: 'the water is yellow and thick at the edge',
    }),
    work('second', 'Drained mung beans into the same pot', fixed(1), hands, [after('alone', 0, 3), after('soak')]),
    work('both', 'Both simmering on', fixed(25, 20, 32), look(5), [after('second', 0, 0)], {
      cue: 'a mung bean gives between two fingers, the split chickpeas just hold',
    }),
    work('season', 'Salt by halves, lemon juice; taste', fixed(4), hands, [after('both', 0, 10)], {
      cautions: ['cooling'],
    }),
  ],
  uses: [{ station: 'burner', from: 'first', to: 'season' }],
};

/** One recipe, told as a soup or a stew, from dry lentils or from tins; what is stored is stopped short. */
export const lentilPot: Revision = {
  name: 'Lentils with swede',
  portions: 5,
  component: yielding(
    'Lentils with swede',
    'Lentil and swede soup',
    'dish',
    'Heat right through; thicker from day to day.',
  ),
  vessel: 'pot',
  versionName: 'as a soup',
  versions: [
    {
      id: 'stew',
      name: 'as a stew',
      lines: [{ line: 'water', amount: { n: '800', unit: 'mL' } }],
      without: [],
      skips: [],
    },
    {
      id: 'tins',
      name: 'from tins',
      lines: [
        {
          line: 'lentils',
          food: bookFood('canned lentils').id,
          amount: { n: '720', unit: 'g' },
          form: 'drained, rinsed',
          becomes: becomes(1),
        },
        { line: 'water', amount: { n: '800', unit: 'mL' } },
      ],
      without: [],
      skips: ['lentils'],
    },
  ],
  lines: [
    line('lentils', '250', 'g', inProportion, 'pot', { form: 'rinsed', becomes: becomes(3.02) }),
    line('swede', '500', 'g', inProportion, 'cut', { form: 'in 1.5 cm cubes', prepared: true }),
    line('leek', '200', 'g', inProportion, 'cut', { form: 'in rings', prepared: true, becomes: becomes(0.85) }),
    line('rapeseed oil', '2', 'tbsp', inProportion, 'sweat'),
    line('water', '1.3', 'L', inProportion, 'pot'),
    line('savory', '1', 'tsp', slower, 'pot'),
    line('salt', '3', 'tsp', toTaste, 'season'),
    line('cider vinegar', '1', 'tbsp', inProportion, 'season', {
      between: { from: { n: '1/2', unit: 'tbsp' }, to: { n: '1 1/2', unit: 'tbsp' } },
    }),
  ],
  steps: [
    work('cut', 'Cut swede and leek', byAmount(3, 10), hands),
    work('sweat', 'Sweat the leek in the oil', fixed(6, 5, 8), hands, [after('cut')]),
    work('pot', 'Lentils, swede, savory and water into the pot', fixed(3), hands, [after('sweat', 0, 0)]),
    work('lentils', 'Lentils softening by themselves', fixed(18, 15, 22), look(6), [after('pot', 0, 0)]),
    work(
      'swede',
      'Simmer until the swede gives',
      { law: 'by piece size', minutes: window(12, 15, 18), atCm: 1.5, cm: 1.5, medium: 'water' },
      look(5),
      [after('lentils', 0, 0)],
      { cue: 'a knife goes in with a little push', stopAt: 0.9 },
    ),
    work('season', 'Salt by halves, a little vinegar; taste', fixed(3), hands, [after('swede', 0, 10)], {
      cautions: ['cooling'],
    }),
  ],
  uses: [{ station: 'burner', from: 'sweat', to: 'season' }],
};

/** The cooking water of the roots becomes their sauce. */
export const celeriacInItsSauce: Revision = {
  name: 'Celeriac in its own mustard sauce',
  portions: 6,
  component: yielding(
    'Celeriac in its own mustard sauce',
    'Celeriac in mustard sauce',
    'roots',
    'Whisk in a little water, warm slowly.',
    {
      fridgeDays: leftoverDays,
    },
  ),
  vessel: 'pot',
  lines: [
    line('celeriac', '900', 'g', inProportion, 'cut', {
      form: 'in 2 cm cubes',
      prepared: true,
      becomes: becomes(0.95),
    }),
    line('water', '1.2', 'L', inProportion, 'boil', { form: 'from the kettle' }),
    line('plant margarine', '40', 'g', inProportion, 'roux'),
    line('wheat flour', '45', 'g', inProportion, 'roux'),
    line('mustard', '2', 'tbsp', slower, 'finish'),
    line('salt', '1 1/2', 'tsp', toTaste, 'finish'),
    {
      ...line('parsley', '20', 'g', inProportion, 'finish', { form: 'chopped' }),
      into: [
        { step: 'finish', share: '2/3' },
        { step: 'top', share: '1/3' },
      ],
    },
  ],
  steps: [
    work('cut', 'Peel the celeriac, cut it into cubes', byAmount(3, 9), hands),
    work('boil', 'Celeriac into boiling water', fixed(2), hands, [after('cut')]),
    work(
      'soft',
      'Celeriac boiling',
      { law: 'by piece size', minutes: window(10, 12, 15), atCm: 2, cm: 2, medium: 'water' },
      nobody,
      [after('boil', 0, 0)],
      {
        cue: 'tender to a fork, not falling apart',
      },
    ),
    work('drain', 'Drain the celeriac over a bowl', fixed(2), hands, [after('soft', 0, 5)], {
      gives: [
        { name: 'celeriac cooking water', amount: { n: '500', unit: 'mL' }, goes: { to: 'step', step: 'whisk' } },
        {
          name: 'celeriac stock, the rest',
          amount: { n: '500', unit: 'mL' },
          goes: {
            to: 'shelf',
            keepsDays: { value: 3, source: 'USDA FSIS leftovers guidance (from memory), the short end' },
          },
        },
      ],
    }),
    work('roux', 'Melt the margarine, stir in the flour', fixed(3), hands, [after('drain', 0, null)]),
    work('whisk', 'Whisk in the kept cooking water; let it bubble', fixed(5, 4, 7), hands, [after('roux', 0, 0)], {
      cue: 'it has bubbled for a whole minute',
    }),
    work(
      'finish',
      'Mustard, salt by halves and most of the parsley; fold the celeriac in',
      fixed(3),
      hands,
      [after('whisk', 0, 5)],
      {
        cautions: ['cooling'],
      },
    ),
    work('top', 'The rest of the parsley on top', fixed(1), hands, [after('finish', 0, null)]),
  ],
  uses: [
    { station: 'strainer', from: 'drain', to: 'drain', wash: 1 },
    { station: 'burner', from: 'boil', to: 'drain' },
    { station: 'burner', from: 'roux', to: 'finish' },
  ],
};

/** Wine never boils off wholly. */
export const cabbageInCider: Revision = {
  name: 'Cabbage braised in cider',
  portions: 6,
  component: yielding('Cabbage braised in cider', 'Cabbage in cider', 'greens', 'Heat in a covered pan.'),
  vessel: 'pot',
  lines: [
    line('cabbage', '900', 'g', inProportion, 'cut', { form: 'in strips', prepared: true, becomes: becomes(0.85) }),
    line('onion', '150', 'g', inProportion, 'cut', { form: 'in half rings', prepared: true, becomes: becomes(0.8) }),
    line('apple', '200', 'g', inProportion, 'cut', { form: 'in slices', prepared: true }),
    line('rapeseed oil', '2', 'tbsp', inProportion, 'sweat'),
    line('dry cider', '300', 'mL', inProportion, 'braise', { becomes: becomes(0.5) }),
    line('caraway', '1', 'tsp', slower, 'braise'),
    line('salt', '1 3/4', 'tsp', toTaste, 'season'),
    line('hazelnuts', '40', 'g', inProportion, 'season', { form: 'roughly chopped', optional: true }),
  ],
  steps: [
    work('cut', 'Shred the cabbage, cut onion and apple', byAmount(3, 9), hands),
    work('sweat', 'Sweat onion and cabbage in the oil', fixed(8, 6, 10), hands, [after('cut')]),
    work('braise', 'Pour in the cider, caraway over it, lid on', fixed(1), hands, [after('sweat', 0, 0)]),
    work('covered', 'Cabbage braising', fixed(25, 20, 30), look(10), [after('braise', 0, 0)], {
      cue: 'soft with a little bite',
    }),
    work(
      'season',
      'Salt by halves; hazelnuts on top for whoever may eat them',
      fixed(3),
      hands,
      [after('covered', 0, 15)],
      {
        cautions: ['cooling'],
      },
    ),
  ],
  uses: [{ station: 'burner', from: 'sweat', to: 'covered' }],
};
