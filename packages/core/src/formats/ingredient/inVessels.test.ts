import { inVessels } from './inVessels.ts';

test.each([
  ['two mugs of brown lentils', '600 ml brown lentils'],
  ['a glass white wine', '200 ml white wine'],
  ['half a mug rice', '150 ml rice'],
  ['1 teacup of millet', '180 ml millet'],
])('“%s” is taken for %s until the cook says how much the vessel holds', (line, taken) => {
  const held = inVessels(line);
  expect(held?.line).toBe(taken);
  expect(held?.doubt.choices.map(({ line: choice }) => choice)).toContain(taken);
});

test.each(['1 glass (150 ml) wine', '6 bowls', '2 cups rice', 'mug of tea'])(
  '“%s” is no vessel to be asked about',
  (line) => expect(inVessels(line)).toBeUndefined(),
);
