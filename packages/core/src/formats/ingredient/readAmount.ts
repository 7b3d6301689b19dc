import {
  Fraction,
  count,
  measureIn,
  ofBase,
  readNumber,
  volume,
  type Amount,
  type MeasureName,
  type Quantity,
  type UnitSystem,
} from '../../quantity/index.ts';

/** Something that cannot be read with certainty: it is asked, and each answer rewrites the line. */
export interface Doubt {
  readonly about: 'amount' | 'unit' | 'food';
  readonly question: string;
  readonly choices: readonly { readonly label: string; readonly line: string }[];
}

export interface ReadAmount {
  readonly amount: Amount;
  /** What follows the amount. */
  readonly rest: string;
  readonly approximate: boolean;
  /** A piece that is not the whole thing: clove, stalk, sprig. */
  readonly piece?: string;
  /** Juice or zest of so many. */
  readonly part?: 'juice' | 'zest';
  /** The same amount said a second time, in other units. */
  readonly also?: Quantity;
  readonly doubts: readonly Doubt[];
}

const UNITS: readonly (readonly [MeasureName, string])[] = [
  ['kg', 'kilograms?|kilos?|kgs?'],
  ['g', 'grams?|grammes?|gr?|g'],
  ['lb', 'pounds?|lbs?'],
  ['fl oz', 'fluid ounces?|fl\\.? ?oz\\.?'],
  ['oz', 'ounces?|oz\\.?'],
  ['mL', 'millilit(?:re|er)s?|ml'],
  ['L', 'lit(?:re|er)s?|l'],
  ['tbsp', 'tablespoons?|table spoons?|tbsps?\\.?|tbs\\.?|tbl\\.?'],
  ['tsp', 'teaspoons?|tea spoons?|tsps?\\.?'],
  ['cup', 'cups?'],
  ['pint', 'pints?|pt'],
  ['quart', 'quarts?|qt'],
  ['gallon', 'gallons?'],
];
const UNIT_AT_START = UNITS.map(
  ([name, words]) => [name, new RegExp(`^(?:${words})(?=[\\s,.;()/+-]|$)\\.?`, 'i')] as const,
);
/** One letter decides between a table and a tea spoon where somebody writes it alone. */
const SPOON_LETTER = /^([Tt])(?=\s)\.?/;

const PACKS = /^(cans?|tins?|jars?|packs?|packets?|packages?|bags?|cartons?|bottles?|boxes|box|blocks?)(?=[\s,(]|$)/i;
const PIECES =
  /^(cloves?|stalks?|sticks?|ribs?|sprigs?|heads?|bunch(?:es)?|leaves|leaf|slices?|pieces?|ears?|bulbs?|knobs?|thumbs?|inch(?:es)?|cm|sheets?)(?=[\s,(]|$)/i;
const ROUGH =
  /^(handfuls?|bunch(?:es)?|knobs?|drizzles?|splash(?:es)?|glugs?|sprinkles?|sprinkling|some|few|a few|several|plenty|bit|little)(?=[\s,(]|$)/i;
/** A pinch is about a sixteenth of a teaspoon, a dash an eighth. From memory. */
const TINY: Readonly<Record<string, string>> = {
  pinch: '1/16',
  pinches: '1/16',
  dash: '1/8',
  dashes: '1/8',
  smidgen: '1/32',
};

/** Half a lemon gives 20 to 25 mL juice, one 45 mL and a tablespoon of zest. Common practice, no published source. */
const JUICE_ML = 45;

const OF = /^of\s+/i;
const ABOUT = /^(about|approximately|approx\.?|around|roughly|ca\.?|circa|scant|generous|~)\s*/i;
const HEAPED = /^(heaped|heaping|rounded)\s+/i;
const LEVEL = /^(level|flat|small|large|medium|big)\s+/i;
const LOST_SLASH = /^(\d)?(12|13|14|23|34|18|38|58|78)$/;

interface Unit {
  readonly name: MeasureName;
  readonly rest: string;
}

function unitAtStart(text: string): Unit | undefined {
  for (const [name, pattern] of UNIT_AT_START) {
    const match = pattern.exec(text);
    if (match) return { name, rest: text.slice(match[0].length).trimStart() };
  }
  const letter = SPOON_LETTER.exec(text);
  return letter
    ? { name: letter[1] === 'T' ? 'tbsp' : 'tsp', rest: text.slice(letter[0].length).trimStart() }
    : undefined;
}

const quantity = (n: Fraction, unit: MeasureName, system: UnitSystem): Quantity => {
  const { base, factor } = measureIn(system, unit);
  return ofBase(base, n.mul(factor));
};

/** A bare quantity such as `400 g` or `15-oz`, as it stands in brackets behind a pack or an amount. */
function readQuantity(
  text: string,
  system: UnitSystem,
): { readonly quantity: Quantity; readonly rest: string } | undefined {
  const number = readNumber(text.replace(ABOUT, ''));
  const unit = number && unitAtStart(number.rest.replace(/^-/, ''));
  return number && unit
    ? { quantity: quantity(number.value, unit.name, system), rest: unit.rest.replace(/^(each|net|drained)\b\s*/i, '') }
    : undefined;
}

/** What a pack holds is a mass or a volume. */
const holding = (held: Quantity | undefined) => (held && held.kind !== 'count' ? { holds: held } : {});

/**
 * Reads the amount at the start of an ingredient's line, as people write it. What cannot be read with certainty is a doubt with choices; nothing is guessed in silence.
 * The text is expected in plain signs (see plainSigns).
 */
export function readAmount(line: string, system: UnitSystem): ReadAmount {
  let text = line;
  let approximate = false;
  const doubts: Doubt[] = [];
  const done = (amount: Amount, rest: string, more: Partial<ReadAmount> = {}): ReadAmount => ({
    amount,
    rest: rest.replace(OF, '').trim(),
    approximate,
    doubts,
    ...more,
  });

  const about = ABOUT.exec(text);
  if (about) {
    approximate = true;
    text = text.slice(about[0].length);
  }

  const juice = /^(?:the\s+)?(juice|zest|grated zest)(?: and (zest|juice))?\s+(?:of|from)\s+/i.exec(text);
  if (juice) {
    const rest = text.slice(juice[0].length);
    const number = readNumber(rest);
    const each = number?.value ?? new Fraction(1);
    const after = number?.rest ?? rest;
    const part = juice[1]?.toLowerCase() === 'juice' ? 'juice' : 'zest';
    if (juice[2])
      doubts.push({
        about: 'amount',
        question: 'Juice and zest of one fruit are two ingredients. Write the other on a line of its own?',
        choices: [{ label: `only the ${part}`, line: `${part} of ${rest}` }],
      });
    return done(part === 'juice' ? volume(each.mul(JUICE_ML)) : quantity(each, 'tbsp', system), after, { part });
  }

  const number = readNumber(text);
  if (!number) {
    const rough = ROUGH.exec(text);
    if (rough) return done({ kind: 'unknown', said: rough[1]?.toLowerCase() ?? '' }, text.slice(rough[0].length));
    const tiny = /^(pinch(?:es)?|dash(?:es)?)(?=\s)/i.exec(text);
    if (tiny)
      return done(
        quantity(new Fraction(TINY[tiny[1]?.toLowerCase() ?? ''] ?? 1), 'tsp', system),
        text.slice(tiny[0].length),
      );
    return done({ kind: 'unknown' }, text);
  }
  let rest = number.rest;
  const word = /^[a-z]/i.test(number.text);
  // "a" before no unit, pack or rough word belongs to the food: "a little gem".
  const rough = ROUGH.exec(rest);
  if (word && rough && number.value.compare(1) <= 0)
    return done(
      {
        kind: 'unknown',
        said: `${/^(?:few|little|bit)$/i.test(rough[1] ?? '') ? 'a ' : ''}${rough[1]?.toLowerCase() ?? ''}`,
      },
      rest.slice(rough[0].length),
    );
  if (rough && /^handful|^drizzle|^splash|^glug/i.test(rough[0]))
    return done(
      { kind: 'unknown', said: `${number.text} ${rough[1] ?? ''}`.toLowerCase() },
      rest.slice(rough[0].length),
    );
  const tiny = /^(?:small |good |generous )?(pinch(?:es)?|dash(?:es)?|smidgen)(?=[\s,]|$)/i.exec(rest);
  if (tiny)
    return done(
      quantity(number.value.mul(new Fraction(TINY[tiny[1]?.toLowerCase() ?? ''] ?? 1)), 'tsp', system),
      rest.slice(tiny[0].length),
    );

  // "2 x 400 g cans", "2 400 g cans", "1 (15-oz) can", "2 cans (400 g each)", "2 cans of 400 g"
  const times = /^(?:x|×|\*)\s*/i.exec(rest);
  const bracket = /^\(([^)]*)\)\s*/.exec(rest);
  const inside = readQuantity(bracket?.[1] ?? (times ? rest.slice(times[0].length) : rest), system);
  const behind = bracket ? rest.slice(bracket[0].length) : (inside?.rest ?? '');
  const packBehind = PACKS.exec(behind.replace(/^-\s*/, ''));
  if (inside && packBehind && (bracket ?? times ?? /^\d/.exec(rest)))
    return done(
      { kind: 'pack', packs: number.value, name: packName(packBehind[1] ?? ''), ...holding(inside.quantity) },
      behind.replace(/^-\s*/, '').slice(packBehind[0].length),
    );
  if (times && inside)
    return done({ kind: 'pack', packs: number.value, name: 'pack', ...holding(inside.quantity) }, inside.rest);
  const pack = PACKS.exec(rest.replace(LEVEL, ''));
  if (pack) {
    const after = rest.replace(LEVEL, '').slice(pack[0].length).trimStart();
    const held = /^\(([^)]*)\)\s*|^of\s+(?=\d)/.exec(after);
    const holds = held ? readQuantity(held[1] ?? after.slice(held[0].length), system) : undefined;
    const left = held && holds ? (held[1] === undefined ? holds.rest : after.slice(held[0].length)) : after;
    return done(
      { kind: 'pack', packs: number.value, name: packName(pack[1] ?? ''), ...holding(holds?.quantity) },
      left,
    );
  }
  // "400 g can of borlotti", "15-oz can": one pack that holds so much
  const sized = readQuantity(text, system);
  const sizedPack = sized && PACKS.exec(sized.rest);
  if (sized && sizedPack)
    return done(
      { kind: 'pack', packs: new Fraction(1), name: packName(sizedPack[1] ?? ''), ...holding(sized.quantity) },
      sized.rest.slice(sizedPack[0].length),
    );

  // "1-2 cups", "1 to 2", "1 or 2"
  const dash = /^(?:-|to\s|or\s)\s*/i.exec(rest);
  const second = dash ? readNumber(rest.slice(dash[0].length)) : undefined;
  if (second) rest = second.rest;
  else if (dash) rest = rest.replace(/^-\s*/, '');

  const heaped = HEAPED.exec(rest);
  if (heaped) rest = rest.slice(heaped[0].length);
  const unit = unitAtStart(rest) ?? unitAtStart(rest.replace(LEVEL, ''));

  if (unit) {
    const lost = /^\d+$/.test(number.text) && !second ? LOST_SLASH.exec(number.text) : null;
    if (lost && (unit.name === 'cup' || unit.name === 'tsp' || unit.name === 'tbsp')) {
      const slashed = `${lost[1] ? `${lost[1]} ` : ''}${lost[2]?.[0] ?? ''}/${lost[2]?.[1] ?? ''}`;
      doubts.push({
        about: 'amount',
        question: `${number.text} ${unit.name}: was it ${slashed}?`,
        choices: [slashed, number.text].map((n) => ({
          label: `${n} ${unit.name}`,
          line: line.replace(number.text, n).replace(/^(\S+) (?=12|13|14|23|34|18|38|58|78)/, '$1 '),
        })),
      });
    }
    if (heaped)
      doubts.push({
        about: 'amount',
        question: `A ${heaped[1]?.toLowerCase() ?? 'heaped'} ${unit.name} is counted as a level one. Is more meant?`,
        choices: [
          { label: 'level', line: line.replace(heaped[0], '') },
          {
            label: 'half as much again',
            line: line
              .replace(heaped[0], '')
              .replace(number.text, number.value.mul(new Fraction(3, 2)).toFraction(true)),
          },
        ],
      });
    let amount: Quantity = quantity(number.value, unit.name, system);
    let after = unit.rest;
    // "1 lb 4 oz", "1 cup plus 2 tbsp", "1 cup + 2 tbsp"
    const plus = /^(?:plus|\+|and)?\s*(?=\d)/i.exec(after);
    const more = plus ? readQuantity(after.slice(plus[0].length), system) : undefined;
    if (
      more &&
      more.quantity.kind === amount.kind &&
      (plus?.[0].trim() || (unit.name === 'lb' && after.startsWith(plus?.[0] ?? '')))
    ) {
      amount = ofBase(measureIn(system, unit.name).base, baseOf(amount).add(baseOf(more.quantity)));
      after = more.rest;
    }
    const twice = /^[/(]\s*([^)/]*?)\s*(?:\)|(?=\s[a-z]{3,})|$)\s*/i.exec(after);
    const also = twice ? readQuantity(twice[1] ?? '', system) : undefined;
    if (twice && also && also.rest === '') after = after.slice(twice[0].length);
    const said = second
      ? ({ kind: 'range', from: amount, to: quantity(second.value, unit.name, system) } as const)
      : amount;
    return done(said, after, also && also.rest === '' ? { also: also.quantity } : {});
  }

  const piece = PIECES.exec(rest);
  const counted = second
    ? ({ kind: 'range', from: count(number.value), to: count(second.value) } as const)
    : count(number.value);
  if (piece) {
    const name =
      piece[1]
        ?.toLowerCase()
        .replace(/^leaves$/, 'leaf')
        .replace(/(?<=[^s])s$/, '')
        .replace(/(ch|sh)e$/, '$1') ?? '';
    return done(counted, rest.slice(piece[0].length), { piece: name });
  }
  const held = /^\(([^)]*)\)\s*/.exec(rest);
  const also = held ? readQuantity(held[1] ?? '', system) : undefined;
  if (held && also?.rest === '') return done(counted, rest.slice(held[0].length), { also: also.quantity });
  return done(counted, rest);
}

const packName = (word: string): string =>
  word
    .toLowerCase()
    .replace(/^boxes$/, 'box')
    .replace(/^tins?$/, 'can')
    .replace(/s$/, '');
const baseOf = (q: Quantity): Fraction => (q.kind === 'mass' ? q.g : q.kind === 'volume' ? q.mL : q.each);
