import { FIRST_EFFORT, bestOfEach, type Pulled, type SuggestedWeek } from '@kestrel-ridge/core/week';
import { useEffect, useState } from 'react';
import { weekQuestion } from './suggesters.ts';
import type { Ask } from './useSuggested.ts';

/** Where the seeds of this question begin: they are others than those of the weeks beside. */
const SEED = 90;

/** The same weeks asked for without a dish: what would be otherwise. Undefined while they are looked for, or nothing is asked. */
export function useWithout(ask: Ask | undefined, pulled: Pulled): readonly SuggestedWeek[] | undefined {
  const [found, setFound] = useState<{ readonly for: Ask; readonly weeks: readonly SuggestedWeek[] }>();
  useEffect(() => {
    if (!ask) return undefined;
    const asked = weekQuestion();
    asked.look({ ask, pulled, known: [], effort: { ...FIRST_EFFORT, seed: SEED } }).then(
      (drafts) => {
        if (drafts) setFound({ for: ask, weeks: bestOfEach(ask, pulled, drafts) });
      },
      () => undefined,
    );
    return asked.leaveOff;
  }, [ask, pulled]);
  return found && found.for === ask ? found.weeks : undefined;
}
