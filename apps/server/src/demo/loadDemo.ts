import { namedId } from '@kestrel-ridge/core/food';
import { setServerClock } from '../command/clock.ts';
import { demoCommands } from './demoCommands.ts';
import { hutBegan, loadHutPast } from './hutPast.ts';
import { ask, send } from './send.ts';

/** Which kitchen the demo is. */
export const DEMO_KITCHEN = namedId('kitchen:Windgate Hut');

/**
 * Loads the demo through the same commands that the screens send, and only into a server without any kitchen. `past`: with the weeks behind it, for which this server lives
 * through them: nobody else may use it meanwhile.
 */
export async function loadDemo(server: string, now: Date, past = false): Promise<boolean> {
  const kitchens = await ask<{ id: string }[]>(server, '/kitchens');
  if (kitchens.some((kitchen) => kitchen.id !== DEMO_KITCHEN)) return false;
  if (kitchens.length > 0) {
    const { batches } = await ask<{ batches?: { status: string }[] }>(server, `/kitchens/${DEMO_KITCHEN}/week`);
    if (batches?.some(({ status }) => status === 'planned')) return false;
  }
  const { standing, today } = demoCommands(DEMO_KITCHEN, now, past);
  const began = Date.now();
  // What was cut short has as much of a past as it got.
  const lives = past && kitchens.length === 0;
  try {
    if (lives) setServerClock(hutBegan(now));
    for (const command of standing) await send(server, command);
    if (lives) await loadHutPast(server, DEMO_KITCHEN, now);
  } finally {
    if (lives) setServerClock(new Date(now.getTime() + Date.now() - began));
  }
  for (const command of today) await send(server, command);
  return true;
}
