import type { Moment } from '@kestrel-ridge/core/quantity';
import type { PressureCycle, RunFact } from '@kestrel-ridge/core/run';
import type { Stage } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { Cautions } from '../app/Cautions.tsx';
import { clockAt } from '../parts/times.ts';
import { countdown } from './countdown.ts';
import { NotYet } from './NotYet.tsx';
import { loadOfWords } from './runWords.ts';

const NAMES: Readonly<Record<Stage, string>> = {
  kettle: 'kettle',
  load: 'sealed',
  'come up': 'coming up',
  hold: 'at pressure',
  natural: 'releasing',
  vent: 'vent',
  empty: 'emptied',
};
const SAYS: Readonly<Partial<Record<Stage, string>>> = {
  'come up': 'The pin is up',
  hold: 'Heat off',
  natural: 'The pin has dropped',
};

/** The sealed cooker's cycle as an instrument of its own: where it stands, what is asked, and what to look at when the pin does not rise. */
export function PressureCard({
  cycle,
  now,
  zone,
  tap,
}: {
  cycle: PressureCycle;
  now: Moment;
  zone: string;
  tap: (what: RunFact) => void;
}) {
  const at = cycle.stages.find(({ stage }) => stage === cycle.at);
  if (!at) return null;
  const { task, about } = at;
  const waits = about.attention.needs === 'nobody';
  const due = task.status === 'due';
  return (
    <section
      className={due || cycle.watchdog.length > 0 ? 'clock pressure due' : 'clock pressure'}
      aria-label={`Sealed cooker: ${cycle.dish}`}
    >
      <div className="clock-line">
        <div>
          <h3>{loadOfWords(cycle.dish, cycle.load, cycle.loads)}</h3>
          <p className="soft">
            {waits && !due ? `${NAMES[cycle.at]}, expected by ${clockAt(task.end, zone)}` : (about.cue ?? about.name)}
          </p>
        </div>
        <span className="clock-time number" role="timer">
          {waits ? (due ? 'look now' : countdown(task.end - now)) : ''}
        </span>
      </div>
      <ol className="pressure-stages">
        {cycle.stages.map(({ stage, task: each }) => (
          <li
            key={stage}
            className={each.status === 'done' ? 'done' : stage === cycle.at ? 'at' : ''}
            aria-current={stage === cycle.at ? 'step' : undefined}
          >
            {each.status === 'done' ? '✓ ' : ''}
            {NAMES[stage]}
          </li>
        ))}
      </ol>
      {cycle.watchdog.length > 0 && (
        <div className="watchdog" role="alert">
          <b>The pin should be up by now. The manual comes first; look at</b>
          <ul>
            {cycle.watchdog.map((each) => (
              <li key={each}>{each}</li>
            ))}
          </ul>
        </div>
      )}
      {waits && (
        <div className="clock-actions">
          <Button type={due ? 'primary' : 'default'} onClick={() => tap({ kind: 'done', task: task.id })}>
            {SAYS[cycle.at] ?? 'Done'}
          </Button>
          <NotYet name={about.name} more={(minutes) => tap({ kind: 'not yet', task: task.id, minutes })} />
        </div>
      )}
      {!waits && <Cautions ids={about.cautions} />}
    </section>
  );
}
