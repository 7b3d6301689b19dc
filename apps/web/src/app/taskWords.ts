import type { TaskAbout } from '@kestrel-ridge/core/session';
import { degreesHere, heatsHere } from '../parts/degrees.ts';

type Abouts = Readonly<Record<string, TaskAbout>>;

/**
 * Tasks with their words in the degrees of this kitchen, for all pages that show them: done once, where a plan or a run comes in. Nothing else goes by these words.
 * @example taskWords({ a: { name: 'Bake at 200 °C', … } })['a']?.name // => 'Bake at 400 °F'
 */
export function taskWords(abouts: Abouts): Abouts {
  if (degreesHere() === '°C') return abouts;
  return Object.fromEntries(
    Object.entries(abouts).map(([id, about]) => [
      id,
      {
        ...about,
        name: heatsHere(about.name),
        ...(about.cue === undefined ? {} : { cue: heatsHere(about.cue) }),
        ...(about.note === undefined ? {} : { note: heatsHere(about.note) }),
      },
    ]),
  );
}
