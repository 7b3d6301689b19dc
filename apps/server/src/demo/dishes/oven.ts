import { bookFood } from '@kestrel-ridge/core/food';
import type { Revision } from '@kestrel-ridge/core/recipe';
import {
  after,
  becomes,
  byAmount,
  byLoad,
  byPieceSize,
  fixed,
  hands,
  inProportion,
  line,
  look,
  nobody,
  slower,
  window,
  work,
} from '@kestrel-ridge/core/recipe/write';
import { yielding } from './dish.ts';

const ROOTS = ['parsnip', 'celeriac', 'swede', 'kohlrabi', 'carrot', 'parsley root'];

/** Whatever root must go first, in the oven or the air fryer. */
export const whateverRoot: Revision = {
  name: 'Tray of whatever root must go',
  portions: 6,
  component: yielding(
    'Tray of whatever root must go',
    'Roast roots of the week',
    'roots',
    'Crisp again in a hot pan for 3 minutes.',
  ),
  vessel: 'tray',
  methodName: 'in the oven',
  methods: [
    {
      id: 'air-fryer',
      name: 'in the air fryer',
      vessel: 'air fryer',
      lines: [],
      steps: [
        work('cut', 'Cut the root into cubes, turn in oil and thyme', byAmount(3, 9), hands),
        work(
          'roast',
          'Root in the air fryer, shaken halfway',
          byPieceSize(window(14, 16, 20), 2, 2, 'fan oven'),
          look(8),
          [after('cut')],
          {
            per: 'load',
            cue: 'brown at the edges',
          },
        ),
        work('spread', 'Spread the roots to cool', fixed(2), hands, [after('roast', 0, 15)], { cautions: ['cooling'] }),
      ],
      uses: [{ station: 'air fryer', from: 'roast', to: 'roast', celsius: 190 }],
    },
  ],
  lines: [
    {
      ...line('parsnip', '900', 'g', inProportion, 'cut', {
        form: 'in 2 cm cubes',
        prepared: true,
        becomes: becomes(0.72),
      }),
      id: 'root',
      slot: { role: 'bulk', allowed: ROOTS.map((name) => bookFood(name).id) },
    },
    line('rapeseed oil', '2', 'tbsp', inProportion, 'cut'),
    line('thyme', '1', 'tsp', slower, 'cut'),
    line('salt', '1', 'tsp', slower, 'cut'),
  ],
  steps: [
    work('cut', 'Cut the root into cubes, turn in oil and thyme', byAmount(3, 9), hands),
    work('roast', 'Root in the oven', byPieceSize(window(22, 28, 35), 2, 2, 'oven'), nobody, [after('cut')], {
      cue: 'brown at the edges, a knife slides in',
      cautions: ['hot oven'],
      stopAt: 0.9,
    }),
    work('spread', 'Spread the roots to cool', fixed(2), hands, [after('roast', 0, 15)], { cautions: ['cooling'] }),
  ],
  uses: [{ station: 'oven', from: 'roast', to: 'roast', celsius: 200, toleranceC: 15 }],
};

/** A bake in a tin: another tin asks for another amount, and the same minutes. */
export const milletBake: Revision = {
  name: 'Millet and leek tin bake',
  portions: 6,
  component: yielding(
    'Millet and leek tin bake',
    'Millet bake',
    'dish',
    'A square in a hot oven for 12 minutes, or cold.',
  ),
  vessel: 'tray',
  pan: { shape: 'rectangle', lengthCm: 33, widthCm: 23 },
  lines: [
    line('millet', '350', 'g', inProportion, 'simmer-on', { form: 'rinsed', becomes: becomes(3) }),
    line('water', '900', 'mL', inProportion, 'simmer-on', { form: 'from the kettle', becomes: becomes(0.15) }),
    line('leek', '400', 'g', inProportion, 'cut', { form: 'in fine rings', prepared: true, becomes: becomes(0.75) }),
    line('rapeseed oil', '3', 'tbsp', inProportion, 'sweat'),
    line('ground flax', '3', 'tbsp', inProportion, 'bind'),
    { ...line('water', '9', 'tbsp', inProportion, 'bind', { becomes: becomes(1) }), id: 'binder-water' },
    line('nutmeg', '1/2', 'tsp', slower, 'bind'),
    line('salt', '2 1/2', 'tsp', slower, 'bind'),
    line('sunflower seeds', '40', 'g', inProportion, 'press', { form: 'to scatter', optional: true }),
  ],
  steps: [
    work('simmer-on', 'Millet and water on the hob', fixed(2), hands),
    work('simmer', 'Millet swelling under its lid', fixed(20, 18, 24), nobody, [after('simmer-on', 0, 0)], {
      cue: 'no water left',
    }),
    work('cut', 'Cut the leek into fine rings', byAmount(2, 8), hands),
    work('sweat', 'Sweat the leek in the oil', fixed(8, 7, 10), hands, [after('cut')]),
    work('bind', 'Stir flax, its water, nutmeg and salt; wait until it draws threads', fixed(8, 6, 10), look(4)),
    work('press', 'Mix everything, press it into the tin, seeds on top', byAmount(4, 2), hands, [
      after('simmer', 0, 30),
      after('sweat'),
      after('bind', 0, 30),
    ]),
    work('bake', 'Millet bake in the oven', fixed(32, 28, 38), nobody, [after('press', 0, 30)], {
      cue: 'firm in the middle, brown on top',
      cautions: ['hot oven'],
    }),
    work('cool', 'Leave it standing, then cut squares', fixed(3), hands, [after('bake', 10, 40)], {
      cautions: ['grain', 'cooling'],
    }),
  ],
  uses: [
    { station: 'burner', from: 'simmer-on', to: 'simmer' },
    { station: 'burner', from: 'sweat', to: 'sweat' },
    { station: 'oven', from: 'bake', to: 'bake', celsius: 190, toleranceC: 10 },
  ],
};

/** Shaped things with a binder, fried by the pan. */
export const swedeFritters: Revision = {
  name: 'Swede and buckwheat fritters',
  portions: 4,
  component: yielding(
    'Swede and buckwheat fritters',
    'Swede fritters',
    'dish',
    'Crisp again in a dry pan for 3 minutes a side.',
  ),
  vessel: 'pan',
  lines: [
    line('swede', '700', 'g', inProportion, 'grate', {
      form: 'coarsely grated',
      prepared: true,
      becomes: becomes(0.85),
    }),
    line('onion', '120', 'g', inProportion, 'grate', { form: 'grated', prepared: true, becomes: becomes(0.85) }),
    line('buckwheat flour', '120', 'g', inProportion, 'mix'),
    line('ground flax', '2', 'tbsp', inProportion, 'bind'),
    line('water', '6', 'tbsp', inProportion, 'bind'),
    line('marjoram', '1', 'tsp', slower, 'mix'),
    line('salt', '1 1/2', 'tsp', slower, 'mix'),
    line('sunflower oil', '2', 'tbsp', { law: 'per load' }, 'fry'),
  ],
  steps: [
    work('bind', 'Stir flax into its water', fixed(1), hands),
    work('rest', 'Binder thickening', fixed(8, 5, 10), nobody, [after('bind', 0, 0)], { cue: 'it draws threads' }),
    work('grate', 'Grate swede and onion', byAmount(2, 12), hands, [], {
      gives: [{ name: 'swede peel', amount: { n: '100', unit: 'g' }, goes: { to: 'away' } }],
    }),
    work('mix', 'Mix everything to a soft dough', fixed(4), hands, [after('rest', 0, 40), after('grate')]),
    work('fry', 'Fry the fritters, one pan after the other', byLoad(2, 14), hands, [after('mix', 0, 30)], {
      cue: 'deep brown on both sides',
    }),
    work('spread', 'Lay them out to cool, not on each other', fixed(2), hands, [after('fry', 0, 10)], {
      cautions: ['cooling'],
    }),
  ],
  uses: [{ station: 'burner', from: 'fry', to: 'fry' }],
};

/** Baked until they are dry: they stand in the cupboard, and nobody warms them. */
export const ryeCrackers: Revision = {
  name: 'Rye crackers with seeds',
  portions: 8,
  component: yielding('Rye crackers with seeds', 'Rye crackers', 'grain', 'As they are; they stay crisp in a tin.', {
    fridgeDays: { value: 14, source: 'common practice, no published source: dry and crisp' },
    cupboardDays: { value: 14, source: 'common practice, no published source: dry and crisp' },
    freezerDays: { value: 60, source: 'FoodSafety.gov cold storage chart (from memory): bread' },
    eatenCold: true,
  }),
  vessel: 'tray',
  lines: [
    line('rye flour', '200', 'g', inProportion, 'mix'),
    line('sunflower seeds', '60', 'g', inProportion, 'mix'),
    line('flaxseed', '40', 'g', inProportion, 'mix'),
    line('rapeseed oil', '4', 'tbsp', inProportion, 'mix'),
    line('water', '200', 'mL', inProportion, 'mix', { becomes: becomes(0.08) }),
    line('salt', '3/4', 'tsp', slower, 'mix'),
  ],
  steps: [
    work('mix', 'Mix everything to a soft dough', byAmount(4, 2), hands),
    work('swell', 'Dough swelling', fixed(15, 10, 40), nobody, [after('mix', 0, 0)], { cue: 'it holds together' }),
    work('spread', 'Spread it thinly on the tray, score it', byAmount(4, 6), hands, [after('swell', 0, 60)]),
    work('bake', 'Crackers drying in the oven', fixed(50, 45, 60), nobody, [after('spread', 0, 30)], {
      cue: 'dry to the touch, they break with a snap',
      cautions: ['hot oven'],
    }),
    work('break', 'Let them get cold, break them', fixed(3), hands, [after('bake', 10, 60)]),
  ],
  uses: [{ station: 'oven', from: 'bake', to: 'bake', celsius: 170, toleranceC: 10 }],
};
