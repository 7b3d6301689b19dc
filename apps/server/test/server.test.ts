import { readdirSync } from 'node:fs';
import path from 'node:path';
import { forgetDemo } from './kitchenServer.ts';

/**
 * All that is asked of the server, in one room: to load its packages takes longer than most of these questions, and here it is done once.
 * One file alone: `npx jest --selectProjects server -t stock`.
 */
for (const file of readdirSync(__dirname).sort())
  if (file.endsWith('.cases.ts'))
    describe(file.replace('.cases.ts', ''), () => void jest.requireActual(path.join(__dirname, file)));

afterAll(forgetDemo);
