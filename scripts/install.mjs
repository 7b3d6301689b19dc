import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { TellUser, root, run } from './step.mjs';

/** npm packages, when the lock file is not the one that was installed. */
export async function installPackages() {
  const lock = createHash('sha256')
    .update(readFileSync(path.join(root, 'package-lock.json')))
    .digest('hex');
  const note = path.join(root, 'node_modules', '.kestrel-lock');
  if (existsSync(note) && readFileSync(note, 'utf8') === lock) return 'there already';
  await run('npm', ['ci', '--no-audit', '--no-fund'], { log: 'npm-ci' });
  writeFileSync(note, lock);
  return 'installed';
}

/** The folder of PostgreSQL's programs: the newest that Debian has put on this machine; installed when there is none. */
export async function installPostgres() {
  const found = postgresBin();
  if (found) return found;
  await apt(['postgresql']);
  const installed = postgresBin();
  if (!installed)
    throw new TellUser(
      'PostgreSQL was installed, but its programs are not in /usr/lib/postgresql. Set DATABASE_URL to use a server of your own.',
    );
  return installed;
}

function postgresBin() {
  const base = '/usr/lib/postgresql';
  if (!existsSync(base)) return undefined;
  const version = readdirSync(base)
    .filter((name) => existsSync(path.join(base, name, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a))[0];
  return version && path.join(base, version, 'bin');
}

/** Debian's Chromium without a desktop; where it has none of its own, the whole one, which works harder for the same pages. */
const CHROMIUM = { 'chromium-headless-shell': '/usr/bin/chromium-headless-shell', chromium: '/usr/bin/chromium' };

/** The browser that the journeys are walked in. */
export async function installChromium() {
  const [[headless, file], [whole, wholeFile]] = Object.entries(CHROMIUM);
  if (existsSync(file)) return file;
  try {
    await apt([headless]);
    return file;
  } catch (thrown) {
    if (!existsSync(wholeFile)) await apt([whole]).catch(() => Promise.reject(thrown));
    return wholeFile;
  }
}

/** What the checks need of Debian. It may come while npm's packages do; a fault is told by whoever waits for it. */
export function installDebian() {
  const both = installPostgres().then(async (bin) => ({ bin, chromium: await installChromium() }));
  both.catch(() => undefined);
  return both;
}

async function apt(packages) {
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  // RUNLEVEL=1 keeps Debian's own cluster down where there is no systemd.
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive', RUNLEVEL: '1' };
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  if (!existsSync('/usr/bin/apt-get'))
    throw new TellUser(`This machine has no apt-get. Install ${packages.join(', ')} by its own means and start again.`);
  try {
    await run(asRoot[0] ?? 'apt-get', [...asRoot.slice(1), ...(asRoot.length ? ['apt-get'] : []), 'update'], {
      log: 'apt-update',
      env,
    });
    await run(
      asRoot[0] ?? 'apt-get',
      [
        ...asRoot.slice(1),
        ...(asRoot.length ? ['apt-get'] : []),
        'install',
        '-y',
        '--no-install-recommends',
        ...packages,
      ],
      { log: 'apt-install', env },
    );
  } catch (thrown) {
    throw new TellUser(`${thrown.message}\n\nType this, then start again:\n  sudo apt-get update && sudo ${command}`);
  }
}
