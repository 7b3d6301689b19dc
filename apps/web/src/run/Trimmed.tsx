import { foodFigure } from '@kestrel-ridge/core/learn';
import type { GoesIn, TaskAbout } from '@kestrel-ridge/core/session';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Button, Popover } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState } from 'react';
import { useBookFigure } from '../app/useBookFigure.ts';
import { useReadings } from '../app/useReadings.ts';
import { gramsText } from '../parts/gramsText.ts';
import { trimmedWords } from './runWords.ts';

/** Of what was taken off the shelf, what is left of a vegetable once it is trimmed, as this kitchen trims. */
export function Trimmed({ kitchen, about, into }: { kitchen: KitchenView; about: TaskAbout; into: GoesIn }) {
  const [open, setOpen] = useState(false);
  const [said, setTaken] = useState<number | null>();
  const [left, setLeft] = useState<number | null>(null);
  const bookOf = useBookFigure();
  const read = useReadings();
  const scaled = kitchen.batches
    .find(({ state }) => state.id === about.batch)
    ?.scaled.lines.find(({ line }) => line.id === into.line);
  const book = scaled && bookOf(scaled.food.id, 'ediblePart');
  const shelf = scaled?.fromShelf?.value;
  // What goes in by parts tells nothing of the whole.
  if (!scaled || !book || shelf?.kind !== 'mass' || into.share !== undefined || about.cutting === undefined)
    return null;
  const planned = Math.round(shelf.g.valueOf() / about.loads);
  const taken = said === undefined ? planned : said;
  const tooMuch = left !== null && taken !== null && left > taken;
  const keep = () => {
    if (left === null || taken === null || tooMuch || left <= 0) return;
    void read(
      [{ figure: foodFigure(scaled.food.id, 'ediblePart'), real: left / taken, book, what: `${into.food}, trimmed` }],
      trimmedWords(into.food, gramsText(left), gramsText(taken)),
    );
    setOpen(false);
    setLeft(null);
  };
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      title={`${into.food}: what is left when it is trimmed`}
      content={
        <form
          className="trimmed-form"
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
        >
          <label>
            <span>taken</span>
            <NumberInput aria-label={`${into.food}, taken, g`} min={1} value={taken} onChange={setTaken} suffix="g" />
          </label>
          <label>
            <span>trimmed</span>
            <NumberInput
              aria-label={`${into.food}, trimmed, g`}
              min={1}
              autoFocus
              value={left}
              onChange={setLeft}
              suffix="g"
            />
          </label>
          <Button htmlType="submit" type="primary" disabled={left === null || taken === null || tooMuch}>
            Keep it
          </Button>
          {tooMuch && (
            <p className="cannot" role="alert">
              That is more than was taken. Weigh it without the bowl.
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
