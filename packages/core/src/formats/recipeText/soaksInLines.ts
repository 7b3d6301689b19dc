import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import { bareLetters } from '../ingredient/findFood.ts';
import { isVerb } from './kitchenVerbs.ts';
import type { MethodStep } from './readMethodStep.ts';
import { durationsIn } from './timesIn.ts';

/** Beans that are soaked before they are cooked, unless somebody says otherwise. Common practice, no published source. */
const SOAKED = /\b(?:beans?|borlotti|chickpeas?|soya|black-eyed peas|fava|butter beans|pinto|navy|cannellini)\b/i;
const DRY = /\b(?:dry|dried)\b/i;
const DONE = /\b(?:mince|chunks|tin(?:ned|s)?|can(?:ned|s)?|cooked|jar|frozen|fresh|green|sprouts?|paste|flour)\b/i;

const isDryBean = ({ food, text, form }: IngredientLine): boolean => {
  if (!food) return false;
  const words = `${text} ${form}`;
  const isBean = food.facts.hazard === 'boil beans hard' || (food.facts.kind === 'legume' && SOAKED.test(food.name));
  return isBean && food.facts.uptake !== undefined && !DONE.test(food.name) && (!DONE.test(words) || DRY.test(words));
};

/** Dry beans of which neither the method nor their line says that they are soaked: their name. */
export function unsoaked(lines: readonly IngredientLine[], steps: readonly MethodStep[]): string | undefined {
  if (steps.some(({ text }) => /\b(?:soak|steep)|\b(?:evening|night|day) before\b/i.test(text))) return undefined;
  return lines.find((line) => isDryBean(line) && !SOAK_IN_LINE.test(line.form) && !UNSOAKED.test(line.form))?.food
    ?.name;
}

export const namesIt = (text: string, { food }: IngredientLine): boolean =>
  [food?.name ?? '', ...(food?.facts.names ?? [])].some((name) => {
    const word = bareLetters(name).split(' ').at(-1) ?? '';
    return word.length > 3 && bareLetters(text).includes(word.replace(/(?:e?s|y)$/, ''));
  });
/** A step that names another food of the list, and not this one, is none of it: "soak the mushrooms" says nothing of the rice. */
const isAbout = (text: string, line: IngredientLine, lines: readonly IngredientLine[]): boolean =>
  namesIt(text, line) || !lines.some((other) => other.food !== line.food && namesIt(text, other));

const SOAK_IN_LINE =
  /\b(?:soak|steep)(?:ed)?\b(?:,?\s+(?:in [a-z ]*water\s+)?((?:for\s+)?.*?(?:overnight|hours?|hrs?|h|minutes?|mins?)\b))?/i;

/** "24 h soak", "(12 hours' soaking)" */
const LONG_SOAK = /\b(\d[\d -]*(?:to \d+ )?(?:hours?|hrs?|h))['’]? ?soak(?:ing|ed)?\b/i;

/** "Soak 30 min in 400 ml boiling water": it may go into the dish. */
const SOAKED_IN = / in \d[\d.,/ ]*(?:ml|dl|l|lit(?:re|er)s?|cups?) (?:of )?(?:\w+ )?water\b/i;

const UNSOAKED = /\b(?:not|un|no|without|never)[- ]?(?:pre-?)?soak/i;

const DONE_IN_LINE =
  /\b(pressed|pressure[- ]cooked|cooked|dried|toasted|roasted|boiled|steamed|blanched|sprouted|salted|marinated|drained|fried|saut[eé]ed|simmered|grilled|microwaved|chilled|rested)\b(?: (?:dry|soft|hard|gently))?((?: in (?:an?|the)) oven\b)?(?: (?:till|until) [\p{L} ]{3,25},?)?(?: for)?(?: at least| a good| about| around| c\.?| ca\.?| approx\.?| min\.?)* ((?:\d[\d -]*(?:to \d+ )?|half an |two |three )(?:minutes?|mins?|hours?|h|days?)\b)((?: in (?:an?|the))? (?:(?:dry|hot|small) )*(?:pan|oven|water)\b)?/iu;
/** "300 g soya yoghurt (drain 2 h)" */
const ORDERED =
  /\((drain|press|salt|marinate|chill|toast|rest)\b[^()]*?\b(?:for )?((?:\d[\d -]*|half an |an )(?:minutes?|mins?|hours?|hrs?|h))\b[^()]*\)/i;
/** "Silken tofu (drained on paper overnight)" */
const DONE_OVERNIGHT = /\b(pressed|drained|salted|marinated|sprouted)\b(?:(?!soak)[^,;()]){0,40}\bovernight\b/i;
/** "Potatoes, boiled in skins the day before, 20 min" */
const DONE_BEFORE =
  /\b(cooked|boiled|baked|roasted|steamed)\b(?! \d)([^,;()]{0,30}?)\s+(?:the )?((?:day|night|evening) before)\b(?:,? (?:for )?(?:about )?(\d[\d -]*(?:minutes?|mins?|hours?|h)\b))?/i;
const VERB_OF: Readonly<Record<string, string>> = {
  cooked: 'Cook',
  boiled: 'Boil',
  baked: 'Bake',
  roasted: 'Roast',
  steamed: 'Steam',
};
/** What the list says was cooked the day before is a step of that day. */
const beforeIn = ({ food, form }: IngredientLine): readonly string[] => {
  const [, verb = '', how = '', when = '', long] = DONE_BEFORE.exec(form) ?? [];
  const deed = VERB_OF[verb.toLowerCase()];
  return food && deed ? [`${deed} the ${food.name}${how} the ${when}${long ? `, ${long}` : ''}.`] : [];
};
const IN_LINE: Readonly<Record<string, string>> = {
  pressed: 'Press',
  'pressure cooked': 'Pressure cook',
  cooked: 'Cook',
  dried: 'Dry',
  toasted: 'Toast',
  roasted: 'Roast',
  boiled: 'Boil',
  sprouted: 'Sprout',
  salted: 'Salt',
  marinated: 'Marinate',
  drained: 'Drain',
  steamed: 'Steam',
  blanched: 'Blanch',
  fried: 'Fry',
  sauteed: 'Fry',
  sautéed: 'Fry',
  simmered: 'Simmer',
  grilled: 'Grill',
  microwaved: 'Microwave',
  chilled: 'Chill',
  rested: 'Rest',
};

/** How it is let out, behind what was cooked at pressure. */
const releaseIn = (form: string): string => {
  const said = /\b(?:natural(?:ly)?|quick|slow)(?: pressure)? release(?: \d+ ?min\w*)?|\b(?:NPR|QPR|NR|QR)\b/i.exec(
    form,
  )?.[0];
  return said === undefined ? '' : `, ${said}`;
};

/** "500 g peas, cook 2 min in boiling water": an order with its time, behind what it is done with. */
function ordersIn({ food, form, doubts }: IngredientLine, steps: readonly MethodStep[]): readonly string[] {
  if (!food || doubts.length > 0) return [];
  return form.split(/,\s*/).flatMap((part) => {
    const [, verb = '', rest = ''] = /^\(?(\p{L}+)\b(.*)$/u.exec(part.trim()) ?? [];
    if (!isVerb(verb) || /^dry$/i.test(verb) || /\b(?:soak|steep)/i.test(part) || durationsIn(rest).length === 0)
      return [];
    const said = new RegExp(`\\b${verb}\\b`, 'i');
    if (steps.some(({ text, timed }) => timed && said.test(text) && bareLetters(text).includes(bareLetters(food.name))))
      return [];
    return [
      `${verb.charAt(0).toUpperCase()}${verb.slice(1).toLowerCase()} the ${food.name}${rest.replace(/[().]+$/, '')}.`,
    ];
  });
}

/** Soaks that stand in the list alone: "250 g beans, soaked overnight" is a step of the method; so is "tofu, pressed 15 min". */
export const soaksInLines = (lines: readonly IngredientLine[], steps: readonly MethodStep[]): readonly string[] =>
  lines.flatMap((line) => {
    const before = beforeIn(line);
    if (before.length > 0) return before;
    const done = DONE_IN_LINE.exec(line.form);
    const verb = IN_LINE[done?.[1]?.toLowerCase().replace('-', ' ') ?? ''];
    const deed =
      line.food &&
      done &&
      verb &&
      !steps.some(({ text, timed, kind }) => (timed || kind === 'ahead') && new RegExp(`\\b${verb}\\b`, 'i').test(text))
        ? [
            `${verb} the ${line.food.name} for ${done[3] ?? ''}${done[4] ?? done[2] ?? ''}${verb.startsWith('Pressure') ? releaseIn(line.form) : ''}.`,
          ]
        : [];
    const [, order = '', long = ''] = ORDERED.exec(line.text) ?? [];
    if (
      line.food &&
      order !== '' &&
      !steps.some(({ text }) => new RegExp(`\\b${order}`, 'i').test(text) && namesIt(text, line))
    )
      return [`${order.charAt(0).toUpperCase()}${order.slice(1).toLowerCase()} the ${line.food.name} for ${long}.`];
    const orders = ordersIn(line, steps);
    if (orders.length > 0) return orders;
    const night = DONE_OVERNIGHT.exec(line.form)?.[1]?.toLowerCase();
    if (line.food && night !== undefined) return [`${IN_LINE[night] ?? 'Press'} the ${line.food.name} overnight.`];
    const said = SOAK_IN_LINE.exec(line.form);
    if (
      !line.food ||
      !said ||
      UNSOAKED.test(line.form) ||
      steps.some(
        ({ text }) =>
          isAbout(text, line, lines) &&
          /\bsoak(?! up|ing (?:water|liquid|liquor))|\b(?:evening|night|day) before\b/i.test(text) &&
          !/\bsoaked\b/i.test(text),
      )
    )
      return deed;
    const how = LONG_SOAK.exec(line.form)?.[1] ?? said[1] ?? (isDryBean(line) ? 'for 8 to 20 hours' : '');
    // "Soaked 1 h if you remember": it is asked whether that is done.
    const maybe = /\bif (?:you|there)\b|\boptional/i.test(line.form) ? ', if you have time' : '';
    const water = SOAKED_IN.exec(line.form)?.[0] ?? '';
    return how ? [`Soak the ${line.food.name} ${how}${water}${maybe}.`, ...deed] : deed;
  });
