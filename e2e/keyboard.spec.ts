import type { Page } from '@playwright/test';
import { expect, test } from './kitchen.ts';

/** What has the focus, as it is called. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const { activeElement } = document;
    if (!activeElement || activeElement === document.body) return '';
    return (activeElement.getAttribute('aria-label') ?? activeElement.textContent ?? '').trim();
  });

/** Tab by tab to what is called so; how many it took. Further than `within` is too far for anybody. */
async function tabTo(page: Page, name: RegExp, within: number, key = 'Tab'): Promise<number> {
  for (let n = 1; n <= within; n++) {
    await page.keyboard.press(key);
    if (name.test(await focused(page))) return n;
  }
  throw new Error(`${within} tabs, and nothing called ${String(name)}: the focus is on "${await focused(page)}".`);
}

/** As `tabTo`, and it is pressed. */
async function press(page: Page, name: RegExp, within: number, key?: string): Promise<void> {
  await tabTo(page, name, within, key);
  await page.keyboard.press('Enter');
}

test('by keyboard alone a week is suggested and taken, its plan walked through, and the first steps of its run done', async ({
  hut,
  page,
}) => {
  const heading = page.getByRole('heading', { level: 1 });
  await page.goto(`${hut.url}/week`);
  await expect(heading).toBeVisible();
  await press(page, /^Skip to the page$/, 1);

  // Another page has the focus on its heading; four weeks are told apart by what they are good at.
  await press(page, /^Suggest a week$/, 5);
  await expect(page).toHaveTitle('Suggested weeks · Kestrel Ridge');
  await expect(heading).toBeFocused();
  await expect(page.locator('.suggested-card')).toHaveCount(4, { timeout: 30_000 });
  await press(page, /^Take this week$/, 60);
  await expect(page).toHaveTitle('Week · Kestrel Ridge');
  await expect(page.locator('.meal.said').nth(6)).toBeVisible();
  await expect(heading).toBeFocused();

  // Back over the trail to the plan, and from its heading to the start of the run.
  await press(page, /^Cook/, 20, 'Shift+Tab');
  await expect(page).toHaveTitle('Cook · Kestrel Ridge');
  await expect(page.getByRole('button', { name: 'Start cooking' })).toBeEnabled({ timeout: 20_000 });
  // The steps are one stop, and arrows walk through them; what is pressed is told of beside them.
  await tabTo(page, /^\d\d:\d\d/, 30);
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.locator('.task-list button[aria-pressed="true"] > small')).toHaveText('2');
  await press(page, /^Start cooking$/, 12);
  await expect(page).toHaveTitle('Cooking · Kestrel Ridge');

  // One step after the other: the next one's button has the focus of the last.
  await tabTo(page, /^Done$/, 40);
  for (const done of [1, 2, 3]) {
    await page.keyboard.press('Enter');
    await expect(page.locator('.run-foot')).toContainText(new RegExp(`^${done} of`));
    await expect(page.getByRole('button', { name: 'Done', exact: true })).toBeFocused();
  }
});
