import type { RunFact, RunTask } from '@kestrel-ridge/core/run';
import type { TaskAbout } from '@kestrel-ridge/core/session';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { Cautions } from '../parts/Cautions.tsx';
import { clockAt, duration } from '../parts/times.ts';
import { NotYet } from './NotYet.tsx';

const DONE_WORDS: Partial<Record<NonNullable<TaskAbout['stage']>, string>> = {
  load: 'Lid on, seal set',
  vent: 'Vented, pin down',
  empty: 'Emptied',
};

/** What the hands do now, with the amounts for this load; one large target for done. */
export function NowCard({
  task,
  about,
  now,
  zone,
  tap,
}: {
  task: RunTask;
  about: TaskAbout | undefined;
  now: number;
  zone: string;
  tap: (what: RunFact) => void;
}) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  if (!about) return null;
  const toggle = (line: string) =>
    setTicked((before) => new Set(before.has(line) ? [...before].filter((each) => each !== line) : [...before, line]));
  const early = task.start - now > 60_000;
  return (
    <section className={early ? 'now-card rest' : 'now-card'}>
      <p className={early ? 'now-free' : 'soft'}>
        {early
          ? `Hands free until ${clockAt(task.start, zone)}. Or go ahead:`
          : `Now, both hands · ${about.dish} · ${duration(about.window.expected)}`}
      </p>
      <h2 className="now-name">{about.name}</h2>
      {about.goesIn.length > 0 && (
        <ul className="now-lines">
          {about.goesIn.map((into) => (
            <li key={into.line}>
              <Checkbox checked={ticked.has(into.line)} onChange={() => toggle(into.line)}>
                {into.food}
                {into.form && <small>, {into.form}</small>}
                {into.share && <small> ({into.share} of it)</small>}
                {into.comesOut && <small> (comes out again)</small>}
              </Checkbox>
              <span className="number">
                {into.first ? `${into.first}, taste, then up to ${into.amount}` : into.amount}
                {into.second && <small> · {into.second}</small>}
              </span>
            </li>
          ))}
        </ul>
      )}
      {about.gives?.map((gives) => (
        <p key={gives.name} className="run-text">
          Keep {gives.name}, {gives.amount}: {gives.goes}
        </p>
      ))}
      {about.cue && <p className="run-text">Look for: {about.cue}</p>}
      <div className="now-actions">
        <Button
          type={early ? 'default' : 'primary'}
          className="run-done"
          onClick={() => tap({ kind: 'done', task: task.id })}
        >
          {(about.stage && DONE_WORDS[about.stage]) ?? 'Done'}
        </Button>
        <NotYet large name={about.name} more={(minutes) => tap({ kind: 'not yet', task: task.id, minutes })} />
      </div>
      <Cautions ids={about.cautions} />
    </section>
  );
}
