import { listed } from '../../../quantity/index.ts';
import { bareMinutesIn, type BareMinutes } from '../bareMinutes.ts';
import { minutesInAll, more, type StepDoubt } from '../stepDoubt.ts';
import { durationsIn, timesIn } from '../timesIn.ts';
import type { Rule } from './asked.ts';

/** "Sweat leeks 10": minutes, most likely, but nobody said so. */
function bareDoubt(text: string, bare: readonly BareMinutes[]): StepDoubt {
  const all = bare.reduce((sum, { minutes }) => sum + minutes, 0);
  const [one] = bare;
  const numbers = listed(bare.map(({ minutes }) => `“${minutes}”`));
  return {
    question: bare.length === 1 ? `Is ${numbers} minutes?` : `Are ${numbers} minutes?`,
    choices: [
      bare.length === 1 && one
        ? { label: `yes, ${one.minutes} min`, text: `${text.slice(0, one.end)} minutes${text.slice(one.end)}` }
        : { label: `yes, ${all} min in all`, text: more(text, `in all ${all} minutes`) },
      { label: 'no', text: more(text, 'done by hand') },
    ],
  };
}

/** The same length, without what is a time already. */
const withoutTimes = (plain: string): string =>
  timesIn(plain).reduce((left, { at, end }) => `${left.slice(0, at)}${'_'.repeat(end - at)}${left.slice(end)}`, plain);

/** "20 min, stir, 20 more": beside a time, a number that may be minutes as well. */
function besideDoubt(text: string, bare: readonly BareMinutes[]): StepDoubt {
  const said = durationsIn(text).reduce((sum, { to }) => sum + to, 0);
  const all = bare.reduce((sum, { minutes }) => sum + minutes, said);
  const numbers = listed(bare.map(({ minutes }) => `“${minutes}”`));
  return {
    question: `${numbers}: minutes more? How long is it in all?`,
    choices: minutesInAll(text, [...new Set([all, said])]),
  };
}

/** Numbers that may be minutes, where nobody says so. */
export const bareDoubts: Rule = ({ step, plain, settled }) => {
  const { text } = step;
  // "Then uncovered 10" has its time from that number.
  const beside = step.timed && timesIn(plain).length > 0;
  const bare = settled || (step.timed && !beside) ? [] : bareMinutesIn(beside ? withoutTimes(plain) : text);
  if (bare.length > 0) return beside ? besideDoubt(text, bare) : bareDoubt(text, bare);
  return undefined;
};
