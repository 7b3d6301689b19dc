import type { PastState } from '../formats/index.ts';
import { dayAt, daysBetween, type Day, type Sourced } from '../quantity/index.ts';
import { CLAIMED_FROM } from '../learn/index.ts';
import { isGoneOff } from '../stock/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** How long an opened pack, or a dish in the fridge, was really good here, in days of which the first is day 1. */
export interface KeptHere {
  readonly food: string;
  readonly name: string;
  readonly what: 'opened' | 'cooked';
  /** What the book, or this kitchen's own word, gives it there. */
  readonly book: Sourced<number>;
  /** The latest day on which some of it was eaten. */
  readonly goodTo: number;
  /** Days on which it was found gone off, the first one first. */
  readonly goneOffOn: readonly number[];
  /** Packs or batches it rests on. */
  readonly n: number;
}

interface Life {
  readonly food: string;
  readonly what: KeptHere['what'];
  readonly placeKind: 'cupboard' | 'fridge';
  readonly from: Day;
  goodTo: number;
  goneOffOn: number | undefined;
}

/**
 * Where these days say otherwise than the book: something had gone off by a day on which it should still have been good, which is told from the first time on; or it was eaten
 * later than that, three times at least. It is told and nothing else: a limit of age is not lengthened by what went well a few times, and shortened by the cook alone.
 * @example keptHere(view, past) // [{ name: 'oat drink', what: 'opened', book: { value: 5, … }, goodTo: 4, goneOffOn: [4], n: 3 }]
 */
export function keptHere(view: Pick<KitchenView, 'foods' | 'kitchen'>, past: PastState): readonly KeptHere[] {
  const byFood = new Map<string, Life[]>();
  for (const life of livesIn(view, past)) {
    const key = `${life.what} ${life.placeKind} ${life.food}`;
    byFood.set(key, [...(byFood.get(key) ?? []), life]);
  }
  return [...byFood.values()]
    .flatMap((lives): readonly KeptHere[] => {
      const [first] = lives;
      const food = first && view.foods.get(first.food);
      const book = first && (first.what === 'opened' ? food?.facts.opened : food?.facts.keeps)?.[first.placeKind];
      if (!food || !book) return [];
      const goneOffOn = lives.flatMap((life) => life.goneOffOn ?? []).sort((a, b) => a - b);
      const later = lives.filter(({ goodTo }) => goodTo > book.value);
      const told = goneOffOn.some((day) => day <= book.value) || later.length >= CLAIMED_FROM;
      const goodTo = Math.max(0, ...lives.map((life) => life.goodTo));
      const { what } = first;
      return told ? [{ food: food.id, name: food.name, what, book, goodTo, goneOffOn, n: lives.length }] : [];
    })
    .sort((a, b) => b.goneOffOn.length - a.goneOffOn.length || a.name.localeCompare(b.name));
}

/** What was opened or cooked in these days, and what became of it where it stood. Another place, or the freezer, is another lot. */
function livesIn({ kitchen }: Pick<KitchenView, 'kitchen'>, past: PastState): Iterable<Life> {
  const lives = new Map<string, Life>();
  for (const { lot, kind, amount, at, food, placeKind, portionG, reason } of [...past.movements].sort((a, b) =>
    a.at.localeCompare(b.at),
  )) {
    const day = dayAt(new Date(at), kitchen.equipment.zone);
    const life = lives.get(lot);
    if (!life) {
      const what = kind === 'opened' ? 'opened' : kind === 'made' && portionG !== null ? 'cooked' : undefined;
      if (what && Number(amount) > 0 && (placeKind === 'fridge' || placeKind === 'cupboard'))
        lives.set(lot, { food, what, placeKind, from: day, goodTo: 0, goneOffOn: undefined });
      continue;
    }
    const age = daysBetween(life.from, day) + 1;
    if (Number(amount) >= 0) continue;
    if (kind === 'eaten' || kind === 'used') life.goodTo = Math.max(life.goodTo, age);
    else if (kind === 'thrown' && isGoneOff(reason)) life.goneOffOn = age;
  }
  return lives.values();
}
