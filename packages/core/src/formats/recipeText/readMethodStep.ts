import { plainSigns } from '../../quantity/index.ts';
import type { Written } from '../../quantity/index.ts';
import type { Attention, PressureStep, StationUse, Window } from '../../recipe/index.ts';
import { leadIn } from './leadIn.ts';
import { boiledOffIn } from './boiledOffIn.ts';
import { keptLiquidIn } from './keptLiquid.ts';
import { isPressure, pressureIn } from './pressureIn.ts';
import { BARE_NUMBER } from './splitMethod.ts';
import { beforeTheEnd, durationsIn } from './timesIn.ts';

/** What a step of a method says about time, hands and heat. */
export interface MethodStep {
  readonly text: string;
  readonly kind: 'work' | 'pressure' | 'ahead';
  /** At pressure: the time that is held. */
  readonly minutes: Window;
  /** The minutes stood in the text; otherwise they are a guess to be put right. */
  readonly timed: boolean;
  readonly attention: Attention;
  readonly station?: StationUse['station'];
  readonly celsius?: number;
  readonly grill?: boolean;
  /** Of what is begun before the session; undefined where nobody says how long. */
  readonly hours?: { readonly least: number; readonly most: number };
  /** Of what stands when all is done ("chill overnight" at the end): hours until it is ready. */
  readonly afterwards?: { readonly least: number; readonly most: number };
  /** At pressure: how it is let out, where that is said. */
  readonly release?: PressureStep['release'];
  readonly water?: PressureStep['water'];
  /** Water that boils off until it is done, where that is said. */
  readonly off?: Written;
  /** Liquid that is kept for later; without an amount, nobody says how much. */
  readonly kept?: { readonly amount?: Written };
  /** At low pressure, which no plan knows. */
  readonly low?: boolean;
}

const HEAT = /(\d{2,3})\s*°?\s*(C|F)\b/;
const OVEN = /\b(?:oven|bake|baking|roast|roasting)\b/i;
const GRILL = /\b(?:grill|broil)\b/i;
const HOB =
  /\bsaut[eé]|\bcook\b[^.]*\bin (?:plenty of |boiling |salted |fresh )*water\b|\b(?:simmer|boil|braise|steam|fry|sweat|soften|wilt|poach|blanch|parboil|saucepan|skillet|wok|pan|pot|hob|stove(?:top)?|stir over|over (?:a )?(?:low|medium|high|gentle|moderate)(?:[- ]high|[- ]low)?(?: heat)?)\b/i;
const BLEND = /\b(?:blend|blender|pur[eé]e|whizz)\b/i;
/** Appliances by their names, the more special first. */
const NAMED: readonly (readonly [said: RegExp, station: StationUse['station']])[] = [
  [/\bmicrowave\b/i, 'microwave'],
  [/\brice cooker\b/i, 'rice cooker'],
  [/\bair[- ]?fr(?:y|ier|yer)\b/i, 'air fryer'],
];
const ALONE =
  /\b(?:simmer|bak(?:e|ing)|roast(?:ing)?|rest|leave|cool|chill|soak|rise|stand|boil|parboil|blanch|steam|braise|by itself|marinate|set|sit|cook(?:ing)? over (?:a )?(?:low|gentle)|prove|proof|infuse|steep|press|drain|freeze|slow cooker|look every)\b/i;
const STIRRED =
  /\b(?:stir|stirring|fry|saut[eé]|sweat|toast|flip(?:ping)?|toss(?:ing)?|shak(?:e|ing)|turn(?:ing)?(?! (?:down|off|up|on|out|the heat|it (?:down|off))\b)|look every)\b/i;

/** In an air fryer nobody stirs. */
const AIR_FRIED = /\bair[- ]?fr\w+/gi;

/** Without a word on where, something is cooked where the step before was. */
const GOES_ON = /^(?:add|stir|tip|pour|cook|throw|put|pop)\b.*\bcook\b/i;
/** Heating an oven is no work of its own: a session heats it in time for what goes in. */
const PREHEAT = /\bpre-?heat\b|\bheat (?:the |your |an )?oven\b/i;

const HANDS_MINUTES = 5;
/** Oven dials go in tens. */
const TEN = 10;
/** An oven of which nobody says how hot. Common practice, no published source. */
const OVEN_C = 200;

/**
 * What a step says, from its words; a clause that goes on from the one before ("Then uncovered 10") is where that one was;
 * `heated` is what the oven was heated to, °C.
 * @example readMethodStep('Simmer for 20 to 25 minutes').minutes.expected // => 23
 */
export function readMethodStep(text: string, before?: MethodStep, heated?: number): MethodStep {
  const plain = plainSigns(text);
  if (isPressure(plain)) return pressureStep(text);
  const lead = leadIn(plain);
  if (lead) return aheadStep(text, lead.hours);
  const goesOn =
    before?.kind === 'work' && (/^then\b/i.test(plain) || (before.station === 'burner' && GOES_ON.test(plain)))
      ? before
      : undefined;
  const time = saidTime(plain, goesOn);
  const off = boiledOffIn(plain);
  const kept = keptLiquidIn(plain);
  const said = celsiusIn(plain);
  const grill = GRILL.test(plain);
  const named = NAMED.find(([word]) => word.test(plain))?.[1];
  const preheats = PREHEAT.test(plain) && durationsIn(plain).length === 0;
  const inOven =
    !preheats && (grill || (OVEN.test(plain) && (said !== undefined || /\b(?:bake|roast)|in the oven/i.test(plain))));
  const station =
    named ?? (inOven ? 'oven' : BLEND.test(plain) ? 'jug' : HOB.test(plain) || off ? 'burner' : goesOn?.station);
  const alone =
    time !== undefined &&
    !/\bby hand\b/i.test(plain) &&
    (ALONE.test(plain) || named !== undefined || goesOn?.attention.needs === 'nobody');
  // "The nuts for the last 5 minutes": somebody comes by when they go in.
  const last = beforeTheEnd(plain);
  const attention: Attention =
    off && !time
      ? { needs: 'look', everyMinutes: POT_LOOK }
      : !alone || BLEND.test(plain)
        ? { needs: 'hands' }
        : STIRRED.test(plain.replace(AIR_FRIED, ''))
          ? { needs: 'look', everyMinutes: everyIn(plain, time.to, inOven) }
          : last !== undefined && time.to > last
            ? { needs: 'look', everyMinutes: Math.max(1, Math.round(time.to - last)) }
            : { needs: 'nobody' };
  const celsius = station === 'oven' ? (said ?? goesOn?.celsius ?? heated ?? OVEN_C) : undefined;
  return {
    text,
    kind: 'work',
    minutes: windowOf(time ?? { from: HANDS_MINUTES, to: HANDS_MINUTES }, plain),
    timed: time !== undefined,
    attention,
    ...(station ? { station } : {}),
    ...(celsius === undefined ? {} : { celsius }),
    ...(grill ? { grill: true } : {}),
    ...(off && !time ? { off } : {}),
    ...(kept ? { kept } : {}),
  };
}

/** "10 to 15 minutes (mostly 12)": what is expected, where it is not the middle. */
const MOSTLY = /\bmostly (\d{1,3})\b/i;

const windowOf = ({ from, to }: { readonly from: number; readonly to: number }, said = ''): Window => {
  const earliest = Math.max(1, Math.round(from));
  const latest = Math.max(earliest, Math.round(to));
  const mostly = Number(MOSTLY.exec(said)?.[1] ?? 0);
  const expected = mostly >= earliest && mostly <= latest ? mostly : Math.round((earliest + latest) / 2);
  return { earliest, expected, latest };
};

function saidTime(
  plain: string,
  goesOn: MethodStep | undefined,
): { readonly from: number; readonly to: number } | undefined {
  const [time] = durationsIn(plain);
  if (time) return time;
  // "Then uncovered 10": in the minutes of the clause before.
  const bare = goesOn?.timed ? BARE_NUMBER.exec(plain) : null;
  return bare?.[1] ? { from: Number(bare[1]), to: Number(bare[2] ?? bare[1]) } : undefined;
}

function celsiusIn(plain: string): number | undefined {
  const heat = HEAT.exec(plain);
  if (!heat?.[1]) return undefined;
  return heat[2]?.toUpperCase() === 'F' ? Math.round(((Number(heat[1]) - 32) * 5) / 9 / TEN) * TEN : Number(heat[1]);
}

/** A pot is looked after every few minutes, a tray is turned once. Common practice, no published source. */
const POT_LOOK = 4;
function everyIn(plain: string, minutes: number, inOven: boolean): number {
  const said = /\b(?:every|after) (\d{1,2})(?: min|\b(?!\s*(?:h|seconds|g\b)))/i.exec(plain)?.[1];
  if (said !== undefined) return Number(said);
  return inOven || /\b(?:half-?way|once)\b/i.test(plain) ? Math.max(1, Math.round(minutes / 2)) : POT_LOOK;
}

function pressureStep(text: string): MethodStep {
  const { hold, release, water, low } = pressureIn(text);
  return {
    text,
    kind: 'pressure',
    minutes: windowOf(hold ?? { from: HANDS_MINUTES, to: HANDS_MINUTES }, text),
    timed: hold !== undefined,
    attention: { needs: 'nobody' },
    station: 'cooker',
    water,
    ...(release ? { release } : {}),
    ...(low ? { low } : {}),
  };
}

const aheadStep = (text: string, hours: MethodStep['hours']): MethodStep => ({
  text,
  kind: 'ahead',
  minutes: windowOf({ from: HANDS_MINUTES, to: HANDS_MINUTES }),
  timed: hours !== undefined,
  attention: { needs: 'nobody' },
  ...(hours ? { hours } : {}),
});

/** Something was made before it, and nothing but serving comes behind: it is no lead of the session, but what follows it. */
const standsAtTheEnd = (steps: readonly MethodStep[], n: number): boolean => {
  const step = steps[n];
  return (
    step?.kind === 'ahead' &&
    step.hours !== undefined &&
    !/\bsoak|\bsprout/i.test(step.text) &&
    steps.slice(0, n).some(({ kind }) => kind !== 'ahead') &&
    steps.slice(n + 1).every(({ kind, timed, station }) => kind === 'work' && !timed && station === undefined)
  );
};

const afterwards = ({ hours, ...step }: MethodStep): MethodStep => ({
  ...step,
  kind: 'work',
  attention: { needs: 'hands' },
  ...(hours ? { afterwards: hours } : {}),
});

/** The steps of a method, each knowing the one before it, and how hot the oven was said to be. */
export function readMethod(texts: readonly string[]): readonly MethodStep[] {
  const steps: MethodStep[] = [];
  let heated: number | undefined;
  for (const text of texts) {
    const step = readMethodStep(text, steps.at(-1), heated);
    const said = celsiusIn(plainSigns(text));
    if (said !== undefined && OVEN.test(text)) heated = said;
    steps.push(step);
  }
  return steps.map((step, n) => (standsAtTheEnd(steps, n) ? afterwards(step) : step));
}
