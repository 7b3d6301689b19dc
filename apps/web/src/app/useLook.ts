import { useCallback, useSyncExternalStore } from 'react';

/** Whether something holds of the device, also when that changes. */
function useMedia(query: string): boolean {
  const subscribe = useCallback(
    (told: () => void) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', told);
      return () => media.removeEventListener('change', told);
    },
    [query],
  );
  return useSyncExternalStore(subscribe, () => window.matchMedia(query).matches);
}

/** Light or dark, as the device is set. */
export const useLook = (): 'light' | 'dark' => (useMedia('(prefers-color-scheme: dark)') ? 'dark' : 'light');

/** A device that is touched, and not pointed at. */
export const useTouched = (): boolean => useMedia('(pointer: coarse)');
