import { rackName, type RackNumber } from '@kestrel-ridge/core/kitchen';
import { capital, MINUTE_MS } from '@kestrel-ridge/core/quantity';
import type { RunFact, RunTask, TaskFacts } from '@kestrel-ridge/core/run';
import { trayMinutes, type TaskAbout } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { clockAt } from '../parts/times.ts';
import { outWords } from './trayWords.ts';

/** The racks of an oven, from the top: a tap says that the tray of one is out. The last of them ends the step; which tray took how long is what this oven teaches. */
export function Trays({
  task,
  about,
  facts,
  planned,
  zone,
  tap,
}: {
  task: RunTask;
  about: TaskAbout;
  facts: TaskFacts | undefined;
  /** The racks that the plan gives it. */
  planned: readonly RackNumber[];
  zone: string;
  tap: (...what: readonly RunFact[]) => void;
}) {
  const { trays } = about;
  if (!trays) return null;
  const out = new Set((facts?.traysOut ?? []).map(({ rack }) => rack));
  const doneAt = (rack: RackNumber) => task.start + trayMinutes(about.window, trays, rack) * MINUTE_MS;
  const toggle = (rack: RackNumber) => {
    if (out.has(rack)) return tap({ kind: 'tray back', task: task.id, rack });
    const taken: RunFact = { kind: 'tray out', task: task.id, rack };
    return out.size + 1 >= trays.count ? tap(taken, { kind: 'done', task: task.id }) : tap(taken);
  };
  return (
    <div className="trays" role="group" aria-label={`${outWords(trays.count)}: ${about.name}`}>
      <span className="soft">{outWords(trays.count)}</span>
      {Array.from({ length: trays.racks }, (_, n) => n + 1).map((rack) => (
        <Button
          key={rack}
          type={out.has(rack) ? 'primary' : planned.includes(rack) ? 'default' : 'dashed'}
          aria-pressed={out.has(rack)}
          onClick={() => toggle(rack)}
        >
          {capital(rackName(rack, trays.racks))}
          {trays.times && planned.includes(rack) && !out.has(rack) && (
            <small className="number"> {clockAt(doneAt(rack), zone)}</small>
          )}
        </Button>
      ))}
    </div>
  );
}
