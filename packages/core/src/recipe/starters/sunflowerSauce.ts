import type { Revision } from '../revision.ts';
import {
  after,
  becomes,
  byAmount,
  componentId,
  fixed,
  hands,
  inProportion,
  line,
  nobody,
  slower,
  work,
} from '../write/index.ts';

export const sunflowerSauce: Revision = {
  name: 'Sunflower-seed sauce with mustard',
  portions: 12,
  component: {
    id: componentId('Sunflower-seed sauce with mustard'),
    name: 'Sunflower sauce',
    kind: 'sauce',
    fridgeDays: { value: 4, source: 'USDA FSIS leftovers guidance (from memory)' },
    freezerDays: { value: 30, source: 'common practice, no published source' },
    beforeEating: 'Thickens in the cold: whisk in a little water.',
  },
  vessel: 'jug',
  lines: [
    line('sunflower seeds', '160', 'g', inProportion, 'pan', { becomes: becomes(1.4) }),
    line('onion', '100', 'g', inProportion, 'pan', { form: 'in quarters', prepared: true }),
    line('garlic', '9', 'g', inProportion, 'pan', { prepared: true }),
    line('water', '400', 'mL', inProportion, 'pan'),
    line('rapeseed oil', '2', 'tbsp', inProportion, 'blend'),
    line('cider vinegar', '2', 'tbsp', inProportion, 'blend'),
    line('mustard', '2', 'tsp', slower, 'blend'),
    line('salt', '1 1/4', 'tsp', slower, 'blend'),
  ],
  steps: [
    work('pan', 'Seeds, onion, garlic and water into a pan', byAmount(2, 3), hands),
    work('simmer', 'Seeds simmering', fixed(12, 10, 15), nobody, [after('pan', 0, 0)], {
      cue: 'a seed crushes between two fingers',
    }),
    work('blend', 'Blend the sunflower sauce smooth', fixed(5), hands, [after('simmer', 0, 15)], {
      per: 'load',
      cautions: ['hot blend'],
    }),
    work('pour', 'Pour the sauce into a box', fixed(2), hands, [after('blend', 0, 15)], {
      per: 'load',
      cautions: ['cooling'],
    }),
  ],
  uses: [
    { station: 'burner', from: 'pan', to: 'simmer' },
    { station: 'jug', from: 'blend', to: 'pour', wash: 3, group: 'sunflower sauce' },
  ],
};
