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
  look,
  nobody,
  perLoad,
  slower,
  twoMonths,
  window,
  work,
} from '../write/index.ts';

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
  methodName: 'in the sealed cooker',
  methods: [
    {
      id: 'hob',
      name: 'on the hob',
      vessel: 'pot',
      lines: [{ line: 'water', form: 'boiling' }],
      steps: [
        work('rinse', 'Rinse the millet', byAmount(2, 2), hands),
        work('press', 'Millet, water, salt and bay on the hob, lid on', fixed(3), hands, [after('rinse', 0, 20)]),
        work('simmer', 'Millet simmering under its lid', fixed(18, 15, 22), look(8), [after('press', 0, 0)], {
          cue: 'no water left, grains open',
        }),
        work('stand', 'Millet standing off the heat', fixed(10, 8, 20), nobody, [after('simmer', 0, 2)]),
        work(
          'loosen',
          'Fork the millet loose, bay out, spread in shallow boxes',
          fixed(4),
          hands,
          [after('stand', 0, 15)],
          {
            cautions: ['grain', 'cooling'],
          },
        ),
      ],
      uses: [{ station: 'burner', from: 'press', to: 'simmer' }],
    },
    {
      id: 'rice-cooker',
      name: 'in the rice cooker',
      vessel: 'rice cooker',
      lines: [{ line: 'water', form: 'cold' }],
      steps: [
        work('rinse', 'Rinse the millet', byAmount(2, 2), hands, [], { per: 'load' }),
        work(
          'press',
          'Millet, water, salt and bay into the rice cooker, switch it on',
          fixed(2),
          hands,
          [after('rinse', 0, 20)],
          {
            per: 'load',
          },
        ),
        work('cook', 'Rice cooker at work', fixed(30, 25, 40), nobody, [after('press', 0, 0)], {
          per: 'load',
          cue: 'it switches itself to warm',
        }),
        work(
          'loosen',
          'Fork the millet loose, bay out, spread in shallow boxes',
          fixed(4),
          hands,
          [after('cook', 5, 30)],
          {
            per: 'load',
            cautions: ['grain', 'cooling'],
          },
        ),
      ],
      uses: [{ station: 'rice cooker', from: 'press', to: 'loosen', wash: 3, group: 'millet' }],
    },
  ],
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
      },
    ),
    line('salt', '1 3/4', 'tsp', slower, 'press'),
    line('bay leaf', '2', 'each', perLoad, 'press', {
      comesOut: true,
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
