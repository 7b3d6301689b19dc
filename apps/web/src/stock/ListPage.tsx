import { foldLedger, isLedger, readShelfLine, readStockRecord, type RecordFault } from '@kestrel-ridge/core/formats';
import { App, Button, Input } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { readTable } from '../parts/readTable.ts';
import { portionOf } from '@kestrel-ridge/core/view';
import { asNewLot, type NewLot } from './asNewLot.ts';
import { LineRead } from './LineRead.tsx';
import { lineSetting } from './lineSetting.ts';
import './shelf.css';

export default function ListPage() {
  return <WithKitchen>{(view) => <List view={view} />}</WithKitchen>;
}

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
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const [table, setTable] = useState<TableRead>();
  const send = useCommand();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const setting = useMemo(() => lineSetting(view), [view]);
  const lines = useMemo(
    () =>
      text
        .split('\n')
        .map((line) => line.trim())
        .filter(Boolean)
        .map((line) => ({ line, read: readShelfLine(line, setting) })),
    [text, setting],
  );
  const ready = lines.flatMap(
    ({ read }, n) => asNewLot(read, places[n], view.today, (food) => portionOf(view, food)) ?? [],
  );
  const lots = table ? table.lots : ready;
  const open = table ? table.faults.length : lines.length - ready.length;

  const dropped = async (file: File) => {
    const read = await tableOf(file, view);
    setTable(read.table ?? table);
    setFault(read.fault);
  };

  const keep = async () => {
    setBusy(true);
    const sent = await send({
      path: 'lots/many',
      body: { lots },
      touches: ['shelf', 'week', 'cost'],
      undo: `Put ${lots.length} ${lots.length === 1 ? 'line' : 'lines'} on the shelf`,
      quiet: true,
    });
    setBusy(false);
    if (sent.ok) {
      void message.success(`${lots.length} lines are on the shelf.`);
      void navigate('/shelf');
    } else
      setFault(sent.problem.errors.map((e) => `${e.field}: ${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail);
  };

  return (
    <main className="page">
      <div className="page-head head-row">
        <div>
          <h1>
            {lots.length + open === 0
              ? 'Put a list on the shelf'
              : open === 0
                ? 'Every line is understood'
                : `${open} of ${lots.length + open} lines to put right`}
          </h1>
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
          <TableShown table={table} aside={() => setTable(undefined)} />
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
                    placeId={places[n]}
                    choosePlace={(place) => setPlaces({ ...places, [n]: place })}
                    urged={false}
                  />
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
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
        disabled={lots.length === 0 || (open > 0 && !table)}
        onClick={() => void keep()}
      >
        Put {lots.length} {lots.length === 1 ? 'line' : 'lines'} on the shelf
        {table && table.faults.length > 0 ? `, leave ${table.faults.length} out` : ''}
      </Button>
    </main>
  );
}

/** A table as it was read: what is in it, and what is wrong with which line. */
interface TableRead {
  readonly name: string;
  readonly lots: readonly NewLot[];
  readonly faults: readonly RecordFault[];
}

async function tableOf(
  file: File,
  view: KitchenView,
): Promise<{ readonly table?: TableRead; readonly fault?: string }> {
  try {
    const given = await readTable(file);
    // A ledger is folded to what it comes to.
    const records = isLedger(given) ? foldLedger(given) : given;
    const foods = [...view.foods.values()];
    const read = records.map((record, n) => readStockRecord(record, n + 2, foods, view.kitchen.places));
    return {
      table: {
        name: file.name,
        lots: read.flatMap((row) =>
          row.ok
            ? [{ ...row.value, id: newId(), origin: row.value.priceMinor === undefined ? 'found' : 'bought' } as const]
            : [],
        ),
        faults: read.flatMap((row) => (row.ok ? [] : [row.problem])),
      },
    };
  } catch (error) {
    return {
      fault: `“${file.name}” cannot be read as a table: ${error instanceof Error ? error.message : 'unknown fault'}. Nothing was changed.`,
    };
  }
}

const TableShown = ({ table, aside }: { table: TableRead; aside: () => void }) => (
  <div className="list-table">
    <p>
      <strong>{table.name}</strong>: {table.lots.length} lines read.{' '}
      <Button type="link" onClick={aside}>
        Put it aside
      </Button>
    </p>
    {table.faults.map(({ line, fault: what, remedy }) => (
      <p key={line} className="cannot">
        Line {line}: {what} {remedy}
      </p>
    ))}
  </div>
);
