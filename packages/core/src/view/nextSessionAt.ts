const HOUR = 3_600_000;

/** When a session begins that has to be made for dishes that are added: the next full hour; ms. */
export const nextSessionAt = (now: number): number => Math.ceil(now / HOUR) * HOUR;
