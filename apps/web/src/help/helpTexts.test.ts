import { STOPS } from '../app/stops.ts';
import { helpFor } from './helpTexts.ts';
import { WALK } from './walkSlice.ts';

test.each(STOPS.map(({ to, name }) => [to, name]))('%s has a help of its own: %s', (to, name) =>
  expect(helpFor(to).name).toBe(name),
);
test.each([
  ['/week/eaters', 'Week'],
  ['/week/suggest', 'Suggested weeks'],
  ['/recipes/3f/edit', 'Recipes'],
  ['/cook/run', 'Cook'],
  ['/weekend', 'Today'],
])('%s is helped by %s', (path, name) => expect(helpFor(path).name).toBe(name));
test('the walk round leads to five pages, each with a sentence of its own', () =>
  expect(new Set(WALK.map((path) => helpFor(path).what)).size).toBe(5));
