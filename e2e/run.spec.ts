import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import pg from 'pg';
import { expect, goOnTo, tapDone, test } from './kitchen.ts';

const stepsDone = (on: Page) => on.locator('.run-foot').getByText(/steps done/);

async function begin(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/cook`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page).toHaveURL(/cook\/run/);
  await expect(page.locator('.now-card')).toBeVisible();
}

test('nothing is left out silently: what is not ticked is read back at the lid, and what was left out is booked so', async ({
  hut,
  page,
}) => {
  await begin(page, hut.url);
  await goOnTo(page, /^Load the millet/);
  const lid = page.getByRole('alertdialog');
  for (const name of [/^water/, /^bay leaf/]) await page.getByRole('checkbox', { name }).check();
  await page.getByRole('button', { name: 'More water went in' }).click();
  await page.getByLabel('More water', { exact: true }).fill('a bit');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByText('That is no amount.')).toBeVisible();
  await page.getByLabel('More water', { exact: true }).fill('+100 mL');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.locator('.now-lines')).toContainText('+100 mL');

  await page.locator('.now-actions > .run-done').click();
  await expect(lid).toContainText('before the lid is sealed');
  await expect(lid).not.toContainText('water');
  await lid.getByRole('radiogroup', { name: 'salt' }).getByText('left out').click();
  await expect(lid.getByRole('radiogroup', { name: 'millet' }).getByText('later')).toHaveCount(0);
  const millet = lid.getByRole('radiogroup', { name: 'millet' });
  if (await millet.isVisible()) await millet.getByText('it went in').click();
  await lid.getByRole('button', { name: 'Lid on, seal set' }).click();
  const cooker = page.getByRole('region', { name: 'Sealed cooker: Millet' });
  await expect(cooker).toContainText('coming up');

  // Something nobody had planned gets a clock; it stands still when it is paused.
  await page.getByLabel('Add work in one line').fill('also boil swede');
  await expect(page.getByText('Say how long')).toBeVisible();
  await page.getByLabel('Add work in one line').fill('also boil swede 20 min');
  await page.getByLabel('Add work in one line').press('Enter');
  const swede = page.getByRole('region', { name: 'Boil swede' });
  await expect(swede.getByRole('timer')).toHaveText(/19:|20:00|20 min/);
  await swede.getByRole('button', { name: 'Pause' }).click();
  await expect(swede.getByRole('timer')).toHaveText('paused');
  await swede.getByRole('button', { name: 'Go on' }).click();

  // A second browser is handed the run as it is.
  const second = await page.context().newPage();
  await second.goto(`${hut.url}/cook/run`);
  await expect(second.getByRole('region', { name: 'Boil swede' })).toBeVisible();
  await expect(second.getByRole('region', { name: 'Sealed cooker: Millet' })).toContainText('coming up');
  await second.close();

  await page.goto(`${hut.url}/put-away`);
  await page.getByRole('button', { name: 'Box Millet anyway' }).click();
  await page.getByRole('button', { name: 'Put away Millet' }).click();
  await expect(page.getByTestId('booked-Millet')).toBeVisible();
  await page.goto(`${hut.url}/shelf`);
});

test('when it runs late, the dishes that are not begun say what they would give back, and one goes', async ({
  hut,
  page,
}) => {
  await begin(page, hut.url);
  // Somebody was called away for an hour: whatever comes first in the plan, that is late.
  const database = new pg.Client({ connectionString: hut.databaseUrl });
  await database.connect();
  const [kitchen] = (await (await page.request.get(`${hut.url}/api/kitchens`)).json()) as { id: string }[];
  await database.query(`SELECT set_config('kestrel.kitchen', $1, false)`, [kitchen?.id]);
  await database.query(`UPDATE run SET started_at = started_at - interval '60 minutes'`);
  await database.end();
  await page.reload();
  const late = page.getByRole('region', { name: 'Running late' });
  await expect(late).toContainText(/\d+ min late/);
  await expect(late).toContainText('what was promised to it is free');
  await late
    .getByRole('listitem')
    .filter({ hasText: 'Sunflower sauce' })
    .getByRole('button', { name: 'Leave it out' })
    .click();
  await page.locator('.ant-popconfirm').getByRole('button', { name: 'Leave it out' }).click();
  await expect(late.getByRole('listitem').filter({ hasText: 'Sunflower sauce' })).toHaveCount(0);
  await page.goto(`${hut.url}/put-away`);
  await expect(page.getByRole('button', { name: 'Box Millet anyway' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Box Sunflower sauce anyway' })).toHaveCount(0);
});

test('trays come out one by one: the last of them ends the step, a wrong one goes back in, and a reload knows them', async ({
  hut,
  page,
}) => {
  await begin(page, hut.url);
  await goOnTo(page, /^Trays into the oven/);
  await tapDone(page);
  const start = page.getByRole('region', { name: 'Roots roasting' }).getByRole('button', { name: 'Started' });
  const racks = page.getByRole('group', { name: 'Out already, by rack: Roots roasting' });
  await expect(start.or(racks)).toBeVisible();
  if (await start.isVisible()) await start.click();
  await expect(page.getByRole('region', { name: 'Roots roasting' })).toContainText('all 3 racks');
  const rack = (name: string) => racks.getByRole('button', { name });
  await rack('Bottom').click();
  await expect(rack('Bottom')).toHaveAttribute('aria-pressed', 'true');
  await rack('Bottom').click();
  await rack('Top').click();
  await expect(page.locator('.run-waiting')).toHaveCount(0);
  await page.reload();
  await expect(rack('Top')).toHaveAttribute('aria-pressed', 'true');
  await expect(rack('Bottom')).toHaveAttribute('aria-pressed', 'false');
  await rack('Bottom').click();
  await rack('Middle').click();
  await expect(racks).toHaveCount(0);
  await expect(page.getByText('Done last: Roots roasting.')).toBeVisible();
});

test.describe('with the app kept on the device', () => {
  test.use({ serviceWorkers: 'allow' });
  test('the run goes on with the server killed and the tablet reloaded, and nothing is lost', async ({ hut, page }) => {
    await begin(page, hut.url);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    // The worker has seen the shell and the run once.
    await page.reload();
    await expect(page.locator('.now-card')).toBeVisible();
    await tapDone(page);
    await expect(page.locator('.run-waiting')).toHaveCount(0);
    await expect(stepsDone(page)).toContainText('1 of');
    await hut.kill();
    await tapDone(page);
    await expect(stepsDone(page)).toContainText('2 of');
    await page.reload();
    await expect(page.locator('.now-card')).toBeVisible();
    await expect(stepsDone(page)).toContainText('2 of');
    await expect(page.locator('.run-waiting')).toContainText('kept here until the server answers');
    await tapDone(page);
    await expect(stepsDone(page)).toContainText('3 of');
    await hut.again();
    await expect(page.locator('.run-waiting')).toHaveCount(0);
    const other = await page.context().newPage();
    await other.goto(`${hut.url}/cook/run`);
    await expect(stepsDone(other)).toContainText('3 of');
  });
});

test('the trainer: a scale ticks a line, a simulated cooker tells its pin, time goes faster; then boxes cool and get labels', async ({
  hut,
  page,
}) => {
  await begin(page, hut.url);
  const trainer = page.getByRole('region', { name: 'Trainer' });
  await expect(page.getByRole('img', { name: /^The plan as it stands\. .*Oven until \d+:\d+/ })).toBeVisible();
  await trainer.getByRole('switch', { name: 'Simulated cooker' }).click();
  await goOnTo(page, /^Peel and cut celeriac/);
  await page
    .getByRole('button', { name: /^Weigh / })
    .first()
    .click();
  await expect(page.locator('.now-lines input:checked').first()).toBeAttached();
  await goOnTo(page, /^Load the millet/);
  await tapDone(page);
  const cooker = page.getByRole('region', { name: 'Sealed cooker: Millet' });
  await expect(cooker.getByRole('listitem', { name: '' }).filter({ hasText: 'coming up' })).toHaveAttribute(
    'aria-current',
    'step',
  );
  await trainer.getByText('20×').click();
  await expect(trainer).toContainText(/Millet \d+ °C, pin (up|down)/);
  // Seven minutes of heat in half a minute: nobody taps.
  await expect(cooker.getByRole('listitem').filter({ hasText: 'at pressure' })).toHaveAttribute(
    'aria-current',
    'step',
    { timeout: 60_000 },
  );
  await trainer.getByText('1×', { exact: true }).click();

  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  // Every step of the millet is done: it cools, both stages told.
  await page.goto(`${hut.url}/put-away`);
  await page.getByRole('button', { name: 'Box Millet anyway' }).click();
  const millet = page.getByRole('region', { name: 'Millet' });
  const cooling = millet.getByRole('region', { name: 'Cooling clock' });
  await expect(cooling).toContainText('21 °C by');
  await expect(cooling).toContainText('unknown yet');
  await expect(cooling).toContainText('Divide it');
  await cooling.getByLabel('Measured in the middle, °C').fill('19');
  await cooling.getByRole('button', { name: 'Measured' }).click();
  await expect(cooling).toContainText('measured at');
  await millet.getByLabel('The pot of Millet, full, g').fill('3200');
  await millet.getByLabel('The pot of Millet, empty, g').fill('4000');
  await millet.getByLabel('The pot of Millet, empty, g').blur();
  await expect(millet.getByText('weighs more empty than full')).toBeVisible();
  await millet.getByLabel('The pot of Millet, empty, g').fill('1200');
  await millet.getByLabel('The pot of Millet, empty, g').blur();
  await expect(millet.getByText(/\d+ g in a box of \d+/)).toBeVisible();
  const download = page.waitForEvent('download');
  await millet.getByRole('button', { name: /labels? as PDF/ }).click();
  expect((await download).suggestedFilename()).toBe('labels-millet.pdf');
  // A button that is being left changes its colour for a moment.
  await page.mouse.move(2, 2);
  await page.evaluate(() => Promise.allSettled(document.getAnimations().map(({ finished }) => finished)));
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});

test('a device with a wrong clock is told so, and its taps are taken by the server’s time', async ({ hut, page }) => {
  await page.clock.install({ time: Date.now() + hut.offsetMs + 3 * 3_600_000 });
  await begin(page, hut.url);
  await page.clock.resume();
  await expect(page.getByText(/clock is \d h \d\d ahead of the server/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Running late' })).toHaveCount(0);
  await tapDone(page);
  await expect(page.locator('.run-waiting')).toHaveCount(0);
  const database = new pg.Client({ connectionString: hut.databaseUrl });
  await database.connect();
  const [kitchen] = (await (await page.request.get(`${hut.url}/api/kitchens`)).json()) as { id: string }[];
  await database.query(`SELECT set_config('kestrel.kitchen', $1, false)`, [kitchen?.id]);
  const { rows } = await database.query<{ off: number }>(
    `SELECT max(abs(extract(epoch FROM at - received_at)))::float AS off FROM event`,
  );
  await database.end();
  expect(rows[0]?.off).toBeLessThan(60);
});

test('a word ticks what went in; a dish that was put away is boxed again, and the freezer shows its boxes by bin', async ({
  hut,
  page,
}) => {
  await begin(page, hut.url);
  await goOnTo(page, /^Load the millet/);
  await page.getByLabel('Add work in one line').fill('bay leaf');
  await expect(page.getByText('understood: bay leaf went in')).toBeVisible();
  await page.getByLabel('Add work in one line').press('Enter');
  await expect(page.getByRole('checkbox', { name: /^bay leaf/ })).toBeChecked();

  // What went in otherwise is said in the same line: more of something, and something else in another dish.
  const said = page.getByLabel('Add work in one line');
  await said.fill('+1 tsp salt');
  await expect(page.getByText('understood: +1 tsp salt')).toBeVisible();
  await said.press('Enter');
  await expect(page.locator('.now-card')).toContainText('+1 tsp');
  await said.fill('+1 tsp moondust');
  await expect(page.getByText('Which ingredient is that?')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Log it' })).toBeDisabled();
  await said.fill('out of leeks, used onions');
  await expect(page.getByText(/understood: .* onion instead of leek/)).toBeVisible();
  await said.press('Enter');
  await expect(said).toHaveValue('');
  await page.goto(`${hut.url}/scale`);
  await page.getByRole('link', { name: /^Kale and leek/ }).click();
  await expect(page.getByRole('row', { name: /^onion/ })).toBeVisible();

  await page.goto(`${hut.url}/put-away`);
  await page.getByRole('button', { name: 'Box Millet anyway' }).click();
  const millet = page.getByRole('region', { name: 'Millet' });
  await expect(millet.getByText(/% full/).first()).toBeVisible();
  await millet.getByRole('button', { name: 'Label printer' }).click();
  await expect(page.getByRole('img', { name: /^Label 1 of/ })).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Put away Millet' }).click();
  await expect(page.getByTestId('booked-Millet')).toBeVisible();
  await page.getByRole('link', { name: /which bin of the freezer/ }).click();
  await expect(page.getByRole('heading', { name: /portions in \d+ frozen boxes/ })).toBeVisible();
  await expect(
    page
      .getByRole('region', { name: 'freezer', exact: true })
      .getByRole('listitem')
      .filter({ hasText: 'Millet' })
      .first(),
  ).toContainText('2 portions');
  await page.getByRole('link', { name: 'Back to the boxes' }).click();
  await page.getByRole('button', { name: 'Box Millet again' }).click();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('button', { name: 'Box Millet anyway' })).toBeVisible();
  await page.getByRole('button', { name: 'Box Millet anyway' }).click();
  await expect(page.getByText('taken back to be boxed again')).toBeVisible();
});
