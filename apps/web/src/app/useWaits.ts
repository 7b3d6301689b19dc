import { useEffect, useState } from 'react';
import type { PlanResult } from '../session/planSlice.ts';
import type { Waits } from '../today/whatWaits.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import type { Fetched } from './useKitchenState.ts';

type WhatWaits = (view: KitchenView, plan: PlanResult | null) => Waits;

/**
 * What waits on each stretch of the trail.
 * The words need the whole arithmetic of stock and cost: they come after the frame, so that the page does not wait for them.
 */
export function useWaits(fetched: Fetched<KitchenView>, plan: PlanResult | null): Waits | undefined {
  const [whatWaits, setWhatWaits] = useState<WhatWaits>();
  useEffect(() => {
    let gone = false;
    import('../today/whatWaits.ts').then(
      (module) => {
        if (!gone) setWhatWaits(() => module.whatWaits);
      },
      // Without them the trail still leads everywhere.
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, []);
  return fetched.state === 'ready' ? whatWaits?.(fetched.value, plan) : undefined;
}
