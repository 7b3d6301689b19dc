import { HOUR_MS, type Moment } from '../quantity/index.ts';

/** When a session begins that has to be made for dishes that are added: the next full hour; ms. */
export const nextSessionAt = (now: Moment): Moment => Math.ceil(now / HOUR_MS) * HOUR_MS;
