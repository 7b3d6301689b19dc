import { NO_WISHES, type SessionTasks, type Wishes } from '@kestrel-ridge/core/session';
import { Button, InputNumber, Popover } from 'antd';
import { useState } from 'react';
import { clockAt } from '../parts/times.ts';

/** What the cook has said about the plan: each can be let go. */
export function Wished({
  wishes,
  say,
  tasks,
  startMs,
  zone,
}: {
  wishes: Wishes;
  say: (next: Wishes) => void;
  tasks: SessionTasks;
  startMs: number;
  zone: string;
}) {
  const clock = (minute: number) => clockAt(startMs + minute * 60_000, zone);
  const pins = Object.entries(wishes.pins).filter(([id]) => tasks.about[id]);
  return (
    <div className="wished">
      {pins.map(([id, minute]) => (
        <span key={id} className="wish">
          {tasks.about[id]?.name} at {clock(minute)}
          <Button
            size="small"
            type="text"
            aria-label={`Let go of ${tasks.about[id]?.name ?? ''}`}
            onClick={() => {
              const { [id]: _gone, ...rest } = wishes.pins;
              say({ ...wishes, pins: rest });
            }}
          >
            ✕
          </Button>
        </span>
      ))}
      {wishes.breaks.map((rest) => (
        <span key={rest.from} className="wish">
          break {clock(rest.from)} to {clock(rest.to)}
          <Button
            size="small"
            type="text"
            aria-label="Take the break back"
            onClick={() => say({ ...wishes, breaks: wishes.breaks.filter((each) => each !== rest) })}
          >
            ✕
          </Button>
        </span>
      ))}
      {(pins.length > 0 || wishes.breaks.length > 0) && (
        <Button size="small" onClick={() => say(NO_WISHES)}>
          Let all go
        </Button>
      )}
      <AddBreak add={(from, minutes) => say({ ...wishes, breaks: [...wishes.breaks, { from, to: from + minutes }] })} />
    </div>
  );
}

/** Half an hour somewhere in the middle, unless the cook says otherwise. */
const BREAK = { from: 60, minutes: 30 };

function AddBreak({ add }: { add: (from: number, minutes: number) => void }) {
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
          <InputNumber<number>
            aria-label="Minutes after the start"
            min={0}
            max={600}
            prefix="after"
            suffix="min"
            value={from}
            onChange={(value) => setFrom(value ?? BREAK.from)}
          />
          <InputNumber<number>
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
