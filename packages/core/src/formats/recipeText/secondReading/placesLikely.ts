import type { MethodStep } from '../readMethodStep.ts';
import { more, type StepDoubt } from '../stepDoubt.ts';
import { likelySortsOf } from './likelySorts.ts';
import type { StepSort } from './stepSort.ts';

/** Each sort as it stands in a question or a choice. */
export const SORT_WORDS: Readonly<Record<StepSort, string>> = {
  hands: 'in somebody’s hands',
  stands: 'left to stand',
  'at the hob': 'on the hob, somebody at it',
  'on the hob': 'on the hob by itself',
  oven: 'in the oven',
  blender: 'in the blender',
  appliance: 'in that appliance',
};

/** What is said behind a step, so that it is read so; a blender and an appliance are said by their names. */
const SAID: Readonly<Partial<Record<StepSort, string>>> = {
  hands: 'by hand',
  stands: 'left to stand',
  'at the hob': 'on the hob, by hand',
  'on the hob': 'simmering by itself on the hob',
  oven: 'by itself in the oven',
};

/** Where a step may be, and by whom it is looked after, as choices: the likeliest by its words first. */
export const placesLikely = (step: MethodStep, before: MethodStep | undefined): StepDoubt['choices'] =>
  likelySortsOf(step, before).flatMap(({ sort }) => {
    const said = sort === 'oven' && step.after === 'oven' ? 'back in the oven' : SAID[sort];
    return said === undefined ? [] : [{ label: SORT_WORDS[sort], text: more(step.text, said) }];
  });
