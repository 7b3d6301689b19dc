import { namedId } from '@kestrel-ridge/core/food';
import { livedAt } from '../command/anotherTime.ts';
import type { DemoCommand } from './demoCommands.ts';

/** Asks the server as a page would; `at`: as if it were that moment. */
export const ask = async <T>(server: string, path: string, at?: Date): Promise<T> =>
  (await (await fetch(`${server}/api${path}`, { headers: livedAt(at) })).json()) as T;

/**
 * Sends a command as a page would, its key made from its name: a loading that was cut short goes on where it stopped. `at`: as if it were that moment. Undefined: it was done on
 * a day before, when its days were others.
 */
export async function send<T>(
  server: string,
  { method, path, name, body }: DemoCommand,
  at?: Date,
): Promise<T | undefined> {
  const response = await fetch(`${server}/api${path}`, {
    method,
    headers: { 'content-type': 'application/json', 'idempotency-key': namedId(`demo:${name}`), ...livedAt(at) },
    body: JSON.stringify(body),
  });
  const text = await response.text();
  if (response.ok) return (text === '' ? undefined : JSON.parse(text)) as T;
  if (text.includes('"key reused"')) return undefined;
  throw new Error(`The demo stopped at "${name}": ${text}`);
}
