import { readMethod, type MethodStep } from '@kestrel-ridge/core/formats';
import { stepWords, timesWords, unheardWords } from './methodWords.ts';

const wordsOf = (text: string) => readMethod([text]).map((step: MethodStep) => stepWords(step));

test.each([
  ['Pressure cook for 10 minutes, natural release.', '10 min at pressure · comes down by itself'],
  ['Soak the beans for 8 to 20 hours.', 'begun 8 to 20 h before'],
  ['Reduce to 24 % dry matter.', 'until 24 % of it is dry matter · a look now and then · burner'],
  ['Reduce the wine by half.', 'until 50 % of the liquid is gone · a look now and then · burner'],
  ['Reduce by 200 ml.', 'until 200 mL less · a look now and then · burner'],
  ['Chop the onions.', '5 min, a guess · hands'],
])('“%s” is understood as “%s”', (text, words) => expect(wordsOf(text)).toEqual([words]));

test.each([
  [
    { of: 'cooking', stated: 40, steps: { from: 95, to: 110 } },
    'The text says 40 min of cooking; its steps take 1 h 35 to 1 h 50.',
  ],
  [
    { of: 'all of it', stated: 90, steps: { from: 9, to: 19 } },
    'The text says 1 h 30 in all; its steps take at most 19 min.',
  ],
] as const)('a stated time and what the steps take: %j', (apart, words) => expect(timesWords(apart)).toBe(words));

test.each([
  ['oven', 'The text speaks of an oven'],
  ['rice cooker', 'The text speaks of a rice cooker'],
  ['the day before', 'The text speaks of the day or the night before'],
])('%s, of which no step was read: “%s”', (place, names) => expect(unheardWords(place).names).toBe(names));
