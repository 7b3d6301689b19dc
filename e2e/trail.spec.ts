import type { Page } from '@playwright/test';
import { expect, goOn, otherDevice, tapDone, test } from './kitchen.ts';

/**
 * The trail from shelf to plate, as a cook walks it in the demo kitchen. The figures, worked out by hand:
 *
 *   Kale with leek, 6 portions (the recipe as written). From the shelf, each to a tenth:
 *     kale 400 g ÷ 0.72 = 555.6 of 600 g at 2.70   → 250.020   44.4 g stay
 *     leek 300 g ÷ 0.44 = 681.8 of 1000 g at 2.90  → 197.722
 *     oil 2 tbsp = 29.6 of 750 mL at 4.20          →  16.576
 *     garlic 6 g ÷ 0.87 = 6.9 of 120 g at 1.10     →   6.325
 *     salt 1 tsp = 6.1 of 500 g at 0.59            →   0.720
 *     together 471.363 → 4.71; over six portions 0.79, 0.79, 0.79, 0.78, 0.78, 0.78
 *   Millet with bay, 16 portions, two loads:
 *     millet 800 g: all 400 of the opened bag at 1.04 (104), 400 of 1000 at 2.60 (104); 600 g stay
 *     salt 1¾ tsp × 2^0.585 = 2⅝ tsp = 16.0 of 500 g at 0.59 (1.888); bay 4 of 30 at 1.20 (16)
 *     together 225.888 → 2.26; at the till 1.04 + 2.60 + 0.59 + 1.20 = 5.43
 *   Cooked on Wednesday morning after ten, it keeps to Friday: five meals of 2 portions are 10 cold, and 6 go into the freezer.
 *   The strip of the millet at the end, 16 portions less 4 eaten: six meals at two each.
 */
test('from the shelf to the plate, with a mistake corrected', async ({ hut, page, browser }) => {
  const failures: string[] = [];
  page.on('pageerror', (error) => failures.push(error.message));

  await test.step('today says what comes next', async () => {
    await page.goto(hut.url);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Cook');
    // The beans have been soaking since last night; what comes next of the evenings is the soup.
    await expect(page.getByText('Leek and split-pea soup out of the freezer into the fridge').first()).toBeVisible();
  });

  await test.step('shelf: a slip of a nought is taken back, and written right', async () => {
    await page
      .getByRole('link', { name: /^Shelf/ })
      .first()
      .click();
    const line = page.getByLabel('Add to the shelf');
    await line.fill('2500 g kohlrabi cool room 2.20');
    await expect(page.locator('.add-read')).toContainText('kohlrabi');
    await expect(page.locator('.add-read')).toContainText('2.5 kg');
    await line.press('Enter');
    await expect(page.getByTestId('lot-kohlrabi')).toContainText('2.5 kg');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByTestId('lot-kohlrabi')).toHaveCount(0);
    await line.fill('250 g kohlrabi cool room 2.20');
    await line.press('Enter');
    await expect(page.getByTestId('lot-kohlrabi')).toContainText('250 g');
  });

  await test.step('shelf: bad input is told beside the field, and changes nothing', async () => {
    await page.getByTestId('lot-kohlrabi').click();
    const panel = page.getByRole('complementary', { name: 'kohlrabi' });
    await panel.getByLabel('Amount of kohlrabi in g').fill('99999999');
    await panel.getByRole('button', { name: 'Correct' }).click();
    await expect(panel.getByText('must be a number')).toBeVisible();
    await expect(page.getByTestId('lot-kohlrabi')).toContainText('250 g');
    await panel.getByLabel('Amount of kohlrabi in g').fill('240');
    await panel.getByRole('button', { name: 'Correct' }).click();
    await expect(page.getByTestId('lot-kohlrabi')).toContainText('240 g');
  });

  await test.step('scale: what is missing is named; the size that the shelf covers is one touch away', async () => {
    await page.getByRole('link', { name: /^Scale/ }).click();
    const dishes = page.getByRole('navigation', { name: 'Dishes of this session' });
    await dishes.getByRole('link', { name: /Kale and leek/ }).click();
    await expect(page.getByRole('alert')).toContainText('141 g kale');
    await page.getByRole('button', { name: 'Make 6 portions from what is there' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Kale with leek, 6 portions');
    await expect(page.getByRole('alert')).toHaveCount(0);
    await dishes.getByRole('link', { name: 'Millet', exact: true }).click();
    await expect(page.getByText('2 equal loads')).toBeVisible();
    await expect(page.getByText('332 mL less than the grain takes up')).toBeVisible();
    await page
      .getByRole('button', { name: /1.83 L.*why/ })
      .first()
      .click();
    await expect(page.getByText('what the grain takes up, and what the pot loses').first()).toBeVisible();
  });

  await test.step('week: a size is tried on the strip before it is kept', async () => {
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: /^Week/ }).first().click();
    await expect(page.getByLabel('Portions of Roast roots', { exact: true }).getByRole('spinbutton')).toHaveValue('12');
    await page.getByRole('button', { name: 'Portions of Roast roots: one more' }).click();
    await expect(page.getByRole('button', { name: 'Keep this size' })).toBeVisible();
    await page.getByRole('button', { name: 'Back to what was' }).click();
    await expect(page.getByLabel('Portions of Roast roots', { exact: true }).getByRole('spinbutton')).toHaveValue('12');
  });

  await test.step('cook: the plan has a finish, lanes and a reason for each start', async () => {
    await page.getByRole('link', { name: 'Plan the cooking' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('done by');
    await expect(page.getByText('Looking for a shorter plan')).toHaveCount(0);
    await page.getByRole('button', { name: /nobody needed Millet coming up, load 2 of 2/ }).click();
    await expect(page.getByText('Why not earlier?')).toBeVisible();
    await expect(page.getByText('It follows “Load the millet, seal the lid, load 2 of 2”')).toBeVisible();
    await page.getByRole('button', { name: 'Start cooking' }).click();
    await expect(page).toHaveURL(/cook\/run/);
  });

  const ends = async (on: Page) => {
    const [, hours, minutes] = /ends (\d\d):(\d\d)/.exec((await on.locator('.run-head p').textContent()) ?? '') ?? [];
    return Number(hours) * 60 + Number(minutes);
  };
  const stepsDone = (on: Page) => on.locator('.run-foot').getByText(/steps done/);

  await test.step('run: not yet moves the rest; a reload and a second browser show the same', async () => {
    await expect(page.locator('.now-card')).toBeVisible();
    // The kettle is switched on and boils first, then the hands go on until the lid is on.
    const kettle = page.getByRole('region', { name: /^Kettle on for/ });
    await kettle.getByRole('button', { name: 'Started', exact: true }).click();
    await kettle.getByRole('button', { name: 'Done early' }).click();
    await expect(stepsDone(page)).toContainText('1 of');
    const clock = page.getByRole('region', { name: /^Sealed cooker:/ });
    let taps = 1;
    for (; !(await clock.isVisible()) && taps < 8; taps++) {
      await tapDone(page);
      await expect(stepsDone(page)).toContainText(`${taps + 1} of`);
    }
    // Done early has pulled the end forward; not yet pushes it again.
    const before = await ends(page);
    await clock.getByRole('button', { name: 'Not yet, 10 minutes more' }).click();
    await expect(clock.getByRole('timer')).toHaveText(/9:5|10:00|10 min/);
    expect(await ends(page)).toBeGreaterThanOrEqual(before);
    await expect(page.locator('.run-waiting')).toHaveCount(0);

    await page.reload();
    await expect(stepsDone(page)).toContainText(`${taps} of`);
    await expect(clock.getByRole('timer')).toHaveText(/9:|10:00|10 min/);
    const second = await (await otherDevice(browser, hut)).newPage();
    await second.goto(`${hut.url}/cook/run`);
    await expect(stepsDone(second)).toContainText(`${taps} of`);
    await tapDone(page);
    await expect(stepsDone(second)).toContainText(`${taps + 1} of`);
    await second.getByRole('button', { name: 'Undo this step' }).click();
    await expect(stepsDone(page)).toContainText(`${taps} of`);
    await second.context().close();
  });

  await test.step('run: to its end', async () => {
    const [, total = '0'] = /of (\d+)/.exec((await stepsDone(page).textContent()) ?? '') ?? [];
    for (let n = 0; n < 2 * Number(total) && !(await page.getByText('All is cooked').isVisible()); n++)
      await goOn(page);
    await expect(page.getByRole('heading', { name: 'All is cooked' })).toBeVisible();
    await expect(page.locator('.run-waiting')).toHaveCount(0);
    await page.getByRole('main').getByRole('link', { name: 'Put away' }).click();
  });

  await test.step('put away: boxes, label, cost', async () => {
    await expect(page.getByText('Cool it quickly')).toBeVisible();
    const millet = page.getByRole('region', { name: 'Millet' });
    await expect(millet.getByText('16 of 16 portions in boxes')).toBeVisible();
    await expect(millet.locator('.label').first()).toContainText('Millet');
    await expect(millet.locator('.label').first()).toContainText('eat by');
    for (const dish of ['Borlotti', 'Kale and leek', 'Millet', 'Roast roots', 'Sunflower sauce']) {
      await page.getByRole('button', { name: `Put away ${dish}` }).click();
      await expect(page.getByTestId(`booked-${dish}`)).toBeVisible();
    }
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('All boxed: nothing left to put away');
    await expect(page.getByTestId('booked-Millet')).toContainText('€2.26 used');
    await expect(page.getByTestId('booked-Millet')).toContainText('€5.43 paid for the packs');
    await expect(page.getByTestId('booked-Kale and leek')).toContainText('€4.71 used');
    await expect(page.getByTestId('booked-Kale and leek')).toContainText('0.78 to €0.79 a portion');
  });

  await test.step('eat: four portions of millet; strip and shelf follow', async () => {
    await page.getByRole('link', { name: 'To the boxes' }).click();
    await expect(page.getByTestId('ready-Millet')).toHaveText('12');
    await page.getByLabel('Portions of Millet to eat', { exact: true }).getByRole('spinbutton').fill('4');
    await page.getByRole('button', { name: '4 portions eaten' }).click();
    await expect(page.getByTestId('ready-Millet')).toHaveText('8');
    await expect(page.getByText('Reheat right through')).toBeVisible();
    await page
      .getByRole('link', { name: /^Shelf/ })
      .first()
      .click();
    await expect(page.getByTestId('lot-millet')).toHaveText(/600 g/);
    await expect(page.getByTestId('lot-kale')).toHaveText(/44 g/);
  });

  await test.step('the strip at the end, at eight in the morning and with the volunteers away', async () => {
    const kitchens = (await (await page.request.get(`${hut.url}/api/kitchens`)).json()) as { id: string }[];
    const at = `${hut.url}/api/kitchens/${kitchens[0]?.id}`;
    const { today, equipment } = (await (await page.request.get(at)).json()) as {
      today: string;
      equipment: { zone: string };
    };
    const { eaters } = (await (await page.request.get(`${at}/week`)).json()) as {
      eaters: { id: string; name: string }[];
    };
    const dayAfter = (n: number) => new Date(Date.parse(`${today}T12:00:00Z`) + n * 86_400_000);
    for (const eater of eaters.filter(({ name }) => name.startsWith('volunteer')))
      for (let n = 0; n < 7; n++)
        await page.request.put(`${at}/attendance`, {
          data: { eater: eater.id, day: dayAfter(n).toISOString().slice(0, 10), here: false, seen: null },
          headers: { 'Idempotency-Key': crypto.randomUUID() },
        });
    const offset = (ms: number) =>
      Date.parse(`${new Date(ms).toLocaleString('sv', { timeZone: equipment.zone }).replace(' ', 'T')}Z`) -
      Math.floor(ms / 1000) * 1000;
    const eight = Date.parse(`${today}T08:00:00Z`);
    await page.clock.setFixedTime(eight - offset(eight));
    await page.goto(`${hut.url}/week`);
    // By hand: twelve portions at two a meal. One of today's meals is eaten already, and on the fourth day's dinner there is soup: six meals of it reach to then.
    const fourth = dayAfter(3).toLocaleDateString('en', { weekday: 'long', timeZone: 'UTC' });
    await expect(
      page.getByRole('img', { name: `Millet: lasts until ${fourth} dinner; 12 portions short` }),
    ).toBeVisible();
  });
  expect(failures).toEqual([]);
});
