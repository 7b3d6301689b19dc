import { readPriceRecord, type DecimalSign } from '@kestrel-ridge/core/formats';
import { Fraction, ofBase, show } from '@kestrel-ridge/core/quantity';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { App, Button } from 'antd';
import { useState, type ReactNode } from 'react';
import { useCommand } from '../app/useCommand.ts';
import { AskDecimal } from '../parts/AskDecimal.tsx';
import { Understood } from '../parts/Understood.tsx';
import { newId } from '../parts/newId.ts';
import { readTable, unreadable, type ReadTable } from '../parts/readTable.ts';
import { moneyText } from '@kestrel-ridge/core/cost';
import { dateWords } from '../parts/times.ts';
import { notePricesWords, pricesNotedWords, pricesReadWords } from './costWords.ts';

const MOST_LINES = 2000;
const PRICE_NUMBERS = ['amount'];

/** Prices of a table: read line by line and shown as they were understood, then noted all at once. Answers what opens a file, and what is shown of it. */
export function useTakePrices(view: KitchenView): { readonly pick: ReactNode; readonly shown: ReactNode } {
  const [table, setTable] = useState<ReadTable>();
  const [chosen, choose] = useState<DecimalSign>();
  const { modal } = App.useApp();
  const take = async (file: File) => {
    choose(undefined);
    try {
      setTable(await readTable(file, PRICE_NUMBERS, MOST_LINES));
    } catch (error) {
      modal.error({ title: 'Not taken in', content: unreadable(file.name, error) });
    }
  };
  const decimal = chosen ?? (table && 'decimal' in table.habit ? table.habit.decimal : undefined);
  const pick = (
    <label className="file-pick">
      <span>Import CSV</span>
      <input
        type="file"
        accept=".csv,text/csv,text/plain"
        aria-label="Import CSV of prices"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void take(file);
          event.target.value = '';
        }}
      />
    </label>
  );
  const shown = table && (
    <section className="taken-prices" aria-label={`Prices of ${table.name}`}>
      {decimal === undefined ? (
        'asks' in table.habit && <AskDecimal name={table.name} cell={table.habit.asks} choose={choose} />
      ) : (
        <Read view={view} table={table} decimal={decimal} aside={() => setTable(undefined)} />
      )}
    </section>
  );
  return { pick, shown };
}

function Read({
  view,
  table,
  decimal,
  aside,
}: {
  view: KitchenView;
  table: ReadTable;
  decimal: DecimalSign;
  aside: () => void;
}) {
  const send = useCommand();
  const { message } = App.useApp();
  const foods = [...view.foods.values()];
  const read = table.records
    .map((record, n) => ({ record, line: n + 2 }))
    // What was bought stands with its lots: it is not noted a second time.
    .filter(({ record }) => record['from'] !== 'purchase')
    .map(({ record, line }) => readPriceRecord(record, line, foods, decimal));
  const faults = read.flatMap((row) => (row.ok ? [] : [row.problem]));
  const rows = read.flatMap((row) => (row.ok ? [row.value] : []));
  const { currency } = view.kitchen.equipment;
  const note = async () => {
    const prices = rows.map((row) => ({ ...row, id: newId() }));
    if (!(await send({ path: 'prices/many', body: { prices }, touches: ['cost'] })).ok) return;
    void message.success(pricesNotedWords(prices.length));
    aside();
  };
  return (
    <>
      <p>
        <strong>{table.name}</strong>: {pricesReadWords(rows.length, faults.length)}
      </p>
      <Understood
        head={['food', 'day', 'price', 'for', 'shop']}
        rows={rows.map(({ food, on, minor, amount, shop }) => {
          const known = view.foods.get(food);
          return [
            known?.name ?? '',
            dateWords(on),
            moneyText(minor, currency),
            show(ofBase(known?.facts.base ?? 'g', new Fraction(amount))),
            shop ?? '',
          ];
        })}
        faults={faults}
      />
      <div className="give-row">
        {rows.length > 0 && (
          <Button type="primary" onClick={() => void note()}>
            {notePricesWords(rows.length, faults.length)}
          </Button>
        )}
        <Button onClick={aside}>Put it aside</Button>
      </div>
    </>
  );
}
