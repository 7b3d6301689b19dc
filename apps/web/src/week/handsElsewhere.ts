import { appNow } from '../parts/appNow.ts';
import { NO_WISHES } from '@kestrel-ridge/core/session';
import { dayAt, type Because, type Day } from '@kestrel-ridge/core/quantity';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { duration } from '../parts/times.ts';
import { tasksOf } from '@kestrel-ridge/core/view';

export interface HandsElsewhere {
  readonly day: Day;
  readonly dishes: readonly string[];
  readonly because: Because;
}

/** Hands of a day to which dishes are moved while they are tried there: theirs, and those of what is planned for it anyway, before washes and waits. */
export function handsElsewhere(
  view: KitchenView,
  tried: KitchenView,
  days: Readonly<Record<string, Day>>,
): readonly HandsElsewhere[] {
  const { zone } = view.kitchen.equipment;
  const moved = tried.batches.filter(({ state }, n) => state.session !== view.batches[n]?.state.session);
  const sessions = [...new Set(moved.map(({ state }) => state.session))];
  return sessions.flatMap((session): HandsElsewhere[] => {
    const there = tried.batches.filter(({ state }) => state.session === session && state.status === 'planned');
    const dishes = moved.filter(({ state }) => state.session === session);
    const day =
      days[dishes[0]?.state.id ?? ''] ??
      dayAt(new Date(view.week.sessions.find(({ id }) => id === session)?.startsAt ?? appNow()), zone);
    const parts = there.map((batch) => {
      const { tasks } = tasksOf(batch.session, [batch], view.kitchen.equipment, 1, NO_WISHES);
      const minutes = tasks.problem.tasks
        .filter(({ attention }) => attention === 'full')
        .reduce((sum, task) => sum + task.minutes, 0);
      return { name: batch.recipe.document.component.name, minutes };
    });
    return [
      {
        day,
        dishes: dishes.map(({ recipe }) => recipe.document.component.name),
        because: {
          rule: 'the steps that need hands; washes between them come with the plan of that day',
          figure: duration(parts.reduce((sum, { minutes }) => sum + minutes, 0)),
          parts: parts.map(({ name, minutes }) => ({ rule: name, figure: duration(minutes) })),
        },
      },
    ];
  });
}
