import type { Food } from '../../food/index.ts';
import { MEASURES, plainSigns, readNumber, type Amount } from '../../quantity/index.ts';
import { howManyInIt } from './howManyInIt.ts';
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

type Rule = (text: string, food: Food, amount: Amount) => Doubt | undefined;

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

/** Coarse crystals leave room between them: a spoonful weighs about two thirds of one of fine salt. From memory; it goes by the make. */
const OF_FINE = 2 / 3;
const COARSE = /\b(?:kosher|flaky|coarse)\b/i;
const coarseSalt: Rule = (text, { name, facts }, amount) => {
  const perCup = facts.gramsPerCup?.value;
  if (name !== 'salt' || !COARSE.test(text) || amount.kind !== 'volume' || perCup === undefined) return undefined;
  const fine = (amount.mL.valueOf() / MEASURES.cup.factor.valueOf()) * perCup;
  const grams = (g: number) => `${g < 10 ? Math.round(g * 2) / 2 : Math.round(g)} g`;
  return {
    about: 'amount',
    question: `A spoonful of ${COARSE.exec(text)?.[0].toLowerCase() ?? ''} salt weighs less than one of fine salt. How much salt is it?`,
    choices: [
      { label: `${grams(fine * OF_FINE)}: coarse`, line: `${grams(fine * OF_FINE)} salt` },
      { label: `${grams(fine)}: as of fine salt`, line: `${grams(fine)} salt` },
    ],
  };
};

/** "1 litre water for soaking": whether it stays in the dish. */
const POURED =
  /[\s,(]*\b(?:for|to) (?:the )?(?:soak(?:ing)?|blanch(?:ing)?|rins(?:e|ing)|boil(?:ing)?(?: the pasta)?|parboil(?:ing)?|refresh(?:ing)?)\b\)?/i;
const pouredOff: Rule = (text, { facts }) => {
  const said = facts.kind === 'water' ? POURED.exec(text)?.[0] : undefined;
  if (said === undefined) return undefined;
  return {
    about: 'amount',
    question: `“${said.replace(/^[\s,(]+/, '')}”: is that water poured off? Then leave it out.`,
    choices: [{ label: 'it stays in the dish', line: text.replace(said, '').trim() }],
  };
};

/** "100 ml oil for frying": from so much on, mL, most of it comes back. Common practice, no published source. */
const FRYING_ML = 100;
const FRYING = /[\s,(]*\b(?:for|to) (?:the )?(?:(?:deep|shallow)[- ]?)?fry(?:ing)?\b\)?/i;
const fryingOil: Rule = (text, { facts }, amount) => {
  const said = facts.kind === 'fat' && amount.kind === 'volume' ? FRYING.exec(text)?.[0] : undefined;
  if (said === undefined || amount.kind !== 'volume' || amount.mL.compare(FRYING_ML) < 0) return undefined;
  const oil = text.replace(said, '').trim();
  const [, of = 'oil'] = /(\p{L}+ oil)\b/iu.exec(oil) ?? [];
  return {
    about: 'amount',
    question: `“${said.replace(/^[\s,(]+|\)$/g, '')}”: how much of it stays in the dish?`,
    choices: ['1', '2', '4']
      .map((n) => ({ label: `${n} tbsp`, line: `${n} tbsp ${of}` }))
      .concat([{ label: 'all of it', line: oil }]),
  };
};

const PARTS: Readonly<Record<string, readonly [number, number]>> = {
  half: [1, 2],
  quarter: [1, 4],
  third: [1, 3],
  'three quarters': [3, 4],
  'two thirds': [2, 3],
};
/** "1 small red cabbage, you only want a quarter of it" */
const PART_OF_IT =
  /[\s,(–-]*(?:(?:you(?:['’]ll| will)?|we|I) )?(?:\b(?:only|just|but) )?(?:(?:need|want|use|using|take)\b[^,;()\d]{0,20}?|\b(?:only|just)\s+)(?:an? |one |about )?(three[- ]quarters|two[- ]thirds|half|quarter|third)\b(?![- ]?(?:moon|ring|inch|cm|cup|tsp|tbsp))[^,;()]*\)?|[\s,(–-]+(?:an? |one |about )?(three[- ]quarters|two[- ]thirds|half|quarter|third)(?: of (?:it|them|this)| only| (?:is|will be) (?:enough|plenty)| will do)\b[^,;()]*\)?|\s*\((?:an? |one |about )?(three[- ]quarters|two[- ]thirds|half|quarter|third)\)/i;
const partOfIt: Rule = (text, { name }) => {
  const found = PART_OF_IT.exec(text);
  const [over, under] = PARTS[(found?.slice(1).find(Boolean) ?? '').toLowerCase().replace('-', ' ')] ?? [];
  if (!found || over === undefined || under === undefined) return undefined;
  const without = text.replace(found[0], '').trim();
  const [, n = '', of = ''] = /^((?:\d+ )?\d+(?:[.,/]\d+)?)(.*)$/.exec(plainSigns(without)) ?? [];
  const part = readNumber(n)?.value.mul(over).div(under).toFraction(true);
  return {
    about: 'amount',
    question: `“${found[0].replace(/^[\s,(–-]+|\)$/g, '')}”: how much ${name} goes in?`,
    choices: [
      ...(part === undefined ? [] : [{ label: `${part}${of.split(/[,(]/)[0] ?? ''}`, line: `${part}${of}` }]),
      { label: `all of it: ${without}`, line: without },
    ],
  };
};

/** "1 pack firm tofu (400)": so many of what, nobody says. */
const BARE_BRACKET = /\((?:about |ca\.? |~ ?)?(\d{3,4})\)/i;
const bareBracket: Rule = (text) => {
  const [said, n = ''] = BARE_BRACKET.exec(text) ?? [];
  if (said === undefined || /\d ?(?:g|kg|ml|l|oz|lb)\b/i.test(text)) return undefined;
  return {
    about: 'amount',
    question: `“${said}”: grams, or something else?`,
    choices: [
      { label: `${n} g`, line: text.replace(said, `(${n} g)`) },
      { label: 'no amount', line: text.replace(said, '').trim() },
    ],
  };
};

/**
 * What the words of a line leave open, where nothing else of it has to be asked: the first of them.
 * @example wordedDoubt('100 g cashews, soaked', cashews, mass(100))?.question // '“soaked”: how long does it soak?'
 */
export function wordedDoubt(text: string, food: Food, amount: Amount): Doubt | undefined {
  for (const rule of [
    eitherWay,
    howLongSoaked,
    dryBeside,
    inAll,
    coarseSalt,
    pouredOff,
    fryingOil,
    partOfIt,
    howManyInIt,
    bareBracket,
  ]) {
    const doubt = rule(text, food, amount);
    if (doubt) return doubt;
  }
  return undefined;
}
