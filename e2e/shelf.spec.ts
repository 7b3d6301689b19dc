import { readFile } from 'node:fs/promises';
import { expect, test } from './kitchen.ts';

test('a stocktake of forty lots with the keyboard: one key a thing, what changed, what surprised, and undo', async ({
  hut,
  page,
}) => {
  await test.step('a list of eighteen more is pasted', async () => {
    await page.goto(`${hut.url}/shelf/list`);
    const foods = ['quinoa', 'bulgur', 'polenta', 'teff', 'amaranth', 'couscous', 'walnuts', 'almonds', 'cashews'];
    const more = ['raisins', 'dates', 'paprika', 'cumin', 'thyme', 'oregano', 'chickpeas', 'mung beans', 'red lentils'];
    await page.getByLabel('The list').fill([...foods, ...more].map((food) => `200 g ${food} cupboard 1.90`).join('\n'));
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Every line is understood');
    await page.getByRole('button', { name: 'Put 18 lines on the shelf' }).click();
    await expect(page).toHaveURL(/\/shelf$/);
  });

  await test.step('forty looked at', async () => {
    await page.getByRole('link', { name: 'Take stock' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('0 of 42 counted');
    for (let n = 1; n <= 42; n++) {
      // Every tenth thing is half gone; the rest is as the book says.
      await page.keyboard.press(n % 10 === 0 ? '4' : '1');
      if (n < 42) await expect(page.getByRole('heading', { level: 1 })).toHaveText(`${n} of 42 counted`);
      if (n === 20) {
        // The tablet sleeps, and wakes where it was.
        await page.reload();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText('20 of 42 counted');
      }
    }
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('4 of 42 were not as the book said');
    await expect(page.getByText('a surprise')).toHaveCount(4);
  });

  await test.step('one of them is taken back', async () => {
    await page.getByRole('button', { name: 'Take it back' }).first().click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('3 of 41 were not');
    await page.getByRole('link', { name: 'Done' }).click();
    await expect(page).toHaveURL(/\/shelf$/);
  });
});

test('a list under its places, in whatever words: what is clear is on the shelf, what is not stays with its place', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/shelf/list`);
  await page.getByLabel('The list').fill(`Fridge:
- tofu x 3 (best before 14/12/2026)
- 5 onions (big), 1 going soft
- half a jar of moonbeans

Freezer
frozen spinach 1kg bag 2.20, opened sunday
sourdough half loaf`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 of 5 lines to put right');
  const read = page.locator('.list-read li');
  await expect(read.nth(0)).toHaveText(/tofuabout 1\.05 kgfridge.*best before/);
  await expect(read.nth(3)).toContainText('freezer');
  await page.getByRole('button', { name: 'Put 4 lines on the shelf, 1 stays here' }).click();
  await expect(page.getByLabel('The list')).toHaveValue('half a jar of moonbeans fridge');
});

test('the shop: what is missing, bought with differences, put on the shelf in one step, and the till with its reason', async ({
  hut,
  page,
}) => {
  // What somebody brought up is put on the shelf from wherever one is.
  await page.goto(`${hut.url}/shop`);
  await expect(page.locator('.shop-till')).toBeVisible();
  await page.keyboard.press('+');
  await expect(page.getByRole('dialog').getByLabel('Add to the shelf')).toBeFocused();
  await page.keyboard.type('2 cans borlotti cupboard 0.95 each bb march');
  await expect(page.getByRole('dialog')).toContainText('canned borlotti480 gdry cupboard€1.90best before 31 Mar');
  await page.keyboard.press('Enter');
  await expect(page.locator('.last-change')).toContainText('Added 480 g canned borlotti, dry cupboard');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();

  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 things to buy');
  // By hand: 8 portions of kale ask for 741 g with stalks, 600 are there: a pack of 500 g at 2.40 for 140.7 g of it.
  const kale = page.locator('.shop-row').filter({ hasText: 'kale' });
  await expect(kale).toContainText('1 × 500 g');
  await kale.getByRole('button', { name: /why/ }).click();
  await expect(page.getByText('what the week takes, less what is there, and up to its floor')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.locator('.shop-till')).toHaveText('€6.88');
  await expect(page.locator('.figure-row').filter({ hasText: 'budget' })).toContainText('€53.12left');

  await kale.getByRole('button', { name: 'can’t get it' }).click();
  await expect(kale.getByRole('link', { name: 'Kale and leek' })).toBeVisible();
  await page.getByRole('checkbox', { name: 'kale' }).check();
  await page.getByRole('checkbox', { name: 'rolled oats' }).check();
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'kale' })).toBeChecked();

  await page.getByRole('button', { name: 'Home: put 2 on the shelf' }).click();
  await page.getByLabel('Amount of rolled oats bought').fill('1500');
  await page.getByLabel('Price of rolled oats').fill('3.10');
  await page.getByLabel('Where it was bought').fill('valley shop');
  await page.getByRole('button', { name: 'Put 2 on the shelf, €5.50' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 thing to buy');

  await page.getByRole('link', { name: 'Prices' }).click();
  await page.getByLabel('Find a food').fill('oats');
  await page.getByRole('button', { name: /rolled oats/ }).click();
  await expect(page.getByText('1.5 kg for €3.10, valley shop')).toBeVisible();
  await expect(page.getByRole('img', { name: 'Price of rolled oats, a kilo' })).toBeVisible();
});

test('taking promised stock says what it breaks before it is done; a nameless box is named later', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/shelf`);
  await page.getByTestId('lot-parsnip').click();
  const panel = page.getByRole('complementary', { name: 'parsnip' });
  await expect(panel.getByRole('link', { name: 'Roast roots' })).toBeVisible();
  await panel.getByLabel('Amount thrown away in g').fill('100');
  await expect(panel.getByRole('alert')).toHaveCount(0);
  await panel.getByLabel('Amount thrown away in g').fill('1000');
  await expect(panel.getByRole('alert')).toContainText('Roast roots counts on it');
  await panel.getByRole('button', { name: 'Throw' }).click();
  await expect(page.getByText(/Threw away 1 kg parsnip/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('lot-parsnip')).toContainText('1.2 kg');

  await page.goto(`${hut.url}/shelf/count`);
  await page.getByRole('button', { name: 'A box nobody can name' }).click();
  await expect(page.locator('.last-change')).toContainText('A nameless box');
  await page.goto(`${hut.url}/shelf`);
  await page.getByTestId('lot-nameless box').click();
  const box = page.getByRole('complementary', { name: 'nameless box' });
  await box.getByLabel('What is in the box').fill('split peas');
  await page.getByTitle('split peas', { exact: true }).click();
  await box.getByRole('button', { name: 'It is that' }).click();
  await expect(page.getByTestId('lot-split peas')).toContainText('about');
});

test('the shelf goes out as a table and comes into an empty place as the same stock; a broken line is told by its number', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/shelf`);
  await page.getByRole('button', { name: 'Export' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByText('What is there, as a table (CSV)').click(),
  ]);
  const text = await readFile(await download.path(), 'utf8');
  expect(text.split('\r\n')[0]).toBe(
    'food,place,amount,unit,price_minor,priced_amount,bought_on,opened_on,best_before,use_by,known,made_on,frozen_on,thawed_on,portion_g,box',
  );

  const at = `${hut.url}/api/kitchens`;
  const [kitchen] = (await (await page.request.get(at)).json()) as { id: string }[];
  type Lot = {
    id: string;
    food: string;
    onHand: string;
    version: number;
    dates: object;
    priced: object | null;
    portionG: string | null;
  };
  const lots = async () => (await (await page.request.get(`${at}/${kitchen?.id}/lots`)).json()) as Lot[];
  const sorted = (all: readonly Lot[]) =>
    all
      .map(({ food, onHand, dates, priced, portionG }) => JSON.stringify({ food, onHand, dates, priced, portionG }))
      .sort();
  const before = await lots();
  for (const lot of before)
    await page.request.post(`${at}/${kitchen?.id}/lots/${lot.id}/count`, {
      data: { amount: '0', version: lot.version },
      headers: { 'Idempotency-Key': crypto.randomUUID() },
    });
  expect(await lots()).toHaveLength(0);

  await page.goto(`${hut.url}/shelf/list`);
  const csv = (body: string) => ({ name: 'stock.csv', mimeType: 'text/csv', buffer: Buffer.from(body) });
  await page.getByLabel('Open a table (CSV)').setInputFiles(csv(`${text}moonbeans,fridge,200,g,,,,,,,,,,,,\r\n`));
  await expect(page.getByText('Line 26: “moonbeans” is no food of this kitchen.')).toBeVisible();
  await page.getByRole('button', { name: 'Put it aside' }).click();
  await page.getByLabel('Open a table (CSV)').setInputFiles(csv(text));
  await page.getByRole('button', { name: 'Put 24 lines on the shelf' }).click();
  await expect(page).toHaveURL(/\/shelf$/);
  expect(sorted(await lots())).toEqual(sorted(before));
});

test('a list as people write it is put on the shelf; one line that cannot be read stays, and holds nothing back', async ({
  hut,
  page,
}) => {
  await page.goto(`${hut.url}/shelf/list`);
  await page.getByLabel('The list').fill(
    `2 packs tofu 2.10 each
2 x 400g tins chickpeas €0.89 each
rice 1kg
oat milk 1L x3
bunch of parsley
potatoes (big) 2.5 kg
frozen peas 900 g
olive oil 750 ml 8,99 €
salt
bag of moonbeans use by monday`,
  );
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 of 10 lines to put right');
  const read = page.locator('.list-read');
  await expect(read.getByRole('listitem').first()).toContainText('4.20');
  await page.getByRole('button', { name: 'Put 9 lines on the shelf, 1 stays here' }).click();
  await expect(page.getByLabel('The list')).toHaveValue('bag of moonbeans use by monday');
  await page.getByLabel('The list').fill('bag of spinach use by monday');
  await page.getByRole('button', { name: 'Put 1 line on the shelf' }).click();
  await expect(page.getByTestId('lot-spinach').first()).toBeVisible();
  await expect(page.getByTestId('lot-oat milk').first()).toBeVisible();
});
