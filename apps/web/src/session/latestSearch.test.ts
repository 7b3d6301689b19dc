import fc from 'fast-check';
import { latestSearch, type Searching } from './latestSearch.ts';

/** Workers whose searches end when the test says so. */
function workers() {
  const log: string[] = [];
  const open: { readonly asked: string; readonly end: (ok: boolean) => void; ended: boolean }[] = [];
  let started = 0;
  const start = (): Searching<string, string> => {
    const name = ++started;
    return {
      search: (asked) =>
        new Promise((resolve, reject) => {
          const mine = {
            asked,
            ended: false,
            end: (ok: boolean) => {
              mine.ended = true;
              if (ok) resolve(`found ${asked}`);
              else reject(new Error(asked));
            },
          };
          log.push(`${name} searches ${asked}`);
          open.push(mine);
        }),
      terminate: () => {
        log.push(`${name} is ended`);
        for (const each of open) each.ended = true;
      },
    };
  };
  return { start, log, open, at: () => open.filter(({ ended }) => !ended) };
}
const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

test('what is asked anew ends the search before it; the same question joins it', async () => {
  const { start, log, at } = workers();
  const search = latestSearch(start);
  void search('a', 'a');
  const b = search('b', 'b');
  expect(search('b', 'b')).toBe(b);
  expect(log).toEqual(['1 searches a', '1 is ended', '2 searches b']);
  at()[0]?.end(true);
  await expect(b).resolves.toBe('found b');
});

test('a worker whose search is over is used again, also after one that failed', async () => {
  const { start, log, at } = workers();
  const search = latestSearch(start);
  const a = search('a', 'a');
  at()[0]?.end(false);
  await expect(a).rejects.toThrow('a');
  await settled();
  void search('b', 'b');
  expect(log).toEqual(['1 searches a', '1 searches b']);
});

test('law: whatever is asked and ends in between, at most one search runs, and it is the latest', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.oneof(fc.constantFrom('a', 'b', 'c'), fc.boolean()), { maxLength: 14 }),
      async (steps) => {
        const { start, at } = workers();
        const search = latestSearch(start);
        let latest: string | undefined;
        for (const step of steps) {
          if (typeof step === 'string') {
            search(step, step).catch(() => undefined);
            latest = step;
          } else {
            at()[0]?.end(step);
            latest = undefined;
          }
          await settled();
          expect(at().map(({ asked }) => asked)).toEqual(latest === undefined ? [] : [latest]);
        }
      },
    ),
    { numRuns: 60 },
  );
});
