import { plainSigns } from '../../../quantity/index.ts';
import { clockDoubt } from '../clockLines.ts';
import { wayDoubt } from '../otherWay.ts';
import { minutesInAll, minutesOf } from '../stepDoubt.ts';
import { firstOf, type Rule } from './asked.ts';

const byClock: Rule = ({ step: { text } }) => clockDoubt(text);
const byOtherWay: Rule = ({ step: { text }, otherWay }) =>
  otherWay === undefined ? undefined : wayDoubt(text, otherWay);

/** Ten hours. Common practice, no published source. */
const LONGEST_WORK = 600;
const tooLong: Rule = ({ step }) => {
  const { text } = step;
  // Nobody's session is so long: a number was taken for minutes, or for hours.
  if (step.kind === 'work' && step.timed && step.minutes.latest > LONGEST_WORK && !/\bin all\b/i.test(text))
    return {
      question: 'How long does it take in all?',
      choices: minutesInAll(text, [10, 30, 60, 120]),
    };
  return undefined;
};

/** Hotter is meant in Fahrenheit, cooler in none of an oven's. */
export const BARE_DEGREES = /\b(1[5-9]\d|2[0-6]\d) ?(?:°|deg(?:rees)?\b)(?! ?(?:[CF]\b|Fahr|Cels))/i;
const whichDegrees: Rule = ({ step: { text }, american = false }) => {
  const [degrees, n = ''] = american ? (BARE_DEGREES.exec(plainSigns(text)) ?? []) : [];
  if (degrees !== undefined)
    return {
      question: `“${degrees}”: Fahrenheit or Celsius?`,
      choices: ['F', 'C'].map((unit) => ({ label: `${n} °${unit}`, text: text.replace(degrees, `${n} °${unit}`) })),
    };
  return undefined;
};

const nothingToBoil: Rule = ({ step, dry = false }) => {
  const { text } = step;
  if (dry && (step.shareOff ?? step.thick))
    return {
      question: step.thick
        ? 'What is in the pot cannot be reckoned down to that. How long does it take?'
        : 'Nothing liquid is named that could boil down. How long does it take?',
      choices: minutesOf(text, [3, 5, 10, 20]),
    };
  return undefined;
};

/** "The curry (serves 4): fry …": for how many it is, said again within a method. */
const SERVED_AGAIN =
  /^((?:the |for the )?\p{L}[\p{L} ]{2,40}?) ?\((?:serves|makes|feeds|for) \d+[^()]*\)(?=\s*[:.–—-])/iu;
const nextRecipe: Rule = ({ step: { text } }) => {
  const [said, name = ''] = SERVED_AGAIN.exec(text) ?? [];
  if (said === undefined) return undefined;
  return {
    question: `“${said}”: does another recipe begin here?`,
    choices: [
      { label: 'no, it is all one dish', text: text.replace(said, name) },
      { label: 'yes, leave this step out', text: '' },
    ],
  };
};

/** What is asked of any step, whatever it does. */
export const wholeDoubts: Rule = firstOf([nextRecipe, byClock, byOtherWay, tooLong, whichDegrees, nothingToBoil]);
