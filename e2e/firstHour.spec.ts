import type { Page } from '@playwright/test';
import { expect, test } from './kitchen.ts';

test('who is new is shown round in five steps, may stop, and finds the help and its keys on every page', async ({
  hut,
  page,
}) => {
  await page.goto(hut.url);
  await page.getByRole('button', { name: 'See the week in five steps' }).click();
  const bar = page.getByRole('region', { name: 'Shown round' });
  for (const [n, name] of ['Shelf', 'Week', 'Cook', 'Eat', 'Look back'].entries()) {
    await expect(bar).toContainText(`${n + 1} of 5, ${name}.`);
    await expect(
      page.getByRole('navigation', { name: 'The week’s trail' }).getByRole('listitem').filter({ hasText: name }),
    ).toHaveClass('here');
    await bar.getByRole('button', { name: /^Next: |^Finish$/ }).click();
  }
  await expect(bar).toHaveCount(0);
  await expect(page).toHaveURL(`${hut.url}/`);

  // By its key, but not while somebody types a question mark.
  await page.goto(`${hut.url}/week`);
  await page.locator('.strip').first().waitFor();
  await page.keyboard.press('Shift+?');
  const help = page.getByRole('dialog', { name: 'Week' });
  await expect(help).toContainText('how far each batch reaches');
  await expect(help).toContainText('a portion more or less');
  await page.keyboard.press('Escape');
  await expect(help).toHaveCount(0);
  await page.goto(`${hut.url}/recipes`);
  await page.getByLabel('Find a recipe').fill('millet?');
  await expect(page.getByRole('dialog')).toHaveCount(0);

  // From the help it begins again, and stops where one likes.
  await page.getByRole('button', { name: 'Help' }).click();
  await page.getByRole('dialog', { name: 'Recipes' }).getByRole('button', { name: 'Show me round' }).click();
  await expect(bar).toContainText('1 of 5, Shelf.');
  await bar.getByRole('button', { name: 'Stop here' }).click();
  await expect(bar).toHaveCount(0);
  await expect(page).toHaveURL(`${hut.url}/shelf`);
});

test('hours and days are written as the kitchen says, on pages and in pickers; a new kitchen begins as its browser would', async ({
  hut,
  bare,
  browser,
  page,
}) => {
  await page.goto(`${hut.url}/kitchen`);
  for (const [field, choice] of [
    ['An evening hour is', '6:30 pm'],
    ['A date is', 'Mar 1'],
    ['A calendar’s week begins on', 'Sunday'],
  ] as const) {
    await page.getByRole('combobox', { name: field }).click();
    await page.getByTitle(choice, { exact: true }).click();
  }
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText(/Kept/).first()).toBeVisible();
  await page.getByRole('link', { name: /^Cook/ }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/done by \d{1,2}:\d\d [ap]m/);
  await page.locator('.when-picker').first().click();
  await expect(page.locator('.when-picker input').first()).toHaveValue(/^\w{3} \w{3} \d{1,2}, \d{1,2}:\d\d [ap]m$/);
  await expect(page.locator('.ant-picker-content thead th').first()).toHaveText('Su');
  // Nothing of it is written the other way anywhere on the first page.
  await page.goto(hut.url);
  await expect(page.getByRole('main')).toContainText(/\d [ap]m/);
  expect(await page.getByRole('main').innerText()).not.toMatch(/\b(?:1[3-9]|2[0-3]|0\d):\d\d\b/);

  const american = await browser.newContext({ locale: 'en-US', serviceWorkers: 'block' });
  const there = await american.newPage();
  await there.goto(bare.url);
  await there.getByLabel('What is it called?').fill('Corner kitchen');
  await there.getByRole('button', { name: 'Open the kitchen' }).click();
  await expect(there.getByRole('heading', { name: 'Say who eats here' })).toBeVisible();
  await there.goto(`${bare.url}/kitchen`);
  await expect(there.getByText('6:30 pm', { exact: true })).toBeVisible();
  // Heat is read in °F there: where water boils, what the book cautions of, what an oven is set to.
  await expect(there.getByText(/Water boils here at 2\d\d °F/)).toBeVisible();
  await there.goto(`${bare.url}/recipes/new`);
  await there
    .getByLabel('The recipe’s text')
    .fill(
      'Parsnip tray\nServes 4\n1 kg parsnips\n2 tbsp rapeseed oil\nRoast the parsnips in the oil at 190 °C for 40 minutes.',
    );
  await expect(there.getByRole('list', { name: 'Method as understood' })).toContainText('oven at 375 °F');
  await there.getByRole('button', { name: 'Keep the recipe' }).click();
  await expect(there.getByRole('heading', { level: 1, name: 'Parsnip tray' })).toBeVisible();
  await expect(there.getByRole('main')).toContainText('at 375 °F for 40 minutes');
  expect(await there.getByRole('main').innerText()).not.toMatch(/\d °C/);
  await there.getByRole('button', { name: 'Make 4 portions this week' }).click();
  await expect(there).toHaveURL(/scale/);
  // By hand: a kilo is 2.205 lb.
  await expect(there.getByRole('row', { name: /^parsnip/ })).toContainText('2 lb 3 oz');
  await there.goto(`${bare.url}/cook`);
  await expect(there.getByRole('main')).toContainText('at 375 °F for 40 minutes');
  expect(await there.getByRole('main').innerText()).not.toMatch(/\d °C/);
  await american.close();

  // Where a tenth is written with a comma, no figure of any page has a point.
  const german = await browser.newContext({ locale: 'de-DE', serviceWorkers: 'block' });
  const here = await german.newPage();
  await here.goto(`${bare.url}/kitchen/open`);
  await here.getByLabel('What is it called?').fill('Kitchen by the lake');
  await here.getByRole('button', { name: 'Open the kitchen' }).click();
  await expect(here.getByText('Kitchen by the lake · ').first()).toBeVisible();
  await here.goto(`${bare.url}/recipes/new`);
  await here
    .getByLabel('The recipe’s text')
    .fill(
      'Parsnip pot\nServes 4\n1,25 kg parsnips\n1,5 l vegetable stock\n12,5 g salt\n250 g millet\nSimmer everything for 30 minutes.',
    );
  await here.getByRole('button', { name: 'Keep the recipe' }).click();
  await expect(here.getByRole('heading', { level: 1, name: 'Parsnip pot' })).toBeVisible();
  await expect(here.getByRole('main')).toContainText('1,25 kg');
  expect(await pointsOn(here)).toEqual([]);
  await here.getByRole('button', { name: 'Make 4 portions this week' }).click();
  await expect(here.getByRole('row', { name: /^parsnip/ })).toContainText('1,25 kg');
  for (const path of ['scale', 'cook', 'shop', 'kitchen', 'recipes', '']) {
    await here.goto(`${bare.url}/${path}`);
    await expect(here.getByRole('main')).toBeVisible();
    await expect(here.getByText(/^Reading/)).toHaveCount(0);
    expect([path, ...(await pointsOn(here))]).toEqual([path]);
  }
  await german.close();
});

/** "1.5", and neither a clock, nor a date, nor a clause of a law: "3-501.14", "101.9(b)". */
const POINTED = /(?<![\d.:-])\d+\.\d(?![\d]*[.(])/;

test('whoever has looked round opens a kitchen of their own from there, goes back, and opens the hut anew', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/kitchen`);
  await page.getByRole('link', { name: 'Open another kitchen' }).click();
  await expect(page).toHaveTitle('Open a kitchen · Kestrel Ridge');
  await page.getByLabel('What is it called?').fill('Corner kitchen');
  await page.getByRole('button', { name: 'Open the kitchen' }).click();
  await expect(page.getByText('Corner kitchen · ').first()).toBeVisible();

  await page.goto(`${hut.url}/kitchen/open`);
  await page.getByRole('button', { name: 'Open the hut' }).click();
  // Eight weeks are lived through first.
  await expect(page.getByText('Windgate Hut 2 · 1180 m')).toBeVisible({ timeout: 120_000 });
  await page.goto(`${hut.url}/look-back?weeks=8`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/^Cooked \d times/);

  await page.goto(`${hut.url}/kitchen`);
  await page.getByRole('combobox', { name: 'Which kitchen this device shows' }).click();
  await page.getByTitle('Corner kitchen').click();
  await expect(page.getByText('Corner kitchen · ').first()).toBeVisible();
});
/** Lines of a page with a figure that has a point. */
const pointsOn = async (page: Page): Promise<readonly string[]> =>
  (await page.getByRole('main').innerText()).split('\n').filter((line) => POINTED.test(line));
