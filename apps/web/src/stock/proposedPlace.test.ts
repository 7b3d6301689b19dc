import { bookFood } from '@kestrel-ridge/core/food';
import { proposedPlace } from '@kestrel-ridge/core/view';
import { kitchen } from '../app/kitchenForTests.ts';

// Common practice, no published source: leaf in the fridge, onions cool, grain in the cupboard, frozen peas in the freezer.
test('a place is proposed by where the last of it stood, else by where it keeps', () => {
  const view = kitchen();
  const kindOf = (name: string) => proposedPlace({ ...view, lots: [] }, bookFood(name))?.kind;
  expect(['kale', 'millet', 'brown rice', 'frozen peas', 'tofu'].map(kindOf)).toEqual([
    'fridge',
    'cupboard',
    'cupboard',
    'freezer',
    'fridge',
  ]);
  const [lot] = view.lots;
  if (!lot) throw new Error('no lot');
  const elsewhere = view.kitchen.places.find(({ id }) => id !== proposedPlace({ ...view, lots: [] }, lot.food)?.id);
  if (!elsewhere) throw new Error('one place');
  expect(proposedPlace({ ...view, lots: [{ ...lot, place: elsewhere }] }, lot.food)?.id).toBe(elsewhere.id);
});
