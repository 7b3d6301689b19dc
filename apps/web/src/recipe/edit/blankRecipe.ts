import { leftoverDays, twoMonths } from '@kestrel-ridge/core/recipe/write';
import type { Revision } from '@kestrel-ridge/core/recipe';
import { newId } from '../../parts/newId.ts';

/** Where a new recipe begins: one step, nothing in it. */
export const blankRecipe = (): Revision => ({
  name: '',
  portions: 6,
  component: {
    id: newId(),
    name: '',
    kind: 'dish',
    fridgeDays: leftoverDays,
    freezerDays: twoMonths,
    beforeEating: 'Heat right through.',
  },
  vessel: 'pot',
  lines: [],
  steps: [
    {
      kind: 'work',
      id: 'step-1',
      name: 'Put everything together',
      time: { law: 'fixed', minutes: { earliest: 5, expected: 5, latest: 5 } },
      attention: { needs: 'hands' },
      after: [],
      per: 'batch',
    },
  ],
  uses: [],
});
