import type { Revision } from '../revision.ts';
import {
  after,
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
} from './write.ts';

export const millet: Revision = {
  name: 'Millet with bay',
  portions: 8,
  component: {
    id: componentId('Millet with bay'),
    name: 'Millet',
    kind: 'grain',
    fridgeDays: leftoverDays,
    freezerDays: twoMonths,
    beforeEating: 'Loosen with a spoon of water a cup, heat right through.',
  },
  vessel: 'cooker',
  lines: [
    line('millet', '2', 'cup', inProportion, 'rinse', {
      form: 'rinsed',
      becomes: { value: 3.19, source: 'computed from water contents of USDA FoodData Central SR Legacy (from memory)' },
    }),
    line(
      'water',
      '4',
      'cup',
      { law: 'water for grain', grain: 'millet', packet: { grainCups: '1', waterCups: '2' } },
      'press',
      {
        form: 'from the kettle',
        becomes: { value: 0, source: 'counted with the grain' },
      },
    ),
    line('salt', '1/2', 'tsp', slower, 'press'),
    line('bay leaf', '2', 'each', perLoad, 'press', {
      comesOut: true,
      becomes: { value: 0, source: 'comes out again' },
    }),
  ],
  steps: [
    work('rinse', 'Rinse the millet', byAmount(2, 2), hands, [], { per: 'load' }),
    {
      kind: 'pressure',
      id: 'press',
      name: 'millet',
      after: [after('rinse', 0, 20)],
      per: 'load',
      hold: window(8, 9, 10),
      release: { how: 'natural' },
      water: 'kettle',
    },
    work(
      'loosen',
      'Fork the millet loose, bay out, spread in shallow boxes',
      fixed(4),
      hands,
      [after('press', 0, 15)],
      {
        per: 'load',
        cautions: ['grain', 'cooling'],
      },
    ),
  ],
  uses: [{ station: 'cooker', from: 'press', to: 'press', wash: 4, group: 'millet' }],
};
