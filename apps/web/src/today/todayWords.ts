/** What the picture of the hands is, where it is heard. */
export const busyWords = (long: string, from: string, to: string): string =>
  `How busy the hands are over ${long}, ${from} to ${to}`;
