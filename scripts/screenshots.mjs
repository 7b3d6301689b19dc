import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { root } from './step.mjs';
import { withDemo } from './withDemo.mjs';

const shots = path.join(root, 'docs/screenshots');

/** Pictures are taken in the morning, whenever that is asked for: what is cooked then is on the table in the evening. */
const MORNING = new Date();
MORNING.setHours(8, 20, 0, 0);
const offsetMs = MORNING.getTime() - Date.now();

/** One picture of each main view, from the demo, along one walk through the kitchen. */
await withDemo(
  async ({ served, browser }) => {
    mkdirSync(shots, { recursive: true });
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
    await context.addInitScript((offset) => {
      const Real = Date;
      const now = () => Real.now() + offset;
      globalThis.Date = new Proxy(Real, {
        apply: () => new Real(now()).toString(),
        construct: (_, given) => (given.length === 0 ? new Real(now()) : new Real(...given)),
        get: (real, name) => (name === 'now' ? now : Reflect.get(real, name)),
      });
    }, offsetMs);
    const page = await context.newPage();
    const shot = async (name) => {
      // None of a page that is not there yet.
      await page.getByRole('heading', { level: 1 }).first().waitFor();
      await page.waitForTimeout(1200);
      // None while something better is still looked for.
      await page
        .getByText(/looking for a shorter plan|being planned/i)
        .first()
        .waitFor({ state: 'detached', timeout: 60_000 });
      await page.screenshot({ path: path.join(shots, `${name}.png`) });
    };
    const views = ['today', 'shelf', 'week', 'scale', 'shop', 'cook', 'kitchen'];
    for (const name of views) {
      await page.goto(`${served.url}/${name === 'today' ? '' : name}`);
      if (name === 'scale')
        await page
          .getByRole('navigation', { name: 'Dishes of this session' })
          .getByRole('link', { name: 'Millet' })
          .click();
      if (name === 'cook') {
        await page.getByText('Looking for a shorter plan').waitFor({ state: 'detached' });
        await page
          .getByRole('button', { name: /^Borlotti at pressure|^pressure/ })
          .first()
          .click()
          .catch(() => undefined);
      }
      await shot(name);
    }
    await page.goto(`${served.url}/shelf/count`);
    await shot('count');
    await page.goto(`${served.url}/recipes`);
    await shot('recipes');
    await page.getByRole('link', { name: /Celeriac in its own mustard sauce/ }).click();
    await shot('recipe');
    await page.getByRole('link', { name: 'Edit', exact: true }).click();
    await page.getByRole('button', { name: 'More about parsley' }).click();
    await shot('edit');
    await page.goto(`${served.url}/week/suggest`);
    // Not while better ones are still looked for.
    await page.getByText('as good as they get').waitFor({ timeout: 120_000 });
    await shot('suggest');
    await page.goto(`${served.url}/recipes/new`);
    await page.getByRole('button', { name: 'Try it with an example' }).click();
    await shot('paste');
    await page.setViewportSize({ width: 390, height: 844 });
    for (const name of ['week', 'shelf']) {
      await page.goto(`${served.url}/${name}`);
      await shot(`${name}-phone`);
    }
    await page.setViewportSize({ width: 820, height: 1180 });
    await page.goto(`${served.url}/cook`);
    await page.getByRole('button', { name: 'Start cooking' }).click();
    await page.locator('.now-card').waitFor();
    /** One step further: what runs alone is switched on, hands are done with what they do, a gate is answered, a clock is over. */
    const further = async () => {
      const on = page.locator('.to-start.due').getByRole('button', { name: 'Started', exact: true });
      const hands = page.locator('.now-actions > .run-done');
      if (await on.count()) await on.first().click();
      else if (await hands.count()) await hands.first().click();
      else if (await page.locator('.clock .clock-actions > .ant-btn').count())
        await page.locator('.clock .clock-actions > .ant-btn').first().click();
      else await page.getByRole('button', { name: 'Started', exact: true }).first().click();
      await page.waitForTimeout(120);
      const gate = page.locator('.gate');
      if (!(await gate.count())) return;
      if (await gate.locator('.gate-out').count()) await gate.locator('.gate-out').click();
      await gate.locator('.run-done').click();
      await page.waitForTimeout(120);
    };
    for (let n = 0; n < 60 && !(await page.locator('.clock.pressure').count()); n++) await further();
    await page.mouse.wheel(0, -5000);
    await shot('run-tablet');
    for (let n = 0; n < 300 && !(await page.getByText('All is cooked').count()); n++) await further();
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.waitForTimeout(800);
    await page.goto(`${served.url}/put-away`);
    await shot('put-away');
    for (const dish of ['Borlotti', 'Kale and leek', 'Millet', 'Roast roots', 'Sunflower sauce']) {
      await page.getByRole('button', { name: `Put away ${dish}` }).click();
      const book = page.getByRole('button', { name: 'Book what is there' });
      await Promise.race([
        book.click({ timeout: 2500 }).catch(() => undefined),
        page.getByTestId(`booked-${dish}`).waitFor(),
      ]);
      await page.getByTestId(`booked-${dish}`).waitFor();
    }
    await page.goto(`${served.url}/eat`);
    await page.getByLabel('Which meal').getByText('dinner').click();
    await page.getByRole('button', { name: /The usual plates|The plates as planned/ }).click();
    await shot('eat');
    await page.goto(`${served.url}/look-back?weeks=8`);
    await page.getByText('What became of it').waitFor();
    await shot('look-back');
  },
  { past: true, offsetMs },
);
