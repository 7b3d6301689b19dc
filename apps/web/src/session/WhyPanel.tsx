import { MINUTE_MS, type Moment, type SessionMinute } from '@kestrel-ridge/core/quantity';
import type { Wishes } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { clockAt, duration } from '../parts/times.ts';
import { Why } from '../parts/Why.tsx';
import { holdWords } from './holdWords.ts';
import type { PlanResult } from './planSlice.ts';
import { TaskWishes } from './TaskWishes.tsx';
import { lookFromWords } from './sessionWords.ts';

/** One task: what goes in, how long and why, and what holds it where it stands. */
export function WhyPanel({
  result,
  task,
  startMs,
  zone,
  pinned,
  pin,
  wishes,
  say,
}: {
  result: PlanResult;
  task: string;
  startMs: Moment;
  zone: string;
  /** The minute it is pinned to. */
  pinned: number | undefined;
  pin: (minute: SessionMinute | undefined) => void;
  wishes: Wishes;
  say: (next: Wishes) => void;
}) {
  const { plan, tasks, holds } = result;
  const about = tasks.about[task];
  const hold = holds[task];
  if (!about) return null;
  const clock = (minute: SessionMinute) => clockAt(startMs + minute * MINUTE_MS, zone);
  const { window } = about;
  const minutes = duration(window.expected);
  return (
    <section className="why-panel" aria-live="polite">
      <h2>
        {clock(plan.starts[task] ?? 0)} {about.name}
      </h2>
      <p className="soft">
        {[about.dish, about.unit, about.dial && `dial at ${about.dial}`].filter(Boolean).join(' · ')}
      </p>
      <dl>
        <dt>Takes</dt>
        <dd>
          {about.because ? <Why because={about.because}>{minutes}</Why> : minutes}
          {lookFromWords(window)}
        </dd>
        {hold && (
          <>
            <dt>Why not earlier?</dt>
            <dd>{holdWords(hold, tasks, plan, clock)}</dd>
          </>
        )}
        {about.turn && (
          <>
            <dt>Why then?</dt>
            <dd>
              {about.turn.to > about.turn.from
                ? 'What is baked hotter needs the oven there by then.'
                : 'Only waiting cools an oven: the dial is turned as soon as nothing hotter is in it.'}
            </dd>
          </>
        )}
        {about.cue && (
          <>
            <dt>Look for</dt>
            <dd>{about.cue}</dd>
          </>
        )}
        {about.goesIn.length > 0 && (
          <>
            <dt>Goes in</dt>
            <dd>
              {about.goesIn.map((into) => (
                <div key={into.line} className="goes-in">
                  <span>{into.food}</span> <b>{into.amount}</b>
                </div>
              ))}
            </dd>
          </>
        )}
      </dl>
      {!about.turn && (
        <>
          <div className="pin-row">
            <Button size="small" aria-label="Five minutes earlier" onClick={() => pin((plan.starts[task] ?? 0) - 5)}>
              −5
            </Button>
            <Button size="small" onClick={() => pin(pinned === undefined ? (plan.starts[task] ?? 0) : undefined)}>
              {pinned === undefined ? `Pin to ${clock(plan.starts[task] ?? 0)}` : 'Let go of the pin'}
            </Button>
            <Button size="small" aria-label="Five minutes later" onClick={() => pin((plan.starts[task] ?? 0) + 5)}>
              +5
            </Button>
          </div>
          <TaskWishes result={result} task={task} wishes={wishes} say={say} />
        </>
      )}
    </section>
  );
}
