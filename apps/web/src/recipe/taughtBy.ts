import type { BatchState, RecipeState } from '@kestrel-ridge/core/formats';
import { dayAt } from '@kestrel-ridge/core/quantity';
import { hasCorrections } from '@kestrel-ridge/core/scaling';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { longDayName } from '../parts/times.ts';

export interface Taught {
  readonly batch: BatchState;
  /** "Sunday" */
  readonly when: string;
}

/** Batches that were put away, cooked by the newest revision, and in which something went otherwise than written: the latest first. */
export function taughtBy(view: KitchenView, recipe: RecipeState): readonly Taught[] {
  return view.week.batches
    .filter(
      (batch) =>
        batch.recipe === recipe.id &&
        batch.revision === recipe.number &&
        batch.status === 'put away' &&
        hasCorrections(recipe.document, batch),
    )
    .flatMap((batch) => {
      const session = view.week.sessions.find((each) => each.id === batch.session);
      return session
        ? [
            {
              batch,
              at: session.startsAt,
              when: longDayName(dayAt(new Date(session.startsAt), view.kitchen.equipment.zone)),
            },
          ]
        : [];
    })
    .sort((a, b) => b.at.localeCompare(a.at));
}
