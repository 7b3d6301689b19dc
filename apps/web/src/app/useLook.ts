import { useSyncExternalStore } from 'react';

const query = '(prefers-color-scheme: dark)';
const subscribe = (told: () => void) => {
  const media = window.matchMedia(query);
  media.addEventListener('change', told);
  return () => media.removeEventListener('change', told);
};

/** Light or dark, as the device is set. */
export const useLook = (): 'light' | 'dark' =>
  useSyncExternalStore(subscribe, () => window.matchMedia(query).matches) ? 'dark' : 'light';
