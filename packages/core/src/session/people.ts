import { localMoment, type Moment } from '../quantity/index.ts';
import type { Equipment, Person } from '../kitchen/index.ts';
import { resourceId } from './ids.ts';
import type { Away, Problem, ProblemTask, ProblemUse, Resource } from './problem.ts';
import type { TaskAbout } from './taskAbout.ts';

/** Someone who cooks in a session, in its minutes. */
export interface Present extends Pick<Person, 'name' | 'cannot'> {
  /** The session's minute from which they are there; 0: from the start. */
  readonly from: number;
  /** The minute at which they go; null: they stay. */
  readonly to: number | null;
}

/** Beyond any session. */
const FOR_EVER = 10_000;

/**
 * Who cooks, in the minutes of a session that begins at a moment: the first of the kitchen's people, and nameless hands where more cook than are named.
 * @example presentAt([{ name: 'Ada', from: '09:30' }], 2, Date.parse('2026-03-01T08:00:00Z'), 'UTC') // Ada from minute 90, and "Cook 2"
 */
export function presentAt(
  people: Equipment['people'],
  cooks: number,
  startMs: Moment,
  zone: string,
): readonly Present[] {
  const begins = minuteOfDay(startMs, zone);
  return Array.from({ length: cooks }, (_, n): Present => {
    const person = people?.[n];
    if (!person) return { name: cooks === 1 ? 'Cook' : `Cook ${n + 1}`, from: 0, to: null };
    return {
      name: person.name,
      ...(person.cannot ? { cannot: person.cannot } : {}),
      from: person.from ? Math.max(0, minutesOf(person.from) - begins) : 0,
      to: person.to ? Math.max(0, minutesOf(person.to) - begins) : null,
    };
  });
}

const minutesOf = (clock: string): number => {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return hours * 60 + minutes;
};

const minuteOfDay = (ms: Moment, zone: string): number => minutesOf(localMoment(ms, zone).slice(11, 16));

/** Minutes in which hands are not there: people who come later or go earlier. */
export const hoursAway = (present: readonly Present[]): readonly Away[] =>
  present.flatMap(({ from, to }) => [
    ...(from > 0 ? [{ from: 0, to: from, hands: 1 }] : []),
    ...(to === null ? [] : [{ from: to, to: FOR_EVER, hands: 1 }]),
  ]);

/** Who may do a task: what the cook has said, else those who do this kind of work. */
export const mayDo = (
  { id, skills }: Pick<TaskAbout, 'id' | 'skills'>,
  present: readonly Present[],
  given: Readonly<Record<string, string>>,
): readonly string[] => {
  const to = given[id];
  if (to !== undefined && present.some(({ name }) => name === to)) return [to];
  return present.filter(({ cannot }) => !skills.some((skill) => cannot?.includes(skill))).map(({ name }) => name);
};

/** Who is there, and who may do what of a session. */
export const peopleFor = (
  { problem, about }: { readonly problem: Pick<Problem, 'tasks'>; readonly about: Readonly<Record<string, TaskAbout>> },
  present: readonly Present[],
  given: Readonly<Record<string, string>> = {},
) => ({
  present,
  may: Object.fromEntries(
    problem.tasks.flatMap(({ id }) => {
      const task = about[id];
      return task ? [[id, mayDo(task, present, given)]] : [];
    }),
  ),
});

/** What only some of those who cook may do takes their hands, and not those of the others. */
export function handsOf(
  tasks: readonly ProblemTask[],
  about: Readonly<Record<string, TaskAbout>>,
  present: readonly Present[],
  given: Readonly<Record<string, string>>,
): { readonly resources: readonly Resource[]; readonly uses: readonly ProblemUse[] } {
  const units = new Map<string, number>();
  const uses: ProblemUse[] = [];
  for (const { id, attention } of tasks) {
    const task = about[id];
    if (!task || attention !== 'full') continue;
    const who = mayDo(task, present, given);
    if (who.length === 0 || who.length === present.length) continue;
    const resource = resourceId({ is: 'hands', of: who });
    units.set(resource, who.length);
    uses.push({ id: `${resource}/${id}`, resource, from: id, to: id, units: 1 });
  }
  return { resources: [...units].map(([id, n]): Resource => ({ id, kind: 'shared', units: n })), uses };
}
