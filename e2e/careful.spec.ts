import { expect, test } from './kitchen.ts';

test('an allergic guest gets the right word: what is no food of the book is asked about, what may be in it is not served', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/shelf`);
  await page.getByLabel('Add to the shelf').fill('500 g hemp flour dry cupboard 2.40');
  await expect(page.getByText('“hemp” is not part of wheat flour.')).toBeVisible();
  await page.getByLabel('Add to the shelf').press('Enter');
  await expect(page.getByTestId('lot-wheat flour')).toHaveCount(0);

  await page.goto(`${hut.url}/recipes/new`);
  await page
    .getByRole('textbox')
    .first()
    .fill(
      'Guest crisps\nServes 4\n200 g almond flour\n100 g hemp flour\nMix everything.\nBake at 180 °C for 30 minutes.',
    );
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 of 2 lines to put right');
  await page.getByRole('button', { name: 'Add it as a new food' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Add it', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Every line is understood');
  await page.getByRole('button', { name: 'Keep the recipe' }).click();
  await expect(
    page.getByText('Contains nuts. May contain peanuts, sesame. Allergens unknown: hemp flour.'),
  ).toBeVisible();

  await page.goto(`${hut.url}/week/eaters`);
  await page.getByRole('button', { name: 'Change Tarek' }).click();
  const form = page.locator('.eater-form');
  await form.getByLabel('Allergens').fill('nuts');
  await form.getByLabel('Allergens').press('Enter');
  await page.keyboard.press('Escape');
  await form.getByRole('button', { name: 'Keep' }).click();
  await page.goto(`${hut.url}/week`);
  await expect(page.getByText('Sunflower sauce is not for Tarek (may contain nuts).')).toBeVisible();
  await expect(page.getByText('Kale and leek is not for Tarek (contains nuts).')).toBeVisible();
});

test('a tin that is opened has hours in the cupboard, and three days where it goes into the fridge at once', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/shelf`);
  await page.getByTestId('lot-canned borlotti').click();
  const panel = page.getByRole('complementary', { name: 'canned borlotti' });
  // It stays where it is: a matter of hours, and the fridge gives nothing back.
  await panel.getByRole('button', { name: 'Opened, stays here' }).click();
  await expect(page.getByTestId('lot-canned borlotti')).toContainText('outside the fridge: 2 hours at most');
  await page.locator('.last-change').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('lot-canned borlotti')).not.toContainText('2 hours at most');
  // Into the fridge in the same step: today, tomorrow, and the day after as its last.
  await page.getByTestId('lot-canned borlotti').click();
  await panel.getByRole('button', { name: 'Opened, into the fridge' }).click();
  await expect(page.getByTestId('lot-canned borlotti')).toContainText('2 days left');
  await page.getByTestId('lot-canned borlotti').click();
  await expect(panel.getByText(/until Fri/)).toBeVisible();
});
