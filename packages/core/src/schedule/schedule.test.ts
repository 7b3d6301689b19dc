import { readFileSync } from 'node:fs';
import type { Plan, Problem } from '../session/index.ts';
import { check } from './check.ts';
import { search } from './search.ts';

const read = <T>(name: string): T => JSON.parse(readFileSync(`${import.meta.dirname}/../../test/reference/schedule/${name}.json`, 'utf8')) as T;

describe('sessions with a proven shortest plan', () => {
  // Source: computed, no published source: two formulations by constraint and by integer programming agree.
  test.each([
    ['roast-beside-pressure', 66],
    ['two-loads-one-insert', 94],
  ])('%s is planned in %i minutes and keeps every rule', (name, optimum) => {
    const problem = read<Problem>(name);
    const began = performance.now();
    const found: number[] = [];
    const plan = search(problem, { seed: 1, rounds: 20000, better: (p) => found.push(p.makespan) });
    console.log(name, plan.makespan, found, Math.round(performance.now() - began));
    expect(check(problem, plan)).toEqual([]);
    expect(plan.makespan).toBe(optimum);
  });

  test.each(['roast-beside-pressure', 'two-loads-one-insert'])('the checker accepts the plan that came with %s', (name) => {
    expect(check(read<Problem>(name), read<Plan>(`${name}.plan`))).toEqual([]);
  });
});
