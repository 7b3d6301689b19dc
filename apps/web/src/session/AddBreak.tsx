import type { MinuteCount, SessionMinute } from '@kestrel-ridge/core/quantity';
import { Button, Popover } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState } from 'react';

/** Half an hour somewhere in the middle, unless the cook says otherwise. */
const BREAK = { from: 60, minutes: 30 };

export function AddBreak({ add }: { add: (from: SessionMinute, minutes: MinuteCount) => void }) {
  const [open, setOpen] = useState(false);
  const [from, setFrom] = useState(BREAK.from);
  const [minutes, setMinutes] = useState(BREAK.minutes);
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      title="A break for everybody"
      content={
        <form
          className="break-form"
          onSubmit={(event) => {
            event.preventDefault();
            setOpen(false);
            add(from, minutes);
          }}
        >
          <NumberInput
            aria-label="Minutes after the start"
            min={0}
            max={600}
            prefix="after"
            suffix="min"
            value={from}
            onChange={(value) => setFrom(value ?? BREAK.from)}
          />
          <NumberInput
            aria-label="Length of the break in minutes"
            min={5}
            max={240}
            prefix="for"
            suffix="min"
            value={minutes}
            onChange={(value) => setMinutes(value ?? BREAK.minutes)}
          />
          <Button htmlType="submit" type="primary">
            Plan the break
          </Button>
        </form>
      }
    >
      <Button size="small">A break</Button>
    </Popover>
  );
}
