import { eachApart } from './eachApart.ts';

test.each([
  ['1 tbsp each sesame, poppy & linseeds', ['1 tbsp sesame', '1 tbsp poppy', '1 tbsp linseeds']],
  ['1 tsp each of cumin and fennel seeds', ['1 tsp cumin', '1 tsp fennel seeds']],
  ['2 sprigs each rosemary, thyme, and sage', ['2 sprigs rosemary', '2 sprigs thyme', '2 sprigs sage']],
  // One food, or something told of it: it stays.
  ['400 g each', ['400 g each']],
  ['2 x 400 g each beans', ['2 x 400 g each beans']],
  ['1 tsp each cumin (ground), fennel', ['1 tsp each cumin (ground), fennel']],
])('%s', (line, lines) => expect(eachApart(line)).toEqual(lines));
