import { appNow } from '../parts/appNow.ts';
import { useEffect, useState } from 'react';

const MINUTE = 60_000;

/** The present, anew each minute. */
export function useMinute(): number {
  const [now, setNow] = useState(() => appNow());
  useEffect(() => {
    const timer = setInterval(() => setNow(appNow()), MINUTE);
    return () => clearInterval(timer);
  }, []);
  return now;
}
