import { show, MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import type { ReadBack, RunFact, RunTask, TaskFacts } from '@kestrel-ridge/core/run';
import type { TaskAbout } from '@kestrel-ridge/core/session';
import { Button, Checkbox } from 'antd';
import { leftOutMeans, type KitchenView, type ScaledBatchView, type Told } from '@kestrel-ridge/core/view';
import { Cautions } from '../app/Cautions.tsx';
import { Instead } from '../scaling/Instead.tsx';
import { clockAt, duration } from '../parts/times.ts';
import { GatePanel } from './GatePanel.tsx';
import { MoreOf } from './MoreOf.tsx';
import { NotYet } from './NotYet.tsx';
import { Trimmed } from './Trimmed.tsx';
import { WeighIn } from './WeighIn.tsx';
import { nowWords } from './runWords.ts';

const DONE_WORDS: Partial<Record<NonNullable<TaskAbout['stage']>, string>> = {
  load: 'Lid on, seal set',
  vent: 'Vented, pin down',
  empty: 'Emptied',
};

/** What the hands do now, with the amounts for this load; one large target for done. Before a point of no return, what is missing is read back. */
export function NowCard({
  kitchen,
  task,
  about,
  facts,
  readBack,
  told,
  freeUntil,
  now,
  zone,
  takeUp,
  asking,
  ask,
  tap,
}: {
  kitchen: KitchenView;
  task: RunTask;
  about: TaskAbout | undefined;
  facts: TaskFacts | undefined;
  /** What a tap on done asks first; undefined: nothing. */
  readBack: ReadBack | undefined;
  told: Told;
  /** When hands are needed next, ms since 1970. */
  freeUntil: number;
  now: Moment;
  zone: string;
  /** The hands have this one, whatever becomes ready meanwhile. */
  takeUp: () => void;
  /** What is read back is being asked; it is known above, so that it stays when the card comes anew. */
  asking: boolean;
  ask: (on: boolean) => void;
  tap: (...what: readonly RunFact[]) => void;
}) {
  if (!about) return null;
  const ticked = new Set(facts?.ticked);
  const batch = kitchen.batches.find(({ state }) => state.id === about.batch);
  const early = freeUntil - now > MINUTE_MS;
  const done = () => {
    if (readBack) {
      // What is asked stays until it is answered, also of a step that is not due yet.
      takeUp();
      ask(true);
    } else tap({ kind: 'done', task: task.id });
  };
  return (
    <section className={early ? 'now-card rest' : 'now-card'}>
      <p className={early ? 'now-free' : 'soft'}>
        {early
          ? `Hands free until ${clockAt(freeUntil, zone)}. Or go ahead:`
          : nowWords(about.who, about.dish, duration(about.window.expected), about.unit)}
      </p>
      <h2 className="now-name">{about.name}</h2>
      {about.dial && <p className="run-text">Dial at {about.dial}</p>}
      {about.goesIn.length > 0 && (
        <ul className="now-lines">
          {about.goesIn.map((into) => (
            <li key={into.line}>
              <Checkbox
                checked={ticked.has(into.line)}
                onChange={({ target }) =>
                  tap({ kind: target.checked ? 'ticked' : 'unticked', task: task.id, line: into.line })
                }
              >
                {into.food}
                {into.form && <small>, {into.form}</small>}
                {into.share && <small> ({into.share} of it)</small>}
                {into.comesOut && <small> (comes out again)</small>}
                {standsIn(batch, into) && <small> → {standsIn(batch, into)}</small>}
              </Checkbox>
              <span className="number">
                {into.first ? `${into.first}, taste, then up to ${into.amount}` : into.amount}
                {into.second && <small> · {into.second}</small>}
                {into.off !== undefined && (
                  <small>
                    {' '}
                    · all together {Math.abs(Math.round(into.off * 100))} % {into.off > 0 ? 'over' : 'under'}
                  </small>
                )}
                {kitchen.kitchen.equipment.simulatedDevices &&
                  gramsOf(into) !== undefined &&
                  !ticked.has(into.line) && (
                    <WeighIn task={about.id} line={into.line} food={into.food} grams={gramsOf(into) ?? 0} tap={tap} />
                  )}
                {batch && <Instead view={kitchen} batch={batch} line={into.line} />}
                <Trimmed kitchen={kitchen} about={about} into={into} />
                <MoreOf kitchen={kitchen} about={about} into={into} facts={facts} tap={tap} />
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
      {about.note && <p className="run-text">Noted before: {about.note}</p>}
      {asking && readBack ? (
        <GatePanel
          readBack={readBack}
          task={about}
          means={(leftOut) => batch && leftOutMeans(kitchen, batch, told, leftOut)}
          back={() => ask(false)}
          answer={(answers) => tap(...answers, { kind: 'done', task: task.id })}
        />
      ) : (
        <div className="now-actions">
          <Button
            type={early ? 'default' : 'primary'}
            className="run-done"
            data-takes-over="step"
            data-hands-on-to="step"
            onClick={done}
          >
            {(about.stage && DONE_WORDS[about.stage]) ?? 'Done'}
          </Button>
          <NotYet large name={about.name} more={(minutes) => tap({ kind: 'not yet', task: task.id, minutes })} />
        </div>
      )}
      <Cautions ids={about.cautions} />
    </section>
  );
}

/** What a scale would show for a line, where it is weighed at all. */
function gramsOf({ amount }: TaskAbout['goesIn'][number]): number | undefined {
  const [, n, unit] = /^([\d.]+) (kg|g)$/.exec(amount) ?? [];
  return n === undefined ? undefined : Number(n) * (unit === 'kg' ? 1000 : 1);
}

/** What was swapped in for a line since the run began, with its amount for the whole batch. */
function standsIn(batch: ScaledBatchView | undefined, into: TaskAbout['goesIn'][number]): string | undefined {
  const line = batch?.scaled.lines.find((each) => each.line.id === into.line);
  return line && line.food.name !== into.food
    ? `${line.food.name}, ${show(line.amount.value)} for the batch`
    : undefined;
}
