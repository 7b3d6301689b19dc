import { commonPractice, fromMemory, type BaseUnit, type Sourced } from '../quantity/index.ts';
import { ACID_G, ALCOHOL_G, PACKS } from './table/packs.ts';
import { bookFoodId } from './bookFoodId.ts';
import { ALLERGENS, type Allergen } from './allergens.ts';
import type { Composition, Food, FoodFacts, FoodHazard, FoodKind, FoodRole, PlaceKind } from './food.ts';

/** Most figures: household weights, refuse and composition of this collection, recalled. */
export const SR_LEGACY = 'USDA FoodData Central SR Legacy (from memory)';
/** What is sold ready differs by its maker: a kitchen enters its own. */
export const LABELS = 'what labels of such foods usually say (from memory)';

/** What has to be treated with care before it is eaten, by name. Sources beside each caution in cautions.ts. */
const HAZARDS: Readonly<Record<string, FoodHazard>> = {
  'kidney beans': 'boil beans hard',
  'white kidney beans': 'boil beans hard',
  'borlotti beans': 'boil beans hard',
  'pinto beans': 'boil beans hard',
  'black beans': 'boil beans hard',
  'navy beans': 'boil beans hard',
  'mixed beans': 'boil beans hard',
  'flageolet beans': 'boil beans hard',
  'great northern beans': 'boil beans hard',
  // Another species, with lectins and a cyanogen of its own: treated alike.
  'butter beans': 'boil beans hard',
  'broad beans': 'never raw',
  'adzuki beans': 'never raw',
  'black-eyed peas': 'never raw',
  'soya beans': 'never raw',
  'runner beans': 'never raw',
  'green beans': 'never raw',
  'frozen green beans': 'never raw',
  'frozen broad beans': 'never raw',
  'fresh broad beans': 'never raw',
  // A cyanogen of its own.
  cassava: 'never raw',
  'lupin beans': 'debitter',
  'bean sprouts': 'sprouts',
  potato: 'green potatoes',
  seaweed: 'iodine',
};

/** Foods whose uptake was worked out from their water contents, dry and cooked; the rest is from memory. */
const COMPUTED_UPTAKE = new Set([
  'white rice',
  'brown rice',
  'wild rice',
  'millet',
  'pearl barley',
  'bulgur',
  'couscous',
  'quinoa',
  'amaranth',
  'buckwheat groats',
  'teff',
  'wheat pasta',
  'rice noodles',
  'spelt berries',
  'chickpeas',
  'kidney beans',
  'white kidney beans',
  'borlotti beans',
  'pinto beans',
  'black beans',
  'navy beans',
  'great northern beans',
  'butter beans',
  'black-eyed peas',
  'adzuki beans',
  'mung beans',
  'lentils',
  'split peas',
  'broad beans',
  'soya beans',
  'lupin beans',
]);

/** Lots of these are counted in millilitres. */
const POURED =
  /oil$|vinegar$|juice$|wine$|milk$|(?:oat|soya|coconut) cream$|water$|stock$|^dry cider$|^beer$|^sherry$|^mirin$|^soy sauce$|^tamari$|vanilla extract$/;

const PLACE_LETTERS: Readonly<Record<string, PlaceKind>> = { c: 'cupboard', r: 'cool room', f: 'fridge', z: 'freezer' };

const COLUMNS = 18;

/**
 * Reads a table of foods, one a line, cells parted by ";":
 * name; kind; grams in a US cup; grams of one, edible; edible % of what is bought; g water taken up by a g dry; grams in a cup cooked; days it keeps by place
 * (c cupboard, r cool room, f fridge, z freezer; with an "o" before it: once opened); allergens of the fourteen ("~" may contain, "-" none, "?" nobody knows); roles; and in 100 g: kJ, protein, fat, carbohydrate, fibre (g), iron, vitamin C, sodium (mg);
 * other names; near names of different foods. An empty cell is unknown, never zero.
 */
export function readFoodTable(text: string, source: string = SR_LEGACY): readonly Food[] {
  const sr = (value: number): Sourced<number> => ({ value, source });
  return text
    .split('\n')
    .filter((row) => row.trim())
    .map((row) => {
      const cells = row.split(';');
      const [
        name = '',
        kind = '',
        cup = '',
        each = '',
        edible = '',
        uptake = '',
        cookedCup = '',
        keeps = '',
        allergens = '',
        roles = '',
      ] = cells;
      if (cells.length !== COLUMNS + 2)
        throw new Error(`The food "${name}" has ${cells.length} cells instead of ${COLUMNS + 2}.`);
      const [alcoholG, acidG] = [ALCOHOL_G[name], ACID_G[name]];
      const listed = compositionOf(cells.slice(10, COLUMNS));
      const composition = listed && {
        ...listed,
        ...(alcoholG === undefined ? {} : { alcoholG }),
        ...(acidG === undefined ? {} : { acidG }),
      };
      const packs = PACKS[name];
      const names = list(cells[COLUMNS] ?? '', ',');
      const nearNames = list(cells[COLUMNS + 1] ?? '', ',');
      const facts: FoodFacts = {
        kind: kind as FoodKind,
        base: baseOf(name),
        ...(names.length > 0 ? { names } : {}),
        ...(nearNames.length > 0 ? { nearNames } : {}),
        ...(cup
          ? { gramsPerCup: name === 'water' ? { value: Number(cup), source: 'definition: 1 g/mL' } : sr(Number(cup)) }
          : {}),
        ...(cookedCup ? { cookedGramsPerCup: sr(Number(cookedCup)) } : {}),
        ...(each ? { gramsEach: sr(Number(each)) } : {}),
        ...(edible ? { ediblePart: sr(Number(edible) / 100) } : {}),
        ...(uptake
          ? {
              uptake: COMPUTED_UPTAKE.has(name)
                ? { value: Number(uptake), source: `computed from water contents of ${SR_LEGACY}` }
                : fromMemory(Number(uptake)),
              swells: true,
            }
          : {}),
        ...keepsOf(keeps),
        ...(packs ? { packs: commonPractice(packs) } : {}),
        ...statedIn(allergens, name),
        ...(roles ? { roles: list(roles, ' ') as FoodRole[] } : {}),
        ...(composition ? { composition: { value: composition, source } } : {}),
        ...(HAZARDS[name] ? { hazard: HAZARDS[name] } : {}),
      };
      return { id: bookFoodId(name), name, facts };
    });
}

/** "gluten ~nuts": gluten in it, nuts perhaps; "-" none of the fourteen; "?" nobody knows. An empty cell is a mistake: nothing is left unsaid. */
function statedIn(cell: string, name: string): Pick<FoodFacts, 'allergens' | 'mayContain'> {
  if (cell === '?') return {};
  if (cell === '') throw new Error(`The food "${name}" says nothing of allergens: name them, or "-" for none.`);
  const named = cell === '-' ? [] : list(cell, ' ');
  const read = (word: string): Allergen => {
    const allergen = ALLERGENS.find((each) => each === word);
    if (!allergen) throw new Error(`The food "${name}" names "${word}", which is none of the fourteen.`);
    return allergen;
  };
  const may = named.filter((word) => word.startsWith('~')).map((word) => read(word.slice(1)));
  return {
    allergens: named.filter((word) => !word.startsWith('~')).map(read),
    ...(may.length > 0 ? { mayContain: may } : {}),
  };
}

const list = (cell: string, by: string): string[] =>
  cell
    .split(by)
    .map((part) => part.trim())
    .filter(Boolean);

const baseOf = (name: string): BaseUnit => (name === 'bay leaf' ? 'each' : POURED.test(name) ? 'mL' : 'g');

function keepsOf(cell: string): Pick<FoodFacts, 'keeps' | 'opened'> {
  const days = (parts: readonly string[]) =>
    Object.fromEntries(
      parts.map((part) => {
        const place = PLACE_LETTERS[part.charAt(0)];
        if (!place) throw new Error(`"${part}" names no place.`);
        return [place, fromMemory(Number(part.slice(1)))];
      }),
    );
  const parts = list(cell, ' ');
  const opened = parts.filter((part) => part.startsWith('o')).map((part) => part.slice(1));
  const shut = parts.filter((part) => !part.startsWith('o'));
  return {
    ...(shut.length > 0 ? { keeps: days(shut) } : {}),
    ...(opened.length > 0 ? { opened: days(opened) } : {}),
  };
}

function compositionOf(cells: readonly string[]): Composition | undefined {
  const [kJ, proteinG, fatG, carbohydrateG, fibreG, ironMg, vitaminCMg, sodiumMg] = cells.map((cell) =>
    cell === '' ? undefined : Number(cell),
  );
  const known = Object.entries({ kJ, proteinG, fatG, carbohydrateG, fibreG, ironMg, vitaminCMg, sodiumMg }).filter(
    ([, value]) => value !== undefined,
  );
  return known.length > 0 ? Object.fromEntries(known) : undefined;
}
