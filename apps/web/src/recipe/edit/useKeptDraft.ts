import type { Revision } from '@kestrel-ridge/core/recipe';
import { useCallback, useState } from 'react';
import { asRecord, keep, readKept } from '../../parts/kept.ts';

const keyOf = (recipe: string | undefined, number: number): string => `draft ${recipe ?? 'new'} ${number}`;

/** A draft as it was typed: it may be unfinished, so only what the editor needs to draw it is asked for. */
export function readDraft(value: unknown): Revision | undefined {
  const draft = asRecord(value);
  const lists = [draft?.['lines'], draft?.['steps'], draft?.['uses']];
  if (typeof draft?.['name'] !== 'string' || !asRecord(draft['component']) || !lists.every(Array.isArray))
    return undefined;
  const [lines, steps] = lists as readonly unknown[][];
  const whole =
    lines?.every((line) => asRecord(asRecord(line)?.['amount']) && Array.isArray(asRecord(line)?.['into'])) &&
    steps?.every((step) => typeof asRecord(step)?.['name'] === 'string' && Array.isArray(asRecord(step)?.['after']));
  return whole ? (draft as unknown as Revision) : undefined;
}

/**
 * What was typed over a recipe and not kept yet: it lies on this device, so that a crash or a reload loses nothing. It belongs to the revision that it was begun on.
 */
export function useKeptDraft(recipe: { readonly id: string; readonly number: number } | undefined) {
  const key = keyOf(recipe?.id, recipe?.number ?? 0);
  const [found] = useState(() => readKept(key, readDraft));
  const forget = useCallback(() => localStorage.removeItem(key), [key]);
  const save = useCallback((draft: Revision) => keep(key, draft), [key]);
  return { found, forget, save };
}
