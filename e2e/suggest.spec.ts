import type { Page } from '@playwright/test';
import { expect, test } from './kitchen.ts';

const PATIENT = { timeout: 40_000 };

/** Four weeks, as good as they get. */
async function weeks(page: Page, url: string) {
  await page.goto(`${url}/week/suggest`);
  await expect(page.locator('.suggested-card')).toHaveCount(4, PATIENT);
  await settled(page);
}
const settled = (page: Page) => expect(page.getByText('as good as they get')).toBeVisible(PATIENT);

/** "32 of 32" in each card. */
async function fed(page: Page): Promise<readonly number[]> {
  const texts = await page.locator('.suggested-figures').allTextContents();
  return texts.map((text) => {
    const [, within, of] = /days that feed\s*(\d+) of (\d+)/.exec(text) ?? [];
    return Number(within) / Number(of);
  });
}

test('weeks that feed a table of six; soup is said away in one line, guests come, a dish is asked after; what counts is pulled', async ({
  hut,
  page,
}) => {
  await weeks(page, hut.url);
  for (const share of await fed(page)) expect(share).toBeGreaterThanOrEqual(6 / 7);

  const line = page.getByLabel('What should be otherwise');
  await line.fill('no unicorns');
  await line.press('Enter');
  await expect(page.getByRole('alert')).toContainText('No dish here is “unicorns”');
  await line.fill('not soup again');
  await line.press('Enter');
  await expect(page.getByRole('button', { name: 'Take back: without soup' })).toBeVisible();
  await settled(page);
  await expect(page.locator('.suggested-meals').filter({ hasText: 'soup' })).toHaveCount(0);

  const dishes = (await page.locator('.suggested-dishes').first().textContent()) ?? '';
  await line.fill('why the millet bake');
  await line.press('Enter');
  const why = page.getByRole('region', { name: 'Why Millet bake' });
  await expect(why.getByText(/without it: /)).toHaveCount(4, PATIENT);
  // A question changes no week; asked again, they are looked for anew.
  await expect(page.locator('.suggested-dishes').first()).toHaveText(dishes);
  await page.getByRole('button', { name: 'Ask again' }).click();
  await expect(page.getByText('still getting better')).toBeVisible();
  await settled(page);
  await why.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByRole('button', { name: 'Take back: without Millet bake' })).toBeVisible();
  await settled(page);
  await expect(page.locator('.suggested-dishes').filter({ hasText: 'Millet bake' })).toHaveCount(0);

  // Two more for Sunday are told in the week that is taken.
  await line.fill('two more for Sunday dinner');
  await line.press('Enter');
  await page.getByText('What counts').click();
  await page.getByLabel('little work, times as usual').press('ArrowRight');
  await expect(page.getByText('× 1.5', { exact: true })).toBeVisible();
  await settled(page);
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
  for (const share of await fed(page)) expect(share).toBeGreaterThanOrEqual(6 / 7);
  for (const text of await page.locator('.suggested-figures').allTextContents()) {
    const [, frozen = '0', room = '0'] = /to freeze\s*(\d+) of (\d+) L/.exec(text) ?? [];
    expect(Number(frozen)).toBeLessThanOrEqual(Number(room));
  }
});
