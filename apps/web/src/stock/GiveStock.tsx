import { asStockRecord, harmlessRow, LEDGER_COLUMNS, STOCK_COLUMNS, tableNumber } from '@kestrel-ridge/core/formats';
import { App, Button, Dropdown } from 'antd';
import { useLazyLedgerQuery } from '../api/api.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { giveFile } from '../parts/giveFile.ts';

/** The shelf and its ledger as tables (RFC 4180): what goes out comes in again by “Paste a list”. */
export function GiveStock({ view }: { view: KitchenView }) {
  const [fetchLedger] = useLazyLedgerQuery();
  const { message } = App.useApp();
  const give = async (what: 'stock' | 'ledger') => {
    const { stringify } = await import('csv-stringify/browser/esm/sync');
    const places = new Map(view.kitchen.places.map((place) => [place.id, place]));
    const text =
      what === 'stock'
        ? stringify(
            view.lots.map(({ state }) => harmlessRow(asStockRecord(state, view.foods, places))),
            { header: true, columns: [...STOCK_COLUMNS], record_delimiter: 'windows' },
          )
        : stringify(
            (await fetchLedger(view.kitchen.id).unwrap()).map((row) =>
              harmlessRow({ ...row, amount: tableNumber(row.amount), reason: row.reason ?? '' }),
            ),
            {
              header: true,
              columns: [...LEDGER_COLUMNS],
              record_delimiter: 'windows',
            },
          );
    giveFile(`${what}-${view.today}.csv`, 'text/csv', text);
    void message.success(`${what}-${view.today}.csv is in your downloads.`);
  };
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          { key: 'stock', label: 'What is there, as a table (CSV)' },
          { key: 'ledger', label: 'All that happened, as a table (CSV)' },
        ],
        onClick: ({ key }) => void give(key === 'ledger' ? 'ledger' : 'stock'),
      }}
    >
      <Button size="large">Export</Button>
    </Dropdown>
  );
}
