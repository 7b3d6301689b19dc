import { dialWords, type Oven } from '../kitchen/index.ts';
import { capital, celsius } from '../quantity/index.ts';
import type { DialTurn } from './dialTurn.ts';
import type { SessionTasks } from './expand.ts';
import { numberOf, ovenTask } from './ids.ts';
import { named } from './shareOut.ts';
import type { Plan, ProblemTask } from './problem.ts';
import type { TaskAbout } from './taskAbout.ts';

/** What the heats of a plan come to: turns of the dial, and the heat that each oven is switched on to. */
export interface PlannedHeats {
  readonly turns: readonly DialTurn[];
  readonly first: ReadonlyMap<string, number>;
}

/**
 * A plan with a step for each heat of its ovens: "Oven to 180 °C". Which heat follows which is known only once there is a plan; a turn takes no hands to speak of, and the
 * minutes until the oven is there. It waits for what is baked at the old heat, and what is baked at the new one waits for it.
 */
export function withDials<T extends SessionTasks>(
  tasks: T,
  plan: Plan,
  { turns, first }: PlannedHeats,
  ovens: readonly Oven[],
): { readonly tasks: T; readonly plan: Plan } {
  const kinds = new Map(named('oven', ovens).map(({ id, thing }) => [id, thing]));
  const set = (oven: string, heat: number): string => dialWords(kinds.get(oven) ?? {}, celsius(heat));
  const about: Record<string, TaskAbout> = { ...tasks.about };
  for (const [oven, heat] of first) {
    const on = about[ovenTask('on', numberOf(oven, 'oven'))];
    if (on) about[on.id] = { ...on, name: `${capital(oven)} on, ${set(oven, heat)}`, celsius: heat };
  }
  const names = (id: string): ProblemTask => {
    const task = tasks.problem.tasks.find((each) => each.id === id);
    return { ...(task as ProblemTask), name: about[id]?.name ?? task?.name ?? '' };
  };
  for (const turn of turns) about[turn.id] = aboutTurn(turn, set(turn.oven, turn.to));
  return {
    tasks: {
      ...tasks,
      about,
      problem: {
        ...tasks.problem,
        tasks: [
          ...tasks.problem.tasks.map(({ id }) => names(id)),
          ...turns.map((turn): ProblemTask => ({
            id: turn.id,
            dish: capital(turn.oven),
            name: about[turn.id]?.name ?? '',
            minutes: turn.minutes,
            attention: 'none',
            byHand: true,
          })),
        ],
        links: [
          ...tasks.problem.links,
          ...turns.flatMap(({ id, after, before }) => [
            ...after.map((from) => ({ from, to: id, min: 0, max: null })),
            ...before.map((to) => ({ from: id, to, min: 0, max: null })),
          ]),
        ],
      },
    },
    plan: { ...plan, starts: { ...plan.starts, ...Object.fromEntries(turns.map(({ id, start }) => [id, start])) } },
  };
}

/** The step of all turns of a dial. */
export const DIAL_STEP = 'dial';

const aboutTurn = ({ id, oven, from, to, minutes }: DialTurn, dial: string): TaskAbout => ({
  id,
  batch: null,
  dish: capital(oven),
  load: 0,
  loads: 1,
  step: DIAL_STEP,
  name: `${capital(oven)} to ${dial}`,
  station: 'oven',
  ...(oven === 'oven' ? {} : { unit: oven }),
  skills: [],
  window: { earliest: minutes, expected: minutes, latest: minutes },
  attention: { needs: 'nobody' },
  celsius: to,
  turn: { oven, from, to },
  cautions: [],
  goesIn: [],
  because: {
    rule: to > from ? 'minutes to heat up, for each 10 °C' : 'minutes to cool down, for each 10 °C',
    figure: `${minutes} min from ${from} to ${to} °C`,
    source: 'this oven’s own figure, or from memory',
  },
});
