import { randomUUID } from 'node:crypto';
import { bookFoodId } from '@kestrel-ridge/core/food';
import type { KitchenState } from '@kestrel-ridge/core/formats';
import { Sequelize } from 'sequelize';
import { migrate } from '../src/database/migrate.ts';
import { migrations } from '../src/database/migrations/index.ts';
import { Database } from '../src/database/database.ts';
import { followBook } from '../src/food/followBook.ts';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
}, 60_000);
afterAll(() => server.close());

/** What the event stream of a kitchen tells, until `enough` says so; `hears` when its first beat has come. */
function listen(
  kitchen: string,
  enough: (touches: readonly string[]) => boolean,
): { readonly hears: Promise<void>; readonly heard: Promise<readonly string[]> } {
  const stop = new AbortController();
  let begun: () => void;
  const hears = new Promise<void>((resolve) => (begun = resolve));
  const all = async () => {
    const response = await fetch(`${server.url}/api/kitchens/${kitchen}/live`, { signal: stop.signal });
    const reader = response.body?.getReader() as ReadableStreamDefaultReader<Uint8Array> | undefined;
    const heard: string[] = [];
    const text = new TextDecoder();
    while (reader) {
      const { value, done } = await reader.read();
      if (done) break;
      for (const line of text.decode(value).split('\n'))
        if (line.startsWith('data: ')) {
          begun();
          heard.push(...(JSON.parse(line.slice(6)) as { touches: string[] }).touches);
        }
      if (enough(heard)) break;
    }
    stop.abort();
    return heard;
  };
  return { hears, heard: all() };
}

test('a change is told to open browsers of its kitchen within a second, and to those of no other', async () => {
  const at = `kitchens/${server.kitchen}`;
  const { body } = await server.get<KitchenState>(at);
  const other = randomUUID();
  const opened = await server.send('POST', 'kitchens', {
    id: other,
    name: 'Lower hut',
    equipment: body.equipment,
    places: [{ id: randomUUID(), name: 'shelf', kind: 'cupboard' }],
  });
  expect(opened.status).toBe(201);
  const elsewhere: string[] = [];
  const there = listen(other, (touches) => elsewhere.push(...touches) > 99);
  there.heard.catch(() => undefined);
  const { hears, heard } = listen(server.kitchen, (touches) => touches.includes('shelf'));
  await Promise.all([hears, there.hears]);
  const began = performance.now();
  await server.send('POST', `${at}/lots`, {
    id: randomUUID(),
    food: bookFoodId('leek'),
    place: body.places[0]?.id,
    amount: '100',
    origin: 'found',
  });
  expect(await heard).toContain('shelf');
  expect(performance.now() - began).toBeLessThan(1000);
  expect(elsewhere).not.toContain('shelf');
});

test('nobody listens to a kitchen that does not exist, and what is told names the build of the pages', async () => {
  const nowhere = await fetch(`${server.url}/api/kitchens/${randomUUID()}/live`);
  expect([nowhere.status, ((await nowhere.json()) as { code: string }).code]).toEqual([404, 'not found']);
  const stop = new AbortController();
  const stream = await fetch(`${server.url}/api/kitchens/${server.kitchen}/live`, { signal: stop.signal });
  const first = new TextDecoder().decode((await stream.body?.getReader().read())?.value as Uint8Array | undefined);
  stop.abort();
  const said = /^data: (.*)$/m.exec(first)?.[1];
  expect(JSON.parse(said ?? '{}')).toEqual({
    touches: [],
    now: expect.any(String) as string,
    build: expect.any(String) as string,
  });
});

test('no more than two hundred pages may listen, the next is told so; one that goes makes room', async () => {
  // The answers are kept with what stops them: an answer nobody holds is collected, and its connection closed with it.
  const open: { readonly stop: AbortController; readonly answer: Response }[] = [];
  const listenOnce = async () => {
    const stop = new AbortController();
    const answer = await fetch(`${server.url}/api/kitchens/${server.kitchen}/live`, { signal: stop.signal });
    if (answer.ok) open.push({ stop, answer });
    else await answer.text();
    return answer.status;
  };
  try {
    let last = 200;
    while (last === 200 && open.length <= 200) last = await listenOnce();
    expect(last).toBe(409);
    // A page of a test before may not have gone yet.
    expect(open.length).toBeGreaterThan(195);
    open.pop()?.stop.abort();
    await expect(
      (async () => {
        for (;;) if ((await listenOnce()) === 200) return 200;
      })(),
    ).resolves.toBe(200);
  } finally {
    for (const { stop } of open) stop.abort();
  }
}, 60_000);

test('migrations run once, also when two servers start together', async () => {
  const url = process.env['MIGRATION_DATABASE_URL'] ?? '';
  const two = [new Sequelize(url, { logging: false }), new Sequelize(url, { logging: false })];
  expect(await Promise.all(two.map((each) => migrate(each)))).toEqual([[], []]);
  await Promise.all(two.map((each) => each.close()));
  expect(
    (await server.sql<{ name: string }>('SELECT name FROM migration ORDER BY name')).map(({ name }) => name),
  ).toEqual(migrations.map(({ name }) => name));
});

test('an older kitchen follows the book: what is missing comes, what was mended is mended, what the kitchen knows itself stays', async () => {
  const leek = bookFoodId('leek');
  const swede = bookFoodId('swede');
  const salt = bookFoodId('salt');
  await server.sql('DELETE FROM food WHERE id = $1', [bookFoodId('teff')]);
  await server.sql(`UPDATE food SET facts = '{"kind":"vegetable","base":"g"}' WHERE id = $1`, [swede]);
  await server.sql(`UPDATE food SET own = '{"gramsPerCup": 91}' WHERE id = $1`, [leek]);
  const before = await server.sql<{ facts: object }>('SELECT facts FROM food WHERE id = $1', [salt]);
  await followBook(server.app.get(Database));
  expect(await server.sql('SELECT 1 FROM food WHERE id = $1', [bookFoodId('teff')])).toHaveLength(1);
  expect(
    (await server.sql<{ facts: { ediblePart?: object } }>('SELECT facts FROM food WHERE id = $1', [swede]))[0]?.facts
      .ediblePart,
  ).toBeDefined();
  expect((await server.sql<{ own: object }>('SELECT own FROM food WHERE id = $1', [leek]))[0]?.own).toEqual({
    gramsPerCup: 91,
  });
  expect(await server.sql('SELECT facts FROM food WHERE id = $1', [salt])).toEqual(before);
});

test('with the database gone the server answers so, and does not fall', async () => {
  const alone = await startKitchenServer({ demo: false });
  expect(await alone.get('health')).toMatchObject({ status: 200, body: { database: 'up' } });
  await alone.dropDatabase();
  expect(await alone.get('health')).toMatchObject({ status: 503, body: { server: 'up', database: 'down' } });
  expect(await alone.get('kitchens')).toMatchObject({ status: 503, body: { code: 'database away' } });
  await alone.close();
}, 30_000);
