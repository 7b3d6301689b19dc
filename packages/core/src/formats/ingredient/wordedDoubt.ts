import type { Food } from '../../food/index.ts';
import type { Doubt } from './readAmount.ts';

/** Soaked, without a word on how long. */
const SOAKED =
  /(?<!\b(?:pre-?|un|not) ?)(?:^|[\s(])soaked\b(?![^,;()]*(?:\d|overnight|night|hours?|minutes?|\ban? hour))(?:\s+(?:since|from|for a while|in [\w ]*water)\b[^,;()]*)?/i;
/** Two ways of getting something ready, with their times. */
const DONE_EITHER_WAY =
  /\b((?:soaked|steeped)[^,;()]*?\d[^,;()]*?) or ((?:boiled|simmered|steamed|soaked)[^,;()]*\d[^,;()]*?)(?=[,;()]|$)/i;
/** Said of a part: of how many, nobody says. */
const PER =
  /,?\s*\bper (?:kg|kilo|lit(?:re|er)|l|100 ?g|lb|pound|person|portion|serving|head|jar|cup|batch|pancake|patty)\b/i;

type Rule = (text: string, food: Food) => Doubt | undefined;

/** "Soaked 4 h or boiled 15 min": one of them is done before it goes in. */
const eitherWay: Rule = (text) => {
  const [both, one = '', other = ''] = DONE_EITHER_WAY.exec(text) ?? [];
  if (both === undefined) return undefined;
  return {
    about: 'food',
    question: `“${both}”: which of them?`,
    choices: [one, other].map((way) => ({ label: way, line: text.replace(both, way) })),
  };
};

/** "Cashews, soaked": for how long, nobody says; of dry beans it is known. */
const howLongSoaked: Rule = (text, { facts }) => {
  const soaked = facts.kind === 'legume' ? undefined : SOAKED.exec(text)?.[0];
  if (soaked === undefined) return undefined;
  return {
    about: 'food',
    question: `“${soaked.replace('(', '').trim()}”: how long does it soak?`,
    choices: ['overnight', '4 hours', '1 hour'].map((long) => ({
      label: long,
      line: text.replace(soaked, `${soaked.startsWith('(') ? '(' : ' '}soaked ${long}`),
    })),
  };
};

/** "500 g chickpeas, soaked (weighed dry: 250)": which of the two weights is meant. */
const DRY_BESIDE =
  /\s*\((?:weighed |weight |from )?(?:dry|dried)(?: weight)?:? (\d+) ?(?:g|grams?)?\)|\s*\((\d+) ?(?:g|grams?) (?:dry|dried)(?: weight)?\)/i;
const dryBeside: Rule = (text, { name, facts }) => {
  const found = facts.kind === 'legume' && /\bsoaked\b/i.test(text) ? DRY_BESIDE.exec(text) : null;
  const dry = found?.[1] ?? found?.[2];
  if (!found || dry === undefined) return undefined;
  const without = text.replace(found[0], '');
  return {
    about: 'amount',
    question: `Two weights stand here. Which of them is that of ${name} when dry?`,
    choices: [
      { label: `${dry} g dry`, line: without.replace(/^\d[\d.,]*\s*k?g\b/i, `${dry} g`) },
      { label: 'the first, dry', line: without },
    ],
  };
};

/** "20 g salt per litre": how much that is in all. */
const inAll: Rule = (text, { name }) => {
  const per = PER.exec(text)?.[0].trim();
  if (per === undefined) return undefined;
  const without = text.replace(per, '').trim();
  return {
    about: 'amount',
    question: `“${per}”: how much ${name} is that in all?`,
    choices: [{ label: `${without} in all`, line: without }],
  };
};

/**
 * What the words of a line leave open, where nothing else of it has to be asked: the first of them.
 * @example wordedDoubt('100 g cashews, soaked', cashews)?.question // '“soaked”: how long does it soak?'
 */
export function wordedDoubt(text: string, food: Food): Doubt | undefined {
  for (const rule of [eitherWay, howLongSoaked, dryBeside, inAll]) {
    const doubt = rule(text, food);
    if (doubt) return doubt;
  }
  return undefined;
}
