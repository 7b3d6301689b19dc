import { leaveOutMeans, type PlannedRun, type RunFact, type RunTask, type TaskFacts } from '@kestrel-ridge/core/run';
import type { TaskAbout } from '@kestrel-ridge/core/session';
import { Button, Input, Popconfirm, Select } from 'antd';
import { MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import { useMemo, useState } from 'react';
import { duration } from '../parts/times.ts';
import { withoutLoadWords } from './runWords.ts';

/** What else may happen to the task at hand: it is skipped, another takes it, something is noted. */
export function TaskTools({
  task,
  about,
  cooks,
  run,
  facts,
  portions,
  endsAt,
  now,
  tap,
}: {
  task: RunTask;
  about: TaskAbout | undefined;
  cooks: readonly string[];
  run: PlannedRun;
  facts: ReadonlyMap<string, TaskFacts>;
  /** Of the whole dish. */
  portions: number | undefined;
  /** When all is done as it goes now, ms. */
  endsAt: Moment;
  now: Moment;
  tap: (what: RunFact) => void;
}) {
  const [note, setNote] = useState('');
  // What it would save is told to the minute: it is not worked out anew with every second.
  const minute = Math.floor(now / MINUTE_MS) * MINUTE_MS;
  const end = Math.floor(endsAt / MINUTE_MS) * MINUTE_MS;
  const load = useMemo(
    () =>
      about && about.batch !== null && about.load > 0 && about.loads > 1
        ? leaveOutMeans(run, facts, { batch: about.batch, load: about.load }, { endsAt: end, now: minute })
        : undefined,
    [run, facts, about, end, minute],
  );
  if (!about) return null;
  return (
    <div className="task-tools">
      <Popconfirm
        title={`Skip “${about.name}”?`}
        description="What waits for it goes on without it."
        okText="Skip it"
        onConfirm={() => tap({ kind: 'skipped', task: task.id })}
      >
        <Button size="small">Skip it</Button>
      </Popconfirm>
      {load && (
        <Popconfirm
          title={`Leave out load ${about.load} of ${about.loads} of ${about.dish}?`}
          description={withoutLoadWords(
            load.steps,
            load.savesMinutes > 0 ? duration(load.savesMinutes) : undefined,
            portions === undefined
              ? undefined
              : { portions: Math.round(portions / about.loads), of: Math.round(portions) },
          )}
          okText="Leave it out"
          onConfirm={() => tap({ kind: 'load dropped', task: load.task })}
        >
          <Button size="small">Leave out this load</Button>
        </Popconfirm>
      )}
      {cooks.length > 1 && (
        <Select
          size="small"
          aria-label="Who takes it"
          popupMatchSelectWidth={false}
          {...(about.who ? { value: about.who } : {})}
          options={cooks.map((value) => ({ value, label: value }))}
          onChange={(who: string) => tap({ kind: 'given', task: task.id, who })}
        />
      )}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (!note.trim()) return;
          tap({ kind: 'noted', task: task.id, text: note.trim() });
          setNote('');
        }}
      >
        <Input
          size="small"
          aria-label="A note on this step"
          placeholder="a note: a little sour"
          maxLength={400}
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      </form>
    </div>
  );
}
