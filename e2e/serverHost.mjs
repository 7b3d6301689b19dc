/**
 * A process that serves one database after another for the journeys of one worker: what it has loaded and
 * compiled once stays so, as it does in a server that runs for days. The app is the built one, set up as in its main.
 * It is told `{ serve: { …env } }` and answers `{ ready }`, then `{ close: true }` and answers `{ closed: true }`.
 */
import { createApp } from '../apps/server/dist/app.js';
import { serverNow, setServerClock } from '../apps/server/dist/command/clock.js';
import { loadDemo } from '../apps/server/dist/demo/loadDemo.js';

let app;

async function serve(env) {
  Object.assign(process.env, env);
  setServerClock(new Date(Date.now() + Number(env.CLOCK_OFFSET_MS)));
  app = await createApp();
  await app.listen(Number(env.PORT), env.HOST);
  const url = `http://${env.HOST}:${env.PORT}`;
  if (env.DEMO) await loadDemo(url, serverNow(), env.DEMO === 'load with past');
  process.send({ ready: url });
}

process.on('message', (said) => {
  if (said.serve) void serve(said.serve);
  else void app.close().then(() => process.send({ closed: true }));
});
process.on('disconnect', () => process.exit());
