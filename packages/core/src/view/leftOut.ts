/** Something of a kitchen that cannot be understood: it stays stored, and is left out of what is shown, so that it takes nothing else with it. */
export interface LeftOut {
  readonly what: 'recipe' | 'batch' | 'lot';
  readonly id: string;
  readonly name: string;
  readonly why: string;
  /** Its recipe, where that may be mended. */
  readonly recipe?: string;
  /** Of a batch, so that it may be left out of the week. */
  readonly version?: number;
}

export const whyOf = (thrown: unknown): string => (thrown instanceof Error ? thrown.message : String(thrown));
