import type { Revision } from '@kestrel-ridge/core/recipe';
import {
  after,
  becomes,
  byAmount,
  fixed,
  hands,
  inProportion,
  line,
  slower,
  toTaste,
  window,
  work,
} from '@kestrel-ridge/core/recipe/write';
import { yielding } from './dish.ts';

/** Browned in the sealed cooker before its lid goes on: what sticks to the base is loosened first. */
export const peasOnBrownedLeek: Revision = {
  name: 'Black-eyed peas on browned leek',
  portions: 8,
  component: yielding(
    'Black-eyed peas on browned leek',
    'Black-eyed peas with leek',
    'legume',
    'Heat right through, a splash of water if it has set.',
  ),
  vessel: 'cooker',
  lines: [
    line('black-eyed peas', '500', 'g', inProportion, 'fill', {
      form: 'rinsed',
      becomes: { value: 2.94, source: 'computed from water contents of USDA FoodData Central SR Legacy (from memory)' },
    }),
    line('leek', '300', 'g', inProportion, 'cut', { form: 'in rings', prepared: true, becomes: becomes(0.7) }),
    line('rapeseed oil', '2', 'tbsp', inProportion, 'brown'),
    line('tomato paste', '3', 'tbsp', inProportion, 'brown', { becomes: becomes(0.9) }),
    line('caraway', '1', 'tsp', slower, 'brown'),
    line('water', '1', 'L', inProportion, 'fill', { form: 'from the kettle' }),
    line('salt', '2 1/2', 'tsp', toTaste, 'season'),
    line('cider vinegar', '1', 'tbsp', inProportion, 'season'),
  ],
  steps: [
    work('cut', 'Cut the leek into rings', byAmount(2, 8), hands),
    work('brown', 'Brown leek, caraway and tomato paste in the open cooker', fixed(8, 6, 10), hands, [after('cut')], {
      per: 'load',
      cue: 'the paste turns brick red and begins to stick',
    }),
    work('fill', 'Loosen the base with water, peas in', fixed(2), hands, [after('brown', 0, 5)], { per: 'load' }),
    {
      kind: 'pressure',
      id: 'press',
      name: 'black-eyed peas',
      after: [after('fill', 0, 5)],
      per: 'load',
      hold: window(10, 12, 15),
      release: { how: 'timed', minutes: 10 },
      water: 'kettle',
    },
    work('season', 'Salt by halves and vinegar; taste; into shallow boxes', fixed(4), hands, [after('press', 0, 20)], {
      per: 'load',
      cautions: ['cooling'],
    }),
  ],
  uses: [{ station: 'cooker', from: 'brown', to: 'press', wash: 5, group: 'peas' }],
};
