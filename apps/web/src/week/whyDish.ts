import type { SuggestedWeek, WeekAsk } from '@kestrel-ridge/core/week';

/** Liked so much less, it was on the table often. */
const OFTEN = -0.2;
/** Less than this is what is left in every pot. */
const LOST = 0.08;

/** Why a dish is in a week: what it feeds, what it is made for, what of it is frozen, what it uses up. */
export function whyDish(
  { eaten, draft }: SuggestedWeek,
  { candidates, presses }: Omit<WeekAsk, 'weights'>,
  c: number,
): string {
  const { cooks, liked = 0, lost = 0, facts } = candidates[c] ?? {};
  const meals = eaten.at.filter((served) => served.some(({ candidate }) => candidate === c)).length;
  const into = candidates.flatMap(({ cooks: made, name }, d) =>
    (draft.sizes[d] ?? 0) > 0 && made?.needs.some(({ candidate }) => candidate === c) ? [name] : [],
  );
  const uses = presses.filter((_, p) => (cooks?.clears[p] ?? 0) * (draft.sizes[c] ?? 0) > 0.3).map(({ name }) => name);
  const late = Math.ceil(eaten.fromFreezer[c] ?? 0);
  return [
    ...(meals > 0 ? [`feeds ${meals} ${meals === 1 ? 'meal' : 'meals'}`] : []),
    ...(into.length > 0 ? [`goes into ${into.join(' and ')}`] : []),
    ...(late > 0 ? [`${late} frozen for later`] : []),
    ...(uses.length > 0 ? [`uses the ${uses.slice(0, 3).join(', ')}`] : []),
    ...((facts?.proteinG ?? 0) >= 12 ? [`${Math.round(facts?.proteinG ?? 0)} g protein`] : []),
    ...(cooks?.inSeason ? ['in season'] : []),
    ...(liked > 0 ? ['liked'] : []),
    // What was thrown away is told by itself, and is no helping.
    ...(liked + lost < OFTEN ? ['often eaten of late'] : []),
    ...(lost >= LOST ? [`${Math.round(lost * 100)} % of it was thrown away here`] : []),
  ].join(', ');
}
