import { OFF_FROM_MINUTES, onNoHeat, saysDeed } from '../kitchenVerbs.ts';
import { durationsIn } from '../timesIn.ts';
import { withoutEnd } from '../ownWords.ts';
import type { MethodStep } from '../readMethodStep.ts';
import { placesLikely } from '../secondReading/placesLikely.ts';
import { more, whetherStep, type StepDoubt } from '../stepDoubt.ts';
import type { Rule } from './asked.ts';

/** The usual ones, °C. */
const OVEN_HEATS = [100, 160, 180, 200, 220];
/** How hot the oven is. */
export const heatDoubt: Rule = ({ step }) => {
  const { text } = step;
  if (step.heatUnsaid)
    return {
      question: 'How hot is the oven?',
      choices: OVEN_HEATS.map((c) => ({ label: `${c} °C`, text: more(text, `in the oven at ${c} °C`) })),
    };
  return undefined;
};

/** Hands do this on heat, too. */
const IN_THE_POT = /\b(?:stir\w*|whisk\w*|mix\w*|fry\w*|fold\w*)/gi;
/** What waits by itself off the heat. */
const STANDS =
  /\b(?:rest|let (?:it |them )?steam|stand|sit|cool|chill(?!i)|soak|marinat|press|drain|leave|left|rise|prove|proof|freez|frozen|salt|infuse|steep|dry|dries|sprout|ferment|bloom|hydrate|aside|fridge|refrigerat|settle|swell|gel\b|gels\b|thaw|defrost|shut|off (?:the )?heat|slow cooker|by itself|(?:boiling|hot|thing)(?: water)? over\b|pour (?:over )?(?:\w+ )?(?:boiling water|hot water|thing))/i;
/** Nobody's hands are on one thing so long, unless it is this. */
const LONG = 15;
/** From so many minutes on hands are asked about, unless they knead and shape. */
const VERY_LONG = 25;
const HOUR = 60;
const LONG_HANDWORK = /\b(?:knead|shape|roll|fold|shell|wrap|stuff|fill|pick|form|assemble|by hand)/i;
const HANDWORK =
  /\b(?:knead|whisk|stir|roll|shape|cut|chop|slice|peel|mix|fry|form|fold|pick|shell|grate|stuff|wrap|assemble|clean|wash|by hand)/i;
/** Where it was put, and right behind it how long. */
const PUT_BY = /\b(?:tins?|trays?|baskets?|bannetons?|bowls?|jars?|moulds?|lid|cloth|paper),? (?:for )?\d/i;
/** Somebody's word on it, behind all else. */
const SAID_SO = /\b(?:left to stand|by itself|by itself on the hob|by itself in the oven)\.?$/i;
/** Up to the end of the clause that says how long: what is done behind it says nothing of where it was. */
function upToItsTime(plain: string): string {
  const [time] = durationsIn(plain);
  if (!time) return plain;
  const rest = plain.slice(time.end);
  const end = rest.search(/[,.;(]/);
  return plain.slice(0, time.end + (end < 0 ? rest.length : end));
}
/** A look, and no work. */
const NOW_AND_THEN =
  /\b(?:stir\w*|turn\w*|shak\w*|toss\w*|swap\w*) (?:(?:&|and) (?:stir|turn|swap) )?(?:occasionally|sometimes|now|from time|once|every|often enough|(?:at )?half)\b/gi;
const UNSTIRRED = /\b(?:without|no|not|don['’]?t|never) (?:stir|turn|shak)\w*/gi;
/** What was done with one thing of a step, told beside it. */
const IN_BRACKETS = /\((?:soaked|pressed|salted|rinsed|drained|marinated|chilled|thawed|steeped)\b[^)]*\d[^)]*\)/i;
/** Where a step is, and by whom it is looked after: the likeliest first. */
const whereDoubt = (step: MethodStep, before: MethodStep | undefined): StepDoubt => ({
  question: 'Where is it all that time?',
  choices: placesLikely(step, before),
});

/** Where it is, and whether somebody stays at it. */
export const placeDoubts: Rule = ({ step, plain, settled, before }) => {
  const { text } = step;
  const unplaced = step.timed && step.attention.needs === 'hands' && !step.station;
  const looked = step.timed && step.attention.needs === 'look' && !step.station && !STANDS.test(withoutEnd(plain));
  if (
    (looked || unplaced) &&
    !settled &&
    step.after &&
    step.minutes.latest >= (looked ? 1 : OFF_FROM_MINUTES) &&
    (!HANDWORK.test(plain.replace(IN_THE_POT, '')) || /\bmin(?:ute)?s? (?:more|longer)\b/i.test(plain))
  )
    return whereDoubt(step, before);
  // Nobody's hands are on it for an hour.
  if (
    step.timed &&
    !step.station &&
    step.attention.needs === 'hands' &&
    step.minutes.latest >= HOUR &&
    !/\b(?:pinch|fill|stuff|wrap|shell|peel|pick)\b/i.test(plain) &&
    !/\bby hand\b/i.test(plain)
  )
    return whereDoubt(step, before);
  // Nobody stands at a pot so long, unless it is stirred.
  if (
    step.timed &&
    step.station === 'burner' &&
    step.attention.needs === 'hands' &&
    step.minutes.latest >= LONG &&
    !/\b(?:stir|fry|saut[eé]|by hand|caramelis|caramelize|toast|flip|turn)/i.test(
      plain.replace(NOW_AND_THEN, '').replace(UNSTIRRED, ''),
    )
  )
    return {
      question: 'Does somebody stand at it all that time?',
      choices: [
        { label: 'no, it simmers', text: more(text, 'simmering by itself') },
        { label: 'a look now and then', text: more(text, 'simmering, stirring now and then') },
        { label: 'yes', text: more(text, 'by hand') },
      ],
    };
  // "Layer with onion (soaked for 10 min)": that is none of the hands' minutes.
  if (step.timed && !step.station && step.attention.needs === 'hands' && IN_BRACKETS.test(plain) && !settled)
    return whereDoubt(step, before);
  // "Beans 12 min": no word on what is done with them.
  const brief = step.after !== undefined && step.minutes.latest < OFF_FROM_MINUTES;
  if (unplaced && !brief && !step.afterwards && !saysDeed(plain) && !/\bby hand\b/i.test(plain))
    return whereDoubt(step, before);
  // "Crumble in the tofu; 5 min, stirring": hands that are on nothing but a pan, which nobody named.
  if (unplaced && !step.afterwards && step.minutes.latest >= OFF_FROM_MINUTES && !onNoHeat(plain) && !settled)
    return whereDoubt(step, before);
  // "Start the brown programme, 70 min": of which appliance?
  if (step.timed && !step.station && /\bprogramme?\b/i.test(plain) && !/\bleft to stand\b/i.test(plain) && !settled)
    return whereDoubt(step, before);
  // "Shape, tin, 45 min": hands are done with it by then.
  if (unplaced && step.minutes.latest >= LONG && PUT_BY.test(plain) && !settled) return whereDoubt(step, before);
  // "40 minutes until set": nobody says where.
  if (
    (unplaced &&
      step.minutes.latest >= LONG &&
      !(step.minutes.latest >= VERY_LONG ? LONG_HANDWORK : HANDWORK).test(plain.replace(NOW_AND_THEN, ''))) ||
    (step.timed &&
      !step.station &&
      step.attention.needs !== 'hands' &&
      !/\bby hand\b/i.test(plain) &&
      !STANDS.test(settled || step.afterwards || SAID_SO.test(plain) ? plain : upToItsTime(plain)))
  )
    return whereDoubt(step, before);
  return undefined;
};

/** Is it a step at all? */
export const isStepDoubt: Rule = ({ step, plain }) => {
  const { text } = step;
  if (!step.timed && !step.station && !step.kept && !step.afterwards && !saysDeed(plain) && !/^oven\b/i.test(plain))
    return whetherStep(more(text, 'done by hand'));
  return undefined;
};
