import type { Reading } from '@kestrel-ridge/core/learn';
import { useCallback } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand } from './useCommand.ts';

const TOUCHES = ['run'] as const;

/** Keeps what somebody read off a scale: from the third reading on a figure of this kitchen is claimed from it. It can be taken back. */
export function useReadings() {
  const send = useCommand();
  return useCallback(
    (read: readonly Omit<Reading, 'id' | 'at'>[], undo?: string) => {
      const readings = read.filter(({ real, book }) => real > 0 && book > 0).map((each) => ({ ...each, id: newId() }));
      if (readings.length === 0) return Promise.resolve();
      return send({
        path: 'learned/readings',
        body: { readings },
        touches: TOUCHES,
        ...(undo === undefined
          ? { quiet: true }
          : {
              undo,
              back: () =>
                readings.map(({ id }) => ({ path: `learned/readings/${id}/back`, body: {}, touches: TOUCHES })),
            }),
      });
    },
    [send],
  );
}
