import type { CautionId } from '../../food/index.ts';
import type { WorkStep } from '../../recipe/index.ts';
import type { MethodStep } from './readMethodStep.ts';

const WARM = /\b(?:warm|hot|simmer|boil|fry|sweat|bake|roast|steam|cook|pressure)/i;
const BLENDS = /\b(?:blend|pur[eé]e|whizz)/i;
const COOLED = /\b(?:cool|cold|chill)/i;

/** Cautions that a step's own words ask for: each of them where it applies. `sofar` is the method up to and with this step. */
export function cautionsIn(step: MethodStep, sofar: string, last: boolean): Pick<WorkStep, 'cautions'> {
  const cautions: CautionId[] = [
    ...(BLENDS.test(step.text) && WARM.test(sofar) && !COOLED.test(step.text) ? (['hot blend'] as const) : []),
    ...(step.station === 'oven' ? (['hot oven'] as const) : []),
    ...(last && WARM.test(sofar) ? (['cooling'] as const) : []),
  ];
  return cautions.length > 0 ? { cautions } : {};
}
