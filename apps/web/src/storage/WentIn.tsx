import { readFinal } from '@kestrel-ridge/core/formats';
import type { Food } from '@kestrel-ridge/core/food';
import { inBase, quantityOf, type Written } from '@kestrel-ridge/core/quantity';
import { writtenWords } from '@kestrel-ridge/core/recipe';
import { showAmount, type Final, type ScaledLine } from '@kestrel-ridge/core/scaling';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';

/** What really went in, where it was not what was planned: an amount, or what more or less it was. Booked so, and offered to the recipe. */
export function WentIn({ view, batch }: { view: KitchenView; batch: ScaledBatchView }) {
  const { finals } = batch.state;
  const [open, setOpen] = useState(false);
  const send = useCommand();
  const name = batch.recipe.document.component.name;
  const keep = async (next: readonly Final[]) =>
    (
      await send({
        path: `batches/${batch.state.id}/finals`,
        method: 'PUT',
        body: { finals: next, version: batch.state.version },
        touches: ['week'],
      })
    ).ok;
  if (!open)
    return (
      <p className="went-in-closed">
        {finals.length > 0 &&
          `Went in otherwise: ${finals.map((final) => wentInWords(view, batch, final)).join(', ')}. `}
        <Button type="link" onClick={() => setOpen(true)} aria-label={`Change what went in: ${name}`}>
          Change what went in …
        </Button>
      </p>
    );
  return (
    <section className="went-in" aria-label={`What went into ${name}`}>
      <ul>
        {batch.scaled.lines.map((line) => (
          <WentInLine
            key={`${line.line.id} ${finals.find((final) => final.line === line.line.id)?.amount.n ?? ''}`}
            view={view}
            line={line}
            final={finals.find((final) => final.line === line.line.id)}
            keep={(final) => keep([...finals.filter((each) => each.line !== line.line.id), ...(final ? [final] : [])])}
          />
        ))}
      </ul>
      <Button onClick={() => setOpen(false)}>Done</Button>
    </section>
  );
}

/** As the cook met it: as it was said in spoons, else by the scale or in the spoons of this kitchen. */
const amountAsMet = (view: KitchenView, food: Food, amount: Written): string =>
  amount.unit === 'g' || amount.unit === 'mL'
    ? showAmount(quantityOf(amount), food, view.kitchen.equipment).first
    : writtenWords(amount);

function wentInWords(view: KitchenView, batch: ScaledBatchView, { line, amount }: Final): string {
  const food = batch.scaled.lines.find((each) => each.line.id === line)?.food;
  if (!food) return '';
  return inBase(quantityOf(amount)).compare(0) === 0
    ? `no ${food.name}`
    : `${amountAsMet(view, food, amount)} ${food.name}`;
}

function WentInLine({
  view,
  line,
  final,
  keep,
}: {
  view: KitchenView;
  line: ScaledLine;
  final: Final | undefined;
  keep: (final: Final | undefined) => Promise<boolean>;
}) {
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string>();
  const planned = final ? quantityOf(final.amount) : line.amount.value;
  const put = async () => {
    if (!text.trim()) return;
    const read = readFinal(
      text,
      planned,
      final?.amount.unit ?? line.line.amount.unit,
      line.food,
      view.kitchen.equipment.units ?? 'US',
    );
    if (!read.ok) return setFault(read.problem.text);
    await keep({ line: line.line.id, amount: read.value });
  };
  return (
    <li>
      <span>{line.food.name}</span>
      <span className={final ? 'number' : 'soft'}>
        {final
          ? amountAsMet(view, line.food, final.amount)
          : showAmount(planned, line.food, view.kitchen.equipment).first}
      </span>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void put();
        }}
      >
        <Input
          aria-label={`${line.food.name} that really went in`}
          placeholder="+1 tsp, 90 mL …"
          value={text}
          status={fault ? 'error' : ''}
          onChange={(event) => {
            setText(event.target.value);
            setFault(undefined);
          }}
        />
        <Button htmlType="submit" disabled={!text.trim()}>
          Log it
        </Button>
        {final && (
          <Button type="link" onClick={() => void keep(undefined)}>
            as planned
          </Button>
        )}
      </form>
      {fault && (
        <p className="cannot" role="alert">
          {fault}
        </p>
      )}
    </li>
  );
}
