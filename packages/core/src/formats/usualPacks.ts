import type { Food } from '../food/index.ts';
import { mass, volume, type Quantity } from '../quantity/index.ts';

type Usual = (food: Food) => Quantity | undefined;

const isMilk = ({ name }: Food): boolean => /\b(?:milk|drink)$/.test(name);
const bag: Usual = ({ name, facts }) => {
  if (name.startsWith('frozen ')) return mass(750);
  switch (facts.kind) {
    case 'grain':
    case 'legume':
      return mass(500);
    case 'leaf':
    case 'nut or seed':
      return mass(200);
    default:
      return undefined;
  }
};
const bottle: Usual = (food) =>
  isMilk(food)
    ? volume(1000)
    : food.facts.kind === 'fat'
      ? volume(750)
      : food.facts.kind === 'acid'
        ? volume(500)
        : /sauce|syrup/.test(food.name)
          ? volume(250)
          : undefined;
const carton: Usual = (food) => (isMilk(food) || /juice|stock/.test(food.name) ? volume(1000) : undefined);

/** What such a pack of a food usually holds, where no label and no pack of this kitchen says it. Common practice, no published source: by eye, and told as "about". */
const PACKS: Readonly<Record<string, Usual>> = {
  bag,
  pack: bag,
  packet: bag,
  sack: bag,
  bottle,
  carton,
  box: carton,
  // A jar of a spice is small; of whatever is put up in jars, about so much.
  jar: ({ facts }) => (facts.kind === 'seasoning' && facts.base === 'g' ? mass(40) : mass(300)),
  can: ({ name }) => (name.startsWith('canned ') ? mass(240) : undefined),
  tin: ({ name }) => (name.startsWith('canned ') ? mass(240) : undefined),
  block: ({ name }) => (/tempeh/.test(name) ? mass(200) : /tofu/.test(name) ? mass(350) : undefined),
  tub: ({ name }) =>
    /yog/.test(name)
      ? mass(400)
      : /hummus|dip|spread/.test(name)
        ? mass(200)
        : /stock powder/.test(name)
          ? mass(150)
          : undefined,
  loaf: ({ name }) => (/bread/.test(name) ? mass(700) : undefined),
};

/**
 * What one such pack usually holds; undefined where it may be anything.
 * @example usualPackOf(bookFood('red lentils'), 'bags') // 500 g
 */
export const usualPackOf = (food: Food, word: string): Quantity | undefined =>
  PACKS[
    word
      .toLowerCase()
      .replace(/^loaves$/, 'loaf')
      .replace(/(x)es$|s$/, '$1')
  ]?.(food);
