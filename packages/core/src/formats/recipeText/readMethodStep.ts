import { plainSigns, readNumber, remembered } from '../../quantity/index.ts';
import type { Written } from '../../quantity/index.ts';
import type { Attention, PressureStep, StationUse, Window } from '../../recipe/index.ts';
import { leadIn } from './leadIn.ts';
import { ownWords, withoutEnd } from './ownWords.ts';
import { boiledOffIn, shareOffIn, thicknessIn, type ShareOff } from './boiledOffIn.ts';
import { keptLiquidIn } from './keptLiquid.ts';
import { OFF_FROM_MINUTES, blends, boilsStarch, onNoHeat, withoutNames } from './kitchenVerbs.ts';
import { OVEN, celsiusIn, thenAt } from './ovenHeat.ts';
import { isPressure, pressureIn } from './pressureIn.ts';
import { bareNumberIn } from './splitMethod.ts';
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
  /** In an oven of which nobody says how hot it is. */
  readonly heatUnsaid?: true;
  readonly grill?: boolean;
  /** Of what is begun before the session; undefined where nobody says how long. */
  readonly hours?: { readonly least: number; readonly most: number };
  /** Days that stand in another sentence than what stands: they may be how long it keeps. */
  readonly daysApart?: string;
  /** Of what stands when all is done ("chill overnight" at the end): hours until it is ready. */
  readonly afterwards?: { readonly least: number; readonly most: number };
  /** At pressure: how it is let out, where that is said. */
  readonly release?: PressureStep['release'];
  readonly water?: PressureStep['water'];
  /** Water that boils off until it is done, where that is said. */
  readonly off?: Written;
  /** The share of the liquid in the pot that boils off, where that alone is said. */
  readonly shareOff?: ShareOff;
  /** The dry part of what is in the pot when it is done, by weight, where that is said. */
  readonly thick?: number;
  /** Liquid that is kept for later; without an amount, nobody says how much. */
  readonly kept?: { readonly amount?: Written };
  /** Begun ahead with work before it in the method: is that done before it, too? Undefined: it stands first, or somebody said. */
  readonly midway?: true;
  /** It says "repeat", and not how long: what was done before, and where. */
  readonly again?: { readonly minutes: number; readonly station?: StationUse['station'] };
  /** In a slow cooker, or put into one. */
  readonly slow?: true;
  /** At low pressure, which no plan knows. */
  readonly low?: boolean;
  /** Where the step before was on heat, if this one does not say that it is off it: it may be there still. */
  readonly after?: 'burner' | 'oven';
}

/** On these, with degrees beside them, it is in an oven. */
const IN_OVEN_ON = /\b(?:tray|tin|sheet|rack|shelf)\b/i;
/** "425°F. Toss …": nothing but an oven is set to that. */
export const HEAT_ALONE =
  /^(?:fan )?(?:1[2-9]\d|2\d\d|3\d\d|4\d\d)\s*°?\s*[CF]?(?:,? (?:fan|convection))?(?:\s*\(\d{3}\s*°?\s*[CF]?\s*(?:fan|convection|conv\.?)\))?\s*(?:[.:;]|$)/i;
/** "Toast the oats on a tray for 10 minutes", once the oven is hot. */
const ON_TRAY =
  /\bon (?:an?|the|two|\d) (?:[\w-]+ )?(?:tray|sheet)s?\b|\b(?:\d+ ?(?:x|×|cm|inch)\S* ?(?:\d+ ?(?:cm|inch)? )?|loaf |cake |muffin |lined |greased )(?:tin|muffin cup|muffin case)s?\b|\b(?:upper|lower|top|bottom|middle) (?:and (?:upper|lower|bottom) )?(?:third|rack|shelf)\b/i;
/** What is baked on these stands on a hob. */
const ON_PAN = /\b(?:bak|roast)\w*\b[^.]*\b[io]n an? (?:\w+ ){0,2}(?:pan|griddle|skillet|tava)\b/i;
const GRILL = /\b(?:grill|broil)\b/i;
const HOB =
  /\bmin\w* (?:of )?(?:simmering|boiling)\b|\bmin\w* (?:very )?gentle(?=[.,]|$)|(?<!\b(?:soak|cover|steep|stand|leave)\b[^.;]*)\bmin\w* in (?:[\d.,]+ ?(?:ml|l|lit\w+) )?(?:plenty of |salted |fresh )*water\b|\bmin\w* (?:from|once|after) (?:(?:it|they) )?(?:the )?(?:boil|boils|boiling)\b|\bsaut[eé]|^brown\b[^.;]*\boil\b|\btoast(?:ed|ing)? (?:\w+ )?(?:with|along)\b|\b(?:boiled|simmered|cooked|fried|steamed) (?:it|them|hard|gently|for)\b|\bfried (?:with|in) (?:[\w-]+ ){1,5}(?:until|till|for|about|\d)|\bcook\b[^.]*\bin (?:[\w-]+ ){0,4}water\b|\b(?:simmer|boil|bubble|(?<!\b(?:till|until) (?:\w+ (?:and )?){0,2})bubbling|tick(?:ing)? over|blip(?:ping)?|putter(?:ing)?|melt(?!ed)|braise|(?<!\b(?:let|leave) (?:it |them )?(?:to )?)steam(?![- ]dry)|fry|sweat|(?<!\b(?:leave|left|stand|sit|aside)\b[^.;]{0,40})soften|wilt|poach|blanch|parboil|saucepan|skillet|wok|pan|pot|hob|stove(?:top)?|(?<!\b(?:off|from) (?:the )?)(?:(?:low|lowest|med(?:ium)?|gentle|gentlest|high|highest)(?:[- ](?:high|low))? (?:heat|flame)|med(?:ium)?[- ](?:high|low|hot)\b)|lid ajar|stir over|(?:over|on) (?:a )?(?:low|medium|high|gentle|moderate)(?:[- ]high|[- ]low)?(?: heat)?)\b/i;
/** Appliances by their names, the more special first. */
const NAMED: readonly (readonly [said: RegExp, station: StationUse['station']])[] = [
  [/\bmicrowave\b/i, 'microwave'],
  [/\brice cooker\b/i, 'rice cooker'],
  [/\bair[- ]?fr(?:y|ier|yer)\b/i, 'air fryer'],
];
const ALONE =
  /\b(?:simmer(?:ed)?|min\w* (?:of )?simmering|tick(?:ing)? over|blip(?:ping)?|putter(?:ing)?|boiled|steamed|braised|baked|roasted|bubble|bak(?:e|ing)|roast(?:ing)?|rest|leave|wait (?:for )?(?:about |at least )?\d+|cool|chill|refrigerat\w*|fridge|(?<!\bfrom (?:the )?)freezer|soak|rise|stand|boil|parboil|blanch|steam|braise|by itself|off (?:the )?heat|keep(?:ing)? (?:it |them )?(?:warm|hot)|marinate|set|sit|(?:over|on) (?:a )?(?:very )?(?:low|gentle)|low(?:est)? (?:flame|heat)|gently|cook(?:ed)? very slowly|cook(?:ed)?,? (?:un)?covered|cover(?:ed)?(?: tightly)? and cook|cover(?:ed)? (?:it |them )?for (?:about )?\d|lid (?:on|off|ajar)|prove|proof|infuse|steep|press|salt\b[^.;]*\d ?min\w*,? (?:then )?(?:rinse|squeeze|drain|pat)|drain|towel|blanket|\bin an? (?:\w+ )?bowl\b[^.;]*\bfor (?:about )?\d+ ?min\w*|\bcover(?:ed)? in an? (?:\w+ )?bowl,? \d+|(?<=^|[.,;] )dry (?:for )?\d+|on (?:a|the) (?:wire )?rack|(?:min\w*|hours?|h) in (?:an? |the )?(?:colander|sieve|strainer)|freeze|slow cooker|look every|on the (?:counter|worktop)|stirring (?:occasionally|sometimes|now and (?:then|again)|from time to time|once or twice|every (?:few|\d)|often enough))\b/i;
const STIRRED =
  /\b(?:stir|stirring|fry|saut[eé]|sweat|soften|swapping|rotat(?:e|ing)|brushing|basting|half[- ]?way|(?:foil|lid|cover\w*)\b[^.;]{0,20} for the first \d+|toast|flip(?:ping)?|toss(?:ing)?|whisk(?:ing)? (?:now|occasionally|often|sometimes|every|from time)|shak(?:e|ing)|turn(?:ing)?(?! (?:right |it |them |the heat |heat |all )*(?:down|off|up|on|out|low|to (?:the )?(?:low|lowest|medium|high))\b)|look every|every (?:few|\d+|five|ten|fifteen|twenty|thirty) min\w*)\b/i;

/** A pot by its name, and no pot on a hob. */
const CROCK = /\bcrock[- ]?pot\b/gi;

/** "Don't stir it or it goes to mush" */
const NOT_STIRRED = /\b(?:do not|don['’]?t|never|without|no|nor|not) (?:stir|toss|turn|shak|flip)\w*/gi;

/** In an air fryer nobody stirs. */
const AIR_FRIED = /\bair[- ]?fr\w+/gi;

/** From here on it is on no heat any more. */
const OFF_HEAT =
  /\b(?:min\w* out of (?:the )?oven|steam[- ]dry|off (?:the )?heat|turn (?:the )?(?:heat )?off|turn off (?:the )?heat)\b/i;
const beforeOff = (plain: string): string => plain.slice(0, OFF_HEAT.exec(plain)?.index ?? plain.length);

/** A pan in which something cools or is pressed is on no heat, nor is one that is only named. */
const withoutVessels = (said: string): string => {
  const plain = said.replace(EATEN_FROM, 'eat').replace(/^pot(?= (?:up|into|in)\b)/i, 'fill');
  return /\b(?:steam[- ]dry|cool(?!ing)|chill(?!i)|press|line|grease|spread|scrape|soak)\b(?!.*\b(?:boil|simmer|cook)\b)|\b(?:little|small) pot\b/i.test(
    plain,
  )
    ? plain.replace(/\b(?:sauce)?pan\b|\bpot\b|\bskillet\b|\bwok\b/gi, 'thing')
    : plain;
};

/** Nobody cooks in what is only eaten from. */
const EATEN_FROM =
  /\b(?:eat|eaten|serve|served)\b[^.;]{0,25}?\b(?:out of|from|in) (?:the|its) (?:pan|pot|skillet|wok)\b/gi;

/** "In the cast iron pot, 150 degrees for two hours": degrees are an oven's, whatever stands in it; but for those of hot oil. */
const withoutPots = (plain: string): string =>
  /\b(?:oil|fry|frying|deep)\b/i.test(plain)
    ? plain
    : plain.replace(/\b(?:cast[- ]iron |dutch )?(?:pot|pan)\b/gi, 'thing');

/** "In the meantime cook the lentils": while the oven is at work, and not in it. */
const MEANWHILE = /^(?:in the )?(?:meantime|meanwhile|separately|at the same time|while)\b/i;

/** What is roasted in a pan, or fried with the lid off, is not left by itself. */
const byHandOnly = (plain: string): string => {
  const still = /\b(?:saut[eé]|fry)/i.test(plain)
    ? plain.replace(/\blid off\b|\((?:freeze|chill|keep|cool)[^()]*\)/gi, '')
    : plain;
  return ON_PAN.test(plain) ? still.replace(/\b(?:bak|roast)\w*/gi, '') : still;
};

/** On heat, and not only begun there. */
const isHeated = ({ station }: MethodStep): boolean => station === 'burner' || station === 'oven';
/** "Cook for 30 minutes", and nobody says where: on a hob. */
const cooks = (plain: string): boolean =>
  /\bcook\b|\bwarm(?: it| them)? (?:up|through)|^warm (?:the |your )?(?!(?:water|milk|place|oven|plates?)\b)[a-z]+ (?=with|in|for|over)|(?:^|[:.;,] )warm (?:for )?\d|(?<!the |off )\bheat (?:for )?\d|(?:^|[.;,] |\b(?:and|then) )(?:gently |slowly )?heat (?!(?:the |your |an? )?(?:oven|grill)\b|to \d|off\b)/i.test(
    plain,
  ) &&
  !/\bslow cooker\b/i.test(plain) &&
  durationsIn(plain).length > 0;

/** "Toss with the salt and leave for an hour": what is done before it is left does not go on. */
const LEFT =
  /^.*?\b(?=(?:leave|left|set aside|let (?:it |them )?(?:stand|sit|rest)|(?<=[,;] (?:then )?)(?:stand|chill|soak)\b)|(?<=[,;] (?:then )?|\band (?:then )?)(?=(?:rest|cover(?:ed)?)\b[^.;]*\d)|(?<=[;.] )(?=(?:roast|bake)\b[^.;]*\d))/is;
const whileItLasts = (plain: string): string => {
  const left = plain.replace(LEFT, '');
  // "30 min, flip at 15, rest 5": the flip is within the time.
  return durationsIn(plain.slice(0, plain.length - left.length)).length > 0 ? plain : left;
};

/** Without a word on where, something is cooked where the step before was. */
const GOES_ON =
  /\blid (?:on|off)\b|\b(?:set|start) (?:a|the|your) timer\b|\b(?:gentle|low|medium|high) heat\b|\bcook\b|\bstir(?:ring)? (?:\w+ ){0,2}for (?:an? |another |\d)|\bcooking\b(?! (?:liquid|water|liquor|oil))|\bback in(?:to)?\b|\b(?:min\w*|hours?) (?:more|longer)\b|\b(?:another|a further) \d|\bonce (?:they|it) (?:sizzles?|pops?)\b|\buntil (?:well |lightly |nicely )?(?:browned|golden|charred|coloured)\b/i;
const STANDS_OFF =
  /\b(?:off (?:the )?(?:heat|hob|stove)|out of (?:the )?oven|heat off|(?:switch|turn)(?:ed)? (?:it )?off|cover(?:ed)? (?:it |them )?for (?:an? |about )?\d|(?:in|into|to) (?:an?|the) (?:\w+ )?(?:bowl|bag|jar|box)|rest|cool|chill(?!i)|stand|sit|soak|knead|rise|prove|proof|marinate|press|freez|fridge|towel|blanket|steam[- ]dry)/i;
/** "Paste in, 2 min": nobody takes the pan off for that, and puts it on again. */
const stillInPan = (
  plain: string,
  before: 'burner' | 'oven' | undefined,
  time: { readonly to: number } | undefined,
): boolean =>
  before === 'burner' &&
  time !== undefined &&
  time.to < OFF_FROM_MINUTES &&
  !STANDS_OFF.test(plain) &&
  !onNoHeat(plain);

/** Heating an oven is no work of its own: a session heats it in time for what goes in. */
const PREHEAT =
  /\bpre-?heat\b|\bheat (?:the |your |an )?(?:oven|grill|broiler)\b|^(?:(?:next (?:day|morning)|day (?:\d|two)|morning)[:,]? )?oven\b[^,;]*(?:\d{2,3}|gas)/i;

/** "Heat the milk, pour it over the chocolate and leave for 2 minutes": it is on no heat any more while that lasts. */
const POURED = /\bpour\b[^.;]*\bover\b[^.;]*\b(?:leave|stand|wait|rest|sit|steep)\b[^.;\d]{0,20}\d/i;
function afterPouring(plain: string): string {
  const at = POURED.exec(plain)?.index ?? 0;
  return at > 0 && durationsIn(plain.slice(0, at)).length === 0 ? plain.slice(at) : plain;
}

/** "Half an hour before the end, heat the oven to 230 °C": for what comes next. */
const HEATS_IN_TIME = /\bbefore (?:the end|that|it is done|you bake)\b[^.]*\bheat\b|\bheat\b[^.]*\bbefore the end\b/i;

/** In an oven that is turned off, it takes the place there still. */
const OVEN_OFF =
  /\b(?:turn(?:ed)?|switch(?:ed)?) (?:the |your )?(?:oven )?off\b.*\b(?:leave|left|stand|cool|dry)\b.*\b(?:inside|in (?:it|there|the oven)|door)\b|\bturn off the oven\b.*\b(?:leave|left|stand|cool|dry)\b|\b(?:in|into) (?:the|a) (?:switched|turned)[- ]off oven\b/i;

/** What waits in a warm oven while the rest is done takes nobody's oven from a plan. */
const KEEPS_WARM = /\bkeep(?:ing)? (?:\w+ )?(?:warm|hot)\b/i;

const COOLEST_OVEN_C = 80;
/** Hotter is no water, milk or oil that is warmed. */
const COOLEST_BAKE_C = 120;
const HANDS_MINUTES = 5;
/** An oven of which nobody says how hot. Common practice, no published source. */
const OVEN_C = 200;

/** "Farro in lots of salted boiling water 25 min": nobody says that it boils there. */
const boilsInWater = (plain: string): boolean =>
  /\bin (?:\w+ ){0,4}boiling (?:salted )?water\b/i.test(plain) &&
  !/\b(?:bowl|jug|mug|jar|plate|soak|cover|pour|steep|leave|stand|sit|rest|blanch|off (?:the )?heat)/i.test(plain) &&
  durationsIn(plain).length > 0;

/**
 * What a step says, from its words; a clause that goes on from the one before ("Then uncovered 10") is where that one was;
 * `heated` is what the oven was heated to, °C.
 * @example readMethodStep('Simmer for 20 to 25 minutes').minutes.expected // => 23
 */
export function readMethodStep(text: string, before?: MethodStep, heated?: number): MethodStep {
  const known = BEHIND(text);
  const at = before ?? FIRST;
  const found = known.get(at);
  if (found && found.heated === heated) return found.step;
  const step = stepRead(text, before, heated);
  known.set(at, { heated, step });
  return step;
}

interface StepBehind {
  readonly heated: number | undefined;
  readonly step: MethodStep;
}
const FIRST = {};
/** What a text was read as, behind which step: who types asks the same of nearly every step again. */
const BEHIND = remembered(() => new WeakMap<object, StepBehind>());

function stepRead(text: string, before?: MethodStep, heated?: number): MethodStep {
  const whole = withoutEnd(withoutNames(plainSigns(text).replace(CROCK, 'slow cooker')));
  const plain = afterPouring(ownWords(whole));
  if (isPressure(plain)) return pressureStep(text);
  const lead = leadIn(plain);
  // Somebody said that it is no wait.
  const keeps = lead?.apart !== undefined && /\bdone by hand\b/i.test(plain);
  if (lead && !keeps) return { ...aheadStep(text, lead.hours), ...(lead.apart ? { daysApart: lead.apart } : {}) };
  const goesOn =
    before?.kind === 'work' &&
    ((/^then\b/i.test(plain) && !STANDS_OFF.test(plain)) ||
      (isHeated(before) && GOES_ON.test(plain) && !STANDS_OFF.test(plain) && !MEANWHILE.test(plain)))
      ? before
      : undefined;
  const heatBefore = before && (isHeated(before) ? (before.station as 'burner' | 'oven') : before.after);
  const time = saidTime(plain, goesOn);
  const off = boiledOffIn(plain);
  const thick = off ? undefined : thicknessIn(plain);
  const shareOff = (off ?? thick) ? undefined : shareOffIn(plain);
  const reduces = off !== undefined || thick !== undefined || shareOff !== undefined;
  const kept = keptLiquidIn(plain);
  const said = celsiusIn(HEATS_IN_TIME.test(whole) ? plain : whole);
  const grill = GRILL.test(plain);
  const named = NAMED.find(([word]) => word.test(plain))?.[1];
  const preheats = PREHEAT.test(plain) && durationsIn(plain).length === 0;
  const inOven =
    !preheats &&
    !(KEEPS_WARM.test(plain) && said === undefined) &&
    (grill ||
      (OVEN_OFF.test(plain) && durationsIn(plain).length > 0) ||
      (said !== undefined && said >= COOLEST_OVEN_C && IN_OVEN_ON.test(plain) && durationsIn(plain).length > 0) ||
      // "Cover tightly. 180 °C, 1 hour."
      (said !== undefined &&
        said >= COOLEST_BAKE_C &&
        durationsIn(plain).length > 0 &&
        !HOB.test(withoutPots(plain)) &&
        !STANDS_OFF.test(plain)) ||
      (heated !== undefined && ON_TRAY.test(plain) && durationsIn(plain).length > 0 && !STANDS_OFF.test(plain)) ||
      // "Oven 1½ hours."
      (/(?:^|[,;] )(?:then )?(?:the )?oven:?,? (?:for )?\d/i.test(plain) && durationsIn(plain).length > 0) ||
      (OVEN.test(plain) &&
        !ON_PAN.test(plain) &&
        (said !== undefined ||
          /\b(?:bake|roast)|\b(?:in|into|to) (?:the|an?|your) (?:(?:really|very|pretty|quite|fairly) )?(?:hot |low |cool(?:ing)? |moderate |medium )?oven\b(?![- ](?:dish|tray|tin|pan|proof|safe))/i.test(
            plain,
          ))));
  // "Into the slow cooker", here or before: that cooks there, and on no hob.
  const slow =
    (before?.slow === true || (/\bslow cooker\b/i.test(plain) && durationsIn(plain).length > 0)) &&
    /\bon (?:low|high)\b(?! (?:heat|flame))|^(?:low|high)\b(?! heat)|\bslow cooker\b[^.;]*\bon (?:low|high)\b/i.test(
      plain,
    );
  const station =
    named ??
    (inOven
      ? 'oven'
      : blends(plain)
        ? 'jug'
        : ((HOB.test(beforeOff(withoutVessels(plain))) || boilsStarch(plain)) && !preheats && !slow) ||
            reduces ||
            boilsInWater(plainSigns(text))
          ? 'burner'
          : slow
            ? undefined
            : (goesOn?.station ?? (cooks(plain) || stillInPan(plain, heatBefore, time) ? 'burner' : undefined)));
  // "Simmer, whisking, for 3 minutes": nobody whisks for half an hour.
  const whisked = time !== undefined && time.to < LOOKED_AFTER.from && WHISKING.test(plain);
  const alone =
    time !== undefined &&
    (LEFT_BY_WORD.test(plain) ||
      (!whisked &&
        !/\bby hand\b(?![^.;]*\b(?:leave|rest|stand|let)\b[^.;]*\d)|\bmin\w*,? whisking\b|\bstir(?:ring)? (?:\w+ ){0,2}for (?:an? |another )?\d/i.test(
          plain,
        ) &&
        (ALONE.test(byHandOnly(plain)) ||
          boilsInWater(plainSigns(text)) ||
          named !== undefined ||
          (inOven && !grill) ||
          // "Flip, then 10 more": in an oven nobody stands.
          (goesOn !== undefined &&
            goesOn.station === station &&
            (goesOn.attention.needs === 'nobody' || (station === 'oven' && !goesOn.grill))))));
  // "Cook the rice 12 minutes": nobody says that hands stay at it, and somebody looks.
  const lookedAfter =
    time !== undefined &&
    time.to >= LOOKED_AFTER.from &&
    time.to <= LOOKED_AFTER.to &&
    station === 'burner' &&
    BOILS_BY_ITSELF.test(plain) &&
    !BUSY.test(plain);
  // "The nuts for the last 5 minutes": somebody comes by when they go in.
  const last = beforeTheEnd(whole);
  const attention: Attention =
    (reduces && !time) || (!alone && lookedAfter && !blends(plain))
      ? { needs: 'look', everyMinutes: POT_LOOK }
      : !alone || blends(plain)
        ? { needs: 'hands' }
        : STIRRED.test(whileItLasts(plain.replace(AIR_FRIED, '').replace(NOT_STIRRED, '')))
          ? { needs: 'look', everyMinutes: everyIn(plain, time.to, inOven) }
          : last !== undefined && time.to > last
            ? { needs: 'look', everyMinutes: Math.max(1, Math.round(time.to - last)) }
            : { needs: 'nobody' };
  const known =
    (inOven && OVEN_OFF.test(plain) ? COOLEST_OVEN_C : undefined) ??
    said ??
    (goesOn?.station === 'oven' ? thenAt(plain) : undefined) ??
    goesOn?.celsius ??
    heated;
  const celsius = station === 'oven' ? (known ?? OVEN_C) : undefined;
  return {
    text,
    kind: 'work',
    minutes: windowOf(time ?? { from: HANDS_MINUTES, to: HANDS_MINUTES }, plain),
    timed: time !== undefined,
    attention,
    ...(station ? { station } : {}),
    ...(celsius === undefined ? {} : { celsius }),
    ...(station === 'oven' && known === undefined && !grill ? { heatUnsaid: true } : {}),
    ...(grill ? { grill: true } : {}),
    ...(off && !time ? { off } : {}),
    ...(shareOff !== undefined && !time ? { shareOff } : {}),
    ...(thick !== undefined && !time ? { thick } : {}),
    ...(kept ? { kept } : {}),
    ...(slow || /\bslow cooker\b/i.test(plain) ? { slow: true as const } : {}),
    ...(station === undefined && heatBefore && !STANDS_OFF.test(plain) ? { after: heatBefore } : {}),
  };
}

/** What boils by itself so long, minutes, is looked after now and then; of more it is asked. Common practice, no published source. */
const LOOKED_AFTER = { from: 8, to: 14 } as const;
const WHISKING = /\bwhisking\b(?! (?:now|occasionally|often|sometimes|from time|once|every))/i;
/** Somebody said so. */
const LEFT_BY_WORD = /[,.] left to stand\.?$/i;
const BOILS_BY_ITSELF =
  /\bcook(?:ed|ing)?\b.*?\b(?:pack(?:et|age)?|instructions?)\b|\b(?:rice|pasta|spaghetti|penne|macaroni|noodles|quinoa|bulgur|millet|barley|farro|lentils|potatoes|gnocchi)\b[^.]*\bcook\b|\bcook\b[^.;]*\bin (?:[\w/-]+ ){0,5}(?:water|stock|broth)\b|\bcook (?:[\p{L}-]+ ){0,3}(?:rice|pasta|spaghetti|penne|macaroni|noodles|quinoa|bulgur|millet|barley|farro|lentils|potatoes|gnocchi)\b/iu;
const BUSY =
  /\b(?:stir|fry|frying|saut[eé]|sweat|soften|toast|brown|flip|turn|toss|shak|whisk|knead|constant|continu)|\bby hand\b/i;

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
  return goesOn?.timed ? bareNumberIn(plain.split(/\.\s+(?=\p{Lu})/u)[0] ?? plain) : undefined;
}

/** A pot is looked after every few minutes, a tray is turned once. Common practice, no published source. */
const POT_LOOK = 4;
function everyIn(plain: string, minutes: number, inOven: boolean): number {
  const said = /\b(?:every|after) (\d{1,2}|five|ten|fifteen|twenty|thirty)(?: min|\b(?!\s*(?:h|seconds|g\b)))/i.exec(
    plain,
  )?.[1];
  const every = said === undefined ? undefined : readNumber(said)?.value.valueOf();
  if (every !== undefined) return every;
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

/** What is begun so many hours before the session. */
export const aheadStep = (text: string, hours: MethodStep['hours']): MethodStep => ({
  text,
  kind: 'ahead',
  minutes: windowOf({ from: HANDS_MINUTES, to: HANDS_MINUTES }),
  timed: hours !== undefined,
  attention: { needs: 'nobody' },
  ...(hours ? { hours } : {}),
});
