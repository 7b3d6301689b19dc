import type { Food } from '../../food/index.ts';
import { bareLetters, singular } from './findFood.ts';

const words = (text: string): readonly string[] => text.split(/\s+/).filter(Boolean);

/** How a food is cut, washed or measured, how large or good it is: none of it makes another food of it. */
const SAYS_HOW = new Set(
  words(`
  chopped diced sliced minced grated julienned shredded crushed peeled unpeeled scrubbed rinsed washed cleaned drained trimmed torn halved quartered cubed cut crumbled mashed
  beaten whisked sifted packed loosely tightly heaped heaping rounded level pressed soaked toasted melted softened warm cold hot ice-cold icecold iced ice boiling boiled lukewarm chilled cooled finely coarsely
  roughly thinly thickly very freshly lightly well fine coarse thin thick small smallish medium large largish big biggish huge tiny whole half halves piece chunk cube strip slice ring ribbon wedge
  floret coin matchstick baton dice baby young new old ripe overripe good quality nice best extra more organic raw uncooked unsalted unsweetened plain seedless stoned pitted
  deseeded seeded cored skinless skinned blanched shelled cooked precooked pre-cooked ready-cooked head bulb stick rib stalk clove bunch sprig handful knob thumb thumb-sized bite-sized inch cm
  room temperature medium-sized large-sized lg sm med cooking eating everyday usual about approx roughly of the a an your any some each and or plus & x other another
  can tin jar pack packet bag carton bottle box block tube net tray sheet loaf
  natural waxy floury mealy ready-rolled shelf-stable straight-to-wok brunoise pouch yukon gold ap all-purpose
  fat smooth crunchy table strong heatproof
  leftover remaining reserved optional divided separately level firmly stale day-old runny leftover thawed defrosted podded sprig leaves-only bitesize uncut quartered
  sharp unwaxed packed low-sodium reduced-sodium low-salt hot steamed-dry
  `).map(singular),
);
/** From here on it is told what it is for, or where it comes from. */
const TELLS_MORE = new Set(words('for from at on without into until as to if per by'));
/** True of some kinds only: a fresh leek is a leek, fresh thyme is not the dried one. */
const TRUE_OF: Readonly<Record<string, (food: Food) => boolean>> = {
  // What is known dry is not the fresh one: fresh beans weigh and cook otherwise.
  fresh: ({ facts }) => (facts.kind === 'seasoning' ? facts.keeps?.fridge !== undefined : facts.uptake === undefined),
  dry: (food) => isDry(food),
  dried: (food) => isDry(food),
  ground: ({ facts, name }) => facts.kind === 'seasoning' && !/^(?:dried|fresh) /.test(name),
  leaf: ({ facts }) => facts.kind === 'leaf' || (facts.kind === 'seasoning' && facts.keeps?.fridge !== undefined),
  // Hulled barley is the whole grain, pearl barley is not.
  hulled: ({ facts }) => facts.kind !== 'grain',
  roasted: ({ facts }) => facts.kind === 'nut or seed',
  creamy: ({ name }) => /butter|tahini/.test(name),
  full: ({ name }) => name === 'coconut milk',
  wholemeal: ({ name }) => /^(?:rye|spelt) flour$/.test(name),
  medjool: ({ name }) => name === 'dates',
  bramley: ({ name }) => name === 'apple',
  light: ({ name }) => /stock/.test(name),
  tenderstem: ({ name }) => name === 'broccoli',
  short: ({ name }) => /rice/.test(name),
  kosher: ({ name }) => name === 'salt',
  flaky: ({ name }) => name === 'salt',
  crusty: ({ name }) => /bread/.test(name),
  mixed: ({ name }) => /^(?:mushrooms|pepper|tomato)/.test(name),
  'egg-free': ({ facts }) => facts.kind === 'grain',
  jumbo: ({ name }) => /pasta|oats/.test(name),
  kernel: ({ facts }) => facts.kind === 'nut or seed',
  'fast-action': ({ name }) => /yeast/.test(name),
  fast: ({ name }) => /yeast/.test(name),
  action: ({ name }) => /yeast/.test(name),
  instant: ({ name }) => /yeast/.test(name),
  grain: ({ facts }) => facts.kind === 'grain',
  bean: ({ name }) => /bean/.test(name),
  fruit: ({ facts }) => facts.kind === 'fruit',
  vegetable: ({ facts }) => facts.kind === 'vegetable' || facts.kind === 'leaf',
};
const isDry = ({ facts }: Food): boolean =>
  facts.uptake !== undefined || (facts.kind === 'seasoning' && facts.keeps?.fridge === undefined);

/** Behind a comma these make another food of it: "flour, almond" is no wheat flour. */
const STATES = new Set(
  words('smoked salted pickled dried frozen canned tinned split sprouted powdered sweetened candied malted defatted'),
);

const plain = (word: string): string => singular(bareLetters(word).replace(/[^a-z0-9&-]/g, ''));

/**
 * Words of a name that the food found in it does not have, and that say more than how it is cut: "almond" in "almond flour", where wheat flour was found.
 * Such a word may bring in an allergen, so it is always asked about.
 */
export function unheardWords(food: Food, before: string, after: string): readonly string[] {
  const own = new Set([food.name, ...(food.facts.names ?? [])].flatMap((name) => name.split(/[\s-]+/).map(plain)));
  const unheard = (text: string): readonly string[] => {
    const said = words(text);
    const end = said.findIndex((word) => TELLS_MORE.has(word.toLowerCase()));
    return said.slice(0, end < 0 ? said.length : end).filter((word) => {
      const key = plain(word);
      if (key === '' || /^\d/.test(key)) return false;
      return key
        .split('-')
        .some(
          (part) =>
            part !== '' &&
            !own.has(part) &&
            !SAYS_HOW.has(part) &&
            !SAYS_HOW.has(key) &&
            !(TRUE_OF[part]?.(food) ?? false),
        );
    });
  };
  return [...unheard(before), ...unheard(after)];
}

/** Does a word behind the comma make another food of it? */
export const isState = (text: string): boolean => {
  const said = words(text.toLowerCase());
  return said.length === 1 && STATES.has(said[0] ?? '');
};
