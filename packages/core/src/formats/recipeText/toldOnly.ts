import { remembered } from '../../quantity/index.ts';

/** Sentences of a recipe that tell of it, each by how it begins, and are nothing to do. */

/** For how many it is. */
const FOR_HOW_MANY: readonly RegExp[] = [
  /^(?:about |around |ca\.? |~ ?|for |serves |feeds )?\d+(?: ?(?:-|–|to) ?\d+)?(?: (?:big |good |generous |small |large )?(?:servings?|portions?|people|persons?|bowls|lunches|eaters|helpings))[.!]?$/i,
  /^(?:for|serves|feeds) (?:\d+|two|three|four|five|six|seven|eight|ten|twelve)(?: ?(?:-|–|to) ?\d+)?[.!]?$/i,
  /^(?:portions|servings): \d+(?: ?(?:-|–|to) ?\d+)?\.?$/i,
  /^(?:enough|plenty) (?:for|to feed) \d/i,
  /^(?:srvs?|sves) \d/i,
  /^(?:fills|for|in|makes) an? (?:\d+(?:[.,]\d+)? ?(?:ml|l)|small|large|big|medium)\b[^.]{0,20}\b(?:jar|bottle|tin|dish|loaf tin)\b/i,
  /^(?:serves|feeds|makes|fills|gives|does|yields?:?) (?:about |approx\.? |around |roughly |ca\.? |~ ?|us |you |me )*(?:\d|(?:two|three|four|five|six|eight|ten|twelve)\b)/i,
];

/** "Chill. 5 days.": a length of days alone. */
const DAYS_ALONE =
  /^(?:\d+ \p{L}+,? )?(?:up to )?(?:\d+|two|three|four|five|six)(?: ?(?:-|–|to) ?\d+)? (?:days?|weeks?|months?)[.!]?$/iu;

/** How long it keeps, and where. */
const KEEPS: readonly RegExp[] = [
  DAYS_ALONE,
  /^(?:eat|serve|enjoy)(?: it| them)? (?:right away|straight away|at once|immediately|now|hot|warm),? or\b/i,
  /^(?:label(?:led)?,? )?(?:max\.? |up to )?\d+ (?:days?|weeks?|months?) (?:chilled|refrigerated|frozen|ambient)\b/i,
  /^(?:an?|one|two|three|four|up to \w+) (?:days?|weeks?|months?) in (?:the|a) (?:fridge|freezer|larder|pantry|cellar|cool)\b/i,
  /^do not (?:keep|hold) (?:it |them )?(?:for )?(?:longer|more) than\b/i,
  /^\d+ (?:days?|weeks?|wks?|months?) (?:in (?:the |an? )?)?(?:airtight |closed )?(?:fridge|freezer|tin|jar|box|tub|container|bag)\b/i,
  /^(?:lasts?|holds?) (?:till|until|for|about|a |up to |\d)(?! (?:the|it|them)\b)(?!\d* ?min)/i,
  /^(?:eat|serve)\b.{0,40}\b(?:or|and) keep\b.{0,20}\b(?:days?|weeks?)\b/i,
  /^(?:it |they |this |both |all |leftovers |slices |the rest )*(?:keeps?(?= (?:for|up|well|\d+(?: ?(?:-|–|to) ?\d+)? ?(?:d|days?|weeks?|wks?|months?)\b|an? (?:day|week|month)))|keeps|freezes|stores|(?:will|can be|should) (?:keep|freeze|store|kept|stored|frozen))\b/i,
  /^(?:\p{L}+ ){0,3}leftovers\b(?!:)/iu,
  /^(?:best )?(?:eat|eaten|use|used|finish|finished)(?: it| them| up)* (?:within|up to|in) (?:about |the next )*(?:\d|two|three|four|five|a (?:day|week|month))/i,
  /^keep (?:for |up to )?\d+ (?:days|weeks|months)/i,
  /^(?:(?:keep |store )?in an? (?:jar|box|tub|tin|bag) )?(?:in the )?(?:fridge|freezer|(?:airtight )?(?:tin|jar|box|tub|container))[:,]? (?:for |up to |about )*(?:\d+(?: ?(?:-|–|to) ?\d+)?|an?|one|two|three) ?(?:d|days?|weeks?|wks?|months?|mths?)\b(?![^.;]*\b(?:before|then)\b)/i,
  /^good (?:for )?(?:about )?\d[\d -]*(?:days?|weeks?|wks?|months?)/i,
  /^(?:(?:once|when) open(?:ed)?\b.*\b(?:days?|weeks?|months?)\b|opened:?,? (?:in the )?(?:fridge|keeps?)\b)/i,
  /^(?:refrigerate|keep (?:it )?in the fridge|chill|store in the fridge) (?:once|when|after) open(?:ed|ing)?\b/i,
  /^(?:the )?rest (?:in(?:to)? (?:the )?)?(?:fridge|freezer)[:,]? (?:for )?(?:up to )?\d+ ?(?:d|days?|weeks?|months?)\b/i,
  /^shelf[- ]life\b/i,
  /^(?:refrigerate|chill|store)(?: (?:it|them|leftovers|the rest|airtight|chilled|covered))* (?:for )?up to (?:\d+|two|three|four|five|a) (?:days?|weeks?)\b/i,
  /^keep (?:it |them |the jars? |the rest )*in the (?:fridge|refrigerator|freezer)\b.*\b(?:days?|weeks?|wks?|months?)\b/i,
  /^store (?:it |them |any |the rest |leftovers )*(?:airtight|in (?:a|an) (?:jar|airtight|sealed|closed)|(?:in the fridge|for up to|up to)\b).*\b(?:days?|weeks?|wks?|months?)\b/i,
];

/** When it is at its best, or may be made. */
const AT_ITS_BEST: readonly RegExp[] = [
  /^(?:it |this |even |all )*(?:improves|gets better|is better|better)\b.{0,20}\b(?:overnight|(?:the )?(?:next|second|following) day|with (?:time|keeping)|standing)\b/i,
  /^best (?:made|prepared|cooked|eaten|started) (?:an?|one|the|\d) (?:day|days|evening) (?:ahead|before|later|after)\b/i,
  /^(?:it |this |they |all |the [a-z]+ )*(?:thickens?|firms? up|stiffens?|swells?)\b(?!.*\d).{0,40}\b(?:overnight|as (?:it|they) (?:cools?|stands?|sits?)|(?:when|once) (?:cold|cool|chilled)|on standing|by the next day|the next day|with time)\b/i,
  /^(?:tastes?|is|are) (?:best|better) (?:reheated|the next day)\b/i,
  /^(?:it |this |they |the [a-z]+ )?can be (?:made|prepared|cooked|done) (?:up to )?[^.]{0,20}\b(?:ahead|in advance|before)\b/i,
  /^better (?:the next|on the second) day\b/i,
];

/** How else it may be eaten. */
const EATEN: readonly RegExp[] = [
  /^(?:it is |it['’]s |they are |they['’]re )?(?:(?:also|just as|equally|even|very|really) )?(?:good|nice|great|lovely|delicious) (?:cold|warm|hot|the next|at room|with|on|in|for)\b/i,
];

/** What is done with it on another day. */
const LATER: readonly RegExp[] = [
  /^from frozen\b/i,
  /^(?:hot[- ])?hold(?:ing)? (?:it |them )?(?:[<>+]|(?:hot|warm|cold|chilled|at|below|above)\b)/i,
  /^freezes? (?:it |them )?(?:after|once|when) (?:bak|cook|cool)\w+/i,
  /^(?:they |it |these |this )?freezes? (?:very )?(?:well|beautifully|fine)\b/i,
  /^(?:bake|cook|heat|reheat|fry|microwave) (?:it |them )?(?:straight )?from (?:the freezer|frozen)\b/i,
  /^to (?:reheat|store|freeze)\b/i,
  /^to use\s*[:,–-]/i,
  /^(?:use|take|dissolve) (?:about )?(?:\d|an?|one|a heaped)[^.]{0,25}\b(?:per|for each|to each|in) (?:\d|an?|each|cup|litre|liter|half)/i,
  /^keep(?:ing|s)?:\s/i,
  /^(?:defrost|thaw)(?: it| them)? (?:overnight|in the fridge|before)/i,
  /^reheat(?:s|ing)?\b(?!.*\b(?:stir|add|season|fold|boil)\b)(?! (?:slowly|gently|it|them|all|everything)\b.*\d ?min)(?! gently[.!]?$)/i,
];

/** What is not to be done. */
const UNDONE: readonly RegExp[] = [
  /^(?:please )?(?:don[’']?t|do not) (?:rush|worry|skimp|panic|be (?:tempted|shy|afraid|alarmed|put off)|fret|hurry|mind)\b/i,
];

/** In brackets: another way, or how far it goes. */
const ASIDE: readonly RegExp[] = [
  /^\((?:quick soak|short ?cut|cheat|no time|in a hurry|in an?|or|alternatively|if|for an?|without|with an?)\b[^()]*\)[.!]?$/i,
  /^\((?:freezes|keeps|enough for|makes|serves|feeds|good for)\b[^()]*\)[.!]?$/i,
];

const TOLD = [...FOR_HOW_MANY, ...KEEPS, ...AT_ITS_BEST, ...EATEN, ...LATER, ...UNDONE, ...ASIDE];

/**
 * A line, or a sentence of a method, that tells how it keeps, when it is best or for how many it is, and is nothing to do.
 * @example isTold('Keeps 4 days in the fridge.') // => true
 */
export const isTold = remembered((sentence: string): boolean => TOLD.some((words) => words.test(sentence)));
