/** What a function answers when a refusal is to be expected: the value, or a problem with a way out. */
export type Outcome<T, P> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: P };

export const done = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value });
export const refused = <P>(problem: P): { readonly ok: false; readonly problem: P } => ({ ok: false, problem });
