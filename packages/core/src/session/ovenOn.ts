import type { Oven } from '../kitchen/index.ts';
import type { Window } from '../recipe/index.ts';
import { OVEN_OFF } from './powerLimit.ts';
import type { ProblemLink } from './problem.ts';
import { ovenChange } from './sharedHeats.ts';
import type { TaskAbout } from './taskAbout.ts';

/** The task that switches the oven on: the one thing that is better done late. */
export const OVEN_ON = 'oven-on';

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
  window: exactly(1),
  cautions: [],
  goesIn: [],
});

export const OVEN_OFF_ABOUT: TaskAbout = { ...ofTheOven(OVEN_OFF, 'Oven off'), attention: { needs: 'nobody' } };

interface OvenSide {
  readonly task: TaskAbout | undefined;
  readonly links: readonly ProblemLink[];
  readonly preheat: Readonly<Record<string, number>>;
  readonly change: Readonly<Record<string, Readonly<Record<string, number>>>>;
}

/**
 * What an oven asks for beside its dishes: somebody who switches it on, minutes to heat and to change heat.
 * @param startsAt the tasks that go in, by temperature
 */
export function ovenOn(startsAt: ReadonlyMap<number, readonly string[]>, oven: Oven): OvenSide {
  const heats = [...startsAt.keys()].sort((a, b) => a - b);
  const [first] = heats;
  const starts = heats.flatMap((heat) => startsAt.get(heat) ?? []);
  // One use: the oven is not left hot for nobody. Several: only the first of them could bind, and which one that is, the search decides.
  const most = starts.length === 1 ? oven.preheatMinutes + HOT_FOR_NOBODY : null;
  return {
    task:
      first === undefined
        ? undefined
        : {
            ...ofTheOven(OVEN_ON, heats.length === 1 ? `Oven on, ${first} °C` : 'Oven on'),
            attention: { needs: 'hands' },
          },
    links: starts.map((start) => ({ from: OVEN_ON, to: start, min: oven.preheatMinutes, max: most })),
    preheat: Object.fromEntries(heats.map((heat) => [heat, oven.preheatMinutes + 1])),
    change: Object.fromEntries(
      heats.map((heat) => [
        heat,
        Object.fromEntries(heats.filter((other) => other !== heat).map((other) => [other, ovenChange(heat, other)])),
      ]),
    ),
  };
}
