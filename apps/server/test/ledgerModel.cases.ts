import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import type { LotState } from '@kestrel-ridge/core/formats';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

/*
 * Two devices change one lot, each from what it last saw, over a line that loses askings and answers, so that commands are sent again, also both at once. A model counts
 * along: what the server has acknowledged happened once, what it refused happened never, and the books say the same.
 */

let server: KitchenServer;
let at: string;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

interface Sent {
  readonly key: string;
  readonly lot: string;
  readonly amount: number;
  readonly version: number;
  readonly kind: 'throw' | 'count';
}
interface Model {
  onHand: number;
  version: number;
  readonly done: Set<string>;
}
class Device {
  seen: { readonly onHand: number; readonly version: number } = { onHand: 0, version: 0 };
  last: Sent | undefined;
}
interface Real {
  readonly lot: string;
  readonly devices: readonly Device[];
}

const lotNow = async (id: string) => {
  const { body } = await server.get<LotState[]>(`${at}/lots`);
  const lot = body.find((each) => each.id === id);
  return { onHand: Number(lot?.onHand ?? 0), version: lot?.version };
};
const post = ({ key, lot, amount, version, kind }: Sent) =>
  server.send(
    'POST',
    `${at}/lots/${lot}/${kind}`,
    kind === 'throw' ? { amount: `${amount}`, reason: 'spoilt', version } : { amount: `${amount}`, version },
    key,
  );

/** What the books must say once a command has been answered. */
function follow(model: Model, sent: Sent, status: number): void {
  if (model.done.has(sent.key)) {
    // The same key: answered as before, done no second time.
    expect(status).toBeLessThan(300);
    return;
  }
  const may = sent.version === model.version && (sent.kind === 'count' || sent.amount <= model.onHand);
  expect(status < 300).toBe(may);
  if (!may) return;
  model.done.add(sent.key);
  const before = model.onHand;
  model.onHand = sent.kind === 'throw' ? before - sent.amount : sent.amount;
  // A count that finds what was known changes nothing.
  model.version += 1;
}

class See implements fc.AsyncCommand<Model, Real> {
  constructor(readonly who: number) {}
  check = () => true;
  async run(model: Model, { devices, lot }: Real) {
    const now = await lotNow(lot);
    const device = devices[this.who];
    if (now.version === undefined) {
      // An empty lot is on no shelf.
      expect(model.onHand).toBe(0);
      return;
    }
    expect(now).toEqual({ onHand: model.onHand, version: model.version });
    if (device) device.seen = { onHand: now.onHand, version: now.version };
  }
  toString = () => `see(${this.who})`;
}
class Change implements fc.AsyncCommand<Model, Real> {
  constructor(
    readonly who: number,
    readonly kind: 'throw' | 'count',
    readonly amount: number,
    readonly times: number,
  ) {}
  check = () => true;
  async run(model: Model, { devices, lot }: Real) {
    const device = devices[this.who];
    if (!device) return;
    const sent: Sent = { key: randomUUID(), lot, amount: this.amount, version: device.seen.version, kind: this.kind };
    device.last = sent;
    // Sent again because no answer came: both may be under way at once.
    const answers = await Promise.all(Array.from({ length: this.times }, () => post(sent)));
    expect(new Set(answers.map(({ status }) => status < 300)).size).toBe(1);
    follow(model, sent, answers[0]?.status ?? 0);
  }
  toString = () => `${this.kind}(${this.who}, ${this.amount}) ${this.times} times`;
}
class Again implements fc.AsyncCommand<Model, Real> {
  constructor(readonly who: number) {}
  check = () => true;
  async run(model: Model, { devices }: Real) {
    const last = devices[this.who]?.last;
    if (last) follow(model, last, (await post(last)).status);
  }
  toString = () => `again(${this.who})`;
}

const who = fc.constantFrom(0, 1);
const commands = [
  who.map((n) => new See(n)),
  fc
    .tuple(
      who,
      fc.constantFrom('throw' as const, 'count' as const),
      fc.integer({ min: 1, max: 400 }),
      fc.integer({ min: 1, max: 3 }),
    )
    .map((each) => new Change(...each)),
  who.map((n) => new Again(n)),
];

test('law: what was acknowledged happened once, what was refused never, and the ledger comes to what lies there', async () => {
  const { body } = await server.get<LotState[]>(`${at}/lots`);
  const [like] = body.filter(({ base }) => base === 'g');
  await fc.assert(
    fc.asyncProperty(fc.commands(commands, { maxCommands: 25 }), async (run) => {
      const lot = randomUUID();
      const added = await server.send('POST', `${at}/lots`, {
        id: lot,
        food: like?.food,
        place: like?.place,
        amount: '1000',
        origin: 'found',
      });
      expect(added.status).toBe(201);
      const there = await lotNow(lot);
      const model: Model = { onHand: there.onHand, version: there.version ?? 0, done: new Set() };
      const devices = [new Device(), new Device()];
      for (const device of devices) device.seen = { onHand: model.onHand, version: model.version };
      await fc.asyncModelRun(() => ({ model, real: { lot, devices } }), run);
      const [sum] = await server.sql<{ sum: string; n: number }>(
        'SELECT sum(amount)::text AS sum, count(*)::int AS n FROM movement WHERE lot = $1',
        [lot],
      );
      expect(Number(sum?.sum)).toBe(model.onHand);
    }),
    { numRuns: 25 },
  );
}, 120_000);
