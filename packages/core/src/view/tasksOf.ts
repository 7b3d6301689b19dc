import type { SessionState } from '../formats/index.ts';
import {
  expandSession,
  peopleFor,
  presentAt,
  withWishes,
  type Present,
  type SessionTasks,
  type Wishes,
} from '../session/index.ts';
import type { KitchenView, ScaledBatchView } from './kitchenView.ts';
import type { Asked } from './planned.ts';

/** Batches of the session at hand that are still to be cooked. */
export const openOf = ({ batches, session }: Pick<KitchenView, 'batches' | 'session'>): readonly ScaledBatchView[] =>
  batches.filter(({ state }) => state.status === 'planned' && state.session === session?.id);

/** A session as it is planned: its tasks with what the cook has said of them, and who is there. */
export interface DayTasks {
  readonly tasks: SessionTasks;
  /** The same before the cook said anything: what else may be said. */
  readonly unsaid: SessionTasks;
  readonly present: readonly Present[];
  readonly asked: Asked;
}

/** The tasks of batches in this kitchen, the same for the same batches in whatever order they come. */
export function tasksOf(
  session: Pick<SessionState, 'id' | 'startsAt'>,
  batches: readonly ScaledBatchView[],
  equipment: KitchenView['kitchen']['equipment'],
  cooks: number,
  wishes: Wishes,
): DayTasks {
  const unsaid = expandSession(
    session.id,
    batches.map(({ state, scaled }) => ({ id: state.id, scaled })).sort((a, b) => a.id.localeCompare(b.id)),
    equipment,
    cooks,
  );
  const present = presentAt(equipment.people, cooks, Date.parse(session.startsAt), equipment.zone);
  const tasks = withWishes(unsaid, wishes, present);
  return {
    tasks,
    unsaid,
    present,
    asked: {
      problem: tasks.problem,
      people: peopleFor(tasks, present, wishes.given),
      ...(wishes.steady ? { steady: spreadsOf(tasks) } : {}),
    },
  };
}

/** How long each step may take, where that is a window. */
export const spreadsOf = ({ about }: Pick<SessionTasks, 'about'>) =>
  Object.fromEntries(
    Object.values(about)
      .filter(({ window }) => window.earliest !== window.latest)
      .map(({ id, window }) => [id, window]),
  );

interface SessionDay {
  readonly session: SessionState;
  readonly day: DayTasks;
}
/** A state of the week is never changed in place: its sessions are taken apart once. */
const daysKnown = new WeakMap<
  KitchenView['batches'],
  { readonly from: readonly unknown[]; readonly days: readonly SessionDay[] }
>();

/** Every planned session with what is cooked in it, as it is planned. */
export function plannedTasks({
  week,
  batches,
  kitchen: { equipment },
}: Pick<KitchenView, 'week' | 'batches' | 'kitchen'>): readonly SessionDay[] {
  const from = [week.sessions, equipment];
  const known = daysKnown.get(batches);
  if (known?.from.every((each, n) => each === from[n])) return known.days;
  const days = week.sessions
    .filter(({ status }) => status === 'planned')
    .flatMap((session) => {
      const mine = batches.filter(({ state }) => state.status === 'planned' && state.session === session.id);
      return mine.length === 0
        ? []
        : [{ session, day: tasksOf(session, mine, equipment, session.cooks, session.wishes) }];
    });
  daysKnown.set(batches, { from, days });
  return days;
}
