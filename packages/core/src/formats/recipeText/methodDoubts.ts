import { plainSigns } from '../../quantity/index.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import { heldFor } from './pressureIn.ts';
import { timesIn } from './timesIn.ts';
import type { MethodStep } from './readMethodStep.ts';

/** Something a step does not say and a plan needs; each choice is the step as it would say it. */
export interface StepDoubt {
  readonly question: string;
  readonly choices: readonly { readonly label: string; readonly text: string }[];
}

/** On a hob or in an oven for as long as somebody says: what is only brought to the boil is no wait. */
const WAITS = /\b(?:simmer|bake|roast|braise|steam|boil|grill|broil)\b/i;
const BROUGHT =
  /\bbring\b|\bto (?:a|the) (?:boil|simmer)\b|\buntil (?:it|they) boils?\b|\bpre-?heat\b|\bheat the oven\b/i;

const more = (text: string, words: string): string => `${text.replace(/[.\s]+$/, '')}, ${words}.`;
/** A time at low pressure is none at high: the one that is chosen takes its place. */
const atHigh = (text: string, n: number): string => {
  const [time] = timesIn(text);
  const high = time ? `${text.slice(0, time.at)}${n} minutes${text.slice(time.end)}` : heldFor(text, n);
  return high.replace(/\blow pressure\b/i, 'high pressure');
};
const minutesOf = (text: string, list: readonly number[]) =>
  list.map((n) => ({ label: `${n} min`, text: more(text, `${n} minutes`) }));

/** What has to be asked of a step; undefined: it says all that a plan needs, or a guess does no harm. */
export function doubtOfStep(step: MethodStep): StepDoubt | undefined {
  const { text } = step;
  if (step.kind === 'pressure') {
    if (step.low)
      return {
        question: 'Plans here know high pressure alone. How long would it be at high?',
        choices: [3, 5, 10, 15].map((n) => ({ label: `${n} min`, text: atHigh(text, n) })),
      };
    if (!step.timed)
      return {
        question: 'How long at pressure?',
        choices: [5, 10, 20, 30].map((n) => ({ label: `${n} min`, text: heldFor(text, n) })),
      };
    if (!step.release)
      return {
        question: 'How is the pressure let out?',
        choices: [
          { label: 'by itself', text: more(text, 'natural release') },
          { label: '10 min by itself, then vented', text: more(text, 'natural release 10, then vent') },
          { label: 'at once', text: more(text, 'quick release') },
        ],
      };
    return undefined;
  }
  if (step.kind === 'ahead')
    return step.hours
      ? undefined
      : {
          question: 'How long does it soak?',
          choices: [
            { label: 'overnight, 8 to 20 h', text: more(text, '8 to 20 hours') },
            { label: '1 h', text: more(text, '1 hour') },
          ],
        };
  const plain = plainSigns(text);
  if (!step.timed && WAITS.test(plain) && !BROUGHT.test(plain))
    return { question: 'How long?', choices: minutesOf(text, [5, 10, 20, 40]) };
  return undefined;
}

/** Beans that are soaked before they are cooked, unless somebody says otherwise. Common practice, no published source. */
const SOAKED = /\b(?:beans?|borlotti|chickpeas?|soya|black-eyed peas|fava|butter beans|pinto|navy|cannellini)\b/i;
const DRY = /\b(?:dry|dried)\b/i;
const DONE = /\b(?:tin(?:ned|s)?|can(?:ned|s)?|cooked|jar|frozen|fresh|green|soaked|sprouts?|paste|flour)\b/i;

/** Dry beans of which the method does not say that they are soaked: their name. */
export function unsoaked(lines: readonly IngredientLine[], steps: readonly MethodStep[]): string | undefined {
  if (steps.some(({ text }) => /\bsoak/i.test(text))) return undefined;
  const dry = lines.find(({ food, text, form }) => {
    if (!food) return false;
    const words = `${text} ${form ?? ''}`;
    const isBean = food.facts.hazard === 'boil beans hard' || (food.facts.kind === 'legume' && SOAKED.test(food.name));
    return isBean && food.facts.base === 'g' && !DONE.test(food.name) && (!DONE.test(words) || DRY.test(words));
  });
  return dry?.food?.name;
}
