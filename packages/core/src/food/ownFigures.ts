import type { Food, FoodFacts, PlaceKind } from './food.ts';

/** The figures of a food that a kitchen may know better than the book. */
export type FigureName =
  | 'gramsPerCup'
  | 'cookedGramsPerCup'
  | 'gramsEach'
  | 'ediblePart'
  | 'uptake'
  | `keeps.${PlaceKind}`
  | `opened.${'cupboard' | 'fridge'}`
  | `composition.${'kJ' | 'proteinG' | 'fatG' | 'carbohydrateG' | 'fibreG' | 'ironMg' | 'vitaminCMg' | 'sodiumMg' | 'alcoholG'}`;

export type OwnFigures = Readonly<Partial<Record<FigureName, number>>>;

export interface Figure {
  readonly name: FigureName;
  /** In a cook's words: "a level cup weighs". */
  readonly says: string;
  readonly unit: string;
  readonly least: number;
  readonly most: number;
  /** How a kitchen finds it out for itself. */
  readonly how?: string;
}

/** All of them, in the order of a food's page. */
export const FIGURES: readonly Figure[] = [
  { name: 'gramsPerCup', says: 'a level cup weighs', unit: 'g', least: 1, most: 700, how: 'Weigh one level cup.' },
  {
    name: 'cookedGramsPerCup',
    says: 'a cup of it cooked weighs',
    unit: 'g',
    least: 1,
    most: 700,
    how: 'Weigh one level cup of it, cooked.',
  },
  {
    name: 'gramsEach',
    says: 'one weighs, edible part',
    unit: 'g',
    least: 0.01,
    most: 20000,
    how: 'Weigh one, peeled and cored.',
  },
  {
    name: 'ediblePart',
    says: 'edible part of what is bought',
    unit: 'of 1',
    least: 0.05,
    most: 1,
    how: 'Weigh it before and after peeling; divide.',
  },
  {
    name: 'uptake',
    says: 'a gram takes up water',
    unit: 'g',
    least: 0.1,
    most: 8,
    how: 'Weigh it dry, and cooked and drained.',
  },
  { name: 'keeps.cupboard', says: 'keeps in the cupboard', unit: 'days', least: 1, most: 3650 },
  { name: 'keeps.cool room', says: 'keeps in the cool room', unit: 'days', least: 1, most: 3650 },
  { name: 'keeps.fridge', says: 'keeps in the fridge', unit: 'days', least: 1, most: 3650 },
  { name: 'keeps.freezer', says: 'keeps in the freezer', unit: 'days', least: 1, most: 3650 },
  { name: 'opened.cupboard', says: 'opened, keeps in the cupboard', unit: 'days', least: 1, most: 3650 },
  { name: 'opened.fridge', says: 'opened, keeps in the fridge', unit: 'days', least: 1, most: 3650 },
  { name: 'composition.kJ', says: 'energy in 100 g', unit: 'kJ', least: 0, most: 3800 },
  { name: 'composition.proteinG', says: 'protein in 100 g', unit: 'g', least: 0, most: 100 },
  { name: 'composition.fatG', says: 'fat in 100 g', unit: 'g', least: 0, most: 100 },
  { name: 'composition.carbohydrateG', says: 'carbohydrate in 100 g, without fibre', unit: 'g', least: 0, most: 100 },
  { name: 'composition.fibreG', says: 'fibre in 100 g', unit: 'g', least: 0, most: 100 },
  { name: 'composition.ironMg', says: 'iron in 100 g', unit: 'mg', least: 0, most: 200 },
  { name: 'composition.vitaminCMg', says: 'vitamin C in 100 g', unit: 'mg', least: 0, most: 3000 },
  { name: 'composition.sodiumMg', says: 'sodium in 100 g', unit: 'mg', least: 0, most: 40000 },
  { name: 'composition.alcoholG', says: 'alcohol in 100 g', unit: 'g', least: 0, most: 100 },
];

export interface KnownFigure {
  readonly value: number;
  readonly source: string;
}

/** Where a figure stands among a food's facts. */
type At =
  | { readonly among: 'keeps' | 'opened'; readonly name: PlaceKind }
  | { readonly among: 'composition'; readonly name: 'kJ' }
  | { readonly among: undefined; readonly name: 'gramsPerCup' };

/** The name of a figure, read: the one place that takes it apart. */
function placed(name: FigureName): At {
  const [among, of] = name.split('.');
  return (of === undefined ? { among: undefined, name } : { among, name: of }) as At;
}

/** A figure of a food with its source; undefined when it is not known. */
export function figureOf({ facts }: Pick<Food, 'facts'>, figure: FigureName): KnownFigure | undefined {
  const { among, name } = placed(figure);
  switch (among) {
    case 'keeps':
    case 'opened':
      return (facts[among] as Partial<Record<PlaceKind, KnownFigure>> | undefined)?.[name];
    case 'composition': {
      const value = facts.composition?.value[name];
      const source = facts.ownComposition?.includes(figure) ? THIS_KITCHEN : facts.composition?.source;
      return value === undefined || source === undefined ? undefined : { value, source };
    }
    case undefined:
      return facts[name];
  }
}

export const THIS_KITCHEN = 'this kitchen';

/** The book's facts with this kitchen's own figures in their place; each of them says so as its source. */
export const withOwnFigures = (facts: FoodFacts, own: OwnFigures): FoodFacts =>
  (Object.entries(own) as [FigureName, number][]).reduce(withOne, facts);

function withOne(facts: FoodFacts, [figure, value]: readonly [FigureName, number]): FoodFacts {
  const { among, name } = placed(figure);
  switch (among) {
    case 'keeps':
    case 'opened':
      return { ...facts, [among]: { ...facts[among], [name]: { value, source: THIS_KITCHEN } } };
    case 'composition':
      return {
        ...facts,
        composition: {
          value: { ...facts.composition?.value, [name]: value },
          source: facts.composition?.source ?? THIS_KITCHEN,
        },
        ownComposition: [...(facts.ownComposition ?? []), figure],
      };
    case undefined:
      return { ...facts, [name]: { value, source: THIS_KITCHEN } };
  }
}
