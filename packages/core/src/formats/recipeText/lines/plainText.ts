import { inDigits } from '../numberWords.ts';

const HOT_IN_F = /\b(?:3\d[05]|4\d[05]|500) ?(?:°|deg(?:rees)?\b) ?(?!C)/i;
const IN_CELSIUS = /\b\d{2,3} ?(?:°|deg(?:rees)?\b)? ?C\b/;

const TENS = ['', '', 'twenty', 'thirty', 'forty', 'fifty'];
const ONES = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
const IN_DIGITS: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4, five: 5, six: 6 };

/** Each of these rows of ringed digits begins with a one. */
const RINGED_ONES = [0x2460, 0x2776, 0x2780, 0x278a];
const ringed = (sign: string): number => {
  const code = sign.codePointAt(0) ?? 0;
  return code - Math.max(...RINGED_ONES.filter((one) => one <= code)) + 1;
};

/** Bold type says nothing of a recipe; 10' are ten minutes, and a digit on a key is the number of a step. */
export const inPlainSigns = (text: string): string =>
  inDigits(text)
    // "**You need** 1 leek • 2 carrots"
    .replace(
      /^\*\*(you need|ingredients|method|do|steps|directions|instructions)\*\*:?[ \t]+(?=\S)/gim,
      (_, head: string) => (/^do$/i.test(head) ? 'Method\n' : `${head}\n`),
    )
    // "**Sauce**" on a line of its own heads what follows
    .replace(/^[ \t]*\*\*(\p{L}[\p{L} &]{1,30}?):?\*\*:?[ \t]*$/gmu, (all, head: string, at: number, whole: string) =>
      whole.slice(0, at).trim() === '' ? head : `${head}:`,
    )
    .replace(/\*\*/g, '')
    // "*Serves:* 2"
    .replace(/(?<=^|\s)\*(\p{L}[^*\n]{1,40})\*(?=[\s:]|$)/gmu, '$1')
    .replace(/\bo\/n\b/gi, 'overnight')
    // "1 lit water", "500 grms rice"
    .replace(/(?<=\d ?)(?:ltrs?|lits?|litrs?)\b\.?/gi, 'litre')
    .replace(/(?<=\d ?)grms?\b\.?/gi, 'g')
    // "Soak min. 10 hr" is at least so long, and ends no sentence.
    .replace(/(?<!\d[ -]?)\bmin\.? (?=\d)/g, 'at least ')
    .replace(/^(\s*\d)\uFE0F?\u20E3\s*/gmu, '$1. ')
    // "S & P"
    .replace(/^\s*s ?(?:&|\+|and) ?p\.?\s*$/gim, 'salt and pepper')
    // "(2) Soften the onion"
    .replace(/^(\s*)\((\d{1,2})\)\s+(?=\p{L})/gmu, '$1$2. ')
    // "(1) 700 g dal, soaked", where each line counts on
    .replace(/^(\s*)\((\d{1,2})\)\s+(?=\d)/gmu, (all, before: string, n: string, _: number, whole: string) =>
      (whole.match(/^\s*(?:\(\d{1,2}\)|\d{1,2}\.)\s/gm) ?? []).length > 2 ? `${before}${n}. ` : all,
    )
    // "[rice] 150 g jasmine, 190 ml water"
    .replace(/^[ \t]*\[(\p{L}[\p{L} ]{1,20})\]:?[ \t]+(?=\S)/gmu, '$1: ')
    // "twenty five minutes"
    .replace(
      /\b(twenty|thirty|forty|fifty) (one|two|three|four|five|six|seven|eight|nine)(?= (?:min|hour))/gi,
      (_, tens: string, one: string) => `${TENS.indexOf(tens.toLowerCase()) * 10 + ONES.indexOf(one.toLowerCase())}`,
    )
    // "two 690 g bottles"
    .replace(
      /\b(two|three|four|five|six|[2-9]) (?=\d[\d.,]* ?(?:k?g|ml|l|oz) (?:bottles?|tins?|cans?|jars?|packs?|packets?|cartons?|bags?|blocks?)\b)/gi,
      (_, n: string) => `${IN_DIGITS[n.toLowerCase()] ?? n} x `,
    )
    // "1 tbsp each of tomato and pepper paste"
    .replace(
      /([\d½¼¾][\d/.½¼¾ ]*(?:tbsp|tablespoons?|tsp|teaspoons?|cups?)) each (?:of )?(\p{L}+) and (\p{L}+) (paste|pur[eé]e|powder|flakes)\b/giu,
      '$1 $2 $4 and $1 $3 $4',
    )
    .replace(/\b(wine|cider|rice|malt|sherry|balsamic) vin\b\.?/gi, '$1 vinegar')
    // "flour . . . 620 g"
    .replace(/(?:[ \t]\.){3,}(?=\s)/g, ' ...')
    .replace(/(?<![\p{L}\d])w\/out\b ?/gu, 'without ')
    // "w/ bread", "w/o salt"
    .replace(/(?<![\p{L}\d])w\/o\b ?/gu, 'without ')
    .replace(/(?<![\p{L}\d])w\/ ?(?=\p{L}|\d)/gu, 'with ')
    // "250°" beside "350°": no oven knows the second in °C.
    .replace(/(?<=\b\d{3}) ?(?:°|deg(?:rees)?\b)(?! ?(?:[CF]\b|Fahr|Cels))/gi, (sign, at: number, whole: string) =>
      HOT_IN_F.test(whole) && !IN_CELSIUS.test(whole) ? '°F' : sign,
    )
    // "1T water", "½ t salt"
    .replace(/(?<=[\d½¼¾⅓⅔]) ?T\.?(?= \p{Ll})/gu, ' tbsp')
    .replace(/(?<=[\d½¼¾⅓⅔]) ?t\.?(?= \p{Ll})/gu, ' tsp')
    // "A block of tofu, the 400 gram one"
    .replace(
      /\b(?:an?|one|1) (block|tin|can|pack|packet|jar|bag|carton) of ([\p{L} -]{2,30}), the (\d+) ?(g|grams?|ml)\b(?: (?:one|size))?/giu,
      (_, pack: string, of: string, n: string, unit: string) =>
        `1 ${pack} of ${of} (${n} ${/^g/i.test(unit) ? 'g' : unit})`,
    )
    // "Freezer 3 m": nobody freezes anything for minutes.
    .replace(/(?<=\b(?:freezer|frozen)(?: for| up to|:)* \d{1,2})\s?m(?=[\s.,;)]|$)/gim, ' months')
    // "10m", "1h30m": nobody cooks by the metre.
    .replace(/(?<=(?<!\d)\d{1,3})\s?m(?=[\s.,;)]|$)/gm, ' min')
    // "➊ Mix", "① Mix"
    .replace(
      /^(\s*)([\u2460-\u2468\u2776-\u277E\u2780-\u2788\u278A-\u2792])\s*/gmu,
      (_, before: string, sign: string) => `${before}${ringed(sign)}. `,
    )
    .replace(/(?<=\b\d{1,3})\s?['′’](?=[\s.,;)]|$)/gm, ' min');
