import { OVEN_DOWN_MINUTES, OVEN_UP_MINUTES, type Oven } from '@kestrel-ridge/core/kitchen';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { useLearnedQuery } from '../api/api.ts';
import { useCommand } from '../app/useCommand.ts';

const WAYS = [
  { way: 'up', field: 'upMinutes', words: 'hotter', usual: OVEN_UP_MINUTES },
  { way: 'down', field: 'downMinutes', words: 'cooler', usual: OVEN_DOWN_MINUTES },
] as const;

/** What the turns of each oven's dial say of it: taken over only when the cook says so. */
export function OvenLog({ view }: { view: KitchenView }) {
  const { kitchen } = view;
  const { data } = useLearnedQuery(kitchen.id);
  const send = useCommand();
  const { ovens } = kitchen.equipment;
  const goBy = (n: number, change: Partial<Oven>) =>
    send({
      path: '',
      method: 'PUT',
      body: {
        name: kitchen.name,
        equipment: { ...kitchen.equipment, ovens: ovens.map((oven, at) => (at === n ? { ...oven, ...change } : oven)) },
        version: kitchen.version,
      },
      touches: ['kitchen', 'week'],
    });
  const rows = ovens.flatMap((oven, n) => {
    // As plans call them.
    const name = n === 0 ? 'oven' : `oven ${n + 1}`;
    return WAYS.flatMap(({ way, field, words, usual }) => {
      const learned = data?.ovens[name]?.[way];
      return learned ? [{ n, name, field, words, learned, held: oven[field] ?? usual }] : [];
    });
  });
  if (rows.length === 0) return null;
  return (
    <section className="cooker-log">
      <h2>What the turns of the oven’s dial say</h2>
      {rows.map(({ n, name, field, words, learned, held }) => (
        <p key={`${name} ${field}`}>
          The {name} gets 10 °C {words} in <b>{learned.value.toFixed(1)}</b> min ({learned.n}{' '}
          {learned.n === 1 ? 'turn' : 'turns'}). Plans go by {held.toFixed(1)} min.{' '}
          {learned.value !== held && (
            <Button size="small" onClick={() => void goBy(n, { [field]: learned.value })}>
              Go by it
            </Button>
          )}
        </p>
      ))}
    </section>
  );
}
