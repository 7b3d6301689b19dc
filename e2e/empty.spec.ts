import { expect, keepStill, test } from './kitchen.ts';

test('a kitchen without the demo: five questions, a line, a dish, a plan', async ({ bare, page }) => {
  await page.goto(bare.url);
  await expect(page.getByRole('heading', { name: 'Open your kitchen' })).toBeVisible();
  await page.getByRole('button', { name: 'Open the kitchen' }).click();
  await expect(page.getByText('Give it a name.')).toBeVisible();
  await page.getByLabel('What is it called?').fill('Upper larder');
  await page.getByLabel('How high above sea level?').fill('6000');
  await page.getByRole('button', { name: 'Open the kitchen' }).click();
  await expect(page.getByText('Enter metres from 0 to 5000.')).toBeVisible();
  await page.getByLabel('How high above sea level?').fill('400');
  await page.getByRole('button', { name: 'Open the kitchen' }).click();

  await expect(page.getByRole('heading', { name: 'Say who eats here' })).toBeVisible();
  await page
    .getByRole('link', { name: /^Shelf/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'The shelf is empty' })).toBeVisible();
  const line = page.getByLabel('Add to the shelf');
  await line.fill('1 kg millet cupboard');
  await line.press('Enter');
  await expect(page.getByTestId('lot-millet')).toContainText('1 kg');
  // A food that is not known, and an amount that cannot be: asked, not guessed.
  await line.fill('500 g moonbeans cupboard');
  await expect(page.getByText('“moonbeans” is not known here')).toBeVisible();
  await line.fill('2 cups kale');
  await expect(page.locator('.add-read')).toContainText('134 g');
  await line.fill('2 cups tofu');
  await expect(page.getByText('Weigh one level cup of tofu')).toBeVisible();

  await page.getByRole('link', { name: /^Week/ }).first().click();
  await page.getByLabel('Name of one more eater').fill('Ode');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  // The bar of the first hour offers the same, as soon as somebody eats here.
  await page.getByRole('main').getByRole('link', { name: 'Choose recipes' }).click();
  await page.getByRole('button', { name: /^Take \d recipes$/ }).click();
  await page.getByRole('link', { name: /^Week/ }).first().click();
  await page.getByLabel('One more dish').click();
  await page.getByTitle('Millet with bay').click();
  await page.getByRole('button', { name: 'Add to the week' }).click();
  await expect(page.getByRole('img', { name: /^Millet:/ })).toBeVisible();
  await expect(page.getByText('2 bay leaf')).toBeVisible();
  await page.getByRole('link', { name: 'Plan the cooking' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('done by');
});

test('a kitchen of one’s own in its first hour: each step can be left, comes back on the first page, and leads to a plan', async ({
  bare,
  page,
}) => {
  await page.goto(bare.url);
  await page.getByLabel('What is it called?').fill('Upper larder');
  await page.getByText('small flat').click();
  await page.getByRole('button', { name: 'Open the kitchen' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  const steps = page.getByRole('list', { name: 'Steps of setting up' });
  const bar = page.getByRole('region', { name: 'Setting up the kitchen' });
  await expect(heading).toHaveText('Say who eats here');
  await expect(page.getByText('setting up, 1 of 6 done')).toBeVisible();

  // Left for later, it comes back once the others are done.
  await page.getByRole('button', { name: 'Later' }).click();
  await expect(heading).toHaveText('Begin with the shelf');
  await page.getByRole('button', { name: 'Paste a list' }).click();
  await page
    .getByLabel('The list')
    .fill('1 kg millet\n500 g borlotti beans\n300 g sunflower seeds\n2 leeks\n1 L rapeseed oil');
  await page.getByRole('button', { name: /Put .* on the shelf/ }).click();
  await expect(page).toHaveURL(/\/shelf$/);
  await expect(bar).toContainText('Setting up, 2 of 6 done.');
  await bar.getByRole('button', { name: 'Say who eats' }).click();
  await expect(page).toHaveURL(/\/week\/eaters$/);
  await page.getByRole('button', { name: 'two people' }).click();
  await expect(bar).toContainText('3 of 6 done. Next: recipes.');
  await bar.getByRole('button', { name: 'Choose recipes' }).click();

  // What this kitchen cannot cook is not offered; the rest is, by taste.
  await page.getByRole('button', { name: 'sharp' }).click();
  await page.getByRole('checkbox', { name: /^Kohlrabi and apple salad/ }).check();
  await page.getByRole('button', { name: /^Take \d recipes$/ }).click();
  await expect(page.getByRole('link', { name: /Kohlrabi and apple salad/ })).toBeVisible();
  await bar.getByRole('link', { name: 'To all steps' }).click();
  await expect(steps.getByRole('listitem').filter({ hasText: 'done' })).toHaveCount(4);
  await expect(heading).toHaveText('See a first week');
  await page.getByRole('button', { name: 'Suggest a week' }).click();
  await expect(page.locator('.suggested-card').first()).toBeVisible({ timeout: 60_000 });
  await keepStill(page);
  await page.getByRole('button', { name: 'Take this week' }).first().click();
  await expect(page).toHaveURL(/\/week$/);
  await expect(bar).toHaveCount(0);
  await page.getByRole('link', { name: 'Today', exact: false }).first().click();
  await expect(heading).toHaveText(/^Cook /);
  await page.getByRole('button', { name: 'See the plan' }).click();
  await expect(heading).toContainText('done by');
});
