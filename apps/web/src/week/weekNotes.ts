import type { FoodState, RecipeState } from '@kestrel-ridge/core/formats';
import { itOrThem } from './weekWords.ts';
import { hotLines, type MildPart } from '@kestrel-ridge/core/recipe';
import { momentAt, portionsText, type Because, type Day, type Moment } from '@kestrel-ridge/core/quantity';
import {
  MEAL_NAMES,
  MEALS_A_DAY,
  becauseOfPlates,
  freezeBy,
  platesFrom,
  refusalOf,
  tooOften,
  varietyOf,
  type Plates,
  type Variety,
} from '@kestrel-ridge/core/week';
import { leadsOf, type KitchenView, type ScaledBatchView, type ShelfLot } from '@kestrel-ridge/core/view';
import { dayName } from '../parts/times.ts';
import { mildPartFor } from '@kestrel-ridge/core/view';
import type { ComponentStrip } from '@kestrel-ridge/core/view';
import { demandedOf } from '@kestrel-ridge/core/view';

/** Something about the week that a cook would want to know, with what can be done about it at once. */
export interface WeekNote {
  readonly key: string;
  readonly words: string;
  /** So many portions of a planned batch are frozen as well. */
  readonly freezeMore?: { readonly batch: string; readonly portions: number; readonly freezePortions: number };
  /** A small session more, at that moment, ms since 1970. */
  readonly topUpAt?: number;
  /** A step ahead of that session is too late. */
  readonly lateFor?: string;
  /** The mild part of a planned batch, or none any more. */
  readonly mild?: { readonly batch: ScaledBatchView; readonly part: MildPart | undefined };
  /** So much of a box goes into the freezer. */
  readonly freezeLot?: { readonly lot: ShelfLot; readonly grams: number };
}

/** What has to be frozen and by when, who does not eat what is planned, what comes too often, what is taken out mild. */
export function weekNotes(view: KitchenView, strips: readonly ComponentStrip[], now: Moment): readonly WeekNote[] {
  return [
    ...lateNotes(view, now),
    ...strips.flatMap((item) => toFreeze(view, item)),
    ...strips.flatMap((item) => peopleNotes(view, item)),
    ...strips.flatMap(longerThanBook),
    ...topUpNote(view, strips),
    ...oftenNotes(view, strips),
  ];
}

/** A soak that should have begun: said here, and put right where the session is. */
const lateNotes = (view: KitchenView, now: Moment): readonly WeekNote[] =>
  leadsOf(view, now)
    .filter(({ tooLate }) => tooLate)
    .map(({ id, ahead, session }) => ({
      key: id,
      words: `${ahead.dish}: “${ahead.name}” takes ${ahead.leastHours} h and has not begun; ${session.name} is sooner than that.`,
      lateFor: session.id,
    }));

function toFreeze(view: KitchenView, item: ComponentStrip): readonly WeekNote[] {
  const lots = view.lots.filter((lot) => lot.food.id === item.food.id);
  return freezeBy(item.supply, item.strip).flatMap(({ piece, grams, by, reaches }): WeekNote[] => {
    const portions = Math.round(grams / item.portionG);
    if (portions < 1) return [];
    const lot = lots[piece];
    const words = `${portionsText(portions)} of ${item.name} will not be eaten by ${dayName(by)}, its last day: freeze ${itOrThem(portions)} by then${reaches ? `, to reach ${dayName(reaches)}` : ''}.`;
    const base = { key: `freeze ${item.food.id} ${piece}`, words };
    if (lot) return [{ ...base, freezeLot: { lot, grams: Math.min(grams, lot.onHand.valueOf()) } }];
    const { batch, size } = item;
    if (!batch || !size || batch.session.status !== 'planned') return [base];
    return [
      {
        ...base,
        freezeMore: {
          batch: batch.state.id,
          portions: size.portions,
          freezePortions: Math.min(size.portions, size.freezePortions + portions),
        },
      },
    ];
  });
}

/** Who leaves a component that is planned, and whose part is taken out before it gets hot. */
function peopleNotes(view: KitchenView, item: ComponentStrip): readonly WeekNote[] {
  const recipe = view.recipes.find(({ document }) => document.component.id === item.food.id);
  if (!recipe) return [];
  const eaten = demandedOf(view, recipe, item.portionG);
  const leaves = view.week.eaters.flatMap((eater) => {
    const why = refusalOf(eater, eaten);
    return why ? [`${eater.name} (${why})`] : [];
  });
  return [
    ...(leaves.length > 0
      ? [{ key: `leaves ${item.food.id}`, words: `${item.name} is not for ${leaves.join(', ')}.` }]
      : []),
    ...mildNote(view, recipe, item),
  ];
}

/** Whose part is taken out before it gets hot: told, and one tap puts it into the run. */
function mildNote(view: KitchenView, recipe: RecipeState, item: ComponentStrip): readonly WeekNote[] {
  const { batch } = item;
  const hot = hotLines(recipe.document, view.foods).map((line) => view.foods.get(line.food)?.name ?? '');
  const planned = batch?.session.status === 'planned' ? batch : undefined;
  const set = planned?.state.choice.mild;
  const part = set ?? mildPartFor(view, recipe, item.portionG);
  if (!part) return [];
  const words = set
    ? `${item.name}: ${part.share} of it is taken out for ${part.who.join(', ')} before the ${hot.join(', ')} goes in.`
    : `${item.name}: ${part.who.join(', ')} ${part.who.length === 1 ? 'eats' : 'eat'} it mild, without ${hot.join(', ')}.`;
  return [
    {
      key: `mild ${item.food.id}`,
      words,
      ...(planned ? { mild: { batch: planned, part: set ? undefined : part } } : {}),
    },
  ];
}

/** The kitchen counts on more days than are published: it may, and is told so every time. */
function longerThanBook({ food, name }: ComponentStrip): readonly WeekNote[] {
  const { own, book } = food as Partial<FoodState>;
  const days = own?.['keeps.fridge'];
  const published = book?.['keeps.fridge'];
  return days !== undefined && published !== undefined && days > published
    ? [
        {
          key: `longer ${food.id}`,
          words: `${name} is counted ${days} days in the fridge, by this kitchen’s own figure; published cold-storage times say ${published}. Nobody but you answers for the days between.`,
        },
      ]
    : [];
}

/** From that many things on that end on one day, a small session before it is worth its hands. */
const WORTH_A_SESSION = 3;
const TOP_UP_HOUR = '10:00';

/** Where the fridge cannot reach the end of the week: a small session on the day before most of it ends. */
function topUpNote(view: KitchenView, strips: readonly ComponentStrip[]): readonly WeekNote[] {
  if (view.week.sessions.filter(({ status }) => status === 'planned').length > 1) return [];
  const ends = strips.flatMap(({ strip, batch }) => (batch && strip.firstShort ? [strip.firstShort.day] : []));
  const [day] = [...new Set(ends)].sort(
    (a, b) => ends.filter((each) => each === b).length - ends.filter((each) => each === a).length,
  );
  const many = ends.filter((each) => each === day).length;
  if (!day || many < WORTH_A_SESSION || day <= view.today) return [];
  return [
    {
      key: 'top-up',
      words: `${many} dishes end before ${dayName(day)}: the fridge does not reach to the end of the week. A small session that day would, or more of them frozen.`,
      topUpAt: momentAt(day, TOP_UP_HOUR, view.kitchen.equipment.zone),
    },
  ];
}

function oftenNotes(view: KitchenView, strips: readonly ComponentStrip[]): readonly WeekNote[] {
  return tooOften(view.week.eaters, varietyOfWeek(view, strips)).map(({ eater, food, days }) => ({
    key: `often ${eater.id} ${food}`,
    words: `${eater.name} gets ${view.foods.get(food)?.name ?? ''} ${days} days in a row.`,
  }));
}

/** Of meals that say what they are: open ones are anybody's choice. */
export function varietyOfWeek({ week }: KitchenView, strips: readonly ComponentStrip[]): Variety {
  const days = strips[0]?.strip.meals.filter((_, m) => m % MEALS_A_DAY === 0).map(({ day }) => day) ?? [];
  return varietyOf(
    days.map((day) => ({
      day,
      foods: week.slots.filter((slot) => slot.day === day).flatMap(({ parts }) => parts.map(({ food }) => food)),
    })),
  );
}

/** How many complete plates stand in boxes now, and after the cooking that is planned. */
export function platesOf(
  view: KitchenView,
  strips: readonly ComponentStrip[],
): { readonly now: Plates; readonly cooked: Plates; readonly because: Because } {
  const boxes = (planned: boolean) =>
    strips.map(({ food, kind, portionG, size, batch }) => ({
      food: food.id,
      kind,
      portionG,
      portions:
        view.lots
          .filter((lot) => lot.food.id === food.id)
          .reduce((sum, lot) => sum + lot.onHand.valueOf() / portionG, 0) +
        (planned && batch?.state.status === 'planned' ? (size?.portions ?? 0) : 0),
    }));
  const now = platesFrom(boxes(false));
  const cooked = platesFrom(boxes(true));
  const names = new Map(strips.map(({ food, name }) => [food.id, name]));
  const because = becauseOfPlates(boxes(cooked.plates > now.plates), (food) => names.get(food) ?? food);
  return { now, cooked, because };
}

/** A day's plate: protein, fibre, and which meals lack something. */
export interface DayFigure {
  readonly day: Day;
  readonly proteinG: number | undefined;
  readonly fibreG: number | undefined;
  /** How the protein came about. */
  readonly because: Because;
  readonly short: readonly string[];
}

/** Protein and fibre that an eater gets on each day from what the strips say is eaten; unknown where a component's are. */
export function dayFigures(
  view: KitchenView,
  strips: readonly ComponentStrip[],
  each: ReadonlyMap<string, { readonly proteinG: number | undefined; readonly fibreG: number | undefined }>,
  eatersOn: (day: Day) => number,
): readonly DayFigure[] {
  const days = strips[0]?.strip.meals.filter((_, m) => m % MEALS_A_DAY === 0).map(({ day }) => day) ?? [];
  return days.map((day, d): DayFigure => {
    const eaters = eatersOn(day);
    const eaten = strips.flatMap((item) => {
      const grams = MEAL_NAMES.reduce((sum, _, m) => sum + (item.strip.meals[d * MEALS_A_DAY + m]?.eaten ?? 0), 0);
      return grams < 1 ? [] : [{ item, portions: grams / item.portionG }];
    });
    const perEater = (key: 'proteinG' | 'fibreG') =>
      eaters === 0
        ? undefined
        : eaten.reduce<number | undefined>((all, { item, portions }) => {
            const known = each.get(item.food.id)?.[key];
            return known === undefined || all === undefined ? undefined : all + (portions * known) / eaters;
          }, 0);
    const proteinG = perEater('proteinG');
    return {
      day,
      proteinG,
      fibreG: perEater('fibreG'),
      because: {
        rule: `protein of what is eaten, shared by ${oneDecimal(eaters)} usual eaters`,
        figure: proteinG === undefined ? 'not known' : `${Math.round(proteinG)} g`,
        parts: eaten.map(({ item, portions }) => {
          const known = each.get(item.food.id)?.proteinG;
          return {
            rule: `${item.name}: ${portionsText(portions)}${known === undefined ? '' : ` with ${oneDecimal(known)} g each`}`,
            figure: known === undefined ? 'not known' : `${oneDecimal(portions * known)} g`,
          };
        }),
      },
      short: strips
        .filter(({ strip }) => strip.meals.some((meal) => meal.day === day && meal.short > 1))
        .map(({ name }) => name),
    };
  });
}

const oneDecimal = (n: number): string => `${Math.round(n * 10) / 10}`;
