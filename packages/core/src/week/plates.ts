import { portionsText, type Because, counted } from '../quantity/index.ts';
import type { ComponentKind } from './eaters.ts';

/** What a complete plate is made of: something that fills, something with protein, something beside it. */
export const PLATE_ROLES = ['base', 'protein', 'side'] as const;
export type PlateRole = (typeof PLATE_ROLES)[number];
const ROLE: Readonly<Record<Exclude<ComponentKind, 'dish'>, PlateRole>> = {
  grain: 'base',
  roots: 'base',
  legume: 'protein',
  greens: 'side',
  sauce: 'side',
};
export const roleOf = (kind: ComponentKind): PlateRole | 'whole' => (kind === 'dish' ? 'whole' : ROLE[kind]);
export const ROLE_WORDS: Readonly<Record<PlateRole, string>> = {
  base: 'grain or roots',
  protein: 'legumes',
  side: 'greens or sauce',
};

export interface InBoxes {
  readonly food: string;
  readonly kind: ComponentKind;
  readonly portions: number;
  readonly portionG: number;
}

export interface Plates {
  readonly plates: number;
  /** Portions there of each part. */
  readonly parts: Readonly<Record<PlateRole, number>>;
  /** Which part runs out first; undefined when all end together, or nothing is there. */
  readonly short: PlateRole | undefined;
  /** How many plates more half a kilo of a component would make, the most first. */
  readonly more: readonly { readonly food: string; readonly plates: number }[];
}

const HALF_A_KILO_G = 500;

/** How many complete plates the boxes support: whole dishes are plates by themselves, the rest is as many as its scarcest part. */
export function platesFrom(boxes: readonly InBoxes[]): Plates {
  const sum = (more?: InBoxes) => {
    const parts = { base: 0, protein: 0, side: 0 };
    let whole = 0;
    for (const { kind, portions, food, portionG } of boxes) {
      const there = portions + (food === more?.food ? HALF_A_KILO_G / portionG : 0);
      const role = roleOf(kind);
      if (role === 'whole') whole += there;
      else parts[role] += there;
    }
    return { parts, plates: Math.floor(whole + 1e-6) + Math.floor(Math.min(...Object.values(parts)) + 1e-6) };
  };
  const { parts, plates } = sum();
  const least = Math.min(...Object.values(parts));
  const short = PLATE_ROLES.filter((role) => parts[role] <= least + 1e-6);
  return {
    plates,
    parts,
    short: short.length < PLATE_ROLES.length ? short[0] : undefined,
    more: boxes
      .map((box) => ({ food: box.food, plates: sum(box).plates - plates }))
      .sort((a, b) => b.plates - a.plates),
  };
}

/** How the number of complete plates came about: the portions of each part, and the boxes they stand in. */
export function becauseOfPlates(boxes: readonly InBoxes[], nameOf: (food: string) => string): Because {
  const { plates } = platesFrom(boxes);
  const part = (role: PlateRole | 'whole', words: string): Because => {
    const mine = boxes.filter((box) => roleOf(box.kind) === role && box.portions > 0);
    return {
      rule: words,
      figure: portionsText(mine.reduce((sum, box) => sum + box.portions, 0)),
      parts: mine.map((box) => ({ rule: nameOf(box.food), figure: portionsText(box.portions) })),
    };
  };
  return {
    rule: 'whole dishes are plates by themselves; the rest makes as many as its scarcest part',
    figure: counted(plates, 'plate'),
    parts: [part('whole', 'whole dishes'), ...PLATE_ROLES.map((role) => part(role, ROLE_WORDS[role]))],
  };
}
