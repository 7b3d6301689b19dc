import { counted } from '@kestrel-ridge/core/quantity';

/** What the line above a page says of things that could not be understood. */
export const leftOutWords = (things: number): string =>
  things > 1 ? `${counted(things, 'thing')} are left out.` : 'Something is left out.';

/** What is not known yet of changes that nobody has answered. */
export const notKnownWords = (changes: number): string =>
  `${changes === 1 ? 'Of one change' : `Of ${counted(changes, 'change')}`} it is not known yet whether the server has it. It is asked again by itself, also when this page is opened anew; nothing is done twice.`;
