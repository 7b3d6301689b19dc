import { dayAt } from '@kestrel-ridge/core/quantity';
import { finishOf, type KitchenView } from '@kestrel-ridge/core/view';
import { clockAt, dayName } from '../parts/times.ts';
import type { PlanResult } from '../session/planSlice.ts';

export interface NextThing {
  readonly heading: string;
  readonly text: string;
  readonly to: string;
  readonly action: string;
}

/** The one thing to do next, as the answer at the top of the day. */
export function nextThing(view: KitchenView, plan: PlanResult | null): NextThing {
  const { session, batches, lots, today, kitchen } = view;
  const open = batches.filter((batch) => batch.state.status === 'planned');
  const zone = kitchen.equipment.zone;
  if (lots.length === 0)
    return {
      heading: 'Begin with the shelf',
      text: 'Say what is in cupboard, fridge and freezer: one line each is enough.',
      to: '/shelf',
      action: 'Take stock',
    };
  if (session?.status === 'running' && open.length > 0)
    return {
      heading: 'The session is under way',
      text: `${open.length} of ${batches.length} dishes are not put away yet.`,
      to: '/cook/run',
      action: 'Go on cooking',
    };
  if (session?.status === 'planned' && open.length > 0) {
    const start = Date.parse(session.startsAt);
    const on = dayAt(new Date(start), zone);
    const when = on === today ? `at ${clockAt(start, zone)}` : `${dayName(on)} at ${clockAt(start, zone)}`;
    const end = plan?.session === session.id ? finishOf(session, plan) : undefined;
    const finish = end
      ? `Done by ${clockAt(end.at, zone)}${end.settled ? '' : ', or sooner: looking for a shorter plan'}. `
      : '';
    return {
      heading: `Cook ${when}`,
      text: `${finish}${open.map((batch) => batch.recipe.document.component.name).join(', ')}.`,
      to: '/cook',
      action: 'See the plan',
    };
  }
  const portions = lots.filter((lot) => lot.state.portionG !== null);
  if (portions.length > 0)
    return {
      heading: 'Eat from the boxes',
      text: 'The session is done and put away. What keeps least comes first.',
      to: '/eat',
      action: 'Fill plates',
    };
  return {
    heading: 'Decide the week',
    text: 'Choose a few dishes and see how far each one reaches.',
    to: '/week',
    action: 'Choose dishes',
  };
}
