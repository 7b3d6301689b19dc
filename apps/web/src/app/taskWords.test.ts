import type { TaskAbout } from '@kestrel-ridge/core/session';
import { writeSo } from '../parts/writes.ts';
import { taskWords } from './taskWords.ts';

afterEach(() => writeSo(undefined));

const bake = { id: 'a', name: 'Bake at 190 °C', cue: 'brown; 96 °C within', celsius: 190 } as TaskAbout;

test('a task is read in the degrees of the kitchen; what is reckoned with stays in °C', () => {
  expect(taskWords({ a: bake })).toEqual({ a: bake });
  writeSo({ degrees: '°F' });
  expect(taskWords({ a: bake })['a']).toEqual({
    ...bake,
    name: 'Bake at 375 °F',
    cue: 'brown; 205 °F within',
  });
});
