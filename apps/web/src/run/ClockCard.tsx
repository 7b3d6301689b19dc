import type { RackNumber } from '@kestrel-ridge/core/kitchen';
import { MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import type { RunFact, RunTask, TaskFacts } from '@kestrel-ridge/core/run';
import type { TaskAbout } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { countdown } from './countdown.ts';
import { StopWeight } from './StopWeight.tsx';
import { NotYet } from './NotYet.tsx';
import { Trays } from './Trays.tsx';
import { racksWords } from './trayWords.ts';

/** A running clock: how long still, what to look for, and the two answers to the look. */
export function ClockCard({
  task,
  about,
  facts,
  racks,
  now,
  zone,
  tap,
}: {
  task: RunTask;
  about: TaskAbout | undefined;
  facts: TaskFacts | undefined;
  /** The racks of an oven that the plan gives it. */
  racks: readonly RackNumber[];
  now: Moment;
  zone: string;
  tap: (...what: readonly RunFact[]) => void;
}) {
  if (!about) return null;
  const due = task.status === 'due';
  const mayLook = now >= task.start + about.window.earliest * MINUTE_MS;
  const share = Math.min(1, Math.max(0, (now - task.start) / Math.max(1, task.end - task.start)));
  const looks = about.attention.needs === 'look' ? about.attention.everyMinutes : undefined;
  return (
    <section className={due ? 'clock due' : 'clock'} aria-label={about.name}>
      <div className="clock-line">
        <div>
          <h3>{about.name}</h3>
          <p className="soft">
            {about.cue ?? about.dish}
            {about.trays && ` · ${racksWords(racks, about.trays.racks)}`}
            {looks !== undefined && !due && `; a look every ${looks} min`}
          </p>
        </div>
        <span className="clock-time number" role="timer">
          {task.paused ? 'paused' : due ? 'look now' : countdown(task.end - now)}
        </span>
      </div>
      <StopWeight about={about} />
      {about.note && <p className="soft">Noted before: {about.note}</p>}
      <div className="clock-bar">
        <i style={{ width: `${share * 100}%` }} />
      </div>
      <Trays task={task} about={about} facts={facts} planned={racks} zone={zone} tap={tap} />
      <div className="clock-actions">
        <Button type={due ? 'primary' : 'default'} onClick={() => tap({ kind: 'done', task: task.id })}>
          {about.stage === 'come up'
            ? 'Pin is up'
            : about.stage === 'natural'
              ? 'Pin has dropped'
              : due || mayLook
                ? 'Done'
                : 'Done early'}
        </Button>
        <Button onClick={() => tap({ kind: task.paused ? 'resumed' : 'paused', task: task.id })}>
          {task.paused ? 'Go on' : 'Pause'}
        </Button>
        <NotYet name={about.name} more={(minutes) => tap({ kind: 'not yet', task: task.id, minutes })} />
      </div>
    </section>
  );
}
