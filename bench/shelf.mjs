import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { withDemo } from '../scripts/withDemo.mjs';
import { figure, median } from './figure.mjs';

const ROUNDS = 15;
const LOTS = 500;

/** Lots of a kitchen, and movements in and out of them until its ledger is so long; what stays on hand is the same. */
async function fill(client, kitchen, places, foods, movements) {
  await client.query('BEGIN');
  await client.query(`SELECT set_config('kestrel.kitchen', $1, true)`, [kitchen]);
  const key = randomUUID();
  await client.query('INSERT INTO command (kitchen, key, name, fingerprint) VALUES ($1, $2, $3, $4)', [
    kitchen,
    key,
    'bench',
    'bench',
  ]);
  const { rows } = await client.query('SELECT count(*)::int AS n FROM lot WHERE kitchen = $1', [kitchen]);
  for (let n = rows[0].n; n < LOTS; n++) {
    const lot = randomUUID();
    await client.query(
      `INSERT INTO lot (kitchen, id, food, place, base, origin, bought_on) VALUES ($1, $2, $3, $4, 'g', 'bought', current_date - ($5::int % 60))`,
      [kitchen, lot, foods[n % foods.length], places[n % places.length], n],
    );
    await client.query(
      `INSERT INTO movement (kitchen, id, lot, amount, kind, command) VALUES ($1, $2, $3, 500, 'bought', $4)`,
      [kitchen, randomUUID(), lot, key],
    );
  }
  const { rows: had } = await client.query('SELECT count(*)::int AS n FROM movement WHERE kitchen = $1', [kitchen]);
  const pairs = Math.max(0, Math.ceil((movements - had[0].n) / 2));
  for (const amount of [10, -10])
    await client.query(
      `INSERT INTO movement (kitchen, id, lot, amount, kind, command, at)
       SELECT $1, gen_random_uuid(), ids[1 + n % array_length(ids, 1)], $2, 'counted', $3, now() - n * interval '1 minute'
       FROM generate_series(1, $4) AS n, (SELECT array_agg(id) AS ids FROM lot WHERE kitchen = $1) AS all_lots`,
      [kitchen, amount, key, pairs],
    );
  await client.query('COMMIT');
  await client.query('ANALYZE movement; ANALYZE lot');
}

async function timed(work) {
  const took = [];
  for (let n = 0; n < ROUNDS; n++) {
    const began = performance.now();
    await work();
    took.push(performance.now() - began);
  }
  return median(took);
}

/** Frames while the shelf is scrolled from end to end, and the time from a letter typed to its picture, each beside a frame of an idle page. */
async function screen(url, browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${url}/shelf`);
  await page.locator('.lot-row').nth(100).waitFor();
  const frames = (scrolls) =>
    page.evaluate(async (moves) => {
      const gaps = [];
      let last = performance.now();
      for (let n = 0; n < 90; n++) {
        if (moves) window.scrollTo(0, (document.body.scrollHeight * n) / 90);
        await new Promise((resolve) => requestAnimationFrame(resolve));
        const now = performance.now();
        gaps.push(now - last);
        last = now;
      }
      return gaps.sort((a, b) => a - b);
    }, scrolls);
  const idle = await frames(false);
  const moving = await frames(true);
  await page.evaluate(() => window.scrollTo(0, 0));
  const line = page.getByLabel('Add to the shelf');
  await line.click();
  const typed = [];
  for (const letter of '500 g millet cupboard') {
    const began = performance.now();
    await page.keyboard.type(letter);
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
    typed.push(performance.now() - began);
  }
  const at = (gaps, share) => gaps[Math.floor(gaps.length * share)];
  figure(`a frame while ${LOTS} lots scroll, median`, median(moving), 'ms', 'for the record: a ratio is judged');
  figure('a slow frame while scrolling (95 of 100) ÷ an idle frame', at(moving, 0.95) / median(idle), 'ratio', '<=2');
  figure(
    'a letter in the line, typed to painted ÷ two idle frames',
    median(typed) / (2 * median(idle)),
    'ratio',
    '<=3',
  );
}

/** Reading the shelf of a kitchen with a short and a long ledger, in one run; then its screen. */
await withDemo(
  async ({ served, browser }) => {
    const client = new pg.Client({ connectionString: served.databaseUrl });
    await client.connect();
    const [kitchen] = await (await fetch(`${served.url}/api/kitchens`)).json();
    const at = `${served.url}/api/kitchens/${kitchen.id}`;
    const { places } = await (await fetch(at)).json();
    const foods = (await (await fetch(`${at}/foods`)).json()).filter((food) => food.facts.base === 'g');
    const ids = [places.map(({ id }) => id), foods.map(({ id }) => id)];
    const shelf = async () => (await fetch(`${at}/lots`)).json();

    await fill(client, kitchen.id, ...ids, 1000);
    await shelf();
    const short = await timed(shelf);
    await fill(client, kitchen.id, ...ids, 100_000);
    await shelf();
    const long = await timed(shelf);
    figure('stock on hand, 100 000 movements', long, 'ms', 'for the record: a ratio is judged');
    figure('stock on hand, 100 000 movements ÷ 1 000 movements', long / short, 'ratio', '<=2');
    await screen(served.url, browser);
    await client.end();
  },
  { quiet: true },
);
