import type { SessionState } from '@kestrel-ridge/core/formats';
import { MINUTE_MS, type Clash } from '@kestrel-ridge/core/quantity';
import { insistOn } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { useKitchenQuery, useWeekQuery } from '../api/api.ts';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import { Notice } from '../parts/Notice.tsx';
import { clockAt } from '../parts/times.ts';
import { clashWords } from './clashWords.ts';
import { useSendWishes } from './useSendWishes.ts';
import { useWishes } from './useWishes.ts';
import { clashesSeen, wishRefusalSeen } from './wishesSlice.ts';

/** Brings to the server what was said of plans, from whichever page, and tells what another device or the server will not have. */
export function SendWishes({ kitchen }: { kitchen: string }) {
  const { data: week } = useWeekQuery(kitchen);
  const { data } = useKitchenQuery(kitchen);
  const clashes = useAppSelector((state) => state.wishes.clashes);
  const [refused] = useAppSelector((state) => state.wishes.refused);
  const dispatch = useAppDispatch();
  useSendWishes(week?.sessions);
  const sessions = week?.sessions.filter(({ id }) => clashes[id]) ?? [];
  return (
    <>
      {sessions.map((session) => (
        <SaidTwice
          key={session.id}
          session={session}
          clashes={clashes[session.id] ?? []}
          zone={data?.equipment.zone ?? 'UTC'}
        />
      ))}
      {refused && (
        <Notice className="notice wish-refused">
          What you said of the plan was not taken: {refused.detail}{' '}
          <Button size="small" onClick={() => dispatch(wishRefusalSeen())}>
            Seen
          </Button>
        </Notice>
      )}
    </>
  );
}

function SaidTwice({ session, clashes, zone }: { session: SessionState; clashes: readonly Clash[]; zone: string }) {
  const { wishes, say } = useWishes(session);
  const about = useAppSelector((state) => state.plan.result?.unsaid.about);
  const dispatch = useAppDispatch();
  const seen = () => dispatch(clashesSeen(session.id));
  const clock = (minute: number) => clockAt(Date.parse(session.startsAt) + minute * MINUTE_MS, zone);
  return (
    <Notice className="notice said-twice">
      Another device said otherwise of the plan meanwhile:{' '}
      {clashes.map((clash) => clashWords(clash, clock, (id) => about?.[id]?.name)).join('; ')}. What it said holds.{' '}
      <Button
        size="small"
        onClick={() => {
          say(insistOn(wishes, clashes));
          seen();
        }}
      >
        Use mine
      </Button>{' '}
      <Button size="small" onClick={seen}>
        Leave it
      </Button>
    </Notice>
  );
}
