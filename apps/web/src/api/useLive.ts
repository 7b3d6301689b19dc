import { useEffect, useState } from 'react';
import type { Topic } from '@kestrel-ridge/core/formats';
import { useAppDispatch } from '../app/store.ts';
import { api } from './api.ts';

/** Hears from the server what has changed, and lets just that be fetched again. Tells whether the line is up. */
export function useLive(kitchen: string): 'connected' | 'away' {
  const dispatch = useAppDispatch();
  const [line, setLine] = useState<'connected' | 'away'>('connected');
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
      const { touches } = JSON.parse(data) as { touches: Topic[] };
      if (touches.length > 0) dispatch(api.util.invalidateTags(touches));
    };
    return () => source.close();
  }, [dispatch, kitchen]);
  return line;
}
