import { InputNumber, Popover } from 'antd';
import { useCommand } from '../app/useCommand.ts';
import type { ComponentStrip } from '@kestrel-ridge/core/view';

/** How many portions of a component one eater takes in a day: what the strip falls by. */
export function Appetite({ item }: { item: ComponentStrip }) {
  const send = useCommand();
  const { portionsADay } = item;
  const set = (value: number | null) =>
    value !== null &&
    value !== portionsADay &&
    void send({
      path: 'appetites',
      method: 'PUT',
      body: { food: item.food.id, portionsADay: value },
      touches: ['week'],
    });
  return (
    <Popover
      trigger="click"
      title={`Portions of ${item.name} a day, for each eater`}
      content={
        <InputNumber
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
        {portionsADay === 0 ? 'only at meals made of it' : `each eats ${portionsADay} a day`}
      </button>
    </Popover>
  );
}
