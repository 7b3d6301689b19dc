import type { SuggestedWeek, WeekAsk } from '@kestrel-ridge/core/week';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { Suggester } from './suggest.worker.ts';

type Ask = Omit<WeekAsk, 'weights'>;

let started: { readonly remote: Remote<Suggester>; readonly broken: Promise<never> } | undefined;

/** Four weeks from the worker; a worker that cannot run says so, and is started anew when it is asked again. */
async function suggested(ask: Ask, seed: number): Promise<readonly SuggestedWeek[]> {
  if (!started) {
    const worker = new Worker(new URL('./suggest.worker.ts', import.meta.url), { type: 'module' });
    const broken = new Promise<never>((_, reject) =>
      worker.addEventListener('error', () => reject(new Error('The part of the page that tries weeks did not start.'))),
    );
    broken.catch(() => (started = undefined));
    started = { remote: wrap<Suggester>(worker), broken };
  }
  return Promise.race([started.remote.suggest(ask, seed), started.broken]);
}

/** Weeks for what is asked: those of before stay in sight while others are tried. */
export function useSuggested(ask: Ask, seed: number) {
  const [found, setFound] = useState<{ readonly ask: Ask; readonly weeks: readonly SuggestedWeek[] }>();
  const [answered, setAnswered] = useState<{ readonly ask: Ask; readonly seed: number }>();
  const [failed, setFailed] = useState<string>();
  useEffect(() => {
    let stale = false;
    void suggested(ask, seed).then(
      (weeks) => {
        if (stale) return;
        setFound({ ask, weeks });
        setFailed(undefined);
        setAnswered({ ask, seed });
      },
      (thrown: unknown) => {
        if (stale) return;
        setFailed(thrown instanceof Error ? thrown.message : String(thrown));
        setAnswered({ ask, seed });
      },
    );
    return () => {
      stale = true;
    };
  }, [ask, seed]);
  return { found, busy: answered?.ask !== ask || answered.seed !== seed, failed };
}
