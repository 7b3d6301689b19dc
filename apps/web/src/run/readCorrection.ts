import { findFood, indexFoods, readFinal, type FinalUnread, type FoodIndex } from '@kestrel-ridge/core/formats';
import {
  Fraction,
  MEASURES,
  count,
  inBase,
  mass,
  quantityOf,
  readNumber,
  volume,
  type Outcome,
  type Quantity,
  type UnitSystem,
  type Written,
} from '@kestrel-ridge/core/quantity';
import type { Swap } from '@kestrel-ridge/core/recipe';
import { swapsFor, type ScaledLine } from '@kestrel-ridge/core/scaling';
import type { TaskAbout } from '@kestrel-ridge/core/session';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { gramsOnHand } from '@kestrel-ridge/core/view';

/** What a line of the run's tablet says of an ingredient, where it says something of one. */
export type Correction =
  | {
      readonly kind: 'more';
      readonly task: string;
      readonly line: string;
      readonly food: string;
      readonly dish: string;
      readonly plus: Written;
      readonly guessed: boolean;
    }
  | {
      readonly kind: 'instead';
      readonly batch: ScaledBatchView;
      readonly was: string;
      readonly food: string;
      readonly swap: Swap;
    }
  | { readonly kind: 'not so'; readonly why: string };

const MORE = /^(?:\+|(?:plus|another|more|extra|add)\s+)\s*(?=[\d½¼¾⅓⅔⅛])(.+)$/i;
const BARE = /^[\d½¼¾⅓⅔⅛.,/ ]+$/;
const A_LITTLE = /^(?:and )?(?:a (?:little|bit|touch|splash)(?: more)?|some more|slightly more)\s+(?:of\s+)?(.+)$/i;
const OUT_OF = /^(?:we(?:’|')?re |we are )?out of (.+?)[,;]?\s+(?:so )?(?:i |we )?(?:used|use|take|took|with)\s+(.+)$/i;
/** What "a little more" is counted as, of what was planned. Common practice, no published source. */
const A_LITTLE_IS = new Fraction(1, 10);

const NOTHING: Readonly<Record<Quantity['kind'], Quantity>> = { mass: mass(0), volume: volume(0), count: count(0) };

/** How much more went into a line, as it was said; what is of another kind is turned into the line's own, where the food's weight is known. */
export function plusOf(line: ScaledLine, text: string, units: UnitSystem): Outcome<Written, FinalUnread> {
  const bare = text.replace(/^\s*\+/, '');
  const { kind } = line.amount.value;
  const as = (said: string) => readFinal(said, NOTHING[kind], line.line.amount.unit, line.food, units);
  const said = as(bare);
  return said.ok && quantityOf(said.value).kind !== kind ? as(`+${bare}`) : said;
}

/**
 * "+1 tsp caraway", "another 100 mL water", "a little more vinegar", "out of leeks, used onions": what went in otherwise, in one line.
 * The dish at hand is meant before the others that are cooked. Undefined where the line says nothing of the kind.
 */
export function readCorrection(
  text: string,
  view: KitchenView,
  about: Readonly<Record<string, TaskAbout>>,
  current: TaskAbout | undefined,
): Correction | undefined {
  const line = text.trim();
  const more = MORE.exec(line);
  const little = more ? null : A_LITTLE.exec(line);
  const out = OUT_OF.exec(line);
  if (!more && !little && !out) return undefined;
  // What goes into the dishes is looked for by its names first: of two oils, the one that is cooked with is meant.
  const cooked = new Set(view.batches.flatMap(({ scaled }) => scaled.lines.map((each) => each.food)));
  const foods = indexFoods([...cooked]);
  const known = (words: string, index: FoodIndex) => {
    const found = findFood(words, index);
    return found && !('near' in found) ? found.food : undefined;
  };
  const all = () => indexFoods([...view.foods.values()]);
  const words = (more ?? little ?? out)?.[1] ?? '';
  const food = known(words, foods) ?? known(words, all());
  if (!food) return { kind: 'not so', why: 'Which ingredient is that? Write it as it stands in the recipe.' };
  const at = whereIn(view, about, current, food.id);
  if (!at) return { kind: 'not so', why: `${food.name} goes into none of the dishes that are cooked.` };
  const { batch, scaled, task } = at;
  if (out) {
    const instead = known(out[2] ?? '', all());
    const written = batch.written.lines.find(({ id }) => id === scaled.line.id);
    if (!instead || !written) return { kind: 'not so', why: `What was used instead of ${food.name}?` };
    const offer = swapsFor(written, view.foods, (id) => gramsOnHand(view, id), batch.written).find(
      (each) => each.food.id === instead.id,
    );
    if (!offer)
      return {
        kind: 'not so',
        why: `How much ${instead.name} stands for ${food.name} is not known here. Log it when the dish is put away.`,
      };
    return { kind: 'instead', batch, was: food.name, food: instead.name, swap: offer.swap };
  }
  const { unit } = scaled.line.amount;
  const base = {
    kind: 'more' as const,
    task,
    line: scaled.line.id,
    food: food.name,
    dish: batch.recipe.document.component.name,
  };
  if (little) {
    const n = inBase(scaled.amount.value).mul(A_LITTLE_IS).div(MEASURES[unit].factor);
    return { ...base, plus: { n: n.round(n.compare(10) < 0 ? 2 : 0).toString(), unit }, guessed: true };
  }
  const amount = (more?.[1] ?? '').replace(new RegExp(`\\s*(?:of\\s+)?${wordsOf(line, foods)}.*$`, 'i'), '');
  const pieces = unit !== 'each' && BARE.test(amount) ? readNumber(amount)?.value : undefined;
  const gramsEach = food.facts.gramsEach?.value;
  if (pieces && gramsEach === undefined) return { kind: 'not so', why: `How much is that? Write +20 g ${food.name}.` };
  // "+2 onions" are two of them, also where the recipe weighs them.
  const said = pieces && gramsEach !== undefined ? `${Math.round(pieces.valueOf() * gramsEach)} g` : amount;
  const plus = plusOf(scaled, said, view.kitchen.equipment.units ?? 'US');
  return plus.ok ? { ...base, plus: plus.value, guessed: false } : { kind: 'not so', why: plus.problem.text };
}

/** The words of a line that name its food, for a pattern. */
function wordsOf(line: string, foods: FoodIndex): string {
  const found = findFood(line, foods);
  return (found && !('near' in found) ? found.words : '$^').replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}

function whereIn(
  view: KitchenView,
  about: Readonly<Record<string, TaskAbout>>,
  current: TaskAbout | undefined,
  food: string,
): { readonly batch: ScaledBatchView; readonly scaled: ScaledLine; readonly task: string } | undefined {
  const tasks = Object.values(about);
  const ordered = [...(current ? [current] : []), ...tasks.filter(({ batch }) => batch === current?.batch), ...tasks];
  for (const task of ordered) {
    const batch = view.batches.find(({ state }) => state.id === task.batch);
    const scaled = batch?.scaled.lines.find(
      (each) => each.food.id === food && task.goesIn.some(({ line }) => line === each.line.id),
    );
    if (batch && scaled) return { batch, scaled, task: task.id };
  }
  return undefined;
}
