/** What two have changed to different things. */
export interface Clash {
  /** Names of the fields, from the outside in: `['pins', 'boil']`. */
  readonly at: readonly string[];
  readonly mine: unknown;
  readonly now: unknown;
}

export interface Rebased<T> {
  readonly value: T;
  readonly clashes: readonly Clash[];
}

/** Lists are sets that each may add to and take from, or wholes whose places belong together. */
export type Lists = 'sets' | 'wholes';

/**
 * What one has changed of `base` (`mine`), laid over what others have made of it meanwhile (`now`). Fields that only one has changed are as that one said; where both said
 * something else, what is there now holds, and the clash is told. Plain data only: records, lists, texts, numbers, yes and no.
 * @example rebase({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }, 'sets') // { value: { a: 2, b: 3 }, clashes: [] }
 */
export function rebase<T>(base: T, mine: T, now: T, lists: Lists): Rebased<T> {
  const clashes: Clash[] = [];
  const value = merged(base, mine, now, [], lists, clashes) as T;
  return { value, clashes };
}

function merged(
  base: unknown,
  mine: unknown,
  now: unknown,
  at: readonly string[],
  lists: Lists,
  clashes: Clash[],
): unknown {
  if (sameData(mine, base)) return now;
  if (sameData(now, base) || sameData(mine, now)) return mine;
  // A field that was not there may have been begun by both.
  const from = base ?? (isRecord(mine) ? {} : Array.isArray(mine) ? [] : base);
  if (isRecord(from) && isRecord(mine) && isRecord(now)) return mergedRecord(from, mine, now, at, lists, clashes);
  if (Array.isArray(from) && Array.isArray(mine) && Array.isArray(now)) {
    if (lists === 'sets') return mergedSet(from, mine, now);
    if (from.length === mine.length && from.length === now.length)
      return now.map((each, n) => merged(from[n], mine[n], each, [...at, `${n}`], lists, clashes));
  }
  clashes.push({ at, mine, now });
  return now;
}

function mergedRecord(
  base: Readonly<Record<string, unknown>>,
  mine: Readonly<Record<string, unknown>>,
  now: Readonly<Record<string, unknown>>,
  at: readonly string[],
  lists: Lists,
  clashes: Clash[],
): Record<string, unknown> {
  const names = new Set([...Object.keys(now), ...Object.keys(mine)]);
  return Object.fromEntries(
    [...names].flatMap((name) => {
      const each = merged(base[name], mine[name], now[name], [...at, name], lists, clashes);
      return each === undefined ? [] : [[name, each]];
    }),
  );
}

function mergedSet(base: readonly unknown[], mine: readonly unknown[], now: readonly unknown[]): readonly unknown[] {
  const has = (list: readonly unknown[], each: unknown) => list.some((other) => sameData(other, each));
  const gone = base.filter((each) => !has(mine, each));
  const added = mine.filter((each) => !has(base, each) && !has(now, each));
  return [...now.filter((each) => !has(gone, each)), ...added];
}

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Do two hold the same, in whatever order their fields stand? What is undefined is not there. */
export function sameData(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((each, n) => sameData(each, b[n]));
  if (!isRecord(a) || !isRecord(b)) return false;
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((name) => sameData(a[name], b[name]));
}
