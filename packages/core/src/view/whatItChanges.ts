import { figureOf } from '../food/index.ts';
import { foodFigureOf, goingBy, type FigureKey } from '../learn/index.ts';
import type { Equipment, OwnLine } from '../kitchen/index.ts';
import { Fraction } from '../quantity/index.ts';
import { scaleBatch } from '../scaling/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { openOf, tasksOf } from './tasksOf.ts';

/** What plans going by a figure would change: minutes of all tasks of the session at hand, longer above nothing; grams in a portion of a dish; or grams that are bought. */
export type Change =
  | { readonly of: 'session'; readonly minutes: number }
  | { readonly of: 'portion'; readonly fromG: number; readonly toG: number }
  /** Grams that are bought for so many that are ready to cook. */
  | { readonly of: 'bought'; readonly readyG: number; readonly fromG: number; readonly toG: number };

/**
 * What would change if plans went by a figure. Undefined where no session is planned, or the dish is gone.
 * @example whatItChanges(view, { kind: 'hands', of: '' }, { value: 0.9, source: 'this kitchen, 40 steps' }) // { of: 'session', minutes: -21 }
 */
export function whatItChanges(view: KitchenView, key: FigureKey, figure: OwnLine | undefined): Change | undefined {
  const ofFood = foodFigureOf(key);
  if (ofFood) return ofBought(view, ofFood, figure);
  const now = view.kitchen.equipment;
  const then = goingBy(now, key, figure);
  return key.kind === 'yield' ? ofPortion(view, key.of, now, then) : ofSession(view, now, then);
}

/**
 * The same of several figures at once, for the session at hand.
 * @example ifAllWereUsed(view, [{ key: { kind: 'hands', of: '' }, own: { value: 0.9, source: '…' } }]) // { of: 'session', minutes: -21 }
 */
export const ifAllWereUsed = (
  view: KitchenView,
  figures: readonly { readonly key: FigureKey; readonly own: OwnLine }[],
): Change | undefined =>
  ofSession(
    view,
    view.kitchen.equipment,
    figures.reduce((all, { key, own }) => goingBy(all, key, own), view.kitchen.equipment),
  );

function ofSession(view: KitchenView, now: Equipment, then: Equipment): Change | undefined {
  const { session } = view;
  const open = openOf(view);
  if (!session || open.length === 0) return undefined;
  const minutes = (equipment: Equipment): number =>
    tasksOf(session, open, equipment, session.cooks, session.wishes).tasks.problem.tasks.reduce(
      (sum, task) => sum + task.minutes,
      0,
    );
  return { of: 'session', minutes: minutes(then) - minutes(now) };
}

/** So much of a vegetable, ready to cook, is spoken of. */
const READY_G = 500;
function ofBought(
  view: KitchenView,
  { food, figure }: NonNullable<ReturnType<typeof foodFigureOf>>,
  own: OwnLine | undefined,
): Change | undefined {
  const known = view.foods.get(food);
  const now = known && figureOf(known, figure)?.value;
  if (figure !== 'ediblePart' || !now || !own) return undefined;
  return { of: 'bought', readyG: READY_G, fromG: READY_G / now, toG: READY_G / own.value };
}

function ofPortion(view: KitchenView, dish: string, now: Equipment, then: Equipment): Change | undefined {
  const document = view.recipes.find((each) => each.document.component.id === dish)?.document;
  if (!document || document.lines.some(({ food }) => !view.foods.has(food))) return undefined;
  const portionG = (equipment: Equipment): number =>
    scaleBatch(document, new Fraction(document.portions), view.foods, equipment).portionG;
  return { of: 'portion', fromG: portionG(now), toG: portionG(then) };
}
