import { isPouredOff } from './pouredOff.ts';
import { readMethod } from './readMethod.ts';

test.each([
  [['Simmer the farro for 25 minutes.', 'Drain off what is left.', 'Divide everything between 4 bowls.'], true],
  [['Boil the lentils for 25 minutes, then drain.', 'Toss with the oil.'], true],
  [['Pressure cook the beans for 10 minutes, natural release.', 'Drain.', 'Fold in the dressing.'], true],
  [['Drain the beans and boil them hard for 10 minutes.', 'Mash.'], false],
  [['Boil hard for 10 minutes, drain.', 'Cover with the fresh water and simmer for 1 hour.'], false],
  [['Meanwhile boil the pasta for 9 minutes, drain.', 'Toss.'], false],
  [['Fry the onions for 20 minutes.', 'Drain on paper.'], false],
  [['Simmer for 20 minutes.', 'Blend.'], false],
] as const)('%j: is the water poured off? %p', (steps, poured) => expect(isPouredOff(readMethod(steps))).toBe(poured));

test('water that goes in behind what was drained is not poured off with it', () => {
  const steps = readMethod([
    'Boil the potatoes for 20 minutes and drain.',
    'Simmer the lentils in 1 l for 25 minutes.',
  ]);
  expect([isPouredOff(steps), isPouredOff(steps, 1)]).toEqual([true, false]);
});
