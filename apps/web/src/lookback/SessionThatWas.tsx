import { MINUTE_MS, dayAt } from '@kestrel-ridge/core/quantity';
import type { PastSession } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { clockAt, dateWords, dayName, duration } from '../parts/times.ts';
import { causeWords, causesTold, lateWords } from './lookBackWords.ts';
import { handsBecause, washWords } from './pastFigures.ts';

/** A session against its plan, and what moved its finish. */
export function SessionThatWas({ session, zone }: { session: PastSession; zone: string }) {
  const { doubt, finish, plannedStart, lateness, hands, handsPlanned, names, washes } = session;
  const plannedFinish = finish - lateness.minutes * MINUTE_MS;
  const { told, rest } = causesTold(lateness.causes);
  const day = dayAt(new Date(plannedStart), zone);
  const when = `${dayName(day)} ${dateWords(day)}, ${clockAt(plannedStart, zone)}`;
  return (
    <section aria-label={`Session of ${when}`}>
      <h2>{when}</h2>
      {doubt ? (
        <p className="soft">Nothing is made of its times: {doubt}.</p>
      ) : (
        <>
          <p>
            <b className="number">{lateWords(lateness.minutes)}</b>
            <br />
            <span className="soft">
              done {clockAt(finish, zone)}, planned {clockAt(plannedFinish, zone)}
            </span>
          </p>
          <dl className="past-figures">
            <dt>hands</dt>
            <dd className="number">
              <Why because={handsBecause(session, 'real')}>{duration(hands)}</Why>
            </dd>
            <dt>hands, as planned</dt>
            <dd className="number">
              <Why because={handsBecause(session, 'planned')}>{duration(handsPlanned)}</Why>
            </dd>
            <dt>washes between loads</dt>
            <dd>{washWords(washes)}</dd>
          </dl>
          {(told.length > 0 || rest !== undefined) && (
            <details open>
              <summary>What moved it</summary>
              <ul>
                {told.map((cause) => (
                  <li key={`${cause.task ?? ''} ${cause.cause}`}>{causeWords(cause, names)}</li>
                ))}
                {rest !== undefined && <li className="soft">{rest}</li>}
              </ul>
            </details>
          )}
        </>
      )}
    </section>
  );
}
