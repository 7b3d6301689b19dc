import { timesIn } from './timesIn.ts';
import { isPressure, isRelease } from './pressureIn.ts';

/** "Prep time: 15 min" stands above a recipe, and is no step of it. */
const HEADER = /^(?:prep(?:aration)?|cook(?:ing)?|total|active|ready(?: in)?)(?:\s*time)?\s*:?\s*\d/i;
/** A point behind these ends no sentence. */
const ABBREVIATED = /\b(?:min|mins|hr|hrs|approx|tbsp|tsp|oz|lb|no|ca|e\.g|i\.e)\.$/i;
const THEN = /(?:,|;)?\s+(?:and\s+)?then\s+/i;

function sentencesOf(paragraph: string): readonly string[] {
  const parts = paragraph.split(/(?<=[.!?;])\s+(?=[\p{Lu}“"'(])/u);
  return parts.reduce<string[]>((all, part) => {
    const before = all.at(-1);
    if (before !== undefined && ABBREVIATED.test(before)) all[all.length - 1] = `${before} ${part}`;
    else all.push(part);
    return all;
  }, []);
}

/** "Boil 10 minutes, then simmer 20": two things with their times are two steps; a number alone takes the unit of the one before. */
function clausesOf(sentence: string): readonly string[] {
  if (isPressure(sentence)) return [sentence];
  const [first = '', ...rest] = sentence.split(THEN);
  if (rest.length === 0 || timesIn(first).length === 0) return [sentence];
  const clauses = rest.map((clause) => `Then ${clause}`);
  return clauses.every((clause) => timesIn(clause).length > 0 || /\b\d+\s*\.?$/.test(clause))
    ? [first, ...clauses]
    : [sentence];
}

/**
 * The steps of a method: a paragraph is one step, and as many more as it says times. What is said without a time stays together, as hands do it in one go; how the
 * pressure is let out belongs to what is cooked at it.
 * @example splitMethod(['Rinse. Simmer for 20 minutes. Let stand for 5 minutes.']) // ['Rinse.', 'Simmer for 20 minutes.', 'Let stand for 5 minutes.']
 */
export function splitMethod(method: readonly string[]): readonly string[] {
  return method
    .filter((paragraph) => !HEADER.test(paragraph))
    .flatMap((paragraph) => {
      const steps: { text: string; timed: boolean }[] = [];
      for (const text of sentencesOf(paragraph).flatMap(clausesOf)) {
        const last = steps.at(-1);
        const timed = timesIn(text).length > 0 || isPressure(text) || /^Then .*\d+\s*\.?$/.test(text);
        if (last && (isPressure(last.text) ? isRelease(text) && !isPressure(text) : !last.timed && !timed))
          last.text = `${last.text} ${text}`;
        else steps.push({ text, timed });
      }
      return steps.map(({ text }) => text);
    })
    .reduce<string[]>((all, text) => {
      const before = all.at(-1);
      if (before !== undefined && isPressure(before) && isRelease(text) && !isPressure(text))
        all[all.length - 1] = `${before.replace(/[.\s]*$/, '.')} ${text}`;
      else all.push(text);
      return all;
    }, []);
}
