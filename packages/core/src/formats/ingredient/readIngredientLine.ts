import type { Food } from '../../food/index.ts';
import { plainSigns, times, type Amount, type ByFeel, type Quantity, type UnitSystem } from '../../quantity/index.ts';
import { amountWords } from './amountWords.ts';
import { withAmountFirst } from './amountBehind.ts';
import { asUsual } from './everydayForms.ts';
import { cannedOf, findFood, type FoodIndex } from './findFood.ts';
import { usuallyOf } from './byFeel.ts';
import { inVessels } from './inVessels.ts';
import {
  A_BIT_OF,
  COOKED,
  IN_LARGE_TINS,
  NAMED_AMOUNT,
  OF_ITS_OWN,
  besides,
  cookedDoubt,
  eachOrAll,
  inRegExp,
  isOther,
  nameWords,
  otherFoodDoubt,
  settling,
  tinnedDoubt,
} from './lineDoubts.ts';
import { asGrown, asPiece, asVegetable, freshOf, inState, isWholePiece, ofNear } from './meantFood.ts';
import { onesIn } from './pieceCount.ts';
import { isMain } from './toTaste.ts';
import { readAmount, type Doubt, type ReadAmount } from './readAmount.ts';
import {
  WEIGHED,
  aboutIn,
  liquidDoubt,
  manyBare,
  massIn,
  moreDoubt,
  usesAmountOf,
  whichAmount,
  grownBy,
  withMore,
} from './secondAmount.ts';
import { kindOf, stateDoubts } from './stateDoubts.ts';
import { isState, unheardWords } from './unheardWords.ts';
import { wordedDoubt } from './wordedDoubt.ts';

/** An ingredient's line, as it was understood. */
export interface IngredientLine {
  readonly text: string;
  readonly amount: Amount;
  readonly also?: Quantity;
  readonly approximate: boolean;
  readonly food?: Food;
  /** How it goes in: "finely chopped". */
  readonly form: string;
  readonly optional: boolean;
  /** Which part of the dish it is for: "sauce". */
  readonly group?: string;
  /** What has to be asked before the line may be believed. */
  readonly doubts: readonly Doubt[];
}

const TO_TASTE =
  /,?\s*\(?\b(?:or |as much as )?(?:to taste|as needed|as required|to serve|for serving|for garnish|to garnish|for (?:deep-?|shallow )?frying|for greasing|for brushing|for dusting|for drizzling|for sprinkling|for the (?:tin|pan|tray|pot|dish))\b\)?/i;
const OPTIONAL = /,?\s*\(?\b(?:optional|if (?:you )?like|if desired)\b\)?/i;
const BULLET = /^(?:[-–—*•◦‣·▢□☐]|\d+[.)](?=\s+\d))\s*/;
/** "(900 g - 1 kg)": that dash parts nothing off. */
const RANGE_IN_BRACKETS = /(\([^()]*?\d ?(?:k?g|ml|l)?)\s+-\s+(?=\d)/gi;
const OR = /\s+or\s+/i;
const EACH_OF_TWO = /^each\b.*\b(?:and|&)\b/i;
const LIQUID_KEPT =
  /\b(?:liquid|liquor|water)\s+(?:is\s+)?(?:kept|reserved|saved)\b|\b(?:keep|reserve|save|keeping|reserving|saving)\s+(?:the\s+)?(?:soaking\s+)?(?:liquid|liquor|water)\b/i;
/** "2 x 400 g chickpeas, drained": what is drained comes out of tins. */
const DRAINED_PACKS = /^\d+ ?[x×] ?\d+ ?g\b.*\bdrained\b/i;
const LIQUID = /\d+(?:[.,/]\d+)?\s*(?:ml|l|dl|cups?)\b(?:\s+(?:hot|warm|boiling|cold|tepid|lukewarm))?\s+water\b/i;
/** An amount in litres, in brackets or behind a stroke. */
const IN_LITRES = /[(/]\s*(?:about )?\d[\d.,]*\s*(?:ml|l|cl|dl|lit(?:re|er)s?)\b/i;
/** What comes behind these words is how the food is, not what it is. */
const SIDE = /\s+(?=(?:mixed (?:with|in|into)|dissolved|stirred|packed|in|with)\s)/i;

/**
 * Reads one line of a recipe: amount, food, form. What is not certain is asked for; what is not there is unknown.
 * `foods` comes from indexFoods, so that a long list is indexed once.
 */
export function readIngredientLine(text: string, foods: FoodIndex, system: UnitSystem = 'US'): IngredientLine {
  const held = inVessels(text.replace(BULLET, ''));
  if (held) {
    const read = readIngredientLine(held.line, foods, system);
    return { ...read, text, doubts: [held.doubt, ...read.doubts] };
  }
  const line = withAmountFirst(
    asUsual(plainSigns(text.replace(BULLET, '').replace(/\s*[.;,]$/, '')).replace(RANGE_IN_BRACKETS, '$1-')),
    system,
  );
  const optional = OPTIONAL.test(line);
  const tasted = TO_TASTE.test(line);
  const bare = line.replace(OPTIONAL, '').replace(TO_TASTE, '').trim();
  const first = readAmount(bare, system);
  const { lost, besides: alsoSaid, ...more } = withMore(first, system);
  const read = { ...first, ...more };
  const doubts: Doubt[] = [...read.doubts, ...(lost === undefined ? [] : [moreDoubt(bare, lost)])];
  const form: string[] = [];

  const [head = '', ...tail] = read.rest.split(/\s*[,;]\s*|\s+-\s+/);
  const bracketed = [...head.matchAll(/\(([^)]*)\)/g)].map((match) => match[1] ?? '').filter(Boolean);
  const [named = '', ...side] = head
    .replace(/\([^)]*\)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .split(SIDE);
  form.push(
    ...(side.length > 0 ? [side.join(' ')] : []),
    ...bracketed,
    ...tail.map((part) => part.replace(/[()]/g, '').trim()).filter(Boolean),
  );

  const whole = read.part === 'juice' ? `${named} juice` : named;
  let found = findFood(whole, foods);
  if (read.part === 'juice' && found && !('near' in found) && !/juice$/.test(found.food.name))
    found = findFood(named, foods);
  if (read.part === 'zest' || read.part === 'zest and juice') form.unshift(read.part);
  if (read.part === 'juice' && found && !('near' in found) && !/juice$/.test(found.food.name)) form.unshift('juice');
  let food: Food | undefined;
  if (!found) {
    if (named || !tasted)
      doubts.push({
        about: 'food',
        question: named ? `“${named}” is not known here. Which food is it?` : 'Which food is it?',
        choices: [],
      });
  } else if ('near' in found && !freshOf(found.foods, read)) {
    const near = found.near;
    doubts.push({
      about: 'food',
      question: `“${near}” is not known here; it is not the same as ${found.foods.map(({ name }) => name).join(' or ')}. What is meant?`,
      choices: found.foods.map(({ name }) => ({ label: name, line: text.replace(near, name) })),
    });
  } else {
    const known = 'near' in found ? ofNear(found, named, read) : found;
    food =
      read.amount.kind === 'pack' && (/^(?:can|jar|carton)$/.test(read.amount.name) || DRAINED_PACKS.test(bare))
        ? cannedOf(known.food, foods.names.values())
        : inState(
            asGrown(asPiece(asVegetable(known.food, bare, read, foods), read.piece, foods), bare, foods),
            known.words,
            [known.before, known.after, ...tail],
            [known.after, ...tail, ...bracketed],
            foods,
          );
    const { before, after } = known;
    const sides = [before, after].map((words) => words.replace(/^(?:of|and|the)(?:\s+|$)/i, '').trim()).filter(Boolean);
    const two = `${before} ${after}`
      .split(/\s+(?:and|&|or)\s+|^(?:and|&|or)\s+|\s+(?:and|&|or)$/i)
      .map((part) => part.trim())
      .filter(Boolean);
    const others = /\b(?:and|or|&)\b/i.test(` ${before} ${after} `)
      ? two.flatMap((part) => {
          const other = findFood(part, foods);
          if (!other) return [];
          if ('near' in other) return [other.near];
          return other.food === known.food || (known.food.facts.names ?? []).includes(other.food.name)
            ? []
            : [other.food.name];
        })
      : [];
    const other = others[0];
    if (other !== undefined) {
      const either = OR.test(named);
      doubts.push({
        about: 'food',
        question: either
          ? `${other} or ${food.name}: which one?`
          : `${other} and ${food.name} are two ingredients. Write each on a line of its own.`,
        choices: [other, food.name].map((name) => ({
          label: either ? name : `only ${name}`,
          line: text.replace(named, name),
        })),
      });
    }
    if (other === undefined && EACH_OF_TWO.test(named))
      doubts.push({
        about: 'food',
        question: `“${named}” are two ingredients. Write each on a line of its own.`,
        choices: [{ label: `only ${food.name}`, line: text.replace(named, food.name) }],
      });
    const unheard = food === known.food ? unheardWords(food, before, after) : unheardWords(food, '', after);
    const inverted = tail.find(
      (part) =>
        isState(part) &&
        !nameWords(food ?? known.food).includes(part.toLowerCase()) &&
        unheardWords(known.food, part, '').length > 0,
    );
    if (other === undefined && (unheard.length > 0 || inverted !== undefined))
      doubts.push(otherFoodDoubt(text, named, food, inverted === undefined ? unheard : [inverted], foods));
    const aside = besides(food, [before, after, ...side, ...tail, ...bracketed], foods);
    if (other === undefined && unheard.length === 0 && aside)
      doubts.push({
        about: 'food',
        question: `“${aside.words}” brings in ${aside.brings}. Write it on a line of its own?`,
        choices: [
          {
            label: `only ${food.name}`,
            line: text
              // In its brackets, or as a word of its own: "soy" is no part of "soya".
              .replace(
                new RegExp(`\\(${inRegExp(aside.words)}\\)|(?<!\\p{L})${inRegExp(aside.words)}(?!\\p{L})`, 'u'),
                '',
              )
              .replace(/[\s,]+$/, '')
              .trim(),
          },
        ],
      });
    form.unshift(
      ...sides
        .map((side) => side.replace(/\bmedium(?:-sized)?\b/gi, '').trim())
        .filter((side) => side && !/^(?:and|or|&)$/i.test(side)),
    );
  }

  // "8 large chard leaves", where no name of the food has them.
  const leaves =
    read.amount.kind === 'count' && !read.feel && found && !('near' in found) && /^(?:leaves|leaf)\b/i.test(found.after)
      ? { feel: { word: 'leaf', n: read.amount.each } }
      : {};
  // "1 onion, stuck with 3 cloves": an ingredient of its own, with its amount.
  const second =
    [
      side.join(' '),
      // "100 g barley to 2 litres of water"
      ...(found && 'after' in found && /^to \d/i.test(found.after) ? [found.after] : []),
      ...tail.filter((part) => /\bwith\b/i.test(part) || (/\bin (?:an? |\d)/i.test(part) && !/\bsoak/i.test(part))),
    ].find(
      (part) =>
        /\d|\ban? (?:tsp|tbsp|teaspoon|tablespoon|pinch|cup|splash)\b/i.test(part) &&
        findFood(part, foods) !== undefined,
    ) ??
    tail.find((part) => (OF_ITS_OWN.test(part) || NAMED_AMOUNT.test(part)) && isOther(findFood(part, foods), food)) ??
    tail.find((part) => A_BIT_OF.test(part) && findFood(part, foods) === undefined);
  if (food && second !== undefined)
    doubts.push({
      about: 'food',
      question: `“${second}” holds an ingredient of its own. Write it on a line of its own.`,
      choices: [
        {
          label: `only ${food.name}`,
          line: text
            .replace(second, '')
            .replace(/[\s,]+$/, '')
            .trim(),
        },
      ],
    });

  const felt = food && byFeel(food, { ...read, ...leaves });
  // "1 cup (190 g)", "3 to 4 (300 g)": what was weighed counts.
  const saidTwice = read.also ?? (read.amount.kind === 'volume' ? massIn(bracketed, system) : undefined);
  const also = saidTwice && times(saidTwice, grownBy(first.amount, read.amount));
  // "½ cup (125 ml)": whose cup that is, the millilitres say.
  const measured = also?.kind === 'volume' && read.amount.kind === 'volume' && IN_LITRES.test(line) ? also : undefined;
  const weighed = also?.kind === 'mass' && kindOf(read.amount) !== 'mass' ? also : measured;
  // "Water as needed (about 3 cups in all)"
  const about = tasted && read.amount.kind === 'unknown' ? aboutIn(bracketed, system) : undefined;
  const measuredAs = weighed ?? about ?? felt;
  const amount: Amount = measuredAs
    ? measuredAs
    : read.amount.kind === 'unknown' && ((tasted && !isMain(food)) || (food && !read.amount.said && isToTaste(food)))
      ? { kind: 'to taste' }
      : food && read.amount.kind === 'count'
        ? { kind: 'count', each: read.amount.each.mul(onesIn(food, read.piece)) }
        : read.amount;
  if (weighed) form.push(amountWords(read.amount));
  const many = food && manyBare(text, food, amount);
  if (many) doubts.push(many);
  const [each] = bracketed.filter((part) => /^\d+(?:[.,]\d+)?\s*(?:k?g|ml|l)$/i.test(part));
  if (each && read.amount.kind === 'pack' && !read.amount.holds && read.amount.packs.compare(1) > 0)
    doubts.push(eachOrAll(text, each, read.amount));
  // "2 tins (800 g) tomatoes": a tin of 800 g there is, but two of 400 are as likely.
  const large = IN_LARGE_TINS.exec(plainSigns(text))?.[1];
  if (large && read.amount.kind === 'pack' && read.amount.packs.compare(1) > 0)
    doubts.push(eachOrAll(text, large, read.amount));
  // "Dried mushrooms, soaked in 300 ml water, liquid kept": what it soaked in goes into the dish.
  const liquor = [side.join(' '), ...tail, ...bracketed].join(', ');
  if (food && LIQUID_KEPT.test(liquor)) doubts.push(liquidDoubt(text, LIQUID.exec(liquor)?.[0]));
  // "1 small pumpkin, approx. 800 g unpeeled": a second amount that nobody used.
  const unused = [...tail, ...bracketed].find((part) => WEIGHED.test(part));
  if (
    food &&
    unused !== undefined &&
    !weighed &&
    doubts.length === 0 &&
    !usesAmountOf(first.amount, unused, read.also, system)
  )
    doubts.push(whichAmount(bare, food, unused));
  // "2 tins beans, plus 1 tin with its liquid": more, and nothing else has asked of what.
  if (food && alsoSaid !== undefined && doubts.length === 0) doubts.push(moreDoubt(bare, alsoSaid));
  const worded = food && doubts.length === 0 ? wordedDoubt(text, food, amount) : undefined;
  if (worded) doubts.push(worded);
  if (felt?.usually && felt.said) form.push(felt.said);
  if (food) doubts.push(...stateDoubts(text, food, form.join(' '), read.amount, foods));
  if (food?.facts.uptake && read.amount.kind === 'pack' && /^(?:can|jar)$/.test(read.amount.name))
    doubts.push(tinnedDoubt(text, food));
  if (food?.facts.uptake && COOKED.test(form.join(' ')) && !food.name.startsWith('canned'))
    doubts.push(cookedDoubt(text, food, amount));
  return {
    text,
    amount,
    ...(read.also ? { also: read.also } : {}),
    approximate: read.approximate,
    ...(food ? { food } : {}),
    form: form.join(', '),
    optional,
    doubts: doubts.map((doubt) => settling(doubt, text, amount)),
  };
}

/** Said without an amount, these are tasted. */
const isToTaste = ({ name, facts }: Food): boolean =>
  facts.roles?.includes('salt') === true ? facts.kind === 'seasoning' : /^(?:black|white) pepper$/.test(name);

const severalOf = (word: string): string =>
  word === 'cm' ? word : word === 'leaf' ? 'leaves' : /ch$/.test(word) ? `${word}es` : `${word}s`;

/** What is measured by feel, with what that usually comes to; undefined: it is counted or weighed. */
function byFeel(food: Food, { feel, amount }: ReadAmount): ByFeel | undefined {
  if (!feel || isWholePiece(food, feel.word)) return undefined;
  const usually = usuallyOf(feel.word, feel.n, food);
  const said =
    amount.kind === 'unknown'
      ? amount.said
      : `${amountWords(amount)} ${feel.n.equals(1) ? feel.word : severalOf(feel.word)}`;
  return { kind: 'unknown', ...(said ? { said } : {}), ...(usually ? { usually } : {}) };
}
