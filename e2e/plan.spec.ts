import { expect, test } from './kitchen.ts';

test('the day is planned, asked, moved, tried out, rehearsed and taken along', async ({ hut, page }) => {
  await page.goto(`${hut.url}/cook`);
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toContainText('done by');
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0, { timeout: 20_000 });
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
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0, { timeout: 20_000 });
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
  await expect(heading).toHaveText(planned ?? '');

  // A break for everybody moves the end.
  await wished.getByRole('button', { name: 'A break' }).click();
  await page.getByRole('button', { name: 'Plan the break' }).click();
  await expect(wished).toContainText(/break \d\d:\d\d to \d\d:\d\d/);
  await expect(heading).not.toHaveText(planned ?? '');
  await wished.getByRole('button', { name: 'Take the break back' }).click();
  await expect(heading).toHaveText(planned ?? '');

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
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0, { timeout: 20_000 });
  const steps = page.locator('.task-list');
  const why = page.locator('.why-panel');
  // The cutting is pinned to the beginning, and the rinsing before it too: one pair of hands cannot.
  await steps.getByRole('button', { name: /Peel and cut celeriac/ }).click();
  await why.getByRole('button', { name: /^Pin to/ }).click();
  await expect(page.locator('.wished')).toContainText('Peel and cut celeriac');
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0, { timeout: 20_000 });
  await steps.getByRole('button', { name: /Rinse the millet, load 2/ }).click();
  for (let n = 0; n < 4; n++) {
    const earlier = why.getByRole('button', { name: 'Five minutes earlier' });
    if (!(await earlier.isVisible())) break;
    await earlier.click();
    await page.waitForTimeout(700);
  }
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('This day cannot be planned');
  await expect(page.getByText('These cannot all hold')).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Rinse the millet, load 2' })
    .getByRole('button', { name: 'Let it go' })
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('done by');
});
