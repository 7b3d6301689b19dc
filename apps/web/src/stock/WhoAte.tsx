import type { Eater } from '@kestrel-ridge/core/week';
import { Button, Checkbox } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState } from 'react';
import type { ReadyComponent } from '@kestrel-ridge/core/view';

/** Who is at the table; and, where somebody cares, who ate how much of what. */
export function WhoAte({
  eaters,
  at,
  setAt,
  chosen,
  said,
  say,
}: {
  eaters: readonly Eater[];
  at: readonly string[];
  setAt: (ids: readonly string[]) => void;
  chosen: readonly ReadyComponent[];
  said: Readonly<Record<string, number>>;
  say: (said: Readonly<Record<string, number>>) => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <div className="who-ate" role="group" aria-label="Who eats">
      {eaters.map(({ id, name }) => (
        <Checkbox
          key={id}
          checked={at.includes(id)}
          onChange={({ target }) => setAt(target.checked ? [...at, id] : at.filter((each) => each !== id))}
        >
          {name}
        </Checkbox>
      ))}
      {chosen.length > 0 && at.length > 0 && (
        <Button type="link" size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
          who ate how much
        </Button>
      )}
      {open &&
        eaters
          .filter(({ id }) => at.includes(id))
          .map(({ id, name }) => (
            <div key={id} className="who-ate-row">
              <span>{name}</span>
              {chosen.map(({ food, name: of }) => {
                const value = said[`${id} ${food.id}`];
                return (
                  <NumberInput
                    key={food.id}
                    aria-label={`${of} that ${name} ate`}
                    size="small"
                    min={0}
                    max={10}
                    step={0.5}
                    placeholder={of}
                    title={of}
                    value={value ?? null}
                    onChange={(next) => {
                      const { [`${id} ${food.id}`]: _was, ...rest } = said;
                      say(next === null ? rest : { ...rest, [`${id} ${food.id}`]: next });
                    }}
                  />
                );
              })}
            </div>
          ))}
    </div>
  );
}
