import { readFileSync, readdirSync } from 'node:fs';
import { BOOK } from '../src/food/index.ts';
import {
  NOTHING_SAID,
  amountWords,
  indexFoods,
  readIngredientLine,
  readPaste,
  readRecipeText,
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
  const { nameUnsure, oddPortion, lines, steps, soak, places, times } = readPaste(words, NOTHING_SAID, index, (line) =>
    readIngredientLine(line, index),
  );
  return [
    `${words.name || '?'}${nameUnsure ? ' ?' : ''} × ${words.portions ?? '?'}${oddPortion === undefined ? '' : ` (${oddPortion} g) ?`}`,
    ...lines.map(({ line: { amount, food, group, atStep }, ready }) => {
      const where = atStep === undefined ? '' : ' | in the method';
      return `${amountWords(amount)} | ${food?.name ?? '-'}${group ? ` | ${group}` : ''}${where}${ready ? '' : ' ?'}`;
    }),
    ...(soak ? [`soak ${soak} ?`] : []),
    ...places.map((place) => `${place} ?`),
    ...(times ? [`${times.of}: ${times.stated} min, steps ${times.steps.from}-${times.steps.to} ?`] : []),
    ...steps.map(({ step, doubt }) => {
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
      return `- ${time}, ${step.attention.needs}${where ? `, ${where}` : ''}${doubt ? ' ?' : ''}: ${step.text.slice(0, 40)}`;
    }),
    '',
  ].join('\n');
}
