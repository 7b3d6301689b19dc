import type { LearnedSeasoning, SeasoningRole } from '@kestrel-ridge/core/learn';
import { capital, fixed, listed } from '@kestrel-ridge/core/quantity';
import type { Teaching } from './teaches.ts';

const NAMES: Readonly<Record<SeasoningRole, string>> = {
  salt: 'salt',
  acid: 'acid',
  heat: 'hot spice',
  sweet: 'sweetness',
  aromatic: 'spice',
};
/** Nearer to what is planned than this it is told by nobody. */
const SAME = 0.05;

const share = (value: number): string => `${Math.round(Math.abs(value - 1) * 100)} %`;

/**
 * Where a dish is sized: what this kitchen adds to it or takes from it; undefined: as planned. Nothing of it goes in by itself, as it is never taken out again.
 * @example seasoningWords([{ role: 'salt', correction: { value: 1.12, corrected: 4, n: 9, … } }], new Set(['salt'])) // "Here salt usually ends 12 % above the plan (4 of 9 times): taste for it at the end."
 */
export function seasoningWords(
  learned: readonly LearnedSeasoning[],
  inDish: ReadonlySet<SeasoningRole>,
): string | undefined {
  const told = learned.flatMap(({ role, correction }) =>
    correction && inDish.has(role) && Math.abs(correction.value - 1) >= SAME
      ? [
          `${NAMES[role]} usually ends ${share(correction.value)} ${correction.value > 1 ? 'above' : 'below'} the plan (${correction.corrected} of ${correction.n} times)`,
        ]
      : [],
  );
  if (told.length === 0) return undefined;
  return `Here ${listed(told)}: taste for it at the end.`;
}

/** The same among all that is learned. */
export const seasoningTeachings = (learned: readonly LearnedSeasoning[]): readonly Teaching[] =>
  learned.flatMap(({ role, correction, growth, cooks = [] }): readonly Teaching[] => [
    ...(correction && Math.abs(correction.value - 1) >= SAME
      ? [
          {
            what: `${capital(NAMES[role])} ends at`,
            book: 'as planned',
            here: `${fixed(correction.value, 2)} times`,
            likely: `${fixed(correction.least, 2)} to ${fixed(correction.most, 2)}`,
            n: correction.n,
            used: 'told where a dish is sized',
            to: '/scale',
          },
        ]
      : []),
    ...cooks
      .filter(({ value }) => Math.abs(value - 1) >= SAME)
      .map(({ who, value, least, most, n }) => ({
        what: `${capital(NAMES[role])} of ${who} ends at`,
        book: 'as planned',
        here: `${fixed(value, 2)} times`,
        likely: `${fixed(least, 2)} to ${fixed(most, 2)}`,
        n,
        used: 'told here alone',
        to: '/scale',
      })),
    ...(growth && Math.abs(2 ** growth.value / 2 ** growth.book - 1) >= SAME
      ? [
          {
            what: `Twice the batch takes of ${NAMES[role]}`,
            book: `${fixed(2 ** growth.book, 2)} times`,
            here: `${fixed(2 ** growth.value, 2)} times`,
            likely: `${fixed(2 ** growth.least, 2)} to ${fixed(2 ** growth.most, 2)}`,
            n: growth.n,
            used: 'told here alone',
            to: '/recipes',
          },
        ]
      : []),
  ]);
