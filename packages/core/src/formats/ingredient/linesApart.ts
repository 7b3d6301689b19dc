import { plainSigns, readNumber, rememberedBy } from '../../quantity/index.ts';
import { STARTS_BY_FEEL } from './byFeel.ts';
import { asUsual } from './everydayForms.ts';
import { findFood, type FoodIndex } from './findFood.ts';

/** Between two things of one line that are told apart by an amount of their own: "2 tbsp ground flax + 6 tbsp water". */
const JOINED =
  /\s+\(?(?:\+|plus|and|&|mixed (?:with|in|into)|dissolved in|stirred into|whisked with)\s+(?=(?:\d|an? |one |two |half ))/i;
const EACH_OF = /^(.*?\beach)(?:\s+of)?\s+(.+)$/i;
const AMONG = /\s*,\s*(?:and\s+)?|\s+(?:and|&|\+)\s+/i;
const A_PINCH_OF = /^\s*(?:an? )?(?:pinch|dash|drop|splash|handful|knob) of /i;
const HOW = /\b(?:freshly|ground|sea|fine|coarse|to taste|some|a little)\b/gi;

const exactly = (text: string, foods: FoodIndex) => {
  const found = findFood(text, foods);
  return found && !('near' in found) ? found.food : undefined;
};

const TWO_COLOURS =
  /^(\d+|an?|one|two) (red|green|yellow|white|black)(?:,| and| \+| &),?\s+(\d+|an?|one|two) (red|green|yellow|white|black) (\p{L}+(?:, [^\d]*)?)$/iu;
/** "Thumb ginger" is one of it. */
const ONE_OF_IT = /^(?:thumb|sprig|stick|strip|piece|clove|head|bulb|leaf|stalk)s?\b/i;
/** What stands before the next amount goes on with it: "soaked in 300 ml water", "or 2 tsp". */
const LEADS_ON =
  /[(),:+&=]|\b(?:approx\.?|ca\.?|in|with|w|of|or|and|plus|per|to|from|for|into|then|hot|boiling|about|x|soak\w*)\s*$/i;

/** All its words are the name of one food: "black pepper". */
const exactlyAll = (text: string, foods: FoodIndex): boolean => {
  const found = findFood(text, foods);
  return found !== undefined && ('near' in found || (found.before === '' && found.after === ''));
};

/**
 * The lines that one written line holds: "1 tsp each cumin and salt" and "salt, pepper" are two. What is not certain to be several stays one, and is asked about.
 * @example linesApart('½ tsp each cumin and paprika', foods) // ['½ tsp cumin', '½ tsp paprika']
 */
export const linesApart = (text: string, foods: FoodIndex): readonly string[] => apart(foods, text);

const apart = rememberedBy((foods: FoodIndex, text: string): readonly string[] => {
  if (/^s\s*(?:&|and|\+)\s*p$/i.test(text)) return ['salt', 'pepper'];
  // "2 tsp each cumin, paprika; 1 tsp chilli flakes": a semicolon before an amount begins another line.
  const parted = text.split(/\s*;\s*(?=\d)(?![^(]*\))/);
  if (parted.length > 1 && parted.every((part) => readNumber(plainSigns(part))))
    return parted.flatMap((part) => linesApart(part, foods));
  const each = EACH_OF.exec(text);
  if (each?.[1] && each[2] && readNumber(plainSigns(each[1]))) {
    const parts = each[2].split(AMONG).filter(Boolean);
    const amount = each[1].replace(/\s*\beach$/i, '');
    if (parts.length > 1 && parts.every((part) => findFood(part, foods)))
      return parts.map((part) => `${amount} ${part}`);
  }
  const joined = JOINED.exec(text);
  // "(or water + 2 stock cubes)" is another way, and nothing more.
  if (joined && !/\([^)]*$/.test(text.slice(0, joined.index))) {
    const [first, behind] = [text.slice(0, joined.index), text.slice(joined.index + joined[0].length)];
    // "flax 2 tbsp (+ 6 tbsp water)"
    const second = joined[0].includes('(') ? behind.replace(/\)$/, '') : behind;
    const [a, b] = [exactly(first, foods), exactly(second, foods)];
    // "1 head of garlic and 3 cloves" are cloves of it.
    if (a && b && a !== b && readNumber(plainSigns(asUsual(plainSigns(first)))) && b.name !== 'cloves')
      return [first, second];
  }
  // "1 sprig rosemary, chili": without an amount, and of its own.
  const last = /^(.*\d.*\p{L}),\s*(chil+i(?:es)?|bay(?: lea(?:f|ves))?)$/iu.exec(text);
  const before = last?.[1] && last[2] ? linesApart(last[1], foods) : [];
  if (last?.[2] && before.length > 0 && before.every((part) => exactly(part, foods))) return [...before, last[2]];
  const counted = text.split(
    /\s*,\s*(?![^(]*\))(?=\d|an? |one |two |half |(?:juice|zest) of |(?:pinch|dash|handful|splash) )/i,
  );
  if (counted.length > 1) {
    const each = counted.map((part) =>
      readNumber(plainSigns(part)) || STARTS_BY_FEEL.test(part) || ONE_OF_IT.test(part)
        ? exactly(part, foods)
        : undefined,
    );
    // "1 red pepper, 1 yellow pepper" are one food here, and still two.
    const apiece = counted.every((part) => /^(?:\d+|an?|one|two) \p{Ll}+ \p{Ll}+$/u.test(part));
    if (each.every((food) => food !== undefined) && (apiece || new Set(each).size === each.length)) return counted;
  }
  // "4 tbsp oil 3 tbsp vinegar": nothing between them but the next amount.
  const measured = text.split(/\s+(?=\d[\d/.]*\s*(?:tbsps?|tsps?|cups?|g|kg|ml|l)\s+\p{L})/u);
  if (
    measured.length > 1 &&
    measured.every((part) => !LEADS_ON.test(part) && readNumber(plainSigns(part)) && exactly(part, foods))
  )
    return measured;
  // "1 red, 1 green pepper"
  const [, one, colour, two, other, what] = TWO_COLOURS.exec(text) ?? [];
  if (what !== undefined) return [`${one} ${colour} ${what}`, `${two} ${other} ${what}`];
  // "salt pepper dill"
  const names = text.split(/\s+/);
  if (names.length > 1 && names.every((name) => /^\p{L}{3,}$/u.test(name)) && !exactlyAll(text, foods)) {
    const each = names.map((name) => findFood(name, foods));
    const seasons = each.every((found) => found && !('near' in found) && found.food.facts.kind === 'seasoning');
    if (seasons) return names;
  }
  // "Onions 2, garlic 4 cl": a name and its amount, more than once.
  const behind = text.split(/\s*,\s*(?=\p{L}[\p{L} ]*\s\d)/u);
  if (
    behind.length > 1 &&
    behind.every((part) => /^\p{L}[\p{L} -]*\s\d[\d.,/]*\s*\p{L}{0,6}$/u.test(part.trim()) && exactly(part, foods))
  )
    return behind;
  // "lime wedges, guacamole and rice to serve"
  const served = /,?\s*\b(?:to serve|for serving|to garnish|for garnish|to finish)\s*$/i.exec(text);
  if (served && !/\d/.test(plainSigns(text))) {
    const parts = text.slice(0, served.index).split(AMONG).filter(Boolean);
    if (parts.length > 1) return parts.map((part) => `${part} to serve`);
  }
  if (!readNumber(plainSigns(text))) {
    const parts = text.replace(/[.;]$/, '').split(AMONG).filter(Boolean);
    const seasons = (part: string) => {
      const food = exactly(part, foods);
      const rest = food ? part.replace(HOW, '').replace(A_PINCH_OF, '').trim().split(/\s+/).length : 0;
      return food && rest <= 3 && ['seasoning', 'fat', 'acid', 'sweet'].includes(food.facts.kind);
    };
    if (parts.length > 1 && parts.every((part) => seasons(part) || /^to taste$/i.test(part)))
      return parts.filter((part) => !/^to taste$/i.test(part));
  }
  return [text];
});
