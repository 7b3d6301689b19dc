import { plainSigns } from '../../../quantity/index.ts';
import { isVerb } from '../kitchenVerbs.ts';
import { durationsIn } from '../timesIn.ts';
import { TELLS } from './aboutIt.ts';
import { listInLine } from './listInLine.ts';

/** "turmeric ½ tsp", "onion 1" */
export const NAME_AND_AMOUNT_SMALL = /^\p{L}[\p{L} '-]*\s\d[\d.,/ ]*(?:\p{L}{1,8}(?: \p{L}+)?)?$/u;

/** "Broccoli 2 heads -> steam 5 min": what is bought, and what is done with it. */
const DONE_WITH =
  /^\s*(?!(?:yields?|makes|serves|total|gives)\b)((?=[^>→]*[\d½¼¾⅓⅔])(?![^>→]*\.\s)\S[^>→]*?)\s+(?:->|=>|→)\s+(\S.*)$/i;
/** "C) Onion 1.2 kg, pepper 1 kg - sweat 15 min": a dash does it too, behind several things. */
const DASHED = /^\s*(?:[A-H][.)]\s+)?((?=[^–—]*\d)[\p{L}\d](?:(?!\.\s)[^–—])*?)\s+[-–—]\s+(\p{L}+(?:\s.*)?)$/u;
export function doneWith(raw: string, first: boolean): readonly string[] | null {
  const list = first ? undefined : listInLine(raw);
  if (list?.behind) return [raw, raw.slice(0, raw.length - list.behind.length).replace(/\.\s*$/, ''), list.behind];
  const arrow = DONE_WITH.exec(raw);
  if (arrow) return arrow;
  const dash = DASHED.exec(raw);
  const done = dash?.[2] ?? '';
  const several = (dash?.[1]?.split(/,\s+(?=\p{L})/u) ?? []).filter((item) =>
    NAME_AND_AMOUNT_SMALL.test(plainSigns(item)),
  );
  // "Red peppers 1.5 kg - oven 230, 25 min": one alone, where it takes its time; what was done before is told of it.
  const one =
    several.length === 1 &&
    durationsIn(done).length > 0 &&
    !/^\p{L}+ed\b/u.test(done) &&
    !TELLS.test(dash?.[1] ?? '') &&
    !/^(?:for|feeds)\b/i.test(dash?.[1] ?? '');
  if (one) return dash;
  return several.length > 1 && isVerb(/^\p{L}+/u.exec(done)?.[0] ?? '') ? dash : null;
}
/** What it is, without how much of it. */
export const wordsOf = (line: string): string =>
  listInLine(line)?.heading ?? (/^[^\d,]*/.exec(line)?.[0].trim() || namesIn(line));
/** "150 g red lentils, 1 tin tomatoes": what they are called. */
const namesIn = (line: string): string =>
  line
    .split(/\s*,\s*/)
    .map((item) => item.replace(AMOUNT_BEFORE, '').trim())
    .filter(Boolean)
    .join(', ');
const AMOUNT_BEFORE =
  /^[\d½¼¾⅓⅔.,/ –-]+\s*(?:(?:k?g|ml|cl|dl|l|tbsp|tsp|cups?|tins?|cans?|jars?|cloves?|sticks?|bunch(?:es)?|oz|lbs?)\b\.?)?\s*(?:of )?/i;
