import { expect, otherDevice, tapDone, test } from './kitchen.ts';

test('an address that is not there is answered, with a way back', async ({ hut, page }) => {
  await page.goto(`${hut.url}/pantry`);
  await expect(page.getByRole('heading', { name: 'Off the trail' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to Today' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Cook');
});

test('two browsers agree at once; an old version is told, and nothing is lost', async ({ hut, page, browser }) => {
  await page.goto(`${hut.url}/shelf`);
  await page.getByTestId('lot-buckwheat groats').click();
  const other = await (await otherDevice(browser, hut)).newPage();
  await other.goto(`${hut.url}/shelf`);
  await other.getByTestId('lot-buckwheat groats').click();
  await other.getByRole('button', { name: 'half' }).click();
  await expect(page.getByTestId('lot-buckwheat groats')).toContainText('250 g');

  // The line to the second browser is cut: it goes on from what it last knew, and is told.
  await other.route('**/live', (route) => route.abort());
  await other.reload();
  await other.getByTestId('lot-buckwheat groats').click();
  await page.getByRole('button', { name: 'half' }).click();
  await expect(page.getByTestId('lot-buckwheat groats')).toContainText('125 g');
  await other.getByRole('button', { name: 'half' }).click();
  await expect(other.getByText('Somebody changed this lot after you opened it')).toContainText(
    'It holds 125 g now; you saw 250 g.',
  );
  await expect(page.getByTestId('lot-buckwheat groats')).toContainText('125 g');
});

test('with the server gone the last known state stays, taps of a run wait, and both come back', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/cook`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page.locator('.now-card')).toBeVisible();
  await hut.kill();
  await expect(page.getByText('No line to the server')).toBeVisible();
  await tapDone(page);
  await expect(page.getByText('1 tap is kept here until the server answers')).toBeVisible();
  await expect(page.locator('.run-foot')).toContainText('1 of');
  await hut.again();
  await expect(page.locator('.run-waiting')).toHaveCount(0);
  await expect(page.getByText('No line to the server')).toHaveCount(0);
  await page.reload();
  await expect(page.locator('.run-foot')).toContainText('1 of');
});

test('two tabs tap with the server gone, one of them is closed: every tap arrives, once; a change that was not answered is asked again', async ({
  hut,
  page,
  context,
}) => {
  await page.goto(`${hut.url}/cook`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page.locator('.now-card')).toBeVisible();
  const second = await context.newPage();
  await second.goto(`${hut.url}/cook/run`);
  await expect(second.locator('.now-card')).toBeVisible();
  const shelf = await context.newPage();
  await shelf.goto(`${hut.url}/shelf`);
  await shelf.getByTestId('lot-buckwheat groats').click();
  await hut.kill();
  await expect(second.getByText('No line to the server')).toBeVisible();
  for (let n = 0; n < 2; n++) await tapDone(page);
  // The other tab has seen them, and goes on from there.
  await expect(second.locator('.run-foot')).toContainText('2 of');
  await tapDone(second);
  await expect(second.getByText('3 taps are kept here until the server answers')).toBeVisible();
  await page.close();
  await shelf.getByRole('button', { name: 'half' }).click();
  await expect(shelf.locator('.not-known')).toContainText('it is not known yet');
  await hut.again();
  await expect(second.locator('.run-waiting')).toHaveCount(0);
  await expect(second.locator('.run-foot')).toContainText('3 of');
  await expect(shelf.locator('.not-known')).toHaveCount(0);
  await expect(shelf.getByTestId('lot-buckwheat groats')).toContainText('250 g');
  await shelf.reload();
  await expect(shelf.getByTestId('lot-buckwheat groats')).toContainText('250 g');
});

test('a page that is opened with the database gone says so, and comes by itself when it is back', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/shelf`);
  await expect(page.getByTestId('lot-millet').first()).toBeVisible();
  await page.route('**/api/kitchens/*/lots', (route) =>
    route.fulfill({
      status: 503,
      contentType: 'application/problem+json',
      body: JSON.stringify({
        type: '/problems/database-away',
        code: 'database away',
        status: 503,
        title: 'The database does not answer',
        detail: 'Nothing was changed. Wait a moment and try again.',
        errors: [],
      }),
    }),
  );
  await page.reload();
  await expect(page.getByRole('heading', { name: 'The database does not answer' })).toBeVisible();
  await page.unroute('**/api/kitchens/*/lots');
  await expect(page.getByTestId('lot-millet').first()).toBeVisible();
});

test('the kitchen’s figures follow its altitude', async ({ hut, page }) => {
  await page.goto(`${hut.url}/kitchen`);
  await expect(page.getByText('Water boils here at 96.0 °C')).toBeVisible();
  await page.getByLabel('Altitude').fill('0');
  await expect(page.getByText('Water boils here at 100.0 °C')).toBeVisible();
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('link', { name: /Windgate Hut · 0 m/ })).toBeVisible();
});

test('a second kitchen, whatever its name, does not become the first of a device that knows its own; it can be chosen', async ({
  hut,
  page,
}) => {
  await page.goto(hut.url);
  await expect(page.getByRole('link', { name: /Windgate Hut/ })).toBeVisible();
  const [kitchen] = (await (await page.request.get(`${hut.url}/api/kitchens`)).json()) as [{ id: string }];
  const { equipment } = (await (await page.request.get(`${hut.url}/api/kitchens/${kitchen.id}`)).json()) as {
    equipment: object;
  };
  const opened = await page.request.post(`${hut.url}/api/kitchens`, {
    data: {
      id: crypto.randomUUID(),
      name: 'Aaa',
      equipment,
      places: [{ id: crypto.randomUUID(), name: 'fridge', kind: 'fridge' }],
    },
    headers: { 'Idempotency-Key': crypto.randomUUID() },
  });
  expect(opened.ok(), await opened.text()).toBe(true);
  await page.goto(`${hut.url}/kitchen`);
  await expect(page.getByRole('link', { name: /Windgate Hut/ })).toBeVisible();
  await page.getByLabel('Which kitchen this device shows').click();
  await page.getByTitle('Aaa').click();
  await expect(page.getByRole('link', { name: /Aaa/ })).toBeVisible();
});
