import type { RunFact, RunTask } from '@kestrel-ridge/core/run';
import type { TaskAbout } from '@kestrel-ridge/core/session';
import { Button, Input, Popconfirm, Select } from 'antd';
import { useState } from 'react';

/** What else may happen to the task at hand: it is skipped, another takes it, something is noted. */
export function TaskTools({
  task,
  about,
  cooks,
  tap,
}: {
  task: RunTask;
  about: TaskAbout | undefined;
  cooks: readonly string[];
  tap: (what: RunFact) => void;
}) {
  const [note, setNote] = useState('');
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
