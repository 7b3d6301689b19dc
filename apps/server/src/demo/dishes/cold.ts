import { bookFood } from '@kestrel-ridge/core/food';
import type { Revision } from '@kestrel-ridge/core/recipe';
import {
  after,
  becomes,
  byAmount,
  componentId,
  fixed,
  hands,
  inProportion,
  line,
  slower,
  toTaste,
  work,
} from '@kestrel-ridge/core/recipe/write';
import { yielding } from './dish.ts';

/** So little that the blades catch nothing: the jug asks for a bigger batch. */
export const hazelnutCream: Revision = {
  name: 'Hazelnut and garlic cream',
  portions: 4,
  component: yielding('Hazelnut and garlic cream', 'Hazelnut cream', 'sauce', 'Stir; it thickens in the cold.', {
    fridgeDays: { value: 4, source: 'US extension advice (from memory): garlic in oil, at most 4 days' },
    eatenCold: true,
    freezerDays: { value: 30, source: 'common practice, no published source' },
  }),
  vessel: 'jug',
  lines: [
    line('hazelnuts', '60', 'g', inProportion, 'blend', { form: 'toasted' }),
    line('garlic', '3', 'g', inProportion, 'blend', { prepared: true }),
    line('rapeseed oil', '2', 'tbsp', inProportion, 'blend'),
    line('water', '90', 'mL', inProportion, 'blend'),
    line('lemon juice', '1', 'tbsp', inProportion, 'blend'),
    line('salt', '1/3', 'tsp', toTaste, 'taste'),
  ],
  steps: [
    work('blend', 'Blend the cream smooth', fixed(4), hands, [], { per: 'load' }),
    work('taste', 'Salt by halves; into a small box', fixed(2), hands, [after('blend', 0, 30)]),
  ],
  uses: [{ station: 'jug', from: 'blend', to: 'taste', wash: 3 }],
};

/** A salad whose leaf is whatever must go; the zest is taken off before the juice. */
export const farroSalad: Revision = {
  name: 'Farro salad with the leaf that must go',
  portions: 6,
  component: yielding(
    'Farro salad with the leaf that must go',
    'Farro salad',
    'grain',
    'Out of the fridge a quarter of an hour before.',
    {
      freezerDays: { value: 0, source: 'common practice, no published source: the leaf does not freeze' },
      eatenCold: true,
    },
  ),
  vessel: 'pot',
  lines: [
    line('pearled farro', '300', 'g', inProportion, 'boil', { form: 'rinsed', becomes: becomes(2.4) }),
    line('water', '1.8', 'L', inProportion, 'boil'),
    {
      ...line('kale', '150', 'g', inProportion, 'cut', { form: 'in fine strips', prepared: true }),
      id: 'leaf',
      slot: { role: 'bulk', allowed: ['kale', 'chard', 'spinach', 'rocket'].map((name) => bookFood(name).id) },
    },
    line('lemon', '1', 'each', inProportion, 'zest', { form: 'zest first, then juice', becomes: becomes(0.4) }),
    line('sunflower oil', '3', 'tbsp', inProportion, 'dress'),
    line('mustard', '2', 'tsp', slower, 'dress'),
    line('salt', '1 1/4', 'tsp', toTaste, 'dress'),
    line('dried cranberries', '50', 'g', inProportion, 'dress', { optional: true }),
  ],
  steps: [
    work('boil', 'Farro into plenty of boiling water', fixed(2), hands),
    work('soft', 'Farro boiling', fixed(22, 18, 28), { needs: 'nobody' }, [after('boil', 0, 0)], {
      cue: 'soft with a bite',
    }),
    work('cut', 'Cut the leaf into fine strips', byAmount(3, 20), hands),
    work('zest', 'Zest the lemon, then press it', fixed(3), hands, [], {
      gives: [{ name: 'lemon zest', amount: { n: '1', unit: 'tbsp' }, goes: { to: 'step', step: 'dress' } }],
    }),
    work('drain', 'Drain the farro, rinse it cold', fixed(2), hands, [after('soft', 0, 5)], { cautions: ['grain'] }),
    work(
      'dress',
      'Stir the dressing, turn farro and leaf in it',
      fixed(4),
      hands,
      [after('drain'), after('cut'), after('zest')],
      {
        cautions: ['cooling'],
      },
    ),
  ],
  uses: [
    { station: 'strainer', from: 'drain', to: 'drain', wash: 1 },
    { station: 'burner', from: 'boil', to: 'drain' },
  ],
};

const part = (component: string) => componentId(component);

/** Put together by the piece from what stands in boxes; the pan seals one at a time. */
export const ridgeWrap: Revision = {
  name: 'Ridge wrap',
  portions: 4,
  component: yielding('Ridge wrap', 'Ridge wraps', 'dish', 'Seal again in a dry pan for a minute a side.', {
    fridgeDays: { value: 2, source: 'common practice, no published source' },
  }),
  vessel: 'pot',
  unit: { name: 'wrap', perDish: 6, perPan: 1 },
  lines: [
    line('flatbread', '4', 'each', inProportion, 'fill'),
    {
      ...line('millet', '360', 'g', inProportion, 'fill', { form: 'cooked' }),
      id: 'millet',
      food: part('Millet with bay'),
    },
    { ...line('kale', '240', 'g', inProportion, 'fill'), id: 'greens', food: part('Kale with leek') },
    {
      ...line('mustard', '160', 'g', inProportion, 'fill'),
      id: 'sauce',
      food: part('Sunflower-seed sauce with mustard'),
    },
    line('sauerkraut', '80', 'g', inProportion, 'fill', { optional: true }),
  ],
  steps: [
    work('fill', 'Fill and roll the wraps', byAmount(1, 6), hands),
    work('seal', 'Seal them seam down in a dry pan, one at a time', byAmount(1, 8), hands, [after('fill', 0, 10)]),
  ],
  uses: [{ station: 'burner', from: 'seal', to: 'seal' }],
};

/** A plate of what stands in boxes. */
export const hutPlate: Revision = {
  name: 'Hut plate',
  portions: 1,
  component: yielding('Hut plate', 'Hut plate', 'dish', 'At once.', {
    fridgeDays: { value: 1, source: 'common practice, no published source' },
  }),
  vessel: 'pot',
  unit: { name: 'plate' },
  lines: [
    { ...line('millet', '160', 'g', inProportion, 'plate'), id: 'grain', food: part('Millet with bay') },
    { ...line('lentils', '150', 'g', inProportion, 'plate'), id: 'beans', food: part('Borlotti with onion') },
    { ...line('kale', '100', 'g', inProportion, 'plate'), id: 'greens', food: part('Kale with leek') },
    {
      ...line('mustard', '45', 'g', inProportion, 'plate'),
      id: 'sauce',
      food: part('Sunflower-seed sauce with mustard'),
    },
  ],
  steps: [work('plate', 'Warm the parts, sauce last', fixed(6, 5, 8), hands, [], { cautions: ['reheat'] })],
  uses: [{ station: 'burner', from: 'plate', to: 'plate' }],
};
