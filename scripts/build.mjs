import { run, TSC } from './step.mjs';

export const buildServer = () =>
  run('node', [TSC, '-b', 'packages/core', 'apps/server'], { log: 'build-server' }).then(() => undefined);
export const buildWeb = () =>
  run('npx', ['--no-install', 'vite', 'build'], {
    log: 'build-web',
    cwd: new URL('../apps/web/', import.meta.url).pathname,
  }).then(() => undefined);
