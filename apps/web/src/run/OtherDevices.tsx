import { MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import { doubledTaps, type RunEvent } from '@kestrel-ridge/core/run';
import type { TaskAbout } from '@kestrel-ridge/core/session';
import { clockAt } from '../parts/times.ts';
import { deviceId } from './device.ts';
import { otherDevicesWords } from './runWords.ts';

const LATELY_MS = 15 * MINUTE_MS;

/** Who else taps in this run, and what was tapped twice: it counted once. */
export function OtherDevices({
  events,
  about,
  now,
  zone,
}: {
  events: readonly RunEvent[];
  about: Readonly<Record<string, TaskAbout>>;
  now: Moment;
  zone: string;
}) {
  const mine = deviceId();
  const lately = events.filter(({ at }) => now - at < LATELY_MS);
  const others = new Map(lately.filter(({ device }) => device !== mine).map((event) => [event.device, event]));
  const last = [...others.values()].sort((a, b) => b.at - a.at)[0];
  const twice = doubledTaps(events).filter(({ second }) => now - second.at < LATELY_MS);
  if (!last) return null;
  return (
    <p className="run-others soft" role="status">
      {otherDevicesWords(others.size, clockAt(last.at, zone))}
      {twice.map(({ task, first }) => (
        <span key={task}>
          {' '}
          “{about[task]?.name}” was tapped on two of them; it counts once, from {clockAt(first.at, zone)}.
        </span>
      ))}
    </p>
  );
}
