import type { BatchState, KitchenState, LotState, RecipeState, WeekState } from '@kestrel-ridge/core/formats';
import { bookFoodId } from '@kestrel-ridge/core/food';
import type { KitchenServer } from './kitchenServer.ts';

/** What tests look up in the demo kitchen again and again. */
export function lookUp(server: () => KitchenServer) {
  const at = () => `kitchens/${server().kitchen}`;
  const lots = async () => (await server().get<LotState[]>(`${at()}/lots`)).body;
  const week = async () => (await server().get<WeekState>(`${at()}/week`)).body;
  const lotOf = async (food: string) => {
    const found = (await lots()).find((lot) => lot.food === bookFoodId(food));
    if (!found) throw new Error(`no ${food}`);
    return found;
  };
  const batchOf = async (recipe: string): Promise<BatchState> => {
    const { body: recipes } = await server().get<RecipeState[]>(`${at()}/recipes`);
    const batch = (await week()).batches.find((each) => each.recipe === recipes.find((r) => r.name === recipe)?.id);
    if (!batch) throw new Error(`no ${recipe}`);
    return batch;
  };
  const placeOf = async (kind: string): Promise<string> => {
    const { body } = await server().get<KitchenState>(at());
    return body.places.find((place) => place.kind === kind)?.id ?? '';
  };
  /** The law of the ledger, looked up behind the server's back. */
  const ledgerHolds = async () => {
    const broken = await server().sql(
      `SELECT lot.id FROM lot LEFT JOIN movement m ON m.kitchen = lot.kitchen AND m.lot = lot.id GROUP BY lot.kitchen, lot.id, lot.on_hand HAVING coalesce(sum(m.amount), 0) <> lot.on_hand`,
    );
    expect(broken).toEqual([]);
  };
  return { lots, week, lotOf, batchOf, placeOf, ledgerHolds };
}
