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

/** Roast vegetables keep 65 to 80 % of their weight. Common practice, no published source. */
const roasted = becomes(0.72);

export const roastRoots: Revision = {
  name: 'Roast celeriac and parsnip',
  portions: 8,
  component: {
    id: componentId('Roast celeriac and parsnip'),
    name: 'Roast roots',
    kind: 'roots',
    fridgeDays: leftoverDays,
    freezerDays: twoMonths,
    beforeEating: 'Crisp again in a hot pan or oven, right through.',
  },
  vessel: 'tray',
  lines: [
    line('celeriac', '1', 'kg', inProportion, 'cut', { form: 'peeled, in 2 cm pieces', becomes: roasted }),
    line('parsnip', '700', 'g', inProportion, 'cut', { form: 'scrubbed, in 2 cm pieces', becomes: roasted }),
    line('rapeseed oil', '3', 'tbsp', inProportion, 'dress'),
    line('caraway', '2', 'tsp', slower, 'dress', { form: 'crushed' }),
    line('salt', '1 1/2', 'tsp', slower, 'dress'),
  ],
  steps: [
    work('cut', 'Peel and cut celeriac and parsnip', byAmount(3, 8), hands),
    work('dress', 'Oil, caraway and salt over the roots, one layer a tray', fixed(4), hands, [after('cut')]),
    work('tray-in', 'Trays into the oven', fixed(1), hands, [after('dress')], { per: 'load', cautions: ['hot oven'] }),
    work('roast', 'Roots roasting', fixed(40, 34, 48), { needs: 'look', everyMinutes: 20 }, [after('tray-in', 0, 0)], {
      per: 'load',
      cue: 'a knife slides in, edges brown',
    }),
    work('tray-out', 'Trays out, roots into shallow boxes', fixed(4), hands, [after('roast', 0, 4)], {
      per: 'load',
      cautions: ['hot oven', 'cooling'],
    }),
  ],
  uses: [{ station: 'oven', from: 'tray-in', to: 'roast', celsius: 200 }],
};
