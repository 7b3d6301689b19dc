import { expect, test } from './kitchen.ts';

const csv = (name: string, body: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(body) });

test('a table is read by its own habit and shown before it is kept; where nothing tells, it is asked once; what is no table is told', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/prices`);
  const pick = page.getByLabel('Import CSV of prices');
  await pick.setInputFiles(
    csv(
      'market.csv',
      'food;on;price_minor;amount\nmillet;2026-03-01;260;2500,5\nleek;2026-03-02;320;1.000\nmoonbeans;2026-03-02;1;1\n',
    ),
  );
  const taken = page.getByRole('region', { name: 'Prices of market.csv' });
  await expect(taken.getByRole('row', { name: /millet/ })).toContainText('2.5 kg');
  await expect(taken.getByRole('row', { name: /leek/ })).toContainText('1 kg');
  await expect(taken).toContainText('Line 4: “moonbeans” is no food of this kitchen.');
  await taken.getByRole('button', { name: 'Note 2 prices, leave 1 out' }).click();
  await expect(page.getByText('2 prices are noted.')).toBeVisible();
  await expect(taken).toHaveCount(0);

  await page.goto(`${hut.url}/shelf/list`);
  const open = page.getByLabel('Open a table (CSV)');
  await open.setInputFiles(csv('stock.csv', 'food,place,amount\nmillet,dry cupboard,"1,000"\n'));
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('One thing to say of this table');
  await page.getByRole('button', { name: '1000', exact: true }).click();
  await expect(page.getByRole('row', { name: /millet/ })).toContainText('1 kg');
  await page.getByRole('button', { name: 'Put it aside' }).click();
  await open.setInputFiles(csv('broken.csv', 'food,place\n"millet,dry cupboard'));
  await expect(page.getByText('“broken.csv” cannot be read as a table')).toBeVisible();
});
