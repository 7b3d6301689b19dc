import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { figure } from './figure.mjs';
import { startDatabase } from '../scripts/database.mjs';
import { installPostgres } from '../scripts/install.mjs';

/** Requests with one or two things wrong in them: how many the server itself failed at. */
const REQUESTS = Number(process.argv[2] ?? 20_000);

const database = await startDatabase(await installPostgres(), 'pg-test');
try {
  const { stdout, stderr, status } = spawnSync(
    'npx',
    ['--no-install', 'jest', '--selectProjects', 'server', '--testPathPatterns', 'hostile'],
    {
      cwd: path.resolve(import.meta.dirname, '..'),
      encoding: 'utf8',
      env: { ...process.env, KESTREL_TEST_DATABASE: database.ownerUrl, LOG_LEVEL: 'silent', HOSTILE: `${REQUESTS}` },
    },
  );
  const answers = JSON.parse(/\{"200[^}]*\}/.exec(stdout + stderr)?.[0] ?? '{}');
  const of = (from) =>
    Object.entries(answers).reduce(
      (sum, [code, n]) => sum + (Number(code) >= from && Number(code) < from + 100 ? n : 0),
      0,
    );
  figure('hostile requests asked', of(200) + of(400) + of(500), 'requests', `>=${REQUESTS}`);
  figure('of them refused with what is wrong', of(400), 'requests', 'record');
  figure('of them the server’s own fault', of(500), 'requests', '<=0');
  figure('pages that could not show what was stored', status === 0 ? 0 : 1, 'pages', '<=0');
} finally {
  database.stop();
}
