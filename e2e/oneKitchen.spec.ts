import { dayIn, expect, keepStill, sayOfWeek, test } from './kitchen.ts';
import type { Page } from '@playwright/test';

/** What a screen says of a moment, "11:17". */
const clockIn = (text: string | null): string => /(\d\d:\d\d)/.exec(text ?? '')?.[1] ?? 'no clock';
const euros = (text: string | null): string => /€(\d+\.\d\d)/.exec(text ?? '')?.[1] ?? 'no price';
const figure = (page: Page, name: string) =>
  page.locator('.figure-row').filter({ has: page.getByText(name, { exact: true }) });

test('the figures that stand on several screens are the same on each: finish, hands, what is missing, what it costs', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/cook`);
  await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0);
  const head = page.getByRole('heading', { level: 1 });
  const finish = clockIn(await head.textContent());
  const [, hands = 'none'] = /^(.*) of hands/.exec((await page.locator('.cook-head p').textContent()) ?? '') ?? [];
  const short = (await page.getByText('Missing on the shelf:').textContent()) ?? '';
  const [, missing = 'nothing'] = /shelf: (.*)\. Buy/.exec(short) ?? [];

  await page.goto(`${hut.url}/week`);
  await expect(figure(page, 'Done by').locator('.number')).toContainText(finish);
  await expect(figure(page, 'Done by')).not.toContainText('looking for');
  await expect(figure(page, 'Hands-on time')).toContainText(hands);
  await expect(figure(page, 'Missing')).toContainText(missing);
  const cost = euros(await figure(page, 'Ingredients').textContent());

  await page.goto(hut.url);
  await expect(page.getByText(new RegExp(finish)).first()).toBeVisible();
  // The trail over every page says it too.
  await expect(page.getByRole('link', { name: /^Shop/ }).first()).toContainText('1 missing');
  await page.goto(`${hut.url}/shop`);
  const [, amount = '', food = ''] = /^([\d.]+ \w+) (.*)$/.exec(missing) ?? [];
  await expect(page.getByRole('main')).toContainText(food);
  expect([amount, cost].every((text) => text.length > 2)).toBe(true);
});

test('a suggested week is, once it is taken, what its card said: its dishes, its cost; it starts nothing that is too late, and is taken back', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/week/suggest`);
  const card = page.getByRole('region', { name: 'least work' });
  await expect(card).toBeVisible();
  await keepStill(page);
  const cost = euros(await card.locator('.suggested-figures').textContent());
  // What does not hold is told on the card, and is the same then.
  const [, short] =
    /meals that fall short\s*(\d+)/.exec((await card.locator('.suggested-figures').textContent()) ?? '') ?? [];
  const dishes = await card
    .locator('.suggested-dishes li b')
    .allTextContents()
    .then((names) => names.map((name) => name.trim()).sort());
  await card.getByRole('button', { name: 'Take this week' }).click();
  await expect(page).toHaveURL(/\/week$/);
  await expect(figure(page, 'Ingredients')).toContainText(`€${cost}`);
  for (const dish of dishes)
    await expect(page.getByLabel(`Portions of ${dish}`, { exact: true }).first()).toBeVisible();
  const notHolding = page.getByText(/does not hold as planned|do not hold as planned/);
  if (short === undefined) await expect(notHolding).toHaveCount(0);
  else await expect(notHolding).toContainText(`${short} meal`);
  await page.locator('.last-change').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Portions of Kale and leek', { exact: true }).getByRole('spinbutton')).toHaveValue('8');
});

test('a box comes out with one tap, and is not frozen again without the plain word for it', async ({ hut, page }) => {
  await page.goto(`${hut.url}/evening`);
  const soup = page.getByRole('listitem').filter({ hasText: 'Leek and split-pea soup out of the freezer' });
  await expect(soup.first()).toBeVisible();
  const boxes = await soup.count();
  await soup.getByRole('button', { name: 'Moved to the fridge' }).first().click();
  await expect(soup).toHaveCount(boxes - 1);

  await page.goto(`${hut.url}/shelf`);
  await page.getByTestId('lot-Leek and split-pea soup').first().click();
  const panel = page.getByRole('complementary', { name: 'Leek and split-pea soup' });
  await panel.getByLabel('New place').click();
  await page.getByTitle('freezer', { exact: false }).first().click();
  await expect(panel.getByText(/It was thawed on/)).toBeVisible();
  await panel.getByRole('button', { name: 'Freeze it once more' }).click();
  await expect(panel).toHaveCount(0);
  await expect(page.locator('.last-change')).toContainText('Moved');
  await page.locator('.last-change').getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.last-change')).toHaveCount(0);
});

test('a whole session moves to another day, and what hangs on it goes along', async ({ hut, page }) => {
  await page.goto(`${hut.url}/cook`);
  await page.getByRole('button', { name: 'not yet' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/done by/);
  await page.getByLabel('Move this session to another day').click();
  const day = dayIn(hut, 2);
  const name = `${day.charAt(0).toUpperCase()}${day.slice(1)}`;
  await page.getByTitle(new RegExp(`^${name},`)).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toContainText('Today');
  await page.goto(`${hut.url}/evening`);
  const soak = page.getByRole('listitem').filter({ hasText: 'Soak the borlotti' });
  await expect(soak).toContainText('8 to 20 h before');
  await expect(soak).not.toContainText('Too late');
});

test('guests come: the least change stands first, says what is to be bought, and what was tried on the week survives the way there', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/week`);
  await sayOfWeek(page, `${dayIn(hut, 1)} dinner millet, roast roots`);
  await expect(page.locator('.meal.said')).toHaveCount(2);
  await sayOfWeek(page, `${dayIn(hut, 1)} dinner 14 guests`);
  await page.getByRole('button', { name: 'Portions of Sunflower sauce: one more' }).click();
  await page.getByRole('link', { name: 'Ways to mend it' }).click();
  const cards = page.locator('.suggested-card');
  await expect(cards.first()).toHaveAttribute('aria-label', 'cook what is missing');
  await expect(cards.first()).toContainText('To be bought for it:');
  await cards.first().getByRole('button', { name: 'Mend it so' }).click();
  await expect(page).toHaveURL(/\/week$/);
  await expect(page.getByText(/does not hold as planned/)).toHaveCount(0);
  await expect(page.getByLabel('Portions of Sunflower sauce', { exact: true }).getByRole('spinbutton')).toHaveValue(
    '15',
  );
  await expect(page.getByRole('button', { name: 'Keep this size' })).toHaveCount(0);
});
