import type { Moment } from '../quantity/index.ts';
import type { FigureKey } from './sighting.ts';

/** What somebody has said of what is learned: one sighting is wrong, or a figure begins anew from now on; all of them, where none is named. */
export type LearnSaid =
  | {
      readonly kind: 'taken out';
      readonly id: string;
      readonly figure: FigureKey;
      readonly run: string;
      readonly task: string;
      readonly reason: string;
      readonly at: Moment;
    }
  | { readonly kind: 'set back'; readonly id: string; readonly figure: FigureKey | null; readonly at: Moment };
