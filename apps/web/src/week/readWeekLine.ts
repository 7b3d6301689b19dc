import { resized } from '@kestrel-ridge/core/scaling';
import { addDays, weekday, type Day, portionsText } from '@kestrel-ridge/core/quantity';
import { MEAL_NAMES, slotAt, type Slot } from '@kestrel-ridge/core/week';
import { clockWords } from '../parts/times.ts';
import { guestsOf } from './tableWords.ts';

/** What a line about the week names: components of the week, and dishes that are planned. */
export interface WeekNames {
  readonly today: Day;
  readonly components: readonly { readonly food: string; readonly name: string }[];
  readonly batches: readonly {
    readonly id: string;
    readonly name: string;
    readonly portions: number;
    readonly freezePortions: number;
  }[];
  readonly slots: readonly Slot[];
}

export type WeekLine =
  | { readonly kind: 'meal'; readonly slot: Slot; readonly says: string }
  | {
      readonly kind: 'size';
      readonly batch: string;
      readonly portions: number;
      readonly freezePortions: number;
      readonly says: string;
    }
  | { readonly kind: 'day'; readonly batch: string; readonly day: Day; readonly says: string }
  | { readonly kind: 'doubt'; readonly says: string };

const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

/**
 * One line about the week, understood as it is typed: "thu dinner millet, borlotti, 2 guests, 19:30", "sat lunch open", "millet 20 freeze 6", "millet to fri".
 * What is not certain is a doubt that says what to write; nothing is guessed.
 */
export function readWeekLine(text: string, names: WeekNames): WeekLine | undefined {
  const line = text.trim().toLowerCase();
  if (!line) return undefined;
  const [first = '', ...rest] = line.split(/\s+/);
  const on = dayOf(first, names.today);
  return on ? readMeal(on, rest.join(' '), names) : (readMove(line, names) ?? readSize(line, names));
}

function readMeal(day: Day, text: string, { components, slots }: WeekNames): WeekLine {
  const [word = '', ...rest] = text.split(/\s+/);
  const meal = MEAL_NAMES.find((name) => word.length > 1 && name.startsWith(word));
  if (!meal) return { kind: 'doubt', says: 'Lunch or dinner? Write “thu dinner millet, borlotti”.' };
  const was = slotAt(slots, day, meal) ?? { day, meal, parts: [], guests: 0 };
  const pieces = rest
    .join(' ')
    .split(/[,+]/)
    .map((piece) => piece.trim())
    .filter(Boolean);
  if (pieces.length === 0) return { kind: 'doubt', says: 'What is eaten? Name components, or write “open”.' };
  const slot = {
    day,
    meal,
    parts: [] as Slot['parts'][number][],
    guests: was.guests,
    ...(was.note ? { note: was.note } : {}),
  };
  let serveAt = was.serveAt;
  let named = false;
  for (const piece of pieces) {
    const guests = /^(\d{1,3}) guests?$/.exec(piece);
    const clock = /^(?:at )?([01]?\d|2[0-3])[:.]([0-5]\d)$/.exec(piece);
    if (guests) slot.guests = Number(guests[1]);
    else if (clock) serveAt = `${(clock[1] ?? '').padStart(2, '0')}:${clock[2] ?? ''}`;
    else if (piece === 'open') named = true;
    else {
      const [, times, name = ''] = /^(?:(\d(?:[.,]\d)?)\s*[x×]?\s+)?(.+)$/.exec(piece) ?? [];
      const found = oneOf(components, name);
      if (typeof found === 'string') return { kind: 'doubt', says: found };
      slot.parts.push({ food: found.food, portions: Number((times ?? '1').replace(',', '.')) });
      named = true;
    }
  }
  if (!named) slot.parts.push(...was.parts);
  const whole: Slot = { ...slot, ...(serveAt ? { serveAt } : {}) };
  const what = whole.parts.map(({ food }) => components.find((each) => each.food === food)?.name ?? '').join(', ');
  return {
    kind: 'meal',
    slot: whole,
    says: `${DAYS[weekday(day)]} ${day.slice(8)}, ${meal}: ${what || 'open'}${whole.guests ? `, ${guestsOf(whole.guests)}` : ''}${whole.serveAt ? `, at ${clockWords(whole.serveAt)}` : ''}`,
  };
}

/** "millet to fri": cooked on another day. */
function readMove(line: string, { batches, today }: WeekNames): WeekLine | undefined {
  const [, name = '', word = ''] = /^(.+?)\s+(?:to|on)\s+(\w+)$/.exec(line) ?? [];
  const day = dayOf(word, today);
  if (!name || !day) return undefined;
  const found = oneOf(batches, name);
  return typeof found === 'string'
    ? { kind: 'doubt', says: found }
    : {
        kind: 'day',
        batch: found.id,
        day,
        says: `${found.name} cooked on ${DAYS[weekday(day)] ?? ''} ${day.slice(8)}`,
      };
}

function readSize(line: string, { batches }: WeekNames): WeekLine {
  const both = /^(.+?)\s+(\d{1,3})(?:\s*portions)?,?\s+freeze\s+(\d{1,3})$/.exec(line);
  const frozen = both ? null : /^(.+?)\s+freeze\s+(\d{1,3})$/.exec(line);
  const size = both ?? frozen ?? /^(.+?)\s+(\d{1,3})(?:\s*portions)?$/.exec(line);
  if (!size)
    return { kind: 'doubt', says: 'Write a day and a meal, or a dish and its portions: “millet 20 freeze 6”.' };
  const found = oneOf(batches, size[1] ?? '');
  if (typeof found === 'string') return { kind: 'doubt', says: found };
  const portions = frozen ? found.portions : Number(size[2]);
  const typed = both?.[3] ?? frozen?.[2];
  const freezePortions =
    typed === undefined ? resized(found, found, portions).freezePortions : Math.min(portions, Number(typed));
  if (portions < 1) return { kind: 'doubt', says: 'At least one portion; to leave it out, close its strip.' };
  return {
    kind: 'size',
    batch: found.id,
    portions,
    freezePortions,
    says: `${found.name}: ${portionsText(portions)}, ${freezePortions} of them to freeze`,
  };
}

/** The one whose name begins with a word, or holds it; a text says what is doubtful. */
function oneOf<T extends { readonly name: string }>(all: readonly T[], word: string): T | string {
  const lower = (each: T) => each.name.toLowerCase();
  const exact = all.filter((each) => lower(each) === word);
  const begins = all.filter((each) => lower(each).startsWith(word));
  const holds = all.filter((each) => lower(each).includes(word));
  const hits = [exact, begins, holds].find((list) => list.length > 0) ?? [];
  if (hits.length === 1 && hits[0]) return hits[0];
  return hits.length === 0
    ? `“${word}” is not in this week.`
    : `“${word}” may be ${hits.map((each) => each.name).join(' or ')}: write more of it.`;
}

/** "thu", "today", "tomorrow" within the week that begins today. */
function dayOf(word: string, today: Day): Day | undefined {
  if (word === 'today') return today;
  if (word === 'tomorrow') return addDays(today, 1);
  const n = DAYS.findIndex(
    (name) => word.length >= 3 && (word === name || `${name}`.startsWith(word) || isLong(word, name)),
  );
  return n < 0 ? undefined : addDays(today, (n - weekday(today) + 7) % 7);
}
const LONG: Readonly<Record<string, string>> = {
  mon: 'monday',
  tue: 'tuesday',
  wed: 'wednesday',
  thu: 'thursday',
  fri: 'friday',
  sat: 'saturday',
  sun: 'sunday',
};
const isLong = (word: string, name: string): boolean => (LONG[name] ?? '').startsWith(word);
