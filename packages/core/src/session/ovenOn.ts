import { dialFor, type Oven } from '../kitchen/index.ts';
import { celsius } from '../quantity/index.ts';
import type { Window } from '../recipe/index.ts';
import { ovenTask } from './ids.ts';
import type { ProblemLink } from './problem.ts';
import { ovenChange } from './sharedHeats.ts';
import type { TaskAbout } from './taskAbout.ts';

/** Minutes that a hot oven may stand empty. Common practice, no published source. */
const HOT_FOR_NOBODY = 15;

const exactly = (n: number): Window => ({ earliest: n, expected: n, latest: n });

const ofTheOven = (id: string, name: string): Omit<TaskAbout, 'attention'> => ({
  id,
  batch: null,
  dish: 'Oven',
  load: 0,
  loads: 1,
  step: id,
  name,
  station: 'hands',
  skills: [],
  window: exactly(1),
  cautions: [],
  goesIn: [],
});

export const ovenOff = (id: string): TaskAbout => ({ ...ofTheOven(id, 'Oven off'), attention: { needs: 'nobody' } });

interface OvenSide {
  readonly task: TaskAbout | undefined;
  readonly links: readonly ProblemLink[];
  readonly preheat: Readonly<Record<string, number>>;
  readonly change: Readonly<Record<string, Readonly<Record<string, number>>>>;
}

/**
 * What an oven asks for beside its dishes: somebody who switches it on, minutes to heat and to change heat.
 * @param n which of the kitchen's ovens, from 1
 * @param startsAt the tasks that go in, by temperature
 */
export function ovenOn(n: number, startsAt: ReadonlyMap<number, readonly string[]>, oven: Oven): OvenSide {
  const heats = [...startsAt.keys()].sort((a, b) => a - b);
  const [first] = heats;
  const on = ovenTask('on', n);
  const word = n === 1 ? 'Oven' : `Oven ${n}`;
  const starts = heats.flatMap((heat) => startsAt.get(heat) ?? []);
  // One use: the oven is not left hot for nobody. Several: only the first of them could bind, and which one that is, the search decides.
  const most = starts.length === 1 ? oven.preheatMinutes + HOT_FOR_NOBODY : null;
  return {
    task:
      first === undefined
        ? undefined
        : {
            ...ofTheOven(on, heats.length === 1 ? `${word} on, ${dialFor(oven, celsius(first))}` : `${word} on`),
            attention: { needs: 'hands' },
          },
    links: starts.map((start) => ({ from: on, to: start, min: oven.preheatMinutes, max: most })),
    preheat: Object.fromEntries(heats.map((heat) => [heat, oven.preheatMinutes + 1])),
    change: Object.fromEntries(
      heats.map((heat) => [
        heat,
        Object.fromEntries(
          heats.filter((other) => other !== heat).map((other) => [other, ovenChange(heat, other, oven)]),
        ),
      ]),
    ),
  };
}
