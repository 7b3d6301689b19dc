import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { withDemo } from '../scripts/withDemo.mjs';
import { figure, median } from './figure.mjs';

const RECIPES = 60;
const LOTS = 150;
const EATERS = 12;
const WEEKS = 52;
const ROUNDS = 15;

const DAY_MS = 86_400_000;
const iso = (ms) => new Date(ms).toISOString().slice(0, 10);

/** A kitchen to choose in: recipes to sixty, lots to a hundred and fifty, eaters to twelve. */
async function fill(url, kitchen) {
  const at = `${url}/api/kitchens/${kitchen}`;
  const get = async (path) => (await fetch(`${at}/${path}`)).json();
  const post = async (path, body) => {
    const answer = await fetch(`${at}/${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'idempotency-key': randomUUID() },
      body: JSON.stringify(body),
    });
    if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
  };
  const recipes = await get('recipes');
  for (let n = recipes.length; n < RECIPES; n++) {
    const { document } = recipes[n % recipes.length];
    const name = `${document.name} ${n}`;
    await post('recipes', {
      id: randomUUID(),
      document: { ...document, name, component: { ...document.component, id: randomUUID(), name } },
    });
  }
  const { places } = await get('');
  const foods = (await get('foods')).filter(({ facts, recipe }) => facts.base === 'g' && recipe === null);
  const lots = await get('lots');
  await post('lots/many', {
    lots: Array.from({ length: LOTS - lots.length }, (_, n) => ({
      id: randomUUID(),
      food: foods[(n * 7) % foods.length].id,
      place: places[n % 3].id,
      amount: '500',
      origin: 'bought',
      priceMinor: 150 + (n % 9) * 40,
    })),
  });
  const { eaters } = await get('week');
  for (let n = eaters.length; n < EATERS; n++)
    await post('eaters', {
      id: randomUUID(),
      name: `eater ${n}`,
      appetite: 1,
      weekdays: [0, 1, 2, 3, 4, 5, 6],
      tastes: { repeats: 2, ...(n % 3 === 0 ? { allergens: ['nuts'] } : {}) },
    });
}

/** From asking to four weeks on the screen, as often as asked. */
async function suggestions(page, url) {
  await page.goto(`${url}/week/suggest`);
  await page.locator('.suggested-card').first().waitFor();
  await page.locator('.suggested[aria-busy=false]').waitFor();
  return page.evaluate(async (rounds) => {
    const took = [];
    const again = [...document.querySelectorAll('button')].find((each) => each.textContent === 'Ask again');
    for (let n = 0; n < rounds; n++) {
      const began = performance.now();
      again.click();
      do await new Promise((resolve) => requestAnimationFrame(resolve));
      while (document.querySelector('.suggested').getAttribute('aria-busy') !== 'true');
      do await new Promise((resolve) => requestAnimationFrame(resolve));
      while (document.querySelector('.suggested').getAttribute('aria-busy') === 'true');
      took.push(performance.now() - began);
    }
    return took;
  }, 5);
}

/** Frames while a strip's handle is drawn up and down, beside the frames of a page at rest. */
async function drawing(page, url) {
  await page.goto(`${url}/week`);
  const handle = page.getByRole('slider').first();
  await handle.waitFor();
  await page.getByText('being planned').waitFor({ state: 'detached' });
  const frames = () =>
    page.evaluate(
      () =>
        new Promise((resolve) => {
          const gaps = [];
          const began = performance.now();
          let last = began;
          const next = (now) => {
            gaps.push(now - last);
            last = now;
            if (now - began < 3000) requestAnimationFrame(next);
            else resolve(gaps);
          };
          requestAnimationFrame(next);
        }),
    );
  const still = await frames();
  const box = await handle.boundingBox();
  await page.mouse.move(box.x + 10, box.y + 20);
  await page.mouse.down();
  const drawn = frames();
  for (let n = 0; n < 60; n++) {
    await page.mouse.move(box.x + 10, box.y + 20 - 60 * Math.sin(n / 6));
    await page.waitForTimeout(30);
  }
  const gaps = await drawn;
  await page.mouse.up();
  return median(gaps) / median(still);
}

/** A year of weeks in one kitchen: meals, what was eaten, sessions that are done. */
async function age(database, kitchen) {
  const client = new pg.Client({ connectionString: database });
  await client.connect();
  await client.query('BEGIN');
  await client.query(`SELECT set_config('kestrel.kitchen', $1, true)`, [kitchen]);
  const { rows: foods } = await client.query('SELECT id FROM food WHERE kitchen = $1 AND recipe IS NOT NULL LIMIT 8', [
    kitchen,
  ]);
  const { rows: eaters } = await client.query('SELECT id FROM eater WHERE kitchen = $1', [kitchen]);
  const { rows: recipes } = await client.query('SELECT id FROM recipe WHERE kitchen = $1 LIMIT 5', [kitchen]);
  for (let week = 3; week < WEEKS; week++) {
    const session = randomUUID();
    await client.query(
      `INSERT INTO session (kitchen, id, name, starts_at, cooks, status) VALUES ($1, $2, 'Sunday', now() - $3::int * interval '7 days', 1, 'done')`,
      [kitchen, session, week],
    );
    for (const { id } of recipes)
      await client.query(
        `INSERT INTO batch (kitchen, id, session, recipe, revision, portions, freeze_portions, status, cost_used_minor, cost_till_minor, boxed_portions, put_away_at)
         VALUES ($1, gen_random_uuid(), $2, $3, 1, 12, 0, 'put away', 300, 500, 12, now() - $4::int * interval '7 days')`,
        [kitchen, session, id, week],
      );
    for (let day = 0; day < 7; day++) {
      const on = iso(Date.now() - (week * 7 + day) * DAY_MS);
      for (const meal of ['lunch', 'dinner']) {
        await client.query(
          `INSERT INTO slot (kitchen, day, meal, parts) VALUES ($1, $2, $3, $4) ON CONFLICT DO NOTHING`,
          [kitchen, on, meal, JSON.stringify([{ food: foods[day % foods.length].id, portions: 1 }])],
        );
        for (const { id } of eaters)
          await client.query(
            `INSERT INTO eaten (kitchen, id, command, day, meal, eater, food, portions) VALUES ($1, gen_random_uuid(), gen_random_uuid(), $2, $3, $4, $5, 1)`,
            [kitchen, on, meal, id, foods[day % foods.length].id],
          );
      }
    }
  }
  await client.query('COMMIT');
  await client.query('ANALYZE');
  await client.end();
}

async function weekOpens(url, kitchen) {
  const took = [];
  for (let n = 0; n < ROUNDS; n++) {
    const began = performance.now();
    await (await fetch(`${url}/api/kitchens/${kitchen}/week`)).text();
    took.push(performance.now() - began);
  }
  return median(took);
}

await withDemo(
  async ({ served, browser }) => {
    const [kitchen] = await (await fetch(`${served.url}/api/kitchens`)).json();
    const young = await weekOpens(served.url, kitchen.id);
    await fill(served.url, kitchen.id);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
    const took = await suggestions(page, served.url);
    figure('four suggested weeks, asked to shown, 60 recipes, 150 lots, 12 eaters', median(took), 'ms', 'under 1000');
    figure('worst of those', Math.max(...took), 'ms', 'under 1500');
    figure(
      'a frame while a strip is drawn, over a frame at rest',
      await drawing(page, served.url),
      'times',
      'at most 2',
    );
    const before = await weekOpens(served.url, kitchen.id);
    await age(served.databaseUrl, kitchen.id);
    const old = await weekOpens(served.url, kitchen.id);
    figure(
      'the week after a year of weeks, over the same before',
      old / before,
      'times',
      'under 3: eight weeks of plates are read, not fifty-two',
    );
    figure('the demo week as it came', young, 'ms', 'to compare');
  },
  { quiet: true },
);
