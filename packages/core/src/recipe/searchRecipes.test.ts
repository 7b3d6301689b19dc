import { BOOK } from '../food/index.ts';
import { indexRecipes, searchRecipes, STARTER_RECIPES } from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const index = indexRecipes(
  STARTER_RECIPES.map((document) => ({ document })),
  foods,
);
const found = (query: string) => searchRecipes(index, query).map(({ document }) => document.name);

test.each([
  ['', 5],
  ['millet', 1],
  ['leeks', 1],
  ['oven', 1],
  ['cooker', 2],
  ['hazel', 1],
  ['canola', 3],
  ['cooker bean', 1],
  ['zebra', 0],
])('"%s" finds %i', (query, n) => expect(found(query)).toHaveLength(n));

test('a name that begins with the query comes first', () => expect(found('kale')[0]).toBe('Kale with leek'));
