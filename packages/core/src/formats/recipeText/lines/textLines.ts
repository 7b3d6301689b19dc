import { remembered } from '../../../quantity/index.ts';
import { withClocks, withDays, withNights, withWeekdays } from '../clockLines.ts';
import { BULLET, METHOD, isSentence, ordered } from '../lineSorts.ts';
import { doneWith, wordsOf } from './doneWith.ts';
import { lineApart } from './lineApart.ts';
import { withPoints } from './numberedSteps.ts';
import { inPlainSigns } from './plainText.ts';
import { stepsOfTables } from './stepTables.ts';
import { withParts } from './tables.ts';
import { inGrams, timesApart, withAsides, withHeadings } from './wholeText.ts';

/** A line that belongs to a list. */
const LISTED = /^[\s\p{P}]*\d|\d\s*(?:k?g|ml|l|tbsp|tsp|cups?)\b/iu;
/** An order, or sentences, that are none of a list. */
const tellsWhatToDo = (raw: string): boolean => {
  const bare = raw.trim().replace(BULLET, '');
  return ordered(bare) || isSentence(bare);
};
/** What is read from several lines at once, one after the other. */
const PASSES: readonly ((raws: readonly string[]) => readonly string[])[] = [
  withAsides,
  inGrams,
  (raws) => raws.flatMap(timesApart),
  withClocks,
  withWeekdays,
  withNights,
  withDays,
  withHeadings,
  stepsOfTables,
  withParts,
  withPoints,
];

/** Who types asks the same of nearly every line again. */
const laterLines = remembered((raw: string) => lineApart(raw, false));

/**
 * The lines of a pasted text, each saying one thing: rows of tables with their amount first, lists in one line taken apart, headings on lines of their own. An empty
 * line parts what stands above from what stands below.
 */
export function textLines(text: string): readonly string[] {
  const written: readonly string[] = inPlainSigns(text).split(/\r?\n/);
  const raws = PASSES.reduce((lines, pass) => pass(lines), written);
  const start = raws.findIndex((raw) => raw.trim() !== '');
  const parted = raws.map((raw, n) => doneWith(raw, n === start));
  const done = parted.flatMap((found) => (found?.[1] && found[2] ? ['', `${wordsOf(found[1])}: ${found[2]}`] : []));
  // What is done with each comes behind the list: before what is done with all, where that is told.
  const last = parted.findLastIndex(Boolean);
  const rest = raws.slice(last + 1);
  const headed = rest.findIndex((raw) => METHOD.test(raw.trim()));
  const told = headed < 0 ? rest.findIndex(tellsWhatToDo) : -1;
  const listGoesOn = rest.some((raw) => LISTED.test(raw));
  /** The line that it comes behind: the heading of the method, the one before what is told, or the last of all. */
  const into = !listGoesOn ? 0 : headed >= 0 ? headed + 1 : told >= 0 ? told : rest.length;
  const listEnds = last + into;
  // From there on it is told what is done, also where no heading says so.
  const behind = listGoesOn && told >= 0 && done.length > 0 ? ['', 'Method', ...done] : done;
  return raws.flatMap((raw, n) => [
    ...(n === start ? lineApart(parted[n]?.[1] ?? raw, true) : laterLines(parted[n]?.[1] ?? raw)),
    ...(n === listEnds ? behind : []),
  ]);
}
