import { readFileSync, readdirSync } from 'node:fs';
import { BOOK } from '../src/food/index.ts';
import {
  amountWords,
  doubtOfStep,
  indexFoods,
  ingredientTexts,
  nothingToBoilOff,
  readIngredientLine,
  readMethod,
  readRecipeText,
  soaksInLines,
  splitMethod,
  unsoaked,
  writtenOf,
} from '../src/formats/index.ts';

const index = indexFoods(BOOK);
const folder = `${import.meta.dirname}/texts`;

/** Invented texts in many hands; below the line of "=" what a careful cook reads in them. */
export const HAND_TEXTS = readdirSync(folder).map((file) => {
  const [text = '', expected = ''] = readFileSync(`${folder}/${file}`, 'utf8').split('=====\n');
  return { file, text, expected };
});

/** What is read of a text, a line for each fact; "?" behind what is asked. */
export function readingOf(text: string): string {
  const words = readRecipeText(text);
  const lines = ingredientTexts(words, index).map(({ text: each, group }) => ({
    ...readIngredientLine(each, index),
    ...(group ? { group } : {}),
  }));
  const read = readMethod(splitMethod(words.method));
  const soaks = soaksInLines(lines, read);
  const steps = readMethod([...soaks, ...splitMethod(words.method)]);
  const dry = unsoaked(lines, steps);
  const dryPots = nothingToBoilOff(steps, lines);
  return [
    `${words.name || '?'} × ${words.portions ?? '?'}`,
    ...lines.map(({ amount, food, doubts, group }) => {
      const asked = doubts.length > 0 || !food || !writtenOf(amount, food);
      return `${amountWords(amount)} | ${food?.name ?? '-'}${group ? ` | ${group}` : ''}${asked ? ' ?' : ''}`;
    }),
    ...(dry ? [`soak ${dry} ?`] : []),
    ...steps.map((step, n) => {
      const time =
        step.kind === 'ahead'
          ? `${step.hours?.least}-${step.hours?.most} h before`
          : step.afterwards
            ? `stands ${step.afterwards.least}-${step.afterwards.most} h afterwards`
            : step.timed
              ? `${step.minutes.earliest}-${step.minutes.latest} min`
              : 'untimed';
      const release = step.release?.how === 'timed' ? `release ${step.release.minutes}` : step.release?.how;
      const where = [step.kind === 'pressure' ? 'at pressure' : step.station, step.celsius, release]
        .filter(Boolean)
        .join(' ');
      return `- ${time}, ${step.attention.needs}${where ? `, ${where}` : ''}${doubtOfStep(step, dryPots.includes(n)) ? ' ?' : ''}: ${step.text.slice(0, 40)}`;
    }),
    '',
  ].join('\n');
}
