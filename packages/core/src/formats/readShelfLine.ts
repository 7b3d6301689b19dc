import { cannedOf, namesOf } from './ingredient/findFood.ts';
import { usuallyOf } from './ingredient/byFeel.ts';
import { saysNoWeight, onesIn } from './ingredient/pieceCount.ts';
import { inBaseOf, type Food } from '../food/index.ts';
import {
  show,
  Fraction,
  inBase,
  mass,
  ofBase,
  plainSigns,
  quantityOf,
  times,
  type Day,
  type Quantity,
  type UnitSystem,
} from '../quantity/index.ts';
import { readAmount } from './ingredient/readAmount.ts';
import { unheardWords } from './ingredient/unheardWords.ts';
import { openedIn } from './openedIn.ts';
import { readDate } from './readDate.ts';
import { plainPrices, stateIn } from './shelfWords.ts';
import { usualPackOf } from './usualPacks.ts';
import type { HowKnown } from './wire.ts';

export interface PlaceName {
  readonly id: string;
  readonly name: string;
}

/** What a line about the shelf was understood as. Parts that were not found are missing, never guessed. */
export interface ShelfLine {
  readonly food?: Food;
  readonly place?: PlaceName;
  /** In the food's own unit, once the food is known; of tins, what is in them drained. */
  readonly amount?: Quantity;
  /** Judged by eye: "half a bag", "about 500 g"; unknown: "some caraway", for which a usual pack stands in. */
  readonly known: HowKnown;
  /** Minor units for all of it. */
  readonly priceMinor?: number;
  readonly bestBefore?: Day;
  readonly useBy?: Day;
  readonly opened: boolean;
  /** Since when, where that is said. */
  readonly openedOn?: Day;
  /** What has to be asked before it can be put on the shelf. */
  readonly asks: readonly string[];
  /** Words that nothing was made of. */
  readonly rest: string;
}

export interface ShelfLineSetting {
  readonly foods: readonly Food[];
  readonly places: readonly PlaceName[];
  readonly today: Day;
  readonly minorDigits?: number;
  readonly units?: UnitSystem;
  /** In a list, a food without an amount is some of it; in one line that is being typed it is not finished. */
  readonly bareIsSome?: boolean;
  /** How much a usual bag of a food holds here, in its base unit, where it was bought before. */
  readonly usualPack?: (food: Food) => Fraction | undefined;
}

const DATED = / (bbe?|best before|best by|use by|eat by|ub|exp|until|till)\.? (?=\d|[a-z])/;
/** "€3", "3.50 €", "eur 2.10": a price, whatever its sign. */
const SIGNED_PRICE =
  / (?:[€$£]|(?:eur|usd|gbp|chf) ?)(\d+(?:\.\d{1,2})?)(?: each)? | (\d+(?:\.\d{1,2})?) ?(?:[€$£]|eur|usd|gbp|chf)(?: each)? /;
const EACH_PRICE = /(?:[€$£] ?\d+(?:\.\d{1,2})?|\d+(?:\.\d{1,2})? ?[€$£]|\d\.\d{2}) each /;
/** "bag of spinach" is one. */
const ONE_PACK =
  / (?=(?:bag|pack|packet|tin|can|jar|bottle|box|carton|tube|sachet|tub|bunch|head|bulb|loaf|block|sack)(?: of)? )/;
const ROUGH = / (about|around|roughly|approx\.?|approximately|circa|ca\.?) /;
const SOME = / (some|a bit of|a little) /;
/** What stands in for "some" of a food that no pack is known of. Common practice, no published source. */
const SOME_AMOUNT = { g: 100, mL: 100, each: 1 } as const;
const OPENED = / opened /;
/** "3 cartons, 1 open" */
const ONE_OPEN = / (?:\d|one|two) (?:of them |is |are )*open(?:ed)? /;
const FROZEN = / frozen /;
const PARTS: Readonly<Record<string, Fraction>> = {
  'three quarters of a': new Fraction(3, 4),
  'three quarters': new Fraction(3, 4),
  'half a': new Fraction(1, 2),
  half: new Fraction(1, 2),
  'a quarter of a': new Fraction(1, 4),
  'a quarter': new Fraction(1, 4),
  quarter: new Fraction(1, 4),
};
const PART_OF_PACK = new RegExp(
  ` (${Object.keys(PARTS).join('|')}) (?:of )?(bag|pack|packet|can|tin|jar|bottle|box|carton|tube|sack|pouch|loaf|block|tub)s?(?: of)? `,
);

/**
 * Reads a line such as `2 cans borlotti cupboard 0.95 each bb march`: an amount, a food, a place, a price, dates, in any order.
 * A number with a unit or a pack is an amount; a bare number with decimals is a price; another bare number is a count. "Each" after a price multiplies it by the packs.
 */
export function readShelfLine(text: string, setting: ShelfLineSetting): ShelfLine {
  const { foods, places, today, minorDigits = 2, units = 'US', usualPack, bareIsSome = false } = setting;
  const said = ` ${plainSigns(text)
    .toLowerCase()
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/[,;]/g, ' ')
    .replace(/~ ?(?=\d)/g, ' about ')
    // "oat milk 1L x3" are three of a litre, and "(big)" says nothing of how much.
    .replace(/(\d+(?:\.\d+)? ?(?:k?g|ml|l))(?: |$)x ?(\d+)(?= |$)/g, '$2 x $1')
    .replace(/ x ?(\d+)(?= |$)/g, ' $1')
    .replace(/\((?:big|small|large|medium|fresh|new|old|crunchy|smooth)\)/g, ' ')
    // "(best before 14/12)" is said as well without its brackets.
    .replace(/\(([^()]*\b(?:bbe?|best before|use by|eat by|exp|opened)\b[^()]*)\)/g, ' $1 ')
    .replace(/\b(\d+(?:\.\d+)?)([€$£])/g, '$1 $2')
    .replace(/\bportions\b/g, 'portion')
    .replace(/\s+/g, ' ')
    .trim()} `;
  const state = stateIn(plainPrices(said));
  let { rest } = state;
  if (!/\d/.test(rest) && !/ (?:an?|one|two|three|four|half|some|quarter) /.test(rest))
    rest = rest.replace(ONE_PACK, ' 1 ');
  const asks: string[] = [];
  const take = (pattern: RegExp): RegExpExecArray | undefined => {
    const found = pattern.exec(rest);
    if (found) rest = rest.replace(found[0], ' ').replace(/\s+/g, ' ');
    return found ?? undefined;
  };
  const takeWords = <T>(found: readonly { readonly words: string; readonly is: T }[]): T | undefined => {
    const hit = [...found]
      .sort((a, b) => b.words.length - a.words.length)
      .find(({ words }) => rest.includes(` ${words} `));
    if (hit) rest = rest.replace(` ${hit.words} `, ' ');
    return hit?.is;
  };

  const dates: { bestBefore?: Day; useBy?: Day } = {};
  for (let dated = DATED.exec(rest); dated; dated = DATED.exec(rest)) {
    const behind = rest.slice(dated.index + dated[0].length);
    const read = readDate(behind, today);
    if (!read) {
      asks.push(`Which day is “${behind.trim().split(' ').slice(0, 2).join(' ')}”? Write it like 12 mar 2027.`);
      break;
    }
    if (/^(?:bb|best)/.test(dated[1] ?? '')) dates.bestBefore = read.day;
    else dates.useBy = read.day;
    rest = `${rest.slice(0, dated.index)} ${behind.slice(read.text.length)}`.replace(/\s+/g, ' ');
  }
  const oneOpen = take(ONE_OPEN) !== undefined;
  const openedOn = openedIn(rest, today);
  if (openedOn) rest = openedOn.rest;
  const opened = openedOn !== undefined || take(OPENED) !== undefined;
  const aboutIt = take(ROUGH) !== undefined;
  const some = take(SOME) !== undefined;

  const named = takeWords(
    // Bought foods first: of equal names theirs is meant.
    [
      ...foods.filter(({ facts }) => facts.kind !== 'component'),
      ...foods.filter(({ facts }) => facts.kind === 'component'),
    ].flatMap((f) => namesOf(f).flatMap((name) => forms(name.toLowerCase()).map((words) => ({ words, is: f })))),
  );
  // A can of borlotti is canned borlotti.
  const food = named && / (?:can|tin)s? /.test(rest) ? cannedOf(named, foods) : named;
  const place =
    takeWords(places.map((p) => ({ words: p.name.toLowerCase(), is: p }))) ??
    placeByWord(places, takeWords) ??
    // "A block of tempeh, frozen" lies in the freezer, where there is one.
    (food && take(FROZEN) ? places.find(({ name }) => /freezer/i.test(name)) : undefined);
  if (place) rest = rest.replace(/ (?:in|on)(?: the)? /, ' ');

  const each = EACH_PRICE.test(rest);
  const signed = minorDigits > 0 ? take(SIGNED_PRICE) : undefined;
  const price =
    signed ??
    take(
      new RegExp(
        minorDigits > 0 ? ` (\\d+\\.\\d{${minorDigits}})(?: each)?(?: [€$£]| eur| usd| gbp)? ` : ' (\\d{2,}) ',
      ),
    );

  const priced = price?.[1] ?? price?.[2];

  const part = take(PART_OF_PACK);
  const counted = part
    ? partOf(part[1] ?? '', food, (of) => usualPack?.(of) ?? (bareIsSome ? usualBase(of, part[2] ?? '') : undefined))
    : readCounted(rest, food, units, bareIsSome);
  asks.push(...(counted.asks ?? []));
  if (part && !counted.quantity) asks.push(`How much does a ${part[2] ?? 'pack'} of it hold? Write it in grams.`);
  if (!part) rest = counted.rest;
  const bareName = bareIsSome && asks.length === 0 && !/\d/.test(rest);
  const unknown = (some || bareName) && !counted.quantity && food !== undefined;
  const whole = unknown
    ? someOf(food, usualPack)
    : counted.quantity && food
      ? asBase(food, counted.quantity, asks)
      : counted.quantity;
  // "1 L bottle, half full"
  const amount = whole && state.share ? times(whole, state.share) : whole;
  const packs = each ? (counted.packs ?? new Fraction(1)) : new Fraction(1);
  if (oneOpen) asks.push('Not all of it is open? Write what is open on a line of its own, with “opened” behind it.');
  const bare = / (\d+(?:[./]\d+)?) /.exec(rest)?.[1];
  if (food && bare) asks.push(`What is “${bare}”? Write a unit, or a sign of money, beside it.`);
  const unheard = food ? unheardWords(food, rest, '') : [];
  if (food && unheard.length > 0)
    asks.push(`“${unheard.join(' ')}” is not part of ${food.name}. Take it away, or write the food by its own name.`);

  return {
    ...(food ? { food } : {}),
    ...(place ? { place } : {}),
    ...(amount ? { amount } : {}),
    known: unknown
      ? 'unknown'
      : aboutIt || some || part !== undefined || counted.rough || state.share
        ? 'rough'
        : 'exact',
    ...(priced === undefined ? {} : { priceMinor: Math.round(Number(priced) * 10 ** minorDigits * packs.valueOf()) }),
    ...dates,
    opened,
    ...(openedOn ? { openedOn: openedOn.day } : {}),
    asks,
    // Words that only say how it is are understood.
    rest: food && unheard.length === 0 && !bare ? '' : rest.replace(/\s+/g, ' ').trim(),
  };
}

/** What such a pack usually holds, in the food's base unit. */
function usualBase(food: Food, word: string): Fraction | undefined {
  const usual = usualPackOf(food, word);
  const based = usual && inBaseOf(food, usual);
  return based?.ok ? inBase(based.value) : undefined;
}

/** "leek" is also found as "leeks", "tomato" as "tomatoes". */
const forms = (name: string): readonly string[] => [name, `${name}s`, `${name}es`];

/** "cupboard" means the only place of that word: "dry cupboard". */
function placeByWord(
  places: readonly PlaceName[],
  takeWords: <T>(found: readonly { readonly words: string; readonly is: T }[]) => T | undefined,
): PlaceName | undefined {
  const words = places.flatMap((place) =>
    place.name
      .toLowerCase()
      .split(' ')
      .map((word) => ({ words: word, is: place })),
  );
  return takeWords(words.filter(({ words: word }) => words.filter((other) => other.words === word).length === 1));
}

interface CountedOff {
  readonly quantity?: Quantity;
  readonly packs?: Fraction;
  readonly rest: string;
  readonly asks?: readonly string[];
  /** Judged by eye: a bunch. */
  readonly rough?: boolean;
}

function partOf(words: string, food: Food | undefined, usualPack: ShelfLineSetting['usualPack']): CountedOff {
  const whole = food && (usualPack?.(food) ?? packOf(food));
  const share = PARTS[words];
  if (!food || !whole || !share) return { rest: '' };
  const base = food.facts.base;
  return { quantity: times(quantityOf({ n: '1', unit: base === 'each' ? 'each' : base }), whole.mul(share)), rest: '' };
}

const someOf = (food: Food, usualPack: ShelfLineSetting['usualPack']): Quantity => {
  const { base } = food.facts;
  return ofBase(base, usualPack?.(food) ?? packOf(food) ?? new Fraction(SOME_AMOUNT[base]));
};

const packOf = (food: Food): Fraction | undefined => {
  const pack = food.facts.packs?.value[0];
  return pack && new Fraction(pack.drainedG ?? pack.grams);
};

/** An amount anywhere in what is left: the first number that is not a price. */
function readCounted(text: string, food: Food | undefined, units: UnitSystem, inList: boolean): CountedOff {
  const at = /(?<= )(?=\d|a |an |one |two |three |four |half )/.exec(text);
  if (!at) return { rest: text };
  const read = readAmount(text.slice(at.index).trimEnd(), units);
  const rest = `${text.slice(0, at.index)}${read.rest} `;
  const { amount, feel } = read;
  const usually = food && feel ? usuallyOf(feel.word, feel.n, food) : undefined;
  if (usually) return { quantity: usually, rest, packs: feel?.n ?? new Fraction(1), rough: true };
  switch (amount.kind) {
    case 'mass':
    case 'volume':
      return { quantity: amount, rest };
    case 'count': {
      const [word = ''] = (read.piece ?? read.rest.trim()).split(' ');
      const weighed = measured(rest, units);
      // "1 cabbage 1.2 kg": what was weighed is believed.
      if (weighed) return { ...weighed, packs: amount.each };
      // "tinned tomatoes x6" are six tins.
      const tin = food && !food.facts.gramsEach && food.facts.base !== 'each' ? packOf(food) : undefined;
      const isTin = food?.name.startsWith('canned') === true;
      // "Tofu x 3" are three packs of it, of whichever size.
      if (tin && (isTin || inList))
        return {
          quantity: quantityOf({ n: tin.mul(amount.each).toFraction(), unit: 'g' }),
          rest,
          packs: amount.each,
          rough: !isTin,
        };
      const usual = inList && food ? usualPackOf(food, word) : undefined;
      if (usual)
        return {
          quantity: times(usual, amount.each),
          rest: rest.replace(` ${word} `, ' '),
          packs: amount.each,
          rough: true,
        };
      if (saysNoWeight(food, word))
        return {
          rest: rest.replace(` ${word} `, ' '),
          asks: [`How many grams are that? “${word}” says nothing of a weight.`],
        };
      return { quantity: food ? times(amount, onesIn(food, read.piece)) : amount, rest, packs: amount.each };
    }
    case 'pack': {
      const known = food && packOf(food);
      const whole = food?.facts.packs?.value[0];
      const weighed = amount.holds ? undefined : measured(rest, units);
      if (weighed) {
        const one = amount.packs.equals(1);
        if (!one && !/ each /.test(weighed.rest))
          return {
            rest: weighed.rest,
            packs: amount.packs,
            asks: [`Is that ${show(weighed.quantity)} each? Write “each” behind it, or the sum.`],
          };
        return {
          quantity: times(weighed.quantity, amount.packs),
          packs: amount.packs,
          rest: weighed.rest.replace(' each ', ' '),
        };
      }
      // Of what is sold in its liquid, the drained part is what there is of it.
      const drained = whole?.drainedG === undefined ? new Fraction(1) : new Fraction(whole.drainedG, whole.grams);
      const one: Quantity | undefined = amount.holds
        ? times(amount.holds, drained)
        : known && quantityOf({ n: known.toFraction(), unit: 'g' });
      const usual = one === undefined && inList && food ? usualPackOf(food, amount.name) : undefined;
      if (usual) return { quantity: times(usual, amount.packs), packs: amount.packs, rest, rough: true };
      return {
        ...(one
          ? { quantity: times(one, amount.packs) }
          : { asks: [`How much does a ${amount.name} of it hold? Write it in grams or litres.`] }),
        packs: amount.packs,
        rest,
      };
    }
    case 'range':
    case 'to taste':
    case 'unknown':
      return { rest: text };
    default:
      return amount satisfies never;
  }
}

/** A weight or a volume anywhere in a text, and the text without it. */
function measured(text: string, units: UnitSystem): { readonly quantity: Quantity; readonly rest: string } | undefined {
  for (const { index } of text.matchAll(/(?<= )(?=\d)/g)) {
    const { amount, rest } = readAmount(text.slice(index).trimEnd(), units);
    if (amount.kind === 'mass' || amount.kind === 'volume')
      return { quantity: amount, rest: `${text.slice(0, index)}${rest} ` };
  }
  return undefined;
}

/** What one weighs is its edible part; what stands on the shelf has its peel: three onions there are the three that a recipe wants. Whole grams, upwards. */
function asBought({ facts }: Food, counted: Quantity): Quantity {
  return counted.kind === 'mass' && facts.ediblePart
    ? mass(counted.g.div(new Fraction(facts.ediblePart.value)).ceil())
    : counted;
}

function asBase(food: Food, quantity: Quantity, asks: string[]): Quantity | undefined {
  if (inBase(quantity).compare(0) <= 0) {
    asks.push('How much? More than nothing.');
    return undefined;
  }
  const counted = inBaseOf(food, quantity);
  if (counted.ok) return quantity.kind === 'count' ? asBought(food, counted.value) : counted.value;
  asks.push(`In ${food.facts.base}? ${counted.problem.remedy}`);
  return undefined;
}
