/**
 * What this device has kept under a name, as `read` understands it. Something else, nothing, or what is no JSON is undefined: what a device keeps is never needed, and may
 * have been written by a page of before.
 */
export function readKept<T>(
  key: string,
  read: (value: unknown) => T | undefined,
  from: Pick<Storage, 'getItem'> = localStorage,
): T | undefined {
  try {
    const text = from.getItem(key);
    return text === null ? undefined : read(JSON.parse(text));
  } catch {
    return undefined;
  }
}

/** Keeps it, where the device has room and leave for it. Answers whether it did. */
export function keep(key: string, value: unknown): boolean {
  try {
    localStorage.setItem(key, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

/* What such readers are made of. */
export const asRecord = (value: unknown): Readonly<Record<string, unknown>> | undefined =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? (value as Readonly<Record<string, unknown>>)
    : undefined;
export const isFigure = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);
export const texts = (value: unknown): readonly string[] =>
  Array.isArray(value) ? value.filter((each): each is string => typeof each === 'string') : [];
