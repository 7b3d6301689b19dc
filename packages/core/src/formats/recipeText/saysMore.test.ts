import { saysMore } from './saysMore.ts';

test.each([
  ['oats 500 g / seeds 150 g', true],
  ['Simmer the rest for 20 minutes', true],
  ['- 200 g flour, 1 tsp salt for the second day', true],
  ['Keeps 3 days, freezes well.', false],
  ['Cook: 1 h 15', false],
  ['yield: approx 2 kg / 8 x 250 g bags', false],
  ['Reheat from frozen, 1 min a side.', false],
  ['Everyone wanted it again.', false],
])('“%s” says more than a remark does: %s', (note, more) => expect(saysMore(note)).toBe(more));
