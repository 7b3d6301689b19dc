import { withoutNames } from '../kitchenVerbs.ts';
import { more } from '../stepDoubt.ts';
import { durationsIn } from '../timesIn.ts';
import { firstOf, type Rule } from './asked.ts';

/** "If it seems thin, simmer for 15 minutes" */
const ONLY_IF =
  /^if (?:it|they|this|that|the (?:\p{L}+ ){1,2}?(?=(?:is|are|seem|look|need)))[^,.]{3,40},|^(?:still |if )?(?:too|not|still) [^?,.]{2,25}[?,]\s/iu;
/** "Press for an hour if you want it firmer", "chill half an hour if there's time" */
const IF_YOU_LIKE =
  /\bif (?:you (?:want|like|can|prefer|have(?: the)? time|wish)|there(?:['’]s| is) time|time allows)\b|\(optional\)/i;
const onlyIf: Rule = ({ step }) => {
  const { text } = step;
  const only = step.timed ? (ONLY_IF.exec(text) ?? IF_YOU_LIKE.exec(text)) : null;
  if (only && !/\b(?:by hand|in all|done so)\b/i.test(text))
    return {
      question: 'It is done only if it is needed. Does the plan leave time for it?',
      choices: [
        { label: 'no, leave it out', text: '' },
        { label: 'yes', text: more(text, 'done so') },
      ],
    };
  return undefined;
};

/** "For firm polenta: pour it into a tin …" */
const VARIANT =
  /^for (?:an? )?(?:(?:even|much) )?(?:firm|crisp|crispy|thick|thin|soft|smooth|chunky|creamy|rich|spicy|mild|dry|wet|set|sliced|\p{L}{3,}er)\b[^:,.]{0,30}[:,]\s*/iu;
const variant: Rule = ({ step: { text } }) => {
  if (VARIANT.test(text) && !/\b(?:by hand|in all|done so)\b/i.test(text))
    return {
      question: 'Is this done, or is it another way of it?',
      choices: [
        { label: 'another way: leave it out', text: '' },
        { label: 'it is done', text: text.replace(VARIANT, '').replace(/^\p{Ll}/u, (first) => first.toUpperCase()) },
      ],
    };
  return undefined;
};

/** In a pan, or in an oven. */
const IN_PAN = /\b(?:fry|saut[eé]|pan|hob|stove|griddle|simmer|boil)\b/i;
const IN_OVEN = /\b(?:bake|roast|oven)\b/i;
/** "Fry 4 min a side, or bake 25 minutes": one of them is done. */
const eitherWay: Rule = ({ step: { text }, settled }) => {
  const [first = '', second, ...more] = text.split(
    /(?:[,;]?\s+(?:-\s+)?or (?:else |alternatively )?|\.\s+(?:alternatively|otherwise|or),?\s+)(?=(?:bake|roast|fry|saut|simmer|boil|in (?:the|a|an) )\b)/i,
  );
  if (second === undefined || more.length > 0 || settled) return undefined;
  const [a, b] = [withoutNames(first), withoutNames(second)];
  // "Toss raw with the sauce, or fry the noodles for 2 minutes first"
  const cooked = durationsIn(a).length === 0 && durationsIn(b).length > 0 && !IN_PAN.test(a) && !IN_OVEN.test(a);
  const pans = cooked || (IN_OVEN.test(a) !== IN_OVEN.test(b) && IN_PAN.test(a) !== IN_PAN.test(b));
  if (!pans || durationsIn(`${a} ${b}`).length === 0) return undefined;
  return {
    question: 'Two ways are told. Which is it?',
    choices: [first, `${second.charAt(0).toUpperCase()}${second.slice(1)}`].map((way) => ({
      label: way.trim(),
      text: way.trim(),
    })),
  };
};

/** Is it done at all, or is it another way of it? */
export const otherWays: Rule = firstOf([onlyIf, variant, eitherWay]);

/** What was frozen is heated on another day. */
const LATER = /\b(?:freez\w*|re-?(?:steam|heat|bake|crisp|fry|boil)\w*|service)\b.*\bfrom (?:frozen|the freezer)\b/i;
/** Where something was frozen before it, this is done on another day, too. */
const FROM_FROZEN = /\bfrom (?:frozen|the freezer)\b/i;
/** Is it done on a later day? */
export const laterDay: Rule = ({ step, plain, frozen = false }) => {
  const { text } = step;
  if (step.timed && (LATER.test(plain) || (frozen && FROM_FROZEN.test(plain))) && !/\bby hand\b/i.test(plain))
    return {
      question: 'Is this done now, or on a later day?',
      choices: [
        { label: 'later: leave it out', text: '' },
        { label: 'now', text: text.replace(/,?\s*(?:straight )?from (?:frozen|the freezer)\b/i, '') },
      ],
    };
  return undefined;
};
