import { plainSigns } from '../../quantity/index.ts';
import { saysDeed } from './kitchenVerbs.ts';
import { AMOUNT_AT_START, AMOUNT_BEHIND, BULLET, SECTION, headingOf, isIngredient, isOrder } from './lineSorts.ts';
import { PORTIONS_IN_NAME, portionsIn, portionsWithin } from './portionsSaid.ts';

/** No dish is called so long. */
const LONGEST_NAME = 100;
/** Who it is from, over the name of it: "From the back of the packet". */
const WHO_SAYS = /^(?:from|adapted from|copied from|via|as told by|thanks to)\b|^recipe (?:no\.? ?)?\d+\.?$/i;
/** "Dish: chickpea curry", under a head that every card has. */
const NAMED = /^(?:title|recipe name|name|dish|menu item|item|prod(?:uct)?)\s*:+\s*\p{L}/iu;
/** So far below the top a card says what it is of. */
const CARD_LINES = 6;
export const behindWhoSays = (lines: readonly string[], first: number): number => {
  const named = lines.findIndex((line, at) => at <= first + CARD_LINES && NAMED.test(line));
  if (first >= 0 && named > first && lines.slice(first, named).every((line) => !headingOf(line))) return named;
  const next = lines.findIndex((line, at) => at > first && line !== '');
  const [line = '', under = ''] = [lines[first], lines[next]];
  // "Notes for Thursday:", over "FRIED RICE - 5 people"
  const announces = /:$/.test(line) && PORTIONS_IN_NAME.test(under) && under.length <= LONGEST_NAME;
  return first >= 0 && next > 0 && (announces || (WHO_SAYS.test(line) && isName(under, lines[next + 1])))
    ? next
    : first;
};
/** A list that stands over the name of what it is for: the name is alone between empty lines, and what is done comes behind it. */
export function nameBehindList(lines: readonly string[]): number {
  const bare = (line: string | undefined) => (line ?? '').replace(BULLET, '').trim();
  const first = lines.findIndex(Boolean);
  if (!isIngredient(bare(lines[first])) || !isIngredient(bare(lines[first + 1]))) return -1;
  return lines.findIndex(
    (line, at) =>
      at > first + 1 &&
      lines[at - 1] === '' &&
      lines[at + 1] === '' &&
      line.length < LONGEST_NAME &&
      /^\p{Lu}/u.test(line) &&
      !/[.!?:]$/.test(line) &&
      !/\d/.test(line) &&
      !headingOf(line) &&
      !isOrder(line) &&
      lines.slice(at + 2).some((next) => saysDeed(next)),
  );
}
/** Without signs of headings, and not shouted. */
export function nameOf(title: string): string {
  const name = title
    .replace(
      /^(?:#+|\d+\.|(?:title|recipe(?: name)?|name|dish|menu item|item|prod(?:uct)?|subject|re)\s*:+|recipe (?:#|no\.? ?)\s?\d+\s*[-–—:.])\s*/i,
      '',
    )
    .replace(/\*\*|^\*+\s*|\s*\*+$/g, '')
    .replace(/\s*[-–—|:,]\s*$/, '')
    .replace(/,\s+\d+ ?(?:mins?|minutes|hrs?|hours?)$/i, '')
    .replace(/\s+[-–—]\s+\d+ (?:slices|pieces|squares|wedges|bars|balls)$/i, '')
    .trim();
  return name === name.toUpperCase() && name.length > 4 ? `${name.charAt(0)}${name.slice(1).toLowerCase()}` : name;
}
/** "Bean burritos. Sunday, 2 hrs, makes 12.": the name, and what is told of it in the same line. */
const TOLD_BEHIND =
  /^(?!.*\b(?:[Nn]o|[Nn]r|[Ss]t|[Dd]r|[Mm]rs?|[Vv]ol|[Aa]pprox|[Cc]a)\. )((?:[^.!?\d()]|\([^.()]*\)){4,70}?)(?:[.!] | \/\/ )(\p{Lu}.*|\d.*)$/u;
export function nameApart(title: string): readonly [name: string, told?: string] {
  const [, name, told] = TOLD_BEHIND.exec(title) ?? [];
  return name !== undefined && told !== undefined && !isOrder(name) ? [name, told] : [title];
}
/** "You know the thing I brought? Here it is.": somebody talks, in more than one sentence. */
const TALKS = /^(?=[^.?!]*\b(?:I|you|we|it['’]s|here)\b).{10,}[.?!] \p{Lu}/u;
/** To whom a letter is, and no dish. */
const LETTER =
  /^(?:(?:(?:ok(?:ay)?|so|right)[, ]+)*here(?:['’]s| is| are|'s) .{0,70}$|(?:dear|hi|hiya|hello|hey)\b(?:.{0,30}[,!.]?$|[^,!.–—]{0,30}(?:[,!.] | [–—-] )))/i;
/** A greeting, and what it is about: no name, and nothing to do. */
export const isGreeting = (line: string): boolean => line.length <= LONGEST_NAME && LETTER.test(line);
/** The first line is the name, unless it is an ingredient; one that begins like an ingredient is the name where an empty line, a heading or the portions follow it. */
export function isName(line: string, next: string | undefined): boolean {
  if (line === '' || line.length > LONGEST_NAME || headingOf(line) || LETTER.test(line) || TALKS.test(line))
    return false;
  if (!AMOUNT_AT_START.test(plainSigns(line)) && !AMOUNT_BEHIND.test(plainSigns(line))) return true;
  return (
    line.length < 60 &&
    (next === '' || (next !== undefined && (headingOf(next) !== undefined || portionsIn(next) !== undefined)))
  );
}
/** Within so many lines under a name it is seen that a recipe begins. */
const SEEN_WITHIN = 4;
/** Does a recipe begin with this name, by it or by the lines under it: for how many it is, the heading of its list, or the list? */
export function beginsRecipe(name: string, under: readonly string[]): boolean {
  if (headingOf(name) !== undefined || SECTION.test(name)) return false;
  const first = under.slice(0, SEEN_WITHIN);
  return (
    PORTIONS_IN_NAME.test(name) ||
    first.some((line) => headingOf(line) === 'ingredients' || portionsWithin(line) !== undefined) ||
    first.some((line) => portionsIn(line) !== undefined) ||
    first.filter((line) => isIngredient(line.replace(BULLET, '').trim())).length > 1
  );
}
