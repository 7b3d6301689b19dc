import { Fraction } from '../quantity/index.ts';
import type { Revision } from './revision.ts';

/** Something a recipe says that cannot be cooked. */
export interface RecipeFault {
  readonly field: string;
  readonly fault: string;
  readonly remedy: string;
}

/** What is wrong with a recipe; an empty list means that it can be scaled and cooked. */
export function faultsOf(recipe: Revision): readonly RecipeFault[] {
  const faults: RecipeFault[] = [];
  const steps = new Set(recipe.steps.map((step) => step.id));
  const say = (field: string, fault: string, remedy: string) => faults.push({ field, fault, remedy });

  if (!recipe.name.trim()) say('name', 'The recipe has no name.', 'Give it one.');
  if (!(recipe.portions > 0))
    say('portions', 'It makes no portions.', 'Say how many portions the written amounts make.');
  if (recipe.lines.length === 0) say('lines', 'Nothing goes in.', 'Add at least one ingredient.');
  if (steps.size !== recipe.steps.length) say('steps', 'Two steps share an id.', 'Give each step its own.');

  for (const line of recipe.lines) {
    const shares = line.into.reduce((sum, { share }) => sum.add(new Fraction(share)), new Fraction(0));
    if (!shares.equals(1))
      say(
        `lines.${line.id}`,
        `Its shares add up to ${shares.toFraction(true)}.`,
        'Let the shares over the steps add up to 1.',
      );
    for (const { step } of line.into)
      if (!steps.has(step))
        say(`lines.${line.id}`, `It goes into a step "${step}" that is not there.`, 'Name a step of this recipe.');
    if (line.law.law === 'water for grain') {
      const grain = line.law.grain;
      if (!recipe.lines.some((other) => other.id === grain))
        say(`lines.${line.id}`, `It follows a grain "${grain}" that is not there.`, 'Name the grain’s line.');
    }
  }
  for (const step of recipe.steps)
    for (const { step: before, min, max } of step.after) {
      if (!steps.has(before))
        say(`steps.${step.id}`, `It waits for a step "${before}" that is not there.`, 'Name a step of this recipe.');
      if (max !== null && max < min)
        say(
          `steps.${step.id}`,
          `It may wait ${max} min at most but must wait ${min}.`,
          'Make the longest wait at least the shortest.',
        );
    }
  for (const use of recipe.uses)
    for (const end of [use.from, use.to])
      if (!steps.has(end))
        say('uses', `The ${use.station} is held by a step "${end}" that is not there.`, 'Name a step of this recipe.');
  if (waitsInACircle(recipe)) say('steps', 'Steps wait for each other in a circle.', 'Take one of the waits away.');
  return faults;
}

function waitsInACircle(recipe: Revision): boolean {
  const open = new Map(recipe.steps.map((step) => [step.id, new Set(step.after.map((after) => after.step))]));
  for (;;) {
    const free = [...open].filter(([, waits]) => [...waits].every((id) => !open.has(id)));
    if (free.length === 0) return open.size > 0;
    for (const [id] of free) open.delete(id);
  }
}
