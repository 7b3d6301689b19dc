import { Fraction } from '../quantity/index.ts';

/** How full a pack is, by eye, as people write it behind its name. */
const FULL: readonly (readonly [words: RegExp, share: Fraction])[] = [
  [
    / (?:nearly|almost|practically) (?:empty|gone|finished|out)(?= )| (?:just )?(?:the )?(?:dregs|last bit)(?: of)?(?= )/,
    new Fraction(1, 8),
  ],
  [/ (?:about |only )?(?:half|1\/2) (?:full|empty|left|gone|used)(?= )/, new Fraction(1, 2)],
  [/ (?:about |only )?(?:a )?(?:third|1\/3) (?:full|left)(?= )/, new Fraction(1, 3)],
  [/ (?:about |only )?(?:a )?(?:quarter|1\/4) (?:full|left)(?= )/, new Fraction(1, 4)],
  [/ (?:about )?(?:three quarters|3\/4) (?:full|left)(?= )/, new Fraction(3, 4)],
  [/ (?:about )?(?:two thirds|2\/3) (?:full|left)(?= )/, new Fraction(2, 3)],
  [/ (?:nearly |almost )?full(?= )/, new Fraction(1)],
  [/ \(?(?:running |getting |very )*low\)?(?= )/, new Fraction(1, 4)],
];

/** How it is, and nothing of what it is or how much. */
const HOW_IT_IS =
  / (?:\d+ (?:of them )?(?:is |are )?)?(?:(?:a bit |slightly |going |getting |bit )?(?:soft|limp|wilting|wilted|wilty|tired|sad|sprouting|floppy|bendy|yellowing)|going off|left over|left|unopened|sealed|home ?-?made|shop ?-?bought|from the (?:market|shop|garden)|in there|somewhere)(?= )/g;

/**
 * Words about the state of something on a shelf, taken out of a line: how full its pack is, and what only says how it is.
 * @example stateIn(' olive oil 1 l half full ') // { rest: ' olive oil 1 l ', share: 1/2 }
 */
export function stateIn(text: string): { readonly rest: string; readonly share?: Fraction } {
  for (const [words, share] of FULL) {
    const found = words.exec(text);
    if (found) return { rest: text.replace(found[0], '').replace(HOW_IT_IS, ''), share };
  }
  const rest = text.replace(HOW_IT_IS, '');
  // "1 bag of peas, half", and no day: "best before 3/4" is one.
  const [last, words = ''] = /(?<! (?:bbe?|before|by|until|till|exp|on)\.?) (half|[123]\/[234]) $/.exec(rest) ?? [];
  return last !== undefined && PACKED.test(rest.replace(last, ' '))
    ? { rest: rest.replace(last, ' '), share: new Fraction(words === 'half' ? '1/2' : words) }
    : { rest };
}

/** There is a pack, or an amount, of which a part can be left. */
const PACKED = / \d| (?:bag|pack|packet|jar|bottle|box|carton|tub|tube|can|tin|loaf|block) /;

/** Money below one unit, in the signs and words of many: "65p", "99 cents". */
const SMALL_MONEY = /(?<= @? ?)(\d{2,3}|\d(?= ?(?:pence|cents?)\b)) ?(?:p|pence|ct|cts|cents?)(?= )/g;

/**
 * A price as the rest of the reader knows it: small coins as a part of one unit, and "@" as "each".
 * @example plainPrices(' passata 4 @ 65p ') // ' passata 4 £0.65 each '
 */
export const plainPrices = (text: string): string =>
  text
    .replace(SMALL_MONEY, (_, minor: string) => `£${(Number(minor) / 100).toFixed(2)}`)
    .replace(/ @ ?([€$£]?\d+(?:\.\d+)?(?: ?[€$£])?)(?: each)?(?= )/g, ' $1 each');
