import type { Sourced } from '../quantity/index.ts';
import type { Food, FoodFacts } from './food.ts';

/**
 * What is taken over from a food that another one is like: its weights, how it cooks and keeps, what it holds, and its hazard. Never its names, its packs, nor what is said of
 * allergens: those are of the packet, and unknown until somebody has read it.
 * @example likeFood(kale).keeps?.fridge?.source // 'as kale'
 */
export function likeFood({ name, facts }: Food): Partial<FoodFacts> {
  const as = <T>(fact: Sourced<T> | undefined): Sourced<T> | undefined =>
    fact && { value: fact.value, source: `as ${name}` };
  const places = (of: FoodFacts['keeps']) =>
    of && Object.fromEntries(Object.entries(of).map(([place, days]) => [place, as(days)]));
  const taken = {
    gramsPerCup: as(facts.gramsPerCup),
    cookedGramsPerCup: as(facts.cookedGramsPerCup),
    gramsEach: as(facts.gramsEach),
    ediblePart: as(facts.ediblePart),
    uptake: as(facts.uptake),
    keeps: places(facts.keeps),
    opened: places(facts.opened),
    roles: facts.roles,
    composition: as(facts.composition),
    swells: facts.swells,
    hazard: facts.hazard,
  };
  return Object.fromEntries(Object.entries(taken).filter(([, fact]) => fact !== undefined));
}
