import { expect, test } from './kitchen.ts';

test('the day is planned, asked, moved, tried out, rehearsed and taken along', async ({ hut, page }) => {
  await page.goto(`${hut.url}/cook`);
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toContainText('done by');
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0);
  const planned = await heading.textContent();

  // Why not earlier?
  const steps = page.locator('.task-list');
  await steps.getByRole('button', { name: /Kale wilting/ }).click();
  const why = page.locator('.why-panel');
  await expect(why).toContainText('Why not earlier?');
  await expect(why).toContainText('It follows');

  // Pinned where it stands, then five minutes later; the rest follows.
  await why.getByRole('button', { name: 'Five minutes later' }).click();
  const wished = page.locator('.wished');
  await expect(wished).toContainText(/Kale wilting at \d\d:\d\d/);
  await expect(why).toContainText('You have pinned it to this minute.');
  await expect(page.locator('.bar.pinned').first()).toBeVisible();

  // Dragged along its lane: another pin.
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0);
  const bar = page.getByRole('button', { name: 'Roots roasting, tray 1' });
  await bar.scrollIntoViewIfNeeded();
  const box = await bar.boundingBox();
  if (!box) throw new Error('The tray has no bar.');
  await page.mouse.move(box.x + 20, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 60, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(wished).toContainText(/Roots roasting at \d\d:\d\d/);
  await page.reload();
  await expect(wished).toContainText('Roots roasting at');
  await wished.getByRole('button', { name: 'Let all go' }).click();
  await expect(wished).not.toContainText('Roots roasting');
  // The same plan again; on a slow machine, whose search the clock ends, perhaps a shorter one, never a longer.
  const endOf = (text: string | null) => /done by (\d\d:\d\d)/.exec(text ?? '')?.[1] ?? '99:99';
  await expect.poll(async () => endOf(await heading.textContent()) <= endOf(planned)).toBe(true);
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0);
  const free = await heading.textContent();

  // A break for everybody moves the end.
  await wished.getByRole('button', { name: 'A break' }).click();
  await page.getByRole('button', { name: 'Plan the break' }).click();
  await expect(wished).toContainText(/break \d\d:\d\d to \d\d:\d\d/);
  await expect(heading).not.toHaveText(free ?? '');
  await wished.getByRole('button', { name: 'Take the break back' }).click();
  await expect.poll(async () => endOf(await heading.textContent()) <= endOf(free)).toBe(true);

  // Rehearsed, and taken along as a calendar.
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await expect(page.getByRole('region', { name: 'Rehearsal' })).toContainText(/Done by \d\d:\d\d in 8 of 10/);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar' }).click();
  expect((await download).suggestedFilename()).toMatch(/^cook-.*\.ics$/);

  // Without the roots: beside the plan as it is, with what the week would lack; then done so.
  const whatIf = page.getByRole('region', { name: 'What if' });
  await whatIf.getByRole('combobox').fill('roast');
  await page.keyboard.press('Enter');
  await expect(whatIf.getByRole('table')).toContainText('done by');
  await expect(whatIf).toContainText(/The week then lacks \d+ portions of Roast roots/);
  await whatIf.getByRole('button', { name: 'Do it so' }).click();
  await expect(steps).not.toContainText('Roots roasting');
});

test('a day that cannot be: what stands against each other is named, and may be let go', async ({ hut, page }) => {
  await page.goto(`${hut.url}/cook`);
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0);
  const steps = page.locator('.task-list');
  const why = page.locator('.why-panel');
  // The cutting is pinned to the beginning, and the rinsing before it too: one pair of hands cannot.
  await steps.getByRole('button', { name: /Peel and cut celeriac/ }).click();
  await why.getByRole('button', { name: /^Pin to/ }).click();
  await expect(page.locator('.wished')).toContainText('Peel and cut celeriac');
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0);
  // Another tablet pins the rinsing into the minutes of the cutting.
  const at = `${hut.url}/api/kitchens/${((await (await page.request.get(`${hut.url}/api/kitchens`)).json()) as [{ id: string }])[0].id}`;
  const { sessions, batches } = (await (await page.request.get(`${at}/week`)).json()) as {
    sessions: [{ id: string; version: number; wishes: { pins: Record<string, number> } }];
    batches: { id: string; recipe: string }[];
  };
  const recipes = (await (await page.request.get(`${at}/recipes`)).json()) as { id: string; name: string }[];
  const millet = recipes.find(({ name }) => name === 'Millet with bay')?.id;
  const [{ id, version, wishes }] = sessions;
  const [pinned = 0] = Object.values(wishes.pins);
  const rinse = `${batches.find(({ recipe }) => recipe === millet)?.id ?? ''}/rinse/2`;
  const said = await page.request.put(`${at}/sessions/${id}/wishes`, {
    data: { wishes: { ...wishes, pins: { ...wishes.pins, [rinse]: pinned + 1 } }, version },
    headers: { 'Idempotency-Key': crypto.randomUUID() },
  });
  expect(said.ok(), await said.text()).toBe(true);
  await expect(page.getByRole('heading', { level: 1, name: 'This day cannot be planned' })).toBeVisible();
  await expect(page.getByText('These cannot all hold')).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Rinse the millet, load 2' })
    .getByRole('button', { name: 'Let it go' })
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('done by');
});

test('several cook: work is given, shared, done the evening before, and another tablet knows it', async ({
  hut,
  page,
  context,
}) => {
  await page.goto(`${hut.url}/cook`);
  const heading = page.getByRole('heading', { level: 1 });
  const steps = page.locator('.task-list');
  const why = page.locator('.why-panel');
  const wished = page.locator('.wished');
  const settled = () => expect(page.getByText('Looking for a shorter plan')).toHaveCount(0);
  await settled();
  const alone = await heading.textContent();

  await page.getByRole('button', { name: 'Cooks: one more' }).click();
  await page.locator('.session-start').getByRole('button', { name: 'Keep' }).click();
  await expect(steps.getByText('Teo')).toBeVisible();
  await expect(heading).not.toHaveText(alone ?? '');
  await settled();

  await steps.getByRole('button', { name: /Peel and cut celeriac/ }).click();
  await why.getByRole('button', { name: 'Two share it' }).click();
  await expect(steps.getByRole('button', { name: /Peel and cut celeriac and parsnip, one half/ })).toHaveCount(2);
  await settled();

  await steps.getByRole('button', { name: /Wash the leek, slice it/ }).click();
  await why.getByRole('button', { name: 'Do it the evening before' }).click();
  await expect(steps.getByRole('button', { name: /Wash the leek, slice it/ })).toHaveCount(0);
  await expect(page.locator('.begun-ahead')).toContainText('Wash the leek, slice it and the garlic, into a box, cold');
  await settled();

  // Given to a person; the list by person has it, and the other's has not.
  await steps.getByRole('button', { name: /Chop onion and garlic/ }).click();
  await why.getByRole('combobox', { name: 'Whose task it is' }).click();
  await page.getByRole('option', { name: 'Teo' }).click();
  await expect(wished).toContainText('Chop onion and garlic: Teo');
  await settled();
  await steps.getByText('Teo', { exact: true }).click();
  await expect(steps.getByRole('button', { name: /Chop onion and garlic/ })).toBeVisible();
  await steps.getByText('Ines', { exact: true }).click();
  await expect(steps.getByRole('button', { name: /Chop onion and garlic/ })).toHaveCount(0);

  // What was said stands with the session, not on this tablet alone.
  const other = await context.newPage();
  await other.goto(`${hut.url}/cook`);
  await expect(other.locator('.wished')).toContainText('Chop onion and garlic: Teo');
  await other.close();
});

test('the day as it may come: another way, a steadier plan, a soak that is too late, a top-up, what to leave out', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/cook`);
  const settled = () => expect(page.getByText('Looking for a shorter plan')).toHaveCount(0);
  await settled();
  // What the ways of cooking save is said without being asked.
  await expect(page.locator('.other-ways')).toContainText(/sooner|quickest/);

  await page.getByText(/^What sets the finish: \d+ steps/).click();
  await expect(page.locator('.finish-chain').getByRole('listitem').first()).toContainText(/\d\d:\d\d/);
  const shorten = page.getByRole('region', { name: 'What would shorten the day' });
  await shorten.getByRole('button', { name: 'Find savings' }).click();
  await expect(shorten.getByRole('listitem').first()).toContainText('−', { timeout: 60_000 });

  const tooLong = page.getByRole('region', { name: 'If the day is too long' });
  await tooLong.getByRole('button', { name: 'What to leave out first' }).click();
  await expect(tooLong.getByRole('listitem')).toHaveCount(5);

  await page.getByRole('checkbox', { name: 'rather a plan that holds' }).check();
  await settled();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('done by');

  // The beans were not put to soak after all.
  await page.locator('.begun-ahead').getByRole('button', { name: 'not yet' }).click();
  const late = page.locator('.too-late');
  await expect(late).toContainText('takes 8 h at least');
  await late.getByRole('button', { name: 'Cook it from tins' }).click();
  await expect(late).toHaveCount(0);

  await page.getByRole('button', { name: 'Add a midweek top-up' }).click();
  await page.getByRole('combobox', { name: /^Move a dish to/ }).click();
  await page.getByRole('option', { name: 'Roast roots' }).click();
  await expect(page.locator('.task-list')).not.toContainText('Roots roasting');
  await page
    .locator('.sessions')
    .getByText(/^Top-up/)
    .click();
  await expect(page.locator('.task-list')).toContainText('Roots roasting');

  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('.task-list')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start cooking' })).toBeHidden();
});

test('a kitchen without an oven says which dish it cannot cook, and the way out', async ({ hut, page }) => {
  await page.goto(`${hut.url}/kitchen`);
  await page.getByRole('button', { name: 'Remove oven 1' }).click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Kept. Amounts, loads and the plan follow.')).toBeVisible();
  await page.goto(`${hut.url}/cook`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('This day cannot be planned');
  await expect(page.getByText('Roast roots wants a oven')).toHaveCount(0);
  const fault = page.getByRole('listitem').filter({ hasText: 'Roast roots' });
  await expect(fault).toContainText('there is none in this kitchen');
  await fault.getByRole('button', { name: 'Leave it out' }).click();
  await page.locator('.ant-popconfirm').getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('done by');
});
