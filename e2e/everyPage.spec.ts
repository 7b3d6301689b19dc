import type { Page } from '@playwright/test';
import { pageName } from '../apps/web/src/app/pageNames.ts';
import { PAGES, measure, type Measured } from './measures.mjs';
import { expect, otherDevice, test, type Served } from './kitchen.ts';

// All pages one after the other: longer than any way through the kitchen.

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
    const measured = await measure(page, what);
    found[path] = { ...measured, cut: [...measured.cut, ...(await tooWideAt(page, NARROW))] };
  }
  return found;
}

/** A desk's page at 200 % and at 400 %: WCAG 2.2, 1.4.10, asks for no scrolling to the side at 320 px. */
const NARROW = [640, 320];

/** At which of these widths the page is wider than its window. */
async function tooWideAt(page: Page, widths: readonly number[]): Promise<readonly string[]> {
  const was = page.viewportSize();
  const wide: string[] = [];
  for (const width of widths) {
    await page.setViewportSize({ width, height: 640 });
    // Charts follow their window a moment later.
    const fits = await page
      .waitForFunction(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth, undefined, {
        timeout: 10_000,
      })
      .then(
        () => true,
        () => false,
      );
    if (!fits) wide.push(`too wide at ${width}`);
  }
  if (was) await page.setViewportSize(was);
  return wide;
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

/** What opens over a page: where, and what is touched for it. */
const OPENED: readonly (readonly [what: string, path: string, open: (page: Page) => Promise<void>])[] = [
  ['help', '/week', (page) => page.getByRole('button', { name: 'Help' }).click()],
  ['who eats', '/week', (page) => page.locator('.day-head').first().click()],
  ['a meal', '/week', (page) => page.locator('.meal').first().click()],
  ['usual weeks', '/week', (page) => page.getByRole('button', { name: 'Usual weeks' }).click()],
  ['adding', '/', (page) => page.getByRole('button', { name: '+ Add' }).click()],
  ['a lot', '/shelf', (page) => page.getByTestId('lot-parsnip').click()],
  ['days and hours', '/cook', (page) => page.locator('.when-picker').first().click()],
  ['what if', '/cook', (page) => page.getByRole('combobox', { name: 'What if' }).click()],
  [
    'an eater',
    '/week/eaters',
    (page) =>
      page
        .getByRole('button', { name: /^Change / })
        .first()
        .click(),
  ],
  ['a kind of place', '/kitchen', (page) => page.getByRole('combobox', { name: 'Kind of place 1' }).click()],
];

/**
 * What opens is reached from what opened it, and is no part of the page's own regions; the hours of a picker scroll by
 * themselves and are typed into its field.
 */
const NOT_OF_POPUPS = ['region', 'scrollable-region-focusable'];

test('no menu, panel or picker that opens over a page breaks a rule of access, cuts a word or makes it too wide', async ({
  hut,
  page,
}) => {
  const found: Record<string, Measured> = {};
  for (const [what, path, open] of OPENED) {
    await page.goto(`${hut.url}${path}`);
    await open(page);
    await page.evaluate(() => Promise.allSettled(document.getAnimations().map(({ finished }) => finished)));
    found[what] = await measure(page, { touched: false, access: true, without: NOT_OF_POPUPS });
  }
  expect(faults(found)).toEqual([]);
});

test('on a phone the hours of a picker lie on the screen, below its days', async ({ hut, browser }) => {
  const device = await otherDevice(browser, hut, { viewport: { width: 390, height: 844 }, hasTouch: true });
  const page = await device.newPage();
  await page.goto(`${hut.url}/cook`);
  await page.locator('.when-picker').first().click();
  const days = await page.locator('.ant-picker-date-panel').boundingBox();
  const hours = await page.locator('.ant-picker-time-panel').boundingBox();
  expect(hours?.y).toBeGreaterThanOrEqual((days?.y ?? Infinity) + (days?.height ?? 0));
  expect((hours?.x ?? Infinity) + (hours?.width ?? 0)).toBeLessThanOrEqual(391);
  await device.close();
});
