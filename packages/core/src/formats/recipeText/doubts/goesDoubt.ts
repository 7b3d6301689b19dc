import { plainSigns } from '../../../quantity/index.ts';
import type { MethodStep } from '../readMethodStep.ts';
import { minutesInAll, minutesOf, more, type StepDoubt } from '../stepDoubt.ts';
import { batchesIn, durationsIn } from '../timesIn.ts';

/** "Fold 4 times every 30 min" */
const EVERY_SO_OFTEN =
  /\b(?:\d+|two|three|four|five|six) (?:times|folds|turns),? (?:with )?(?:every|each|at intervals of|in) \d+/i;
const ONE_BY_ONE =
  /\b(?:\d+|one|two|three|four|five|six|a few)(?: or (?:two|three|four))?(?: \w+)? at (?:a time|once)\b|\b(?:\d|two|three|four|five|six) (?:per|to a|in a|in the) (?:pan|pot|panful|go)\b|\bin (?:small |several |a few )?batches(?: of (?:\d+|two|three|four|five|six|eight))?\b(?!,? (?:\w+ ){0,3}in all\b)|\b(?:each|per) (?:lot|batch|round)\b|\bin (?:\d+|two|three|four|five|six) (?:rounds|goes|lots|batches)\b|\bin lots of (?:\d+|two|three|four|five|six)\b|\b(?:\d|two|three|four|five|six) (?:trayfuls|panfuls|traysful|pansful|rounds|lots)\b|\b(?:boil|fry|cook|poach|bake)\b[^.;]{0,30}\b(?:in portions|portion by portion|a few at)\b|\bone (?:tray|batch) after (?:the other|another)\b|\b(?:per|each) (?:omelette|pancake|cr[eê]pe|flatbread|wrap|tortilla|fritter|patty)\b/i;
const AGAIN: Readonly<Record<string, number>> = {
  once: 1,
  twice: 2,
  'three times': 3,
  '2 times': 2,
  '3 times': 3,
  '4 times': 4,
};

/** More pieces than these are fried one after the other. Common practice, no published source. */
const IN_ONE_PAN = 4;
/** "Divide into 6 and roll": so many pieces, of all sentences of a method. */
export const piecesIn = (method: readonly string[]): number =>
  Math.max(
    0,
    ...method.flatMap((text) =>
      [...plainSigns(text).matchAll(PIECES)].map(([, n]) => Number(n)).filter((n) => n <= MOST_PIECES),
    ),
  );
const MADE =
  /\b(?:makes|gives|yields?)\s+(?:about |approx\.? |ca\.? |~ ?)?(\d{1,2})\b(?! ?(?:k?g|ml|l|cups?|jars?|portions?|servings?|lit|pints?|people)\b)/i;
/** "Pancakes (makes 6 large)": so many pieces, by its name or a remark. */
export const piecesMade = (told: readonly string[]): number =>
  Math.max(0, ...told.map((text) => Number(MADE.exec(text)?.[1] ?? 0)));
const MOST_PIECES = 60;
const PIECES =
  /\b(?:divide|cut|shape|roll|form|make|portion|split)\b(?:(?! (?:cm|mm|g)\b)[^.;]){0,40}?\b(?:in|into|make)? ?(\d{1,2})\b(?!\s*(?:cm|mm|g|ml|min|h|°|-|x|×|tbsp|tsp|%))/gi;

/**
 * What is done several times, where nobody says how long it is in all: one after the other, each side of more than one pan holds, every so often, once more, or with several times in one
 * sentence. `plain`: the step's words without names; `pieces`: so many are shaped before it.
 */
export function goesDoubt(step: MethodStep, plain: string, pieces: number): StepDoubt | undefined {
  const { text } = step;
  const said = durationsIn(plain);
  const each = said.reduce((sum, { to }) => sum + to, 0);
  if (
    each > 0 &&
    ONE_BY_ONE.test(plain) &&
    batchesIn(plain) === undefined &&
    !/\b(?:altogether|in all|in total)\b/i.test(plain)
  )
    return {
      question: 'One after the other: how many goes are there?',
      choices: [1, 2, 3, 4, 6, 8].map((n) => ({
        label: `${n}, ${n * each} min`,
        text: more(text, `in all ${n * each} minutes`),
      })),
    };
  // "2 min each side", of ten of them: no pan holds all.
  if (
    each > 0 &&
    pieces > IN_ONE_PAN &&
    step.station === 'burner' &&
    /\b(?:each|per|a|both|(?:on )?the first|first) sides?\b/i.test(plain) &&
    batchesIn(plain) === undefined &&
    !/\b(?:altogether|in all|in total|all at once|by hand)\b/i.test(plain)
  )
    return {
      question: `There are ${pieces} of them: how many goes are there?`,
      choices: [1, Math.ceil(pieces / 4), Math.ceil(pieces / 2), pieces]
        .filter((n, at, all) => all.indexOf(n) === at)
        .map((n) => ({ label: `${n}, ${n * each} min`, text: more(text, `in all ${n * each} minutes`) })),
    };
  if (EVERY_SO_OFTEN.test(plain) && !/\bin all\b/i.test(plain))
    return {
      question: 'It is done several times. How long is it in all?',
      choices: minutesOf(text, [60, 90, 120, 180]).map(({ label, text: said }) => ({
        label,
        text: said.replace(/, (\d+ minutes\.)$/, ', in all $1'),
      })),
    };
  const again = AGAIN[/\brepeat (once|twice|three times|[234] times)\b/i.exec(plain)?.[1]?.toLowerCase() ?? ''];
  if (each > 0 && again !== undefined && said.length === 1 && !/\bin all\b/i.test(plain))
    return {
      question: 'It is repeated. How long is it in all?',
      choices: [again + 1, 1].map((n) => ({
        label: `${n * each} min`,
        text: more(text, `in all ${n * each} minutes`),
      })),
    };
  if (said.length > 1) {
    const all = [...new Set([...said.map(({ to }) => to), said.reduce((sum, { to }) => sum + to, 0)])];
    return {
      question: 'Several times are said here. How long is it in all?',
      choices: minutesInAll(text, all),
    };
  }
  return undefined;
}
