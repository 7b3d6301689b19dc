import type { Food } from '../food/index.ts';
import { Fraction, addDays, dayAt, type Day, type Moment } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import { keepsUntil } from '../storage/index.ts';
import {
  MEALS_A_DAY,
  MEAL_NAMES,
  demandOf,
  firstMealFrom,
  firstMealOf,
  foldStrip,
  mealsOver,
  type Strip,
  type Supply,
} from '../week/index.ts';
import { scaleBatch, type ScaledBatch } from '../scaling/index.ts';
import { lotsOf, type KitchenView, type ScaledBatchView } from './kitchenView.ts';
import { demandedOf, learnedOf, tableOf } from './tableOf.ts';
import { onDay } from './onDay.ts';
import { comingId, promisesOf } from './promisesOf.ts';
import type { DraftSize } from './weekChange.ts';
import { thawedAfter } from './frozenThrough.ts';
import { withDrafts } from './withDrafts.ts';

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

let lastDays: readonly Day[] = [];
/** Today and the six days after it; the same list for the same day. */
export function weekDays(today: Day): readonly Day[] {
  if (lastDays[0] !== today) lastDays = Array.from({ length: DAYS }, (_, n) => addDays(today, n));
  return lastDays;
}

const sizeOf = ({ state }: ScaledBatchView): DraftSize => ({
  portions: Number(state.portions),
  freezePortions: Number(state.freezePortions),
});

/** What was folded last for a recipe: it holds as long as its supply and the table are the same. */
const folded = new WeakMap<
  Revision,
  { readonly from: readonly unknown[]; readonly figures: string; readonly strip: Strip }
>();
const pieceKey = ({ grams, fromMeal, frozen, thawed, until }: Supply): string =>
  `${grams}@${fromMeal}${frozen ? 'f' : ''}${thawed ? 't' : ''}${until ?? ''}`;

/** Every component through the next seven days: what stands in boxes and what is planned, against what those people eat. */
export function stripsOf(
  view: KitchenView,
  drafts: Readonly<Record<string, DraftSize>>,
  now: Moment,
  /** Batches that are tried on another day. */
  moved: Readonly<Record<string, Day>> = {},
): readonly ComponentStrip[] {
  const { today, kitchen, foods } = view;
  // What other dishes are made of is not on the table.
  const { promises } = promisesOf(withDrafts(view, drafts, moved));
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
  const { zone } = kitchen.equipment;
  const over = mealsOver(view.week.slots, days, zone, now);
  /** The first meal that a frozen box can feed: the same for boxes of one kind and day. */
  const feeds = new Map<string, number>();
  const feedsFrom = (frozenOn: Day | undefined, box: string | null): number => {
    if (frozenOn === undefined) return 0;
    const key = `${frozenOn} ${box ?? ''}`;
    const first = feeds.get(key) ?? firstMealFrom(view.week.slots, days, zone, thawedAfter(view, frozenOn, box));
    feeds.set(key, first);
    return first;
  };
  const promisedTo = new Map<string, number>();
  for (const { lot, amount } of promises.promised) promisedTo.set(lot, (promisedTo.get(lot) ?? 0) + amount.valueOf());

  return view.recipes.flatMap((recipe): ComponentStrip[] => {
    const component = foods.get(recipe.document.component.id);
    if (!component) return [];
    const batches = view.batches.filter((each) => each.recipe.id === recipe.id && each.state.status === 'planned');
    const [batch] = batches;
    const lots = lotsOf(view, component.id);
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
      grams: lot.onHand.valueOf() - (promisedTo.get(lot.state.id) ?? 0),
      fromMeal: lot.place.kind === 'freezer' ? feedsFrom(lot.state.dates.frozenOn, lot.state.box) : 0,
      frozen: lot.place.kind === 'freezer',
      ...(lot.state.dates.thawedOn ? { thawed: true } : {}),
      ...(lot.until ? { until: lot.until.value } : {}),
    }));
    for (const each of batches) {
      const size = each === batch && draft ? draft : sizeOf(each);
      const day = moved[each.state.id];
      const startMs = Math.max(day ? onDay(each.session.startsAt, day, zone) : Date.parse(each.session.startsAt), now);
      const made = dayAt(new Date(startMs), zone);
      const fromMeal = firstMealOf(view.week.slots, days, zone, startMs);
      const until = keepsUntil(component, 'fridge', { madeOn: made });
      const goesOn = (part: 'cold' | 'frozen') => promisedTo.get(comingId(each.state.id, part)) ?? 0;
      supply.push({
        grams: Math.max(0, (size.portions - size.freezePortions) * portionG - goesOn('cold')),
        fromMeal,
        frozen: false,
        ...(until ? { until: until.value } : {}),
      });
      const frozen = size.freezePortions * portionG - goesOn('frozen');
      if (frozen > 0) supply.push({ grams: frozen, fromMeal: Math.max(fromMeal, feedsFrom(made, null)), frozen: true });
    }

    const demanded = demandedOf(view, recipe, portionG);
    const firstMeal = Math.max(over, Math.min(...supply.map((piece) => piece.fromMeal), DAYS * MEALS_A_DAY));
    const { week } = view;
    const from = [
      week.eaters,
      week.attendance,
      week.slots,
      week.appetites,
      week.eaten,
      week.plates,
      foods,
      view.recipes,
      today,
    ];
    const figures = `${portionG} ${firstMeal} ${supply.map(pieceKey).join(' ')}`;
    const known = folded.get(recipe.document);
    const same = known?.figures === figures && known.from.every((each, n) => each === from[n]);
    const strip = same
      ? known.strip
      : foldStrip(
          days,
          supply,
          demandOf(demanded, days, table, learned).map((grams, m) =>
            m < firstMeal || eatenAlready.has(m) ? 0 : grams,
          ),
        );
    if (!same) folded.set(recipe.document, { from, figures, strip });
    const { kind, name } = recipe.document.component;
    return [
      {
        food: component,
        name,
        kind,
        portionG,
        strip,
        batch,
        scaled,
        size: draft,
        portionsADay: demanded.portionsADay,
        supply,
      },
    ];
  });
}
