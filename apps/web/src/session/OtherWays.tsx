import type { Wishes } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { trier } from './planner.ts';
import type { PlanResult } from './planSlice.ts';
import { openOf } from '@kestrel-ridge/core/view';
import { useDishes } from './useDishes.ts';
import { tryOut } from './whatIf.ts';

/** Less is not worth changing a dish for. */
const WORTH_MINUTES = 3;

interface Way {
  readonly batch: ScaledBatchView;
  readonly method: string | undefined;
  readonly name: string;
  /** Minutes by which the day is shorter; below zero: longer. */
  readonly saves: number;
}

/** Where a dish can be cooked in several ways: which is quickest on this day, and what the one that is chosen saves. */
export function OtherWays({ view, result, wishes }: { view: KitchenView; result: PlanResult; wishes: Wishes }) {
  const [found, setFound] = useState<{ readonly of: string; readonly ways: readonly Way[] }>();
  const { choose } = useDishes();
  const [busy, setBusy] = useState(false);
  const { fingerprint, settled, plan } = result;

  useEffect(() => {
    if (!settled) return undefined;
    let left = false;
    const look = async () => {
      const ways: Way[] = [];
      for (const { batch, method, name } of waysOf(view)) {
        const tried = tryOut(view, { if: 'method', batch: batch.state.id, method }, wishes);
        if (!tried || tried.tasks.faults.length > 0) continue;
        try {
          const planned = await trier().tried(tried.asked);
          ways.push({ batch, method, name, saves: plan.makespan - planned.plan.makespan });
        } catch {
          // That way it cannot be planned: it is no offer.
        }
        if (left) return;
      }
      setFound({ of: fingerprint, ways });
    };
    void look();
    return () => {
      left = true;
    };
  }, [fingerprint, settled, plan.makespan, view, wishes]);

  const ways = found?.of === fingerprint ? found.ways : [];
  const [best] = [...ways].sort((a, b) => b.saves - a.saves);
  if (!best) return null;
  const dish = best.batch.recipe.document.component.name;
  if (best.saves < WORTH_MINUTES) {
    const slower = [...ways].sort((a, b) => a.saves - b.saves)[0];
    return slower && slower.saves <= -WORTH_MINUTES ? (
      <p className="other-ways soft">
        The ways chosen are the quickest here: {slower.batch.recipe.document.component.name} {slower.name} would end the
        day {-slower.saves} min later.
      </p>
    ) : null;
  }
  const change = async () => {
    setBusy(true);
    await choose(best.batch, { method: best.method });
    setBusy(false);
  };
  return (
    <p className="other-ways">
      <b>
        {dish} {best.name}
      </b>{' '}
      would end the day {best.saves} min sooner.{' '}
      <Button loading={busy} onClick={() => void change()}>
        Use this way
      </Button>
    </p>
  );
}

const waysOf = (view: KitchenView): readonly Omit<Way, 'saves'>[] =>
  openOf(view).flatMap((batch) => {
    const { written, state } = batch;
    if (!written.methods || written.methods.length === 0) return [];
    return [{ id: undefined, name: written.methodName ?? 'its first way' }, ...written.methods]
      .filter(({ id }) => id !== state.choice.method)
      .map(({ id, name }) => ({ batch, method: id, name }));
  });
