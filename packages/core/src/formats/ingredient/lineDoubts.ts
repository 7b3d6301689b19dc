import { addedBy, statementOf, type Food } from '../../food/index.ts';
import type { Amount, Pack } from '../../quantity/index.ts';
import { amountWords } from './amountWords.ts';
import { findFood, type FoodIndex } from './findFood.ts';
import type { Doubt } from './readAmount.ts';
import { isState } from './unheardWords.ts';

/** "…, splash of yeast extract": whatever that is, it is something else. */
export const A_BIT_OF = /^(?:an? )?(?:splash|dash|pinch|squeeze|drizzle|glug|handful|knob) of \p{L}{3}/iu;

/** "…, juice of 2 lemons": an amount that begins anew. */
export const OF_ITS_OWN =
  /^(?:(?:the )?(?:juice|zest)(?: and (?:juice|zest))? of\b|(?:an? )?(?:pinch|dash|handful|splash|knob)\b|\d[\d/.,]*\s*(?:k?g|ml|l|tbsp|tsp|cups?)\s)/i;

/** "…, paprika 30 g" */
export const NAMED_AMOUNT =
  /^(?!.*\b(?:in|with|for|from|of)\b)\p{L}[\p{L} ]*\s\d[\d/.,]*\s*(?:k?g|ml|l|tbsp|tsp|cups?)\b/iu;

export const isOther = (found: ReturnType<typeof findFood>, food: Food | undefined): boolean =>
  found !== undefined && !('near' in found) && food !== undefined && found.food !== food;

/** A bracket behind more than one tin with more than the usual one holds. */
export const IN_LARGE_TINS =
  /^(?!1 )\d+ (?:tins?|cans?) (?:of )?\((?:about |ca\.? )?((?:[6-9]\d\d|[1-9]\d{3}) ?g|[\d.,]+ ?kg)\)/i;

/** "2 tins (400 g)": each, or both? */
export function eachOrAll(text: string, held: string, { packs, name }: Pack): Doubt {
  const [, n = '', unit = 'g'] = /^([\d.,]+)\s*(\p{L}+)$/u.exec(held) ?? [];
  const one = `${Number(n.replace(',', '.')) / packs.valueOf()} ${unit}`;
  return {
    about: 'amount',
    question: `Does each ${name} hold ${held}, or all together?`,
    choices: [held, one].map((holds) => ({ label: `${holds} each`, line: text.replace(held, `${holds} each`) })),
  };
}

export const nameWords = ({ name, facts }: Food): readonly string[] =>
  [name, ...(facts.names ?? [])].flatMap((each) => each.toLowerCase().split(' '));

export const inRegExp = (words: string): string => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** A name with a word that the food found in it does not have: it may be another food, with other allergens. */
export function otherFoodDoubt(
  text: string,
  named: string,
  food: Food,
  unheard: readonly string[],
  foods: FoodIndex,
): Doubt {
  const words = unheard.join(' ');
  const meant = [words, `${words} ${food.name}`].flatMap((each) => {
    const found = findFood(each, foods);
    return found && !('near' in found) && found.food !== food ? [found.food.name] : [];
  });
  // "tomatoes, dried": the state stands behind the comma.
  const bare = isState(words) ? text.replace(new RegExp(`,\\s*${words}\\b`, 'i'), '') : text;
  return {
    about: 'food',
    question: `“${words}” is not part of ${food.name}. Is it ${food.name}, or another food?`,
    choices: [...new Set([food.name, ...meant])].map((name) => ({ label: name, line: bare.replace(named, name) })),
  };
}

/** A name without any word before or behind it, of another food. */
const standsAlone = (found: ReturnType<typeof findFood>, food: Food): boolean =>
  isOther(found, food) && found !== undefined && 'before' in found && found.before === '' && found.after === '';

/** A food named beside the line's own that brings in an allergen of its own: "couscous, with almonds". */
export function besides(
  food: Food,
  parts: readonly string[],
  foods: FoodIndex,
): { readonly words: string; readonly brings: string } | undefined {
  for (const part of parts) {
    if (/^(?:or|and|see|not|no|without)\b/i.test(part)) continue;
    // "2 kg carrots, celery & onions": one amount, and several foods.
    const names = part.split(/\s+(?:and|&|\+)\s+/i);
    if (names.length > 1 && names.every((name) => standsAlone(findFood(name, foods), food)))
      return { words: part, brings: names.join(' and ') };
    const found = findFood(part, foods);
    if (!found || 'near' in found || found.food === food) continue;
    const { contains } = addedBy(statementOf(found.food), statementOf(food));
    if (contains.length > 0) return { words: part, brings: contains.join(', ') };
    // "1 tsp agave, vanilla": a name that stands alone is an ingredient of its own.
    if (found.before === '' && found.after === '' && !/^(?:small|large|fresh)/.test(part))
      return { words: part, brings: found.food.name };
  }
  return undefined;
}

/** What is in a tin is cooked and drained; of a food that is known only dry, nobody can say what that comes to. */
export const tinnedDoubt = (text: string, food: Food): Doubt => ({
  about: 'food',
  question: `A tin of ${food.name} is cooked, and it is known here only dry. Which is meant?`,
  choices: [
    { label: 'canned mixed beans, drained', line: text.replace(new RegExp(food.name, 'i'), 'canned mixed beans') },
    { label: `dry ${food.name}`, line: `100 g ${food.name}` },
  ],
});

/** Without a word of its being cooked, also in its brackets: "(yesterday's)". */
const withoutCooked = (text: string): string =>
  text
    .replace(/\([^()]*\)/g, (said) => (COOKED.test(said) ? '' : said))
    .replace(new RegExp(COOKED, 'gi'), '')
    .replace(/\s+/g, ' ')
    .trim();

/** Grain and legumes are counted dry: a weight of cooked ones is taken back by what they drink. */
export function cookedDoubt(text: string, food: Food, amount: Amount): Doubt {
  const dry =
    amount.kind === 'mass' ? Math.round(amount.g.valueOf() / (1 + (food.facts.uptake?.value ?? 0))) : undefined;
  return {
    about: 'amount',
    question: `Is that ${food.name} weighed or measured cooked? It is counted dry here.`,
    choices: [
      ...(dry === undefined ? [] : [{ label: `cooked: about ${dry} g dry`, line: `${dry} g ${food.name}` }]),
      { label: 'it is dry', line: withoutCooked(text) },
    ],
  };
}

/** A choice that leaves the line as it is would be asked again: it is said with the food's name alone. */
export function settling(doubt: Doubt, text: string, amount: Amount): Doubt {
  const said = amount.kind === 'to taste' ? '' : amount.kind === 'unknown' ? (amount.said ?? '') : amountWords(amount);
  return {
    ...doubt,
    choices: doubt.choices.map((choice) =>
      choice.line === text && doubt.about === 'food'
        ? { ...choice, line: `${said} ${choice.label.replace(/^only /, '')}`.trim() }
        : choice,
    ),
  };
}

export const COOKED = /\b(?:(?:pre-?|ready-)?cooked|left-?over|(?:day|one-day|days?)[- ]old|yesterday['’]?s)\b/i;
