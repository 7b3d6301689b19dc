/** "1 tbsp each sesame, poppy & linseeds": an amount of each of several. */
const EACH_OF =
  /^((?:\d[\d./ ½¼¾⅓⅔-]*\s*(?:tbsps?|tsps?|tablespoons?|teaspoons?|cups?|g|kg|ml|oz|T|t)|(?:an? )?(?:(?:large|big|small|good|generous) )?(?:pinch|handful|bunch|tablespoon|teaspoon|cup)|\d+ (?:pinches|handfuls|sprigs))) each(?: of)?:?\s+(.+)$/iu;
const AND = /\s*,\s*(?:and\s+|&\s*)?|\s+(?:and|&|\+)\s+/;
/** What is told of one of them is no other of them. */
const NAME = /^\p{L}[\p{L} '’-]{1,40}$/u;

/**
 * A line of a list that says an amount of each of several foods, as a line for each.
 * @example eachApart('1 tsp each cumin and fennel seeds') // ['1 tsp cumin', '1 tsp fennel seeds']
 */
export function eachApart(line: string): readonly string[] {
  const [, amount, rest] = EACH_OF.exec(line) ?? [];
  const foods = rest?.split(AND) ?? [];
  return amount === undefined || foods.length < 2 || !foods.every((food) => NAME.test(food))
    ? [line]
    : foods.map((food) => `${amount} ${food}`);
}
