import { expect, goOnTo, test } from './kitchen.ts';

const PASTED = `Parsnip pan with hazelnuts
Serves 4
400 g parsnips, in coins
34 cup hazelnuts
2 tbsp rapeseed oil
1 tsp salt
Cut the parsnips into coins.
Fry the parsnips in the oil for 10 minutes, stirring.
Add the hazelnuts and salt.`;

test('from a pasted text to a batch that uses up a lot, cooked with a swap and a spoon more, and learned by the recipe', async ({
  hut,
  page,
}) => {
  await test.step('paste and mend', async () => {
    await page.goto(`${hut.url}/recipes/new`);
    await page.getByLabel('The recipe’s text').fill(PASTED);
    await page.getByRole('button', { name: '3/4 cup' }).click();
    await page.getByRole('button', { name: 'Keep the recipe' }).click();
    await expect(page.getByRole('heading', { name: 'Parsnip pan with hazelnuts' })).toBeVisible();
  });

  await test.step('size it from what must be used up', async () => {
    await page.getByRole('button', { name: 'Make 4 portions this week' }).click();
    await expect(page).toHaveURL(/scale/);
    await page.getByRole('button', { name: 'Size it from …' }).click();
    // By hand: a portion takes 100 g of parsnip; 1200 g are there, most of them for the roast roots.
    await expect(page.getByRole('button', { name: /^use up the parsnip that is free/ })).toBeVisible();
    await page.getByRole('button', { name: /^use up the parsnip, also what other dishes count on/ }).click();
    await page.getByRole('button', { name: /^Keep 12 portions/ }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Parsnip pan with hazelnuts, 12 portions');
    // Stored: the page is drawn anew with it.
    await expect(page.getByRole('button', { name: /^Keep 12 portions/ })).toHaveCount(0);
  });

  await test.step('swap an ingredient', async () => {
    await page
      .getByRole('row', { name: /hazelnuts/ })
      .getByRole('button', { name: 'swap …' })
      .click();
    await page.getByRole('button', { name: /^sunflower seeds/ }).click();
    await expect(page.getByRole('row', { name: /sunflower seeds/ })).toContainText('303 g');
  });

  await test.step('cook it, and log a spoon more', async () => {
    await page.goto(`${hut.url}/cook`);
    await page.getByRole('button', { name: 'Start cooking' }).click();
    await expect(page).toHaveURL(/cook\/run/);
    await page.goto(`${hut.url}/put-away`);
    await page.getByRole('button', { name: 'Box Parsnip pan with hazelnuts anyway' }).click();
    await page.getByRole('button', { name: 'Change what went in: Parsnip pan with hazelnuts' }).click();
    await page.getByLabel('rapeseed oil that really went in').fill('a bit');
    await page.getByLabel('rapeseed oil that really went in').press('Enter');
    await expect(page.getByText('That is no amount. Write 90 mL, 3 tsp, or +1 tsp.')).toBeVisible();
    await page.getByLabel('rapeseed oil that really went in').fill('+3 tbsp');
    await page.getByLabel('rapeseed oil that really went in').press('Enter');
    await expect(page.getByText('9 tbsp')).toBeVisible();
    await page.getByRole('button', { name: 'Put away Parsnip pan with hazelnuts' }).click();
    await expect(page.getByTestId('booked-Parsnip pan with hazelnuts')).toBeVisible();
  });

  await test.step('the recipe learns it, and the two revisions are compared', async () => {
    await page.goto(`${hut.url}/recipes`);
    await page.getByRole('link', { name: /Parsnip pan with hazelnuts/ }).click();
    await page.getByRole('link', { name: 'See what it could teach the recipe' }).click();
    // By hand: 9 tbsp for 12 portions are 3 tbsp for 4.
    await expect(page.getByRole('row', { name: /rapeseed oil/ })).toContainText('2 tbsp3 tbsp');
    await expect(page.getByRole('row', { name: /sunflower seeds food/ })).toContainText('hazelnuts');
    await page.getByRole('button', { name: 'Make it the recipe' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Parsnip pan with hazelnuts: 2 revisions');
    await expect(page.getByRole('row', { name: /rapeseed oil/ })).toContainText('2 tbsp3 tbsp');
    await page.getByRole('button', { name: 'Take up revision 1 again' }).click();
    await page.getByRole('button', { name: 'Take it up' }).click();
    // The comparison names hazelnuts too: the recipe's own page comes first.
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Parsnip pan with hazelnuts');
    await expect(page.getByRole('link', { name: 'Revision 3', exact: true })).toBeVisible();
    await expect(page.getByRole('row', { name: /hazelnuts/ })).toBeVisible();
  });
});

test('a recipe is written in the editor with the keyboard, keeps its faults beside the button, and is edited again', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/recipes/blank`);
  await page.getByLabel('Name of the recipe').fill('Swede with caraway');
  await page.getByLabel('What it makes').fill('Caraway swede');
  await expect(page.getByText('Nothing goes in. Add at least one ingredient.')).toBeVisible();
  const line = page.getByLabel('Add an ingredient in one line');
  for (const text of ['800 g swede, in cubes', '1 tsp caraway', '2 tbsp rapeseed oil']) {
    await line.fill(text);
    await expect(page.getByText(/^understood:/)).toBeVisible();
    await line.press('Enter');
    await expect(line).toHaveValue('');
  }
  await page.getByRole('button', { name: 'Add a step' }).click();
  await page.getByLabel('Step 2: what is done').fill('Roast the swede');
  await page.getByLabel('latest').fill('40');
  await page.getByLabel('expected').fill('35');
  await page.getByLabel('look from').fill('45');
  await page.getByLabel('look from').blur();
  await expect(page.getByText('Its window runs 45, 35, 40. Order it: earliest look, expected, latest.')).toBeVisible();
  await page.getByLabel('look from').fill('30');
  await page.getByRole('button', { name: 'it needs a station' }).click();
  await page.getByRole('button', { name: 'Keep the recipe' }).click();
  await expect(page.getByRole('heading', { name: 'Swede with caraway' })).toBeVisible();
  await expect(page.getByText('look from 30, about 35, 40 min at the latest · hands')).toBeVisible();

  await page.getByRole('link', { name: 'Edit', exact: true }).click();
  await page.getByLabel('Amount of caraway').fill('2');
  // Leaving with a change asks first.
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await expect(page.locator('.ant-modal-confirm-title')).toBeVisible();
  await page.getByRole('button', { name: 'Stay' }).click();
  await page.getByRole('button', { name: 'Keep as revision 2' }).click();
  await page.getByRole('link', { name: 'Revision 2', exact: true }).click();
  await expect(page.getByRole('row', { name: /caraway/ })).toContainText('1 tsp2 tsp');
});

test('a way of cooking and a figure of a food are chosen, and every amount follows', async ({ hut, page }) => {
  await page.goto(`${hut.url}/scale`);
  await page
    .getByRole('navigation', { name: 'Dishes of this session' })
    .getByRole('link', { name: 'Millet', exact: true })
    .click();
  await page.getByText('on the hob').click();
  await expect(page.getByRole('heading', { name: 'One load' })).toBeVisible();
  await expect(page.getByRole('row', { name: /^water/ })).toContainText('boiling');

  // What came out of the pot: 800 g of millet in 1.78 L, 30 mL poured off, 2500 g drained.
  await page.getByRole('button', { name: /weigh what came out/ }).click();
  await page.getByLabel('poured off').fill('30');
  await page.getByLabel('drained, it weighs').fill('900000');
  await expect(page.getByText('That is more water than was poured in.')).toBeVisible();
  await page.getByLabel('drained, it weighs').fill('2500');
  await expect(page.getByText(/So a gram took up 2\.13 g/)).toBeVisible();
  await page.getByRole('button', { name: 'Go by it from now on' }).click();
  await expect(page.getByRole('button', { name: /this kitchen’s own/ })).toBeVisible();

  await page.goto(`${hut.url}/foods`);
  await page.getByLabel('Find a food').fill('millet');
  await page.getByRole('link', { name: /^millet(?! flakes)/ }).click();
  await expect(page.getByRole('row', { name: /a gram takes up water/ })).toContainText(
    'this kitchen; the book says 2.19',
  );
  await page.getByRole('button', { name: 'a gram takes up water: back to the book' }).click();
  await expect(page.getByRole('row', { name: /a gram takes up water/ })).toContainText('2.19 g');
});

test('what is left of a leek is weighed while it is cut; with the weeks behind the hut it stands among what is learned, and is reckoned with', async ({
  lived,
  page,
}) => {
  await page.goto(`${lived.url}/cook`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page).toHaveURL(/cook\/run/);
  await goOnTo(page, /^Wash the leek/);
  await page.getByRole('button', { name: 'Weigh leek once it is trimmed' }).click();
  await page.getByLabel('leek, taken, g').fill('600');
  await page.getByLabel('leek, trimmed, g').fill('900');
  await expect(page.getByText('That is more than was taken.')).toBeVisible();
  await page.getByLabel('leek, trimmed, g').fill('330');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('leek, trimmed: 330 g of 600 g')).toBeVisible();

  await page.goto(`${lived.url}/look-back`);
  const teaches = page.getByRole('region', { name: 'What it teaches' });
  const leek = teaches.getByRole('row', { name: /^leek: edible part of what is bought/ });
  await expect(leek).toContainText('44 %');
  await expect(leek).toContainText('54 %');
  await leek.getByRole('button', { name: /rests on$/ }).click();
  // By hand: 330 of 600 g.
  await expect(teaches.getByText('leek, trimmed: 55 %, the book says 44').first()).toBeVisible();
  await expect(teaches.getByText(/ready to cook, would take \d+ g bought instead of 1\.14 kg/)).toBeVisible();
  await teaches.getByRole('button', { name: 'Plan with it' }).click();
  await expect(leek).toContainText(/reckoned with 54 %/);
  await page.goto(`${lived.url}/foods`);
  await page.getByLabel('Find a food').fill('leek');
  await page.getByRole('link', { name: /^leek/ }).click();
  await expect(page.getByRole('row', { name: /^edible part of what/ })).toContainText(
    'this kitchen; the book says 0.44',
  );
});
