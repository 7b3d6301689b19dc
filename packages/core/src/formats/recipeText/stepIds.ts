/** The id of the nth step of a pasted method, from 1. */
export const idOfStep = (n: number): string => `step-${n}`;
/** Its number again. */
export const numberOfStep = (id: string): number => Number(id.replace('step-', ''));
