import type { UnitSystem } from '../../quantity/index.ts';
import { readAmount } from './readAmount.ts';

/** A name, and behind it where an amount may begin. */
const NAMED =
  /^(?!(?:an?|some|half|one|two|three|four|five|six|few|juice|zest|about|approx|pinch|handful|knob|bunch|splash|good|small|large|big)\b)(\p{L}[^\d:;,]*?)(?:\s*[:–—-]\s+|\s*:\s*|,?\s+|\s*\()(?=(?:about |approx\.? |ca\.? |~)?(?:\d|(?:an?|a few|few|half an?|several)\s+(?:(?:small|large|big|good|generous)\s+)?(?:handfuls?|bunch|bunches|sprigs?|pinch|pinches|knob|splash|drizzle|glug|cloves?|sticks?|stalks?|leaves)\b))(.+)$/iu;
/** What may stand behind an amount whose food stood before it: how it goes in, and no food. */
const SAYS_HOW =
  /^(?:$|[,;(+–—-]|(?!red\b)(?:(?:very|finely|coarsely|roughly|thinly|freshly)\s+)?\p{L}+(?:ed|cut|torn)\b|(?:extra |very )?(?:firm|soft|ripe|raw|whole|fine|coarse)\b\s*(?=$|[,;(]))/iu;
/** "Sweet potatoes - 3 medium (about 600 g)" */
const SIZED = /^(?:small|medium(?:-sized)?|large|big|fat)\b\s*(?=$|[,;(])/i;
/** "Flour type 550": that number is part of the name. */
const NUMBERED = /\b(?:type|no|nr|number|size|grade|step|part|strength|serves|makes|feeds|for|x)\.?$/i;

const PACKED = /^(?:tins?|cans?|jars?|packs?|packets?|bags?|box(?:es)?|blocks?|tubs?|bottles?)\b/i;
/** More pieces are weighed. Common practice, no published source. */
const MOST_PIECES = 30;

/** "Soak for the chilli: 600 g beans" is no amount of chilli. */
const FOR_WHAT = /\b(?:for|in|with|to) (?:the|a|an)\b/i;

/**
 * A line whose amount stands behind its food, in whichever form, with the amount first; a line of another form as it is.
 * @example withAmountFirst('Swiss chard: 1 large bunch, stems apart', 'US') // "1 large bunch Swiss chard, stems apart"
 */
export function withAmountFirst(line: string, system: UnitSystem): string {
  // "lentils, green, 350 g"
  const [, of = '', kind = '', at = ''] =
    /^(\p{L}[\p{L} -]*), (\p{L}[\p{L} -]*), ((?:about |ca\.? )?\d.*)$/iu.exec(line) ?? [];
  if (at !== '') return withAmountFirst(`${of}: ${at}, ${kind}`, system);
  const [, name = '', behind = ''] = NAMED.exec(line) ?? [];
  if (behind === '' || NUMBERED.test(name) || FOR_WHAT.test(name)) return line;
  const open = line.slice(0, line.length - behind.length).endsWith('(');
  const said = open ? behind.replace(/\)/, '') : behind;
  const text = said.replace(/^few\b/i, 'a few');
  const read = readAmount(text, system);
  // "bouillon 3 cubes"
  const [cubes, n = ''] = /^(\d+)\s+cubes?\b/i.exec(text) ?? [];
  if (cubes !== undefined && /\b(?:bouillon|stock|broth)$/i.test(name))
    return `${n} ${name} cubes${text.slice(cubes.length)}`;
  const behindIt = text.slice(text.length - read.rest.length) === read.rest ? read.rest : undefined;
  const rest = read.amount.kind === 'count' ? behindIt?.replace(SIZED, '') : behindIt;
  if (rest === undefined || rest === text || !SAYS_HOW.test(rest)) return line;
  // "Tin toms 400": that many of what, nobody says.
  const pieces = read.amount.kind === 'count' && !read.piece ? read.amount.each : undefined;
  if (pieces && (/^[(]?\p{L}/u.test(rest) || PACKED.test(name) || pieces.compare(MOST_PIECES) > 0)) return line;
  const amount = text.slice(0, text.length - rest.length).trim();
  const how = rest.replace(/^[\s,;–—-]+/, '').trim();
  return `${amount} ${name.trim()}${how === '' ? '' : how.startsWith('(') || how.startsWith('+') ? ` ${how}` : `, ${how}`}`;
}
