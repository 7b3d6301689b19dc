import { goingBy, type FigureKey } from '../learn/index.ts';
import type { OwnLine } from '../kitchen/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { openOf, tasksOf } from './tasksOf.ts';

/**
 * By how many minutes all tasks together of the session at hand would be longer, if plans went by a figure; below nothing: shorter. Undefined where no session is planned.
 * @example whatItChanges(view, { kind: 'hands', of: '' }, { value: 0.9, source: 'this kitchen, 40 steps' }) // -21
 */
export function whatItChanges(view: KitchenView, key: FigureKey, figure: OwnLine | undefined): number | undefined {
  const { session, kitchen } = view;
  const open = openOf(view);
  if (!session || open.length === 0) return undefined;
  const minutes = (equipment: KitchenView['kitchen']['equipment']): number =>
    tasksOf(session, open, equipment, session.cooks, session.wishes).tasks.problem.tasks.reduce(
      (sum, task) => sum + task.minutes,
      0,
    );
  return minutes(goingBy(kitchen.equipment, key, figure)) - minutes(kitchen.equipment);
}
