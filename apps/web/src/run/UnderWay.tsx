import { handsBusy } from '@kestrel-ridge/core/schedule';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { clockAt } from '../parts/times.ts';
import { Ridge } from '../session/Ridge.tsx';
import './underWay.css';
import { useRun } from './useRun.ts';
import { counted } from '@kestrel-ridge/core/quantity';

/** The run that is under way, in small: how far it is and when it ends, as the run itself says. */
export default function UnderWay({ session, zone }: { session: string; zone: string }) {
  const live = useRun(session);
  const run = live.state === 'on' ? live.run : undefined;
  const busy = useMemo(() => (run ? handsBusy(run.problem, run.plan) : []), [run]);
  if (live.state !== 'on') return null;
  const { view } = live;
  const done = view.tasks.filter(({ status }) => status === 'done').length;
  return (
    <Link to="/cook/run" className="under-way">
      <span className="soft">
        {done} of {counted(view.tasks.length, 'step')} done
      </span>
      <Ridge busy={busy} box={{ widthPx: 460, heightPx: 92 }} label="How busy the hands are over the run" />
      <span className="under-way-ends">
        <span>began {clockAt(Date.parse(live.run.startedAt), zone)}</span>
        <span>{view.finished ? 'ended' : `ends ${clockAt(view.endsAt, zone)}`}</span>
      </span>
    </Link>
  );
}
