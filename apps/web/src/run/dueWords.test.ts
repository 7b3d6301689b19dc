import type { TaskAbout } from '@kestrel-ridge/core/session';
import { dueWords } from './dueWords.ts';

const about = (id: string, more: Partial<TaskAbout>): TaskAbout => ({
  id,
  batch: 'b',
  dish: 'Millet',
  load: 1,
  loads: 1,
  step: id,
  name: id,
  station: 'cooker',
  skills: [],
  window: { earliest: 5, expected: 6, latest: 8 },
  attention: { needs: 'nobody' },
  cautions: [],
  goesIn: [],
  ...more,
});
const clock = (id: string, status: 'due' | 'running') => ({ id, status, start: 0, end: 60_000 }) as const;
const abouts = {
  up: about('up', { stage: 'come up' }),
  natural: about('natural', { stage: 'natural' }),
  wilt: about('wilt', { cue: 'tender, still green' }),
  cool: about('cool', {}),
};

test('only what is due is said, each with what to look for', () =>
  expect(
    dueWords(
      {
        clocks: [clock('up', 'due'), clock('natural', 'due'), clock('wilt', 'due'), clock('cool', 'running')],
        toStart: [],
      },
      0,
      abouts,
      new Set(),
    ).map(({ words }) => words),
  ).toEqual([
    'up. Is the pin up? If not, look at the valve and the ring.',
    'natural. Has the pin dropped? Then vent with hands and face away.',
    'wilt. Look: tender, still green.',
  ]));

test('what was told is not told again; what nobody knows is not told', () => {
  expect(dueWords({ clocks: [clock('wilt', 'due')], toStart: [] }, 0, abouts, new Set(['wilt']))).toEqual([]);
  expect(dueWords({ clocks: [clock('elsewhere', 'due')], toStart: [] }, 0, abouts, new Set())).toEqual([]);
  expect(dueWords({ clocks: [clock('cool', 'due')], toStart: [] }, 0, abouts, new Set(['wilt']))).toHaveLength(1);
});
