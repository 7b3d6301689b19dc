import 'reflect-metadata';
import { createApp } from './app.ts';
import { serverNow } from './command/clock.ts';
import { loadDemo } from './demo/loadDemo.ts';

const port = Number(process.env['PORT'] ?? 4180);
const host = process.env['HOST'] ?? '127.0.0.1';

const app = await createApp();
try {
  await app.listen(port, host);
} catch (thrown) {
  if ((thrown as NodeJS.ErrnoException).code === 'EADDRINUSE') {
    process.stderr.write(
      `Port ${port} is taken on ${host}. Stop what uses it, or choose another: PORT=4181 npm start\n`,
    );
    await app.close();
    process.exit(2);
  }
  throw thrown;
}
if (process.env['DEMO']?.startsWith('load'))
  await loadDemo(
    `http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${port}`,
    serverNow(),
    process.env['DEMO'] === 'load with past',
  );
// Whoever has started this server is gone: without it nobody stops it, and it would hold the port.
process.on('disconnect', () => process.kill(process.pid, 'SIGTERM'));
process.send?.({ ready: `http://${host}:${port}` });
