import type { SessionTasks } from './expand.ts';
import { cutTogether, shareOutTask, theEveningBefore } from './knifeWork.ts';
import { handsOf, hoursAway, mayDo, type Present } from './people.ts';
import type { Away, ProblemLink } from './problem.ts';
import type { SessionFault } from './sessionFault.ts';
import type { TaskAbout } from './taskAbout.ts';
import type { Wishes } from './wishes.ts';

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
