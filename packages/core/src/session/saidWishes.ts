import { rebase, sameData, type Clash } from '../quantity/index.ts';
import type { Wishes } from './wishes.ts';

/** A command on its way: asked again with the same key until it is answered, also after a reload. */
export interface SentWishes {
  readonly key: string;
  readonly wishes: Wishes;
  /** The version that had been seen. */
  readonly version: number;
}

/** What was said of a plan on this device and is not known to be with the server. */
export interface SaidWishes {
  /** What the server had when it was said. */
  readonly base: Wishes;
  readonly wishes: Wishes;
  readonly sent?: SentWishes;
  /** The version that the server's last answer spoke of: what is older has not heard of it. */
  readonly from?: number;
}

/** What the server has of a session. */
export interface WishesThere {
  readonly wishes: Wishes;
  readonly version: number;
}

/** What is to be done about it, given what the server has now. */
export interface Settled {
  /** Undefined: the server has all of it. */
  readonly said: SaidWishes | undefined;
  /** Said otherwise on another device meanwhile: what is there holds, and what was said here is told beside it. */
  readonly clashes: readonly Clash[];
}

/** More is said, on top of what was said and seen. */
export const sayMore = (before: SaidWishes | undefined, seen: Wishes, wishes: Wishes): SaidWishes => ({
  ...(before ?? { base: seen }),
  wishes,
});

/** The server has answered what was sent: it took it, or somebody was first. */
export const answered = ({ base, wishes, sent }: SaidWishes, taken: boolean, version: number): SaidWishes => ({
  base: taken && sent ? sent.wishes : base,
  wishes,
  from: version,
});

/** Nothing can be told yet: an answer is out, or what is at hand is older than the last one. */
export const waits = ({ sent, from = 0 }: SaidWishes, { version }: WishesThere): boolean =>
  sent !== undefined || version < from;

/**
 * Lays what was said here over what the server has by now. What another device said meanwhile stays; where both said otherwise of the same thing, the server's holds.
 * While an answer is out, nobody knows which of it is our own: it waits.
 */
export function settle(said: SaidWishes, there: WishesThere): Settled {
  if (waits(said, there)) return { said, clashes: [] };
  const { value, clashes } = rebase(said.base, said.wishes, there.wishes, 'sets');
  return { said: sameData(value, there.wishes) ? undefined : { base: there.wishes, wishes: value }, clashes };
}

/** Says again what was overruled. What has been said since of other things stays. */
export function insistOn(wishes: Wishes, clashes: readonly Clash[]): Wishes {
  let said: Record<string, unknown> = { ...wishes };
  for (const { at, mine } of clashes) {
    const [field = '', task] = at;
    if (task === undefined) said = withField(said, field, mine);
    else said = withField(said, field, withField((said[field] ?? {}) as Record<string, unknown>, task, mine));
  }
  return said as unknown as Wishes;
}

function withField(of: Record<string, unknown>, name: string, value: unknown): Record<string, unknown> {
  const { [name]: _was, ...others } = of;
  return value === undefined ? others : { ...others, [name]: value };
}
