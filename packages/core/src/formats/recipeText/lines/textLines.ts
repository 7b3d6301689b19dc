import { remembered } from '../../../quantity/index.ts';
import { withClocks, withDays, withNights } from '../clockLines.ts';
import { BULLET, METHOD, isSentence, ordered } from '../lineSorts.ts';
import { doneWith, wordsOf } from './doneWith.ts';
import { lineApart } from './lineApart.ts';
import { withPoints } from './numberedSteps.ts';
import { inPlainSigns } from './plainText.ts';
import { withParts } from './tables.ts';
import { inGrams, timesApart, withAsides, withHeadings } from './wholeText.ts';

/** A line that belongs to a list. */
const LISTED = /^[\s\p{P}]*\d|\d\s*(?:k?g|ml|l|tbsp|tsp|cups?)\b/iu;
/** An order, or sentences, that are none of a list. */
const isTold = (raw: string): boolean => {
  const bare = raw.trim().replace(BULLET, '');
  return ordered(bare) || isSentence(bare);
};
/** What is read from several lines at once, one after the other. */
const PASSES: readonly ((raws: readonly string[]) => readonly string[])[] = [
  withAsides,
  inGrams,
  (raws) => raws.flatMap(timesApart),
  withClocks,
  withNights,
  withDays,
  withHeadings,
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
  const headed = raws.findIndex((raw, n) => n > last && METHOD.test(raw.trim()));
  const told = headed >= 0 ? -1 : raws.findIndex((raw, n) => n > last && isTold(raw));
  const listEnds = raws.slice(last + 1).every((raw) => !LISTED.test(raw))
    ? last
    : headed >= 0
      ? headed
      : told >= 0
        ? told - 1
        : raws.length - 1;
  // From there on it is told what is done, also where no heading says so.
  const behind = told >= 0 && listEnds === told - 1 && done.length > 0 ? ['', 'Method', ...done] : done;
  return raws.flatMap((raw, n) => [
    ...(n === start ? lineApart(parted[n]?.[1] ?? raw, true) : laterLines(parted[n]?.[1] ?? raw)),
    ...(n === listEnds ? behind : []),
  ]);
}
