import { plainSigns, readNumber } from '../../quantity/index.ts';

/** A time that a text says, in minutes. */
export interface SaidTime {
  readonly from: number;
  readonly to: number;
  /** Where in the text it begins, and where it ends. */
  readonly at: number;
  readonly end: number;
}

const N = String.raw`(?:\d+\s+)?\d+(?:\/\d+)?(?:[.,]\d+)?`;
const UNIT = String.raw`(?:hours?|hrs?|h|minutes?|mins?|min)\b\.?`;
const TIME = new RegExp(
  String.raw`(${N})(?:\s*(?:hours?|hrs?|h|minutes?|mins?|min)?\.?\s*(?:-|to|or)\s*(${N}))?\s*(${UNIT})(?:\s*(?:and\s+)?(\d{1,2})\s*(?:minutes?|mins?|min)\b)?`,
  'gi',
);
/** In words, minutes. "Overnight" is read as what soaks overnight: 8 to 14 hours. Common practice, no published source. */
const WORDS: readonly (readonly [said: RegExp, from: number, to: number])[] = [
  [/\b(?:a )?quarter of an hour\b/gi, 15, 15],
  [/\bthree quarters of an hour\b/gi, 45, 45],
  [/\bhalf an hour\b/gi, 30, 30],
  [/\b(?:an|one) hour and a half\b/gi, 90, 90],
  [/\ba minute or two\b/gi, 1, 2],
  [/\ba few minutes\b/gi, 2, 4],
  [/\b(?:an|one) hour\b/gi, 60, 60],
  [/\bovernight\b/gi, 480, 840],
];

const valueOf = (text: string | undefined): number | undefined =>
  text === undefined ? undefined : readNumber(text)?.value.valueOf();

/**
 * All times of a text, in their order, in minutes.
 * @example timesIn('Boil for 10 minutes, then simmer half an hour') // [{ from: 10, to: 10, … }, { from: 30, to: 30, … }]
 */
export function timesIn(text: string): readonly SaidTime[] {
  const plain = plainSigns(text);
  const found: SaidTime[] = [];
  const free = (at: number, end: number) => found.every((each) => end <= each.at || at >= each.end);
  for (const [said, from, to] of WORDS)
    for (const match of plain.matchAll(said)) {
      const end = match.index + match[0].length;
      if (free(match.index, end)) found.push({ from, to, at: match.index, end });
    }
  for (const match of plain.matchAll(TIME)) {
    const from = valueOf(match[1]);
    const end = match.index + match[0].length;
    if (from === undefined || !free(match.index, end)) continue;
    const scale = /^h/i.test(match[3] ?? '') ? 60 : 1;
    const more = scale === 60 ? Number(match[4] ?? 0) : 0;
    const to = valueOf(match[2]) ?? from;
    found.push({ from: from * scale + more, to: Math.max(from, to) * scale + more, at: match.index, end });
  }
  return found.sort((a, b) => a.at - b.at);
}
