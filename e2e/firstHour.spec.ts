import { expect, test } from './kitchen.ts';

test('who is new is shown round in five steps, may stop, and finds the help and its keys on every page', async ({
  hut,
  page,
}) => {
  await page.goto(hut.url);
  await page.getByRole('button', { name: 'See the week in five steps' }).click();
  const bar = page.getByRole('region', { name: 'Shown round' });
  for (const [n, name] of ['Shelf', 'Week', 'Cook', 'Eat', 'Look back'].entries()) {
    await expect(bar).toContainText(`${n + 1} of 5, ${name}.`);
    await expect(
      page.getByRole('navigation', { name: 'The week’s trail' }).getByRole('listitem').filter({ hasText: name }),
    ).toHaveClass('here');
    await bar.getByRole('button', { name: /^Next: |^Finish$/ }).click();
  }
  await expect(bar).toHaveCount(0);
  await expect(page).toHaveURL(`${hut.url}/`);

  // By its key, but not while somebody types a question mark.
  await page.goto(`${hut.url}/week`);
  await page.locator('.strip').first().waitFor();
  await page.keyboard.press('Shift+?');
  const help = page.getByRole('dialog', { name: 'Week' });
  await expect(help).toContainText('how far each batch reaches');
  await expect(help).toContainText('a portion more or less');
  await page.keyboard.press('Escape');
  await expect(help).toHaveCount(0);
  await page.goto(`${hut.url}/recipes`);
  await page.getByLabel('Find a recipe').fill('millet?');
  await expect(page.getByRole('dialog')).toHaveCount(0);

  // From the help it begins again, and stops where one likes.
  await page.getByRole('button', { name: 'Help' }).click();
  await page.getByRole('dialog', { name: 'Recipes' }).getByRole('button', { name: 'Show me round' }).click();
  await expect(bar).toContainText('1 of 5, Shelf.');
  await bar.getByRole('button', { name: 'Stop here' }).click();
  await expect(bar).toHaveCount(0);
  await expect(page).toHaveURL(`${hut.url}/shelf`);
});
