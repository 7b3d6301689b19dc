import type { Line, WorkStep } from '../../recipe/index.ts';
import { numberOfStep } from './stepIds.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';

/** What is shaped and fried side by side. */
const SHAPED = /\b(?:fritters?|patt(?:y|ies)|cakes?|pancakes?|spoonfuls?)\b/i;
const FRIES = /\bfry\b/i;

/** Is it shaped and fried, one panful after the other? */
export const isFriedInPanfuls = (name: string, method: readonly string[]): boolean =>
  method.some((text) => FRIES.test(text)) && [name, ...method].some((text) => SHAPED.test(text));

/** Is something fried in a step of the method? */
export const fries = (text: string | undefined): boolean => FRIES.test(text ?? '');

/** Fat for frying goes into the pan anew each time. */
export function oncePerPan(line: Line, lines: readonly IngredientLine[], said: readonly string[]): Line {
  const food = lines.find((each) => each.food?.id === line.food)?.food;
  const fried = line.into.some(({ step }) => fries(said[numberOfStep(step) - 1]));
  return food?.facts.kind === 'fat' && fried ? { ...line, law: { law: 'per load' } } : line;
}

/** The minutes of one panful, and as many again for each further one. */
export const onceMorePerPan = (step: WorkStep): WorkStep =>
  step.time.law === 'fixed'
    ? {
        ...step,
        time: { law: 'by load', minutes: 0, perLoad: step.time.minutes.expected },
        attention: { needs: 'hands' },
      }
    : step;
