import type { RackNumber } from '../kitchen/index.ts';
import type { Moment } from '../quantity/index.ts';
import type { RunEvent } from '../run/index.ts';
import type { TaskAbout } from '../session/index.ts';
import type { Observation } from './posterior.ts';

/** A run as it was cooked: what its tasks were, and what happened. */
export interface CookedRun {
  readonly id: string;
  readonly about: Readonly<Record<string, TaskAbout>>;
  readonly events: readonly RunEvent[];
  /** The recipe of each batch. */
  readonly recipeOf: Readonly<Record<string, string>>;
}

/**
 * What runs may teach, each as times of the book's minutes but for the turns of a dial, which are minutes for 10 °C: the sealed cooker coming up and releasing; hands all
 * together, those of one cook, and those that cut one food one way; a dial turned hotter and cooler; how long things take in one oven, and on one of its racks; one step of one recipe. Of a dish
 * that is weighed: what comes out of it, times what is reckoned. Of what is read off a scale: a figure of a food, and what a pot of grain loses, times the book's.
 */
export const FIGURE_KINDS = [
  'come up',
  'release',
  'hands',
  'cook',
  'cut',
  'hotter',
  'cooler',
  'oven',
  'rack',
  'step',
  'yield',
  'food',
  'pot loss',
] as const;
export type FigureKind = (typeof FIGURE_KINDS)[number];

/** Which figure: its kind, and the cook, the cut, the oven, its rack, the step, the dish, the food's figure or the pot it is of; empty where there is one of its kind. */
export interface FigureKey {
  readonly kind: FigureKind;
  readonly of: string;
}
export const sameFigure = (a: FigureKey, b: FigureKey): boolean => a.kind === b.kind && a.of === b.of;
/** A step among all steps of all recipes. */
export const stepOf = (recipe: string, step: string): string => `${recipe}/${step}`;

/** The task of the run that it was seen in: several figures may be seen by one. */
export const seenIn = ({ run, task }: Pick<Sighting, 'run' | 'task'>): string => `${run} ${task}`;
/** A rack among all racks of all ovens, and back again: "oven 2/1" is the top one of the second oven. */
export const ofRack = (oven: string, rack: RackNumber): string => `${oven}/${rack}`;
export const rackOf = (of: string): { readonly oven: string; readonly rack: RackNumber } => {
  const [oven = '', rack] = of.split('/');
  return { oven, rack: Number(rack) };
};

/** What one task of one run showed of a figure, or one weighing of a batch. */
export interface Sighting extends Observation {
  readonly figure: FigureKey;
  /** The run it was seen in; of a weighing, the batch; of a reading, that. */
  readonly run: string;
  readonly task: string;
  /** When it was over. */
  readonly at: Moment;
  /** Minutes that it took, at most or at least where it is a bound; grams that it weighed; what was read, in the figure's unit. */
  readonly real: number;
  /** What the book says of it. */
  readonly book: number;
  /** What it was, in the kitchen's words. */
  readonly what: string;
  /** Of an oven and of its racks: the step it was seen by. One recipe with a wrong time is one voice. */
  readonly voice?: string;
}
