import type { Wishes } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { useState } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { duration } from '../parts/times.ts';
import { trier } from './planner.ts';
import type { PlanResult } from './planSlice.ts';
import { openOf } from '@kestrel-ridge/core/view';
import { tryOut } from './whatIf.ts';
import { portionsText } from '@kestrel-ridge/core/quantity';

interface Dropped {
  readonly batch: string;
  readonly dish: string;
  readonly saves: number;
  readonly thisWeek: number;
  readonly frozen: number;
}

/** In which order dishes go when the day is too long: what is for the freezer first, then what saves most for each portion lost. */
export function DropOrder({ view, result, wishes }: { view: KitchenView; result: PlanResult; wishes: Wishes }) {
  const [found, setFound] = useState<{ readonly of: string; readonly rows: readonly Dropped[] }>();
  const [busy, setBusy] = useState(false);
  const look = async () => {
    setBusy(true);
    const rows: Dropped[] = [];
    for (const { state, recipe, scaled } of openOf(view)) {
      const tried = tryOut(view, { if: 'without dish', batch: state.id }, wishes);
      if (!tried) continue;
      const left = tried.tasks.problem.tasks.length;
      const makespan =
        left === 0
          ? 0
          : (
              await trier()
                .tried(tried.asked, result.plan)
                .catch(() => undefined)
            )?.plan.makespan;
      if (makespan === undefined) continue;
      const frozen = Math.round(Number(state.freezePortions));
      rows.push({
        batch: state.id,
        dish: recipe.document.component.name,
        saves: Math.max(0, result.plan.makespan - makespan),
        thisWeek: Math.max(0, Math.round(scaled.portions.valueOf()) - frozen),
        frozen,
      });
    }
    setFound({ of: result.fingerprint, rows: rows.sort(inDropOrder) });
    setBusy(false);
  };
  const rows = found?.of === result.fingerprint ? found.rows : undefined;
  const most = rows?.find(({ thisWeek, saves }) => thisWeek > 0 && saves > 0);
  return (
    <section className="drop-order" aria-label="If the day is too long">
      <h2>If the day is too long</h2>
      {!rows ? (
        <Button loading={busy} onClick={() => void look()}>
          What to leave out first
        </Button>
      ) : (
        <>
          <ol>
            {rows.map(({ batch, dish, saves, thisWeek, frozen }) => (
              <li key={batch}>
                <b>{dish}</b> {saves > 0 ? `−${duration(saves)}` : 'saves nothing'};{' '}
                {thisWeek > 0 ? `the week lacks ${portionsText(thisWeek)}` : 'the week lacks nothing'}
                {frozen > 0 && `, the freezer ${frozen}`}
              </li>
            ))}
          </ol>
          <p className="soft">
            {rows.every(({ thisWeek }) => thisWeek > 0)
              ? 'The week eats of every one of them: none is only for the freezer.'
              : `The least that the week needs: ${rows
                  .filter(({ thisWeek }) => thisWeek > 0)
                  .map(({ dish }) => dish)
                  .join(', ')}.`}
            {most && ` Of those, ${most.dish} gives most time back for what is lost.`}
          </p>
        </>
      )}
    </section>
  );
}

const perPortion = ({ saves, thisWeek }: Dropped) => saves / Math.max(1, thisWeek);
const inDropOrder = (a: Dropped, b: Dropped) =>
  Number(a.thisWeek > 0) - Number(b.thisWeek > 0) || perPortion(b) - perPortion(a);
