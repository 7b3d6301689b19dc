import { request } from 'node:http';
import { randomUUID } from 'node:crypto';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
}, 60_000);
afterAll(() => server.close());

/** A request with headers that a browser would not let a page set. */
function ask(method: string, path: string, headers: Record<string, string>): Promise<number> {
  const { port } = new URL(server.url);
  return new Promise((resolve, reject) => {
    const sent = request({ port, host: '127.0.0.1', method, path: `/api/${path}`, headers }, (answer) => {
      resolve(answer.statusCode ?? 0);
      answer.destroy();
    });
    sent.on('error', reject);
    sent.end(method === 'GET' ? undefined : '{}');
  });
}
const own = () => new URL(server.url).host;
const writing = (headers: Record<string, string>) =>
  ask('POST', `kitchens/${server.kitchen}/eaters/${randomUUID()}/goes`, {
    'content-type': 'application/json',
    'idempotency-key': randomUUID(),
    host: own(),
    ...headers,
  });

test.each([
  ['by a name of another site', { host: 'kestrel.example' }],
  ['from a page of another site', { origin: 'http://kestrel.example' }],
  ['from a page of another port', { origin: 'http://127.0.0.1:1' }],
  ['from a page without an origin', { origin: 'null' }],
  ['as the browser says, across sites', { 'sec-fetch-site': 'cross-site' }],
  ['as the browser says, from a neighbour', { 'sec-fetch-site': 'same-site' }],
])('what is written %s is refused', async (_, headers) => {
  expect(await writing(headers)).toBe(403);
});

test('its own pages, and what is no browser, are let through', async () => {
  const { host } = new URL(server.url);
  // The eater is not there: that is said by the command itself.
  expect(await writing({})).toBe(422);
  expect(await writing({ origin: `http://${host}`, 'sec-fetch-site': 'same-origin' })).toBe(422);
  expect(await writing({ host: `localhost:${new URL(server.url).port}` })).toBe(422);
  expect(await writing({ host: `[::1]:${new URL(server.url).port}` })).toBe(422);
});

test('a page of another site reads nothing by a name of its own, and does not listen', async () => {
  expect(await ask('GET', 'kitchens', { host: 'kestrel.example' })).toBe(403);
  expect(await ask('GET', `kitchens/${server.kitchen}/live`, { host: own(), origin: 'http://kestrel.example' })).toBe(
    403,
  );
  expect(await ask('GET', 'kitchens', { host: own() })).toBe(200);
});
