import {
  addedBy,
  massOf,
  statementOf,
  type Allergen,
  type AllergenStatement,
  type Food,
  type FoodId,
} from '../food/index.ts';
import { Fraction, quantityOf, type Because, shortest } from '../quantity/index.ts';
import type { Line, Revision, Swap } from '../recipe/index.ts';
import { STRENGTHS, TINS, alike, type Strength } from './swapRules.ts';

/** Another food for a line, in the amount of equal strength, and what it changes. */
export interface SwapOffer {
  readonly swap: Swap;
  readonly food: Food;
  /** Grams for a gram of what it replaces, edible part. */
  readonly ratio: number;
  readonly because: Because;
  /** What it brings in that was not there: contained, possible, or unknown. */
  readonly allergensIn: AllergenStatement;
  readonly allergensOut: readonly Allergen[];
  readonly changes: readonly string[];
}

const MOST_OFFERS = 6;

/**
 * What may stand in for a line's food: by a known strength, or gram for gram where both do the same in a dish; what is on the shelf comes first.
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
    if (!strength && !alike(food.name, other.name)) return [];
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
      ...(other.facts.hazard === 'boil beans hard' && food.facts.hazard !== 'boil beans hard'
        ? ['must be soaked and boiled hard']
        : []),
      ...(alcoholOf(other) > 0 && alcoholOf(food) === 0 ? [`brings in alcohol, ${alcoholOf(other)} g in 100 g`] : []),
      ...((food.facts.roles ?? []).includes('colour') !== (other.facts.roles ?? []).includes('colour')
        ? ['other colour']
        : []),
    ];
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
                ? `${other.name}, drained, for ${food.name}: ${shortest(ratio, 2)} g a gram, as cooked`
                : `${other.name} for ${food.name}: ${shortest(ratio, 3)} g a gram, of equal strength`,
              figure: `${amount.toString()} g`,
              source: tin ? tin.source : 'from memory',
            }
          : {
              rule: 'does the same in a dish: gram for gram',
              figure: `${amount.toString()} g`,
              source: 'common practice, no published source',
            },
        allergensIn: addedBy(statementOf(other), statementOf(food)),
        allergensOut: statementOf(food).contains.filter((allergen) => !statementOf(other).contains.includes(allergen)),
        changes,
        rank: (there >= amount.valueOf() ? 0 : there > 0 ? 10 : 20) + (strength ? 0 : 3 - Math.min(3, shared.length)),
      },
    ];
  });
  return offers.sort((a, b) => a.rank - b.rank || a.food.name.localeCompare(b.food.name)).slice(0, MOST_OFFERS);
}

const alcoholOf = ({ facts }: Food): number => facts.composition?.value.alcoholG ?? 0;

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
