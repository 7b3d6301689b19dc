import type { Page } from '@playwright/test';
import pg from 'pg';
import { expect, otherDevice, test, type Served } from './kitchen.ts';

interface Batch {
  readonly id: string;
  readonly recipe: string;
  readonly version: number;
}

/** A small day: a grain in the sealed cooker and a sauce; the other dishes of the demo are left out. */
async function smallDay(page: Page, hut: Served): Promise<string> {
  const api = `${hut.url}/api`;
  const [kitchen] = (await (await page.request.get(`${api}/kitchens`)).json()) as { id: string }[];
  const at = `${api}/kitchens/${kitchen?.id ?? ''}`;
  const recipes = (await (await page.request.get(`${at}/recipes`)).json()) as { id: string; name: string }[];
  const { batches } = (await (await page.request.get(`${at}/week`)).json()) as { batches: Batch[] };
  const nameOf = ({ recipe }: Batch) => recipes.find(({ id }) => id === recipe)?.name ?? '';
  const send = async (method: 'post' | 'put', path: string, data: object) => {
    const answer = await page.request[method](`${at}/${path}`, {
      data,
      headers: { 'Idempotency-Key': crypto.randomUUID() },
    });
    expect(answer.ok(), await answer.text()).toBe(true);
  };
  for (const batch of batches) {
    const name = nameOf(batch);
    if (name === 'Millet with bay')
      await send('put', `batches/${batch.id}`, { portions: '8', freezePortions: '0', version: batch.version });
    else if (name !== 'Sunflower-seed sauce with mustard')
      await send('post', `batches/${batch.id}/drop`, { version: batch.version });
  }
  return at;
}

/** What a device shows of the run: how much is done, and when it ends. */
const shown = async (page: Page) =>
  `${await page
    .locator('.run-foot')
    .getByText(/steps done/)
    .innerText()} | ${await page.locator('.run-head p b').innerText()}`;

/** One step further, as a cook would: what runs alone is switched on, a clock that is over is looked at, hands do what they do. The cooker tells its pin by itself. */
async function further(page: Page): Promise<void> {
  const quick = { timeout: 1500 };
  const on = page.locator('.to-start.due').getByRole('button', { name: 'Started', exact: true });
  const due = page.locator('.clock.due:not(.pressure) .clock-actions > .ant-btn');
  const hold = page.getByRole('button', { name: 'Heat off' });
  const hands = page.locator('.now-card:not(.rest) .now-actions > .run-done');
  const ahead = page.locator('.now-card.rest .now-actions > .run-done');
  const cooker = page.locator('.pressure.due').filter({ hasText: 'at pressure' });
  try {
    if (await on.count()) await on.first().click(quick);
    else if (await due.count()) await due.first().click(quick);
    else if ((await cooker.count()) && (await hold.count())) await hold.first().click(quick);
    else if (await hands.count()) await hands.first().click(quick);
    else if (await ahead.count()) await ahead.first().click(quick);
    const gate = page.locator('.gate');
    if (!(await gate.count())) return;
    for (const ask of await gate.locator('.gate-out').all()) await ask.click(quick);
    await gate.locator('.run-done').click(quick);
  } catch {
    // The screen moved on meanwhile: the next look finds what is due then.
  }
}

test.use({ serviceWorkers: 'allow' });

test('a whole run at 20×: server killed for a while, two browsers, a reload and one "not yet" end in one log, right stock and right cost', async ({
  hut,
  page,
  browser,
}) => {
  const at = await smallDay(page, hut);
  const database = new pg.Client({ connectionString: hut.databaseUrl });
  await database.connect();
  await database.query(`SELECT set_config('kestrel.kitchen', $1, false)`, [at.split('/').at(-1)]);
  const events = async () =>
    Number((await database.query<{ n: string }>('SELECT count(*) AS n FROM event')).rows[0]?.n ?? 0);

  await page.goto(`${hut.url}/cook`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page.locator('.now-card')).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  const trainer = page.getByRole('region', { name: 'Trainer' });
  await trainer.getByRole('switch', { name: 'Simulated cooker' }).click();
  await trainer.getByText('20×').click();
  await page.reload();
  await expect(page.locator('.now-card')).toBeVisible();

  // Somebody else's tablet: a browser of its own.
  const elsewhere = await otherDevice(browser, hut, { locale: 'en-GB' });
  const other = await elsewhere.newPage();
  await other.goto(`${hut.url}/cook/run`);
  await expect(other.locator('.now-card')).toBeVisible();
  await further(other);
  await expect(page.locator('.run-others')).toContainText('Another device is in this run');

  // Not yet: the clock that is running gets five minutes more, on both.
  await expect(async () => {
    if ((await page.locator('.clock .clock-actions').count()) === 0) await further(page);
    await expect(page.locator('.clock .clock-actions').first()).toBeVisible({ timeout: 300 });
  }).toPass({ timeout: 60_000 });
  const clock = page.locator('.clock').first();
  await clock.getByRole('button', { name: 'Not yet, 5 minutes more' }).click();
  await expect(other.locator('.run-head')).toContainText(/ends/);

  // The server dies; the run goes on, also over a reload, and nothing is lost.
  const kept = await events();
  await hut.kill();
  for (let n = 0; n < 3; n++) await further(page);
  await page.reload();
  await expect(page.locator('.now-card')).toBeVisible();
  await expect(page.locator('.run-waiting')).toBeVisible();
  await further(page);
  await hut.again();
  await expect(page.locator('.run-waiting')).toHaveCount(0);
  expect(await events()).toBeGreaterThan(kept);

  let n = 0;
  await expect(async () => {
    await further(n++ % 4 === 3 ? other : page);
    expect(await page.getByText('All is cooked').isVisible()).toBe(true);
  }).toPass({ intervals: [250], timeout: 240_000 });
  await expect(other.getByText('All is cooked')).toBeVisible();
  await expect(other.locator('.run-waiting')).toHaveCount(0);
  expect(await shown(other)).toBe(await shown(page));

  // By itself the cooker told that its pin rose and dropped, once each.
  const pins = await database.query<{ value: string }>(
    `SELECT DISTINCT what->>'task' AS task, what->>'value' AS value FROM event WHERE what->>'kind' = 'measured'`,
  );
  expect(pins.rows.map(({ value }) => value).sort()).toEqual(['0', '1']);

  const before = (
    await database.query<{ id: string; on_hand: string }>(`SELECT id, on_hand FROM lot WHERE batch IS NULL`)
  ).rows;
  await page.goto(`${hut.url}/put-away`);
  for (const dish of ['Millet', 'Sunflower sauce']) {
    await page.getByRole('button', { name: `Put away ${dish}` }).click();
    await expect(page.getByTestId(`booked-${dish}`)).toBeVisible();
  }
  await other.goto(`${hut.url}/put-away`);
  await expect(other.getByRole('heading', { name: 'All boxed: nothing left to put away' })).toBeVisible();

  // Stock: what left the shelf is what the ledger says was used. Cost: the sum of what each lot's part had cost, rounded once for each batch.
  const used = await database.query<{ batch: string; lot: string; amount: number; minor: number | null }>(
    `SELECT m.batch, m.lot, -m.amount::float AS amount, (-m.amount * lot.priced_minor / nullif(lot.priced_amount, 0))::float AS minor
     FROM movement m JOIN lot ON lot.kitchen = m.kitchen AND lot.id = m.lot WHERE m.kind = 'used'`,
  );
  const left = new Map(
    (await database.query<{ id: string; on_hand: string }>('SELECT id, on_hand FROM lot WHERE batch IS NULL')).rows.map(
      (lot) => [lot.id, Number(lot.on_hand)],
    ),
  );
  for (const lot of before) {
    const took = used.rows.filter((row) => row.lot === lot.id).reduce((sum, row) => sum + row.amount, 0);
    expect(Number(lot.on_hand) - (left.get(lot.id) ?? 0)).toBeCloseTo(took, 3);
  }
  // By hand: 8 portions are the recipe as it is written, 400 g of millet, all of it from the bag that was open.
  const opened = before.find(({ on_hand }) => Number(on_hand) === 400);
  expect(left.get(opened?.id ?? '')).toBe(0);
  const { batches } = (await (await page.request.get(`${at}/week`)).json()) as {
    batches: { id: string; status: string; cost: { usedMinor: number } | null }[];
  };
  const booked = batches.filter(({ status }) => status === 'put away');
  expect(booked).toHaveLength(2);
  for (const { id, cost } of booked) {
    const sum = used.rows.filter(({ batch }) => batch === id).reduce((all, { minor }) => all + (minor ?? 0), 0);
    expect(Math.abs((cost?.usedMinor ?? 0) - sum)).toBeLessThanOrEqual(0.51);
  }
  await database.end();
  await elsewhere.close();
});
