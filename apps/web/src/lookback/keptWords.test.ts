import type { KeptHere } from '@kestrel-ridge/core/view';
import { keptTeachings } from './keptWords.ts';

const oat: KeptHere = {
  food: 'oat',
  name: 'oat drink',
  what: 'opened',
  book: { value: 5, source: 'label' },
  goodTo: 4,
  goneOffOn: [4],
  n: 3,
};

test.each([
  [
    oat,
    ['Opened, oat drink keeps', '5 days', 'gone off on day 4', 'eaten up to day 4', '5 days until you enter fewer'],
  ],
  [
    { ...oat, goneOffOn: [1, 3, 3], goodTo: 0 },
    ['Opened, oat drink keeps', '5 days', 'gone off on days 1 and 3', '', '5 days until you enter fewer'],
  ],
  [
    {
      ...oat,
      what: 'cooked' as const,
      name: 'kale with leek',
      book: { value: 1, source: 'x' },
      goneOffOn: [],
      goodTo: 7,
    },
    [
      'Kale with leek keeps in the fridge',
      '1 day',
      'eaten up to day 7',
      '',
      'still 1 day: a limit is not lengthened by this',
    ],
  ],
])('how long something kept is told, and what of it is used', (kept, words) => {
  const [told] = keptTeachings([kept]);
  expect([told?.what, told?.book, told?.here, told?.likely, told?.used]).toEqual(words);
  expect([told?.n, told?.to]).toEqual([3, '/foods/oat']);
});
