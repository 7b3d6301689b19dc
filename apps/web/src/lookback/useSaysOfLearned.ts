import type { FigureKey, SeenAs } from '@kestrel-ridge/core/learn';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { useCommand } from '../app/useCommand.ts';
import { useGoBy } from '../app/useGoBy.ts';
import { newId } from '../parts/newId.ts';

const TOUCHES = ['run'] as const;

/** What a cook may say of what is learned: go by it, take one sighting out, begin anew. All of it can be taken back. */
export function useSaysOfLearned(view: Pick<KitchenView, 'kitchen' | 'foods'>) {
  const send = useCommand();
  const unsaid = (id: string) => ({ path: `learned/said/${id}/back`, body: {}, touches: TOUCHES });
  return {
    goBy: useGoBy(view),
    takeOut: ({ figure, run, task, what }: SeenAs, reason: string) => {
      const id = newId();
      return send({
        path: 'learned/taken-out',
        body: { id, figure, run, task, reason },
        touches: TOUCHES,
        undo: `${what} does not count any more`,
        back: () => [unsaid(id)],
      });
    },
    setBack: (figure: FigureKey | undefined, what: string) => {
      const id = newId();
      return send({
        path: 'learned/set-back',
        body: { id, ...(figure ? { figure } : {}) },
        touches: TOUCHES,
        undo: `${what} begins anew`,
        back: () => [unsaid(id)],
      });
    },
    unsay: (id: string) => send(unsaid(id)),
    unsayAll: async (ids: readonly string[]) => {
      for (const id of ids) await send(unsaid(id));
    },
  };
}
