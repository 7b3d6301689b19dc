import type { Page } from '@playwright/test';
import { pageName } from '../apps/web/src/app/pageNames.ts';
import { PAGES, measure, type Measured } from './measures.mjs';
import { expect, otherDevice, test, type Served } from './kitchen.ts';

// All pages one after the other: longer than any way through the kitchen.
test.describe.configure({ timeout: 300_000 });

/** The rules of access take seconds a page: here they are asked of the pages of a usual day, by bench:words of all. */
const MAIN_PAGES = ['/', '/shelf', '/week', '/scale', '/shop', '/evening', '/cook', '/eat', '/recipe', '/look-back'];

/** To another page without loading the whole anew, as a link does. */
const goWithin = (page: Page, path: string) =>
  page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);

/** Pages one after the other, on one device. */
async function everyPage(
  page: Page,
  hut: Served,
  what: Parameters<typeof measure>[1],
  pages: readonly string[] = PAGES,
): Promise<Record<string, Measured>> {
  await page.goto(`${hut.url}/recipes`);
  const recipe = await page.getByRole('link', { name: /Celeriac baked in the tray/ }).getAttribute('href');
  const found: Record<string, Measured> = {};
  for (const path of pages) {
    const to = path.replace(/^\/recipe(?=\/|$)/, recipe ?? '');
    await goWithin(page, to);
    await expect(page).toHaveTitle(`${pageName(to)} · Kestrel Ridge`);
    await expect(page.locator('.page-comes')).toHaveCount(0);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached();
    await expect(page.locator('.loading, .ant-skeleton')).toHaveCount(0);
    await page.evaluate(() => document.fonts.ready);
    found[path] = await measure(page, what);
  }
  return found;
}

/** Nothing to be seen that should not be: what there is, by its page. */
const faults = (found: Record<string, Measured>) =>
  Object.entries(found).flatMap(([path, { axe, cut, words, small, wider }]) =>
    [...axe, ...cut, ...words, ...small, ...(wider > 0 ? [`${wider} px too wide`] : [])].map(
      (said) => `${path}: ${said}`,
    ),
  );

test('on a desk no page of a usual day breaks a rule of access, cuts a word, is too wide or speaks like a machine', async ({
  hut,
  page,
}) => {
  expect(faults(await everyPage(page, hut, { touched: false, access: true }, MAIN_PAGES))).toEqual([]);
});

test('on a phone in the dark no page cuts a word, is too wide or speaks like a machine, and all that is tapped is as large as a finger', async ({
  lived,
  browser,
}) => {
  const device = await otherDevice(browser, lived, {
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    colorScheme: 'dark',
  });
  expect(faults(await everyPage(await device.newPage(), lived, { touched: true, access: false }))).toEqual([]);
  await device.close();
});
