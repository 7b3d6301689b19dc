import type { Food } from '@kestrel-ridge/core/food';
import type { CostState, KitchenState, LotState, StoredRecipe, WeekState } from '@kestrel-ridge/core/formats';
import { addDays } from '@kestrel-ridge/core/quantity';
import { missingOf, viewOf } from '@kestrel-ridge/core/view';
import type { Page } from '@playwright/test';
import { expect, keepStill, test, weeksShown } from './kitchen.ts';

const PATIENT = { timeout: 200_000 };

/** Weeks that are good at four things, while they still get better. */
async function weeks(page: Page, url: string) {
  await page.goto(`${url}/week/suggest`);
  await weeksShown(page, PATIENT);
  await shown(page);
}
/** Weeks that answer what was asked last, whether or not they still get better. */
const shown = (page: Page) => expect(page.locator('.suggested')).toHaveAttribute('aria-busy', 'false', PATIENT);

/** All of them feed on six of seven days, of "32 of 32" in each card: soon, if not with the first that are shown. */
const allFeed = (page: Page) =>
  expect
    .poll(async () => {
      const texts = await page.locator('.suggested-figures').allTextContents();
      return Math.min(
        ...texts.map((text) => {
          const [, within, of] = /days that feed\s*(\d+) of (\d+)/.exec(text) ?? [];
          return Number(within) / Number(of);
        }),
      );
    }, PATIENT)
    .toBeGreaterThanOrEqual(6 / 7);

test('weeks that feed a table of six; soup is said away in one line, guests come, a dish is asked after; what counts is pulled', async ({
  hut,
  page,
}) => {
  await weeks(page, hut.url);
  await allFeed(page);

  const line = page.getByLabel('What should be otherwise');
  await line.fill('no unicorns');
  await line.press('Enter');
  await expect(page.getByRole('alert')).toContainText('No dish here is “unicorns”');
  await line.fill('not soup again');
  await line.press('Enter');
  await expect(page.getByRole('button', { name: 'Take back: without soup' })).toBeVisible();
  await shown(page);
  await expect(page.locator('.suggested-meals').filter({ hasText: 'soup' })).toHaveCount(0);

  await keepStill(page);
  const dishes = (await page.locator('.suggested-dishes').first().textContent()) ?? '';
  await line.fill('why the millet bake');
  await line.press('Enter');
  const why = page.getByRole('region', { name: 'Why Millet bake' });
  await expect(why.getByText(/without it: /)).toHaveCount(4, PATIENT);
  // A question changes no week; asked again, they are looked for anew.
  await expect(page.locator('.suggested-dishes').first()).toHaveText(dishes);
  await page.getByRole('button', { name: 'Ask again' }).click();
  await expect(page.getByText('still getting better')).toBeVisible();
  await shown(page);
  await why.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByRole('button', { name: 'Take back: without Millet bake' })).toBeVisible();
  await shown(page);
  await expect(page.locator('.suggested-dishes').filter({ hasText: 'Millet bake' })).toHaveCount(0);

  // Two more for Sunday are told in the week that is taken.
  await line.fill('two more for Sunday dinner');
  await line.press('Enter');
  await page.getByText('What counts').click();
  await page.getByLabel('little work, times as usual').press('ArrowRight');
  await expect(page.getByText('× 1.5', { exact: true })).toBeVisible();
  await shown(page);
  await page.getByRole('region', { name: 'least work' }).getByRole('button', { name: 'Take this week' }).click();
  await expect(page).toHaveURL(/\/week$/);
  await expect(page.getByText('+2 guests')).toBeVisible();
  await expect(page.getByText(/does not hold as planned|do not hold as planned/)).toHaveCount(0);
});

test('six with two exclusions and a small freezer: nobody is served what they must not have, and no more is frozen than there is room for', async ({
  hut,
  page,
}) => {
  const [kitchen] = (await (await page.request.get(`${hut.url}/api/kitchens`)).json()) as { id: string }[];
  const at = `${hut.url}/api/kitchens/${kitchen?.id ?? ''}`;
  const put = async (path: string, data: object) => {
    const answer = await page.request.put(`${at}${path}`, {
      data,
      headers: { 'Idempotency-Key': crypto.randomUUID() },
    });
    expect(answer.ok(), await answer.text()).toBe(true);
  };
  const state = (await (await page.request.get(at)).json()) as {
    name: string;
    version: number;
    equipment: Record<string, unknown>;
  };
  await put('', { name: state.name, version: state.version, equipment: { ...state.equipment, freezerLitres: 14 } });
  const { eaters } = (await (await page.request.get(`${at}/week`)).json()) as {
    eaters: { id: string; name: string; appetite: number; weekdays: number[]; version: number }[];
  };
  for (const [n, allergen] of ['nuts', 'mustard'].entries()) {
    const { id, ...eater } = eaters[n] as (typeof eaters)[number];
    await put(`/eaters/${id}`, { ...eater, weekdays: [0, 1, 2, 3, 4, 5, 6], tastes: { allergens: [allergen] } });
  }
  await weeks(page, hut.url);
  await allFeed(page);
  for (const text of await page.locator('.suggested-figures').allTextContents()) {
    const [, frozen = '0', room = '0'] = /to freeze\s*(\d+) of (\d+) L/.exec(text) ?? [];
    expect(Number(frozen)).toBeLessThanOrEqual(Number(room));
  }
});

/** A command of the API, as a device sends it. */
async function post(page: Page, path: string, data: object) {
  const answer = await page.request.post(path, { data, headers: { 'Idempotency-Key': crypto.randomUUID() } });
  expect(answer.ok(), await answer.text()).toBe(true);
}
async function kitchenAt(page: Page, url: string): Promise<string> {
  const [kitchen] = (await (await page.request.get(`${url}/api/kitchens`)).json()) as { id: string }[];
  return `${url}/api/kitchens/${kitchen?.id ?? ''}`;
}

test('one who eats alone is fed as well as a table', async ({ hut, page }) => {
  const at = await kitchenAt(page, hut.url);
  const { eaters } = (await (await page.request.get(`${at}/week`)).json()) as {
    eaters: { id: string; version: number }[];
  };
  for (const { id, version } of eaters.slice(1)) await post(page, `${at}/eaters/${id}/goes`, { version });
  await weeks(page, hut.url);
  await allFeed(page);
  await page.getByRole('button', { name: 'Take this week' }).first().click();
  await expect(page).toHaveURL(/\/week$/);
  await expect(page.getByText(/does not hold as planned|do not hold as planned/)).toHaveCount(0);
});

test('from an empty shelf: a week is suggested, taken, and all of it is on the list to buy', async ({ bare, page }) => {
  await page.goto(bare.url);
  await page.getByLabel('What is it called?').fill('Lower larder');
  await page.getByLabel('How high above sea level?').fill('400');
  await page.getByRole('button', { name: 'Open the kitchen' }).click();
  await page.getByRole('link', { name: /^Week/ }).first().click();
  await page.getByLabel('Name of one more eater').fill('Ode');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('link', { name: 'Choose recipes' }).click();
  await page.getByRole('button', { name: /^Take \d recipes$/ }).click();
  await expect(page).toHaveURL(/\/recipes$/);
  await weeks(page, bare.url);
  await keepStill(page);
  await page.getByRole('button', { name: 'Take this week' }).first().click();
  await expect(page).toHaveURL(/\/week$/);
  await expect(page.getByText(/does not hold as planned|do not hold as planned/)).toHaveCount(0);
  await page.getByRole('link', { name: /^Shop/ }).first().click();
  await expect(page.getByText(/millet/i).first()).toBeVisible();
});

test('with a trip every Tuesday nothing is cooked before it that would have to be bought', async ({ hut, page }) => {
  await page.goto(`${hut.url}/kitchen`);
  await page.getByRole('combobox', { name: 'Every' }).click();
  await page.getByTitle('Tuesday').click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText(/Kept/).first()).toBeVisible();
  await page.goto(`${hut.url}/week/suggest`);
  await weeksShown(page, PATIENT);
  // What the demo has set for the week asks for something that is not there.
  await page.getByLabel('keep the meals that are set').uncheck();
  await shown(page);
  // The shelf is nearly bare for six days: a card says so where something of it could not be had.
  const can = page.locator('.suggested-card').filter({ hasNotText: 'cannot be bought before the next trip' });
  await can.first().getByRole('button', { name: 'Take this week' }).click(PATIENT);
  await expect(page).toHaveURL(/\/week$/);
  const at = await kitchenAt(page, hut.url);
  const get = async <T>(path: string): Promise<T> => (await (await page.request.get(`${at}${path}`)).json()) as T;
  const view = viewOf(
    await get<KitchenState>(''),
    await get<Food[]>('/foods'),
    await get<LotState[]>('/lots'),
    await get<StoredRecipe[]>('/recipes'),
    await get<WeekState>('/week'),
    await get<CostState>('/costs'),
    null,
  );
  // It is Wednesday: the trip is in six days.
  const early = view.week.sessions.filter(
    ({ status, startsAt }) => status === 'planned' && startsAt < addDays(view.today, 6),
  );
  const cooked = view.batches.filter(({ session }) => early.some(({ id }) => id === session.id));
  expect(cooked.length).toBeGreaterThan(0);
  for (const { id } of early)
    expect(missingOf(view, id).map(({ food, missingText }) => `${missingText} ${food.name}`)).toEqual([]);
});

test('a menu for four weeks: a dish is kept on it, another left off, a week kept, and plates are suggested round its mains', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/week`);
  await page.getByRole('link', { name: 'Four-week menu' }).click();
  const cards = page.locator('.season-week');
  await expect(cards).toHaveCount(4, PATIENT);
  await page.getByRole('button', { name: 'Keep Millet bake on the menu' }).first().click();
  await expect(page.getByRole('button', { name: 'Let Millet bake go' }).first()).toBeVisible(PATIENT);
  await page.getByRole('button', { name: 'Leave Borlotti off the menu' }).first().click();
  await expect(page.getByRole('button', { name: 'Put Borlotti back' })).toBeVisible();
  await expect(cards.filter({ hasText: 'Borlotti' })).toHaveCount(0, PATIENT);
  await expect(page.getByRole('button', { name: 'Let Millet bake go' }).first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'Big buys' })).toBeVisible();

  await page.getByRole('button', { name: 'Keep as a usual week' }).first().click();
  await expect(page.getByText(/is among your usual weeks/)).toBeVisible();
  const mains = await cards
    .first()
    .locator('.season-mains li', { hasText: /cook \d+/ })
    .locator('b')
    .allTextContents();
  expect(mains.length).toBeGreaterThan(0);
  await page.getByRole('link', { name: 'Plates round these' }).click();
  await weeksShown(page, PATIENT);
  for (const main of mains) await expect(page.getByRole('button', { name: `Unlock ${main}` })).toBeVisible();
  await shown(page);
  await page.getByRole('button', { name: 'Take this week' }).first().click();
  await expect(page).toHaveURL(/\/week$/);
  for (const main of mains) await expect(page.getByRole('img', { name: new RegExp(`^${main}:`) })).toBeVisible();
  await page.getByRole('button', { name: 'Usual weeks' }).click();
  await expect(page.getByText(/^Use “Menu, week of/)).toBeVisible();
});
