import type { Equipment, OwnLine } from '@kestrel-ridge/core/kitchen';
import { foodFigureOf, goingBy, type FigureKey, type SeenAs } from '@kestrel-ridge/core/learn';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { useCommand } from '../app/useCommand.ts';
import { useSetOwnFigure } from '../app/useSetOwnFigure.ts';
import { newId } from '../parts/newId.ts';

const TOUCHES = ['run'] as const;

/** What a cook may say of what is learned: go by it, take one sighting out, begin anew. All of it can be taken back. */
export function useSaysOfLearned({ kitchen }: Pick<KitchenView, 'kitchen'>) {
  const send = useCommand();
  const setFigure = useSetOwnFigure();
  const unsaid = (id: string) => ({ path: `learned/said/${id}/back`, body: {}, touches: TOUCHES });
  const withEquipment = (equipment: Equipment) =>
    send({
      path: '',
      method: 'PUT',
      body: { name: kitchen.name, equipment, version: kitchen.version },
      touches: ['kitchen', 'week'],
    });
  return {
    /** Several figures at once: those of foods with their foods, all others with the kitchen, in one go. */
    goByAll: async (figures: readonly { readonly key: FigureKey; readonly own: OwnLine }[]) => {
      const equipment = figures.reduce((all, { key, own }) => goingBy(all, key, own), kitchen.equipment);
      if (equipment !== kitchen.equipment && !(await withEquipment(equipment)).ok) return;
      for (const { key, own } of figures) {
        const ofFood = foodFigureOf(key);
        if (ofFood) await setFigure(ofFood.food, ofFood.figure, own.value, 'quiet');
      }
    },
    goBy: (key: FigureKey, figure: OwnLine | undefined) => {
      const ofFood = foodFigureOf(key);
      if (ofFood) return setFigure(ofFood.food, ofFood.figure, figure?.value);
      return withEquipment(goingBy(kitchen.equipment, key, figure));
    },
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
