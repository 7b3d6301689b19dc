import { shareOf, type ComponentKind, type Eater, type MealName } from '@kestrel-ridge/core/week';
import { Fraction, type Day } from '@kestrel-ridge/core/quantity';
import { newId } from '../parts/newId.ts';
import type { KitchenView, LotStep } from '@kestrel-ridge/core/view';
import type { ReadyComponent } from '@kestrel-ridge/core/view';
import { platesFor, takesFor } from '@kestrel-ridge/core/view';

/** Portions on the plates, by component. */
export type Plates = Readonly<Record<string, number>>;

const half = (n: number): number => Math.round(n * 2) / 2;

/** What a meal takes of what stands there, in half portions and no more than is there: what it says, or at an open meal what is usual. */
export const asReckoned = (
  view: KitchenView,
  ready: readonly ReadyComponent[],
  { day, meal }: { readonly day: Day; readonly meal: MealName },
  present?: readonly Eater[],
): Plates =>
  Object.fromEntries(
    ready.flatMap((each) => {
      const wanted = half(platesFor(view, each.food.id, day, meal, present));
      return wanted > 0 && each.portions > 0 ? [[each.food.id, Math.min(each.portions, wanted)]] : [];
    }),
  );

export interface EatenEntry {
  readonly id: string;
  readonly eater?: string;
  readonly food: string;
  readonly day: Day;
  readonly meal: MealName;
  readonly portions: number;
}

/** Who ate how much: by their shares, where nobody says otherwise. What guests ate has no name. */
export function entriesFor(
  plates: Plates,
  said: Readonly<Record<string, number>>,
  at: { readonly day: Day; readonly meal: MealName; readonly guests: number },
  who: (food: string) => readonly Eater[],
  kindOf: (food: string) => ComponentKind,
): readonly EatenEntry[] {
  const { day, meal, guests } = at;
  return Object.entries(plates).flatMap(([food, portions]): EatenEntry[] => {
    if (portions <= 0) return [];
    const eaters = who(food);
    const told = eaters.filter(({ id }) => said[`${id} ${food}`] !== undefined);
    const others = eaters.filter(({ id }) => said[`${id} ${food}`] === undefined);
    const toldPortions = told.reduce((sum, { id }) => sum + (said[`${id} ${food}`] ?? 0), 0);
    const shares = others.reduce((sum, eater) => sum + shareOf(eater, kindOf(food)), guests);
    const each = shares > 0 ? Math.max(0, portions - toldPortions) / shares : 0;
    const entry = (n: number, eater?: string): EatenEntry[] =>
      n < 0.02
        ? []
        : [{ id: newId(), food, day, meal, portions: Math.round(n * 100) / 100, ...(eater ? { eater } : {}) }];
    return [
      ...told.flatMap(({ id }) => entry(said[`${id} ${food}`] ?? 0, id)),
      ...others.flatMap((eater) => entry(each * shareOf(eater, kindOf(food)), eater.id)),
      ...entry(each * guests),
    ];
  });
}

/** What so many portions on the plates take from the boxes, as steps that can be looked at before. */
export const stepsOf = (view: KitchenView, ready: readonly ReadyComponent[], plates: Plates): readonly LotStep[] =>
  ready
    .flatMap((each) => takesFor(each, plates[each.food.id] ?? 0))
    .flatMap(({ lot, amount }): LotStep[] => {
      const box = view.lots.find(({ state }) => state.id === lot);
      return box ? [{ lot: box, amount: new Fraction(amount) }] : [];
    });
