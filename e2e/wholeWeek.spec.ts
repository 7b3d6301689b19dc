import type { Page } from '@playwright/test';
import { dayIn, expect, goOn, sayOfWeek, tapDone, test, type Served } from './kitchen.ts';

const numberIn = (text: string | null, pattern: RegExp): number => Number(pattern.exec(text ?? '')?.[1] ?? 0);
const clockIn = (text: string | null): string => /(\d\d:\d\d)/.exec(text ?? '')?.[1] ?? 'no clock';
const figure = (page: Page, name: string) =>
  page.locator('.figure-row').filter({ has: page.getByText(name, { exact: true }) });
const stop = (page: Page, name: string) => page.locator('.trail').getByRole('link', { name: new RegExp(`^${name}`) });

/** Goes along the trail, and holds what one screen says against what the others say: boxes, what is missing, what comes out of the freezer, the finish. */
async function agree(page: Page, hut: Served): Promise<{ readonly portions: number; readonly missing: number }> {
  await page.goto(hut.url);
  await expect(stop(page, 'Eat')).toContainText(/portions|no boxes/);
  const portions = numberIn(await stop(page, 'Eat').textContent(), /(\d+) portions/);
  const missing = numberIn(await stop(page, 'Shop').textContent(), /(\d+) missing/);
  const evening = clockIn(await stop(page, 'Evening').textContent());
  await expect(page.getByText(`${portions} portions in boxes`)).toBeVisible();

  await stop(page, 'Eat').click();
  await expect(page.getByTestId(/^ready-/).first()).toBeVisible();
  const ready = await page.locator('.ready p:has([data-testid])').allTextContents();
  const onPlates = ready.reduce((sum, text) => sum + numberIn(text, /^(\d+)/) + numberIn(text, /(\d+) frozen/), 0);
  expect(onPlates, 'Eat and the trail').toBe(portions);

  await stop(page, 'Shelf').click();
  await expect(page.getByTestId(/^lot-/).first()).toBeVisible();
  const lots = await page.getByTestId(/^lot-/).allTextContents();
  const onShelf = lots.reduce((sum, text) => sum + numberIn(text, /(\d+) portions?/), 0);
  expect(onShelf, 'Shelf and Eat').toBe(onPlates);

  await stop(page, 'Evening').click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(evening);

  await stop(page, 'Shop').click();
  await expect(page.getByText('below what should never run out')).toBeVisible();
  const bought = await page.locator('.page-head').textContent();
  expect(numberIn(bought, /(\d+) for this week’s dishes/), 'Shop and the trail').toBe(missing);
  await stop(page, 'Week').click();
  if (missing > 0) await expect(figure(page, 'Missing').locator('.number')).toContainText(`${missing}`);
  return { portions, missing };
}

test('a week with a thaw, guests, an early dinner, a dropped dish and a bake in a cooler oven is cooked through, and no screen says otherwise than another', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/recipes`);
  await page
    .getByRole('link', { name: /Rye crackers/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Make 8 portions this week' }).click();
  await expect(page).toHaveURL(/scale/);
  await stop(page, 'Week').click();
  await sayOfWeek(page, `${dayIn(hut, 1)} dinner millet, roast roots, 2 guests, 17:30`);
  await expect(page.locator('.meal.said')).toHaveCount(2);
  await page.getByRole('button', { name: 'Leave out Sunflower sauce' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByLabel('Portions of Sunflower sauce', { exact: true })).toHaveCount(0);
  const before = await agree(page, hut);
  expect(before).toEqual({ portions: 8, missing: 3 });
  await expect(figure(page, 'Done by')).not.toContainText('looking for');
  const finish = clockIn(await figure(page, 'Done by').textContent());

  // Two heats: the plan has the turn of the dial between them, or the crackers stand at the roots' heat.
  await stop(page, 'Cook').click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(finish);
  await expect(page.locator('.task-list')).toContainText(/Oven (on|to), \d+ °C|Oven to \d+ °C/);
  await expect(page.getByText('Missing on the shelf:')).toContainText('kale');
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page.locator('.now-card')).toBeVisible();

  // Any step that is ready can be taken up.
  const first = await page.locator('.now-name').textContent();
  const other = page.getByRole('button', { name: /^Do this now: / }).first();
  const [, wanted = ''] = /^Do this now: (.*)$/.exec((await other.getAttribute('aria-label')) ?? '') ?? [];
  await other.click();
  await expect(page.locator('.now-name')).toHaveText(wanted);
  expect(wanted).not.toBe(first);
  await tapDone(page);
  await expect(page.locator('.run-foot')).toContainText('1 of');

  // While it is cooked, every screen has the run's own finish.
  const ends = clockIn(await page.locator('.run-head p b').textContent());
  await page.goto(hut.url);
  await expect(page.locator('.next')).toContainText(`ends ${ends}`);
  await stop(page, 'Week').click();
  await expect(page.getByRole('complementary')).toContainText(`ends ${ends}`);
  await expect(figure(page, 'Done by')).toHaveCount(0);

  // On to the hazelnuts, that are left out at their gate.
  await page.goto(`${hut.url}/cook/run`);
  const greens = page.locator('.now-name', { hasText: 'Season the greens' });
  await expect(page.locator('.now-card')).toBeVisible();
  for (let n = 0; n < 90 && !(await greens.isVisible()); n++) await goOn(page);
  await page.locator('.now-actions > .run-done').click();
  const gate = page.getByRole('alertdialog');
  await gate.getByRole('radiogroup', { name: 'hazelnuts' }).getByText('left out').click();
  await expect(gate.getByRole('status')).toContainText('no nuts in it then');
  for (const food of await gate.getByRole('radiogroup').all())
    if ((await food.getAttribute('aria-label')) !== 'hazelnuts') await food.getByText('it went in').click();
  await gate.locator('.run-done').click();
  for (let n = 0; n < 90 && !(await page.getByText('All is cooked').isVisible()); n++) await goOn(page);
  await expect(page.getByText('All is cooked')).toBeVisible();

  await page.getByRole('main').getByRole('link', { name: 'Put away' }).click();
  const kale = page.getByRole('region', { name: 'Kale and leek', exact: true });
  await expect(kale).toContainText('no hazelnuts');
  await expect(kale.locator('.label').first()).not.toContainText('Contains nuts');
  for (const dish of ['Borlotti', 'Kale and leek', 'Millet', 'Roast roots', 'Rye crackers']) {
    await page.getByRole('button', { name: `Put away ${dish}` }).click();
    const anyway = page.getByRole('button', { name: 'Book what is there' });
    await expect(page.getByTestId(`booked-${dish}`).or(anyway)).toBeVisible();
    if (await anyway.isVisible()) await anyway.click();
    await expect(page.getByTestId(`booked-${dish}`)).toBeVisible();
  }
  await expect(page.getByRole('heading', { name: 'All boxed: nothing left to put away' })).toBeVisible();

  // By hand: 8 of the soup, and 10, 8, 16, 12 and 8 of what was cooked.
  expect(await agree(page, hut)).toEqual({ portions: 62, missing: 0 });

  // Looked back on: its finish, what moved it, and every portion that was made.
  await stop(page, 'Look back').click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Cooked; nothing was thrown away');
  const session = page.getByRole('region', { name: /^Session of/ });
  // Nobody cooks so fast: of a run that was ticked off in a minute nothing is learned, and it says so.
  await expect(session).toContainText('Nothing is made of its times: its steps were ticked off at once.');
  await expect(page.getByRole('region', { name: 'Cooked otherwise' })).toContainText('Kale and leekwithout hazelnuts');
  await page.getByText('The figures, in portions').click();
  const row = (dish: string) =>
    page.locator('.past-table tr').filter({ has: page.getByRole('rowheader', { name: dish, exact: true }) });
  await expect(row('Borlotti').getByRole('cell')).toHaveText(['', '10: why?', '', '', '', '', '', '', '10: why?']);
  await expect(row('Kale and leek').getByRole('cell').nth(1)).toHaveText('8: why?');
});
