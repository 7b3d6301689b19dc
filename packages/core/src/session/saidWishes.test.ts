import * as fc from 'fast-check';
import { readWishes } from './schema/index.ts';
import { answered, insistOn, sayMore, settle, type SaidWishes, type SentWishes } from './saidWishes.ts';
import { NO_WISHES, type Wishes } from './wishes.ts';

/* Two devices say things of one plan over a line that loses commands, and answers. The server takes only what has seen its newest. */

class Server {
  wishes: Wishes = NO_WISHES;
  version = 0;
  private readonly keys = new Set<string>();
  /** The same key is done once, and answered the same. */
  put({ key, wishes, version }: SentWishes): boolean {
    if (this.keys.has(key)) return true;
    if (version !== this.version) return false;
    this.keys.add(key);
    this.wishes = wishes;
    this.version++;
    return true;
  }
}

let keys = 0;

class Device {
  said: SaidWishes | undefined;
  seen: { readonly wishes: Wishes; readonly version: number } = { wishes: NO_WISHES, version: 0 };
  readonly told = new Set<string>();

  constructor(private readonly server: Server) {}

  get shown(): Wishes {
    return this.said?.wishes ?? this.seen.wishes;
  }
  pin(task: string, minute: number | undefined) {
    const { [task]: _was, ...pins } = this.shown.pins;
    this.said = sayMore(this.said, this.seen.wishes, {
      ...this.shown,
      pins: minute === undefined ? pins : { ...pins, [task]: minute },
    });
  }
  rest(from: number) {
    this.said = sayMore(this.said, this.seen.wishes, {
      ...this.shown,
      breaks: [...this.shown.breaks, { from, to: from + 5 }],
    });
  }
  see() {
    this.seen = { wishes: this.server.wishes, version: this.server.version };
    if (!this.said) return;
    const { said, clashes } = settle(this.said, this.seen);
    this.said = said;
    for (const { at } of clashes) this.told.add(at.join('.'));
  }
  send(fate: 'arrives' | 'is lost' | 'answer is lost') {
    if (!this.said) return;
    const sent = this.said.sent ?? { key: `${++keys}`, wishes: this.said.wishes, version: this.seen.version };
    this.said = { ...this.said, sent };
    if (fate === 'is lost') return;
    const taken = this.server.put(sent);
    if (fate === 'answer is lost') return;
    this.said = answered(this.said, taken, this.server.version);
    this.see();
  }
}

interface World {
  readonly devices: readonly Device[];
  readonly server: Server;
}
interface Model {
  /** The last word of each device on each task. */
  readonly last: Map<string, number | undefined>;
  readonly rests: Set<number>;
}

class Pin implements fc.Command<Model, World> {
  constructor(
    readonly who: number,
    readonly task: string,
    readonly minute: number | undefined,
  ) {}
  check = () => true;
  run({ last }: Model, { devices }: World) {
    const name = this.task === 'shared' ? 'shared' : `${this.task} of ${this.who}`;
    last.set(this.task === 'shared' ? `shared by ${this.who}` : name, this.minute);
    devices[this.who]?.pin(name, this.minute);
  }
  toString = () => `pin(${this.who}, ${this.task}, ${this.minute})`;
}
class Rest implements fc.Command<Model, World> {
  constructor(
    readonly who: number,
    readonly from: number,
  ) {}
  check = () => true;
  run({ rests }: Model, { devices }: World) {
    rests.add(this.from);
    devices[this.who]?.rest(this.from);
  }
  toString = () => `rest(${this.who}, ${this.from})`;
}
class See implements fc.Command<Model, World> {
  constructor(readonly who: number) {}
  check = () => true;
  run(_: Model, { devices }: World) {
    devices[this.who]?.see();
  }
  toString = () => `see(${this.who})`;
}
class Send implements fc.Command<Model, World> {
  constructor(
    readonly who: number,
    readonly fate: 'arrives' | 'is lost' | 'answer is lost',
  ) {}
  check = () => true;
  run(_: Model, { devices }: World) {
    devices[this.who]?.send(this.fate);
  }
  toString = () => `send(${this.who}, ${this.fate})`;
}

const who = fc.constantFrom(0, 1);
const commands = [
  fc.tuple(who, fc.constantFrom('own', 'shared'), fc.option(fc.nat(9), { nil: undefined })).map((a) => new Pin(...a)),
  fc.tuple(who, fc.nat(3)).map(([n, from]) => new Rest(n, from * 10)),
  who.map((n) => new See(n)),
  fc
    .tuple(who, fc.constantFrom('arrives' as const, 'is lost' as const, 'answer is lost' as const))
    .map((a) => new Send(...a)),
];

test('whatever is lost on the way, both devices end with the same, and nothing that was said has vanished without a word', () => {
  fc.assert(
    fc.property(fc.commands(commands, { maxCommands: 40 }), (run) => {
      const server = new Server();
      const world: World = { server, devices: [new Device(server), new Device(server)] };
      const model: Model = { last: new Map(), rests: new Set() };
      fc.modelRun(() => ({ model, real: world }), run);
      // The line is up again: each sends until it has nothing to send.
      for (let n = 0; n < 6; n++)
        for (const device of world.devices) {
          device.see();
          device.send('arrives');
        }
      for (const device of world.devices) {
        expect(device.said).toBeUndefined();
        expect(device.shown).toEqual(server.wishes);
      }
      for (const [name, minute] of model.last) {
        if (!name.startsWith('shared')) expect(server.wishes.pins[name]).toBe(minute);
      }
      const words = [0, 1].flatMap((n) => (model.last.has(`shared by ${n}`) ? [n] : []));
      // Alone in speaking of it: their last word holds.
      if (words.length === 1) expect(server.wishes.pins['shared']).toBe(model.last.get(`shared by ${words[0]}`));
      expect(new Set(server.wishes.breaks.map(({ from }) => from))).toEqual(model.rests);
    }),
    { numRuns: 500 },
  );
});

test('both said otherwise of one task: the first that arrived holds, the second is told and has lost nothing else', () => {
  const server = new Server();
  const [one, other] = [new Device(server), new Device(server)];
  one.pin('boil', 10);
  other.pin('boil', 20);
  other.pin('chop', 5);
  one.send('arrives');
  other.send('arrives');
  other.send('arrives');
  expect(server.wishes.pins).toEqual({ boil: 10, chop: 5 });
  expect([[...one.told], [...other.told]]).toEqual([[], ['pins.boil']]);
});

test('what was overruled can be said again, and then holds; what else was said stays', () => {
  const there = { ...NO_WISHES, pins: { boil: 10, chop: 5 }, given: { chop: 'Ines' }, steady: true };
  const said = {
    base: NO_WISHES,
    wishes: { ...NO_WISHES, pins: { boil: 20 }, given: { chop: 'Tove' }, steady: false },
  };
  const { clashes } = settle(said, { wishes: there, version: 1 });
  expect(clashes.map(({ at }) => at.join('.'))).toEqual(['pins.boil', 'given.chop', 'steady']);
  expect(insistOn(there, clashes)).toEqual({
    ...NO_WISHES,
    pins: { boil: 20, chop: 5 },
    given: { chop: 'Tove' },
    steady: false,
  });
  expect(insistOn(there, [{ at: ['pins', 'boil'], mine: undefined, now: 10 }]).pins).toEqual({ chop: 5 });
});

test('a state that is older than the last answer takes nothing back', () => {
  const said = answered({ base: NO_WISHES, wishes: { ...NO_WISHES, steady: true } }, false, 4);
  expect(settle(said, { wishes: NO_WISHES, version: 3 })).toEqual({ said, clashes: [] });
  expect(settle(said, { wishes: { ...NO_WISHES, pins: { boil: 1 } }, version: 4 }).said).toEqual({
    base: { ...NO_WISHES, pins: { boil: 1 } },
    wishes: { ...NO_WISHES, pins: { boil: 1 }, steady: true },
  });
});

test('what was sent and came back without its answer is no other device’s doing: more may be said of it', () => {
  const server = new Server();
  const device = new Device(server);
  device.pin('boil', 10);
  device.send('answer is lost');
  device.pin('boil', 30);
  device.see();
  expect(device.shown.pins).toEqual({ boil: 30 });
  device.send('arrives');
  device.send('arrives');
  expect([server.wishes.pins, [...device.told], device.said]).toEqual([{ boil: 30 }, [], undefined]);
});

describe('what comes from outside', () => {
  const all: Wishes = {
    pins: { boil: 10 },
    breaks: [{ from: 60, to: 90 }],
    orders: [['boil', 'chop']],
    given: { chop: 'Ines' },
    together: [['chop', 'slice']],
    shared: ['peel'],
    ahead: ['chop'],
    begun: ['soak borlotti'],
    steady: true,
  };
  test('is read whole', () => {
    expect(readWishes(JSON.parse(JSON.stringify(all)))).toEqual({ ok: true, value: all });
    expect(readWishes(NO_WISHES)).toEqual({ ok: true, value: NO_WISHES });
  });
  test.each([
    ['nothing', null, ''],
    ['a minute before the start', { ...all, pins: { boil: -1 } }, 'pins.boil'],
    ['half a minute', { ...all, pins: { boil: 0.5 } }, 'pins.boil'],
    ['a break that ends before it begins', { ...all, breaks: [{ from: 9, to: 3 }] }, 'breaks.0'],
    ['an order of three', { ...all, orders: [['a', 'b', 'c']] }, 'orders.0.2'],
    ['a task without a name', { ...all, shared: [''] }, 'shared.0'],
    ['a sign that no table holds', { ...all, given: { chop: 'a\0' } }, 'given.chop'],
    ['a word that is not known', { ...all, moods: ['calm'] }, 'moods'],
    ['no pins', { breaks: [] }, 'pins'],
    ['more tasks than a plan has', { ...all, shared: Array.from({ length: 201 }, (_, n) => `task ${n}`) }, 'shared'],
  ])('%s is refused, with its place', (_, said, field) => {
    const read = readWishes(said);
    expect(read.ok ? [] : read.problem.map((fault) => fault.field)).toContain(field);
  });
});
