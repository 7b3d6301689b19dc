import { day } from '../quantity/index.ts';
import { readWeekWish, type WishSetting } from './weekWish.ts';

const setting: WishSetting = {
  dishes: [
    { recipe: 'soup', name: 'Leek and split-pea soup', form: 'soup', foods: ['leek', 'split peas'] },
    { recipe: 'lentil', name: 'Lentil and swede soup', form: 'soup', foods: ['lentils', 'swede'] },
    { recipe: 'beans', name: 'Borlotti', form: 'pot', foods: ['borlotti beans'] },
    { recipe: 'bake', name: 'Millet bake', form: 'bake', foods: ['millet', 'leek'] },
    { recipe: 'millet', name: 'Millet', form: 'pot', foods: ['millet'] },
  ],
  // A Saturday to a Friday.
  days: ['2026-11-28', '2026-11-29', '2026-11-30', '2026-12-01', '2026-12-02', '2026-12-03', '2026-12-04'].map(day),
};
const read = (line: string) => readWeekWish(line, setting);

test.each([
  ['not soup again', ['soup', 'lentil']],
  ['no soup please', ['soup', 'lentil']],
  ['Nothing baked this week', ['bake']],
  ['without the borlotti', ['beans']],
  ['no leek', ['soup']],
  ['not the lentil soup', ['lentil']],
  ['no split peas', ['soup']],
])('“%s” leaves out what is meant', (line, recipes) => {
  const wish = read(line);
  expect(wish).toMatchObject({ wish: 'without', recipes });
});

test.each([
  ['two more for Sunday', '2026-11-29', 2, ['lunch', 'dinner']],
  ['the same but with two more for Sunday', '2026-11-29', 2, ['lunch', 'dinner']],
  ['3 guests on Wed dinner', '2026-12-02', 3, ['dinner']],
  ['one less tomorrow', '2026-11-29', -1, ['lunch', 'dinner']],
  ['a guest tonight', '2026-11-28', 1, ['dinner']],
])('“%s” changes who is at the table', (line, on, more, meals) => {
  expect(read(line)).toMatchObject({ wish: 'guests', day: on, more, meals });
});

test.each([
  ['less work', 'hands'],
  ['Cheaper, please', 'cost'],
  ['more variety', 'repeats'],
  ['use up more', 'waste'],
  ['more protein', 'feeds'],
])('“%s” lets that count more', (line, part) => {
  expect(read(line)).toMatchObject({ wish: 'weigh', part });
});

test('a dish is kept, asked after and tried without', () => {
  expect(read('keep the borlotti')).toMatchObject({ wish: 'with', recipe: 'beans' });
  expect(read('why the borlotti?')).toMatchObject({ wish: 'why', recipe: 'beans' });
  expect(read('what if not the millet bake')).toMatchObject({ wish: 'what if not', recipe: 'bake' });
});

test.each([
  ['', /not soup again/],
  ['qwertz', /not understood/],
  ['no pizza', /No dish here/],
  ['keep the soup', /Which one: Leek and split-pea soup, or Lentil and swede soup/],
  ['two more', /not understood/],
])('“%s” is asked back, and nothing is guessed', (line, fault) => {
  const answer = read(line);
  expect('fault' in answer ? answer.fault : JSON.stringify(answer)).toMatch(fault);
});
