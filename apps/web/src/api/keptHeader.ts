/** On what was kept on this device and is shown in the server's place: set by the service worker, looked for by the pages. */
export const KEPT_HEADER = 'x-kept-on-device';
