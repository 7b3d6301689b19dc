import type { Milliseconds } from '@kestrel-ridge/core/quantity';
import { useEffect, useState } from 'react';
import type { Topic } from '@kestrel-ridge/core/formats';
import { useAppDispatch } from './store.ts';
import { setDeviceOff } from '../parts/appNow.ts';
import { api } from '../api/api.ts';

/** A message takes a moment, and clocks differ by seconds: less than that is no wrong clock. */
const OFF_FROM_MS = 90_000;
const offBy = (ms: Milliseconds): number => (Math.abs(ms) < OFF_FROM_MS ? 0 : Math.round(ms / 1000) * 1000);

/** Hears from the server what has changed, and lets just that be fetched again. Tells whether the line is up, and by how much this device's clock is wrong. */
export function useLive(kitchen: string): { readonly line: 'connected' | 'away'; readonly offMs: Milliseconds } {
  const dispatch = useAppDispatch();
  const [line, setLine] = useState<'connected' | 'away'>('connected');
  const [offMs, setOff] = useState(0);
  useEffect(() => {
    let missed = false;
    const source = new EventSource(`/api/kitchens/${kitchen}/live`);
    source.onopen = () => {
      setLine('connected');
      // What changed while the line was down was told to nobody.
      if (missed) dispatch(api.util.invalidateTags(['kitchen', 'shelf', 'recipes', 'week', 'run']));
      missed = false;
    };
    source.onerror = () => {
      missed = true;
      setLine('away');
    };
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const { touches, now } = JSON.parse(data) as { touches: Topic[]; now: string };
      const offMs = offBy(Date.parse(now) - Date.now());
      setDeviceOff(offMs);
      setOff(offMs);
      if (touches.length > 0) dispatch(api.util.invalidateTags(touches));
    };
    return () => source.close();
  }, [dispatch, kitchen]);
  return { line, offMs };
}
