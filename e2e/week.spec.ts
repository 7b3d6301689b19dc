import type { Page } from '@playwright/test';
import { dayIn, expect, keepStill, sayOfWeek as line, test, type Served, weeksShown } from './kitchen.ts';

const undo = (page: Page) => page.locator('.last-change').getByRole('button', { name: 'Undo' });

/** The kitchen's address, and commands to it behind the screen. */
async function behind(page: Page, hut: Served) {
  const [kitchen] = (await (await page.request.get(`${hut.url}/api/kitchens`)).json()) as { id: string }[];
  const at = `${hut.url}/api/kitchens/${kitchen?.id ?? ''}`;
  return {
    get: async <T>(path: string) => (await (await page.request.get(`${at}/${path}`)).json()) as T,
    send: async (path: string, data: object) => {
      const answer = await page.request.post(`${at}/${path}`, {
        data,
        headers: { 'Idempotency-Key': crypto.randomUUID() },
      });
      expect(answer.ok(), await answer.text()).toBe(true);
    },
  };
}

test('a week is suggested, each part of its score told; what is locked stays; it is taken, and taken back', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/week/suggest`);
  await weeksShown(page);
  await keepStill(page);
  const least = page.getByRole('region', { name: 'least waste' });
  await least.getByText(/How it is scored/).click();
  await expect(least.getByRole('row', { name: /goes off or is left/ })).toBeVisible();
  const lock = page.getByRole('button', { name: /^Keep .* portions$/ }).first();
  const [, dish = ''] = /^Keep (.*), \d+ portions$/.exec((await lock.getAttribute('aria-label')) ?? '') ?? [];
  await lock.click();
  await expect(page.getByRole('button', { name: `Unlock ${dish}` })).toBeVisible();
  // A dish that is locked is cooked in every one of them.
  for (const name of ['least waste', 'least work', 'cheapest', 'most variety'])
    await expect(page.getByRole('region', { name }).getByRole('button', { name: `Let go of ${dish}` })).toBeVisible();
  await page.getByRole('region', { name: 'most variety' }).getByRole('button', { name: 'Take this week' }).click();
  await expect(page).toHaveURL(/\/week$/);
  await expect(page.locator('.meal.said').nth(6)).toBeVisible();
  await undo(page).click();
  await expect(page.locator('.meal.said')).toHaveCount(1);
});

test('sizes are drawn on the strip and moved by keys, tried before they are kept; the week is kept to be used again', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/week`);
  const handle = page.getByRole('slider', { name: 'Portions of Millet, on its strip' });
  await handle.focus();
  await handle.press('ArrowUp');
  await handle.press('PageUp');
  await expect(handle).toHaveAttribute('aria-valuenow', '21');
  const box = await handle.boundingBox();
  if (!box) throw new Error('no handle');
  await page.mouse.move(box.x + 10, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 10, box.y + 20 - 18, { steps: 4 });
  await page.mouse.up();
  await expect(handle).toHaveAttribute('aria-valuenow', '24');
  await line(page, 'millet freeze 9');
  await expect(page.getByRole('slider', { name: 'To freeze of Millet, on its strip' })).toHaveAttribute(
    'aria-valuenow',
    '9',
  );
  await page.getByRole('button', { name: 'Keep this size' }).click();
  await expect(page.getByRole('button', { name: 'Keep this size' })).toHaveCount(0);

  // Kale on another day: tried on its strip, then kept in that day's session, which is made.
  const day = page.getByRole('slider', { name: 'Day of Kale and leek, on its strip' });
  await day.focus();
  await day.press('ArrowRight');
  await day.press('ArrowRight');
  // What that does to both days is said before it is kept.
  await expect(page.locator('.aside')).toContainText(/Hands \w{3}.*with Kale and leek/);
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByRole('button', { name: 'Keep it so' })).toHaveCount(0);
  await expect(day).toHaveAttribute('aria-valuenow', '2');
  await page.getByRole('link', { name: /^Cook/ }).first().click();
  await expect(page.getByRole('radiogroup', { name: 'Which session' })).toBeVisible();
  await page.goBack();

  await page.getByRole('button', { name: 'Usual weeks' }).click();
  await page.getByRole('menuitem', { name: 'Keep this week to use again …' }).click();
  await page.getByLabel('Name of the week').fill('soup week');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await line(page, `${dayIn(hut, 3)} dinner open`);
  await expect(page.locator('.meal.said')).toHaveCount(0);
  await page.getByRole('button', { name: 'Usual weeks' }).click();
  await page.getByRole('menuitem', { name: 'Use “soup week”' }).click();
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.locator('.meal.said')).toHaveCount(1);

  await page.getByRole('link', { name: 'For the fridge door' }).click();
  await expect(
    page.getByRole('cell', { name: /Leek and split-pea soup/ }).filter({ hasText: 'soup night' }),
  ).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar' }).click();
  expect((await download).suggestedFilename()).toMatch(/^week-.*\.ics$/);
});

test('from a full freezer: boxes come out on the evening that leaves them time, with one tap, and it is taken back', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/evening`);
  const first = page.getByRole('listitem').filter({ hasText: 'Leek and split-pea soup out of the freezer into' });
  await expect(first).toContainText('20:00');
  await expect(first).toContainText('4 portions for');
  await expect(page.getByText('Soak the borlotti')).toHaveCount(0);
  await first.getByRole('button', { name: 'Moved to the fridge' }).click();
  await expect(first).toHaveCount(0);
  await undo(page).click();
  await expect(first).toHaveCount(1);
  await page.getByRole('link', { name: 'The freezer by bin' }).click();
  await expect(page.getByRole('region', { name: 'freezer, lower bin' })).toContainText('4 portions');
});

test('who eats what is kept: tastes, what is left, and what the plates teach', async ({ hut, page }) => {
  // Whoever eats it mild has a part of their own in the run, and it is taken back as easily.
  await page.goto(`${hut.url}/week`);
  await expect(page.getByText('Sunflower sauce: Tarek eats it mild, without mustard.')).toBeVisible();
  await page.getByRole('button', { name: 'Take 1/5 of it out in the run' }).click();
  await page.goto(`${hut.url}/cook`);
  await expect(page.locator('.task-list')).toContainText('Take 1/5 of it out, mild, for Tarek; mustard into the rest');
  await page.goto(`${hut.url}/week`);
  await page.getByRole('button', { name: 'All of it hot' }).click();
  await expect(page.getByRole('button', { name: 'Take 1/5 of it out in the run' })).toBeVisible();

  await page.goto(`${hut.url}/week/eaters`);
  await page.getByRole('button', { name: 'Change Tarek' }).click();
  const form = page.locator('.eater-form');
  await form.getByLabel('Allergens').fill('mustard');
  await form.getByLabel('Allergens').press('Enter');
  await page.keyboard.press('Escape');
  await form.getByLabel('× grain').fill('1.5');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('listitem', { name: 'Tarek' })).toContainText('no mustard');
  await expect(page.getByRole('listitem', { name: 'Tarek' })).toContainText('1.5 × grain');
  await page.getByRole('link', { name: 'the week' }).click();
  await expect(page.getByText('Sunflower sauce is not for Tarek (contains mustard).')).toBeVisible();

  const { get, send } = await behind(page, hut);
  const recipes = await get<{ id: string; name: string }[]>('recipes');
  const { batches } = await get<{ batches: { id: string; recipe: string; version: number }[] }>('week');
  const { places } = await get<{ places: { id: string; kind: string }[] }>('');
  const millet = batches.find(({ recipe }) => recipes.find(({ id }) => id === recipe)?.name === 'Millet with bay');
  await send(`batches/${millet?.id ?? ''}/put-away`, {
    boxes: [{ id: crypto.randomUUID(), place: places.find(({ kind }) => kind === 'fridge')?.id, portions: 16 }],
    ifShort: 'take what is there',
    version: millet?.version,
  });
  await page.goto(`${hut.url}/eat`);
  await page.getByLabel('Portions of Millet to eat', { exact: true }).getByRole('spinbutton').fill('6');
  await expect(page.getByRole('region', { name: 'Warming it' })).toContainText('Millet, on the hob');
  await page.getByRole('button', { name: 'who ate how much' }).click();
  await page.getByLabel('Millet that Tarek ate').fill('3');
  await page.getByRole('button', { name: '6 portions eaten' }).click();
  await expect(page.getByTestId('ready-Millet')).toHaveText('10');
  await page.goto(`${hut.url}/week/eaters`);
  await page.getByRole('button', { name: 'Change Tarek' }).click();
  // By hand: three portions are twice his one and a half; with the usual counted as four plates, (4 + 2) / 5.
  await expect(page.getByText('1.20 times the usual')).toBeVisible();
  await page.getByRole('button', { name: 'Set Millet back to the usual' }).click();
  await expect(page.getByText('1.20 times the usual')).toHaveCount(0);

  // Yesterday's dinner was forgotten: it is noted for its day, and what is noted is not noted twice.
  await page.goto(`${hut.url}/eat`);
  await page.getByRole('radiogroup', { name: 'Of which day' }).getByText('yesterday').click();
  await page.getByRole('radiogroup', { name: 'Which meal' }).getByText('dinner').click();
  await page.getByLabel('Portions of Millet to eat', { exact: true }).getByRole('spinbutton').fill('2');
  await expect(page.getByRole('region', { name: 'Warming it' })).toHaveCount(0);
  await page.getByRole('button', { name: '2 portions eaten' }).click();
  await expect(page.getByText('2 portions are noted for dinner on Tuesday already.')).toBeVisible();
  const noted = (await get<{ eaten: { day: string; meal: string }[] }>('week')).eaten;
  expect(noted.filter(({ day, meal }) => day === '2026-03-10' && meal === 'dinner').length).toBeGreaterThan(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/noted for dinner on Tuesday/)).toHaveCount(0);

  // Everything at once is more than the week can bear: it is said before it is eaten.
  await page.goto(`${hut.url}/eat`);
  await page.getByLabel('Portions of Millet to eat', { exact: true }).getByRole('spinbutton').fill('10');
  await expect(page.getByText(/Millet: \d+ portions short from/)).toBeVisible();
});

test('a dish that moves to another day takes its soak along, whichever session is looked at; fewer portions take from the freezer’s first', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/evening`);
  await expect(page.getByRole('heading', { level: 1 })).not.toContainText('Soak');
  await page.goto(`${hut.url}/week`);
  const millet = page.getByRole('slider', { name: 'Portions of Millet, on its strip' });
  const frozen = page.getByRole('slider', { name: 'To freeze of Millet, on its strip' });
  await expect(frozen).toHaveAttribute('aria-valuenow', '4');
  await millet.focus();
  for (let n = 0; n < 3; n++) await millet.press('ArrowDown');
  await expect(millet).toHaveAttribute('aria-valuenow', '13');
  await expect(frozen).toHaveAttribute('aria-valuenow', '1');
  for (let n = 0; n < 3; n++) await millet.press('ArrowUp');
  await expect(frozen).toHaveAttribute('aria-valuenow', '4');

  const day = page.getByRole('slider', { name: 'Day of Borlotti, on its strip' });
  await day.focus();
  for (let n = 0; n < 3; n++) await day.press('ArrowRight');
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByRole('button', { name: 'Keep it so' })).toHaveCount(0);
  await expect(day).toHaveAttribute('aria-valuenow', '3');
  await page.goto(`${hut.url}/evening`);
  const soak = page.getByRole('listitem').filter({ hasText: 'Soak the borlotti' });
  await expect(soak).toContainText('8 to 20 h before');
  await page.goto(`${hut.url}/week/door`);
  await expect(page.getByRole('table')).toContainText('Soak the borlotti');
  await page.goto(`${hut.url}/evening`);
  await soak.getByRole('button', { name: 'Started' }).click();
  await expect(soak).toHaveCount(0);
});

test('guests are said in the day’s own pop-up: they stand at the meal, taps that follow each other are one change, and it is undone', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/week`);
  const head = page.getByRole('button', { name: /\d+ eat\. Change$/ }).nth(1);
  const day = /^(\w+):/.exec((await head.getAttribute('aria-label')) ?? '')?.[1] ?? '';
  await head.click();
  const panel = page.getByRole('tooltip', { name: `Who eats on ${day}?` });
  const more = panel.getByRole('button', { name: 'Guests at lunch: one more' });
  // Three taps right after each other, however busy the machine is: the page answers each before the next.
  await more.evaluate(async (button: HTMLButtonElement) => {
    for (let taps = 0; taps < 3; taps++) {
      button.click();
      await Promise.resolve();
    }
  });
  await expect(page.locator('.last-change')).toContainText(/lunch: 3 guests/);
  const lunch = page.getByRole('button', { name: new RegExp(`^${day} lunch`) });
  await expect(lunch).toContainText('+3 guests');
  await page.keyboard.press('Escape');
  await undo(page).click();
  await expect(lunch).not.toContainText('guests');
});
