import { GRILL_C } from '@kestrel-ridge/core/kitchen';
import {
  boundWords,
  faultWords,
  cutInOneGoWords,
  lookFromWords,
  partsForWords,
  thenLacksWords,
  withoutStationWords,
} from './sessionWords.ts';

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

const of = { batch: 'b', dish: 'Millet bake', task: 'Bake it' };
test.each<[Parameters<typeof faultWords>[0], string]>([
  [
    { ...of, kind: 'not here', station: 'oven' } as never,
    'Millet bake wants an oven, and there is none in this kitchen',
  ],
  [
    { ...of, kind: 'not here', station: 'microwave' } as never,
    'Millet bake wants a microwave, and there is none in this kitchen',
  ],
  [{ ...of, kind: 'nobody can' } as never, 'Millet bake: nobody who cooks does “Bake it”'],
  [
    { ...of, kind: 'too hot', celsius: 250, mostC: 230 } as never,
    'Millet bake wants 250 °C; the oven here gets to 230 °C',
  ],
  [
    { ...of, kind: 'too hot', celsius: GRILL_C, mostC: 230 } as never,
    'Millet bake wants a grill, and no oven here is said to have one. Say so under Kitchen if it has',
  ],
])('a fault: %j', (fault, said) => {
  expect(faultWords(fault)).toBe(said);
});

test('how short a plan can get', () => {
  expect(boundWords({ minutes: 90, because: 'the hands' }, 90)).toBe(
    'It cannot be shorter: the hands have that much to do.',
  );
  expect(boundWords({ minutes: 90, because: 'one vessel', what: 'cooker' }, 104)).toBe(
    'At least 1 h 30: the cooker is busy that long.',
  );
});
