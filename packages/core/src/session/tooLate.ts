import { HOUR_MS, type Moment } from '../quantity/index.ts';
import type { Ahead, SessionTasks } from './expand.ts';

/** Something that should have begun before now: it needs so many hours before the session, and there are fewer. */
export interface TooLate {
  readonly ahead: Ahead;
  /** The hours there are. */
  readonly hours: number;
  /** The session could start then, ms since 1970. */
  readonly startMs: Moment;
}

/** By this name the cook says that it has begun. */
export const aheadKey = ({ dish, name }: Pick<Ahead, 'dish' | 'name'>): string => `${dish}: ${name}`;

/** The last moment at which a step ahead can begin for a session, ms since 1970. */
export const beginBy = ({ leastHours }: Pick<Ahead, 'leastHours'>, startMs: Moment): Moment =>
  startMs - leastHours * HOUR_MS;

/**
 * What had to begin longer ago than it can have, unless the cook says that it did.
 * @example tooLate(tasks, [], Date.parse(session.startsAt), Date.now()) // a soak of 8 h, two hours before the start
 */
export const tooLate = (
  { ahead }: Pick<SessionTasks, 'ahead'>,
  begun: readonly string[],
  startMs: Moment,
  now: Moment,
): readonly TooLate[] =>
  ahead.flatMap((each): TooLate[] => {
    return now <= beginBy(each, startMs) || begun.includes(aheadKey(each))
      ? []
      : [{ ahead: each, hours: Math.max(0, (startMs - now) / HOUR_MS), startMs: now + each.leastHours * HOUR_MS }];
  });
