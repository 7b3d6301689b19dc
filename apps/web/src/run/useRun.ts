import { SECOND_MS, type Moment } from '@kestrel-ridge/core/quantity';
import {
  asCooked,
  foldRun,
  projectRun,
  type CookedRun,
  type RunEvent,
  type RunFact,
  type RunView,
} from '@kestrel-ridge/core/run';
import type { RunState } from '@kestrel-ridge/core/formats';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { taskWords } from '../app/taskWords.ts';
import { useCommandMutation, useKitchenQuery, useRunQuery } from '../api/api.ts';
import { newId } from '../parts/newId.ts';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import { useAway } from '../app/line/useAway.ts';
import { useKitchenId } from '../app/useKitchenId.ts';
import { deviceId, nextSequence } from './device.ts';
import { runNow } from './runClock.ts';
import { dropTaps, keepTap, keptTaps, onOtherTabs } from './keptTaps.ts';
import { sendTaps } from './sendTaps.ts';
import { answered, tapped, tapsKept } from './runOutboxSlice.ts';

const NONE: readonly RunEvent[] = [];
const SEND_AGAIN_MS = 3000;

/** The moment, once a second: every clock on the screen is derived from it. */
export function useNow(run: string | undefined): number {
  const [real, setReal] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setReal(Date.now()), SECOND_MS);
    return () => clearInterval(timer);
  }, []);
  return runNow(run, real);
}

export interface LiveRun {
  readonly run: RunState;
  /** As it goes: with what was added, dropped and given to somebody. */
  readonly cooked: CookedRun;
  readonly view: RunView;
  readonly now: Moment;
  /** What happened, in the order in which it did. */
  readonly tap: (...what: readonly RunFact[]) => void;
  /** Taps that the server does not have yet. */
  readonly waiting: number;
  readonly lastDone: string | undefined;
  /** All that was tapped, here and elsewhere. */
  readonly events: readonly RunEvent[];
}

/**
 * A session's run: what the server has and what this device has tapped since, folded together.
 * Always: a tap shows at once; it is kept on the device until the server has it; sent twice it counts once.
 */
export function useRun(
  session: string | undefined,
):
  | { readonly state: 'loading' }
  | { readonly state: 'away'; readonly error: unknown }
  | { readonly state: 'none' }
  | ({ readonly state: 'on' } & LiveRun) {
  const kitchen = useKitchenId();
  const { data, error, refetch } = useRunQuery({ kitchen, session: session ?? '' }, { skip: !session });
  const away = useAway(error);
  const dispatch = useAppDispatch();
  const outbox = useAppSelector((state) => state.runOutbox.pending);
  const [command] = useCommandMutation();
  const sending = useRef(false);
  const known = data?.run ?? undefined;
  const run = useMemo(() => known && { ...known, about: taskWords(known.about) }, [known]);
  const training = useKitchenQuery(kitchen).data?.equipment.simulatedDevices ?? false;
  const clock = useNow(run?.id);
  const pending = (run && outbox[run.id]) ?? NONE;
  const events = useMemo(() => [...(run?.events ?? NONE), ...pending], [run, pending]);

  // In the trainer one device may be ahead: the time of a run is never before what has happened in it.
  const now = training ? Math.max(clock, ...events.map(({ at }) => at)) : clock;

  useEffect(() => {
    dispatch(tapsKept(keptTaps()));
    return onOtherTabs((taps) => void dispatch(tapsKept(taps)));
  }, [dispatch]);

  useEffect(() => {
    if (!run || pending.length === 0) return;
    const send = async () => {
      if (sending.current) return;
      sending.current = true;
      const answer = await sendTaps(pending, (body) =>
        command({ path: `kitchens/${kitchen}/runs/${run.id}/events`, method: 'POST', body, key: newId(), touches: [] }),
      );
      if (answer) {
        const taken = [...answer.kept, ...answer.had];
        // Fetched before the taps leave the outbox: nothing flickers back. `refetch` joins a fetch that is under way, which may have set out before they arrived.
        const fetched = async () => new Set((await refetch()).data?.run?.events.map(({ id }) => id));
        let has = await fetched();
        if (!taken.every((id) => has.has(id))) has = await fetched();
        // What the page has from the server, or the server will never take, leaves the device; the rest is sent again, and counts once.
        const shown = (id: string) => has.has(id);
        const leaving = { ...answer, kept: answer.kept.filter(shown), had: answer.had.filter(shown) };
        dropTaps([...leaving.kept, ...leaving.had, ...leaving.refused.map(({ id }) => id)]);
        dispatch(answered({ run: run.id, taken: leaving }));
      }
      sending.current = false;
    };
    void send();
    const again = setInterval(() => void send(), SEND_AGAIN_MS);
    return () => clearInterval(again);
  }, [command, dispatch, kitchen, pending, refetch, run]);

  const tap = useCallback(
    (...facts: readonly RunFact[]) => {
      if (!run) return;
      const seen = Math.max(0, ...events.map((event) => event.clock));
      facts.forEach((what, n) => {
        const made = {
          run: run.id,
          event: {
            id: newId(),
            device: deviceId(),
            deviceSeq: nextSequence(),
            clock: seen + 1 + n,
            at: Math.round(training ? Math.max(runNow(run.id), ...events.map(({ at }) => at)) : runNow(run.id)),
            what,
          },
        };
        // On the device first, so that nothing that happens to the page loses it.
        dispatch(tapped({ ...made, stored: keepTap(made) }));
      });
    },
    [dispatch, events, run, training],
  );

  const facts = useMemo(() => foldRun(events), [events]);
  const cooked = useMemo(
    () => (run ? asCooked({ ...run, startedAt: Date.parse(run.startedAt) }, facts) : undefined),
    [run, facts],
  );
  const view = useMemo(
    () => (cooked ? projectRun(cooked.problem, cooked.plan, cooked.startedAt, cooked.facts, now) : undefined),
    [cooked, now],
  );
  const lastDone = useMemo(
    () =>
      [...facts]
        .filter(([, fact]) => fact.doneAt !== undefined)
        .sort((a, b) => (b[1].doneAt ?? 0) - (a[1].doneAt ?? 0))[0]?.[0],
    [facts],
  );

  if (!session || data?.run === null) return { state: 'none' };
  if (run && cooked && view)
    return { state: 'on', run, cooked, view, now, tap, waiting: pending.length, lastDone, events };
  if (away) return { state: 'away', error: away };
  return { state: 'loading' };
}
