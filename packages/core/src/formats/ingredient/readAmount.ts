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
  type ReadNumber,
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
  readonly part?: 'juice' | 'zest' | 'zest and juice';
  /** Measured by feel: so many handfuls, bunches, centimetres. */
  readonly feel?: { readonly word: string; readonly n: Fraction };
  /** The same amount said a second time, in other units. */
  readonly also?: Quantity;
  readonly doubts: readonly Doubt[];
}

const UNITS: readonly (readonly [MeasureName, string])[] = [
  ['kg', 'kilograms?|kilos?|kgs?'],
  ['g', 'grams?|grammes?|gms?|gr?|g'],
  ['lb', 'pounds?|lbs?'],
  ['fl oz', 'fluid ounces?|fl\\.? ?oz\\.?'],
  ['oz', 'ounces?|oz\\.?'],
  ['mL', 'millilit(?:re|er)s?|ml'],
  ['L', 'lit(?:re|er)s?|l'],
  ['tbsp', 'tablespoon(?:s|fuls?)?|table spoons?|tbsps?\\.?|tblsps?\\.?|tbs\\.?|tbl\\.?|tb\\.?|EL|Esslöffel'],
  ['tsp', 'teaspoon(?:s|fuls?)?|tea spoons?|tsps?\\.?|tspns?\\.?|TL|Teelöffel'],
  ['cup', 'cup(?:s|fuls?)?'],
  ['pint', 'pints?|pts?'],
  ['quart', 'quarts?|qts?'],
  ['gallon', 'gallons?|gal'],
];
/** "UK pints", "US quart": whose is said. */
const WHOSE = /^(UK|British|imperial|US|American)\s+(?=(?:pints?|pts?|quarts?|qts?|gallons?|gal|fl)\b)/i;
const UNIT_AT_START = UNITS.map(
  ([name, words]) => [name, new RegExp(`^(?:${words})(?=[\\s,.;()/+-]|$)\\.?`, 'i')] as const,
);
/** One letter decides between a table and a tea spoon where somebody writes it alone. */
const SPOON_LETTER = /^([Tt])(?=\s)\.?/;

const PACKS =
  /^(cans?|tins?|jars?|packs?|packets?|packages?|bags?|cartons?|bottles?|boxes|box|blocks?|sachets?|tubs?|tubes?)(?=[\s,(]|$)/i;
const PIECES =
  /^(cloves?|stalks?|sticks?|ribs?|sprigs?|heads?|bunch(?:es)?|leaves|leaf|slices?|pieces?|ears?|bulbs?|knobs?|thumbs?|inch(?:es)?|cm|sheets?)(?=[\s,(]|$)/i;
const ROUGH =
  /^(?:(?:good|large|big|small|generous|healthy|tiny|little|heaped|heaping)\s+(?=handful|bunch|knob|drizzle|splash|glug|sprinkl))?(handfuls?|bunch(?:es)?|knobs?|drizzles?|splash(?:es)?|glugs?|sprinkles?|sprinkling|some|few|a few|several|plenty|bit|little)(?=[\s,(]|$)/i;
/** Pieces of which no two are alike: they are measured by feel. */
const FEEL = /^(?:bunch|sprig|knob|thumb|inch|cm|leaf|slice)$/;
/** A pinch is about a sixteenth of a teaspoon, a dash an eighth. From memory. */
const TINY: Readonly<Record<string, string>> = {
  pinch: '1/16',
  pinches: '1/16',
  dash: '1/8',
  dashes: '1/8',
  smidgen: '1/32',
};

/** What one of them gives, mL. Common practice, no published source. */
const JUICE_ML = (fruit: string): number => (/lime/i.test(fruit) ? 30 : /orange|mandarin/i.test(fruit) ? 80 : 45);
const EACH_HOLDS = /\s*\((?:each (?:about |of |approx\.? )?)?([^()]*\d[^()]*?)(?:\beach|(?<=\(each[^()]*))\)/i;

const OF = /^of\s+/i;
const ABOUT = /^(about|approximately|approx\.?|around|roughly|ca\.|ca(?=\s)|circa|scant|generous|~)\s*/i;
const HEAPED = /^(heaped|heaping|rounded)\s+/i;
const LEVEL = /^(level|flat|small|large|medium|big|(?:(?:loosely|lightly|firmly|tightly)[ -])?packed)\s+/i;
const LOST_SLASH = /^(\d)?(12|13|14|23|34|18|38|58|78)$/;

interface Unit {
  readonly name: MeasureName;
  /** Where the measure itself says whose it is. */
  readonly whose?: UnitSystem;
  readonly rest: string;
}

function unitAtStart(text: string): Unit | undefined {
  const said = WHOSE.exec(text);
  if (said) {
    const unit = unitAtStart(text.slice(said[0].length));
    return unit && { ...unit, whose: /^(?:US|American)$/i.test(said[1] ?? '') ? 'US' : 'imperial' };
  }
  for (const [name, pattern] of UNIT_AT_START) {
    const match = pattern.exec(text);
    if (match) return { name, rest: text.slice(match[0].length).trimStart() };
  }
  const letter = SPOON_LETTER.exec(text);
  return letter
    ? { name: letter[1] === 'T' ? 'tbsp' : 'tsp', rest: text.slice(letter[0].length).trimStart() }
    : undefined;
}

const quantity = (n: Fraction, { name, whose }: Pick<Unit, 'name' | 'whose'>, system: UnitSystem): Quantity => {
  const { base, factor } = measureIn(whose ?? system, name);
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
    ? { quantity: quantity(number.value, unit, system), rest: unit.rest.replace(/^(each|net|drained)\b\s*/i, '') }
    : undefined;
}

/** What a pack holds is a mass or a volume. */
const holding = (held: Quantity | undefined) => (held && held.kind !== 'count' ? { holds: held } : {});

/** A line on its way to being read: what was doubted so far, and how an answer is put together. */
interface Reading {
  readonly line: string;
  /** The line without "about". */
  readonly text: string;
  readonly system: UnitSystem;
  readonly doubts: Doubt[];
  readonly done: (amount: Amount, rest: string, more?: Partial<ReadAmount>) => ReadAmount;
}

/** A number, and what follows it. */
interface Numbered {
  readonly number: ReadNumber;
  readonly rest: string;
}

/**
 * Reads the amount at the start of an ingredient's line, as people write it. What cannot be read with certainty is a doubt with choices; nothing is guessed in silence.
 * The text is expected in plain signs (see plainSigns).
 */
export function readAmount(line: string, system: UnitSystem): ReadAmount {
  const about = ABOUT.exec(line);
  const doubts: Doubt[] = [];
  const reading: Reading = {
    line,
    text: line.slice(about?.[0].length ?? 0),
    system,
    doubts,
    done: (amount, rest, more = {}) => ({
      amount,
      rest: rest.replace(OF, '').trim(),
      approximate: about !== null,
      doubts,
      ...more,
    }),
  };
  const juice = juiceOrZest(reading);
  if (juice) return juice;
  const number = readNumber(reading.text);
  if (!number) return withoutNumber(reading);
  const after: Numbered = { number, rest: number.rest };
  return byFeel(reading, after) ?? inPacks(reading, after) ?? inUnits(reading, after);
}

/** "juice of 2 lemons", "zest of a lemon" */
function juiceOrZest({ text, done }: Reading): ReadAmount | undefined {
  const juice =
    /^(?:the\s+)?(?:finely\s+)?(juice|zest|(?:grated|finely grated) zest)(?:\s*(?:and|&|\+)\s*(zest|juice))?\s+(?:of|from)\s+/i.exec(
      text,
    );
  if (!juice) return undefined;
  const rest = text.slice(juice[0].length);
  const number = readNumber(rest);
  const each = number?.value ?? new Fraction(1);
  const after = number?.rest ?? rest;
  const part = juice[1]?.toLowerCase() === 'juice' ? 'juice' : 'zest';
  // Of a fruit that is used outside and in, the whole is wanted.
  if (juice[2]) return done(count(each), after, { part: 'zest and juice' });
  return done(part === 'juice' ? volume(each.mul(JUICE_ML(after))) : count(each), after, { part });
}

/** "a handful of parsley", "pinch salt", "salt" */
function withoutNumber({ text, system, done }: Reading): ReadAmount {
  const rough = ROUGH.exec(text);
  if (rough) return felt(done, rough[1] ?? '', rough[1] ?? '', new Fraction(1), text.slice(rough[0].length));
  const tiny = /^(pinch(?:es)?|dash(?:es)?)(?=\s)/i.exec(text);
  return tiny
    ? done(tinyOf(new Fraction(1), tiny[1], system), text.slice(tiny[0].length))
    : done({ kind: 'unknown' }, text);
}

const tinyOf = (n: Fraction, word: string | undefined, system: UnitSystem): Quantity =>
  quantity(n.mul(new Fraction(TINY[word?.toLowerCase() ?? ''] ?? 1)), { name: 'tsp' }, system);

const felt = (done: Reading['done'], said: string, word: string, n: Fraction, rest: string): ReadAmount =>
  done({ kind: 'unknown', said: said.toLowerCase() }, rest, { feel: { word: word.toLowerCase(), n } });

/** "a few sprigs", "2 handfuls", "3 good pinches" */
function byFeel({ system, done }: Reading, { number, rest }: Numbered): ReadAmount | undefined {
  const rough = ROUGH.exec(rest);
  const word = /^[a-z]/i.test(number.text);
  const said = rough?.[1]?.toLowerCase() ?? '';
  // "a" before no unit, pack or rough word belongs to the food: "a little gem".
  if (word && rough && number.value.compare(1) === 0) {
    const few = /^(?:few|little|bit)$/.test(said) ? `a ${said}` : said;
    return felt(done, few, few, number.value, rest.slice(rough[0].length));
  }
  if (rough && /^(?:handful|drizzle|splash|glug|knob|bunch)/.test(said))
    return felt(done, `${number.text} ${said}`, said, number.value, rest.slice(rough[0].length));
  const tiny =
    /^(?:small |good |generous |big |large |tiny |little |hefty |healthy )?(pinch(?:es)?|dash(?:es)?|smidgen)(?=[\s,]|$)/i.exec(
      rest,
    );
  return tiny ? done(tinyOf(number.value, tiny[1], system), rest.slice(tiny[0].length)) : undefined;
}

/** "2 x 400 g cans", "2 400 g cans", "1 (15-oz) can", "2 cans (400 g each)", "2 cans of 400 g", "15-oz can" */
function inPacks({ text, system, doubts, done }: Reading, { number, rest }: Numbered): ReadAmount | undefined {
  const packs = (n: Fraction, word: string | undefined, holds: Quantity | undefined, left: string) =>
    done({ kind: 'pack', packs: n, name: packName(word ?? ''), ...holding(holds) }, left);
  const times = /^(?:x|×|\*)\s*/i.exec(rest);
  const bracket = /^\(([^)]*)\)\s*/.exec(rest);
  const inside = readQuantity(bracket?.[1] ?? (times ? rest.slice(times[0].length) : rest), system);
  const behind = (bracket ? rest.slice(bracket[0].length) : (inside?.rest ?? '')).replace(/^-\s*/, '');
  const packBehind = PACKS.exec(behind);
  if (inside && packBehind && (bracket ?? times ?? /^\d/.exec(rest)))
    return packs(number.value, packBehind[1], inside.quantity, behind.slice(packBehind[0].length));
  if (times && inside) return packs(number.value, 'pack', inside.quantity, inside.rest);
  const pack = PACKS.exec(rest.replace(LEVEL, ''));
  const sizedAs = pack && /^(small|large|big)\s/i.exec(rest)?.[1]?.toLowerCase();
  if (pack) {
    const after = rest.replace(LEVEL, '').slice(pack[0].length).trimStart();
    const held = /^\(([^)]*)\)\s*|^of\s+(?=\d)/.exec(after);
    const stated = held ? readQuantity(held[1] ?? after.slice(held[0].length), system) : undefined;
    // "2 blocks tofu (400 g each)": what each holds stands behind the food.
    const each = stated ? null : EACH_HOLDS.exec(after);
    const holds = stated ?? (each?.[1] === undefined ? undefined : readQuantity(each[1], system));
    const left =
      held && stated
        ? held[1] === undefined
          ? stated.rest
          : after.slice(held[0].length)
        : each && holds
          ? after.replace(each[0], '')
          : after;
    if (sizedAs && !holds) doubts.push(packSize(number, sizedAs, pack[1] ?? '', left));
    return packs(number.value, pack[1], holds?.quantity, left);
  }
  // One pack that holds so much.
  const sized = readQuantity(text, system);
  const sizedPack = sized && PACKS.exec(sized.rest);
  return sized && sizedPack
    ? packs(new Fraction(1), sizedPack[1], sized.quantity, sized.rest.slice(sizedPack[0].length))
    : undefined;
}

/** Grams that a small and a large can hold. Common practice, no published source. */
const CAN_G = { small: [200, 140], large: [800, 560] } as const;

/** "1 large tin": nobody says how large. */
const packSize = (number: ReadNumber, size: string, pack: string, food: string): Doubt => ({
  about: 'amount',
  question: `How much does a ${size} ${pack.toLowerCase().replace(/s$/, '')} hold?`,
  choices: [...CAN_G[size === 'small' ? 'small' : 'large'], 400].map((g) => ({
    label: `${g} g`,
    line: `${number.text} x ${g} g ${pack} ${food.replace(/^of\s+/i, '')}`,
  })),
});

/** "1-2 cups", "1 heaped tsp", "3 stalks", "4 (120 g)", "4" */
function inUnits(reading: Reading, { number, rest: behind }: Numbered): ReadAmount {
  const dash = /^(?:-|to\s|or\s)\s*/i.exec(behind);
  const second = dash ? readNumber(behind.slice(dash[0].length)) : undefined;
  let rest = second ? second.rest : dash ? behind.replace(/^-\s*/, '') : behind;
  const heaped = HEAPED.exec(rest);
  if (heaped) rest = rest.slice(heaped[0].length);
  const unit = unitAtStart(rest) ?? unitAtStart(rest.replace(LEVEL, ''));
  if (!unit) return counted(reading, { number, second, rest });
  const said = number.text;
  const lost = /^\d+$/.test(said) && !second && !/^level\b/i.test(rest) ? LOST_SLASH.exec(said) : null;
  if (lost && (unit.name === 'cup' || unit.name === 'tsp' || unit.name === 'tbsp'))
    reading.doubts.push(lostSlash(reading.line, said, lost, unit.name));
  if (heaped) reading.doubts.push(heapedSpoon(reading.line, number, heaped, unit.name));
  return measured(reading, number, second, unit);
}

/** "34 cup": a slash may have been lost on the way. */
function lostSlash(line: string, said: string, lost: RegExpExecArray, unit: MeasureName): Doubt {
  const slashed = `${lost[1] ? `${lost[1]} ` : ''}${lost[2]?.[0] ?? ''}/${lost[2]?.[1] ?? ''}`;
  return {
    about: 'amount',
    question: `${said} ${unit}: was it ${slashed}?`,
    // "12 level cups" are so many: no slash is looked for in them.
    choices: [
      { label: `${slashed} ${unit}`, line: line.replace(said, slashed) },
      { label: `${said} ${unit}`, line: line.replace(said, `${said} level`) },
    ],
  };
}

function heapedSpoon(line: string, number: ReadNumber, heaped: RegExpExecArray, unit: MeasureName): Doubt {
  const level = line.replace(heaped[0], '');
  return {
    about: 'amount',
    question: `A ${heaped[1]?.toLowerCase() ?? 'heaped'} ${unit} is counted as a level one. Is more meant?`,
    choices: [
      { label: 'level', line: level },
      {
        label: 'half as much again',
        line: level.replace(number.text, number.value.mul(new Fraction(3, 2)).toFraction(true)),
      },
    ],
  };
}

/** "1 lb 4 oz", "1 cup plus 2 tbsp", "250 g (9 oz)", "1 to 2 cups" */
function measured(
  { system, done }: Reading,
  number: ReadNumber,
  second: ReadNumber | undefined,
  unit: Unit,
): ReadAmount {
  let amount: Quantity = quantity(number.value, unit, system);
  let after = unit.rest;
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
  const read = twice ? readQuantity(twice[1] ?? '', system) : undefined;
  const also = read?.rest === '' ? read.quantity : undefined;
  if (twice && also) after = after.slice(twice[0].length);
  const said = second ? ({ kind: 'range', from: amount, to: quantity(second.value, unit, system) } as const) : amount;
  return done(said, after, also ? { also } : {});
}

/** "2 cloves", "3 (400 g)", "4 to 5" */
function counted(
  { system, done }: Reading,
  { number, second, rest }: Numbered & { readonly second: ReadNumber | undefined },
): ReadAmount {
  const amount = second
    ? ({ kind: 'range', from: count(number.value), to: count(second.value) } as const)
    : count(number.value);
  const piece = PIECES.exec(rest);
  if (piece) {
    const one = onePiece(piece[1]);
    return done(amount, rest.slice(piece[0].length), {
      piece: one,
      ...(FEEL.test(one)
        ? { feel: { word: one, n: second ? number.value.add(second.value).div(2) : number.value } }
        : {}),
    });
  }
  const held = /^\(([^)]*)\)\s*/.exec(rest);
  const also = held ? readQuantity(held[1] ?? '', system) : undefined;
  return held && also?.rest === ''
    ? done(amount, rest.slice(held[0].length), { also: also.quantity })
    : done(amount, rest);
}

const onePiece = (word: string | undefined): string =>
  word
    ?.toLowerCase()
    .replace(/^leaves$/, 'leaf')
    .replace(/(?<=[^s])s$/, '')
    .replace(/(ch|sh)e$/, '$1') ?? '';

const packName = (word: string): string =>
  word
    .toLowerCase()
    .replace(/^boxes$/, 'box')
    .replace(/^tins?$/, 'can')
    .replace(/s$/, '');
const baseOf = (q: Quantity): Fraction => (q.kind === 'mass' ? q.g : q.kind === 'volume' ? q.mL : q.each);
