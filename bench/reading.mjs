import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { figure } from './figure.mjs';

/** Steps of methods in many hands: read right, asked about, or read wrong without a word. */
const { stdout, stderr } = spawnSync(
  'npx',
  ['--no-install', 'jest', '--selectProjects', 'core', '--testPathPatterns', 'readMethod'],
  { cwd: path.resolve(import.meta.dirname, '..'), encoding: 'utf8', env: { ...process.env, READING: '1' } },
);
const counts = JSON.parse(/READING (\{[^}]*\})/.exec(stdout + stderr)?.[1] ?? '{}');
figure('steps of the corpus read right', counts.right ?? 0, 'steps', 'record');
figure('steps asked about', counts.asked ?? 0, 'steps', 'record');
figure('steps silently wrong', counts['silently wrong'] ?? Number.NaN, 'steps', '<=0');
