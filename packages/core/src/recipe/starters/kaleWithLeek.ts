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
  slower,
  twoMonths,
  work,
} from '../write/index.ts';

export const kaleWithLeek: Revision = {
  name: 'Kale with leek',
  portions: 6,
  component: {
    id: componentId('Kale with leek'),
    name: 'Kale and leek',
    kind: 'greens',
    fridgeDays: leftoverDays,
    freezerDays: twoMonths,
    beforeEating: 'Heat right through in a pan.',
  },
  vessel: 'pot',
  lines: [
    line('leek', '300', 'g', inProportion, 'slice', {
      form: 'in rings, washed',
      prepared: true,
      becomes: becomes(0.8),
    }),
    line('kale', '400', 'g', inProportion, 'strip', {
      form: 'stripped, washed',
      prepared: true,
      becomes: becomes(0.8),
    }),
    line('rapeseed oil', '2', 'tbsp', inProportion, 'leek-on'),
    line('garlic', '6', 'g', inProportion, 'leek-on', { form: 'sliced', prepared: true }),
    line('salt', '1', 'tsp', slower, 'finish'),
    line('hazelnuts', '60', 'g', inProportion, 'finish', { form: 'chopped', optional: true }),
  ],
  steps: [
    work('slice', 'Wash the leek, slice it and the garlic', byAmount(2, 10), hands),
    work('strip', 'Wash the kale, strip it from its stalks', byAmount(2, 12), hands),
    work('leek-on', 'Oil, leek and garlic into the pot, low', fixed(2), hands, [after('slice')], { per: 'load' }),
    work('sweat', 'Leek softening', fixed(10, 8, 14), { needs: 'look', everyMinutes: 4 }, [after('leek-on', 0, 0)], {
      per: 'load',
      cue: 'soft, not brown',
    }),
    work('kale-in', 'Kale into the pot, press it down', fixed(3), hands, [after('sweat', 0, 5), after('strip')], {
      per: 'load',
    }),
    work('wilt', 'Kale wilting', fixed(6, 4, 8), { needs: 'look', everyMinutes: 3 }, [after('kale-in', 0, 0)], {
      per: 'load',
      cue: 'tender, still green',
    }),
    work('finish', 'Season the greens, into shallow boxes', fixed(4), hands, [after('wilt', 0, 5)], {
      per: 'load',
      cautions: ['cooling'],
    }),
  ],
  uses: [{ station: 'burner', from: 'leek-on', to: 'finish' }],
};
