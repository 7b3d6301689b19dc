import { FIGURES, type FigureName } from '@kestrel-ridge/core/food';
import { foodFigure } from '@kestrel-ridge/core/learn';
import { Button } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState } from 'react';
import { useBookFigure } from './useBookFigure.ts';
import { useReadings } from './useReadings.ts';
import { useSetOwnFigure } from './useSetOwnFigure.ts';

/** A figure of a food, asked for on the spot: how to find it out, a number, and it stands in this kitchen from then on. */
export function OwnFigure({
  food,
  figure: name,
  label,
  value,
  onKept,
}: {
  food: { readonly id: string; readonly name: string };
  figure: FigureName;
  label?: string;
  value?: number;
  onKept?: () => void;
}) {
  const figure = FIGURES.find((each) => each.name === name);
  const [typed, setTyped] = useState<number | null>(value ?? null);
  const [fault, setFault] = useState<string>();
  const set = useSetOwnFigure();
  const bookOf = useBookFigure();
  const read = useReadings();
  if (!figure) return null;
  const keep = async () => {
    if (typed === null) return setFault(`Enter a number of ${figure.unit}.`);
    const book = bookOf(food.id, name);
    const sent = await set(food.id, name, typed, 'quiet');
    if (sent.ok) {
      // What is found out by weighing is one weighing among others, too.
      if (figure.how !== undefined && book !== undefined)
        void read([{ figure: foodFigure(food.id, name), real: typed, book, what: food.name }]);
      onKept?.();
    } else setFault(sent.problem.errors.map((each) => `${each.fault} ${each.remedy}`).join(' ') || sent.problem.detail);
  };
  return (
    <form
      className="own-figure"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <label>
        <span>{label ?? `${food.name}: ${figure.says}`}</span>
        <NumberInput
          aria-label={`${food.name}: ${figure.says}, ${figure.unit}`}
          value={typed}
          min={0}
          onChange={(next) => {
            setTyped(next);
            setFault(undefined);
          }}
          suffix={figure.unit}
          style={{ width: 130 }}
        />
      </label>
      <Button htmlType="submit">Keep it</Button>
      {figure.how && !value && <small className="soft">{figure.how}</small>}
      {fault && (
        <p className="cannot" role="alert">
          {fault}
        </p>
      )}
    </form>
  );
}
