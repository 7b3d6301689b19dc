import { BOOK } from '../food/index.ts';
import { readShelfLine } from './index.ts';

const places = [
  { id: '1', name: 'dry cupboard' },
  { id: '2', name: 'fridge' },
  { id: '3', name: 'freezer' },
];
const read = (text: string) => {
  const { food, place, amount, priceMinor, rest } = readShelfLine(text, BOOK, places);
  return [food?.name, amount && `${amount.n} ${amount.unit}`, place?.name, priceMinor, rest];
};

test.each([
  ['500 g millet dry cupboard 2.40', ['millet', '500 g', 'dry cupboard', 240, '']],
  ['1,5 kg borlotti, dry cupboard, 5,85', ['borlotti beans', '3/2 kg', 'dry cupboard', 585, '']],
  ['fridge kale 600g', ['kale', '600 g', 'fridge', undefined, '']],
  ['1 1/2 cups sunflower seeds', ['sunflower seeds', '3/2 cup', undefined, undefined, '']],
  ['½ kg parsnip', ['parsnip', '1/2 kg', undefined, undefined, '']],
  ['3 leeks fridge', ['leek', '3 each', 'fridge', undefined, '']],
  ['2 onions 0.90', ['onion', '2 each', undefined, 90, '']],
  ['750 ml oil dry cupboard 4.20', ['rapeseed oil', '750 mL', 'dry cupboard', 420, '']],
  ['500 g moonbeans freezer', [undefined, '500 g', 'freezer', undefined, 'moonbeans']],
  ['millet', ['millet', undefined, undefined, undefined, '']],
  ['', [undefined, undefined, undefined, undefined, '']],
])('"%s"', (text, expected) => expect(read(text)).toEqual(expected));
