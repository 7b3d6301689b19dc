import { PAGES, measure } from '../e2e/measures.mjs';
import { withDemo } from '../scripts/withDemo.mjs';
import { figure } from './figure.mjs';

const SIZES = [
  [1280, 800],
  [820, 1180],
  [390, 844],
];
/** From here on a device is pointed at, and not touched. */
const DESK_PX = 1000;

/** All pages in three sizes and both looks: what is to be seen that should not be. What there is stands on the error output. */
await withDemo(
  async ({ served, browser }) => {
    const all = { axe: 0, cut: 0, words: 0, small: 0, wider: 0 };
    for (const colorScheme of ['light', 'dark'])
      for (const [width, height] of SIZES) {
        const touched = width < DESK_PX;
        const context = await browser.newContext({ viewport: { width, height }, colorScheme, hasTouch: touched });
        const page = await context.newPage();
        await page.goto(`${served.url}/recipes`);
        const recipe = await page.getByRole('link', { name: /Celeriac baked in the tray/ }).getAttribute('href');
        for (const path of PAGES) {
          await page.goto(`${served.url}${path.replace(/^\/recipe(?=\/|$)/, recipe)}`);
          await page.locator('h1').first().waitFor({ state: 'attached' });
          await page.locator('.loading, .ant-skeleton').first().waitFor({ state: 'detached' });
          await page.evaluate(() => document.fonts.ready);
          const { wider, ...found } = await measure(page, { touched, access: true });
          all.wider += wider > 0 ? 1 : 0;
          for (const [what, list] of Object.entries(found)) {
            all[what] += list.length;
            for (const each of list) console.error(`${path} ${width} ${colorScheme} ${what}: ${each}`);
          }
        }
        await context.close();
      }
    figure('rules of access that are broken', all.axe, 'places', '<=0');
    figure('texts cut off', all.cut, 'texts', '<=0');
    figure('dates, ids and plurals of machines', all.words, 'texts', '<=0');
    figure('targets smaller than a finger, where one touches', all.small, 'targets', '<=0');
    figure('pages wider than the window', all.wider, 'pages', '<=0');
  },
  { quiet: true, past: true },
);
