import type { Station } from '../recipe/index.ts';

/** Why a session cannot be cooked in this kitchen, whatever the order: nothing is silently left out. */
export type SessionFault =
  | {
      readonly kind: 'too hot';
      readonly batch: string;
      readonly dish: string;
      readonly celsius: number;
      readonly mostC: number;
    }
  | { readonly kind: 'not here'; readonly batch: string; readonly dish: string; readonly station: Station }
  /** Nobody who cooks does this kind of work. */
  | { readonly kind: 'nobody can'; readonly batch: string | null; readonly dish: string; readonly task: string };
