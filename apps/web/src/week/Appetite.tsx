import { Popover } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { appetiteSeen, appetiteThere } from './appetiteSeen.ts';
import { appetiteWords } from './stripWords.ts';
import { useSaveSeen } from '../app/useSaveSeen.ts';
import type { ComponentStrip, KitchenView } from '@kestrel-ridge/core/view';

/** How many portions of a component one eater takes in a day: what the strip falls by. */
export function Appetite({ view, item }: { view: KitchenView; item: ComponentStrip }) {
  const save = useSaveSeen();
  const { portionsADay } = item;
  const seen = appetiteSeen(view, item.food.id);
  const set = (value: number | null) =>
    value !== null &&
    value !== portionsADay &&
    void save({
      path: 'appetites',
      method: 'PUT',
      body: { food: item.food.id, portionsADay: value },
      thing: `appetite ${item.food.id}`,
      seen,
      saved: { portionsADay: value, since: seen?.since ?? null },
      touches: ['week'],
      both: appetiteThere(value),
    });
  return (
    <Popover
      trigger="click"
      title={`Portions of ${item.name} a day, for each eater`}
      content={
        <NumberInput
          aria-label={`Portions of ${item.name} a day`}
          min={0}
          max={6}
          step={0.5}
          defaultValue={portionsADay}
          onChange={set}
        />
      }
    >
      <button type="button" className="why">
        {appetiteWords(portionsADay)}
      </button>
    </Popover>
  );
}
