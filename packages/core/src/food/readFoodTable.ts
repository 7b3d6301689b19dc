import { commonPractice, fromMemory, type BaseUnit, type Sourced } from '../quantity/index.ts';
import { ALCOHOL_G, PACKS } from './table/packs.ts';
import { bookFoodId } from './bookFoodId.ts';
import type { Allergen, Composition, Food, FoodFacts, FoodKind, FoodRole, PlaceKind } from './food.ts';

/** Most figures: household weights, refuse and composition of this collection, recalled. */
const SR = 'USDA FoodData Central SR Legacy (from memory)';
const sr = (value: number): Sourced<number> => ({ value, source: SR });

/** Beans of the kidney kind (Phaseolus vulgaris): a lectin in them is destroyed only by boiling hard. Source: FDA Bad Bug Book, 2nd edition (from memory). */
const KIDNEY_KIND = [
  'kidney beans',
  'white kidney beans',
  'borlotti beans',
  'pinto beans',
  'black beans',
  'navy beans',
];

/** Lots of these are counted in millilitres. */
const POURED = /oil$|vinegar$|juice$|wine$|milk$|^water$|stock$|^dry cider$|^beer$|^soy sauce$|^tamari$|extract$/;

const PLACE_LETTERS: Readonly<Record<string, PlaceKind>> = { c: 'cupboard', r: 'cool room', f: 'fridge', z: 'freezer' };

const COLUMNS = 18;

/**
 * Reads a table of foods, one a line, cells parted by ";":
 * name; kind; grams in a US cup; grams of one, edible; edible % of what is bought; g water taken up by a g dry; grams in a cup cooked; days it keeps by place
 * (c cupboard, r cool room, f fridge, z freezer); allergens; roles; and in 100 g: kJ, protein, fat, carbohydrate, fibre (g), iron, vitamin C, sodium (mg);
 * other names; near names of different foods. An empty cell is unknown, never zero.
 */
export function readFoodTable(text: string): readonly Food[] {
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
      const alcoholG = ALCOHOL_G[name];
      const listed = compositionOf(cells.slice(10, COLUMNS));
      const composition = listed && alcoholG !== undefined ? { ...listed, alcoholG } : listed;
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
          ? { uptake: { value: Number(uptake), source: `computed from water contents of ${SR}` }, swells: true }
          : {}),
        ...(keeps ? { keeps: keepsOf(keeps) } : {}),
        ...(packs ? { packs: commonPractice(packs) } : {}),
        ...(allergens ? { allergens: list(allergens, ' ') as Allergen[] } : {}),
        ...(roles ? { roles: list(roles, ' ') as FoodRole[] } : {}),
        ...(composition ? { composition: { value: composition, source: SR } } : {}),
        ...(KIDNEY_KIND.includes(name) ? { hazard: 'boil beans hard' } : {}),
      };
      return { id: bookFoodId(name), name, facts };
    });
}

const list = (cell: string, by: string): string[] =>
  cell
    .split(by)
    .map((part) => part.trim())
    .filter(Boolean);

const baseOf = (name: string): BaseUnit => (name === 'bay leaf' ? 'each' : POURED.test(name) ? 'mL' : 'g');

function keepsOf(cell: string): NonNullable<FoodFacts['keeps']> {
  return Object.fromEntries(
    list(cell, ' ').map((part) => {
      const place = PLACE_LETTERS[part.charAt(0)];
      if (!place) throw new Error(`"${part}" names no place.`);
      return [place, fromMemory(Number(part.slice(1)))];
    }),
  );
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
