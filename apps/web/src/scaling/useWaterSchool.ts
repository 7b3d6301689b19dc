import { withSchool } from '@kestrel-ridge/core/recipe';
import type { School } from '@kestrel-ridge/core/scaling';
import type { ScaledBatchView } from '@kestrel-ridge/core/view';
import { useState } from 'react';
import { useCommand } from '../app/useCommand.ts';

/** The school of water that a dish goes by from now on: the recipe's next revision. Undefined: the one that is right by itself. */
export function useWaterSchool(batch: ScaledBatchView) {
  const send = useCommand();
  const [busy, setBusy] = useState(false);
  const choose = async (school: School | undefined) => {
    setBusy(true);
    await send({
      path: `recipes/${batch.recipe.id}/revisions`,
      body: {
        follows: batch.recipe.number,
        document: withSchool(batch.recipe.document, school),
        why: school ? 'another water for its grain' : 'its water by itself again',
      },
      touches: ['recipes', 'week'],
    });
    setBusy(false);
  };
  return { choose, busy };
}
