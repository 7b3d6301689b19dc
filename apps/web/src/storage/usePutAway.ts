import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { App } from 'antd';
import { useState } from 'react';
import { useCommand } from '../app/useCommand.ts';
import { newId } from '../parts/newId.ts';
import { placeFor, type DraftBox } from './boxDrafts.ts';

interface PutAway {
  readonly boxes: readonly DraftBox[];
  /** By-products by name, and the place where each is kept; undefined: it is not. */
  readonly kept: Readonly<Record<string, string | undefined>>;
  /** Dishes of the same day that take of it. */
  readonly takers: readonly { readonly batch: ScaledBatchView }[];
  readonly yieldG: number | undefined;
}

/** Puts a batch into its boxes. Where the shelf holds less than was used, the cook decides what is booked. */
export function usePutAway(view: KitchenView, { state }: ScaledBatchView, { boxes, kept, takers, yieldG }: PutAway) {
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const send = useCommand();
  const { modal } = App.useApp();

  const putAway = async (ifShort: 'refuse' | 'take what is there') => {
    setBusy(true);
    const body = {
      boxes: boxes.map(({ id, place, portions, box }) => ({ id, place, portions, ...(box ? { box } : {}) })),
      kept: Object.entries(kept).flatMap(([name, place]) => (place ? [{ id: newId(), name, place }] : [])),
      aside: takers.flatMap(({ batch: taker }) => {
        const place = placeFor(view, 'fridge') ?? boxes[0]?.place;
        return place ? [{ id: newId(), place, batch: taker.state.id }] : [];
      }),
      ...(yieldG === undefined ? {} : { yieldG }),
      ifShort,
      version: state.version,
    };
    const sent = await send({
      path: `batches/${state.id}/put-away`,
      body,
      touches: ['shelf', 'week', 'run', 'kitchen'],
      quiet: true,
    });
    setBusy(false);
    if (!sent.ok && sent.problem.code !== 'short') setFault(sent.problem.detail);
    if (!sent.ok && sent.problem.code === 'short')
      void modal.confirm({
        title: 'The shelf holds less than was used',
        content: `${sent.problem.detail} Correct the shelf first, or book what is there.`,
        okText: 'Book what is there',
        cancelText: 'Correct the shelf',
        onOk: () => putAway('take what is there'),
      });
  };
  return { putAway, busy, fault };
}
