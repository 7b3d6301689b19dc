import { daysBetween, type Day } from '../quantity/index.ts';

/** A box that stands in a freezer here, or once stood there, as the ledger knows it. */
export interface FrozenOnce {
  readonly food: string;
  /** All that was in it, and one portion, g. */
  readonly grams: number;
  readonly portionG: number;
  readonly place: string;
  readonly box: string | null;
  readonly frozenOn: Day;
  /** Of a food that the ledger says is eaten. */
  readonly gone: boolean;
}

/** A block that nobody can name. */
export interface Block {
  readonly grams: number;
  /** Nobody has weighed it. */
  readonly rough: boolean;
  readonly place: string;
  readonly box: string | null;
}

export interface BoxGuess {
  readonly food: string;
  /** 0 to 1; the rest is for other foods, and for what no ledger knows of. */
  readonly probability: number;
}

/** What a block may be, the likeliest first; where the first two are nearly as likely, nobody can tell. */
export interface BoxGuesses {
  readonly guesses: readonly BoxGuess[];
  readonly cannotTell: boolean;
}

/** How much each of these makes of what a box would weigh among the others. Common practice, no published source. */
const GONE = 0.15;
const OTHER_PLACE = 0.3;
const OTHER_BOX = 0.2;
const NO_BOX = 0.6;
/** In so many days a box becomes a third as likely still to be there. */
const FORGOTTEN_DAYS = 120;
/** A weighed box is off by so much of itself, one that was judged by eye by so much. */
const WEIGHED_OFF = 0.08;
const JUDGED_OFF = 0.3;
/** What no ledger knows of weighs like a box that fits half. */
const UNKNOWN_TO_ALL = 0.05;
/** Below this nobody would be helped by a guess. */
const WORTH_SAYING = 0.05;
/** The first has to be so many times as likely as the second. */
const TELLS_FROM = 1.5;

/**
 * What an unlabelled block from the freezer may be, by what it weighs, where it lay and what was frozen here: each box that the ledger knows of speaks for its food, less if
 * it should be gone already. A block may be any whole number of a box's portions.
 * @example guessBox({ grams: 890, rough: false, place, box: null }, boxes, today).guesses[0] // { food: 'soup', probability: 0.8 }
 */
export function guessBox(block: Block, boxes: readonly FrozenOnce[], today: Day): BoxGuesses {
  const weights = new Map<string, number>();
  for (const box of boxes) weights.set(box.food, (weights.get(box.food) ?? 0) + weightOf(block, box, today));
  const all = [...weights.values()].reduce((sum, weight) => sum + weight, UNKNOWN_TO_ALL);
  const guesses = [...weights]
    .map(([food, weight]): BoxGuess => ({ food, probability: weight / all }))
    .filter(({ probability }) => probability >= WORTH_SAYING)
    .sort((a, b) => b.probability - a.probability || a.food.localeCompare(b.food));
  const [first, second] = guesses;
  return {
    guesses,
    cannotTell: first !== undefined && second !== undefined && first.probability < second.probability * TELLS_FROM,
  };
}

function weightOf(block: Block, box: FrozenOnce, today: Day): number {
  const most = Math.max(1, Math.round(box.grams / box.portionG));
  const portions = Math.min(most, Math.max(1, Math.round(block.grams / box.portionG)));
  const expected = portions * box.portionG;
  const off = (block.grams / expected - 1) / (block.rough ? JUDGED_OFF : WEIGHED_OFF);
  return (
    Math.exp((-off * off) / 2) *
    (box.gone ? GONE : 1) *
    (box.place === block.place ? 1 : OTHER_PLACE) *
    (box.box === null || block.box === null ? NO_BOX : box.box === block.box ? 1 : OTHER_BOX) *
    Math.exp(-Math.max(0, daysBetween(box.frozenOn, today)) / FORGOTTEN_DAYS)
  );
}
