/** "(drained overnight)" on a line of its own, below an amount, is told of that. */
export const withAsides = (raws: readonly string[]): readonly string[] =>
  raws.reduce<string[]>((all, raw) => {
    const before = all.at(-1) ?? '';
    const aside = /^\s*\((?!\d|or\b|serves|makes|for\b|feeds)[^()]*\p{Ll}ed\b[^()]*\)\s*$/u.test(raw);
    if (aside && /^\s*(?:[-*•]\s*)?\d/.test(before) && before.length < LISTED_UP_TO)
      all[all.length - 1] = `${before.trimEnd()} ${raw.trim()}`;
    else all.push(raw);
    return all;
  }, []);
/** A longer line is no line of a list. */
const LISTED_UP_TO = 60;

const ALL_GRAMS =
  /^\s*\(?(?:all|everything|(?:all )?(?:amounts|weights|quantities|figures))(?: (?:is|are))?(?: in)? (?:g|grams?|grammes)\.?\)?\s*$/i;
/** "(all grams)" below a list: what stands in it without a unit is weighed. */
export function inGrams(raws: readonly string[]): readonly string[] {
  const said = raws.findIndex((raw) => ALL_GRAMS.test(raw));
  if (said < 0) return raws;
  return raws
    .filter((_, at) => at !== said)
    .map((raw) => (/^\s*(?:[-*•]\s*)?\p{L}[^\d]*\s\d+(?:[.,]\d+)?\s*$/u.test(raw) ? `${raw.trimEnd()} g` : raw));
}

/** Before minutes this heads no method. */
const PREPARATION = /^\s*preparation:\s+(?=\d+(?:\s?(?:-|to)\s?\d+)?\s?(?:min|h))/i;
/** One of several things that a line tells of time, or for how many it is. */
const TOLD_OF_TIME =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|total|hands[- ]on|oven|chill(?:ing)?|rest(?:ing)?)(?: time)?:? .*\d|(?:serves|makes|feeds)\b)/i;
/** "Preparation: 15 minutes + chilling. Cooking: 20 minutes. Serves 8 as a starter.": three lines, and no method. */
export function timesApart(raw: string): readonly string[] {
  const line = raw.replace(PREPARATION, 'Prep time: ');
  const told = line.trim().split(/(?<=[\p{L})])\.\s+/u);
  return told.length > 1 && told.every((part) => TOLD_OF_TIME.test(part))
    ? told.map((part) => part.replace(/\.$/, ''))
    : [line];
}

const indentOf = (raw: string): number => /^[ \t]*/.exec(raw)?.[0].replace(/\t/g, '    ').length ?? 0;

/** "Wet" over lines that stand further in is a heading without its colon. */
export const withHeadings = (raws: readonly string[]): readonly string[] =>
  raws.map((raw, n) => {
    const next = raws[n + 1] ?? '';
    const heads = /^\s*\p{Lu}[\p{L} &-]{1,30}$/u.test(raw) && next.trim() !== '' && indentOf(next) >= indentOf(raw) + 2;
    return heads ? `${raw.trimEnd()}:` : raw;
  });
