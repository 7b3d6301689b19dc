import { readMethod, readRecipeText, splitMethod, doubtOfStep, type MethodStep } from '../../src/formats/index.ts';
import { likelyOf, type SignWeights } from '../../src/formats/recipeText/secondReading/likely.ts';
import { TOLD_OR_DONE } from '../../src/formats/recipeText/secondReading/toldOrDone.ts';
import { wordSigns } from '../../src/formats/recipeText/secondReading/wordSigns.ts';
import { sentencesOf } from '../../src/formats/recipeText/splitMethod.ts';
import { signsOf } from '../../src/formats/recipeText/secondReading/signsOf.ts';
import { sortOf, type StepSort } from '../../src/formats/recipeText/secondReading/stepSort.ts';
import { HAND_TEXTS } from '../handTexts.ts';
import { METHOD_CORPUS } from '../methodCorpus.ts';

/** Something of the corpus by its signs, with the sort it has there. */
export interface Sorted<Sort extends string> {
  readonly file: string;
  readonly signs: readonly string[];
  readonly sort: Sort;
}
export interface SortedStep extends Sorted<StepSort> {
  readonly step: MethodStep;
}
export interface SortedSentence extends Sorted<(typeof TOLD_OR_DONE)[number]> {
  readonly sentence: string;
}

/** What the corpus holds for doubtful teaches nothing, whatever the rules read in it: how those steps begin. */
const askedIn = (expected: string): readonly string[] =>
  expected.split('\n').flatMap((line) => / \?: (.*)$/.exec(line)?.[1] ?? []);

/** The steps of all hand texts and paragraphs of methods that ask nothing: what the corpus holds for right. */
export const sortedSteps = (): readonly SortedStep[] =>
  [
    ...HAND_TEXTS.map(({ file, text, expected }) => ({ file, method: readRecipeText(text).method, expected })),
    ...METHOD_CORPUS.map(([paragraph]) => ({ file: paragraph, method: [paragraph], expected: '' })),
  ].flatMap(({ file, method, expected }) => {
    const asked = askedIn(expected);
    const steps = readMethod(splitMethod(method));
    return steps.flatMap((step, n) =>
      step.kind === 'work' && !doubtOfStep(step) && !asked.includes(step.text.slice(0, 40))
        ? [{ file, step, signs: signsOf(step, steps[n - 1]), sort: sortOf(step) }]
        : [],
    );
  });

/** The sentences of all hand texts: what stands in their notes is told, what stands in their methods is done. */
export const sortedSentences = (): readonly SortedSentence[] =>
  HAND_TEXTS.flatMap(({ file, text, expected }) => {
    const { method, notes = [] } = readRecipeText(text);
    const asked = askedIn(expected);
    const done = splitMethod(method).filter((step) => !asked.includes(step.slice(0, 40)));
    const of = (texts: readonly string[], sort: SortedSentence['sort']) =>
      texts.flatMap(sentencesOf).map((sentence) => ({ file, sentence, signs: wordSigns(sentence), sort }));
    return [...of(done, 'done'), ...of(notes, 'told')];
  });

/** A sign that stands in fewer steps says nothing. */
const LEAST = { word: 3, pair: 5 };
const ROUNDS = 15;
const RATE = 0.05;

/**
 * Weights of signs for sorts, from what is sorted: multinomial logistic regression by stochastic gradient descent, all in their order, each weight's own rate falling with the sum of its
 * squared gradients (AdaGrad: Duchi, Hazan and Singer, Journal of Machine Learning Research 12, 2011). The same give the same weights.
 */
export function learnedFrom<Sort extends string>(sorts: readonly Sort[], sorted: readonly Sorted<Sort>[]): SignWeights {
  const times = new Map<string, number>();
  for (const { signs } of sorted) for (const sign of signs) times.set(sign, (times.get(sign) ?? 0) + 1);
  const counts = (sign: string) => (times.get(sign) ?? 0) >= (sign.includes(' ') ? LEAST.pair : LEAST.word);
  const rows = sorted.map(({ signs, sort }) => ({ signs: signs.filter(counts), sort }));
  const weights = new Map<string, number[]>();
  const squares = new Map<string, number[]>();
  for (const { signs } of rows)
    for (const sign of signs) {
      weights.set(
        sign,
        sorts.map(() => 0),
      );
      squares.set(
        sign,
        sorts.map(() => 0),
      );
    }
  for (let round = 0; round < ROUNDS; round += 1)
    for (const { signs, sort } of rows) {
      const likely = new Map(likelyOf(sorts, signs, weights).map((each) => [each.sort, each.share]));
      sorts.forEach((each, n) => {
        const gradient = (likely.get(each) ?? 0) - (each === sort ? 1 : 0);
        if (Math.abs(gradient) < 1e-3) return;
        for (const sign of signs) {
          const [own = [], square = []] = [weights.get(sign), squares.get(sign)];
          square[n] = (square[n] ?? 0) + gradient * gradient;
          own[n] = (own[n] ?? 0) - (RATE * gradient) / Math.sqrt(square[n] + 1e-6);
        }
      });
    }
  return weights;
}

/** As they stand in weights.ts: a sign, a bar, a whole number of tenths for each sort. What is nothing for all of them is left out. */
export const asWritten = (weights: SignWeights): string =>
  [...weights]
    .map(([sign, own]) => [sign, own.map((weight) => Math.round(weight * 10))] as const)
    .filter(([, own]) => own.some((weight) => weight !== 0))
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([sign, own]) => `${sign}|${own.join(' ')}`)
    .join('\n');
