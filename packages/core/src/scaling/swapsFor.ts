import { massOf, type Allergen, type Food, type FoodId } from '../food/index.ts';
import { Fraction, quantityOf, type Because } from '../quantity/index.ts';
import type { Line, Revision, Swap } from '../recipe/index.ts';

/** Another food for a line, in the amount of equal strength, and what it changes. */
export interface SwapOffer {
  readonly swap: Swap;
  readonly food: Food;
  /** Grams for a gram of what it replaces, edible part. */
  readonly ratio: number;
  readonly because: Because;
  readonly allergensIn: readonly Allergen[];
  readonly allergensOut: readonly Allergen[];
  readonly changes: readonly string[];
}

interface Strength {
  readonly from: string;
  readonly to: string;
  readonly ratio: number;
  readonly note?: string;
}

/** Strengths that differ, grams for a gram. Source: from memory (common kitchen equivalents). */
/** Tins that stand for a dry legume once it is cooked. */
const TINS: Readonly<Record<string, string>> = {
  chickpeas: 'canned chickpeas',
  'borlotti beans': 'canned borlotti',
  'kidney beans': 'canned kidney beans',
  'black-eyed peas': 'canned black-eyed peas',
  lentils: 'canned lentils',
};

const STRENGTHS: readonly Strength[] = [
  { from: 'garlic', to: 'garlic powder', ratio: 0.135 },
  { from: 'ginger', to: 'ground ginger', ratio: 0.072, note: 'drier and sharper' },
  { from: 'lemon juice', to: 'cider vinegar', ratio: 1, note: 'sharper, without the fruit' },
  { from: 'cider vinegar', to: 'lemon juice', ratio: 1 },
  {
    from: 'canned tomatoes',
    to: 'tomato paste',
    ratio: 1 / 3,
    note: 'thin it with water; it brings neither their sweet nor their acid',
  },
  { from: 'tomato paste', to: 'canned tomatoes', ratio: 3, note: 'wetter: simmer longer' },
  { from: 'wheat flour', to: 'cornflour', ratio: 0.5, note: 'clearer; let it bubble for a minute' },
  { from: 'cornflour', to: 'wheat flour', ratio: 2, note: 'cloudier; let it bubble for a minute' },
  { from: 'maple syrup', to: 'agave syrup', ratio: 0.9 },
  { from: 'maple syrup', to: 'sugar', ratio: 0.8, note: 'drier' },
  { from: 'agave syrup', to: 'maple syrup', ratio: 1 / 0.9 },
  { from: 'sugar', to: 'maple syrup', ratio: 1.25, note: 'wetter' },
  { from: 'soy sauce', to: 'salt', ratio: 0.19, note: 'salt alone, without its depth' },
  { from: 'soy sauce', to: 'tamari', ratio: 1 },
];

/** Kinds within which a gram may stand for a gram, when a role is shared. */
const ALIKE = ['grain', 'legume', 'vegetable', 'leaf', 'fruit', 'nut or seed', 'fat', 'acid'];
const MOST_OFFERS = 6;

/**
 * What may stand in for a line's food: by a known strength, or gram for gram within its kind where a role is shared; what is on the shelf comes first.
 * `onHandG` tells how many grams of a food are there.
 */
export function swapsFor(
  line: Line,
  foods: ReadonlyMap<FoodId, Food>,
  onHandG: (food: FoodId) => number,
  recipe?: Revision,
): readonly SwapOffer[] {
  const food = foods.get(line.food);
  const written = food && massOf(food, quantityOf(line.amount));
  if (!food || !written?.ok) return [];
  const grams = written.value.g;

  const offers = [...foods.values()].flatMap((other): (SwapOffer & { readonly rank: number })[] => {
    if (other.id === food.id || other.facts.kind === 'component') return [];
    const tin = TINS[food.name] === other.name && food.facts.uptake;
    const saved = tin && recipe ? savedBy(recipe, line, foods) : { skips: [], without: [] };
    const strength: Strength | undefined = tin
      ? { from: food.name, to: other.name, ratio: 1 + tin.value, note: 'cooked and soft already' }
      : STRENGTHS.find((each) => each.from === food.name && each.to === other.name);
    const shared = (other.facts.roles ?? []).filter((role) => (food.facts.roles ?? []).includes(role));
    // Dry and canned, dry and fresh are not alike gram for gram.
    const alike =
      other.facts.kind === food.facts.kind &&
      ALIKE.includes(food.facts.kind) &&
      shared.length > 0 &&
      (other.facts.uptake === undefined) === (food.facts.uptake === undefined);
    if (!strength && !alike) return [];
    const ratio = strength?.ratio ?? 1;
    const amount = grams.mul(new Fraction(ratio)).round(grams.compare(20) < 0 ? 2 : 0);
    if (amount.compare(0) <= 0) return [];
    const there = onHandG(other.id);
    const changes = [
      ...(strength?.note ? [strength.note] : []),
      ...(saved.skips.length > 0
        ? [
            `saves ${saved.skips.map((id) => `“${recipe?.steps.find((step) => step.id === id)?.name ?? id}”`).join(', ')}`,
          ]
        : []),
      ...(food.facts.uptake && other.facts.uptake ? ['other cooking time and water: look at the plan'] : []),
      ...(other.facts.hazard && !food.facts.hazard ? ['must be soaked and boiled hard'] : []),
      ...((food.facts.roles ?? []).includes('colour') !== (other.facts.roles ?? []).includes('colour')
        ? ['other colour']
        : []),
    ];
    const has = (one: Food) => one.facts.allergens ?? [];
    return [
      {
        swap: {
          line: line.id,
          food: other.id,
          amount: { n: amount.toString(), unit: 'g' },
          ...(saved.skips.length > 0 ? saved : {}),
        },
        food: other,
        ratio,
        because: strength
          ? {
              rule: tin
                ? `${other.name}, drained, for ${food.name}: ${Number(ratio.toFixed(2))} g a gram, as cooked`
                : `${other.name} for ${food.name}: ${Number(ratio.toFixed(3))} g a gram, of equal strength`,
              figure: `${amount.toString()} g`,
              source: tin ? tin.source : 'from memory',
            }
          : {
              rule: `same kind, same role (${shared.join(', ')}): gram for gram`,
              figure: `${amount.toString()} g`,
              source: 'common practice, no published source',
            },
        allergensIn: has(other).filter((allergen) => !has(food).includes(allergen)),
        allergensOut: has(food).filter((allergen) => !has(other).includes(allergen)),
        changes,
        rank: (there >= amount.valueOf() ? 0 : there > 0 ? 10 : 20) + (strength ? 0 : 3 - Math.min(3, shared.length)),
      },
    ];
  });
  return offers.sort((a, b) => a.rank - b.rank || a.food.name.localeCompare(b.food.name)).slice(0, MOST_OFFERS);
}

/** Steps that a cooked food has behind it, and the water that goes with them: those that take nothing but this line, water and seasoning. Some step must be left. */
function savedBy(
  recipe: Revision,
  line: Line,
  foods: ReadonlyMap<FoodId, Food>,
): { readonly skips: readonly string[]; readonly without: readonly string[] } {
  const onlyFor = (step: string) =>
    recipe.lines.every(
      (other) =>
        other.id === line.id ||
        !other.into.some((into) => into.step === step) ||
        ['water', 'seasoning'].includes(foods.get(other.food)?.facts.kind ?? ''),
    );
  const reached = new Set<string>(line.into.map((into) => into.step));
  for (const step of recipe.steps) if (step.after.some((after) => reached.has(after.step))) reached.add(step.id);
  const skips = recipe.steps
    .filter((step) => reached.has(step.id) && (step.kind === 'ahead' || step.kind === 'pressure') && onlyFor(step.id))
    .map((step) => step.id);
  if (!recipe.steps.some((step) => !skips.includes(step.id) && reached.has(step.id)))
    return { skips: skips.filter((id) => recipe.steps.find((step) => step.id === id)?.kind === 'ahead'), without: [] };
  const without = recipe.lines
    .filter(
      (other) => foods.get(other.food)?.facts.kind === 'water' && other.into.every((into) => skips.includes(into.step)),
    )
    .map((other) => other.id);
  return { skips, without };
}
