import type { Milliseconds } from '@kestrel-ridge/core/quantity';
import { useEffect, useState } from 'react';
import { EVERYTHING, api } from '../../api/api.ts';
import { setDeviceOff } from '../../parts/appNow.ts';
import { useAppDispatch } from '../store.ts';
import { shareStream } from './sharedStream.ts';
import type { Line } from './stream.ts';

/** A message takes a moment, and clocks differ by seconds: less than that is no wrong clock. */
const OFF_FROM_MS = 90_000;
const offBy = (ms: Milliseconds): number => (Math.abs(ms) < OFF_FROM_MS ? 0 : Math.round(ms / 1000) * 1000);

export interface Live {
  readonly line: Line;
  /** By how much this device's clock is wrong. */
  readonly offMs: Milliseconds;
  /** The server serves other pages than those that are open. */
  readonly newer: boolean;
}

/** Hears from the server what has changed, and lets just that be fetched again. */
export function useLive(kitchen: string): Live {
  const dispatch = useAppDispatch();
  const [line, setLine] = useState<Line>('connected');
  const [offMs, setOff] = useState(0);
  const [newer, setNewer] = useState(false);
  useEffect(() => {
    let first: string | undefined;
    return shareStream(`/api/kitchens/${kitchen}/live`, {
      line(now, missed) {
        setLine(now);
        // What changed while nobody heard it was told to nobody.
        if (now === 'connected' && missed) dispatch(api.util.invalidateTags([...EVERYTHING]));
      },
      told({ touches, now, build }) {
        const ms = offBy(Date.parse(now) - Date.now());
        setDeviceOff(ms);
        setOff(ms);
        first ??= build;
        if (build !== first) setNewer(true);
        if (touches.length > 0) dispatch(api.util.invalidateTags([...touches]));
      },
    });
  }, [dispatch, kitchen]);
  return { line, offMs, newer };
}
