import { canBeAhead, canBeShared, type Wishes } from '@kestrel-ridge/core/session';
import { Button, Select } from 'antd';
import type { PlanResult } from './planSlice.ts';

/** What else the cook may say of one task: whose it is, what it waits for, and of knife work, when and by how many. */
export function TaskWishes({
  result,
  task,
  wishes,
  say,
}: {
  result: PlanResult;
  task: string;
  wishes: Wishes;
  say: (next: Wishes) => void;
}) {
  const { tasks, present, plan, who } = result;
  const about = tasks.about[task];
  if (!about) return null;
  const hands = about.attention.needs === 'hands';
  const given = wishes.given?.[task];
  const give = (name: string | undefined) => {
    const { [task]: _was, ...rest } = wishes.given ?? {};
    say({ ...wishes, given: name === undefined ? rest : { ...rest, [task]: name } });
  };
  const earlier = [...tasks.problem.tasks]
    .filter(({ id }) => id !== task && !wishes.orders?.some(([a, b]) => a === id && b === task))
    .sort((a, b) => (plan.starts[a.id] ?? 0) - (plan.starts[b.id] ?? 0));
  return (
    <div className="task-wishes">
      {hands && present.length > 1 && (
        <label>
          <span className="soft">whose</span>
          <Select
            aria-label="Whose task it is"
            size="small"
            allowClear
            popupMatchSelectWidth={false}
            placeholder={who?.[task] ? `${who[task]}, by the plan` : 'anybody'}
            {...(given === undefined ? {} : { value: given })}
            options={present.map(({ name }) => ({ value: name, label: name }))}
            onChange={(name: string | undefined) => give(name)}
          />
        </label>
      )}
      <label>
        <span className="soft">only after</span>
        <Select<string | null>
          aria-label="Only after"
          size="small"
          showSearch={{ optionFilterProp: 'label' }}
          popupMatchSelectWidth={false}
          placeholder="what its recipe says"
          value={null}
          options={earlier.map(({ id }) => ({ value: id, label: tasks.about[id]?.name ?? id }))}
          onChange={(id) => id !== null && say({ ...wishes, orders: [...(wishes.orders ?? []), [id, task]] })}
        />
      </label>
      {canBeShared(tasks, task) && (
        <Button size="small" onClick={() => say({ ...wishes, shared: [...(wishes.shared ?? []), task] })}>
          Two share it
        </Button>
      )}
      {canBeAhead(tasks, task) && (
        <Button size="small" onClick={() => say({ ...wishes, ahead: [...(wishes.ahead ?? []), task] })}>
          Do it the evening before
        </Button>
      )}
    </div>
  );
}
