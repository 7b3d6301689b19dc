import { foodFigure } from '@kestrel-ridge/core/learn';
import type { GoesIn, TaskAbout } from '@kestrel-ridge/core/session';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Button, InputNumber, Popover } from 'antd';
import { useState } from 'react';
import { useBookFigure } from '../app/useBookFigure.ts';
import { useReadings } from '../app/useReadings.ts';

/** "1,136 g, trimmed it weighs 520 g": what is left of a vegetable once it is peeled, as this kitchen peels. */
export function Trimmed({ kitchen, about, into }: { kitchen: KitchenView; about: TaskAbout; into: GoesIn }) {
  const [open, setOpen] = useState(false);
  const [left, setLeft] = useState<number | null>(null);
  const bookOf = useBookFigure();
  const read = useReadings();
  const scaled = kitchen.batches
    .find(({ state }) => state.id === about.batch)
    ?.scaled.lines.find(({ line }) => line.id === into.line);
  const book = scaled && bookOf(scaled.food.id, 'ediblePart');
  const whole = scaled?.grams?.g.valueOf();
  // What is weighed already peeled, or goes in by parts, tells nothing of the whole.
  if (!scaled || !book || !whole || scaled.line.prepared || into.share !== undefined || about.cutting === undefined)
    return null;
  const bought = whole / about.loads;
  const tooMuch = left !== null && left > bought;
  const keep = () => {
    if (left === null || tooMuch || left <= 0) return;
    void read(
      [{ figure: foodFigure(scaled.food.id, 'ediblePart'), real: left / bought, book, what: `${into.food}, trimmed` }],
      `${into.food}, trimmed: ${left} of ${Math.round(bought)} g`,
    );
    setOpen(false);
    setLeft(null);
  };
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      title={`${into.food}, trimmed`}
      content={
        <form
          className="more-form"
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
        >
          <label>
            <span>Of {Math.round(bought)} g is left </span>
            <InputNumber<number>
              aria-label={`${into.food}, trimmed, g`}
              min={1}
              autoFocus
              value={left}
              onChange={setLeft}
              suffix="g"
              style={{ width: 110 }}
            />
          </label>
          <Button htmlType="submit" type="primary" disabled={left === null || tooMuch}>
            Keep it
          </Button>
          {tooMuch && (
            <p className="cannot" role="alert">
              That is more than went in. Weigh it without the bowl.
            </p>
          )}
        </form>
      }
    >
      <Button type="text" size="small" aria-label={`Weigh ${into.food} once it is trimmed`}>
        trimmed
      </Button>
    </Popover>
  );
}
