import type { AllergenStatement, FoodFacts, OwnFigures, PlaceKind } from '../food/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import type { BaseUnit, Day } from '../quantity/index.ts';
import type { Choice, Revision } from '../recipe/index.ts';
import type { RunEvent, StepNote } from '../run/index.ts';
import type { LearnSaid, LearnedFigure, PlateSums } from '../learn/index.ts';
import type { Final } from '../scaling/index.ts';
import type { Plan, Problem, TaskAbout, Wishes } from '../session/index.ts';
import type { LotDates, MovementKind } from '../stock/index.ts';
import type { Attendance, Eater, MealName, Slot } from '../week/index.ts';

// What server and browser say to each other: one definition for both. Amounts are exact decimals as text, moments are ISO 8601.

export interface KitchenName {
  readonly id: string;
  readonly name: string;
}

export interface PlaceState {
  readonly id: string;
  readonly name: string;
  readonly kind: PlaceKind;
}

export interface KitchenState {
  readonly id: string;
  readonly name: string;
  readonly equipment: Equipment;
  readonly version: number;
  readonly today: Day;
  readonly places: readonly PlaceState[];
}

export interface FoodState {
  readonly id: string;
  readonly name: string;
  /** The book's, with this kitchen's own figures in their place. */
  readonly facts: FoodFacts;
  readonly recipe: string | null;
  readonly own: OwnFigures;
  /** What the book says where this kitchen says otherwise. */
  readonly book: OwnFigures;
}

export type LotOrigin = 'bought' | 'made' | 'found';

/** How well the amount of a lot is known: weighed or counted; judged by eye; or only that there is some. */
export const HOW_KNOWN = ['exact', 'rough', 'unknown'] as const;
export type HowKnown = (typeof HOW_KNOWN)[number];

export interface LotState {
  readonly id: string;
  readonly food: string;
  readonly place: string;
  readonly base: BaseUnit;
  readonly origin: LotOrigin;
  readonly batch: string | null;
  readonly dates: LotDates;
  readonly priced: { readonly minor: number; readonly amount: string } | null;
  readonly portionG: string | null;
  /** Of a made lot, with the swaps of its batch; null: as its food says. */
  readonly allergens: AllergenStatement | null;
  readonly known: HowKnown;
  /** The kind of box it stands in, by its name in the kitchen. */
  readonly box: string | null;
  readonly onHand: string;
  readonly version: number;
}

export interface MovementState {
  readonly id: string;
  readonly lot: string;
  readonly amount: string;
  readonly kind: MovementKind;
  readonly at: string;
  readonly command: string;
  readonly reason: string | null;
}

export interface RecipeState {
  readonly id: string;
  readonly name: string;
  /** Of the newest revision: what the next one follows. */
  readonly number: number;
  readonly document: Revision;
  /** The newest revision cannot be read, and why; `document` is then the newest that can. */
  readonly fault?: string;
}

/** One of which no revision can be read, and why. */
export interface UnreadableRecipe {
  readonly id: string;
  readonly name: string;
  readonly document: null;
  readonly fault: string;
}
export type StoredRecipe = RecipeState | UnreadableRecipe;

/** One of a recipe's revisions; none of them is ever changed. */
export interface RevisionState {
  readonly number: number;
  readonly document: Revision;
  readonly madeAt: string;
  /** Why it was made: "written down", "from the batch of 25 Nov". */
  readonly why: string;
  readonly cooked: boolean;
}

export type SessionStatus = 'planned' | 'running' | 'done';
export type BatchStatus = 'planned' | 'put away' | 'dropped';

/** What a kitchen's own runs teach, and what somebody has said of it. */
export interface LearnedState {
  readonly figures: readonly LearnedFigure[];
  readonly said: readonly LearnSaid[];
}

export interface SessionState {
  readonly id: string;
  readonly name: string;
  readonly startsAt: string;
  readonly cooks: number;
  /** What the cook has said of its plan. */
  readonly wishes: Wishes;
  readonly status: SessionStatus;
  readonly version: number;
}

export interface BatchState {
  readonly id: string;
  readonly session: string;
  readonly recipe: string;
  readonly revision: number;
  readonly portions: string;
  readonly freezePortions: string;
  readonly choice: Choice;
  /** What really went in, where it was not what was planned. */
  readonly finals: readonly Final[];
  /** What was noted at its steps while it was cooked. */
  readonly notes: readonly StepNote[];
  readonly status: BatchStatus;
  readonly cost: { readonly usedMinor: number; readonly tillMinor: number; readonly portions: string } | null;
  /** What it weighed when it was put away; null: nobody weighed it. */
  readonly yieldG: string | null;
  /** When its putting away was last taken back. */
  readonly reopenedAt: string | null;
  readonly version: number;
}

export interface EaterState extends Eater {
  readonly version: number;
}
/** So many portions eaten by somebody; without an eater it was a guest. */
export interface EatenState {
  readonly id: string;
  readonly day: Day;
  readonly meal: MealName;
  readonly eater: string | null;
  readonly food: string;
  readonly portions: number;
}
/** A week to be used again: its meals by day of the week, its dishes and their sizes. */
export interface TemplateWeek {
  readonly slots: readonly (Omit<Slot, 'day'> & { readonly weekday: number })[];
  readonly dishes: readonly { readonly recipe: string; readonly portions: number; readonly freezePortions: number }[];
}
export interface TemplateState {
  readonly id: string;
  readonly name: string;
  readonly week: TemplateWeek;
}
export interface WeekChanged {
  /** Those that were added or changed, as they are now. */
  readonly batches: readonly BatchState[];
  /** Planned sessions that nothing was left in: they are no more. */
  readonly gone: readonly SessionState[];
}
export interface WeekState {
  readonly eaters: readonly EaterState[];
  readonly attendance: readonly Attendance[];
  readonly appetites: readonly { readonly food: string; readonly portionsADay: number; readonly since: Day | null }[];
  /** What is said of meals, from two weeks back on. */
  readonly slots: readonly Slot[];
  /** Who ate what, from yesterday on. */
  readonly eaten: readonly EatenState[];
  /** What was eaten in the last weeks, added up for each eater and component: portions. */
  readonly plates: readonly ({ readonly eater: string; readonly food: string; readonly meal: MealName } & PlateSums)[];
  readonly templates: readonly TemplateState[];
  readonly sessions: readonly SessionState[];
  readonly batches: readonly BatchState[];
  /** Older revisions that these batches were planned or cooked by. */
  readonly revisions: readonly { readonly recipe: string; readonly number: number; readonly document: Revision }[];
}

export interface RunState {
  readonly id: string;
  readonly session: string;
  readonly startedAt: string;
  readonly problem: Problem;
  readonly plan: Plan;
  readonly about: Readonly<Record<string, TaskAbout>>;
  readonly events: readonly RunEvent[];
}

/** What was paid or asked for so much of a food; a purchase stands with its lot. */
export interface PriceState {
  readonly id: string;
  readonly food: string;
  readonly on: Day;
  readonly minor: number;
  readonly amount: string;
  readonly shop: string | null;
  readonly from: 'purchase' | 'entered';
}

export interface CostState {
  readonly prices: readonly PriceState[];
  readonly floors: readonly { readonly food: string; readonly amount: string }[];
  /** What was thrown away in the last weeks, with what it had cost where that is known. */
  readonly thrown: readonly {
    readonly food: string;
    readonly amount: string;
    readonly at: string;
    readonly reason: string | null;
    readonly minor: number | null;
  }[];
}

/** A movement of days that are over, with what its lot was. */
export interface PastMovement {
  readonly at: string;
  readonly kind: MovementKind;
  readonly lot: string;
  readonly food: string;
  /** In the food's base unit; negative when food leaves. */
  readonly amount: string;
  readonly reason: string | null;
  readonly place: string;
  readonly placeKind: PlaceKind;
  /** The kind of box it stands in. */
  readonly box: string | null;
  /** What a portion in it weighs; null: it is no box. */
  readonly portionG: string | null;
  /** What so much of it had cost; null: nobody knows. */
  readonly minor: number | null;
}
/** Some days that are over, as they were: what was cooked, and all that moved. */
export interface PastState {
  readonly from: Day;
  /** The last of them. */
  readonly until: Day;
  /** The first day of which anything is known; null: there is nothing yet. */
  readonly first: Day | null;
  readonly sessions: readonly SessionState[];
  readonly batches: readonly BatchState[];
  readonly runs: readonly RunState[];
  readonly movements: readonly PastMovement[];
  /** What stood in boxes before the first of these days, in grams, by food, and what a portion in the latest of them weighs. */
  readonly before: readonly { readonly food: string; readonly amount: string; readonly portionG: string }[];
}

/** A row of the ledger, as it is given out. */
export interface LedgerRow {
  readonly at: string;
  readonly kind: MovementKind;
  readonly food: string;
  readonly place: string;
  readonly lot: string;
  readonly amount: string;
  readonly base: BaseUnit;
  readonly reason: string | null;
}

/** Which parts of a kitchen changed: told to every open browser. */
export type Topic = 'kitchen' | 'shelf' | 'recipes' | 'week' | 'run' | 'cost';

export interface Fault {
  readonly field: string;
  readonly fault: string;
  readonly remedy: string;
}

/** Problem details (RFC 9457), with the field, what is wrong and what to do. */
export interface ProblemDetails {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly code: string;
  readonly errors: readonly Fault[];
  /** With 409: what the server has now. */
  readonly now?: unknown;
}

/** What became of events that a device sent, each for itself. */
export interface EventsTaken {
  readonly kept: readonly string[];
  /** Sent before, and there already. */
  readonly had: readonly string[];
  readonly refused: readonly ({ readonly id: string } & Fault)[];
}
