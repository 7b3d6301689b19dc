import type { KitchenState, RecipeState, WeekState } from '@kestrel-ridge/core/formats';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { search } from '@kestrel-ridge/core/schedule';
import { expandSession, presentAt, withWishes } from '@kestrel-ridge/core/session';
import type { KitchenServer } from './kitchenServer.ts';

/** A sound plan of the demo's session as it stands, as a browser would make it. */
export async function demoPlan(server: KitchenServer) {
  const at = `kitchens/${server.kitchen}`;
  const { body: kitchen } = await server.get<KitchenState>(at);
  const { body: recipes } = await server.get<RecipeState[]>(`${at}/recipes`);
  const { body: foodStates } = await server.get<{ id: string; name: string; facts: never }[]>(`${at}/foods`);
  const foods = new Map(foodStates.map((food) => [food.id, food]));
  const { batches, sessions } = (await server.get<WeekState>(`${at}/week`)).body;
  const [session] = sessions;
  if (!session) throw new Error('no session');
  const planned = batches
    .filter((batch) => batch.status === 'planned')
    .sort((a, b) => a.id.localeCompare(b.id))
    .map((batch) => ({
      id: batch.id,
      scaled: scaleBatch(
        (recipes.find((r) => r.id === batch.recipe) as RecipeState).document,
        new Fraction(batch.portions),
        foods,
        kitchen.equipment,
      ),
    }));
  const { zone, people } = kitchen.equipment;
  const tasks = withWishes(
    expandSession(session.id, planned, kitchen.equipment, session.cooks),
    session.wishes,
    presentAt(people, session.cooks, Date.parse(session.startsAt), zone),
  );
  return { session, ...tasks, plan: search(tasks.problem, { seed: 1, rounds: 50 }) };
}
