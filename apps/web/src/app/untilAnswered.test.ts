import { untilAnswered } from './untilAnswered.ts';

const gone = { error: { status: 'FETCH_ERROR', error: 'gone' } };
const proxy = { error: { status: 502, data: '<html>' } };
const stale = { error: { status: 409, data: { code: 'stale', status: 409, detail: 'Changed.', errors: [] } } };
const kept = { data: { id: 'a' } };

async function asked(answers: readonly { readonly data?: unknown; readonly error?: unknown }[]) {
  const told: string[] = [];
  const waits: number[] = [];
  let n = 0;
  const answer = await untilAnswered(
    () => Promise.resolve(answers[n++] ?? kept),
    { open: () => told.push('open'), over: () => told.push('over') },
    (ms) => {
      waits.push(ms);
      return Promise.resolve();
    },
  );
  return { answer, told, waits, asked: n };
}

test('an answer at once, also a refusal, is the answer: nothing is told, nothing asked again', async () => {
  expect(await asked([kept])).toEqual({ answer: kept, told: [], waits: [], asked: 1 });
  expect(await asked([stale])).toEqual({ answer: stale, told: [], waits: [], asked: 1 });
});
test('no answer: it is told once that nobody knows, asked again with longer waits, and told when it is known', async () => {
  const { answer, told, waits } = await asked([gone, gone, proxy, gone, gone, gone, kept]);
  expect(answer).toBe(kept);
  expect(told).toEqual(['open', 'over']);
  expect(waits).toEqual([...waits].sort((a, b) => a - b));
  expect(waits).toHaveLength(6);
});
test('a refusal after silence is as known as a success', async () => {
  expect(await asked([gone, stale])).toMatchObject({ answer: stale, told: ['open', 'over'] });
});
