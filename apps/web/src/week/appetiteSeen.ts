import type { KitchenView } from '@kestrel-ridge/core/view';

/** What is said of a component's portions a day, as the server compares it: null where nothing is. */
export function appetiteSeen({ week }: KitchenView, food: string) {
  const said = week.appetites.find((each) => each.food === food);
  return said ? { portionsADay: said.portionsADay, since: said.since } : null;
}

/** In words, when another device was first. */
export const appetiteThere =
  (mine: number) =>
  (now: unknown): string =>
    `It is ${(now as { portionsADay?: number } | null)?.portionsADay ?? 'the usual'} a day there, ${mine} here.`;
