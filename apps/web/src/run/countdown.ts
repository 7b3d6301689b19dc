import type { Milliseconds } from '@kestrel-ridge/core/quantity';
/**
 * Time left as a clock shows it: minutes and seconds below an hour, whole minutes above ten.
 * @example countdown(200_000) // => '3:20'
 */
export function countdown(ms: Milliseconds): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  if (seconds >= 3600)
    return `${Math.floor(seconds / 3600)} h ${String(Math.floor((seconds % 3600) / 60)).padStart(2, '0')}`;
  if (seconds >= 600) return `${Math.ceil(seconds / 60)} min`;
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
