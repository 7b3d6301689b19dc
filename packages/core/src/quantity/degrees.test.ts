import fc from 'fast-check';
import { celsiusOf, degreesOf, degreesText, inDegrees } from './index.ts';

// Source: FDA Food Code 2022, 3-501.14 and 3-403.11, which gives both: 57 °C (135 °F), 21 °C (70 °F), 5 °C (41 °F), 74 °C (165 °F).
test.each([
  [57, 135],
  [21, 70],
  [5, 41],
  [74, 165],
])('%i °C is %i °F, as the food code says', (celsius, fahrenheit) => expect(degreesOf(celsius, '°F')).toBe(fahrenheit));

test.each([
  ['Bake at 190 °C for 35 to 45 minutes.', 'Bake at 375 °F for 35 to 45 minutes.'],
  [
    'From 57 °C to 21 °C within 2 hours, then to 5 °C within 6 hours in all.',
    'From 135 °F to 70 °F within 2 hours, then to 41 °F within 6 hours in all.',
  ],
  ['freezes through at −18 °C', 'freezes through at 0 °F'],
  ['Room temperature, 18 to 22 °C', 'Room temperature, 64 to 72 °F'],
  ['water from 12 °C to 114.8 °C', 'water from 54 °F to 239 °F'],
  // How much hotter is no heat.
  ['minutes to heat up, for each 10 °C', 'minutes to heat up, for each 10 °C'],
  ['10 °C hotter', '10 °C hotter'],
  ['± 5 °C', '± 5 °C'],
  ['nothing of heat, 3.5 °Cel', 'nothing of heat, 3.5 °Cel'],
])('“%s” is “%s” in a kitchen that reads °F', (text, said) => {
  expect(inDegrees(text, '°F')).toBe(said);
  expect(inDegrees(text, '°C')).toBe(text);
});

test('law: what is read in °F and said again is the same figure', () =>
  fc.assert(
    fc.property(fc.integer({ min: -40, max: 211 }), (read) => {
      expect(Math.round((celsiusOf(read, '°F') * 9) / 5 + 32) + 0).toBe(read);
    }),
  ));

test('below nothing it has a minus, no hyphen', () => expect(degreesText(-20, '°F')).toBe('−4 °F'));

test('law: an oven’s heat that is typed in fives of °F, and kept in whole °C, is shown as it was typed', () =>
  fc.assert(
    fc.property(fc.integer({ min: 43, max: 110 }), (fives) => {
      const typed = fives * 5;
      expect(degreesOf(Math.round(celsiusOf(typed, '°F')), '°F', true)).toBe(typed);
    }),
  ));
