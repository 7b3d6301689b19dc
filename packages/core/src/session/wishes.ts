import type { SessionTasks } from './expand.ts';
import { cutTogether, shareOutTask, theEveningBefore } from './knifeWork.ts';
import { handsOf, hoursAway, mayDo, type Present } from './people.ts';
import type { Away, ProblemLink } from './problem.ts';
import type { SessionFault } from './sessionFault.ts';
import type { TaskAbout } from './taskAbout.ts';

/** What the cook has said about a plan. What is not said is left out. */
export interface Wishes {
  /** Tasks in their minute. */
  readonly pins: Readonly<Record<string, number>>;
  /** Minutes in which nobody cooks. */
  readonly breaks: readonly Pick<Away, 'from' | 'to'>[];
  /** Of two tasks, which comes first: the other starts when it has ended. */
  readonly orders?: readonly (readonly [first: string, then: string])[];
  /** Tasks given to a person, by name. */
  readonly given?: Readonly<Record<string, string>>;
  /** Knife work done in one go. */
  readonly together?: readonly (readonly string[])[];
  /** Knife work shared by two. */
  readonly shared?: readonly string[];
  /** Knife work done the evening before. */
  readonly ahead?: readonly string[];
  /** What had to begin before the session, and has: by its name and dish. */
  readonly begun?: readonly string[];
  /** Rather a plan that holds when things take longer than the shortest one. */
  readonly steady?: boolean;
}

export const NO_WISHES: Wishes = { pins: {}, breaks: [] };

export const saysNothing = (wishes: Wishes): boolean =>
  Object.values(wishes).every((each: unknown) => !each || (typeof each === 'object' && Object.keys(each).length === 0));

const sorted = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(
        Object.entries(value)
          .filter(([, each]) => each !== undefined)
          .sort(([a], [b]) => (a < b ? -1 : 1))
          .map(([name, each]) => [name, sorted(each)]),
      )
    : value;

/** Do two say the same, in whatever order their parts stand? */
export const sameWishes = (a: Wishes, b: Wishes): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

const isText = (value: unknown): value is string => typeof value === 'string' && value.length <= 400;
const isMinute = (value: unknown): value is number =>
  Number.isInteger(value) && Number(value) >= 0 && Number(value) <= 10_000;
const isTexts = (value: unknown): boolean => Array.isArray(value) && value.length <= 200 && value.every(isText);
const isRecordOf = (value: unknown, of: (each: unknown) => boolean): boolean =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && Object.values(value).every(of);
const isListOf = (value: unknown, of: (each: unknown) => boolean): boolean =>
  Array.isArray(value) && value.length <= 200 && value.every(of);

const SHAPE: Readonly<Record<keyof Wishes, (value: unknown) => boolean>> = {
  pins: (value) => isRecordOf(value, isMinute),
  breaks: (value) =>
    isListOf(value, (each) => {
      const { from, to } = (each ?? {}) as { from?: unknown; to?: unknown };
      return isMinute(from) && isMinute(to) && from < to;
    }),
  orders: (value) => isListOf(value, (each) => isTexts(each) && (each as unknown[]).length === 2),
  given: (value) => isRecordOf(value, isText),
  together: (value) => isListOf(value, isTexts),
  shared: isTexts,
  ahead: isTexts,
  begun: isTexts,
  steady: (value) => typeof value === 'boolean',
};

/** Is something from outside what a cook can say of a plan? */
export const isWishes = (value: unknown): value is Wishes =>
  typeof value === 'object' &&
  value !== null &&
  'pins' in value &&
  'breaks' in value &&
  Object.entries(value).every(([name, each]) => SHAPE[name as keyof Wishes]?.(each) ?? false);

/** The session with what the cook has said in it, and those who cook. What is said of tasks that are not in it any more falls away. */
export function withWishes(tasks: SessionTasks, wishes: Wishes, present: readonly Present[]): SessionTasks {
  let cut = tasks;
  for (const id of wishes.ahead ?? []) cut = theEveningBefore(cut, id);
  for (const ids of wishes.together ?? []) cut = cutTogether(cut, ids);
  for (const id of wishes.shared ?? []) cut = shareOutTask(cut, id);
  const { problem, about } = cut;
  const hands = handsOf(problem.tasks, about, present, wishes.given ?? {});
  const away: readonly Away[] = [
    ...hoursAway(present),
    ...wishes.breaks.map(({ from, to }) => ({ from, to, hands: problem.cooks })),
  ];
  return {
    ...cut,
    problem: {
      ...problem,
      tasks: problem.tasks.map((task) => {
        const at = wishes.pins[task.id];
        // What only somebody may do who comes later starts when they are there.
        const notBefore = thereFrom(about[task.id], present, wishes.given);
        return {
          ...task,
          ...(at === undefined ? {} : { at }),
          ...(task.attention === 'full' && notBefore > 0 ? { notBefore } : {}),
        };
      }),
      links: [...problem.links, ...ordersOf(wishes, about, problem.links)],
      resources: [...problem.resources, ...hands.resources],
      uses: [...problem.uses, ...hands.uses],
      ...(away.length > 0 ? { away } : {}),
    },
    faults: [...cut.faults, ...nobodyCan(cut, present, wishes)],
  };
}

const thereFrom = (task: TaskAbout | undefined, present: readonly Present[], given: Wishes['given']): number => {
  const may = task ? mayDo(task, present, given ?? {}) : [];
  const from = present.filter(({ name }) => may.includes(name)).map((person) => person.from);
  return from.length > 0 ? Math.min(...from) : 0;
};

const ordersOf = (
  { orders }: Wishes,
  about: SessionTasks['about'],
  links: readonly ProblemLink[],
): readonly ProblemLink[] =>
  (orders ?? [])
    .filter(([first, then]) => about[first] && about[then] && !leads(links, then, first))
    .map(([from, to]) => ({ from, to, min: 0, max: null }));

/** Is there a way of waits from one task to another? */
function leads(links: readonly ProblemLink[], from: string, to: string): boolean {
  const seen = new Set([from]);
  for (const at of seen) for (const link of links) if (link.from === at) seen.add(link.to);
  return seen.has(to);
}

const nobodyCan = (
  { problem, about }: SessionTasks,
  present: readonly Present[],
  { given }: Wishes,
): readonly SessionFault[] =>
  problem.tasks.flatMap(({ id, attention }): SessionFault[] => {
    const task = about[id];
    return task && attention === 'full' && mayDo(task, present, given ?? {}).length === 0
      ? [{ kind: 'nobody can', batch: task.batch, dish: task.dish, task: task.name }]
      : [];
  });
