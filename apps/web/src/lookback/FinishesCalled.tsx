import { dayAt } from '@kestrel-ridge/core/quantity';
import type { PastState } from '@kestrel-ridge/core/formats';
import type { CalledFinish } from '@kestrel-ridge/core/view';
import { useEffect, useState } from 'react';
import { clockAt, dateWords, dayName } from '../parts/times.ts';
import { trier } from '../session/planner.ts';
import { PastTable } from './PastTable.tsx';
import { calledWords } from './calledWords.ts';

/** How far "done by 20:45 in 8 of 10" could be trusted: what was called for each session, and what came of it. */
export function FinishesCalled({ past, zone }: { past: PastState; zone: string }) {
  const [found, setFound] = useState<{ readonly of: PastState; readonly calls: readonly CalledFinish[] }>();
  useEffect(() => {
    let wanted = true;
    void trier()
      .called(past)
      .then((calls) => wanted && setFound({ of: past, calls }));
    return () => {
      wanted = false;
    };
  }, [past]);
  const calls = found?.of === past ? found.calls : undefined;
  const words = calls && calledWords(calls);
  if (!calls || words === undefined) return null;
  return (
    <section aria-label="Finishes as they were called">
      <h2>How far a call holds</h2>
      <p>{words}</p>
      <PastTable
        summary="Each session"
        head={['session', 'called by', 'done', '']}
        rows={calls.map(({ session, start, by, finish, held }) => {
          const day = dayAt(new Date(start), zone);
          return {
            key: session,
            name: `${dayName(day)} ${dateWords(day)}`,
            cells: [clockAt(by, zone), clockAt(finish, zone), held ? 'held' : 'later'],
          };
        })}
      />
    </section>
  );
}
