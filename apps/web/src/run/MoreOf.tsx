import { writtenWords } from '@kestrel-ridge/core/recipe';
import type { RunFact, TaskFacts } from '@kestrel-ridge/core/run';
import type { GoesIn, TaskAbout } from '@kestrel-ridge/core/session';
import { Button, Input, Popover } from 'antd';
import { useState } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { plusOf } from './readCorrection.ts';

/** "+1 tsp caraway": how much more of a line went in than was planned. Booked so, and offered to the recipe. */
export function MoreOf({
  kitchen,
  about,
  into,
  facts,
  tap,
}: {
  kitchen: KitchenView;
  about: TaskAbout;
  into: GoesIn;
  facts: TaskFacts | undefined;
  tap: (what: RunFact) => void;
}) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string>();
  const line = kitchen.batches
    .find(({ state }) => state.id === about.batch)
    ?.scaled.lines.find((each) => each.line.id === into.line);
  if (!line) return null;
  const more = (facts?.plus ?? []).filter((each) => each.line === into.line);
  const put = (written: string) => {
    const read = plusOf(line, written, kitchen.kitchen.equipment.units ?? 'US');
    if (!read.ok) return setFault(read.problem.text);
    tap({ kind: 'amount', task: about.id, line: into.line, plus: read.value });
    setText('');
    setOpen(false);
  };
  return (
    <>
      {more.map(({ amount }, n) => (
        <small key={n}> +{writtenWords(amount)}</small>
      ))}
      <Popover
        trigger="click"
        open={open}
        onOpenChange={setOpen}
        title={`More ${into.food} than planned`}
        content={
          <form
            className="more-form"
            onSubmit={(event) => {
              event.preventDefault();
              put(text);
            }}
          >
            <Input
              aria-label={`More ${into.food}`}
              autoFocus
              placeholder="+1 tsp"
              value={text}
              status={fault ? 'error' : ''}
              onChange={(event) => {
                setText(event.target.value);
                setFault(undefined);
              }}
            />
            <Button htmlType="submit" type="primary" disabled={!text.trim()}>
              Log it
            </Button>
            {fault && (
              <p className="cannot" role="alert">
                {fault}
              </p>
            )}
          </form>
        }
      >
        <Button type="text" size="small" aria-label={`More ${into.food} went in`}>
          +
        </Button>
      </Popover>
    </>
  );
}
