import { MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import type { CookedRun, RunView } from '@kestrel-ridge/core/run';
import { useMemo } from 'react';
import { clockAt } from '../parts/times.ts';
import type { Lane } from '../session/lanes.ts';
import './laneStrip.css';
import { lanesNow } from './lanesNow.ts';
import { lanesUntilWords } from './runWords.ts';

interface LaneStripProps {
  readonly cooked: Pick<CookedRun, 'problem' | 'plan' | 'about'>;
  readonly view: RunView;
  readonly now: Moment;
  readonly zone: string;
}

const HOUR_MS = 60 * MINUTE_MS;

/** What the plan looks like now, on one look: a thin lane for each pair of hands and each thing, and where the moment stands. */
export function LaneStrip({ cooked, view, now, zone }: LaneStripProps) {
  const { lanes, from, minutes } = useMemo(() => lanesNow(cooked, view), [cooked, view]);
  const left = (minute: number) => `${Math.min(100, Math.max(0, (minute / minutes) * 100))}%`;
  const at = (now - from) / MINUTE_MS;
  const hours = hoursWithin(from, from + minutes * MINUTE_MS);
  return (
    <div className="strip" role="img" aria-label={stripWords(lanes, from, zone)}>
      <i />
      <div className="strip-clock">
        {hours.map((hour) => (
          <span key={hour} style={{ left: left((hour - from) / MINUTE_MS) }}>
            {clockAt(hour, zone)}
          </span>
        ))}
      </div>
      {lanes.map((lane) => (
        <StripLane key={lane.id} lane={lane} left={left} at={at} />
      ))}
      <div className="strip-now">
        <i style={{ left: left(at) }} />
      </div>
    </div>
  );
}

function StripLane({ lane, left, at }: { lane: Lane; left: (minute: number) => string; at: number }) {
  return (
    <>
      <b>{lane.name}</b>
      <div className="strip-lane">
        {lane.bars.map((bar) => (
          <i
            key={bar.key}
            className={`strip-bar ${bar.kind}${bar.to <= at ? ' over' : ''}`}
            title={bar.label}
            style={{
              left: left(bar.from),
              right: `calc(100% - ${left(bar.to)})`,
              top: `${(bar.row / lane.rows) * 100}%`,
              height: `${100 / lane.rows}%`,
            }}
          />
        ))}
      </div>
    </>
  );
}

/** Full hours after the beginning, with room for the figures at both ends. */
function hoursWithin(from: Moment, to: Moment): readonly Moment[] {
  const room = 8 * MINUTE_MS;
  const first = Math.ceil((from + room) / HOUR_MS) * HOUR_MS;
  return Array.from(
    { length: Math.max(0, Math.floor((to - room - first) / HOUR_MS) + 1) },
    (_, n) => first + n * HOUR_MS,
  );
}

/** Said instead of the picture: until when each lane is in use. */
const stripWords = (lanes: readonly Lane[], from: Moment, zone: string): string =>
  lanesUntilWords(
    lanes
      .filter(({ bars }) => bars.length > 0)
      .map(({ name, bars }) => ({
        name,
        until: clockAt(from + Math.max(...bars.map(({ to }) => to)) * MINUTE_MS, zone),
      })),
  );
