/** Something a step does not say and a plan needs; each choice is the step as it would say it, or nothing where it is none. */
export interface StepDoubt {
  readonly question: string;
  readonly choices: readonly { readonly label: string; readonly text: string }[];
}

/** What comes in at the end or is set aside says nothing of where a step is: nor would what is said in its sentence. */
const OF_THE_END =
  /\b(?:(?:the|for) (?:the )?(?:last|final))\b[^.]*$|\bset (?:it |them )?aside\b[^.]*$|\boff (?:the )?heat\b[^.]*$/i;

/** A step's words with more behind them: in its last sentence, or in one of their own where that one tells of something else. */
export function more(text: string, words: string): string {
  const bare = text.replace(/[.\s]+$/, '');
  return OF_THE_END.test(bare) && /^(?:by|left|simmering|on the hob|back)\b/.test(words)
    ? `${bare}. ${words.charAt(0).toUpperCase()}${words.slice(1)}.`
    : `${bare}, ${words}.`;
}
/** One choice for each of so many minutes; `said`: the step that says so. */
export const minutesOf = (
  text: string,
  list: readonly number[],
  said = (n: number) => more(text, `${n} minutes`),
): StepDoubt['choices'] => list.map((n) => ({ label: `${n} min`, text: said(n) }));
/** The same of all of a step's time. */
export const minutesInAll = (text: string, list: readonly number[]): StepDoubt['choices'] =>
  minutesOf(text, list, (n) => more(text, `in all ${n} minutes`));

/** Is it a step at all? `yes`: its words where it is one; `hardly`: that it is none comes first. */
export function whetherStep(yes: string, hardly = false): StepDoubt {
  const choices = [
    { label: 'yes', text: yes },
    { label: 'no, leave it out', text: '' },
  ];
  return { question: 'Is this a step of the recipe?', choices: hardly ? choices.reverse() : choices };
}
