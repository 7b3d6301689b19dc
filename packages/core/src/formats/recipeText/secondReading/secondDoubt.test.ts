import { readMethod } from '../readMethod.ts';
import { likelyOf } from './likely.ts';
import { likelySortsOf } from './likelySorts.ts';
import { secondDoubt } from './secondDoubt.ts';
import { STEP_SORTS } from './stepSort.ts';

const last = (...method: readonly string[]) => {
  const steps = readMethod(method);
  const [before, step] = [steps.at(-2), steps.at(-1)];
  if (!step) throw new Error('There is a step.');
  return { step, before };
};

test.each([
  ['Simmer for 20 minutes.'],
  ['Bake at 200 °C for 40 minutes.'],
  ['Let it rest for 10 minutes.'],
  ['Knead for 8 minutes.'],
  ['Peel and chop everything, 20 minutes.'],
  ['Fry the onions in the oil for 8 minutes, stirring.'],
])('“%s” is read alike twice', (text) => expect(secondDoubt(last(text).step)).toBeUndefined());

test('where the words seldom stand in such a step it is asked, “yes” keeps it as it was, and each other choice is read so', () => {
  const { step, before } = last('Lower the heat.', 'Butter and thyme in; baste for 2 min.');
  const doubt = secondDoubt(step, before);
  expect(doubt?.question).toBe('Is it in somebody’s hands?');
  const [yes, ...others] = doubt?.choices ?? [];
  expect(yes).toEqual({ label: 'yes', text: step.text });
  expect(others.map(({ label }) => label)).toContain('no, on the hob, somebody at it');
  for (const { label, text } of others) {
    const said = last(text).step;
    expect([label, said.station ?? 'off']).toEqual([
      label,
      label.includes('hob') ? 'burner' : label.includes('oven') ? 'oven' : 'off',
    ]);
    expect(said.minutes).toEqual(step.minutes);
  }
});

test('shares of all sorts come to one, the likeliest first', () => {
  const likely = likelySortsOf(last('Simmer for 20 minutes.').step);
  expect(likely.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  expect(likely.map(({ share }) => share)).toEqual(likely.map(({ share }) => share).sort((a, b) => b - a));
  // The softmax of 2 beside six zeros: e² / (e² + 6).
  const [first] = likelyOf(STEP_SORTS, ['simmer'], new Map([['simmer', [0, 0, 0, 2, 0, 0, 0]]]));
  expect(first).toMatchObject({ sort: 'on the hob' });
  expect(first?.share).toBeCloseTo(Math.E ** 2 / (Math.E ** 2 + 6), 9);
});
