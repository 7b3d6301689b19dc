import { namedId } from '@kestrel-ridge/core/food';
import { demoCommands } from './demoCommands.ts';

/** Which kitchen the demo is. */
export const DEMO_KITCHEN = namedId('kitchen:Windgate Hut');

/**
 * Loads the demo through the same commands that the screens send, and only into a server without any kitchen. Each command's key is made from its name:
 * a loading that was cut short goes on where it stopped.
 */
export async function loadDemo(server: string, now: Date): Promise<boolean> {
  const kitchens = (await (await fetch(`${server}/api/kitchens`)).json()) as { id: string }[];
  if (kitchens.some((kitchen) => kitchen.id !== DEMO_KITCHEN)) return false;
  const last = await fetch(`${server}/api/kitchens/${DEMO_KITCHEN}/week`);
  if (kitchens.length > 0 && last.ok && ((await last.json()) as { batches: unknown[] }).batches.length > 0)
    return false;

  for (const { method, path, name, body } of demoCommands(DEMO_KITCHEN, now)) {
    const response = await fetch(`${server}/api${path}`, {
      method,
      headers: { 'content-type': 'application/json', 'idempotency-key': namedId(`demo:${name}`) },
      body: JSON.stringify(body),
    });
    if (response.ok) continue;
    const problem = await response.text();
    // Done on a day before, when its days were others.
    if (problem.includes('"key reused"')) continue;
    throw new Error(`The demo stopped at "${name}": ${problem}`);
  }
  return true;
}
