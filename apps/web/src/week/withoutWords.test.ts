import { withoutWords, type Differences } from './withoutWords.ts';

const none: Differences = { hands: 0, cost: 0, short: 0, waste: 0, repeats: 0, points: 0 };
const inWords = { minutes: (n: number) => `${n} min`, money: (minor: number) => `${(minor / 100).toFixed(2)} €` };

test.each<[Partial<Differences>, string]>([
  [{}, 'without it: as good'],
  [{ points: 2 }, 'without it: 2.0 points worse'],
  [{ hands: 12, points: -1.5 }, 'without it: 12 min more of hands, 1.5 points better'],
  [{ hands: 4, cost: 19, points: 0.4 }, 'without it: as good'],
  [{ cost: -210, points: 3 }, 'without it: 2.10 € less at the till, 3.0 points worse'],
  [
    { short: 1, waste: -2, points: 9 },
    'without it: 1 more portion missing, 2 fewer portions left or wasted, 9.0 points worse',
  ],
  [{ repeats: 1, points: 1 }, 'without it: 1 more time the same again, 1.0 points worse'],
])('%j', (said, words) => {
  expect(withoutWords({ ...none, ...said }, inWords)).toBe(words);
});

test('no more than three differences are told', () => {
  expect(
    withoutWords({ hands: 9, cost: 90, short: 2, waste: 2, repeats: 2, points: 5 }, inWords).split(', '),
  ).toHaveLength(4);
});
