import { MINUTE_MS, type Moment, counted } from '@kestrel-ridge/core/quantity';
import { finishChain } from '@kestrel-ridge/core/schedule';
import { clockAt } from '../parts/times.ts';
import type { PlanResult } from './planSlice.ts';

/** The chain that sets the finish: each held by the one before it. */
export function FinishChain({
  result,
  startMs,
  zone,
  choose,
}: {
  result: PlanResult;
  startMs: Moment;
  zone: string;
  choose: (task: string) => void;
}) {
  const { plan, tasks, holds } = result;
  const chain = finishChain(tasks.problem, plan, holds);
  return (
    <details className="finish-chain">
      <summary>What sets the finish: {counted(chain.length, 'step')}, each held by the one before</summary>
      <ol>
        {chain.map((id) => (
          <li key={id}>
            <button type="button" className="plain-button" onClick={() => choose(id)}>
              <span className="number">{clockAt(startMs + (plan.starts[id] ?? 0) * MINUTE_MS, zone)}</span>{' '}
              {tasks.about[id]?.name}
            </button>
          </li>
        ))}
      </ol>
    </details>
  );
}
