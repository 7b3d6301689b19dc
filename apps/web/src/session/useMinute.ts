import { MINUTE_MS } from '@kestrel-ridge/core/quantity';
import { appNow } from '../parts/appNow.ts';
import { useEffect, useState } from 'react';

/** The present, anew each minute. */
export function useMinute(): number {
  const [now, setNow] = useState(() => appNow());
  useEffect(() => {
    const timer = setInterval(() => setNow(appNow()), MINUTE_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}
