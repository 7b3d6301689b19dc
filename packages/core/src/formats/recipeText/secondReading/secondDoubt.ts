import type { MethodStep } from '../readMethodStep.ts';
import type { StepDoubt } from '../stepDoubt.ts';
import { likelySortsOf } from './likelySorts.ts';
import { placesLikely, SORT_WORDS } from './placesLikely.ts';
import { isOnlyHandwork } from './signsOf.ts';
import { sortOf } from './stepSort.ts';

/**
 * Held for less likely than this, what was read is asked. Of texts that nothing was learned from, that is one step in thirty; of the steps that were misread before they were in the
 * corpus it is eight in ten (counted on them, no published source).
 */
export const UNLIKELY = 0.2;
/** Of what takes long more hangs on it: it is asked sooner, min. */
const LONG = 15;
export const UNLIKELY_LONG = 0.35;
/** Knives and dough take their time, and what is mixed for so long does. */
const CUTS =
  /\b(?:peel|chop|cut|slic|dic|grat|knead|shap|roll|form|pick|shell|pod|ston|wrap|stuff|wash|julienn|trim|core)\w*|\b(?:mix|stir|whisk|beat|mash|massage|rub|fill|toss)\w*(?: \w+){0,4} for (?:about )?\d/i;
/** Hands are on nothing that is covered. */
const WAITS = /\b(?:cover|counter|worktop|towel|cloth|fridge|leave|left)/i;
/** Beside what was read. */
const OTHERS = 2;

/**
 * A step whose place or hands were read as its words seldom mean them: it is asked. The first reading goes by rules, this second one by how often the words of a step stood in
 * steps of each sort; where the two are apart, neither is believed.
 * @example secondDoubt(readMethodStep('Cover in a bowl 10 minutes; peel and seed.'))?.question // read as handwork
 */
export function secondDoubt(step: MethodStep, before?: MethodStep): StepDoubt | undefined {
  const known = DOUBTS.get(step);
  if (known && known.before === before) return known.doubt;
  const doubt = doubtOf(step, before);
  DOUBTS.set(step, { before, doubt });
  return doubt;
}

/** Who types asks the same of nearly every step again. */
const DOUBTS = new WeakMap<
  MethodStep,
  { readonly before: MethodStep | undefined; readonly doubt: StepDoubt | undefined }
>();

function doubtOf(step: MethodStep, before: MethodStep | undefined): StepDoubt | undefined {
  if (!step.timed || step.kind !== 'work' || step.afterwards) return undefined;
  const read = sortOf(step);
  // An appliance has its name in the text; what is only cut and kneaded is handwork, however long.
  if (
    read === 'appliance' ||
    (read === 'hands' && isOnlyHandwork(step) && CUTS.test(step.text) && !WAITS.test(step.text))
  )
    return undefined;
  const share = likelySortsOf(step, before).find(({ sort }) => sort === read)?.share ?? 0;
  if (share >= (step.minutes.latest >= LONG ? UNLIKELY_LONG : UNLIKELY)) return undefined;
  return {
    question: `Is it ${SORT_WORDS[read]}?`,
    choices: [
      { label: 'yes', text: step.text },
      ...placesLikely(step, before)
        .filter(({ label }) => label !== SORT_WORDS[read])
        .slice(0, OTHERS)
        .map(({ label, text }) => ({ label: `no, ${label}`, text })),
    ],
  };
}
