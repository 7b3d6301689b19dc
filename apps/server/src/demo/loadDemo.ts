import { namedId } from '@kestrel-ridge/core/food';
import { demoCommands } from './demoCommands.ts';
import { hutBegan, loadHutPast } from './hutPast.ts';
import { ask, send } from './send.ts';

/** Which kitchen the demo is. */
export const DEMO_KITCHEN = namedId('kitchen:Windgate Hut');
const NAME = 'Windgate Hut';

/**
 * Loads the demo through the same commands that the screens send, and only into a server without any kitchen. `past`: with the weeks behind it, each of which is lived through in
 * its own time.
 */
export async function loadDemo(server: string, now: Date, past = false): Promise<boolean> {
  const kitchens = await ask<{ id: string }[]>(server, '/kitchens');
  if (kitchens.some((kitchen) => kitchen.id !== DEMO_KITCHEN)) return false;
  if (kitchens.length > 0) {
    const { batches } = await ask<{ batches?: { status: string }[] }>(server, `/kitchens/${DEMO_KITCHEN}/week`);
    if (batches?.some(({ status }) => status === 'planned')) return false;
  }
  // What was cut short has as much of a past as it got.
  await liveThrough(server, DEMO_KITCHEN, NAME, now, { past, anew: kitchens.length === 0 });
  return true;
}

/** One more hut beside the kitchens that are there, with its weeks behind it: as it is on the first day, whatever became of the one before. */
export async function openHut(server: string, kitchen: string, now: Date): Promise<void> {
  const kitchens = await ask<{ id: string; name: string }[]>(server, '/kitchens');
  const huts = kitchens.filter(({ id, name }) => id !== kitchen && name.startsWith(NAME)).length;
  const name = huts === 0 ? NAME : `${NAME} ${huts + 1}`;
  await liveThrough(server, kitchen, name, now, { past: true, anew: true });
}

async function liveThrough(
  server: string,
  kitchen: string,
  name: string,
  now: Date,
  { past, anew }: { readonly past: boolean; readonly anew: boolean },
): Promise<void> {
  const { standing, today } = demoCommands(kitchen, name, now, past);
  const began = past && anew ? hutBegan(now) : undefined;
  for (const command of standing) await send(server, command, began);
  if (began) await loadHutPast(server, kitchen, now);
  for (const command of today) await send(server, command);
}
