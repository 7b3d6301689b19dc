import { daysBetween, type Day } from '../quantity/index.ts';

export type Urgency = 'past' | 'today' | 'soon' | 'later' | 'unknown';

/** How pressing a lot is. "Soon" is within three days: this session's dishes can still use it. */
export function urgencyOf(until: Day | undefined, today: Day): Urgency {
  if (!until) return 'unknown';
  const left = daysBetween(today, until);
  if (left < 0) return 'past';
  if (left === 0) return 'today';
  return left <= 3 ? 'soon' : 'later';
}
