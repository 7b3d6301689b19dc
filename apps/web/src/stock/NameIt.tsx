import { Button, Select } from 'antd';
import { useState } from 'react';
import { newId } from '../parts/newId.ts';
import { BoxGuesses } from './BoxGuesses.tsx';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView, ShelfLot } from '@kestrel-ridge/core/view';

/** A nameless box is recognised. */
export function NameIt({ view, lot, done }: { view: KitchenView; lot: ShelfLot; done: () => void }) {
  const [food, setFood] = useState<string>();
  const send = useCommand();
  const options = [...view.foods.values()]
    .filter((each) => each.facts.base === lot.state.base && each.id !== lot.food.id)
    .map((each) => ({ value: each.id, label: each.name }))
    .sort((a, b) => a.label.localeCompare(b.label));
  const name = async (of: string | undefined) => {
    const sent = await send({
      path: `lots/${lot.state.id}/name`,
      body: { id: newId(), food: of, version: lot.state.version },
      touches: ['shelf', 'week'],
      undo: `Named a box ${options.find((each) => each.value === of)?.label ?? ''}`,
    });
    if (sent.ok) done();
  };
  return (
    <section>
      <h3>What is it?</h3>
      <BoxGuesses view={view} lot={lot} name={name} />
      <Select
        aria-label="What is in the box"
        placeholder="Name it"
        showSearch={{ optionFilterProp: 'label' }}
        value={food}
        onChange={setFood}
        options={options}
        style={{ width: '100%', marginBottom: 8 }}
      />
      <Button disabled={food === undefined} onClick={() => void name(food)}>
        It is that
      </Button>
    </section>
  );
}
