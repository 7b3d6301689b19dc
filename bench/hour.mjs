import pg from 'pg';
import { withDemo } from '../scripts/withDemo.mjs';
import { figure } from './figure.mjs';

/*
 * A hostile hour, as long as is asked for: two tabs of one device and another device change the shelf, while the server is killed, its database goes, and devices lose their
 * line. At the end everything is there again, nobody loads a page by hand, and the books are compared.
 */
const MINUTES = Number(process.argv[2] ?? 3);
const SETTLES_MS = 40_000;
/** A line of chance that is the same in each run. */
let seed = 20_260_311;
const chance = () => (seed = (Math.imul(seed, 1_103_515_245) + 12_345) & 0x7fffffff) / 0x7fffffff;
const between = (least, most) => least + chance() * (most - least);
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const oneOf = (list) => list[Math.floor(chance() * list.length)];

/** Half of something, or what stands in the book. */
async function changeSomething(page) {
  const quick = { timeout: 800 };
  try {
    const lots = page.locator('[data-testid^="lot-"]');
    await lots.nth(Math.floor(chance() * Math.min(12, await lots.count()))).click(quick);
    await page
      .getByRole('button', { name: oneOf(['half', 'half', 'three quarters']), exact: true })
      .first()
      .click(quick);
    return true;
  } catch {
    // Something else lay under the finger: the next tap is another one.
    return false;
  }
}

/** What a page shows of the shelf. */
const shelfOf = (page) =>
  page.evaluate(() =>
    [...document.querySelectorAll('[data-testid^="lot-"]')]
      .map((row) => row.textContent)
      .sort()
      .join('\n'),
  );

process.env.LOG_LEVEL ??= 'silent';
await withDemo(
  async ({ served, browser }) => {
    const device = () => browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'allow' });
    const [tablet, phone] = [await device(), await device()];
    const pages = [await tablet.newPage(), await tablet.newPage(), await phone.newPage()];
    let loads = 0;
    for (const page of pages) {
      await page.goto(`${served.url}/shelf`);
      await page.locator('[data-testid^="lot-"]').first().waitFor();
      page.on('load', () => loads++);
    }
    const troubles = { server: 0, database: 0, line: 0 };
    let asked = 0;
    const until = Date.now() + MINUTES * 60_000;
    const trouble = async () => {
      while (Date.now() < until) {
        await wait(between(2000, 7000));
        const which = oneOf(Object.keys(troubles));
        troubles[which]++;
        const context = oneOf([tablet, phone]);
        if (which === 'server') await served.kill();
        else if (which === 'database') await served.databaseAway();
        else await context.setOffline(true);
        await wait(between(500, 6000));
        if (which === 'server') await served.again();
        else if (which === 'database') await served.databaseBack();
        else await context.setOffline(false);
      }
    };
    const hands = async () => {
      while (Date.now() < until) {
        if (await changeSomething(oneOf(pages))) asked++;
        await wait(between(50, 400));
      }
    };
    await Promise.all([trouble(), hands()]);

    const settled = async (page) => {
      const end = Date.now() + SETTLES_MS;
      while (Date.now() < end) {
        const news = await page.locator('.notice').count();
        if (news === 0 && (await page.locator('[data-testid^="lot-"]').count()) > 0) return true;
        await wait(300);
      }
      return false;
    };
    const back = await Promise.all(pages.map(settled));
    await wait(2000);
    const shown = await Promise.all(pages.map(shelfOf));
    const direct = new pg.Client({ connectionString: served.databaseUrl });
    await direct.connect();
    const { rows: kitchens } = await direct.query('SELECT id FROM kitchen');
    await direct.query(`SELECT set_config('kestrel.kitchen', $1, false)`, [kitchens[0].id]);
    const { rows: wrong } = await direct.query(
      'SELECT lot.id FROM lot JOIN movement ON movement.kitchen = lot.kitchen AND movement.lot = lot.id GROUP BY lot.id, lot.on_hand HAVING sum(amount) <> lot.on_hand',
    );
    const { rows: twice } = await direct.query(
      'SELECT command FROM movement WHERE kind = $1 GROUP BY command, lot HAVING count(*) > 1',
      ['counted'],
    );
    await direct.end();

    figure('a hostile time', MINUTES, 'min', 'record');
    figure('changes asked for', asked, 'changes', 'record');
    figure('server killed', troubles.server, 'times', 'record');
    figure('database gone', troubles.database, 'times', 'record');
    figure('a device without its line', troubles.line, 'times', 'record');
    figure('pages that did not come back by themselves', back.filter((each) => !each).length, 'pages', '<=0');
    figure(
      'pages that show other books than the first',
      shown.filter((each) => each !== shown[0]).length,
      'pages',
      '<=0',
    );
    figure('pages that were loaded anew', loads, 'pages', '<=0');
    figure('lots whose ledger is not what lies there', wrong.length, 'lots', '<=0');
    figure('changes that were booked twice', twice.length, 'changes', '<=0');
  },
  { quiet: true },
);
