import type { Page } from '@playwright/test';
import { expect, test, weeksShown } from './kitchen.ts';

/** What has the focus, as it is called. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const { activeElement } = document;
    if (!activeElement || activeElement === document.body) return '';
    const label = activeElement instanceof HTMLInputElement ? activeElement.labels?.[0]?.textContent : undefined;
    return (activeElement.getAttribute('aria-label') ?? label ?? activeElement.textContent ?? '').trim();
  });

/** Tab by tab to what is called so; how many it took. Further than `within` is too far for anybody. */
async function tabTo(page: Page, name: RegExp, within: number, key = 'Tab'): Promise<number> {
  for (let n = 1; n <= within; n++) {
    await page.keyboard.press(key);
    if (name.test(await focused(page))) return n;
  }
  throw new Error(`${within} tabs, and nothing called ${String(name)}: the focus is on "${await focused(page)}".`);
}

/** What the step in hand is done with: a load is done when its lid is on. */
const STEP_DONE = /^(?:Done|Lid on, seal set|Vented, pin down|Emptied)$/;

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

  // Another page has the focus on its heading; weeks are told apart by what they are good at.
  await press(page, /^Suggest a week$/, 5);
  await expect(page).toHaveTitle('Suggested weeks · Kestrel Ridge');
  // The heading comes with the first weeks that were found.
  await expect(heading).toBeFocused();
  await weeksShown(page);
  await press(page, /^Take this week$/, 60);
  await expect(page).toHaveTitle('Week · Kestrel Ridge');
  await expect(page.locator('.meal.said').nth(6)).toBeVisible();
  await expect(heading).toBeFocused();

  // Back over the trail to the plan, and from its heading to the start of the run.
  await press(page, /^Cook/, 20, 'Shift+Tab');
  await expect(page).toHaveTitle('Cook · Kestrel Ridge');
  await expect(page.getByRole('button', { name: 'Start cooking' })).toBeEnabled();
  // The steps are one stop, and arrows walk through them; what is pressed is told of beside them.
  await tabTo(page, /^\d\d:\d\d/, 30);
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowDown');
  // A better plan may come meanwhile, and number them otherwise: the step that is told of is the one that has the focus.
  const step = await page.evaluate(() => document.activeElement?.querySelector('span:not(.number)')?.textContent ?? '');
  expect(step).not.toBe('');
  await page.keyboard.press('Enter');
  await expect(page.locator('.task-list button[aria-pressed="true"] > span:not(.number)')).toHaveText(step);
  await press(page, /^Start cooking$/, 12);
  await expect(page).toHaveTitle('Cooking · Kestrel Ridge');

  // One step after the other: the next one's button has the focus of the last. Which steps they are is the suggested week's: before a point of no return what was
  // not ticked is asked.
  const gate = page.getByText(/^Not ticked, before /);
  await tabTo(page, STEP_DONE, 40);
  for (const done of [1, 2, 3]) {
    const counted = page.locator('.run-foot').getByText(new RegExp(`^${done} of`));
    await page.keyboard.press('Enter');
    await expect(counted.or(gate)).toBeVisible();
    if (await gate.isVisible()) {
      await press(page, /^All of it went in/, 60);
      await expect(counted).toBeVisible();
    }
    await expect.poll(() => focused(page)).toMatch(STEP_DONE);
  }
});

test('by keyboard alone a kitchen is opened and a dish chosen, cooked to its end and put away', async ({
  bare,
  page,
}) => {
  const heading = page.getByRole('heading', { level: 1 });
  await page.goto(bare.url);
  await expect(page.getByLabel('What is it called?')).toBeFocused();
  await page.keyboard.type('Ledge larder');
  await page.keyboard.press('Enter');
  await expect(heading).toHaveText('Say who eats here');
  await press(page, /^Say who eats$/, 40);
  await expect(page).toHaveTitle('Eaters · Kestrel Ridge');
  await press(page, /^one person$/, 40);
  await expect(page.getByRole('region', { name: 'Setting up the kitchen' })).toContainText('2 of 6 done');

  await press(page, /^Paste a list$/, 40, 'Shift+Tab');
  await expect(page.getByLabel('The list')).toBeFocused();
  await page.keyboard.type(
    '3 kohlrabi fridge\n2 apples fridge\n1 L rapeseed oil cupboard\n500 mL cider vinegar cupboard',
  );
  await press(page, /^Put 4 lines on the shelf$/, 10);
  await expect(page).toHaveTitle('Shelf · Kestrel Ridge');

  // Of what stands chosen only one is wanted.
  await press(page, /^Choose recipes$/, 40, 'Shift+Tab');
  await expect(page).toHaveTitle('Recipes to begin with · Kestrel Ridge');
  await expect(heading).toBeFocused();
  for (let n = 0; n < 40 && !/^Take /.test(await focused(page)); n++) {
    await page.keyboard.press('Tab');
    const name = await focused(page);
    const chosen = await page.evaluate(
      () => document.activeElement instanceof HTMLInputElement && document.activeElement.checked,
    );
    if (chosen !== /^Kohlrabi and apple/.test(name) && /,/.test(name)) await page.keyboard.press('Space');
  }
  await expect(page.getByRole('button', { name: 'Take one recipe' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page).toHaveTitle('Recipes · Kestrel Ridge');

  await press(page, /^Kohlrabi and apple salad/, 30);
  await expect(heading).toHaveText('Kohlrabi and apple salad');
  await expect(heading).toBeFocused();
  await press(page, /^Make 6 portions this week$/, 60);
  await expect(heading).toHaveText('Kohlrabi and apple salad, 6 portions');
  await press(page, /^Cook/, 30, 'Shift+Tab');
  await expect(page.getByRole('button', { name: 'Start cooking' })).toBeEnabled();
  await press(page, /^Start cooking$/, 60);
  await expect(page).toHaveTitle('Cooking · Kestrel Ridge');
  await tabTo(page, /^Done$/, 40);
  const gate = page.getByText('Not ticked, before it is portioned');
  for (let n = 1; !(await gate.isVisible()); n++) {
    expect(n).toBeLessThan(8);
    // The next step's "Done" has the focus, and nothing else takes the key.
    await expect.poll(() => focused(page)).toBe('Done');
    await page.keyboard.press('Enter');
    await expect(
      page
        .locator('.run-foot')
        .getByText(new RegExp(`^${n} of`))
        .or(gate),
    ).toBeVisible();
  }
  // Before the last step what goes in is asked for.
  await press(page, /^All of it went in$/, 40);
  await press(page, /^Put away/, 30);
  await expect(page).toHaveTitle('Put away · Kestrel Ridge');
  // A salad keeps a day, and nobody freezes it: what will not be eaten in time is told.
  await expect(page.getByText('not eaten in time, and it does not freeze')).toBeVisible();
  await press(page, /^Put away Kohlrabi and apple salad$/, 80);
  // Mustard and salt were never put on the shelf: it is asked, and what is there is booked.
  await expect(page.getByRole('dialog')).toContainText('mustard: 5.2 g missing');
  await expect(page.getByRole('button', { name: 'Book what is there' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(heading).toHaveText('All boxed: nothing left to put away');
});
