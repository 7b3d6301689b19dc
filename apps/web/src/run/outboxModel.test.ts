import type { EventsTaken } from '@kestrel-ridge/core/formats';
import type { RunEvent } from '@kestrel-ridge/core/run';
import fc from 'fast-check';
import { dropTaps, keepTap, keptTaps } from './keptTaps.ts';
import { answered, runOutboxSlice, tapped, tapsKept, type OutboxState } from './runOutboxSlice.ts';
import { sendTaps } from './sendTaps.ts';

/* Tabs of one device tap, are closed and opened again, over a line that loses what is sent and what is answered. Every tap arrives, and counts once. */

type Fate = 'arrives' | 'is lost' | 'answer is lost';

class Server {
  readonly log = new Map<string, number>();
  times = 0;
  take(events: readonly { readonly id: string }[]): EventsTaken {
    const taken: { kept: string[]; had: string[]; refused: [] } = { kept: [], had: [], refused: [] };
    for (const { id } of events) {
      (this.log.has(id) ? taken.had : taken.kept).push(id);
      this.log.set(id, (this.log.get(id) ?? 0) + (this.log.has(id) ? 0 : 1));
    }
    return taken;
  }
}

const { reducer } = runOutboxSlice;
class Tab {
  state: OutboxState | undefined = reducer(undefined, tapsKept(keptTaps()));
  constructor(
    private readonly server: Server,
    private readonly others: () => readonly Tab[],
  ) {}

  tap(event: RunEvent, room: boolean) {
    if (!this.state) return;
    const tap = { run: 'a', event };
    this.state = reducer(this.state, tapped({ ...tap, stored: room && keepTap(tap) }));
    for (const other of this.others()) other.hear();
  }
  /** Another tab has written: the browser tells all but that one. */
  hear() {
    if (this.state) this.state = reducer(this.state, tapsKept(keptTaps()));
  }
  async send(fate: Fate) {
    const pending = this.state?.pending['a'] ?? [];
    if (pending.length === 0) return;
    const answer = await sendTaps(pending, ({ events }) => {
      if (fate === 'is lost') return Promise.resolve({ error: { status: 'FETCH_ERROR' } });
      const taken = this.server.take(events as readonly RunEvent[]);
      return Promise.resolve(fate === 'arrives' ? { data: taken } : { error: { status: 502, data: '' } });
    });
    if (!answer || !this.state) return;
    dropTaps([...answer.kept, ...answer.had]);
    this.state = reducer(this.state, answered({ run: 'a', taken: answer }));
    for (const other of this.others()) other.hear();
  }
  close() {
    this.state = undefined;
  }
  open() {
    this.state ??= reducer(undefined, tapsKept(keptTaps()));
  }
}

const tab = fc.constantFrom(0, 1, 2);
const step = fc.oneof(
  { weight: 5, arbitrary: fc.record({ does: fc.constant('tap' as const), tab, room: fc.constant(true) }) },
  {
    weight: 3,
    arbitrary: fc.record({
      does: fc.constant('send' as const),
      tab,
      fate: fc.constantFrom<Fate>('arrives', 'is lost', 'answer is lost'),
    }),
  },
  { weight: 1, arbitrary: fc.record({ does: fc.constant('close' as const), tab }) },
  { weight: 2, arbitrary: fc.record({ does: fc.constant('open' as const), tab }) },
);

test('law: whatever is lost, closed and opened, every tap that was made arrives, once, and nothing waits at the end', () =>
  fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 60 }), async (steps) => {
      localStorage.clear();
      const server = new Server();
      const tabs: Tab[] = [];
      for (let n = 0; n < 3; n++) tabs.push(new Tab(server, () => tabs.filter((other) => other !== tabs[n])));
      const made: string[] = [];
      for (const [n, each] of steps.entries()) {
        const at = tabs[each.tab];
        if (!at) continue;
        if (each.does === 'tap') {
          if (!at.state) continue;
          const id = `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
          made.push(id);
          at.tap(
            {
              id,
              device: 'tablet',
              deviceSeq: n + 1,
              clock: n + 1,
              at: 1_700_000_000_000 + n,
              what: { kind: 'done', task: `t${n}` },
            },
            each.room,
          );
        } else if (each.does === 'send') await at.send(each.fate);
        else if (each.does === 'close') at.close();
        else at.open();
      }
      // One of them is opened once more, and the line holds.
      const [last] = tabs;
      last?.open();
      await last?.send('arrives');
      expect([...server.log.keys()].sort()).toEqual([...made].sort());
      expect([keptTaps(), last?.state?.pending['a'] ?? []]).toEqual([[], []]);
      for (const each of tabs.filter(({ state }) => state)) expect(each.state?.pending['a'] ?? []).toEqual([]);
    }),
    { numRuns: 300 },
  ));
