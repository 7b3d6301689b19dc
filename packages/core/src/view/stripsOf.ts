import type { Food } from '../food/index.ts';
import { Fraction, addDays, dayAt, daysBetween, localMoment, momentAt, type Day } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import { keepsUntil } from '../storage/index.ts';
import { MEALS_A_DAY, MEAL_NAMES, demandOf, foldStrip, type Strip, type Supply } from '../week/index.ts';
import { scaleBatch, type ScaledBatch } from '../scaling/index.ts';
import { hourAt } from '../quantity/index.ts';
import type { KitchenView, ScaledBatchView } from './kitchenView.ts';
import { demandedOf, learnedOf, tableOf } from './tableOf.ts';
import type { DraftSize } from './weekChange.ts';

export const DAYS = 7;

export interface ComponentStrip {
  readonly food: Food;
  readonly name: string;
  readonly kind: Revision['component']['kind'];
  readonly portionG: number;
  readonly strip: Strip;
  /** The planned batch behind it, when there is one. */
  readonly batch: ScaledBatchView | undefined;
  readonly scaled: ScaledBatch | undefined;
  readonly size: DraftSize | undefined;
  readonly portionsADay: number;
  /** What the strip was folded from, piece by piece. */
  readonly supply: readonly Supply[];
}

/** A session's hour, on another day. */
export const onDay = (startsAt: string, day: Day, zone: string): number =>
  momentAt(day, localMoment(Date.parse(startsAt), zone).slice(11), zone);

export const weekDays = (today: Day): readonly Day[] => Array.from({ length: DAYS }, (_, n) => addDays(today, n));

const sizeOf = ({ state }: ScaledBatchView): DraftSize => ({
  portions: Number(state.portions),
  freezePortions: Number(state.freezePortions),
});

/** A meal is over, for the strip, when most kitchens have eaten it: lunch by 15 h, dinner by 22 h. */
const MEAL_OVER_HOUR = [15, 22];

/** Every component through the next seven days: what stands in boxes and what is planned, against what those people eat. */
export function stripsOf(
  view: KitchenView,
  drafts: Readonly<Record<string, DraftSize>>,
  now: number,
  /** Batches that are tried on another day. */
  moved: Readonly<Record<string, Day>> = {},
): readonly ComponentStrip[] {
  const { today, kitchen, foods } = view;
  const table = tableOf(view);
  const learned = learnedOf(view);
  const days = weekDays(today);
  // A meal of which somebody has said what was eaten is over.
  const eatenAlready = new Set(
    view.week.eaten.flatMap(({ day, meal }) => {
      const d = days.indexOf(day);
      return d < 0 ? [] : [d * MEALS_A_DAY + MEAL_NAMES.indexOf(meal)];
    }),
  );
  const hour = hourAt(now, kitchen.equipment.zone);
  const over = MEAL_OVER_HOUR.filter((end) => hour >= end).length;

  return view.recipes.flatMap((recipe): ComponentStrip[] => {
    const component = foods.get(recipe.document.component.id);
    if (!component) return [];
    const batches = view.batches.filter((each) => each.recipe.id === recipe.id && each.state.status === 'planned');
    const [batch] = batches;
    const lots = view.lots.filter((lot) => lot.food.id === component.id);
    if (!batch && lots.length === 0) return [];
    const draft = batch && (drafts[batch.state.id] ?? sizeOf(batch));
    const scaled =
      batch && draft
        ? draft.portions === Number(batch.state.portions)
          ? batch.scaled
          : scaleBatch(batch.recipe.document, new Fraction(draft.portions), foods, kitchen.equipment)
        : undefined;
    const portionG = scaled?.portionG ?? Number(lots[0]?.state.portionG ?? 150);

    const supply: Supply[] = lots.map((lot) => ({
      grams: lot.onHand.valueOf(),
      fromMeal: 0,
      frozen: lot.place.kind === 'freezer',
      ...(lot.until ? { until: lot.until.value } : {}),
    }));
    for (const each of batches) {
      const size = each === batch && draft ? draft : sizeOf(each);
      const day = moved[each.state.id];
      const startMs = Math.max(
        day ? onDay(each.session.startsAt, day, kitchen.equipment.zone) : Date.parse(each.session.startsAt),
        now,
      );
      const made = dayAt(new Date(startMs), kitchen.equipment.zone);
      const madeHour = hourAt(startMs, kitchen.equipment.zone);
      const fromMeal = Math.max(0, daysBetween(today, made) * MEALS_A_DAY + (madeHour < 10 ? 0 : 1));
      const until = keepsUntil(component, 'fridge', { madeOn: made });
      supply.push({
        grams: (size.portions - size.freezePortions) * portionG,
        fromMeal,
        frozen: false,
        ...(until ? { until: until.value } : {}),
      });
      if (size.freezePortions > 0) supply.push({ grams: size.freezePortions * portionG, fromMeal, frozen: true });
    }

    const demanded = demandedOf(view, recipe, portionG);
    const firstMeal = Math.max(over, Math.min(...supply.map((piece) => piece.fromMeal), DAYS * MEALS_A_DAY));
    const want = demandOf(demanded, days, table, learned).map((grams, m) =>
      m < firstMeal || eatenAlready.has(m) ? 0 : grams,
    );
    const { kind, name } = recipe.document.component;
    return [
      {
        food: component,
        name,
        kind,
        portionG,
        strip: foldStrip(days, supply, want),
        batch,
        scaled,
        size: draft,
        portionsADay: demanded.portionsADay,
        supply,
      },
    ];
  });
}
