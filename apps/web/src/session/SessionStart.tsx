import { LIMITS, type SessionState } from '@kestrel-ridge/core/formats';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useChangeSession } from './useChangeSession.ts';
import { Stepper } from '../parts/Stepper.tsx';
import { localMoment, momentOf, MINUTE_MS } from '@kestrel-ridge/core/quantity';

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
        <Input
          type="datetime-local"
          aria-label="Start of the session"
          value={when}
          onChange={(event) => setWhen(event.target.value)}
          status={ms === undefined ? 'error' : ''}
        />
      </label>
      <label>
        <span className="soft">or done by</span>
        <Input
          type="datetime-local"
          aria-label="Done by"
          value={ms === undefined ? '' : localMoment(ms + takes * MINUTE_MS, zone)}
          onChange={(event) => {
            const end = momentOf(event.target.value, zone);
            if (end !== undefined) setWhen(localMoment(end - takes * MINUTE_MS, zone));
          }}
        />
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
