import { BOOK } from '../../food/index.ts';
import { indexFoods, readIngredientLine } from '../index.ts';
import { liquidOfCans } from './liquidOfCans.ts';
import { readMethod } from './readMethod.ts';

const index = indexFoods(BOOK);
const liquid = (list: readonly string[], method: readonly string[]) =>
  liquidOfCans(
    readMethod(method),
    list.map((line) => readIngredientLine(line, index)),
  );

// A can of beans holds 400 g, of which 235 g are drained (common practice, no published source).
test.each([
  [['2 cans black beans'], ['Fry the onion.', 'Add the beans with their liquid.'], '330 ml water', 1],
  [['1 can black beans, undrained'], ['Warm the beans for 5 minutes.'], '165 ml water', 0],
  [["1 tin chickpeas (don't drain)"], ['Tip all in.'], '160 ml water', 0],
  [['3 x 800 g tins black beans'], ['Stir in the beans, liquid and all.'], '990 ml water', 0],
])('the liquid of %j goes in where %j says so', (list, method, line, step) => {
  expect(liquid(list, method)).toEqual([{ line, step }]);
});
test.each([
  [['2 tins black beans'], ['Drain one tin of beans, add the other with its liquid.'], [165, 330]],
  [['1 can chickpeas'], ['Heat the chickpeas in their liquid for 5 minutes.', 'Drain.'], [160]],
])('of %j, where some is drained, it is asked how much', (list, method, either) => {
  expect(liquid(list, method)[0]?.either).toEqual(either);
});
test('a can that is drained, or of which nothing is said, brings no liquid; nor does one of which nothing is drained', () => {
  expect(liquid(['2 cans black beans, drained'], ['Add the beans.'])).toEqual([]);
  expect(liquid(['2 cans black beans'], ['Add the beans.'])).toEqual([]);
  expect(liquid(['1 can chopped tomatoes'], ['Add the tomatoes with their juice.'])).toEqual([]);
});
