import type { SeasoningRole } from '@kestrel-ridge/core/learn';
import type { ScaledBatch } from '@kestrel-ridge/core/scaling';
import { seasoningHere, seasoningRole, type KitchenView } from '@kestrel-ridge/core/view';
import { useMemo } from 'react';
import { seasoningWords } from './seasoningWords.ts';
import { usePastWeeks } from './usePastWeeks.ts';

/** How this kitchen usually ends up seasoning what is in a dish, where its size is decided. */
export function SeasonedHere({ view, scaled }: { view: KitchenView; scaled: ScaledBatch }) {
  const past = usePastWeeks(view);
  const learned = useMemo(() => (past ? seasoningHere(view, past) : []), [view, past]);
  const roles = new Set<SeasoningRole>(scaled.lines.flatMap(({ food }) => seasoningRole(food) ?? []));
  const words = seasoningWords(learned, roles);
  return words === undefined ? null : <p className="last-times">{words}</p>;
}
