import { plainSigns, readNumber } from '../../quantity/index.ts';

const PORTIONS =
  /^(?:batch |total )?(?:serves|srvs?|makes|yields?|servings?|portions?|for|enough for)\s*:?\s*(?:(?:enough|plenty)\s+(?:for|to\s+(?:serve|feed))\s+)?(?:about\s*)?((?:\d|an?\b|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|½).{0,39})$/i;
const PORTIONS_BEHIND =
  /^\(?(\d+)(?:\s*(?:-|–|to)\s*\d+)?\s*(?:(?:good|big|large|small|generous|hearty|modest|side) )?(?:servings?|portions?|people|persons?|lunches|dinners|suppers|meals|helpings|pers\.|p\.?)\)?(?: (?:of|à|at|@) (?:about )?\d+ ?(?:g|ml))?(?: as an? (?:side|main|starter|light lunch))?(?:,\s*(?:one|an?|1) (?:pan|pot|tray|bowl))?(?:\s*[-–,·|]\s*(?:in |about |ready in )?\d+ ?(?:min\w*|h|hours?)(?: \d+ ?min\w*)?)?$/i;
export const PORTIONS_IN_NAME =
  /\s*[([](?:[^()]*[,;·]\s*)?(?:(?:serves|(?:(?:as )?a )?(?:side|main|starter)? ?for|makes|feeds)\s+)?(\d+)(?:\s*(?:-|–|to)\s*\d+)?(?:\s*(?:(?:hungry|big|small) )?(?:servings?|portions?|people|persons?|pers\.?|pax|bowls|plates|helpings|breakfasts|lunches|dinners|suppers|meals))?(?: (?:to freeze|for the freezer))?(?:,[^()]*)?[)\]]$|(?:\s+[—–/|-]|[,.])\s+(\d+)\s*(?:\w+ )?(?:servings?|portions?|helpings|people|ppl|pax|boxes)$|,?\s+(?:[-–—]\s+)?(?:serves|makes|feeds)\s+(\d+)(?:\s?(?:-|–|to)\s?\d+)?(?: pieces| slices| squares)?$|\s+\((?:[^()]*\s)?[x×]\s?(\d+)\)$|\s+[x×]\s?(\d+)(?: (?:bowls|portions|lunches))?$|\s+for\s+(\d+|one|two|three|four|five|six|eight|ten|twelve)(?:\s+(?:hungry\s+)?(?:people|persons?|pax|guests|eaters?|hikers?|mouths?))?$/i;
/** What a title says is made, up to so many, may be portions. */
export const MOST_MADE = 16;
/** "Serves 5–6.", on a line of its own: whatever else was said to be made. */
export const eatersAlone = (line: string): number | undefined => {
  const said = /^(?:serves|feeds):? (\d+)(?:\s?(?:-|–|to)\s?\d+)?\.?$/i.exec(line)?.[1];
  return said === undefined ? undefined : Number(said);
};
/** "Makes 1 loaf (16 slices)", "Makes 8 to 10 (serves 2)": eaters before pieces, and pieces before what they are cut of. */
const EATERS =
  /(?:[(,=/]|\s[-–·]\s)\s*(?:(?:about|around|roughly|ca\.?|~)\s*)?(?:(?:serves|feeds)\s+(\d+)|(\d+)(?:\s?(?:-|–|to)\s?\d+)?\s+(?:(?:very )?(?:hungry|greedy|big|small|light|average|normal|good|generous) )?(?:slices|pieces|portions|servings|people|persons|ppl|pax|eaters|mains?|main courses)\b)/i;
/** Who says "serves" says it of eaters, wherever that stands: "1 loaf (12 slices), serves 6". */
export function eatersIn(text: string): number | undefined {
  // "(12 pieces - 4 eaters)": whoever eats counts before what is cut.
  const who = /[(,=/·]\s*\d[^()]*?\s[-–·/,]\s*(\d+) (?:portions|servings|people|persons|ppl|pax|eaters)\b/i.exec(
    text,
  )?.[1];
  if (who !== undefined) return Number(who);
  const found = EATERS.exec(text);
  return found
    ? Number(/\b(?:serves|feeds):?\s+(\d+)\b(?![.,]\d)/i.exec(text)?.[1] ?? found[1] ?? found[2])
    : undefined;
}
/** "Serves 2 with leftovers for a lunch": for how many that is, nobody says. */
const AND_MORE = /\d+\D*\b(?:with|plus|and)\b.*\b(?:left[- ]?overs?|over|left|lunch(?:es)?|extra|more|to freeze)\b/i;
/** One tin, one loaf: for how many that is, nobody says. */
const ONE_WHOLE =
  /^(?:makes|yields?):? (?:about )?(?:1|one|an?) (?:\p{L}+ ){0,2}(?:tin|tray|loaf|cake|pie|tart|batch|dish|pan|pot|bowl|jar)\b/iu;
export const portionsWithin = (text: string): number | undefined => {
  if (AND_MORE.test(text)) return undefined;
  const eaters = eatersIn(text);
  if (eaters !== undefined) return eaters;
  if (ONE_WHOLE.test(text)) return undefined;
  const said =
    /(?:\b(?:serves|feeds|enough for):?(?: (?:about|around|roughly))?|\b(?:does|makes)|(?:^|[.!] )for|\(for|^(?:portions|servings):)\s+(\d+|two|three|four|five|six|eight|ten|twelve)\b(?![.,]\d|\s*[x×]\s?\d+\s*(?:ml|l)\b|\s*(?:k?g|ml|l|lit(?:re|er)s?|cups?|c|jars?|bottles?)\b|\s*(?:or|to|-|–)\s*\w+\s+(?:jars?|bottles?)\b)/i.exec(
      text,
    );
  const bowls =
    said ??
    /\b(?:the )?(\d+|two|three|four|five|six|eight|ten|twelve) of us\b/i.exec(text) ??
    /\bservings?:\s*(\d+)/i.exec(text) ??
    /(?:^|[\s(~])(\d+)(?:\s*(?:-|–|to)\s*\d+)?\s+(?:(?:side|main|small|large|good|generous|lunch) )?(?:bowls|plates|portions|servings|helpings|people|persons)\b/i.exec(
      text,
    );
  const number = bowls?.[1] === undefined ? undefined : readNumber(bowls[1])?.value.valueOf();
  // "Makes 24": pieces.
  return number !== undefined && number > MOST_MADE && /^makes\b/i.test(bowls?.[0] ?? '') ? undefined : number;
};
const SAYS_OF_ALL =
  /^(?:\p{P}*(?:makes|yields?|gives|fills|for|batch|total|enough|about|one|an?)\b|[\d(=~])|\b(?:serves|feeds|portions?|servings?|people|persons?|eaters)\b/iu;

export function portionsIn(line: string): number | undefined {
  if (line.length >= 50 || AND_MORE.test(line)) return undefined;
  // "Bread, 6 slices" is bought.
  const eaters = SAYS_OF_ALL.test(line) ? eatersIn(line) : undefined;
  if (eaters !== undefined) return eaters;
  const said = PORTIONS.exec(line) ?? PORTIONS_BEHIND.exec(line);
  const number = said?.[1] ? readNumber(plainSigns(said[1])) : undefined;
  // "Makes about 600 g" says how much, and "1 loaf" how many of what is cut up: neither says for how many.
  return number &&
    !MADE.test(number.rest) &&
    !/^\d/.test(number.rest) &&
    !JARS.test(number.rest) &&
    // "Yield: about 40 crackers": nobody eats one of them for a portion, and how many do is asked.
    !(number.value.compare(MOST_MADE) > 0 && MADE_OF_THEM.test(line) && !EATERS_NAMED.test(number.rest)) &&
    !(CUT_UP.test(number.rest) && number.value.compare(2) < 0)
    ? number.value.valueOf()
    : undefined;
}
const MADE =
  /^(?:k?g|grams?|ml|dl|l|lit(?:re|er)s?|cups?|oz|lbs?|pounds?|pints?|quarts?|qts?|gal(?:lon)?s?|kilos?|jars?|bottles?|tubs?|boxes|bags?)\b/i;
/** "2 x 500 ml jars": what it is put up in, and no eaters. */
const JARS = /^[x×]\s?\d+\s*(?:ml|l)\b|^[x×].*\b(?:jars?|bottles?|tins?|dishes|loaves)\b/i;
const MADE_OF_THEM = /^(?:batch |total )?(?:makes|yields?)\b/i;
const EATERS_NAMED =
  /^(?:\p{L}+ )?(?:servings?|serves|portions?|people|persons?|pax|pers|helpings|meals|lunches|dinners|suppers|plates|bowls)\b/iu;
/** Nobody eats one of these alone. */
const CUT_UP =
  /^(?:(?:large|big|small|medium|round|long|\d+[- ]?(?:g|kg|cm|inch))\s+)*(?:lo(?:af|aves)|cakes?|tarts?|pies?|trays?|tins?|pans?|pots?|batch(?:es)?|bowls? of|slabs?|logs?|blocks?|rings?|braids?|plaits?)\b/i;
/** "Serves 4. Walnuts on top.": for how many, and something to do. */
export const portionsApart = (line: string): readonly string[] => {
  const [, said, more] =
    /^((?:serves|feeds|makes|for) (?:about )?\d+[^.(]{0,20})\.\s+(\S.{3,})$/i.exec(line) ??
    /^((?:serves|feeds|makes|yields?|servings?|portions?)\s*:?\s*\d+(?:\s*(?:-|to)\s*\d+)?)\s+((?:prep|cook|total|time|active|ready)\b.*\d.*)$/i.exec(
      line,
    ) ??
    [];
  return said && more ? [said, more] : [line];
};
