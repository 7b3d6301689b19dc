import { bookFoodId } from '../../food/index.ts';
import type { Revision } from '../revision.ts';
import {
  after,
  becomes,
  byAmount,
  componentId,
  fixed,
  hands,
  inProportion,
  leftoverDays,
  line,
  perLoad,
  slower,
  twoMonths,
  window,
  work,
} from '../write/index.ts';

export const borlotti: Revision = {
  name: 'Borlotti with onion',
  portions: 8,
  component: {
    id: componentId('Borlotti with onion'),
    name: 'Borlotti',
    kind: 'legume',
    fridgeDays: leftoverDays,
    freezerDays: twoMonths,
    beforeEating: 'Heat right through in their liquid.',
  },
  vessel: 'cooker',
  versionName: 'from dry beans',
  versions: [
    {
      id: 'tins',
      name: 'from tins',
      lines: [
        {
          line: 'borlotti beans',
          food: bookFoodId('canned borlotti'),
          // 500 g dry × 2.48, as they weigh cooked: a little over five drained cans of 240 g.
          amount: { n: '1240', unit: 'g' },
          form: 'drained, rinsed',
          becomes: becomes(1),
        },
        { line: 'water', amount: { n: '250', unit: 'mL' } },
      ],
      without: [],
      skips: ['soak', 'drain', 'press'],
    },
  ],
  lines: [
    line('borlotti beans', '500', 'g', inProportion, 'soak', {
      form: 'dry, to be soaked',
      becomes: { value: 2.48, source: 'computed from water contents of USDA FoodData Central SR Legacy (from memory)' },
    }),
    line('onion', '220', 'g', inProportion, 'chop', { form: 'chopped small', prepared: true }),
    line('garlic', '12', 'g', inProportion, 'chop', { form: 'chopped', prepared: true }),
    line('water', '500', 'mL', inProportion, 'press', { form: 'from the kettle' }),
    line('bay leaf', '2', 'each', perLoad, 'press', { comesOut: true }),
    line('salt', '2 1/2', 'tsp', slower, 'season'),
    line('cider vinegar', '2', 'tbsp', inProportion, 'season'),
  ],
  steps: [
    {
      kind: 'ahead',
      id: 'soak',
      name: 'Soak the borlotti in three times their bulk of water',
      after: [],
      per: 'batch',
      hours: { least: 8, most: 20 },
      cautions: ['beans'],
    },
    work('drain', 'Drain the borlotti, throw the water away, rinse', fixed(3), hands, [], { cautions: ['beans'] }),
    work('chop', 'Chop onion and garlic', byAmount(2, 12), hands),
    {
      kind: 'pressure',
      id: 'press',
      name: 'borlotti',
      after: [after('drain'), after('chop')],
      per: 'load',
      hold: window(10, 12, 15),
      release: { how: 'natural' },
      water: 'kettle',
      cautions: ['beans'],
    },
    work('season', 'Season the borlotti, bay out, into shallow boxes', fixed(5), hands, [after('press', 0, 20)], {
      per: 'load',
      cautions: ['cooling'],
    }),
  ],
  uses: [
    { station: 'cooker', from: 'press', to: 'press', wash: 5, group: 'borlotti' },
    { station: 'strainer', from: 'drain', to: 'drain', wash: 1 },
  ],
};
