import { DeleteOutlined, DownOutlined, UpOutlined } from '@ant-design/icons';
import type { PlaceKind } from '@kestrel-ridge/core/food';
import type { PlaceState } from '@kestrel-ridge/core/formats';
import { App, Button, Input, Select } from 'antd';
import { useState } from 'react';
import { useDraft } from '../parts/useDraft.ts';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { counted } from '@kestrel-ridge/core/quantity';

const KINDS: readonly PlaceKind[] = ['cupboard', 'cool room', 'fridge', 'freezer'];

/** Where food lies: named as the kitchen names it, in the order one walks it. A place with something in it stays. */
export function Places({ view }: { view: KitchenView }) {
  const { draft: places, set: setPlaces, seen, changed, there, takeThere, keepMine } = useDraft(view.kitchen.places);
  const [busy, setBusy] = useState(false);
  const send = useCommand();
  const { message } = App.useApp();
  const set = (id: string, what: Partial<PlaceState>) =>
    setPlaces(places.map((place) => (place.id === id ? { ...place, ...what } : place)));
  const move = (n: number, by: -1 | 1) => {
    const next = [...places];
    const [place] = next.splice(n, 1);
    if (place) next.splice(n + by, 0, place);
    setPlaces(next);
  };
  const keep = async () => {
    setBusy(true);
    const sent = await send({ path: 'places', method: 'PUT', body: { places, seen }, touches: ['kitchen', 'shelf'] });
    setBusy(false);
    if (sent.ok) void message.success('The places are kept, in the order you walk them.');
  };
  return (
    <section className="places" aria-label="Places">
      <h2>Places, as you walk them</h2>
      <ul className="row-list">
        {places.map((place, n) => {
          const lots = view.lots.filter((lot) => lot.place.id === place.id).length;
          return (
            <li key={place.id} className="place-row">
              <Input
                aria-label={`Name of place ${n + 1}`}
                value={place.name}
                maxLength={60}
                status={place.name.trim() ? '' : 'error'}
                onChange={(event) => set(place.id, { name: event.target.value })}
              />
              <Select
                aria-label={`Kind of place ${n + 1}`}
                value={place.kind}
                options={KINDS.map((kind) => ({ value: kind, label: kind }))}
                onChange={(kind) => set(place.id, { kind })}
              />
              <span className="soft">{lots === 0 ? 'empty' : counted(lots, 'lot')}</span>
              <Button
                type="text"
                icon={<UpOutlined />}
                disabled={n === 0}
                aria-label={`${place.name}: earlier`}
                onClick={() => move(n, -1)}
              />
              <Button
                type="text"
                icon={<DownOutlined />}
                disabled={n === places.length - 1}
                aria-label={`${place.name}: later`}
                onClick={() => move(n, 1)}
              />
              <Button
                type="text"
                icon={<DeleteOutlined />}
                disabled={lots > 0 || places.length === 1}
                aria-label={`Remove ${place.name}`}
                onClick={() => setPlaces(places.filter((each) => each.id !== place.id))}
              />
            </li>
          );
        })}
      </ul>
      {there && (
        <div className="dashed missing" role="alert">
          <span>
            <strong>Changed on another device meanwhile.</strong> There now:{' '}
            {there.map((place) => `${place.name} (${place.kind})`).join(', ')}.
          </span>
          <Button onClick={takeThere}>Take what is there</Button>
          <Button onClick={keepMine}>Go on with mine</Button>
        </div>
      )}
      <div className="give-row">
        <Button
          onClick={() => setPlaces([...places, { id: newId(), name: `shelf ${places.length + 1}`, kind: 'cupboard' }])}
        >
          Another place
        </Button>
        {changed && (
          <Button
            type="primary"
            loading={busy}
            disabled={there !== undefined || places.some((place) => !place.name.trim())}
            onClick={() => void keep()}
          >
            Keep the places
          </Button>
        )}
      </div>
    </section>
  );
}
