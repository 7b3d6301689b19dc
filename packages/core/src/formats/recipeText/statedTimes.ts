import type { MethodStep } from './readMethodStep.ts';
import type { RecipeText } from './recipeText.ts';
import { durationsIn } from './timesIn.ts';

/** A time that a text states of the whole, and what its steps come to, minutes. */
export interface TimesApart {
  readonly of: 'cooking' | 'all of it';
  readonly stated: number;
  readonly steps: { readonly from: number; readonly to: number };
}

const SAID: readonly (readonly [of: TimesApart['of'], words: RegExp])[] = [
  ['cooking', /\b(?:cook(?:ing)?|bak(?:e|ing)|roast(?:ing)?)\b(?:\s*time)?\s*:?\s*([^;|·•.,()]*)/i],
  ['all of it', /\b(?:total|ready in|all in(?: all)?|takes)\b(?:\s*time)?\s*:?\s*([^;|·•.,()]*)/i],
];

/** Until a sealed cooker is at pressure, and until it comes down by itself. Common practice, no published source. */
const COME_UP = 15;
const COME_DOWN = 15;
/** Minutes in which nobody is in doubt: a text rounds, and does not count what is done beside. Common practice, no published source. */
const ROUNDED = 15;
const LONGER = 1.75;
const SHORTER = 0.5;
const LONGEST_STATED = 600;

/**
 * A stated time that the steps cannot come to, as they were read: a time was lost, or read where there is none. Nothing where none is stated, or where a step is
 * asked about anyway.
 * @example timesApart({ notes: ['Cook: 30 min'], … }, [bakedFor(90)]) // { of: 'cooking', stated: 30, steps: { from: 90, to: 90 } }
 */
export function timesApart({ notes = [] }: RecipeText, steps: readonly MethodStep[]): TimesApart | undefined {
  const now = steps.filter(({ kind, afterwards }) => kind !== 'ahead' && !afterwards);
  // A soak or a chill may be in somebody's total: then it says nothing of what is too short.
  const waits = now.length < steps.length;
  for (const [of, words] of SAID) {
    // "10 min prep | 8 hrs": the longest of them is the whole.
    const [stated] = notes
      .flatMap((note) => durationsIn(words.exec(note)?.[1] ?? '').slice(0, 1))
      .sort((a, b) => b.to - a.to);
    if (!stated || stated.to > LONGEST_STATED) continue;
    // What stands and cools is in nobody's cooking time, and in some people's total.
    const working = now.filter((step) => isOnHeat(step) || (of === 'all of it' && step.attention.needs !== 'nobody'));
    const from = sum(working, ({ earliest }) => earliest);
    const to = sum(
      of === 'cooking' ? working.concat(now.filter((step) => !isOnHeat(step))) : now,
      ({ latest }) => latest,
    );
    if (from > LONGER * stated.to + ROUNDED || ((of === 'cooking' || !waits) && to < SHORTER * stated.from - ROUNDED))
      return { of, stated: stated.to, steps: { from, to } };
  }
  return undefined;
}

const isOnHeat = ({ kind, station }: MethodStep): boolean =>
  kind === 'pressure' || (station !== undefined && station !== 'jug' && station !== 'strainer');

const sum = (steps: readonly MethodStep[], end: (minutes: MethodStep['minutes']) => number): number =>
  steps.reduce((all, step) => all + (step.timed ? end(step.minutes) : 0) + sealed(step), 0);

const sealed = ({ kind, release }: MethodStep): number =>
  kind === 'pressure'
    ? COME_UP + (release?.how === 'timed' ? release.minutes : release?.how === 'quick' ? 0 : COME_DOWN)
    : 0;
