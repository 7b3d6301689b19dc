import { plainSigns, readNumber } from '../../quantity/index.ts';
import type { Attention, StationUse, Window } from '../../recipe/index.ts';

/** What a sentence of a method says about time, hands and heat. */
export interface MethodStep {
  readonly text: string;
  readonly minutes: Window;
  /** The minutes stood in the text; otherwise they are a guess to be put right. */
  readonly timed: boolean;
  readonly attention: Attention;
  readonly station?: StationUse['station'];
  readonly celsius?: number;
}

const TIME =
  /(?:about |around )?((?:\d+\s+)?\d+(?:\/\d+)?(?:[.,]\d+)?)(?:\s*(?:-|to|or)\s*((?:\d+\s+)?\d+(?:[.,]\d+)?))?\s*(hours?|hrs?|h|minutes?|mins?|min)\b/i;
const HEAT = /(\d{2,3})\s*°?\s*(C|F)\b/;
const OVEN = /\b(?:oven|bake|baking|roast|roasting)\b/i;
const HOB = /\b(?:simmer|boil|fry|saut[eé]|sweat|saucepan|pan|pot|hob|stir over)\b/i;
const BLEND = /\b(?:blend|pur[eé]e|whizz)\b/i;
const ALONE = /\b(?:simmer|bake|roast|rest|leave|cool|chill|soak|rise|stand|boil|steam)\b/i;
const STIRRED = /\b(?:stir|stirring|fry|saut[eé]|sweat|toast)\b/i;

const HANDS_MINUTES = 5;
/** Oven dials go in tens. */
const TEN = 10;

/**
 * Minutes, attention and station of a step, from its words.
 * @example readMethodStep('Simmer for 20 to 25 minutes').minutes.expected // => 23
 */
export function readMethodStep(text: string): MethodStep {
  const plain = plainSigns(text);
  const time = TIME.exec(plain);
  const from = time?.[1] ? readNumber(time[1])?.value.valueOf() : undefined;
  const to = time?.[2] ? readNumber(time[2])?.value.valueOf() : undefined;
  const scale = time?.[3] && /^h/i.test(time[3]) ? 60 : 1;
  const heat = HEAT.exec(plain);
  const celsius = heat?.[1]
    ? heat[2]?.toUpperCase() === 'F'
      ? Math.round(((Number(heat[1]) - 32) * 5) / 9 / TEN) * TEN
      : Number(heat[1])
    : undefined;
  const inOven = OVEN.test(plain) && (celsius !== undefined || /\b(?:bake|roast)/i.test(plain));
  const station = inOven ? 'oven' : BLEND.test(plain) ? 'jug' : HOB.test(plain) ? 'burner' : undefined;
  const alone = from !== undefined && ALONE.test(plain) && !BLEND.test(plain);
  const attention: Attention = !alone
    ? { needs: 'hands' }
    : STIRRED.test(plain)
      ? { needs: 'look', everyMinutes: 4 }
      : { needs: 'nobody' };
  const earliest = Math.max(1, Math.round((from ?? HANDS_MINUTES) * scale));
  const latest = Math.max(earliest, Math.round((to ?? from ?? HANDS_MINUTES) * scale));
  return {
    text,
    minutes: { earliest, expected: Math.round((earliest + latest) / 2), latest },
    timed: from !== undefined,
    attention,
    ...(station ? { station } : {}),
    ...(inOven ? { celsius: celsius ?? 200 } : {}),
  };
}
