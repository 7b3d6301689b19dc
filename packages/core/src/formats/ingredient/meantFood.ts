import type { Food } from '../../food/index.ts';
import { cannedOf, type FoodIndex, type FoundFood } from './findFood.ts';
import type { ReadAmount } from './readAmount.ts';
import { isState } from './unheardWords.ts';

/** Of foods that share a name, the one that grows: a bunch or a handful is never the dried one. */
export const freshOf = (near: readonly Food[], { feel }: ReadAmount): Food | undefined => {
  const fresh = near.filter(({ facts }) => facts.keeps?.fridge !== undefined);
  return feel && /^(?:bunch|sprig|handful|leaf)/.test(feel.word) && fresh.length === 1 ? fresh[0] : undefined;
};

/** A shared name as if it were the fresh food's own. */
export function ofNear(
  found: { readonly near: string; readonly foods: readonly Food[] },
  named: string,
  read: ReadAmount,
): FoundFood {
  const food = freshOf(found.foods, read);
  if (!food) throw new Error(`"${found.near}" is no fresh food.`);
  const at = named.indexOf(found.near);
  return {
    food,
    words: found.near,
    before: at < 0 ? '' : named.slice(0, at).trim(),
    after: at < 0 ? '' : named.slice(at + found.near.length).trim(),
  };
}

/** "spinach, frozen" and "frozen corn" are the frozen one, where that is a food of its own. */
export function inState(
  food: Food,
  words: string,
  tail: readonly string[],
  behind: readonly string[],
  foods: FoodIndex,
): Food {
  const [known] = tail.flatMap((part) => {
    const said = part.toLowerCase();
    // "Yeast, fresh": what is called yeast alone is the dried one.
    const other =
      isState(part) || said === 'fresh'
        ? (foods.names.get(`${said} ${food.name}`) ?? foods.names.get(`${said} ${words.toLowerCase()}`))
        : undefined;
    return other ? [other] : [];
  });
  if (known) return known;
  // "400 g plum tomatoes, tin"
  // "Tomatoes, crushed" are those, too, as "crushed tomatoes" are.
  const crushed = food.name === 'tomato' && tail.some((part) => /^crushed$/i.test(part));
  return crushed || behind.some((part) => IN_TIN.test(part.trim())) ? cannedOf(food, foods.names.values()) : food;
}

const IN_TIN = /^\(?(?:in a |from a )?(?:tin|can)\)?$/i;

const LEAFY = /\b(?:chopped|torn|picked|shredded|leaves)\b/i;

/** Nobody chops a powder: "1 tbsp chopped thyme" is the fresh one, unless it says that it is dried. */
export function asGrown(food: Food, line: string, foods: FoodIndex): Food {
  const fresh = `fresh ${food.name.replace(/^dried /, '')}`;
  const isHerb = food.facts.kind === 'seasoning' && food.facts.nearNames?.includes(fresh) === true;
  return isHerb && LEAFY.test(line) && !/\bdried\b/i.test(line) ? (foods.names.get(fresh) ?? food) : food;
}

/** A sprig is fresh, and a stick of cinnamon is not the ground one. */
export function asPiece(food: Food, piece: string | undefined, foods: FoodIndex): Food {
  const meant =
    piece === 'sprig' || piece === 'bunch' || piece === 'leaf'
      ? `fresh ${food.name}`
      : piece === 'stick'
        ? `${food.name} stick`
        : '';
  const other = foods.names.get(meant);
  return other?.name === meant ? other : food;
}

/** A leaf of sage and a slice of bread are one of it; a leaf of a cabbage or a slice of a lemon is nobody knows how much. */
export const isWholePiece = ({ name, facts }: Food, piece: string): boolean =>
  piece === 'slice'
    ? /bread|rolls/.test(name)
    : piece === 'leaf'
      ? facts.base === 'each' || (facts.gramsEach?.value ?? 100) <= 2 || / leaf$/.test(name)
      : false;

/** What is counted is the vegetable: "2 kg peppers", "2 peppers": nobody counts or weighs so much of the spice in the plural. */
export function asVegetable(food: Food, line: string, read: ReadAmount, foods: FoodIndex): Food {
  const much = read.amount.kind === 'count' || (read.amount.kind === 'mass' && read.amount.g.compare(SPICE_G) > 0);
  const meant =
    food.name === 'black pepper' && much && /\bpeppers\b/i.test(line) && !/\b(?:black|pink|sichuan)\b/i.test(line);
  if (meant) return foods.names.get('red pepper') ?? food;
  // "A chopped tomato" is one of them, and none of a tin.
  const chopped =
    food.name === 'canned tomatoes' &&
    read.amount.kind === 'count' &&
    /\b(?:chopped|diced|crushed|plum) tomato/i.test(line) &&
    !/\b(?:tins?|tinned|cans?|canned)\b/i.test(line);
  return chopped ? (foods.names.get('tomato') ?? food) : food;
}

/** More of a spice goes into no dish, g. Common practice, no published source. */
const SPICE_G = 50;
