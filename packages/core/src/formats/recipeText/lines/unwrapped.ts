import { isVerb } from '../kitchenVerbs.ts';

/** Lines of a method that were broken where the paper ended, put together again: a sentence goes on in a small letter. */
export const unwrapped = (lines: readonly string[]): readonly string[] => {
  // Who writes all in small letters begins a step with one, too: with what hands do.
  const filled = lines.filter(Boolean);
  const capitals = filled.filter((line) => /^\P{L}*\p{Lu}/u.test(line)).length;
  const small = capitals === 0;
  // But for its first line, or one in five, and without a single point: nothing of that was broken.
  const mostlySmall = small || (capitals * FEW_CAPITALS <= filled.length && !filled.some((line) => /[.!?]/.test(line)));
  const begins = (line: string, before: string) =>
    (mostlySmall && before.length < PAPER) ||
    (small && (/^\p{L}[\p{L} ]{1,24}:\s/u.test(line) || isVerb(/^\p{L}+/u.exec(line)?.[0] ?? '')));
  return lines.reduce<string[]>((all, line) => {
    const before = all.at(-1);
    if (before !== undefined && goesOn(before, line) && !begins(line, before.split('\n').at(-1) ?? before))
      all[all.length - 1] = `${before} ${line}`.trim();
    else all.push(line);
    return all;
  }, []);
};

const FEW_CAPITALS = 5;
/** What a small hand writes is shorter than the paper is wide, where a step ends. */
const PAPER = 55;
/** Only what is about as wide as a column of print was broken by it. */
const COLUMN = 25;
const goesOn = (before: string, line: string): boolean =>
  before !== '' &&
  line !== '' &&
  !/[.!?:;]$/.test(before) &&
  (/^[a-z(°\d]/.test(line) || /(?:,|\b(?:the|and|or|a|an|of|to|with|for|in|at|on|until|it|is))$/i.test(before)) &&
  !/^\d+[.)]\s/.test(line) &&
  before.length >= COLUMN;
