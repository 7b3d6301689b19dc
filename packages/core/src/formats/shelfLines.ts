import type { PlaceName } from './readShelfLine.ts';

/** A line of a list, and the place whose name stands over it. */
export interface ListedLine {
  readonly line: string;
  readonly under?: PlaceName;
}

const BULLET = /^(?:[-–—*•·▢□☐+]|\d{1,2}[.)])\s+(?=\S)/;
/** Other words for a place of a kind, as its name may say it. */
const ALSO: readonly (readonly [said: RegExp, named: RegExp])[] = [
  [
    /^(?:cupboards?|pantry|larder|dry (?:goods|store)|store ?cupboard|shelf|shelves)$/,
    /cupboard|pantry|larder|shelf|dry/i,
  ],
  [/^(?:fridge|refrigerator)$/, /fridge/i],
  [/^(?:freezer|deep ?freeze|frozen)$/, /freezer/i],
];

/**
 * The lines of a pasted list, without its bullets: a line that is nothing but the name of a place says where those under it lie, until the next one.
 * @example shelfLines('Fridge:\n- 600 g kale', [{ id: 'f', name: 'fridge' }]) // [{ line: '600 g kale', under: { id: 'f', name: 'fridge' } }]
 */
export function shelfLines(text: string, places: readonly PlaceName[]): readonly ListedLine[] {
  let under: PlaceName | undefined;
  return text.split('\n').flatMap((raw): readonly ListedLine[] => {
    const line = raw.trim().replace(BULLET, '');
    if (line === '') return [];
    const place = placeOver(line, places);
    if (!place) return [{ line, ...(under ? { under } : {}) }];
    under = place;
    return [];
  });
}

function placeOver(line: string, places: readonly PlaceName[]): PlaceName | undefined {
  const said = line
    .toLowerCase()
    .replace(/^#+\s*|^(?:in )?(?:the )?|\s*[:.–-]+$|\*/g, '')
    .trim();
  const whole = places.find(({ name }) => name.toLowerCase() === said);
  if (whole) return whole;
  const named = ALSO.find(([words]) => words.test(said))?.[1];
  return named && places.find(({ name }) => named.test(name));
}
