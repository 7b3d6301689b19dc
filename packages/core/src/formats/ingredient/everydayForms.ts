import { Fraction, readNumber } from '../../quantity/index.ts';

const NUMBER = String.raw`(?:\d+\s+)?\d+(?:[.,/]\d+)?`;
/** What is behind these is measured or packed, not counted. */
const MEASURED = String.raw`(?:g|kg|ml|l|oz|lbs?|cups?|tbsp|tsp|tins?|cans?|jars?|packs?|packets?|blocks?|boxe?s?|bags?|x)`;
const MEASURE = String.raw`(?:kg|g|mg|ml|cl|dl|l|oz|lbs?|tbsp|tsp|EL|TL|cups?|tins?|cans?|packs?|pcs?\.?)`;

/** Each form that cooks write, and the same as it is read here. The order counts. */
const FORMS: readonly (readonly [said: RegExp, usual: (...found: string[]) => string])[] = [
  // Read by a machine: "2OO g", "l tbsp", "I cup", "1/ 2 cup".
  [/^(\d+)([oO]+)(?=\d*\s*(?:k?g|ml|l)\b)/, (_, n = '', zeros = '') => n + '0'.repeat(zeros.length)],
  [/^[lI|](?=\s+(?:cups?|tbsp|tsp|tablespoons?|teaspoons?|tins?|cans?|onion|clove)\b)/, () => '1'],
  [/^(\d+)(?:\s+\/\s*|\/\s+)(\d+)(?=\s)/, (_, a = '', b = '') => `${a}/${b}`],
  // "1 whole head garlic": how whole it is changes no count.
  [/^(\S+)\s+whole\s+(?=(?:heads?|bulbs?|bunch(?:es)?)\b)/i, (_, n = '') => `${n} `],
  // "1 can coconut milk 250ml": how much the can holds stands behind.
  [
    /^(an?|one|\d+) (tins?|cans?|jars?|cartons?|packs?|packets?|blocks?|bottles?) (?:of )?(\p{L}[\p{L} -]*?),? (\d[\d.,]* ?(?:k?g|ml|l|oz)(?: each)?)(?=$|,| \()/iu,
    (_, n = '', pack = '', name = '', holds = '') => `${n} ${pack} (${holds}) ${name}`,
  ],
  // "juice 1 lemon"
  [/^((?:juice|zest)(?: (?:and|&) (?:juice|zest))?) (?=\d|½|an? |half )/i, (_, part = '') => `${part} of `],
  // "1 large sprig of rosemary"
  [
    /^(an?|one|two|three|\d+) (?:large|big|small|good|generous) (sprigs?|bunch(?:es)?|handfuls?|cloves?|stalks?|sticks?)\b/i,
    (_, n = '', piece = '') => `${n} ${piece}`,
  ],
  // "a good half of a celeriac"
  [/^an? (?:good|small|big|generous|scant) (half|quarter|third) (?:of )?(?=an? |the )/i, (_, part = '') => `${part} `],
  // "cumin, maybe 2 teaspoons"
  [
    new RegExp(String.raw`^(\p{L}[\p{L} -]*?),?\s+(?:maybe|perhaps|say|like|roughly)\s+((?:an?|${NUMBER})\s.+)$`, 'iu'),
    (_, food = '', n = '') => `${food}, about ${n.replace(/^an?\s/i, '1 ')}`,
  ],
  // "a big bunch of basil, maybe 80 grams"
  [
    /^(?:an?|one)\s+((?:(?:big|small|large|good)\s+)?(?:bunch|handful|knob|piece|chunk|bag|pack|pot))\s+(?:of\s+)?(\p{L}[\p{L} -]*?),?\s+(?:maybe|about|perhaps|say|like|around|roughly)\s+(\d+\s*(?:k?g|grams?))$/iu,
    (_, feel = '', food = '', weight = '') => `${weight} ${food}, ${feel}`,
  ],
  // "Tofu, firm: 2 blocks"
  [/^(\p{L}[\p{L} -]*?), (\p{L}+): (?=\d)(.+)$/iu, (_, food = '', how = '', n = '') => `${food}: ${n}, ${how}`],
  // "Ginger: thumb, grated"
  [
    /^(\p{L}[\p{L} -]*?)\s*:\s+(?:(?:big|small|good)\s+)?(thumb|handful|bunch|pinch|knob|splash|drizzle|glug)\b(?: of)?(.*)$/iu,
    (_, food = '', feel = '', rest = '') => `a ${feel} ${food}${rest}`,
  ],
  [/^(?:an?\s+)?(?:(?:good|little|generous)\s+)?gratings?\s+of\s+/i, () => 'pinch '],
  // The cup that comes with a rice cooker holds 180 mL (a gō).
  [
    new RegExp(
      String.raw`^(${NUMBER})\s*(?:rice[- ]cooker cups?|cups? \((?:rice[- ]cooker cups?|of the rice[- ]cooker)\))\s+`,
      'i',
    ),
    (_, n = '') => `${(readNumber(n)?.value ?? new Fraction(1)).mul(180).valueOf()} ml `,
  ],
  // "¾ cup short grain rice (rice cooker cup)"
  [
    new RegExp(
      String.raw`^(${NUMBER})\s*cups?\s+(.*?),?\s*\((?:(?:the|my|a|in|of|with|its|own) )*rice[- ]cooker(?:['’]s)?(?: own)? cups?\)`,
      'i',
    ),
    (_, n = '', food = '') => `${(readNumber(n)?.value ?? new Fraction(1)).mul(180).valueOf()} ml ${food}`,
  ],
  // "1 glass (150 ml) white wine"
  [
    /^(?:an?|one|1)\s+(?:(?:small|large|big|good)\s+)?(?:glass|mug|bowl)\s+\((?:about\s+)?(\d+\s?(?:ml|cl|dl|g))\)\s+(?:of\s+)?/i,
    (_, held = '') => `${held} `,
  ],
  [/^optional\s*[:-]\s*(.+)$/i, (_, rest = '') => `${rest}, optional`],
  // "1 c millet", "2 C oats"
  [new RegExp(String.raw`^(${NUMBER})\s*[cC]\s+(?=\p{L})`, 'u'), (_, n = '') => `${n} cup `],
  // A dessert spoon is two tea spoons (UK, 10 mL).
  [
    new RegExp(String.raw`^(an?|one|${NUMBER})\s*(?:dsp|dessert ?spoons?)\b\.?`, 'i'),
    (_, n = '') => `${(readNumber(n)?.value ?? new Fraction(1)).mul(2).toFraction(true)} tsp`,
  ],
  [new RegExp(String.raw`^between (${NUMBER})\s+and\s+(${NUMBER})`, 'i'), (_, from = '', to = '') => `${from}-${to}`],
  [
    /^(up to|at least|at most|not more than|no more than|a minimum of|a good|good|a bare|just under|just over|nearly|almost|scarce)\s+(?=\d)(.+)$/i,
    (_, how = '', rest = '') => `about ${rest}, ${how.toLowerCase()}`,
  ],
  [
    /^(?:an?\s+)?(tons?|loads?|lots|heaps|piles?|plenty|mountains?)\s+of\s+(.+)$/i,
    (_, how = '', food = '') => `some ${food}, ${how.toLowerCase()} of`,
  ],
  [
    /^(?:an?\s+)?(?:few|good|couple of)\s+(?:grinds?|grindings|twists?|turns?)\s+of\s+(.+)$/i,
    (_, food = '') => `${food} to taste`,
  ],
  // "1 lemon, juice only", "1 lime, juiced"
  [
    /^(an?|one|half an?|\d+(?:\/\d+)?)\s+(lemons?|limes?|oranges?),\s*(?:juice(?: of| only)?|juiced)$/i,
    (_, n = '', fruit = '') => `juice of ${n} ${fruit}`,
  ],
  [
    /^(an?|one|half an?|\d+(?:\/\d+)?)\s+(lemons?|limes?|oranges?),\s*(?:zest(?:ed)?\s*(?:and|&|\+)\s*juiced?|juiced?\s*(?:and|&|\+)\s*zest(?:ed)?)$/i,
    (_, n = '', fruit = '') => `zest and juice of ${n} ${fruit}`,
  ],
  // "2 tins chickpeas (240 g drained each)": what is drained counts.
  [
    /^(\d+)\s+(?:tins?|cans?|jars?)(?:\s+of)?\s+(\p{L}[\p{L} -]*?),?\s*\((?:drained(?:\s+weight)?:?\s*)?(\d+)\s*g(?:\s+drained(?:\s+weight)?)?(\s+each)?\)(.*)$/iu,
    (all, n = '', food = '', g = '', each = '', rest = '') =>
      /\([^)]*drained[^)]*\)/i.test(all) && (n === '1' || each)
        ? `${Number(n) * Number(g)} g ${/^(?:canned|tinned)/i.test(food) ? '' : 'canned '}${food}${rest}, drained`
        : all,
  ],
  // "1 jar (660 g; 400 g drained) white beans": what is drained counts.
  [
    /^(\d+|an?|one)\s+(?:tins?|cans?|jars?)\s*\((?:\d+\s*g)\s*[;,/]\s*(\d+)\s*g\s+drained(?:\s+weight)?\)\s*(?:of\s+)?(?:(?:tinned|canned)\s+)?(\p{L}.*)$/iu,
    (_, n = '', g = '', food = '') => `${(Number(n) || 1) * Number(g)} g canned ${food}, drained`,
  ],
  // "3 tins chickpeas (400 g each)" is read as it stands; "3 potatoes (150 g each)" is their weight.
  [
    new RegExp(
      String.raw`^(\d+)\s+((?!(?:tins?|cans?|jars?|packs?|packets?|blocks?|boxe?s?|bags?|x)\b)\p{L}[\p{L} -]*?)\s*\((?:about |ca\.? )?(?:(\d+)\s*(?:-|to)\s*)?(\d+)\s*g each\)(.*)$`,
      'iu',
    ),
    (_, n = '', food = '', least = '', g = '', rest = '') =>
      `${least ? `${Number(n) * Number(least)}-` : ''}${Number(n) * Number(g)} g ${food}${rest}, ${pieces(n)}`,
  ],
  // "3 potatoes, about 500 g", "1 squash, 1.2 kg"
  [
    new RegExp(
      String.raw`^(\d+)\s+((?:(?!\b${MEASURED}\b)[\p{L} -])+),\s*(?:about|around|approx\.?|ca\.?|roughly|~|total)?\s*(${NUMBER}\s*(?:kg|g))$`,
      'iu',
    ),
    (_, n = '', food = '', weight = '') => `${weight} ${food}, ${pieces(n)}`,
  ],
  // "half as much turmeric", "the same of cumin": as much as what, is asked.
  [
    /^((?:half|twice|double|three times) as (?:much|many)|(?:the|an) (?:same|equal)(?: (?:amount|weight|quantity|again))?)(?: of)?\s+(.+)$/i,
    (_, said = '', food = '') => `some ${food}, ${said}`,
  ],
  // "3 thyme sprigs"
  [
    new RegExp(String.raw`^(${NUMBER})\s+(\p{L}+)\s+(sprigs?|stalks?|cloves?|bulbs?|heads?)(?=,|$)`, 'iu'),
    (all, n = '', food = '', piece = '') =>
      /^(?:large|small|big|fat|few|good|whole)$/i.test(food) ? all : `${n} ${piece} ${food}`,
  ],
  // "5 or 6 sprigs of thyme", "thyme – 5 or 6 sprigs"
  [
    new RegExp(String.raw`^((?:\p{L}[\p{L} -]*?\s*[:,–-]\s*)?\d+) or (?=\d+\s+\p{L})`, 'iu'),
    (_, before = '') => `${before}-`,
  ],
  // "parsley, a small bunch", "hazelnuts, chopped, a handful", "thyme - a few sprigs"
  [
    /^(\p{L}[\p{L} ]*?)((?:,\s*\p{L}+ed)?)\s*(?:,|:|\s[–-])\s*((?:an?|one|two|half an?)\s+(?:(?:small|large|big|good|generous|few)\s+)?(?:handfuls?|bunch|sprigs?|pinch|knob|splash|drizzle|glug))$/iu,
    (_, food = '', how = '', n = '') => `${n} ${food}${how}`,
  ],
  // "10 basil leaves"
  [/^(\d+)\s+(basil|mint|parsley|coriander|oregano)\s+leaves$/i, (_, n = '', food = '') => `${n} leaves ${food}`],
  // "garlic (3 cloves)", "salt (1 tsp)", "garlic, 3 cloves"
  [
    new RegExp(
      String.raw`^(\p{L}[\p{L} -]*?)\s*(?:,\s*|\()(${NUMBER}\s*(?:cloves?|stalks?|sticks?|heads?|bulbs?|bunch(?:es)?|cm|tsp|tbsp|cups?|g|kg|ml|l|pieces?|slices?))\)?$`,
      'iu',
    ),
    (_, food = '', n = '') => `${n} ${food}`,
  ],
  // "1 jar passata (700 g)": what it holds stands behind.
  [
    new RegExp(
      String.raw`^(1|an?|one)\s+(tins?|cans?|jars?|packs?|packets?|bottles?|boxe?s?|bags?|tubs?|cartons?|sachets?|blocks?)(?:\s+of)?\s+(\p{L}[\p{L} -]*?)\s*\((${NUMBER}\s*(?:k?g|ml|l|oz))\)(.*)$`,
      'iu',
    ),
    (_, _n = '', pack = '', food = '', held = '', rest = '') => `1 ${pack} (${held}) ${food}${rest}`,
  ],
  // "4 ea bay leaves", "3 pcs. peppers"
  [/^(\d+)\s*(?:ea|pcs?)\b\.?\s+/i, (_, n = '') => `${n} `],
  // "fennel seed 2 t", "gluten 2 c"
  [
    new RegExp(String.raw`^(\p{L}[\p{L} -]*?)\s+\(?(${NUMBER})\s*(c|t|T)\.?\)?$`, 'u'),
    (_, food = '', n = '', unit = '') => `${n} ${unit === 'c' ? 'cup' : unit === 'T' ? 'tbsp' : 'tsp'} ${food}`,
  ],
  // "2 c flour"
  [new RegExp(String.raw`^(${NUMBER})\s*c\s+(?=\p{L})`, 'u'), (_, n = '') => `${n} cup `],
  // "1 c. millet", "1 t. salt", "1 T. oil"
  [new RegExp(String.raw`^(${NUMBER})\s*c\.\s+`), (_, n = '') => `${n} cup `],
  [new RegExp(String.raw`^(${NUMBER})\s*t\.\s+`), (_, n = '') => `${n} tsp `],
  [new RegExp(String.raw`^(${NUMBER})\s*T\.\s+`), (_, n = '') => `${n} tbsp `],
  // "2 cl garlic" are cloves.
  [/^(\d+)\s*cls?\.?\s+(?:of\s+)?garlic\b/i, (_, n = '') => `${n} cloves garlic`],
  // "1 dl water", "5 cl oil"
  [new RegExp(String.raw`^(${NUMBER})\s*dl\b\.?`, 'i'), (_, n = '') => `${tens(n, 100)} mL`],
  [new RegExp(String.raw`^(${NUMBER})\s*cl\b\.?`, 'i'), (_, n = '') => `${tens(n, 10)} mL`],
  // "a scant cup of millet", "1 generous tsp salt": the measure, and how it is filled behind.
  [
    new RegExp(
      String.raw`^(?:(an?|${NUMBER})\s+)?(scant|generous)\s+(?:(${NUMBER})\s+)?(cups?|tbsp|tsp|tablespoons?|teaspoons?)\s+(?:of\s+)?(.+)$`,
      'i',
    ),
    (_, n = '', how = '', inner = '', measure = '', food = '') =>
      `${inner || (/\d/.test(n) ? n : '1')} ${measure} ${food}, ${how}`,
  ],
  // "400g/14oz tin": the same twice, in two systems.
  [
    new RegExp(
      String.raw`^((?:\d+\s*x\s*)?${NUMBER}\s*(?:kg|g|ml|l|lit(?:re|er)s?))\s*/\s*${NUMBER}\s*(?:oz|lbs?(?:\s*\d+\s*oz)?|fl\.? ?oz|pints?|pts?|quarts?)\b\.?`,
      'i',
    ),
    (_, metric = '') => metric,
  ],
  // "400 g tin chickpeas" is one of them.
  [
    new RegExp(String.raw`^(\d+(?:[.,]\d+)?\s*(?:g|kg|ml|l))\s+(tins?|cans?|jars?)\s+`, 'i'),
    (_, size = '', pack = '') => `1 x ${size} ${pack} `,
  ],
  // "2 big leeks (about 600 g)": what is weighed counts.
  [
    new RegExp(
      String.raw`^((?:${NUMBER}\s*(?:-|to)\s*)?${NUMBER}\s+(?:(?:very |extra[- ])?(?:big|large|small|medium|medium-sized|good-sized|ripe)\s+)?)(\p{L}[\p{L} -]*?)\s*\((?:about|around|approx\.?|ca?\.|ca|roughly|total(?:ling)?|~)?\s*((?:${NUMBER}\s*(?:-|to)\s*)?${NUMBER}\s*(?:g|kg|oz|ounces?|lbs?|pounds?))\.?(?:\s+(?:in all|in total|altogether))?\)(.*)$`,
      'iu',
    ),
    (_, n = '', food = '', weight = '', rest = '') =>
      /\b(?:tin|can|jar|pack|packet|block|box|bag|sachet|tub|tube|carton|bottle|x|cup|tbsp|tsp|tablespoon|teaspoon|g|kg|ml|l|oz|lb|pint)s?\b/i.test(
        `${n}${food}`,
      ) || /^\s*each/i.test(rest)
        ? _
        : `${weight} ${food}${rest}, ${pieces(n)}`,
  ],
  [
    /^(\p{L}[\p{L} ]*?)\s*,\s*(\d+(?:[.,/]\d+)?(?:\s*(?:kg|g|ml|l|cups?|tbsp|tsp))?)$/iu,
    (_, food = '', n = '') => `${n} ${food}`,
  ],
  [
    /^(\p{L}[\p{L} -]*?)\s*[x×]\s*(\d+)\s+(cloves?|stalks?|sticks?|tins?|cans?|packs?|jars?|heads?|bunch(?:es)?)$/iu,
    (_, food = '', n = '', piece = '') => `${n} ${piece} ${food}`,
  ],
  // "1 tbsp lemon": what is measured of it is its juice.
  [
    new RegExp(
      String.raw`^(${NUMBER})\s*(tbsps?|tsps?|tablespoons?|teaspoons?|[Tt]|ml|cl|dl|cups?)\.?\s+(?:of\s+)?(lemon|lime|orange)s?$`,
      '',
    ),
    (_, n = '', unit = '', fruit = '') => `${n} ${unit} ${fruit} juice`,
  ],
  // "tinned tomatoes 6 x 400 g", "tomato puree 1 tube (200 g)"
  [
    new RegExp(String.raw`^(\p{L}[\p{L} -]*?)\s*[:–-]?\s+(\d+)\s*[x×]\s*(\d+\s*(?:kg|g|ml|l))$`, 'iu'),
    (_, food = '', n = '', size = '') => `${n} x ${size} ${food}`,
  ],
  [
    /^(\p{L}[\p{L} -]*?)\s*[:–-]?\s+(\d+)\s+(tins?|cans?|jars?|packs?|packets?|bottles?|tubs?|tubes?|cartons?|blocks?)\s*\((\d+\s*(?:k?g|ml|l))\)$/iu,
    (_, food = '', n = '', pack = '', size = '') => `${n} ${pack} (${size}) ${food}`,
  ],
  // "Beetroot (cooked) - 250 g", "Red onion - 1 small", "Walnuts - 50 g, toasted"
  [
    new RegExp(
      String.raw`^(\p{L}[\p{L} ]*?(?:\s*\([^)]*\))?)\s*[:–-]\s+(${NUMBER}(?:\s*(?:${MEASURE}|small|large|medium|big|bags?|jars?|bunch(?:es)?|heads?|cloves?|handfuls?))?)(?:,\s*(.*))?$`,
      'iu',
    ),
    (_, food = '', n = '', rest = '') => `${n} ${food}${rest ? `, ${rest}` : ''}`,
  ],
  // "rolled oats 50 g", "shallots 3", "thyme, 4 sprigs", "dried porcini 15 g, soaked"; "flour type 550" is none.
  [
    new RegExp(
      String.raw`^(\p{L}[\p{L} -]*?)(?<!\b(?:type|no|nr|number|size|grade|step|part|strength))(?:\s*[,:]\s*|\s+)((?:${NUMBER}\s*(?:${MEASURE}|tablespoons?|teaspoons?|grams?|kilos?|lit(?:re|er)s?|cloves?|sprigs?|stalks?|sticks?|leaves|heads?|handfuls?|bunch(?:es)?|slices?|pieces?|small|medium|large|big)|(?:\d{1,2}|\d+\/\d+|\d+ \d+\/\d+)))(?:,\s*(.*)|\s+((?:(?:finely|coarsely|roughly|thinly|freshly) )?\p{L}+(?:ed|cut|torn)))?$`,
      'iu',
    ),
    (_, food = '', n = '', rest = '', how = '') => `${n} ${food}${rest || how ? `, ${rest || how}` : ''}`,
  ],
  // "3 carrots, diced (300g)"
  [
    new RegExp(
      String.raw`^(\d+)\s+((?:(?!\b${MEASURED}\b)[\p{L} -])+),\s*([^(]*?)\s*\((?:about |ca\.? )?(${NUMBER}\s*(?:kg|g))\)$`,
      'iu',
    ),
    (_, n = '', food = '', how = '', weight = '') => `${weight} ${food}, ${how}, ${pieces(n)}`,
  ],
  // "tofu: 200 g", "leeks - 3", "garlic x4"
  [
    new RegExp(String.raw`^(\p{L}[\p{L} -]*?)\s*[:–-]\s*(${NUMBER}\s*${MEASURE}?)\s*$`, 'iu'),
    (_, food = '', n = '') => `${n} ${food}`,
  ],
  [new RegExp(String.raw`^(\p{L}[\p{L} -]*?)\s*[x×]\s*(\d+)\s*$`, 'iu'), (_, food = '', n = '') => `${n} ${food}`],
  [
    /^(?:an?\s+)?half[\s-](?:an?[\s-])?(inch|centimet(?:re|er))(?:[\s-]+(?:piece|chunk|knob|length|slice))?(?:\s+of)?\s+(?=\p{L})/iu,
    (_, unit = '') => `1/2 ${/^inch/i.test(unit) ? 'inch' : 'cm'} `,
  ],
  // "2 cm ginger", "a 1-inch piece of ginger", "thumb-sized piece of ginger"
  [
    new RegExp(
      String.raw`^(?:an?\s+)?(${NUMBER}(?:-${NUMBER})?)[\s-]*(cm|inch(?:es)?|in|")\.?(?:[\s-]+(?:piece|chunk|knob|length|slice))?(?:\s+of)?\s+(?=\p{L})`,
      'iu',
    ),
    (_, n = '', unit = '') => `${n} ${unit.toLowerCase() === 'cm' ? 'cm' : 'inch'} `,
  ],
  // "a good inch of ginger"
  [
    /^(?:an?|one|1)\s+(?:good|big|small|generous|fat|scant)\s+(inch|cm|thumb)\s+(?:of\s+)?/i,
    (_, unit = '') => `1 ${unit} `,
  ],
  // "1 (2-inch) piece fresh ginger", "1 3-cm piece ginger"
  [
    new RegExp(
      String.raw`^(?:an?|one|1)\s+\(?(?:about )?(${NUMBER})[\s-]*(cm|inch(?:es)?|in|")\.?\)?[\s-]+(?:piece|chunk|knob|length|slice|stick)(?:\s+of)?\s+(?=\p{L})`,
      'iu',
    ),
    (_, n = '', unit = '') => `${n} ${unit.toLowerCase() === 'cm' ? 'cm' : 'inch'} `,
  ],
  // "1 piece ginger (3 cm)"
  [
    new RegExp(
      String.raw`^(?:an?|one|1)\s+(?:small |large )?(?:piece|chunk|knob)\s+(?:of\s+)?(\p{L}+)\s*\(?,?\s*(?:about |ca\.? )?(${NUMBER}\s*(?:cm|inch(?:es)?))\)?`,
      'iu',
    ),
    (_, food = '', n = '') => `${n} ${food}`,
  ],
  [/^(?:an?\s+|1\s+)?thumb(?:-|\s)?(?:sized?)?(?:\s+(?:piece|knob|chunk))?(?:\s+of)?\s+/i, () => '1 thumb '],
  // "a chunk of ginger": nobody knows how much that is.
  [
    /^(?:an?|\d+)?\s*(?:chunks?|lumps?)(?:\s+of)?\s+(.+)$/i,
    (all, food = '') => `some ${food}, ${all.slice(0, all.length - food.length).trim()}`,
  ],
];

const AND_PART =
  /\b(an?|one|two|three|four|five|six|\d{1,2})\s+(pounds?|kilos?|kg|lit(?:re|er)s?|cups?|pints?|teaspoons?|tablespoons?|tsp|tbsp|hours?)\s+and\s+an?\s+(half|quarter)\b/gi;

/** "Tablespoon of tomato paste, …, glass of red wine": said without its "a". */
const WITHOUT_A =
  /(^|[.,;:+&]\s+|\b(?:and|plus|add|then)\s+)((?:table|tea)spoon|tbsp|tsp|cup|mug|glass|tin|can|lit(?:er|re)|kilo|pound|pint)(?=\s+of\s+\p{L})/giu;

/**
 * A measure and its half in one number, wherever it stands in a text; a measure alone is one of it.
 * @example inOneNumber('a litre and a quarter of water') // "1.25 litre of water"
 * @example inOneNumber('tablespoon of tomato paste') // "1 tablespoon of tomato paste"
 */
export const inOneNumber = (text: string): string =>
  text
    .replace(WITHOUT_A, (_, before: string, measure: string) => `${before}1 ${measure.toLowerCase()}`)
    .replace(AND_PART, (all, n: string, unit: string, part: string) => {
      const whole = /^an?$/i.test(n) ? 1 : readNumber(n)?.value.valueOf();
      return whole === undefined ? all : `${whole + (part.toLowerCase() === 'half' ? 0.5 : 0.25)} ${unit}`;
    });

/** "3" behind a comma says nothing: "3 pieces". */
const pieces = (n: string): string =>
  /\d\s*$/.test(n) ? `${n.trim()} ${n.trim() === '1' ? 'piece' : 'pieces'}` : n.trim();

const tens = (n: string, factor: number): string => {
  const read = readNumber(n.trim().replace(/^(\d+),(\d+)$/, '$1.$2'));
  return read?.rest === '' ? `${Math.round(read.value.valueOf() * factor * 1000) / 1000}` : n;
};

/**
 * A line in one of the forms that cooks use and that say the same as a usual one.
 * @example asUsual('garlic x4') // "4 garlic"
 * @example asUsual('2 big leeks (about 600 g)') // "600 g leeks, 2 big"
 */
export const asUsual = (line: string): string =>
  FORMS.reduce((text, [said, usual]) => {
    const found = said.exec(text);
    return found ? `${usual(...found.map((each) => each ?? ''))}${text.slice(found[0].length)}` : text;
  }, inOneNumber(line));
