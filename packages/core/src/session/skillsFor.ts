import type { Skill } from '../kitchen/index.ts';
import type { Revision, Step } from '../recipe/index.ts';

const CUTTING = /\b(cut|chop|slice|dice|peel|trim|grate|shred|mince|quarter|halve|strip)\b/i;

/** Is it knife work: what may be shared, given away, or done the evening before? */
export const isCutting = (step: Step): boolean =>
  step.kind === 'work' && step.attention.needs === 'hands' && CUTTING.test(step.name);

/** What somebody has to be able to do for the hands of a step. */
export function skillsFor(step: Step, { uses }: Pick<Revision, 'uses'>): readonly Skill[] {
  const at = (station: string) => uses.some((use) => use.station === station && [use.from, use.to].includes(step.id));
  return [
    ...(isCutting(step) ? (['knife'] as const) : []),
    ...(step.kind === 'pressure' ? (['pressure'] as const) : []),
    ...(at('oven') ? (['hot oven'] as const) : []),
    ...(at('jug') ? (['blender'] as const) : []),
  ];
}
