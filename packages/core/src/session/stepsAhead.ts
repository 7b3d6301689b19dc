import type { Equipment } from '../kitchen/index.ts';
import type { Ahead, PlannedBatch } from './expand.ts';
import { goesInto } from './goesInto.ts';
import { leadOf } from './leadOf.ts';

/** What of a batch must have begun before its session: its steps ahead, without taking the rest of it apart. */
export function stepsAhead({ id: batch, scaled }: PlannedBatch, equipment: Equipment): readonly Ahead[] {
  const { recipe } = scaled;
  const ahead = recipe.steps.filter((step) => step.kind === 'ahead');
  if (ahead.length === 0) return [];
  const { goesIn } = goesInto(scaled, equipment);
  return ahead.map((step) => ({
    batch,
    dish: recipe.component.name,
    name: step.name,
    ...leadOf(step, recipe.steps),
    goesIn: goesIn(step.id, 1, 0),
    cautions: step.cautions ?? [],
  }));
}
