import { moneyText } from '@kestrel-ridge/core/cost';
import { readShelfLine, shelfLines, type DecimalSign, type ShelfLine } from '@kestrel-ridge/core/formats';
import { Fraction, ofBase, remembered, show, counted } from '@kestrel-ridge/core/quantity';
import { App, Button, Input, Select } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { AskDecimal } from '../parts/AskDecimal.tsx';
import { Understood } from '../parts/Understood.tsx';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { readTable, unreadable, type ReadTable } from '../parts/readTable.ts';
import { portionOf, proposedPlace } from '@kestrel-ridge/core/view';
import { asNewLot } from './asNewLot.ts';
import { STOCK_NUMBERS, stockOfTable, type StockOfTable } from './stockOfTable.ts';
import { LineRead } from './LineRead.tsx';
import { lineSetting } from './lineSetting.ts';
import './shelf.css';
import { areOnShelfWords, listHead, putWords } from './stockWords.ts';

export default function ListPage() {
  return <WithKitchen>{(view) => <List view={view} />}</WithKitchen>;
}

/** As many as the server takes at once. */
const MOST_LINES = 500;

const EXAMPLE = `2 cans canned borlotti cupboard 0.95 each bb march
half a bag millet cupboard
600 g kale fridge 2.70
about 300 g leeks cool room`;

/** A list or a table put on the shelf at once: each line read as it is typed, doubtful ones asked, nothing kept before it is said so. */
function List({ view }: { view: KitchenView }) {
  const location = useLocation();
  const begun = (location.state as { text?: string } | null)?.text ?? '';
  const [text, setText] = useState(begun);
  const [places, setPlaces] = useState<Readonly<Record<number, string>>>({});
  const [restPlace, setRestPlace] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const [table, setTable] = useState<ReadTable>();
  const [chosen, choose] = useState<DecimalSign>();
  const send = useCommand();
  const navigate = useNavigate();
  const { message } = App.useApp();
  // Each line is read once: the others stay as they were while one is typed.
  const readLine = useMemo(() => {
    const setting = { ...lineSetting(view), bareIsSome: true };
    return remembered((line: string) => readShelfLine(line, setting));
  }, [view]);
  const lines = useMemo(
    () =>
      shelfLines(text, view.kitchen.places).map(({ line, under }) => {
        const read = readLine(line);
        return { line, under, read: under && !read.place ? { ...read, place: under } : read };
      }),
    [text, readLine, view.kitchen.places],
  );
  const placeOf = (read: ShelfLine, n: number): string | undefined =>
    places[n] ?? (read.food && proposedPlace(view, read.food)?.id) ?? restPlace;
  const placed = lines.map(({ read }, n) => placeOf(read, n));
  const made = lines.map(({ read }, n) => asNewLot(read, placed[n], view.today, (food) => portionOf(view, food)));
  const ready = made.flatMap((lot) => lot ?? []);
  /** Lines that wait for nothing but a place. */
  const homeless = lines.filter(({ read }, n) => read.food && !read.place && placed[n] === undefined).length;
  const decimal = chosen ?? (table && 'decimal' in table.habit ? table.habit.decimal : undefined);
  const stock = useMemo(
    () => (table && decimal !== undefined ? stockOfTable(table, decimal, view) : undefined),
    [table, decimal, view],
  );
  const lots = table ? (stock?.lots ?? []) : ready;
  const open = table ? (stock?.faults.length ?? table.records.length) : lines.length - ready.length;

  const dropped = async (file: File) => {
    choose(undefined);
    try {
      setTable(await readTable(file, STOCK_NUMBERS, MOST_LINES));
      setFault(undefined);
    } catch (error) {
      setFault(unreadable(file.name, error));
    }
  };

  const keep = async () => {
    setBusy(true);
    const sent = await send({
      path: 'lots/many',
      body: { lots },
      touches: ['shelf', 'week', 'cost'],
      undo: putWords(lots.length, 0, 0),
      quiet: true,
    });
    setBusy(false);
    if (sent.ok) {
      void message.success(areOnShelfWords(lots.length));
      // Each says itself where it lies: the headings have lost their other lines.
      const left = table
        ? []
        : lines.filter((_, n) => made[n] === undefined).map(({ line, under }) => `${line} ${under?.name ?? ''}`.trim());
      if (left.length === 0) return void navigate('/shelf');
      setText(left.join('\n'));
      setPlaces({});
    } else
      setFault(sent.problem.errors.map((e) => `${e.field}: ${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail);
  };

  return (
    <main className="page">
      <div className="page-head head-row">
        <div>
          <h1>{table && !stock ? 'One thing to say of this table' : listHead(lots.length, open)}</h1>
          <p>
            One thing a line, as you would say it; or drop a table (CSV) with the columns food, place, amount.{' '}
            <Link to="/shelf">Back to the shelf</Link>
          </p>
        </div>
        <label className="file-pick">
          <span>Open a table (CSV)</span>
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            aria-label="Open a table (CSV)"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void dropped(file);
              event.target.value = '';
            }}
          />
        </label>
      </div>
      <div
        className="list-grid"
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          const [file] = event.dataTransfer.files;
          if (file) void dropped(file);
        }}
      >
        {table ? (
          stock ? (
            <TableShown view={view} name={table.name} stock={stock} aside={() => setTable(undefined)} />
          ) : (
            'asks' in table.habit && <AskDecimal name={table.name} cell={table.habit.asks} choose={choose} />
          )
        ) : (
          <>
            <Input.TextArea
              aria-label="The list"
              autoSize={{ minRows: 8, maxRows: 30 }}
              placeholder={EXAMPLE}
              value={text}
              onChange={(event) => {
                setText(event.target.value);
                setPlaces({});
                setFault(undefined);
              }}
              autoFocus
            />
            <ul className="list-read">
              {lines.map(({ line, read }, n) => (
                <li key={`${n} ${line}`}>
                  <LineRead
                    view={view}
                    read={read}
                    placeId={placed[n]}
                    choosePlace={(place) => setPlaces({ ...places, [n]: place })}
                    urged={false}
                  />
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
      {(homeless > 0 || restPlace !== undefined) && !table && (
        <p>
          Everything else goes to{' '}
          <Select
            aria-label="Where everything else goes"
            placeholder="a place"
            style={{ minWidth: 190 }}
            value={restPlace}
            onChange={setRestPlace}
            options={view.kitchen.places.map(({ id, name }) => ({ value: id, label: name }))}
          />
        </p>
      )}
      {fault && (
        <p className="add-fault" role="alert">
          {fault}
        </p>
      )}
      <Button
        type="primary"
        size="large"
        style={{ marginTop: 18 }}
        loading={busy}
        disabled={lots.length === 0}
        onClick={() => void keep()}
      >
        {putWords(lots.length, stock?.faults.length ?? 0, table ? 0 : open)}
      </Button>
    </main>
  );
}

/** What was understood of a table, and the way to put it aside. */
const TableShown = ({
  view,
  name,
  stock,
  aside,
}: {
  view: KitchenView;
  name: string;
  stock: StockOfTable;
  aside: () => void;
}) => (
  <div className="list-table">
    <p>
      <strong>{name}</strong>: {counted(stock.lots.length, 'line')} understood.{' '}
      <Button type="link" onClick={aside}>
        Put it aside
      </Button>
    </p>
    <Understood
      head={['food', 'amount', 'place', 'price']}
      rows={stock.lots.map(({ food, amount, place, priceMinor }) => {
        const known = view.foods.get(food);
        return [
          known?.name ?? '',
          show(ofBase(known?.facts.base ?? 'g', new Fraction(amount))),
          view.kitchen.places.find(({ id }) => id === place)?.name ?? '',
          priceMinor === undefined ? '' : moneyText(priceMinor, view.kitchen.equipment.currency),
        ];
      })}
      faults={stock.faults}
    />
  </div>
);
