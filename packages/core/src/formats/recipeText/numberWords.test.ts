import { inDigits } from './numberWords.ts';

test.each([
  ['two hundred grams of pumpkin seeds', '200 grams of pumpkin seeds'],
  ['a hundred and fifty mil olive oil', '150 ml olive oil'],
  ['maybe eighty grams', 'maybe 80 grams'],
  ['twenty-five grams and one hundred grams', '25 grams and 100 grams'],
  ['three hundred twenty millilitres', '320 ml'],
  ['five g yeast', '5 g yeast'],
  ['a hundred lentils, five minutes', 'a hundred lentils, five minutes'],
  ['200 grams', '200 grams'],
])('“%s” is read as “%s”', (told, read) => expect(inDigits(told)).toBe(read));
