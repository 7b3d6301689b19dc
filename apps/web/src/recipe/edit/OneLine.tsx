import { amountWords, asLine, indexFoods, readIngredientLine } from '@kestrel-ridge/core/formats';
import { Button, Input } from 'antd';
import { memo, useDeferredValue, useMemo, useRef, useState } from 'react';
import type { InputRef } from 'antd';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { unused, type Edit } from './editRevision.ts';
import type { Option } from './LineRow.tsx';

/** An ingredient in one line, understood as it is typed; Enter puts it into the recipe. */
export const OneLine = memo(function OneLine({
  view,
  lines,
  step,
  dispatch,
}: {
  view: KitchenView;
  /** Those that are there. */
  lines: readonly Option[];
  step: string | undefined;
  dispatch: (edit: Edit) => void;
}) {
  const [text, setText] = useState('');
  const input = useRef<InputRef>(null);
  const typed = useDeferredValue(text);
  const index = useMemo(() => indexFoods([...view.foods.values()]), [view.foods]);
  const read = useMemo(
    () => (typed.trim() ? readIngredientLine(typed, index, view.kitchen.equipment.units) : undefined),
    [typed, index, view.kitchen.equipment.units],
  );
  const line =
    read && step !== undefined
      ? asLine(
          read,
          unused(
            'line',
            lines.map(({ value }) => value),
          ),
          step,
        )
      : undefined;
  const [doubt] = read?.doubts ?? [];
  const put = () => {
    if (!line || doubt) return;
    dispatch({ did: 'line added', line });
    setText('');
    input.current?.focus();
  };
  return (
    <form
      className="one-line"
      onSubmit={(event) => {
        event.preventDefault();
        put();
      }}
    >
      <Input
        ref={input}
        size="large"
        aria-label="Add an ingredient in one line"
        placeholder="2 leeks, in rings · 1/2 tsp caraway · 400 g swede, in cubes"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button size="large" htmlType="submit" disabled={!line || doubt !== undefined}>
        Add
      </Button>
      {read && (
        <div className="one-line-read" aria-live="polite">
          {doubt ? (
            <>
              <span className="cannot">{doubt.question}</span>
              {doubt.choices.map((choice) => (
                <Button key={choice.label} size="small" onClick={() => setText(choice.line)}>
                  {choice.label}
                </Button>
              ))}
            </>
          ) : line ? (
            <span className="soft">
              understood: {amountWords(read.amount)} {read.food?.name}
              {read.form && `, ${read.form}`}
            </span>
          ) : (
            <span className="cannot">
              {step === undefined
                ? 'Add a step first: an ingredient goes into a step.'
                : read.food
                  ? `How much ${read.food.name}?`
                  : 'Which food is it? Add it under Foods if the book does not have it.'}
            </span>
          )}
        </div>
      )}
    </form>
  );
});
