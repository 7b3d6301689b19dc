import type { OwnFigures } from '@kestrel-ridge/core/kitchen';
import type { Learned } from '@kestrel-ridge/core/learn';
import { Button } from 'antd';
import { useLearnedQuery } from '../api/api.ts';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';

const WHAT = { comeUpTimes: 'comes up', releaseTimes: 'releases by itself' } as const;
type Figure = keyof typeof WHAT;

/** What the runs of this kitchen say of its sealed cooker, against the book: taken over only when the cook says so. */
export function CookerLog({ view }: { view: KitchenView }) {
  const { kitchen } = view;
  const { data } = useLearnedQuery(kitchen.id);
  const send = useCommand();
  const own = kitchen.equipment.own ?? {};
  const goBy = (figure: Figure, learned: Learned | undefined) => {
    const { [figure]: _was, ...rest } = own;
    const next: OwnFigures = learned ? { ...rest, [figure]: { value: learned.value, source: learned.source } } : rest;
    return send({
      path: '',
      method: 'PUT',
      body: { name: kitchen.name, equipment: { ...kitchen.equipment, own: next }, version: kitchen.version },
      touches: ['kitchen', 'week'],
    });
  };
  const rows = (Object.keys(WHAT) as Figure[]).filter((figure) => data?.[figure] ?? own[figure]);
  return (
    <section className="cooker-log">
      <h2>What the sealed cooker’s runs say</h2>
      {rows.length === 0 ? (
        <p className="soft">Nothing yet: when it has been cooked with, its own minutes stand here beside the book’s.</p>
      ) : (
        rows.map((figure) => {
          const learned = data?.[figure];
          const held = own[figure];
          return (
            <p key={figure}>
              {learned && (
                <>
                  It {WHAT[figure]} in <b>{learned.value.toFixed(2)}</b> times the book’s minutes ({learned.n}{' '}
                  {learned.n === 1 ? 'load' : 'loads'}, from {learned.from.toFixed(2)} to {learned.to.toFixed(2)}).{' '}
                </>
              )}
              {held && (
                <>
                  Plans go by {held.value.toFixed(2)} ({held.source}).{' '}
                </>
              )}
              {learned && learned.value !== held?.value && (
                <Button size="small" onClick={() => void goBy(figure, learned)}>
                  Go by it
                </Button>
              )}{' '}
              {held && (
                <Button size="small" onClick={() => void goBy(figure, undefined)}>
                  Back to the book
                </Button>
              )}
            </p>
          );
        })
      )}
    </section>
  );
}
