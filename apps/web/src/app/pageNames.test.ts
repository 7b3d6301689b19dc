import { pageName } from './pageNames.ts';
import { STOPS } from './stops.ts';

test.each(STOPS.map(({ to, name }) => [to, name]))('%s is called as on the trail: %s', (to, name) =>
  expect(pageName(to)).toBe(name),
);
test.each([
  ['/', 'Today'],
  ['/week/eaters', 'Eaters'],
  ['/scale/3f', 'Scale'],
  ['/recipes/new', 'Paste a recipe'],
  ['/recipes/3f', 'Recipe'],
  ['/recipes/3f/edit', 'Edit a recipe'],
  ['/recipes/3f/learn/7', 'What the recipe learns'],
  ['/weekend', 'No such page'],
])('%s is called %s', (path, name) => expect(pageName(path)).toBe(name));
