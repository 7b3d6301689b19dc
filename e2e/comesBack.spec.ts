import { cp, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { root } from './host.ts';
import { expect, offsetTo, otherDevice, test } from './kitchen.ts';

/** What each main page shows when it has what it needs. */
const PAGES: readonly (readonly [address: string, shows: (page: Page) => ReturnType<Page['locator']>])[] = [
  ['/', (page) => page.getByRole('heading', { level: 1, name: /Cook/ })],
  ['/shelf', (page) => page.getByTestId('lot-millet').first()],
  ['/week', (page) => page.getByLabel('The week in one line')],
  ['/shop', (page) => page.getByRole('heading', { level: 1, name: /trip|buy|shop/i })],
  ['/cook', (page) => page.getByRole('button', { name: 'Start cooking' })],
  ['/eat', (page) => page.getByRole('heading', { level: 1 })],
  ['/freezer', (page) => page.getByRole('heading', { level: 1 })],
  ['/recipes', (page) => page.getByRole('link', { name: /Millet with bay/ }).first()],
  ['/kitchen', (page) => page.getByText('Water boils here at 96.0 °C')],
];
const AWAY = 'The database does not answer';

test('the database goes and comes: nine open pages, and those that were opened meanwhile, have what they need again by themselves; a change made meanwhile is done once', async ({
  hut,
  context,
}) => {
  const open: Page[] = [];
  for (const [address, shows] of PAGES) {
    // One line to the server serves them all: the seventh opens as the first did.
    const page = await context.newPage();
    await page.goto(`${hut.url}${address}`);
    await expect(shows(page)).toBeVisible();
    open.push(page);
  }
  const [, shelf] = open;
  if (!shelf) throw new Error('no shelf');
  await shelf.getByTestId('lot-buckwheat groats').click();
  await hut.databaseAway();
  await shelf.getByRole('button', { name: 'half' }).click();
  await expect(shelf.locator('.not-known')).toContainText('it is not known yet');
  await expect(shelf.getByTestId('lot-buckwheat groats')).toContainText('500 g');
  // Every other one is loaded anew while it is away.
  const anew = open.filter((_, n) => n % 2 === 0);
  for (const page of anew) {
    await page.reload();
    await expect(page.getByRole('heading', { name: AWAY })).toBeVisible();
    await expect(page.getByRole('button', { name: /again/i })).toHaveCount(0);
  }
  await hut.databaseBack();
  for (const [n, page] of open.entries()) {
    await expect(PAGES[n]?.[1](page) ?? page.locator('never')).toBeVisible();
    await expect(page.getByRole('heading', { name: AWAY })).toHaveCount(0);
    await expect(page.getByText('No line to the server')).toHaveCount(0);
  }
  await expect(shelf.locator('.not-known')).toHaveCount(0);
  await expect(shelf.getByTestId('lot-buckwheat groats')).toContainText('250 g');
});

test('a page that is open at midnight turns to the new day by itself', async ({ hut, browser }) => {
  // By the clocks of the hut it is 23:59:30 on Wednesday.
  const offsetMs = offsetTo(Date.parse('2026-03-11T22:59:30Z'));
  await hut.kill();
  await hut.again({ offsetMs });
  const page = await (await otherDevice(browser, { ...hut, offsetMs })).newPage();
  await page.goto(`${hut.url}/week`);
  const first = page.locator('.day-head').first();
  await expect(first).toContainText('Wed 11');
  await expect(first).toContainText('Thu 12', { timeout: 70_000 });
  await page.close();
});

test('a new build under an open page: it goes on, says so, and the next page comes from the new one', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/kitchen`);
  const name = page.getByRole('group', { name: 'The kitchen' }).getByLabel('Name');
  await name.fill('Half a name');
  const pages = await mkdtemp(path.join(os.tmpdir(), 'pages-'));
  try {
    await cp(path.join(root, 'apps/web/dist'), pages, { recursive: true });
    const index = path.join(pages, 'index.html');
    await writeFile(
      index,
      (await readFile(index, 'utf8')).replace('</head>', '<meta name="build" content="next"></head>'),
    );
    await hut.kill();
    await hut.again({ pages });
    await expect(page.getByText('The server has newer pages.')).toBeVisible();
    // What was being typed is not thrown away under somebody's hands.
    await expect(name).toHaveValue('Half a name');
    await expect(page.locator('meta[name=build]')).toHaveCount(0);
    await page.getByRole('link', { name: 'Shelf' }).first().click();
    await expect(page.getByTestId('lot-millet').first()).toBeVisible();
    await expect(page.locator('meta[name=build]')).toHaveCount(1);
    await expect(page.getByText('The server has newer pages.')).toHaveCount(0);
  } finally {
    await rm(pages, { recursive: true });
  }
});

test('a part of the pages that cannot be fetched any more, as after a new build, is fetched with a fresh page', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/shelf`);
  await expect(page.getByTestId('lot-millet').first()).toBeVisible();
  await page.route('**/assets/WeekPage-*.js', (route) => route.fulfill({ status: 404, body: '' }), { times: 1 });
  await page.getByRole('link', { name: 'Week' }).first().click();
  await expect(page.getByLabel('The week in one line')).toBeVisible();
});

test('while the kitchen is typed over, another device changes it: untouched fields follow, typed ones stay, both are told of what both changed', async ({
  hut,
  page,
}) => {
  const [kitchen] = (await (await page.request.get(`${hut.url}/api/kitchens`)).json()) as { id: string }[];
  const at = `${hut.url}/api/kitchens/${kitchen?.id ?? ''}`;
  const change = async (more: object) => {
    const { name, equipment, version } = (await (await page.request.get(at)).json()) as {
      name: string;
      equipment: object;
      version: number;
    };
    const sent = await page.request.put(at, {
      data: { name, equipment: { ...equipment, ...more }, version },
      headers: { 'Idempotency-Key': crypto.randomUUID() },
    });
    expect(sent.ok()).toBe(true);
  };
  await page.goto(`${hut.url}/kitchen`);
  const [altitude, burners] = [page.getByLabel('Altitude'), page.getByLabel('Burners', { exact: true })];
  await altitude.fill('1300');
  await change({ burners: 5 });
  await expect(burners).toHaveValue('5');
  await expect(altitude).toHaveValue('1300');
  await change({ altitudeM: 900 });
  await expect(page.getByText('altitude: 900 there, 1300 here')).toBeVisible();
  await expect(altitude).toHaveValue('1300');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Kept. Amounts, loads and the plan follow.')).toBeVisible();
  expect(await (await page.request.get(at)).json()).toMatchObject({ equipment: { altitudeM: 1300, burners: 5 } });
});
