import { heldFor } from '../pressureIn.ts';
import { minutesOf, more } from '../stepDoubt.ts';
import { durationsIn, timesIn } from '../timesIn.ts';
import type { Rule } from './asked.ts';

/** A time at low pressure is none at high: the one that is chosen takes its place. */
const atHigh = (text: string, n: number): string => {
  const [time] = timesIn(text);
  const high = time ? `${text.slice(0, time.at)}${n} minutes${text.slice(time.end)}` : heldFor(text, n);
  return high.replace(/\blow pressure\b/i, 'high pressure');
};

/** How long it is at pressure, and how that is let out. */
export const pressureDoubt: Rule = ({ step }) => {
  const { text } = step;
  if (step.low)
    return {
      question: 'Plans here know high pressure alone. How long would it be at high?',
      choices: minutesOf(text, [3, 5, 10, 15], (n) => atHigh(text, n)),
    };
  if (!step.timed)
    return {
      question: 'How long at pressure?',
      choices: minutesOf(text, [5, 10, 20, 30], (n) => heldFor(text, n)),
    };
  const held = durationsIn(text.split(/\b(?:natural|quick|releas|vent|NPR|NR|QPR|QR)/i)[0] ?? text);
  if (held.length > 1)
    return {
      question: 'Several times are said here. How long is it at pressure?',
      choices: minutesOf(
        text,
        held.map(({ to }) => to),
        (n) => `Pressure cook for ${n} minutes, natural release.`,
      ),
    };
  if (!step.release)
    return {
      question: 'How is the pressure let out?',
      choices: [
        { label: 'by itself', text: more(text, 'natural release') },
        { label: '10 min by itself, then vented', text: more(text, 'natural release 10, then vent') },
        { label: 'at once', text: more(text, 'quick release') },
      ],
    };
  return undefined;
};
