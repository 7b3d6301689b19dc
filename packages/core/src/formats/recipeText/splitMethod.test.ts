import fc from 'fast-check';
import { STEP_NAME_MOST } from '../../recipe/index.ts';
import { splitMethod } from './splitMethod.ts';

test('what is told in one breath is as many steps as it tells deeds', () =>
  expect(
    splitMethod([
      'so you wash a mug of lentils and put them in a pan with three mugs of water and bring it to the boil and turn it down and let it go for 25 minutes with the lid half on and in the meantime you fry an onion in some oil until it is brown which takes ten minutes and pour that in',
    ]),
  ).toEqual([
    'So you wash a mug of lentils. Put them in a pan with three mugs of water. Bring it to the boil. Turn it down.',
    'Let it go for 25 minutes with the lid half on.',
    'In the meantime you fry an onion in some oil until it is brown which takes ten minutes.',
    'Pour that in.',
  ]));

const words = fc.constantFrom(
  'stir',
  'the beans',
  'and',
  'cook',
  'for 20 minutes',
  'a tin of',
  'leeks,',
  'then',
  'salt.',
  'x'.repeat(60),
);

test('property: no step is longer than a step may be, and none of its letters is lost', () => {
  fc.assert(
    fc.property(fc.array(words, { minLength: 1, maxLength: 120 }), (told) => {
      const text = told.join(' ');
      const steps = splitMethod([text]);
      const letters = (said: string): string => said.toLowerCase().replace(/[^a-z0-9]|and|then/g, '');
      expect(steps.filter((step) => step.length > STEP_NAME_MOST)).toEqual([]);
      expect(letters(steps.join(' '))).toBe(letters(text));
    }),
  );
});
