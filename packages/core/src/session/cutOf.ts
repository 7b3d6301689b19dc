import type { TaskAbout } from './taskAbout.ts';

const CUTS = /\b(?:chop|slice|dice|peel|grate|shred|mince|trim|halve|quarter|cut|strip)\b/gi;

/**
 * Knife work on one food, the same in every recipe: "peel and chop swede". Undefined where it is none, or where several foods are cut: nobody knows how long which of
 * them took.
 * @example cutOf({ name: 'Peel and chop the swede', goesIn: [{ food: 'swede', … }], … }) // 'peel and chop swede'
 */
export function cutOf({
  name,
  goesIn,
  attention,
}: Pick<TaskAbout, 'name' | 'goesIn' | 'attention'>): string | undefined {
  const [food, ...more] = [...new Set(goesIn.map((each) => each.food))];
  if (attention.needs !== 'hands' || food === undefined || more.length > 0) return undefined;
  const cuts = [...new Set([...name.matchAll(CUTS)].map(([cut]) => cut.toLowerCase()))];
  return cuts.length === 0 ? undefined : `${cuts.join(' and ')} ${food}`;
}
