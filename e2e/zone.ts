/** Where journeys take place: a zone whose clocks change. */
export const ZONE = 'Europe/Berlin';
