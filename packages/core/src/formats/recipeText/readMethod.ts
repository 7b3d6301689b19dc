import { plainSigns } from '../../quantity/index.ts';
import { OVEN, celsiusIn } from './ovenHeat.ts';
import { HEAT_ALONE, aheadStep, readMethodStep, type MethodStep } from './readMethodStep.ts';

/** Something was made before it, and nothing but serving comes behind: it is no lead of the session, but what follows it. */
const standsAtTheEnd = (steps: readonly MethodStep[], n: number): boolean => {
  const step = steps[n];
  return (
    step?.kind === 'ahead' &&
    step.hours !== undefined &&
    !/\bsoak|\bsprout/i.test(step.text) &&
    steps.slice(0, n).some(({ kind }) => kind !== 'ahead') &&
    steps.slice(n + 1).every(({ kind, timed, station }) => kind === 'work' && !timed && station === undefined)
  );
};

const afterwards = ({ hours, ...step }: MethodStep): MethodStep => ({
  ...step,
  kind: 'work',
  attention: { needs: 'hands' },
  ...(hours ? { afterwards: hours } : {}),
});

/** "Repeat with the rest", "second lot while the first is kept warm" */
const ONCE_MORE =
  /\brepeat\b|^(?:then )?(?:the )?(?:second|2nd|next) (?:lot|batch|trayful|panful|load)\b|\b(?:same|again) with the (?:second|rest|other|remaining)\b/i;

/** The steps of a method, each knowing the one before it, and how hot the oven was said to be. */
export function readMethod(texts: readonly string[]): readonly MethodStep[] {
  const steps: MethodStep[] = [];
  let heated: number | undefined;
  for (const text of texts) {
    const step = readMethodStep(text, steps.at(-1), heated);
    const said = celsiusIn(plainSigns(text));
    if (
      said !== undefined &&
      (OVEN.test(text) || /^pre-?heat\b/i.test(text) || step.station === 'oven' || HEAT_ALONE.test(text))
    )
      heated = said;
    const timed = steps.findLast((before) => before.timed && before.kind === 'work');
    steps.push(
      ONCE_MORE.test(text) && !step.timed && step.kind === 'work' && timed
        ? { ...step, again: { minutes: timed.minutes.expected, ...(timed.station ? { station: timed.station } : {}) } }
        : step,
    );
  }
  return withLeadsMidway(steps.map((step, n) => (standsAtTheEnd(steps, n) ? afterwards(step) : step)));
}

/** Said of a lead: all that stands before it is done before it, or it is begun by itself. */
export const WITH_ALL_BEFORE = 'with all that stands before it';
export const BY_ITSELF_AHEAD = 'by itself ahead';

/** A dough that rests overnight is kneaded the evening before: what stands before a lead is begun with it, once somebody has said so. */
function withLeadsMidway(steps: readonly MethodStep[]): readonly MethodStep[] {
  const last = steps.findLastIndex(({ kind, text }) => kind === 'ahead' && text.includes(WITH_ALL_BEFORE));
  return steps.map((step, n) => {
    if (n < last && step.kind !== 'ahead') return { ...aheadStep(step.text, quartersFor(step)), ...placeOf(step) };
    const midway =
      n > last &&
      step.kind === 'ahead' &&
      step.hours !== undefined &&
      !/\bsoak|\bsprout/i.test(step.text) &&
      !step.text.includes(BY_ITSELF_AHEAD) &&
      steps.slice(Math.max(0, last), n).some(({ kind }) => kind !== 'ahead');
    return midway ? { ...step, midway } : step;
  });
}

/** How long before the next of them it is begun, h: its minutes, in quarters of an hour. */
function quartersFor({ minutes }: MethodStep): { readonly least: number; readonly most: number } {
  const hours = Math.ceil(minutes.expected / 15) / 4;
  return { least: hours, most: hours };
}

const placeOf = ({ station, celsius, grill }: MethodStep) => ({
  ...(station ? { station } : {}),
  ...(celsius === undefined ? {} : { celsius }),
  ...(grill ? { grill } : {}),
});
