import { longestPath, pageName } from '../app/pageNames.ts';

/** What a page is for, in the words of a cook: said once here for the help and for the walk round. */
export interface HelpText {
  readonly name: string;
  /** What this stretch is for. */
  readonly what: string;
  /** One thing done here, from the demo. */
  readonly example: string;
  /** Keys of this page alone. */
  readonly keys?: readonly Key[];
}

type Said = Omit<HelpText, 'name'>;

export interface Key {
  readonly key: string;
  readonly does: string;
}

export const KEYS_EVERYWHERE: readonly Key[] = [
  { key: '+', does: 'add something to the shelf' },
  { key: 'Ctrl Z', does: 'undo the last change, while it stands at the bottom' },
  { key: '?', does: 'this help' },
  { key: 'Tab, Enter', does: 'every button, in the order of the page' },
];

const TODAY: Said = {
  what: 'The one next thing, and below it what waits on each page of the week.',
  example: 'It is nine and the session starts at ten: the large button opens its plan.',
};

/** By where a page's address begins; the longest that fits counts. */
const HELP: Readonly<Record<string, Said>> = {
  '/shelf': {
    what: 'All that is in the cupboards, the fridge and the freezer, with what has to be used first on top.',
    example:
      'Type “600 g kale fridge 2.70” into the line and press Enter: it is on the shelf, with its price and its date.',
  },
  '/shelf/count': {
    what: 'A stocktake: one thing after the other, one key for each.',
    example: 'The millet jar is half full: press the key of “half”, and the next thing comes.',
    keys: [{ key: '1 … 9', does: 'say how much is left, as it stands on the buttons' }],
  },
  '/week': {
    what: 'Who eats when, what stands on the table, and how far each batch reaches.',
    example:
      'The kale ends a day early: drag the handle of its strip up by two portions, look at what changes, and save.',
    keys: [
      { key: '↑ ↓', does: 'on a handle: a portion more or less' },
      { key: 'Page up, Page down', does: 'four at once' },
      { key: '← →', does: 'on the handle of days: cook it a day earlier or later' },
    ],
  },
  '/week/suggest': {
    what: 'Weeks that can be cooked with what is here, each good at something else.',
    example: 'Write “not soup again” into the line: the weeks are looked for anew, without soup.',
  },
  '/scale': {
    what: 'One dish at the size it will be cooked: what goes in, how much water, what fits into which pot.',
    example: 'Twelve portions of millet make two loads in the sealed cooker; the water stands beside each.',
  },
  '/shop': {
    what: 'What is missing for the planned sessions, in packs that can be bought, with what it will cost.',
    example: 'Tick off the leek at 2.90, then put everything that was bought on the shelf in one step.',
  },
  '/prices': {
    what: 'What packs cost, where and when. Every cost in this kitchen comes from here.',
    example: 'Kale was 2.40 last week and is 2.70 now: save the new price, and the next plan reckons with it.',
  },
  '/evening': {
    what: 'What has to be done the evening before: soaking, thawing, what has to set.',
    example: 'The soup for Tuesday comes out of the freezer on Sunday evening: one tap moves it to the fridge.',
  },
  '/cook': {
    what: 'The plan of a session: who does what when, on which burner, in which oven.',
    example: 'Tap a bar to read why it is not earlier; drag it to another minute, and the rest is planned around it.',
    keys: [{ key: '↑ ↓', does: 'in the list of steps: to the next one; Enter tells of it' }],
  },
  '/put-away': {
    what: 'From the pot into boxes: how much there is, how it cools, what it cost, and labels to print.',
    example: 'Fourteen portions of borlotti: ten small boxes for the fridge and two large ones for the freezer.',
  },
  '/freezer': {
    what: 'What is in which bin, the oldest first.',
    example: 'A box without a label: its panel says what it most likely is.',
  },
  '/eat': {
    what: 'The next meal: what comes from which box, how to heat it, who eats what.',
    example: 'Dinner for four is on the table: one tap takes it from the boxes.',
  },
  '/look-back': {
    what: 'How the week was, and what this kitchen teaches: minutes, portions, prices.',
    example: 'Roots take 9 % longer in this oven: let plans go by it, or say that it was wrong.',
  },
  '/recipes/starters': {
    what: 'Recipes to begin with, by taste and by what this kitchen has.',
    example: 'Press “sharp”, take the kohlrabi and apple salad: it is among your recipes, and yours to change.',
  },
  '/recipes': {
    what: 'All dishes, in every revision. New ones are pasted, or written by hand.',
    example: 'Paste a text: what was understood stands beside it, and what is not certain is asked.',
    keys: [{ key: 'Alt ↑ ↓', does: 'in the editor: move a line or a step' }],
  },
  '/foods': {
    what: 'What is known of each food: weights, water, keeping, allergens, each with its source.',
    example: 'A cup of your oats weighs 95 g: set your own figure, and every recipe goes by it.',
  },
  '/kitchen': {
    what: 'Appliances, pots, boxes, places and people: what the plans reckon with.',
    example: 'A second burner has come: add it, and the next plan uses both.',
  },
};

/**
 * The help of a page by its address.
 * @example helpFor('/week/suggest').name // "Suggested weeks"
 */
export function helpFor(pathname: string): HelpText {
  const at = longestPath(Object.keys(HELP), pathname);
  return { name: pageName(at ?? '/'), ...((at === undefined ? undefined : HELP[at]) ?? TODAY) };
}
