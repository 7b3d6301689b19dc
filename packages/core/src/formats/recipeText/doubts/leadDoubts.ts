import { daysIn } from '../leadIn.ts';
import { BY_ITSELF_AHEAD, WITH_ALL_BEFORE } from '../readMethod.ts';
import { more, type StepDoubt } from '../stepDoubt.ts';
import { firstOf, type Rule } from './asked.ts';

/** What stands for hours in the middle: when what comes before it is done. */
export const midwayDoubt: Rule = ({ step }) => {
  const { text } = step;
  if (step.midway)
    return {
      question: 'It stands for hours in the middle. When is what comes before it done?',
      choices: [
        { label: 'before it, on the day before', text: more(text, WITH_ALL_BEFORE) },
        { label: 'in the session: only this is begun ahead', text: more(text, BY_ITSELF_AHEAD) },
        { label: 'it stands 1 h, in the session', text: 'Leave to stand for 1 hour.' },
      ],
    };
  return undefined;
};

/** So long it stands, or so long it keeps. */
const daysDoubt = (text: string, days: string): StepDoubt => ({
  question: `“${days}”: does it stand so long?`,
  choices: [
    { label: 'yes, it is begun so long before', text: more(text, `left to stand ${days} ahead`) },
    { label: 'no, so long it keeps', text: more(text, 'done by hand') },
    { label: 'no step, leave it out', text: '' },
  ],
});

const daysApart: Rule = ({ step }) => {
  const { text } = step;
  if (step.daysApart !== undefined && !/\bby hand\b|\bleft to stand\b/i.test(text))
    return daysDoubt(text, step.daysApart);
  return undefined;
};

const spansOfDays: Rule = ({ step }) => {
  const { text } = step;
  // "Room temperature 5 days, then the cellar 4-6 weeks": as long as both.
  const spans = (step.kind === 'ahead' || step.afterwards) && !/\bleft to stand\b/i.test(text) ? daysIn(text) : [];
  if (spans.length > 1 && !/\bin all\b/i.test(text)) {
    const all = spans.reduce((sum, { to }) => sum + to, 0);
    return {
      question: 'Several times are said here. How long does it stand in all?',
      choices: [
        { label: `${all} days, one behind the other`, text: `Leave to stand for ${all} days, in all.` },
        ...spans.map(({ said, to }) => ({ label: `only ${said}`, text: `Leave to stand for ${to} days, in all.` })),
      ],
    };
  }
  return undefined;
};

/** How many days it stands. */
export const daysDoubts: Rule = firstOf([daysApart, spansOfDays]);

/** How long what is begun ahead soaks, where nobody says so. */
export const soakDoubt: Rule = ({ step }) => {
  const { text } = step;
  return step.hours
    ? undefined
    : {
        question: 'How long does it soak?',
        choices: [
          { label: 'overnight, 8 to 20 h', text: more(text, '8 to 20 hours') },
          { label: '1 h', text: more(text, '1 hour') },
          { label: '20 min', text: more(text, '20 minutes') },
        ],
      };
};

const DAYS_SAID = /\b(?:\d{1,2}|two|three|four|five|six|ten)(?: ?(?:-|–|to) ?\d{1,2})? (?:days?|weeks?|months?)\b/i;
/** How long something keeps, or is eaten within. */
const KEEPS =
  /\b(?:keeps?|kept|lasts?|holds?|good|eat|eaten|use|used|within|ok|okay|fine|people|persons|up to|freez\w*|frozen|freezer|fridge|store|stored|max|days? old|day-old|for later)\b/i;
const daysUnread: Rule = ({ step, plain, settled }) => {
  const { text } = step;
  // "Cloth over, 4-5 days somewhere warm": so long it stands, or so long it keeps.
  const [days] = !step.timed && !step.afterwards ? (DAYS_SAID.exec(plain) ?? []) : [];
  if (days !== undefined && !KEEPS.test(plain) && !settled) return daysDoubt(text, days);
  return undefined;
};

const TIME_OF_DAY =
  /\b(?:in|on|that|this|the same) (?:the )?(?:morning|afternoon|evening)\b|\b(?:after|before) (?:breakfast|lunch|work)\b/i;
const hourOfDay: Rule = ({ step, plain, settled, begun = false }) => {
  const { text } = step;
  // "Cool completely (do this in the morning)", where nothing else is of another time of the day.
  const [hour] = begun || step.afterwards || settled ? [] : (TIME_OF_DAY.exec(plain) ?? []);
  if (hour !== undefined)
    return {
      question: `“${hour}”: is it done hours before the rest?`,
      choices: [
        { label: 'yes, 4 to 8 hours before', text: more(text, 'left to stand 4 to 8 hours ahead') },
        { label: 'no, with the rest', text: more(text, 'done by hand') },
      ],
    };
  return undefined;
};

/** Days and hours that nothing has read as a lead. */
export const leadsUnread: Rule = firstOf([daysUnread, hourOfDay]);
