import { againstPlan, goneBy, type Pace } from '@kestrel-ridge/core/learn';
import { MINUTE_MS, type Moment, type SessionMinute } from '@kestrel-ridge/core/quantity';
import { BOOK_PACE, type Rehearsal } from '@kestrel-ridge/core/schedule';
import type { Wishes } from '@kestrel-ridge/core/session';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { useLearnedQuery } from '../api/api.ts';
import { clockAt } from '../parts/times.ts';
import { paceWords } from './paceWords.ts';
import { trier } from './planner.ts';
import type { PlanResult } from './planSlice.ts';
import { spreadsOf, type KitchenView } from '@kestrel-ridge/core/view';

/** What is said of a finish: so many runs are done by then. */
const MOST = 0.8;
/** The bars of the picture. */
const BINS = 12;

/** The day cooked many times over on paper: by when it is done, and which step decides. */
export function Rehearse({
  view,
  result,
  startMs,
  zone,
  wishes,
  say,
}: {
  view: KitchenView;
  result: PlanResult;
  startMs: Moment;
  zone: string;
  wishes: Wishes;
  say: (next: Wishes) => void;
}) {
  const [found, setFound] = useState<{ readonly of: PlanResult; readonly rehearsal: Rehearsal }>();
  const [busy, setBusy] = useState(false);
  const { data: learned } = useLearnedQuery(view.kitchen.id);
  const hands = learned?.figures.find(({ key }) => key.kind === 'hands');
  const pace: Pace = hands?.pace
    ? againstPlan(hands.pace, goneBy(view.kitchen.equipment, hands.key).value)
    : { ...BOOK_PACE, sessions: 0, steps: 0 };
  const { tasks, plan } = result;
  const clock = (minute: SessionMinute) => clockAt(startMs + minute * MINUTE_MS, zone);
  const go = async () => {
    setBusy(true);
    const rehearsal = await trier().rehearse(tasks.problem, plan, spreadsOf(tasks), pace);
    setFound({ of: result, rehearsal });
    setBusy(false);
  };
  const rehearsal = found?.of === result ? found.rehearsal : undefined;
  const runs = rehearsal?.finishes.length ?? 0;
  const at = (share: number) => rehearsal?.finishes[Math.min(runs - 1, Math.ceil(runs * share) - 1)] ?? 0;
  const dishes = Object.entries(rehearsal?.dishes ?? {}).sort(([, a], [, b]) => (a.at(-1) ?? 0) - (b.at(-1) ?? 0));
  const least = rehearsal?.finishes[0] ?? 0;
  const span = Math.max(1, (rehearsal?.finishes.at(-1) ?? 0) - least + 1);
  const bins = Array.from(
    { length: BINS },
    (_, n) => rehearsal?.finishes.filter((finish) => Math.floor(((finish - least) / span) * BINS) === n).length ?? 0,
  );
  return (
    <section className="rehearse" aria-label="Rehearsal">
      <h2>Rehearsal</h2>
      <Checkbox
        checked={wishes.steady ?? false}
        onChange={({ target }) => {
          const { steady: _was, ...rest } = wishes;
          say(target.checked ? { ...rest, steady: true } : rest);
        }}
      >
        rather a plan that holds when things take longer
      </Checkbox>
      {!rehearsal ? (
        <>
          <p className="soft">The day, cooked 200 times with quick and slow steps. {paceWords(pace)}</p>
          <Button loading={busy} onClick={() => void go()}>
            Rehearse it
          </Button>
        </>
      ) : (
        <>
          <p className="rehearse-most">
            Done by <strong>{clock(at(MOST))}</strong> in 8 of 10
          </p>
          <div className="rehearse-bars" aria-hidden="true">
            {bins.map((count, n) => (
              <i key={n} style={{ height: `${(count / Math.max(1, ...bins)) * 100}%` }} />
            ))}
          </div>
          <p className="rehearse-ends soft">
            <span>{clock(least)}</span>
            <span>{clock(at(1))}</span>
          </p>
          {dishes.length > 1 && (
            <dl className="rehearse-dishes">
              {dishes.map(([dish, ends]) => (
                <div key={dish}>
                  <dt>{dish}</dt>
                  <dd className="number">{clock(ends[Math.ceil(runs * MOST) - 1] ?? 0)}</dd>
                </div>
              ))}
            </dl>
          )}
          <p className="soft">{paceWords(pace)}</p>
          {rehearsal.matters.length > 0 && (
            <p>
              What decides:{' '}
              {rehearsal.matters
                .slice(0, 3)
                .map(({ task, minutes }) => `${tasks.about[task]?.name ?? ''} (${Math.round(minutes)} min)`)
                .join('; ')}
              .
            </p>
          )}
          {rehearsal.waitedTooLong > 0 && (
            <p className="soft">
              In {Math.round((rehearsal.waitedTooLong / runs) * 10)} of 10 something waits longer than it should.
            </p>
          )}
        </>
      )}
    </section>
  );
}
