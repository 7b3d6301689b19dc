import { useCallback } from 'react';
import type { Choice } from '@kestrel-ridge/core/recipe';
import { useCommand } from '../app/useCommand.ts';
import type { ScaledBatchView } from '@kestrel-ridge/core/view';

/** What can be done with a dish of the day from the plan: cooked another way, or left out. */
export function useDishes() {
  const send = useCommand();
  const choose = useCallback(
    (batch: ScaledBatchView, what: { readonly [K in 'method' | 'version']?: Choice[K] | undefined }) => {
      const choice = Object.fromEntries(
        Object.entries({ ...batch.state.choice, ...what }).filter(([, value]) => value !== undefined),
      );
      return send({
        path: `batches/${batch.state.id}/choice`,
        method: 'PUT',
        body: { choice, version: batch.state.version },
        touches: ['week'],
      });
    },
    [send],
  );
  const leaveOut = useCallback(
    (batch: ScaledBatchView) =>
      send({
        path: `batches/${batch.state.id}/drop`,
        body: { version: batch.state.version },
        touches: ['week'],
      }),
    [send],
  );
  return { choose, leaveOut };
}
