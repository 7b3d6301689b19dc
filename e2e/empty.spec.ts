import { expect, test } from './kitchen.ts';

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

  await expect(page.getByRole('heading', { name: 'Begin with the shelf' })).toBeVisible();
  await page.getByRole('button', { name: 'Take stock' }).click();
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
  await page.getByRole('button', { name: 'Take the five recipes' }).click();
  await page.getByLabel('One more dish').click();
  await page.getByTitle('Millet with bay').click();
  await page.getByRole('button', { name: 'Add to the week' }).click();
  await expect(page.getByRole('img', { name: /^Millet:/ })).toBeVisible();
  await expect(page.getByText('2 bay leaf')).toBeVisible();
  await page.getByRole('button', { name: 'Plan the cooking' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('done by');
});
