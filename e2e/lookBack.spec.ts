import { randomUUID } from 'node:crypto';
import type { BatchState, LotState, RecipeState, WeekState } from '@kestrel-ridge/core/formats';
import type { APIRequestContext } from '@playwright/test';
import { expect, test } from './kitchen.ts';

/** The kitchen's commands and state, as a device asks for them. */
async function kitchenOf(request: APIRequestContext, url: string) {
  const [kitchen] = (await (await request.get(`${url}/api/kitchens`)).json()) as { id: string }[];
  const at = `${url}/api/kitchens/${kitchen?.id ?? ''}`;
  return {
    get: async <T>(path: string): Promise<T> => (await (await request.get(`${at}${path}`)).json()) as T,
    post: async (path: string, data: object): Promise<void> => {
      const answer = await request.post(`${at}${path}`, { data, headers: { 'Idempotency-Key': randomUUID() } });
      expect(answer.ok(), await answer.text()).toBe(true);
    },
  };
}

test('what is thrown away is told when the week is looked back on, and met again when the dish is sized next time', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/look-back`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Nothing was cooked in these days');
  await expect(page.getByRole('button', { name: '‹ The week before' })).toBeDisabled();

  const { get, post } = await kitchenOf(page.request, hut.url);
  const recipes = await get<RecipeState[]>('/recipes');
  const millet = recipes.find(({ name }) => name === 'Millet with bay');
  const week = await get<WeekState>('/week');
  const batch = week.batches.find(({ recipe }) => recipe === millet?.id) as BatchState;
  const [{ id: place } = { id: '' }] = (await get<{ places: { id: string; kind: string }[] }>('')).places.filter(
    ({ kind }) => kind === 'fridge',
  );
  const box = randomUUID();
  await post(`/batches/${batch.id}/put-away`, {
    boxes: [{ id: box, place, portions: 16, box: 'small box' }],
    ifShort: 'take what is there',
    version: batch.version,
  });
  const lot = (await get<LotState[]>('/lots')).find(({ id }) => id === box) as LotState;
  await post(`/lots/${box}/throw`, {
    amount: `${4 * Number(lot.portionG)}`,
    reason: 'stood too long',
    version: lot.version,
  });

  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/^16 portions made; €\d+\.\d\d was thrown away$/);
  await expect(page.getByRole('region', { name: 'Next week' })).toContainText(
    'Make less Millet, or freeze it earlier: 4 of 16 portions were thrown away.',
  );
  await expect(page.getByRole('region', { name: 'Thrown away' })).toContainText('stood too long');
  await page.getByText('The figures, in portions').click();
  const cells = page
    .locator('.past-table tr')
    .filter({ has: page.getByRole('rowheader', { name: 'Millet', exact: true }) });
  await expect(cells.getByRole('cell')).toHaveText(['', '16: why?', '', '', '', '4: why?', '', '', '12: why?']);
  await cells.getByRole('button', { name: /^4\s*: why/ }).click();
  await expect(page.locator('.why-tree').first()).toContainText(/Millet, thrown away4 portions.*thrown, .*4$/);
  await page.keyboard.press('Escape');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As a table (CSV)' }).click();
  expect((await download).suggestedFilename()).toMatch(/^portions-\d{4}-\d\d-\d\d\.csv$/);
  await page.getByRole('button', { name: 'eight weeks' }).click();
  await expect(cells.getByRole('cell')).toHaveText(['', '16: why?', '', '', '', '4: why?', '', '', '12: why?']);
  await expect(page.getByRole('region', { name: 'Week by week' }).getByRole('img')).toHaveCount(4);

  await page.goto(`${hut.url}/recipes/${millet?.id ?? ''}`);
  await page.getByRole('button', { name: /^Make \d+ portions this week$/ }).click();
  await expect(page).toHaveURL(/scale/);
  await expect(page.getByText('Made once in eight weeks, 16 portions: 4 thrown away, 12 still there.')).toBeVisible();
  const [, was = '0'] =
    /, (\d+) portions/.exec((await page.getByRole('heading', { level: 1 }).textContent()) ?? '') ?? [];
  await page.getByRole('button', { name: `Make ${Number(was) - 4} this time` }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(`${Number(was) - 4} portions`);
});

test('eight weeks are looked through; what they teach rests on what was seen, one of it is taken out and counted again, a figure begins anew, and plans go by another', async ({
  lived,
  page,
}) => {
  await page.goto(`${lived.url}/look-back?weeks=8`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/^Cooked \d times, .* later than planned/);
  await expect(page.getByRole('region', { name: /^Session of Sat \d/ }).first()).toContainText('What moved it');
  await expect(page.getByRole('region', { name: 'Thrown away' })).toContainText('nobody knew what it was');
  await expect(page.getByRole('region', { name: 'Money' })).toContainText('rapeseed oil 22 % dearer');

  const weeks = page.getByRole('region', { name: 'Week by week' });
  await weeks.getByText('The figures, week by week').click();
  await expect(weeks.getByRole('row')).toHaveCount(9);

  const teaches = page.getByRole('region', { name: 'What it teaches' });
  const row = (name: string) =>
    teaches.getByRole('row').filter({ has: page.getByRole('rowheader', { name, exact: true }) });
  const comesUp = row('The sealed cooker comes up in');
  const seen = comesUp.getByRole('button', { name: /rests on$/ });
  const n = Number(await seen.textContent());
  expect(n).toBeGreaterThan(9);
  await seen.click();
  const sightings = teaches.locator('.sightings li');
  await expect(sightings).toHaveCount(n);
  await sightings
    .nth(1)
    .getByRole('button', { name: /is wrong$/ })
    .click();
  await page.getByLabel('Why is it wrong?').fill('the pin was not seen');
  await page.getByLabel('Why is it wrong?').press('Enter');
  await expect(seen).toHaveText(`${n - 1}`);
  await expect(sightings.nth(1)).toContainText('not counted: the pin was not seen');
  await sightings.nth(1).getByRole('button', { name: 'Count it again' }).click();
  await expect(seen).toHaveText(`${n}`);

  await teaches.getByRole('button', { name: 'Begin anew', exact: true }).click();
  await expect(seen).toHaveText('0');
  await expect(sightings).toHaveCount(0);
  await page.locator('.last-change').getByRole('button', { name: 'Undo' }).click();
  await expect(seen).toHaveText(`${n}`);
  await seen.click();

  // Weighed when it was boxed, and lighter than calculated.
  const millet = row('Cooked weight of Millet');
  await millet.getByRole('button', { name: /rests on$/ }).click();
  await expect(teaches.getByText(/^A portion would be \d+ g instead of \d+ g\.$/)).toBeVisible();
  await expect(teaches.locator('.sightings li').first()).toContainText(/Millet: \d{4} g, \d+ g less than calculated/);
  await teaches.getByRole('button', { name: 'Plan with it' }).click();
  await expect(millet).toContainText(/plans go by 0\.9\d times/);
  await millet.getByRole('button', { name: /rests on$/ }).click();

  const oven = row('What is in the oven takes');
  await oven.getByRole('button', { name: /rests on$/ }).click();
  await expect(teaches.getByText(/tasks would together be \d+ min longer/)).toBeVisible();
  await teaches.getByRole('button', { name: 'Plan with it' }).click();
  await expect(oven).toContainText(/plans go by 1\.\d\d times/);
  // The same figure, on the same terms, where the ovens are.
  await oven.getByRole('link').click();
  await expect(page).toHaveURL(/kitchen$/);
  await expect(page.getByLabel('Things take', { exact: true })).toHaveValue(/^1\.\d+$/);
  await page
    .getByRole('row', { name: /What is in the oven takes/ })
    .getByRole('button')
    .click();
  await page.getByRole('button', { name: 'Plan by the book' }).click();
  await expect(page.getByRole('row', { name: /What is in the oven takes/ })).toContainText('plans go by the book');
  // What a step takes here stands where the step does.
  await page.goto(`${lived.url}/look-back`);
  await page.getByRole('link', { name: 'told in the recipe' }).first().click();
  await expect(page).toHaveURL(/recipes\//);
  await expect(page.locator('.step-here').first()).toHaveText(
    /^here \d\.\d\d times as long, likely \d\.\d\d to \d\.\d\d, seen \d+ times$/,
  );

  await page.goto(`${lived.url}/look-back?weeks=8`);
  await expect(page.getByRole('region', { name: 'Finishes as they were called' })).toContainText(
    /^How far a call holds\d of 7 sessions were done by the time that is called for 8 of 10; about 6 are to be expected\./,
  );
  // With one tap the next plan goes by all that is surer here than the book.
  const next = page.getByRole('region', { name: 'Next week' });
  await expect(next).toContainText(/The next plan goes by the book still: .* more\./);
  await next.getByRole('button', { name: 'Plan with all of them' }).click();
  await expect(next.getByRole('button')).toHaveCount(0);
  await expect(comesUp).toContainText(/plans go by \d\.\d\d times/);
  await expect(row('leek: edible part of what is bought')).toContainText('reckoned with 54 %');
});

test('a nameless box from the freezer is guessed by what was frozen here; one tap names it', async ({ hut, page }) => {
  const { get, post } = await kitchenOf(page.request, hut.url);
  const foods = await get<{ id: string; name: string }[]>('/foods');
  const { places } = await get<{ places: { id: string; name: string }[] }>('');
  // Two portions of the soup, as it lies there.
  await post('/lots', {
    id: randomUUID(),
    food: foods.find(({ name }) => name === 'nameless box')?.id,
    place: places.find(({ name }) => name === 'freezer')?.id,
    amount: '950',
    origin: 'found',
  });
  await page.goto(`${hut.url}/shelf`);
  await page.getByTestId('lot-nameless box').click();
  const box = page.getByRole('complementary', { name: 'nameless box' });
  await expect(box.getByText('By what was frozen here:')).toBeVisible();
  await box.getByRole('button', { name: /^Leek and split-pea soup, / }).click();
  await expect(page.locator('.last-change')).toContainText('Named a box Leek and split-pea soup');
  await expect(page.getByTestId('lot-nameless box')).toHaveCount(0);
});
