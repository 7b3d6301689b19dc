import {
  FIRST_EFFORT,
  PROFILES,
  bestOfEach,
  type Profile,
  type Pulled,
  type SuggestedWeek,
} from '@kestrel-ridge/core/week';
import { useEffect, useState } from 'react';
import { inTurn } from './suggesters.ts';
import type { Ask } from './useSuggested.ts';

/** The same weeks asked for without a dish: what would be otherwise. Undefined while they are looked for, or nothing is asked. */
export function useWithout(ask: Ask | undefined, pulled: Pulled): readonly SuggestedWeek[] | undefined {
  const [found, setFound] = useState<{ readonly for: Ask; readonly weeks: readonly SuggestedWeek[] }>();
  useEffect(() => {
    if (!ask) return undefined;
    let stale = false;
    void inTurn(
      (Object.keys(PROFILES) as Profile[]).map(
        (goodAt, n) => (remote) => remote.look(ask, goodAt, pulled, [], { ...FIRST_EFFORT, seed: 90 + n }),
      ),
    ).then(
      (drafts) => {
        if (!stale) setFound({ for: ask, weeks: bestOfEach(ask, pulled, drafts) });
      },
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [ask, pulled]);
  return found && found.for === ask ? found.weeks : undefined;
}
