import { bareMinutesIn } from './bareMinutes.ts';

const minutes = (text: string) => bareMinutesIn(text).map((each) => each.minutes);

describe('a number of which nothing says what it counts may be minutes', () => {
  test.each([
    ['Sweat leeks 10.', [10]],
    ['Stir in yeast, rest 10 w/ lid on.', [10]],
    ['Lid on, 35-40 until set in the middle.', [40]],
    ['Fry 3 a side.', [3]],
    ['Then + 10 rest.', [10]],
    ['Soak 8+ hours.', []],
    ['Puree and chilli 10, dal in.', [10]],
  ])('“%s”', (text, expected) => expect(minutes(text)).toEqual(expected));

  test.each([
    'Add 3 very large flat mushrooms.',
    'Cut into 8 wedges.',
    'Shape 16.',
    'Oven 150 °C / 130 fan.',
    'Core 75.',
    'Pack in a 2 litre jar.',
    'Fry until crisp (30 s).',
    'Roll to setting 6, cut ribbons.',
    'Add the 2 remaining onions.',
    'Fry 3 at once.',
    'In a 3-quart pot.',
    'Ratio 2:1 by volume.',
  ])('“%s” counts or measures', (text) => expect(minutes(text)).toEqual([]));
});
