import { isUnfetched } from './isUnfetched.ts';

test.each([
  new TypeError('Failed to fetch dynamically imported module: http://127.0.0.1:4180/assets/LookBackPage-a1.js'),
  new TypeError('error loading dynamically imported module: http://127.0.0.1:4180/assets/LookBackPage-a1.js'),
  new TypeError('Importing a module script failed.'),
  new Error('Unable to preload CSS for /assets/LookBackPage-a1.css'),
])('a part that could not be fetched is asked for again: %s', (error) => expect(isUnfetched(error)).toBe(true));

test.each([new TypeError("Cannot read properties of undefined (reading 'lots')"), 'a word', undefined])(
  'what broke by itself is said to be broken: %s',
  (error) => expect(isUnfetched(error)).toBe(false),
);
