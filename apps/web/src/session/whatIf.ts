import { largestPot, type Equipment } from '@kestrel-ridge/core/kitchen';
import { cookedAs } from '@kestrel-ridge/core/recipe';
import type { SessionTasks, Wishes } from '@kestrel-ridge/core/session';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { Fraction, type MinuteCount } from '@kestrel-ridge/core/quantity';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import type { Asked } from '@kestrel-ridge/core/view';
import { openOf, tasksOf } from '@kestrel-ridge/core/view';
import { taskWords } from '../app/taskWords.ts';

/** Something that might happen, or that the cook might decide. */
export type WhatIf =
  | { readonly if: 'without dish'; readonly batch: string }
  | { readonly if: 'cooks'; readonly cooks: number }
  | { readonly if: 'without'; readonly station: 'oven' | 'cooker' | 'jug' }
  | { readonly if: 'later'; readonly minutes: MinuteCount }
  /** Something more in the kitchen. */
  | { readonly if: 'with'; readonly thing: Thing }
  /** Something more said of the plan. */
  | { readonly if: 'said'; readonly wishes: Wishes }
  /** A dish cooked another way; left out: its first way. */
  | { readonly if: 'method'; readonly batch: string; readonly method: string | undefined };

/** What a kitchen might have beside what it has. */
export type Thing = 'kettle' | 'rack' | 'cooker' | 'oven' | 'pot' | 'strainer';

const KETTLE = { litres: 1.7, watts: 2000 };

/** The kitchen with one thing more; undefined where there is no room for more of it in a plan. */
export function withThing(equipment: Equipment, thing: Thing): Equipment | undefined {
  const [cooker] = equipment.cookers;
  const [oven, ...ovens] = equipment.ovens;
  const pot = largestPot(equipment);
  switch (thing) {
    case 'kettle':
      return equipment.kettle ? undefined : { ...equipment, kettle: KETTLE };
    case 'rack':
      return oven && { ...equipment, ovens: [{ ...oven, racks: oven.racks + 1 }, ...ovens] };
    case 'cooker':
      return cooker && { ...equipment, cookers: [...equipment.cookers, cooker] };
    case 'oven':
      return oven && { ...equipment, ovens: [...equipment.ovens, oven] };
    case 'pot':
      return { ...equipment, pots: [...equipment.pots, { ...pot, name: `another ${pot.name}` }] };
    case 'strainer':
      return { ...equipment, strainers: (equipment.strainers ?? 1) + 1 };
    default:
      return thing satisfies never;
  }
}

export interface Tried {
  readonly tasks: SessionTasks;
  readonly asked: Asked;
  readonly batches: readonly ScaledBatchView[];
  readonly cooks: number;
  readonly laterMinutes: number;
  /** Dishes that are not cooked then. */
  readonly lost: readonly { readonly dish: string; readonly portions: number }[];
  /** Dishes that are cooked another way: by which method. */
  readonly otherwise: readonly { readonly dish: string; readonly method: string }[];
}

/** The session as it would be. */
export function tryOut(view: KitchenView, what: WhatIf, wishes: Wishes): Tried | undefined {
  const { session, kitchen } = view;
  if (!session) return undefined;
  const cooks = what.if === 'cooks' ? what.cooks : session.cooks;
  const lost: { dish: string; portions: number }[] = [];
  const otherwise: { dish: string; method: string }[] = [];
  const batches = openOf(view).flatMap((batch): ScaledBatchView[] => {
    const dish = batch.recipe.document.component.name;
    const leave = () => {
      lost.push({ dish, portions: Math.round(batch.scaled.portions.valueOf()) });
      return [];
    };
    if (what.if === 'without dish' && what.batch === batch.state.id) return leave();
    const by = (method: string | undefined): ScaledBatchView => {
      const { method: _was, ...choice } = batch.state.choice;
      const document = cookedAs(batch.written, method === undefined ? choice : { ...choice, method }, view.foods);
      const scaled = scaleBatch(document, new Fraction(batch.state.portions), view.foods, kitchen.equipment);
      return { ...batch, recipe: { ...batch.recipe, document }, scaled };
    };
    if (what.if === 'method' && what.batch === batch.state.id) return [by(what.method)];
    if (what.if !== 'without' || !needs(batch, what.station)) return [batch];
    const method = batch.written.methods?.find(({ uses }) => !uses.some(({ station }) => station === what.station));
    if (!method) return leave();
    otherwise.push({ dish, method: method.name });
    return [by(method.id)];
  });
  const equipment = what.if === 'with' ? withThing(kitchen.equipment, what.thing) : kitchen.equipment;
  if (!equipment) return undefined;
  const here =
    equipment === kitchen.equipment
      ? batches
      : batches.map((batch) => ({
          ...batch,
          scaled: scaleBatch(batch.recipe.document, new Fraction(batch.state.portions), view.foods, equipment),
        }));
  const { tasks, asked } = tasksOf(session, here, equipment, cooks, what.if === 'said' ? what.wishes : wishes);
  return {
    tasks: { ...tasks, about: taskWords(tasks.about) },
    asked,
    batches,
    cooks,
    laterMinutes: what.if === 'later' ? what.minutes : 0,
    lost,
    otherwise,
  };
}

const needs = ({ recipe }: ScaledBatchView, station: 'oven' | 'cooker' | 'jug'): boolean =>
  recipe.document.uses.some((use) => use.station === station) ||
  (station === 'cooker' && recipe.document.steps.some(({ kind }) => kind === 'pressure'));
