import { mainLines, reserveWords } from './seasonWords.ts';

test.each([
  ['nothing', [], [], []],
  [
    'one portion and one meal',
    [{ dish: 0, portions: 4, frozen: 0 }],
    [{ dish: 0, meals: 1, portions: 5, fromFreezer: 1 }],
    [{ dish: 0, often: '1 meal', from: '1 portion from the freezer; cook 4' }],
  ],
  [
    'the most eaten first, and what is cooked for later last',
    [
      { dish: 2, portions: 12, frozen: 12 },
      { dish: 1, portions: 16, frozen: 8 },
    ],
    [
      { dish: 0, meals: 2, portions: 8, fromFreezer: 8 },
      { dish: 1, meals: 3, portions: 8, fromFreezer: 0 },
    ],
    [
      { dish: 1, often: '3 meals', from: 'cook 16, freeze 8 of them' },
      { dish: 0, often: '2 meals', from: 'all from the freezer' },
      { dish: 2, often: 'for later', from: 'cook 12, freeze 12 of them' },
    ],
  ],
])('the mains of a week: %s', (_, cooks, eats, words) => {
  expect(mainLines({ cooks, eats })).toEqual(words);
});

test('a reserve says what it lacks', () => {
  expect(reserveWords('Soup', 6, 6)).toBe('Soup: 6 portions in reserve');
  expect(reserveWords('Soup', 1, 6)).toBe('Soup: 1 portion in reserve, 6 should be there');
});
