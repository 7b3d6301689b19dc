import { dayAt, SECOND_MS } from '@kestrel-ridge/core/quantity';
import { useEffect } from 'react';
import { EVERYTHING, api, useKitchenQuery } from '../api/api.ts';
import { appNow } from '../parts/appNow.ts';
import { useAppDispatch } from './store.ts';

const LOOK_MS = 20 * SECOND_MS;

/** A page that is open over midnight turns with the kitchen: once its day is another one than what is shown, all that hangs on the day is fetched anew. */
export function useTurnOfDay(kitchen: string): void {
  const dispatch = useAppDispatch();
  const { data } = useKitchenQuery(kitchen);
  const today = data?.today;
  const zone = data?.equipment.zone;
  useEffect(() => {
    if (today === undefined || zone === undefined) return undefined;
    const look = () => {
      if (dayAt(new Date(appNow()), zone) > today) dispatch(api.util.invalidateTags([...EVERYTHING]));
    };
    const timer = setInterval(look, LOOK_MS);
    // A tablet that slept over midnight is looked at before its timers go again.
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [today, zone, dispatch]);
}
