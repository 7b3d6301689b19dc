import type { Food } from '../../food/index.ts';
import { remembered, rememberedBy } from '../../quantity/index.ts';

export interface FoundFood {
  readonly food: Food;
  /** The words that named it. */
  readonly words: string;
  readonly before: string;
  readonly after: string;
}

/** Words that come near several foods, or one, and name none. */
export interface NearFood extends Omit<FoundFood, 'food' | 'words'> {
  readonly near: string;
  readonly foods: readonly Food[];
}

/** Foods by every name they have, longest first; a near name of no food of its own is remembered as a warning. */
export interface FoodIndex {
  readonly names: ReadonlyMap<string, Food>;
  readonly nearOnly: ReadonlyMap<string, readonly Food[]>;
  readonly longest: number;
}

/** The singular of an English word, roughly: enough to let `onions` find `onion`. */
export function singular(word: string): string {
  if (/(?:ss|us|is)$/.test(word) || word.length < 4) return word;
  if (/(?:tomato|potato)es$/.test(word)) return word.slice(0, -2);
  if (/ies$/.test(word) && word.length > 5) return `${word.slice(0, -3)}y`;
  if (/leaves$/.test(word)) return word.replace(/leaves$/, 'leaf');
  if (/(?:ch|sh|x|ss)es$/.test(word)) return word.slice(0, -2);
  return /s$/.test(word) ? word.slice(0, -1) : word;
}

/**
 * What a can of a food is: "2 cans borlotti" are canned borlotti, not dry beans. The food itself where it is sold in cans, or where no canned one is known.
 */
export function cannedOf(food: Food, foods: Iterable<Food>): Food {
  if (food.facts.packs?.value.some(({ name }) => name === 'can')) return food;
  const names = new Set([food.name, ...(food.facts.names ?? [])].map(plain));
  const all = [...foods];
  const tinned = (name: string): boolean => {
    const [, what] = /^(?:canned|tinned) (.+)$/.exec(name) ?? [];
    return what !== undefined && names.has(plain(what));
  };
  // By its own name before any other: "canned cherry tomatoes" are canned tomatoes, where none are called so.
  return (
    all.find(({ name }) => tinned(name)) ??
    all.find(({ name, facts }) => name.startsWith('canned ') && facts.names?.some(tinned)) ??
    food
  );
}

/** Letters without their accents: "purée" and "puree" are the same. */
export const bareLetters = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
/** Of a book of foods the same names are asked for again and again. */
const NAMES_KNOWN = 4000;
const plain = remembered(
  (name) => bareLetters(name).replace(/['’]/g, '').replace(/-/g, ' ').split(' ').map(singular).join(' '),
  NAMES_KNOWN,
);

/** Every name of a food. What was cooked here is meant where somebody says that it is cooked, or counts it in portions: "cooked millet", "2 portions of millet". */
export const namesOf = ({ name, facts }: Food): readonly string[] => [
  name,
  ...(facts.names ?? []),
  ...(facts.kind === 'component' ? [`cooked ${name}`, `portion of ${name}`, `portion ${name}`] : []),
];

/** A bare name that a bought food and a dish share is the bought one: "300 g millet" is dry. */
export function indexFoods(foods: readonly Food[]): FoodIndex {
  const names = new Map<string, Food>();
  for (const food of foods)
    for (const name of namesOf(food).slice(1)) if (!names.has(plain(name))) names.set(plain(name), food);
  const made = (food: Food) => food.facts.kind === 'component';
  for (const food of [...foods.filter(made), ...foods.filter((each) => !made(each))]) names.set(plain(food.name), food);
  const nearOnly = new Map<string, Food[]>();
  for (const food of foods)
    for (const near of food.facts.nearNames ?? []) {
      const key = plain(near);
      if (!names.has(key)) nearOnly.set(key, [...(nearOnly.get(key) ?? []), food]);
    }
  return {
    names,
    nearOnly,
    longest: Math.max(1, ...[...names.keys(), ...nearOnly.keys()].map((name) => name.split(' ').length)),
  };
}

/** The food that a text names: the longest name in it, the last of equals, since in English the thing comes last; a name before one that only comes near. */
export const findFood = (text: string, index: FoodIndex): FoundFood | NearFood | undefined => foundBy(index, text);

const foundBy = rememberedBy((index: FoodIndex, text): FoundFood | NearFood | undefined => {
  const words = text.split(/\s+/).filter(Boolean);
  const keys = words
    .map((word) => singular(bareLetters(word).replace(/[^a-z0-9-]/g, '')))
    .map((word) => word.replace(/-/g, ' '));
  for (let length = Math.min(index.longest, words.length); length > 0; length--) {
    const places = Array.from({ length: words.length - length + 1 }, (_, n) => words.length - length - n);
    const keyAt = (from: number) => keys.slice(from, from + length).join(' ');
    const at = (from: number) => ({
      words: words.slice(from, from + length).join(' '),
      before: words.slice(0, from).join(' '),
      after: words.slice(from + length).join(' '),
    });
    for (const from of places) {
      const food = index.names.get(keyAt(from));
      if (food) return { food, ...at(from) };
    }
    for (const from of places) {
      const foods = index.nearOnly.get(keyAt(from));
      const { words: near, ...around } = at(from);
      if (foods) return { near, foods, ...around };
    }
  }
  return undefined;
});
