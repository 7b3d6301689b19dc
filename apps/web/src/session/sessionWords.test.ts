import { cutInOneGoWords, lookFromWords, partsForWords, thenLacksWords, withoutStationWords } from './sessionWords.ts';

test('knife work is told with its dishes', () => {
  expect(cutInOneGoWords('onion', ['soup'])).toBe('onion cut in one go for soup');
  expect(cutInOneGoWords('onion', ['soup', 'slaw', 'long bean and barley pot'])).toBe(
    'onion cut in one go for soup, slaw and long bean and barley pot',
  );
});

test('what the week lacks', () => {
  expect(thenLacksWords([{ dish: 'rice', portions: 1 }])).toBe('The week then lacks 1 portion of rice.');
  expect(
    thenLacksWords([
      { dish: 'rice', portions: 2 },
      { dish: 'slaw', portions: 4 },
    ]),
  ).toBe('The week then lacks 2 portions of rice and 4 portions of slaw.');
});

test('parts of one amount', () => {
  expect(partsForWords([])).toBe('');
  expect(
    partsForWords([
      { amount: '120 g', form: 'diced', dish: 'soup' },
      { amount: '40 g', form: '', dish: 'slaw' },
    ]),
  ).toBe('120 g diced for soup and 40 g for slaw');
});

test('when to look', () => {
  expect(lookFromWords({ earliest: 20, latest: 20 })).toBe('');
  expect(lookFromWords({ earliest: 20, latest: 25 })).toBe(', look from 20, 25 at the latest');
});

test.each([
  ['cooker', 'without the sealed cooker'],
  ['jug', 'without the blender'],
  ['oven', 'without the oven'],
])('%s', (station, said) => {
  expect(withoutStationWords(station)).toBe(said);
});
