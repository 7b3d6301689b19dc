import { BOOK } from '../../food/index.ts';
import { indexFoods } from '../index.ts';
import { isUnsureName } from './unsureName.ts';

const foods = indexFoods(BOOK);

test.each([
  ['Roots for the week', false],
  ['Barley and leek pot', false],
  ['Prep for the week', true],
  ['Kitchen log, week 14', true],
  ["Cook's sheet 14", true],
  ['Right, so my sister asked me what I do with all the barley.', true],
])('"%s" may be no name: %p', (name, unsure) => expect(isUnsureName(name, foods)).toBe(unsure));
