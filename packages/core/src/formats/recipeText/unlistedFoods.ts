import type { Food } from '../../food/index.ts';
import { plainSigns, remembered, rememberedBy } from '../../quantity/index.ts';
import { bareLetters, findFood, singular, type FoodIndex } from '../ingredient/findFood.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import { isVerb, withoutNames } from './kitchenVerbs.ts';
import type { MethodStep } from './readMethodStep.ts';

/** A food that the method names and no line of the list: a line that was lost, or something to be left out. */
export interface UnlistedFood {
  /** More than one where the words may mean each of them: "coriander". */
  readonly foods: readonly Food[];
  /** As the method calls it, with the number before it where one stands there: "2 aubergines". */
  readonly words: string;
  /** The step that names it first, from 0. */
  readonly step: number;
}

/** Where words belong to one thing no longer. */
const BETWEEN = /[^\p{L}\p{N}\s'’-]+|\s(?:and|with|to|in|into|over|or|on|at|the|of|from|as|a|an)\s/iu;

/** These tell of which kind a food is, and name none: "black" stands with beans and with pepper. */
const KINDS = new Set(
  'red white black green brown yellow dried dry fresh canned tinned frozen ground whole sweet plain smoked cooked raw hot sour young light dark large small powder seed leaf paste flour big batch bowl'.split(
    ' ',
  ),
);

/** Without them, unless there is nothing else: "flour". */
const chiefOf = (words: readonly string[]): readonly string[] => {
  const chief = words.filter((word) => !KINDS.has(word));
  return chief.length > 0 ? chief : words;
};

const heldWords = remembered((text: string): string =>
  wordsOf(text)
    .map((word) => `${word} `)
    .join(''),
);

const wordsOf = (text: string): readonly string[] =>
  bareLetters(text)
    .split(/[^a-z0-9]+/)
    .filter((word) => word.length > 2)
    .map(singular);

const MAINS: ReadonlySet<string> = new Set(['vegetable', 'leaf', 'legume']);

/**
 * What a text without a list is named after, where nothing in it is that: "a big one" is the cauliflower of its name.
 * @example mainUnlisted('What I do with a cauliflower', [], foods) // 'cauliflower'
 */
export function mainUnlisted(name: string, lines: readonly IngredientLine[], foods: FoodIndex): string | undefined {
  const held = lines
    .flatMap(({ text, food }) => [text, food?.name ?? '', ...(food?.facts.names ?? [])])
    .map(heldWords)
    .join('');
  return foodsIn(foods, name).find(
    ({ foods: [food], words }) =>
      MAINS.has(food?.facts.kind ?? '') &&
      !/\bsalad\b/i.test(words) &&
      !chiefOf(wordsOf(words)).some((word) => held.includes(`${word} `)),
  )?.words;
}

/**
 * Foods that a method names and the list does not, each once. What shares a word with a line, with the name of the dish (unless it is a vegetable or a legume) or with another word for a line's food is taken
 * to be that; water is drawn and not listed.
 * @example unlistedFoods([…'Add the leeks and the thyme'], [leeks], 'Stew', foods) // [{ foods: [thyme], words: 'thyme', step: 0 }]
 */
export function unlistedFoods(
  steps: readonly MethodStep[],
  lines: readonly IngredientLine[],
  name: string,
  foods: FoodIndex,
): readonly UnlistedFood[] {
  // Each word with a space behind it: "corn " is in "sweetcorn ", too.
  const own = heldWords(name);
  let held = lines
    .flatMap(({ text, food }) => [text, food?.name ?? '', ...(food?.facts.names ?? [])])
    .map(heldWords)
    .join('');
  const listed = new Set(lines.map(({ food }) => food));
  return steps.flatMap(({ text }, step) =>
    foodsIn(foods, text).flatMap(({ foods: meant, words }) => {
      const said = chiefOf(wordsOf(words));
      const one = ({ name, facts }: Food) => name.includes(words) && !MAINS.has(facts.kind);
      if (meant.length > 1 && (KINDS.has(singular(words)) || !meant.every(one)))
        // "The herbs", "the beans" are those of the list.
        return [];
      const isMain = meant.some(({ facts }) => MAINS.has(facts.kind)) && !/\bsalad\b/i.test(words);
      const known =
        meant.some((food) => listed.has(food)) ||
        said.some((word) => held.includes(`${word} `) || (!isMain && own.includes(`${word} `)));
      // "Roll into balls" names no bread, and "label, date" no fruit.
      if (
        known ||
        meant.some(({ facts }) => facts.kind === 'water') ||
        isVerb(singular(words)) ||
        /^date$/i.test(words)
      )
        return [];
      held += `${said.join(' ')} `;
      return [{ foods: meant, words: counted(text, words), step }];
    }),
  );
}

const inRegExp = (words: string): string => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
/** A name with the number that stands right before it. */
function counted(text: string, words: string): string {
  const said = new RegExp(
    String.raw`(?:\b(?:juice|zest)(?: and (?:juice|zest))? of )?(?<![\p{L}\d/.,-])(?<!\d )(?:\d+ )?\d+(?:[./]\d+)?\s+(?:(?:large|small|medium|big|ripe|fresh|blocks?|cloves?|heads?|bunch(?:es)?|tins?|cans?|sticks?|stalks?)\s+(?:of\s+)?){0,2}${inRegExp(words)}(?!\p{L})`,
    'iu',
  ).exec(plainSigns(text))?.[0];
  // "1 chopped tomato" is none of a tin.
  return said?.replace(/\b(?:chopped|crushed|diced) (?=tomato)/i, '') ?? words;
}

const foodsIn = rememberedBy((foods: FoodIndex, text): readonly Omit<UnlistedFood, 'step'>[] =>
  withoutNames(plainSigns(text))
    // "4 cloves garlic": no cloves.
    .replace(/\bcloves? (?:of )?(?=garlic\b)|(?<=\bgarlic) cloves?\b/gi, '')
    // "400 gram", "rice them": a unit, and what is done.
    .replace(/(?<=\d )grams?\b/gi, 'g')
    .replace(/\brice (?=(?:them|it|while|hot)\b)/gi, 'press ')
    .split(BETWEEN)
    .flatMap((clause) => {
      const found: Omit<UnlistedFood, 'step'>[] = [];
      let left = clause;
      for (let one = findFood(left, foods); one; one = findFood(left, foods)) {
        found.push('near' in one ? { foods: one.foods, words: one.near } : { foods: [one.food], words: one.words });
        left = `${one.before} ${one.after}`;
      }
      return found;
    }),
);
