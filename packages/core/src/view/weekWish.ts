import type { Day } from '../quantity/index.ts';
import { weekday } from '../quantity/index.ts';
import { MEAL_NAMES, type Form, type MealName } from '../week/index.ts';

/** One thing that a cook says of the weeks that are suggested. */
export type WeekWish =
  /** "not soup again", "no borlotti", "nothing baked" */
  | { readonly wish: 'without'; readonly recipes: readonly string[]; readonly words: string }
  /** "more greens", "less work", "cheaper" */
  | {
      readonly wish: 'weigh';
      readonly part: 'hands' | 'cost' | 'waste' | 'repeats' | 'feeds';
      readonly times: number;
      readonly words: string;
    }
  /** "two more for Sunday", "3 guests on Saturday dinner" */
  | {
      readonly wish: 'guests';
      readonly day: Day;
      readonly meals: readonly MealName[];
      readonly more: number;
      readonly words: string;
    }
  /** "keep the borlotti" */
  | { readonly wish: 'with'; readonly recipe: string; readonly words: string }
  /** "why the borlotti" */
  | { readonly wish: 'why'; readonly recipe: string; readonly words: string }
  /** "what if not the borlotti": both are shown, with and without. */
  | { readonly wish: 'what if not'; readonly recipe: string; readonly words: string };

/** What there is to speak of. */
export interface WishSetting {
  readonly dishes: readonly {
    readonly recipe: string;
    readonly name: string;
    readonly form: Form;
    readonly foods: readonly string[];
  }[];
  readonly days: readonly Day[];
}

/** A line that was not understood, with what can be said. */
export interface WishUnread {
  readonly fault: string;
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];
const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];
const FORM_WORDS: readonly (readonly [said: RegExp, form: Form])[] = [
  [/\bsoups?\b/, 'soup'],
  [/\bbak(?:e|es|ed)\b/, 'bake'],
  [/\bfritters?\b|\bpatt(?:y|ies)\b/, 'fritters'],
  [/\bsalads?\b/, 'salad'],
  [/\bmash(?:ed)?\b/, 'mash'],
  [/\broasts?\b|\broasted\b/, 'roast'],
  [/\bwraps?\b|\bbowls?\b|\bplates?\b/, 'assembled'],
];
const WEIGHED: readonly (readonly [
  said: RegExp,
  part: 'hands' | 'cost' | 'waste' | 'repeats' | 'feeds',
  times: number,
])[] = [
  [/\b(?:less|not so much|too much) (?:work|cooking|chopping)\b|\beasier\b|\bquicker\b/, 'hands', 2],
  [/\bcheaper\b|\bcosts? less\b|\btoo dear\b|\bless money\b/, 'cost', 2],
  [/\bless waste\b|\buse (?:more|up)\b/, 'waste', 2],
  [/\bmore variety\b|\bmore different\b|\bless of the same\b|\btoo (?:often )?the same\b/, 'repeats', 2],
  [/\bmore (?:filling|protein|energy|food)\b|\bmore to eat\b|\blarger plates\b/, 'feeds', 2],
];
const WITHOUT = /^(?:please )?(?:not?|nothing|without|no more|skip|leave out|never)\b\s*(.*)$/;
const AGAIN = /\b(?:again|please|this week|at all|the|any|so often|with)\b/g;

const bare = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N} -]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim();
const stem = (word: string): string => word.replace(/(?:ies)$/, 'y').replace(/(?<=\w{3})(?:es|s)$/, '');

/** The dishes that a few words may mean: by name, by form, by what is in them; the closest kind alone. */
function meant(words: string, { dishes }: WishSetting): readonly string[] {
  const said = bare(words)
    .replace(AGAIN, ' ')
    .split(' ')
    .filter((word) => word.length > 2)
    .map(stem);
  if (said.length === 0) return [];
  const form = FORM_WORDS.find(([form]) => form.test(bare(words)))?.[1];
  const named = dishes.filter(({ name }) => {
    const own = bare(name).split(' ').map(stem);
    return said.every((word) => own.includes(word));
  });
  if (named.length > 0 && !(form && said.length === 1)) return named.map(({ recipe }) => recipe);
  if (form) return dishes.filter((dish) => dish.form === form).map(({ recipe }) => recipe);
  return dishes
    .filter(({ foods }) => foods.some((food) => said.every((word) => bare(food).split(' ').map(stem).includes(word))))
    .map(({ recipe }) => recipe);
}

/**
 * Reads one line that a cook says of suggested weeks. What is not understood says what can be said; nothing is guessed.
 * @example readWeekWish('not soup again', setting) // { wish: 'without', recipes: [...], words: 'without soup' }
 */
export function readWeekWish(line: string, setting: WishSetting): WeekWish | WishUnread {
  const said = bare(line);
  if (said === '')
    return { fault: 'Say what should be otherwise: “not soup again”, “two more for Sunday”, “less work”.' };
  const why = /^why\b(?: (?:is )?(?:there )?)?\s*(.*?)(?: in it)?$/.exec(said);
  if (why) return oneDish(why[1] ?? '', setting, (recipe, name) => ({ wish: 'why', recipe, words: `why ${name}` }));
  const ifNot = /^what if (?:not|without|there (?:is|was|were) no)\s+(.*)$/.exec(said);
  if (ifNot)
    return oneDish(ifNot[1] ?? '', setting, (recipe, name) => ({
      wish: 'what if not',
      recipe,
      words: `what if not ${name}`,
    }));
  const guests = guestsIn(said, setting);
  if (guests) return guests;
  const weighed = WEIGHED.find(([each]) => each.test(said));
  if (weighed) return { wish: 'weigh', part: weighed[1], times: weighed[2], words: said };
  const without = WITHOUT.exec(said);
  if (without) {
    const recipes = meant(without[1] ?? '', setting);
    if (recipes.length === 0)
      return {
        fault: `No dish here is “${(without[1] ?? '').replace(AGAIN, ' ').replace(/\s+/g, ' ').trim()}”. Say it as it is called.`,
      };
    return {
      wish: 'without',
      recipes,
      words: `without ${(without[1] ?? '').replace(AGAIN, ' ').replace(/\s+/g, ' ').trim()}`,
    };
  }
  const kept = /^(?:the same|keep|with|more|again)\b(?: but)?(?: the)?\s*(.*)$/.exec(said);
  if (kept) return oneDish(kept[1] ?? '', setting, (recipe, name) => ({ wish: 'with', recipe, words: `with ${name}` }));
  return {
    fault:
      'That is not understood. Try “not soup again”, “two more for Sunday”, “keep the borlotti”, “less work”, “why the millet”.',
  };
}

function oneDish(
  words: string,
  setting: WishSetting,
  wish: (recipe: string, name: string) => WeekWish,
): WeekWish | WishUnread {
  const [recipe, ...others] = meant(words, setting);
  const nameOf = (id: string) => setting.dishes.find((dish) => dish.recipe === id)?.name ?? '';
  if (recipe === undefined) return { fault: `No dish here is “${words.trim()}”. Say it as it is called.` };
  return others.length > 0
    ? { fault: `Which one: ${[recipe, ...others].slice(0, 4).map(nameOf).join(', or ')}?` }
    : wish(recipe, nameOf(recipe));
}

/** "the same but with two more for Sunday", "3 guests on Saturday dinner", "one less on Monday" */
function guestsIn(said: string, { days }: WishSetting): WeekWish | undefined {
  const count = new RegExp(
    String.raw`\b(\d{1,2}|${NUMBERS.slice(1).join('|')}|a|an)\s+(more|guests?|extra|others?|people|less|fewer)\b`,
  ).exec(said);
  const at = DAYS.findIndex((name) =>
    new RegExp(String.raw`\b(?:${name}|${name.slice(0, 3)}|${name.slice(0, 4)})\b`).test(said),
  );
  const today = /\b(?:today|tonight)\b/.test(said);
  const tomorrow = /\btomorrow\b/.test(said);
  if (!count?.[1] || (at < 0 && !today && !tomorrow)) return undefined;
  const day = today ? days[0] : tomorrow ? days[1] : days.find((each) => weekday(each) === at);
  if (!day) return undefined;
  const n = Number(count[1]) || Math.max(1, NUMBERS.indexOf(count[1]));
  const more = /less|fewer/.test(count[2] ?? '') ? -n : n;
  const meals = MEAL_NAMES.filter(
    (meal) => said.includes(meal) || (meal === 'dinner' && /\btonight\b|\bevening\b/.test(said)),
  );
  return { wish: 'guests', day, meals: meals.length > 0 ? meals : MEAL_NAMES, more, words: said };
}
