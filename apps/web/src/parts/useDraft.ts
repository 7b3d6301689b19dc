import { sameData } from '@kestrel-ridge/core/quantity';
import { useState } from 'react';

export interface Draft<T> {
  readonly draft: T;
  readonly set: (draft: T) => void;
  /** What the draft was begun on: goes along when it is saved. */
  readonly seen: T;
  readonly changed: boolean;
  /** What is there now, where another device has changed it under the draft. */
  readonly there: T | undefined;
  readonly takeThere: () => void;
  readonly keepMine: () => void;
}

/** Something that is typed over before it is saved. Untouched, it follows what is there; touched, it stays as typed, and what is there now is told beside it. */
export function useDraft<T>(now: T): Draft<T> {
  const [{ seen, draft }, setState] = useState({ seen: now, draft: now });
  const changed = !sameData(seen, draft);
  const moved = !sameData(seen, now);
  if (moved && (!changed || sameData(draft, now))) setState({ seen: now, draft: now });
  return {
    draft,
    set: (next) => setState((before) => ({ ...before, draft: next })),
    seen,
    changed,
    there: moved && changed ? now : undefined,
    takeThere: () => setState({ seen: now, draft: now }),
    keepMine: () => setState({ seen: now, draft }),
  };
}
