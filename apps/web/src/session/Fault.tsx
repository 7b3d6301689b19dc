import type { SessionFault } from '@kestrel-ridge/core/session';
import { Button, Popconfirm } from 'antd';
import { Link } from 'react-router';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { faultWords } from './sessionWords.ts';
import { useDishes } from './useDishes.ts';

/** What this kitchen cannot do for a dish, and the ways out of it. */
export function Fault({ fault, view }: { fault: SessionFault; view: KitchenView }) {
  const { choose, leaveOut } = useDishes();
  const batch = view.batches.find(({ state }) => state.id === fault.batch);
  const station = fault.kind === 'not here' ? fault.station : fault.kind === 'too hot' ? 'oven' : undefined;
  const others =
    batch && station
      ? [
          { id: undefined, name: batch.written.methodName ?? 'its first way', uses: batch.written.uses },
          ...(batch.written.methods ?? []),
        ].filter(({ id, uses }) => id !== batch.state.choice.method && !uses.some((use) => use.station === station))
      : [];
  return (
    <li>
      <span>{faultWords(fault)}</span>
      <span className="give-row">
        {batch &&
          others.map(({ id, name }) => (
            <Button key={name} onClick={() => void choose(batch, { method: id })}>
              Cook it {name}
            </Button>
          ))}
        {batch && (
          <Popconfirm
            title={`Leave out ${batch.recipe.document.component.name}?`}
            description="It leaves this session; the recipe stays. You can add it again in the week."
            okText="Leave it out"
            cancelText="Keep it"
            onConfirm={() => void leaveOut(batch)}
          >
            <Button>Leave it out</Button>
          </Popconfirm>
        )}
        <Link to={fault.kind === 'nobody can' ? '/kitchen' : `/recipes/${batch?.recipe.id ?? ''}`}>
          {fault.kind === 'nobody can' ? 'to who cooks' : 'to the recipe'}
        </Link>
      </span>
    </li>
  );
}
