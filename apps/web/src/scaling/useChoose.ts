import type { Choice } from '@kestrel-ridge/core/recipe';
import { useCallback } from 'react';
import { useCommand } from '../app/useCommand.ts';
import type { ScaledBatchView } from '@kestrel-ridge/core/view';

/** Changes what was chosen for a batch; what is not named stays as it was, undefined takes a choice back. */
export function useChoose({ state }: ScaledBatchView): (change: {
  readonly [K in keyof Choice]: Choice[K] | undefined;
}) => Promise<void> {
  const send = useCommand();
  return useCallback(
    async (change) => {
      await send({
        path: `batches/${state.id}/choice`,
        method: 'PUT',
        body: { choice: { ...state.choice, ...change }, version: state.version },
        touches: ['week'],
      });
    },
    [send, state],
  );
}
