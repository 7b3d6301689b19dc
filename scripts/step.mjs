import { spawn } from 'node:child_process';
import { createWriteStream, mkdirSync } from 'node:fs';
import path from 'node:path';

export const root = path.resolve(import.meta.dirname, '..');
export const dataDir = path.join(root, '.data');

/** The compiler. Rules of lint read the types by the other one, to which they are bound. */
export const TSC = path.join(root, 'node_modules/typescript-native/bin/tsc');

/** Something the person at the keyboard has to do; told without a stack. */
export class TellUser extends Error {}

const seconds = (since) => `${((Date.now() - since) / 1000).toFixed(1)} s`;

/** Names a step, does it, says how long it took. On a terminal the line is written over when it is done. */
export async function step(name, work) {
  const began = Date.now();
  if (process.stdout.isTTY) process.stdout.write(`  … ${name}`);
  try {
    const note = await work();
    const line = `  ✓ ${name}${typeof note === 'string' ? `: ${note}` : ''} (${seconds(began)})`;
    process.stdout.write(process.stdout.isTTY ? `\r\x1b[K${line}\n` : `${line}\n`);
    return note;
  } catch (thrown) {
    process.stdout.write(process.stdout.isTTY ? `\r\x1b[K  ✗ ${name}\n` : `  ✗ ${name}\n`);
    throw thrown;
  }
}

/**
 * Runs a command, its output into a log file; the end of the log is told when it fails.
 * The command gets no terminal and no standard input, so it cannot stop to ask.
 */
export function run(command, args, { log, env = process.env, cwd = root, ...more } = {}) {
  mkdirSync(path.join(dataDir, 'log'), { recursive: true });
  const name = log ?? path.basename(command);
  const file = path.join(dataDir, 'log', `${name}.log`);
  return new Promise((resolve, reject) => {
    const out = createWriteStream(file);
    const child = spawn(command, args, { cwd, env, stdio: ['ignore', 'pipe', 'pipe'], ...more });
    let tail = '';
    let whole = '';
    const keep = (chunk) => {
      out.write(chunk);
      tail = (tail + chunk).slice(-3000);
      whole += chunk;
    };
    child.stdout.on('data', keep);
    child.stderr.on('data', keep);
    child.on('error', (error) =>
      reject(error.code === 'ENOENT' ? new TellUser(`"${command}" is not on this machine.`) : error),
    );
    child.on('close', (code) => {
      out.end();
      if (code === 0) resolve(whole);
      else
        reject(
          new TellUser(
            `${tail.trim()}\n\n"${command} ${args.join(' ')}" ended with ${code}. The whole log: ${path.relative(root, file)}`,
          ),
        );
    });
  });
}

/** Runs the main part of a script: what it throws for the user is told plainly. */
export async function main(work) {
  try {
    await work();
  } catch (thrown) {
    process.stderr.write(`\n${thrown instanceof TellUser ? thrown.message : (thrown?.stack ?? thrown)}\n`);
    process.exitCode = 1;
  }
}
