/** Asks the browser to keep the app and what it last knew, where it may: on this machine, or over https. */
export function keepOffline(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  // A refusal is no fault: the app works as it did, with the network.
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
