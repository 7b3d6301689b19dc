import type { OwnLine } from '@kestrel-ridge/core/kitchen';
import { foodFigureOf, ownGoneBy, type FigureKey, type Reading } from '@kestrel-ridge/core/learn';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { useFoodsQuery } from '../api/api.ts';
import { newId } from '../parts/newId.ts';
import { useCommand, type Ask, type Sent } from './useCommand.ts';

export interface GoneByNow {
  readonly key: FigureKey;
  /** Undefined: by the book again. */
  readonly own: OwnLine | undefined;
}

/** Lets plans go by figures of this kitchen's own, or by the book again: all of them, with what was read for it, or none. It can be taken back. */
export function useGoBy({ kitchen, foods }: Pick<KitchenView, 'kitchen' | 'foods'>) {
  const send = useCommand();
  const { data } = useFoodsQuery(kitchen.id);
  return (
    figures: readonly GoneByNow[],
    words: string,
    read: readonly Omit<Reading, 'id' | 'at'>[] = [],
  ): Promise<Sent<{ readonly version: number }>> => {
    const seenOf = (key: FigureKey): number | null => {
      const ofFood = foodFigureOf(key);
      return (ofFood && data?.find(({ id }) => id === ofFood.food)?.own[ofFood.figure]) ?? null;
    };
    const readings = read.map((each) => ({ ...each, id: newId() }));
    const ask = (all: readonly (GoneByNow & { readonly seen: number | null })[], version: number): Ask => ({
      path: 'learned/go-by',
      body: { figures: all.map(({ key, own, seen }) => ({ figure: key, ...(own ? { own } : {}), seen })), version },
      touches: ['kitchen', 'shelf', 'week', 'recipes', 'run'],
    });
    const now = ask(
      figures.map((each) => ({ ...each, seen: seenOf(each.key) })),
      kitchen.version,
    );
    const before = figures.map(({ key, own }) => ({
      key,
      own: ownGoneBy(kitchen.equipment, key, foods),
      seen: foodFigureOf(key) ? (own?.value ?? null) : null,
    }));
    return send<{ readonly version: number }>({
      ...now,
      body: { ...(now.body as object), ...(readings.length > 0 ? { readings } : {}) },
      undo: words,
      back: ({ version }) => [
        ask(before, version),
        ...readings.map(({ id }): Ask => ({ path: `learned/readings/${id}/back`, body: {}, touches: ['run'] })),
      ],
    });
  };
}
