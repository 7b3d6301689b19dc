import {
  doubtOfStep,
  needsInMethod,
  nothingToBoilOff,
  readMethod,
  soaksInLines,
  splitMethod,
  unsoaked,
  type IngredientLine,
  type MethodNeed,
  type MethodStep,
  type RecipeText,
  type StepDoubt,
} from '@kestrel-ridge/core/formats';
import { useMemo } from 'react';

export interface MendedMethod {
  /** Words put in place of a step, by its number among those of the text. */
  readonly steps: Readonly<Record<number, string>>;
  /** What was said of beans of which the text does not say that they are soaked. */
  readonly soak: 'soaked' | 'as they are' | undefined;
}

export interface StepRead {
  readonly step: MethodStep;
  readonly doubt: StepDoubt | undefined;
  /** Its number among those of the text; undefined: it was added, from the list or on being asked. */
  readonly n: number | undefined;
  /** As it stands in the text. */
  readonly written: string;
}

export interface MethodRead {
  readonly steps: readonly StepRead[];
  /** As they go into the recipe. */
  readonly texts: readonly string[];
  /** What the method names with its amount, and the list does not. */
  readonly needs: readonly MethodNeed[];
  /** Said to be no step. */
  readonly leftOut: readonly { readonly text: string; readonly n: number }[];
  /** Dry beans of which it has to be asked. */
  readonly soak: string | undefined;
  /** How many things have to be said. */
  readonly asked: number;
}

/** The method of a pasted text as it was understood, with what has to be asked of it. */
export function useMethod(
  words: RecipeText | undefined,
  { steps: mended, soak: said }: MendedMethod,
  lines: readonly IngredientLine[],
  readLine: (text: string) => IngredientLine,
): MethodRead {
  return useMemo(() => {
    const written = splitMethod(words?.method ?? []);
    // What was said to be no step is left out: nothing stands in its place.
    const numbered = written.flatMap((text, n) => (mended[n] === '' ? [] : [{ text: mended[n] ?? text, n }]));
    const own = numbered.map(({ text }) => text);
    const ownSteps = readMethod(own);
    const dry = unsoaked(lines, ownSteps);
    const added = [
      ...soaksInLines(lines, ownSteps),
      ...(dry && said === 'soaked' ? [`Soak the ${dry} for 8 to 20 hours.`] : []),
    ];
    const texts = [...added, ...own];
    const read = readMethod(texts);
    const needs = needsInMethod(read, lines, readLine);
    const dryPots = nothingToBoilOff(read, [
      ...lines,
      ...needs.map(({ line, step }) => ({ ...readLine(line), atStep: step })),
    ]);
    const steps = read.map((step, at) => ({
      step,
      doubt: doubtOfStep(step, dryPots.includes(at)),
      n: numbered[at - added.length]?.n,
      written: written[numbered[at - added.length]?.n ?? -1] ?? step.text,
    }));
    const soak = dry && said === undefined ? dry : undefined;
    return {
      steps,
      texts,
      leftOut: written.flatMap((text, n) => (mended[n] === '' ? [{ text, n }] : [])),
      needs,
      soak,
      asked: steps.filter(({ doubt }) => doubt).length + (soak ? 1 : 0),
    };
  }, [words, mended, said, lines, readLine]);
}
