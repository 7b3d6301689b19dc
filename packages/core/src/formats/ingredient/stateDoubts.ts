import type { Food } from '../../food/index.ts';
import type { Amount } from '../../quantity/index.ts';
import { cannedOf, findFood, singular, type FoodIndex } from './findFood.ts';
import type { Doubt } from './readAmount.ts';

/** Of a range, the kind of its ends. */
export const kindOf = (amount: Amount): string => (amount.kind === 'range' ? amount.from.kind : amount.kind);

const SAYS_STATE = /\b(?:dry|dried|fresh|frozen|tin(?:ned|s)?|can(?:ned|s)?|cooked|soaked)\b/i;

/** Spice that is counted: by its own name, or by the words of the line. */
const WHOLE =
  /\b(?:lea(?:f|ves)|cloves?|pods?|sticks?|berr(?:y|ies)|stars?|star anise|chill?i(?:es)?|chiles?|peppercorns?|corns|pieces?|cubes?|sprigs?|allspice|seeds|strands?|bay|cardamom|lemongrass|kombu|nutmeg|whole)\b/i;
const isWhole = ({ name, facts }: Food, text: string): boolean =>
  [name, ...(facts.names ?? []), text].some((words) => WHOLE.test(words));

/** A legume that may be dry, fresh, frozen or out of a tin, and weighs otherwise in each; a seasoning that is counted like a vegetable. */
export function stateDoubts(
  text: string,
  food: Food,
  form: string,
  amount: Amount,
  foods: FoodIndex,
): readonly Doubt[] {
  const called = (name: string) => {
    const found = findFood(name, foods);
    return found !== undefined && !('near' in found) && found.food.name === name;
  };
  const instead = (names: readonly string[]): Doubt['choices'] =>
    names.filter(called).map((name) => ({ label: name, line: withName(text, food, name) }));
  if (food.facts.uptake && food.facts.kind === 'legume') {
    const fresh = instead([`fresh ${food.name}`, `frozen ${food.name}`]);
    const canned = cannedOf(food, foods.names.values());
    if (/\bin (?:the|their) pods?\b|\bpodded\b/i.test(text) || (fresh.length > 0 && !SAYS_STATE.test(text)))
      return [
        {
          about: 'food',
          question: `Is that ${food.name} dry, or fresh ones?`,
          choices: [
            ...fresh,
            {
              label: 'dry',
              line: withName(text.replace(/,?\s*\b(?:in (?:the|their) pods?|podded)\b/i, ''), food, `dry ${food.name}`),
            },
          ],
        },
      ];
    if (/\bdrained\b/i.test(form) && amount.kind !== 'pack' && !SAYS_STATE.test(text) && canned !== food)
      return [
        {
          about: 'food',
          question: `Drained: are these ${food.name} out of a tin? They are counted dry here.`,
          choices: [
            { label: 'out of a tin', line: withName(text, food, canned.name) },
            { label: 'dry', line: withName(text, food, `dry ${food.name}`) },
          ],
        },
      ];
  }
  const frozen = /^frozen (.+)$/.exec(food.name)?.[1];
  if (frozen !== undefined && !SAYS_STATE.test(text) && !/\b(?:freezer|thawed|defrosted)\b/i.test(text))
    return [
      {
        about: 'food',
        question: `Are these frozen? Fresh ones go each on a line of its own.`,
        choices: instead([food.name, `fresh ${frozen}`]),
      },
    ];
  if (
    kindOf(amount) === 'count' &&
    food.facts.base !== 'each' &&
    !food.facts.gramsEach &&
    (UNCOUNTED.has(food.facts.kind) ||
      (food.facts.kind === 'seasoning' && (food.facts.roles?.includes('sweet') === true || !isWhole(food, text))))
  )
    return [
      { about: 'amount', question: `How much ${food.name} is that? It is not counted by the piece.`, choices: [] },
    ];
  // "½ tsp red chilli": nobody fills a spoon with a whole one.
  if (
    food.name === 'chilli' &&
    amount.kind === 'volume' &&
    !/\b(?:chopped|minced|sliced|diced|fresh|paste)\b/i.test(text)
  )
    return [
      {
        about: 'food',
        question: 'A spoonful of chilli: is it ground, in flakes, or fresh and chopped?',
        choices: [
          ...instead(['cayenne pepper', 'chilli flakes']),
          { label: 'fresh, chopped', line: `${text}, chopped` },
        ],
      },
    ];
  if (/\bchilli powder\b/i.test(text) && amount.kind === 'volume' && amount.mL.compare(HOT_ML) > 0)
    return [
      {
        about: 'food',
        question: 'Is that ground hot chilli alone, or a mixture, which is mostly mild?',
        choices: instead(['cayenne pepper', 'chili powder']),
      },
    ];
  if (
    food.name === 'tomato paste' &&
    /\bpur[eé]e\b/i.test(text) &&
    ((amount.kind === 'mass' && amount.g.compare(PASTE) > 0) ||
      (amount.kind === 'pack' && /\b(?:[3-9]\d\d ?g|\d(?:\.\d+)? ?kg)\b/i.test(text)) ||
      (amount.kind === 'volume' && amount.mL.compare(PASTE) > 0))
  )
    return [
      {
        about: 'food',
        question: 'So much: is that thick tomato paste, or sieved tomatoes?',
        choices: instead(['passata', 'tomato paste']),
      },
    ];
  // "100 g rye": whole, or ground?
  if (
    food.name === 'rye berries' &&
    /\brye\b(?! (?:berr|grain|kernel))/i.test(text) &&
    !/\b(?:whole|grains?|kernels?|cooked)\b/i.test(text)
  )
    return [
      { about: 'food', question: 'Are those whole grains, or flour?', choices: instead(['rye flour', 'rye berries']) },
    ];
  // "1.8 l bouillon": nobody means the powder.
  if (
    food.name === 'stock powder' &&
    !/\bpowder\b/i.test(text) &&
    amount.kind === 'volume' &&
    amount.mL.compare(POWDER_ML) > 0
  )
    return [
      {
        about: 'food',
        question: 'So much: is that stock, or the powder it is made of?',
        choices: instead(['vegetable stock', 'stock powder']),
      },
    ];
  const several = /\bpeppers\b/i.test(text);
  if (food.name === 'black pepper' && (isWholeNumber(amount) || several) && !/\bblack|grain|corn/i.test(text))
    return [
      {
        about: 'food',
        question: 'Is that the vegetable, or the spice?',
        choices: instead(['red pepper', 'green pepper']),
      },
    ];
  return [];
}

/** More than two teaspoons of ground chilli in a dish are rarely hot chilli alone, mL. Common practice, no published source. */
/** More of stock powder nobody takes. Common practice, no published source. */
const POWDER_ML = 100;
const HOT_ML = 10;

/** More than a tube of tomato paste in a dish is rare, g or mL. Common practice, no published source. */
const PASTE = 200;

/** Nobody counts these, unless their table says what one is. */
const UNCOUNTED = new Set<Food['facts']['kind']>(['grain', 'legume', 'fat', 'acid', 'water', 'nut or seed']);

const isWholeNumber = (amount: Amount): boolean =>
  kindOf(amount) === 'count' || (amount.kind === 'mass' && amount.g.compare(20) > 0) || amount.kind === 'pack';

/** The line with a food's name in place of the words that named it. */
function withName(text: string, food: Food, name: string): string {
  const words = [food.name, ...(food.facts.names ?? [])].sort((a, b) => b.length - a.length);
  for (const word of words) {
    const at = new RegExp(
      `\\b${word
        .split(' ')
        .map((part) => `${singular(part)}(?:e?s)?`)
        .join('[ -]+')}\\b`,
      'i',
    );
    if (at.test(text)) return text.replace(at, name);
  }
  return `${text} ${name}`;
}
