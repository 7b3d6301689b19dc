import { LIMITS, type SessionState } from '@kestrel-ridge/core/formats';
import { Button, Skeleton } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { useChangeSession } from './useChangeSession.ts';
import { Stepper } from '../parts/Stepper.tsx';
import { localMoment, momentOf, MINUTE_MS } from '@kestrel-ridge/core/quantity';

/** The calendar is fetched when it is first shown: a plan is read more often than moved. */
const WhenPicker = lazy(() => import('../parts/WhenPicker.tsx'));

/** When the session starts, and how many cook: changed here, planned again at once. */
export function SessionStart({
  session,
  zone,
  takes,
}: {
  session: SessionState;
  zone: string;
  /** Minutes of the plan: what has to be ready by an hour starts so much earlier. */
  takes: number;
}) {
  const kept = localMoment(Date.parse(session.startsAt), zone);
  const [when, setWhen] = useState(kept);
  const [cooks, setCooks] = useState(session.cooks);
  const change = useChangeSession();
  const changed = when !== kept || cooks !== session.cooks;
  const ms = momentOf(when, zone);
  return (
    <div className="session-start">
      <label>
        <span className="soft">starts</span>
        <Suspense fallback={<Skeleton.Input />}>
          <WhenPicker label="Start of the session" value={ms === undefined ? '' : when} onChange={setWhen} />
        </Suspense>
      </label>
      <label>
        <span className="soft">or done by</span>
        <Suspense fallback={<Skeleton.Input />}>
          <WhenPicker
            label="Done by"
            value={ms === undefined ? '' : localMoment(ms + takes * MINUTE_MS, zone)}
            onChange={(said) => {
              const end = momentOf(said, zone);
              if (end !== undefined) setWhen(localMoment(end - takes * MINUTE_MS, zone));
            }}
          />
        </Suspense>
      </label>
      <label>
        <span className="soft">cooks</span>
        <Stepper label="Cooks" value={cooks} least={LIMITS.cooks[0]} most={LIMITS.cooks[1]} onChange={setCooks} />
      </label>
      {changed && (
        <Button
          disabled={ms === undefined}
          onClick={() => ms !== undefined && void change(session, { startMs: ms, cooks })}
        >
          Keep
        </Button>
      )}
    </div>
  );
}
