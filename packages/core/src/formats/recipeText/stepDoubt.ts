/** Something a step does not say and a plan needs; each choice is the step as it would say it, or nothing where it is none. */
export interface StepDoubt {
  readonly question: string;
  readonly choices: readonly { readonly label: string; readonly text: string }[];
}

/** A step's words with more behind them. */
export const more = (text: string, words: string): string => `${text.replace(/[.\s]+$/, '')}, ${words}.`;
/** One choice for each of so many minutes. */
export const minutesOf = (text: string, list: readonly number[]) =>
  list.map((n) => ({ label: `${n} min`, text: more(text, `${n} minutes`) }));
