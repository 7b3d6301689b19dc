import net from 'node:net';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

let server: KitchenServer;
beforeAll(async () => {
  process.env['BODY_WITHIN_MS'] = '400';
  server = await startKitchenServer({ demo: false });
  delete process.env['BODY_WITHIN_MS'];
}, 60_000);
afterAll(() => server.close());

/** Sends a request drop by drop, and answers what came back until the line was closed. */
const sendSlowly = (body: string, all: boolean) =>
  new Promise<string>((resolve, reject) => {
    const { port } = new URL(server.url);
    let heard = '';
    const line = net.connect(Number(port), '127.0.0.1', () => {
      line.write(
        `POST /api/kitchens HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nContent-Type: application/json\r\nContent-Length: ${body.length + (all ? 0 : 1)}\r\nConnection: close\r\n\r\n${body}`,
      );
    });
    line.on('data', (data) => (heard += data.toString()));
    line.on('close', () => resolve(heard));
    line.on('error', reject);
  });

test('a body that does not come to its end is cut off, with a word on why', async () => {
  const heard = await sendSlowly('{"id":', false);
  expect(heard).toContain('408');
  expect(heard).toContain('It took too long to arrive');
});
test('one that is there is answered as ever', async () => {
  expect(await sendSlowly('{}', true)).toMatch(/^HTTP\/1\.1 422/);
});
test('and the server goes on', async () => {
  expect((await server.get('kitchens')).status).toBe(200);
});
test('a line that is idle is kept for longer than a minute, so that no request meets one that is just being closed', async () => {
  const { headers } = await fetch(`${server.url}/api/kitchens`);
  expect(Number(/timeout=(\d+)/.exec(headers.get('keep-alive') ?? '')?.[1])).toBeGreaterThan(60);
});
