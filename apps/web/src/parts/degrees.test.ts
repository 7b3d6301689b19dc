import { heatWords, heatsHere, ovenWords } from './degrees.ts';
import { writeSo } from './writes.ts';

afterEach(() => writeSo(undefined));

test('heat is written in the degrees of the kitchen that is shown', () => {
  const said = () => [heatWords(57), ovenWords(204), heatsHere('Bake at 190 °C, covered.')];
  expect(said()).toEqual(['57 °C', '204 °C', 'Bake at 190 °C, covered.']);
  writeSo({ degrees: '°F' });
  expect(said()).toEqual(['135 °F', '400 °F', 'Bake at 375 °F, covered.']);
});
