import { BOOK } from '../food/index.ts';
import {
  NOTHING_SAID,
  amountWords,
  askedOf,
  indexFoods,
  readIngredientLine,
  readPaste,
  readRecipeText,
} from './index.ts';
import type { SaidOfText } from './index.ts';

const foods = indexFoods(BOOK);
const read = (text: string, said: Partial<SaidOfText> = {}) =>
  readPaste(readRecipeText(text), { ...NOTHING_SAID, ...said }, foods, (line) => readIngredientLine(line, foods));
const names = (text: string, said?: Partial<SaidOfText>) =>
  read(text, said).lines.map(({ line, ready }) => `${line.food?.name}${ready ? '' : '?'}`);

const SOUP = `Leek soup
Serves 4
2 leeks
300 g potatoes
Sweat the leeks with the thyme for 8 minutes.
Add potatoes and 1 L water, simmer 20 minutes. Roll up the rest.`;

describe('what the method names and no line of the list', () => {
  test('is asked for its amount; water that is measured is taken, a verb is no bread', () => {
    expect(names(SOUP)).toEqual(['leek', 'potato', 'water', 'thyme?']);
  });

  test('is not asked where it shares its chief word with a line', () => {
    expect(names('Beans\nServes 2\n1 x 400 g tin black beans\n1 tsp salt\nWarm the beans 5 minutes.')).toEqual([
      'canned black beans',
      'salt',
    ]);
    expect(names('Mash\nServes 2\n250 g chickpea flour\n1 tsp salt\nStir the flour for 5 minutes.')).toEqual([
      'chickpea flour',
      'salt',
    ]);
  });

  test('takes nothing from how much of the cooked dish goes into a box', () => {
    const box = 'Bowls\nServes 4\n300 g white rice\n1 tsp salt\nSimmer the rice 12 minutes.\nPer box: 150 g rice.';
    expect(names(box)).toEqual(['white rice', 'salt']);
  });

  test('is left out when somebody says so, and stands there to be put back', () => {
    const key = read(SOUP).lines.find(({ ready }) => !ready)?.key ?? '';
    const without = read(SOUP, { lines: { [key]: '' } });
    expect(askedOf(without).lines).toBe(0);
    expect(without.linesLeftOut).toEqual([{ key, written: 'thyme' }]);
  });
});

test('a line of the list that was left out is not asked again because the method names it', () => {
  expect(names(SOUP, { lines: { 0: '' } })).toEqual(['potato', 'water', 'thyme?']);
});

test('an appliance that is named, while no step is in it, is asked until somebody says that it is right', () => {
  const text = 'Pressure-cooker beans\nServes 4\n2 tins black beans\n1 tsp salt\nCook the beans for 20 minutes.';
  expect(read(text).places).toEqual(['pressure cooker']);
  expect(askedOf(read(text, { places: ['pressure cooker'] })).method).toBe(askedOf(read(text)).method - 1);
  expect(read('Stew in the Dutch oven\nServes 4\n2 leeks\n1 onion\nSimmer 20 minutes.').places).toEqual([]);
});

test('amounts by kilogram and litre with three decimals are no thousands', () => {
  const lines = read('Sauce\nServes 40\n2.000 kg onions\n0.120 kg garlic\n1.250 L water\n1,500 g tomatoes').lines;
  expect(lines.map(({ line }) => amountWords(line.amount))).toEqual(['2 kg', '120 g', '1.25 L', '1.5 kg']);
});
