import { mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { Worker, isMainThread, parentPort } from 'node:worker_threads';
import { pathToFileURL } from 'node:url';
import ts from 'typescript';
import { dataDir, main, root, run, TellUser, TSC } from '../scripts/step.mjs';
import { figure, median } from './figure.mjs';

const schedule = () => import(new URL('../packages/core/dist/schedule/index.js', import.meta.url).href);
const invent = () => import(new URL('../packages/core/dist/schedule/inventSession.js', import.meta.url).href);
const SEED = 4180;

/** In the worker: plans one session after the other, each within its time. */
async function work() {
  const { search, check } = await schedule();
  const { inventSession } = await invent();
  // The first sessions of a process pay for its compiler: a warm one is measured.
  for (let seed = 1; seed <= 3; seed++) search(inventSession({ seed, tasks: 30, cooks: 1 }), { seed, rounds: 3000 });
  parentPort.on('message', ({ problem, ms }) => {
    const began = performance.now();
    let first;
    let best;
    try {
      const plan = search(problem, {
        seed: SEED,
        rounds: Number.MAX_SAFE_INTEGER,
        enough: () => performance.now() - began > ms,
        better: () => {
          best = performance.now() - began;
          first ??= best;
        },
      });
      parentPort.postMessage({ plan, first, best, broken: check(problem, plan) });
    } catch (error) {
      parentPort.postMessage({ fault: error.message });
    }
  });
  parentPort.postMessage('ready');
}

/** Every session of a folder, in the neutral format `kitchen-schedule/1`. */
function sessionsIn(folder) {
  let names;
  try {
    names = readdirSync(folder).filter((name) => name.endsWith('.json') && !name.endsWith('.plan.json'));
  } catch (error) {
    throw new TellUser(`Cannot read the folder ${folder} (${error.code}). Name one that holds sessions as JSON files.`);
  }
  return names.sort().flatMap((name) => {
    try {
      const problem = JSON.parse(readFileSync(path.join(folder, name), 'utf8'));
      return problem.format === 'kitchen-schedule/1' ? [problem] : [];
    } catch (error) {
      throw new TellUser(`${name} cannot be read as JSON: ${error.message}`);
    }
  });
}

const told = (worker, message) =>
  new Promise((resolve, reject) => {
    worker.removeAllListeners('error');
    worker.once('error', reject);
    worker.once('message', resolve);
    if (message) worker.postMessage(message);
  });

async function measureFolder(folder, out, ms) {
  const sessions = sessionsIn(folder);
  if (sessions.length === 0) throw new TellUser(`${folder} holds no session in the format kitchen-schedule/1.`);
  if (out) mkdirSync(out, { recursive: true });
  const worker = new Worker(new URL(import.meta.url));
  await told(worker);
  for (const problem of sessions) {
    const { plan, first, best, broken, fault } = await told(worker, { problem, ms });
    const row = { name: problem.id, tasks: problem.tasks.length };
    if (fault) {
      console.log(JSON.stringify({ ...row, fault }));
      process.exitCode = 1;
      continue;
    }
    const round = (n) => Math.round(n * 10) / 10;
    console.log(
      JSON.stringify({
        ...row,
        makespan: plan.makespan,
        msToFirst: round(first),
        msToBest: round(best),
        ...(broken.length ? { broken: broken.map(({ text }) => text) } : {}),
      }),
    );
    if (broken.length) process.exitCode = 1;
    if (out) writeFileSync(path.join(out, `${problem.id}.plan.json`), `${JSON.stringify(plan, null, 1)}\n`);
  }
  await worker.terminate();
}

/** Invented sessions with proven optima: how far above them, by size; and how long a re-plan takes. */
async function measureOwn(ms) {
  const { search } = await schedule();
  const { inventSession } = await invent();
  const proven = JSON.parse(
    readFileSync(path.join(root, 'packages/core/test/reference/schedule/invented.json'), 'utf8'),
  );
  const worker = new Worker(new URL(import.meta.url));
  await told(worker);
  for (const [name, least, most, aim] of [
    ['up to 20 tasks', 0, 20, '<=0'],
    ['25 to 35 tasks', 25, 35, '<=0.3'],
    ['50 to 65 tasks', 50, 65, '<=1'],
  ]) {
    const over = [];
    const firsts = [];
    for (const { makespan, ...shape } of proven.sessions) {
      const problem = inventSession(shape);
      if (problem.tasks.length < least || problem.tasks.length > most) continue;
      const { plan, first } = await told(worker, { problem, ms });
      over.push((plan.makespan / makespan - 1) * 100);
      firsts.push(first);
    }
    figure(`above the proven optimum, ${name}, mean of ${over.length}`, mean(over), '%', aim);
    figure(`to the first plan, ${name}, longest`, Math.max(...firsts), 'ms', '<50');
  }
  await worker.terminate();

  const replans = [];
  for (const { seed, tasks, cooks } of proven.sessions) {
    const problem = inventSession({ seed, tasks, cooks });
    if (problem.tasks.length < 50) continue;
    const plan = search(problem, { seed: SEED, rounds: 3000 });
    for (const task of problem.tasks.filter((_task, n) => n % 9 === 0)) {
      const longer = {
        ...problem,
        tasks: problem.tasks.map((each) => (each === task ? { ...each, minutes: each.minutes + 4 } : each)),
      };
      const began = performance.now();
      search(longer, { seed: SEED, rounds: 120, from: plan });
      replans.push(performance.now() - began);
    }
  }
  figure('re-plan of 50 to 65 tasks after a change, median', median(replans), 'ms', '<16');
  await measureAgainstReference();
}

/** How long the reference solver takes to prove what the search finds, over the search's own time to find it. */
async function measureAgainstReference() {
  const { search } = await schedule();
  const { inventSession } = await invent();
  const { isShortest } = await referenceSolver();
  const ratios = [];
  let equal = 0;
  const seeds = [1, 2, 3, 4, 5, 6];
  for (const seed of seeds) {
    const problem = inventSession({ seed, tasks: 9, cooks: 1 + (seed % 2) });
    let best = 0;
    const began = performance.now();
    const plan = search(problem, { seed: SEED, rounds: 20_000, better: () => (best = performance.now() - began) });
    const asked = performance.now();
    if (isShortest(problem, plan.makespan)) equal += 1;
    ratios.push((performance.now() - asked) / Math.max(0.1, best));
  }
  figure(
    'invented days of ten tasks as short as the reference solver proves',
    (equal / seeds.length) * 100,
    '%',
    '>=100',
  );
  figure('the reference solver over the search, time to the same makespan, median', median(ratios), '×', '>=1');
}

/** The tests' reference solver, without its types. */
async function referenceSolver() {
  const from = path.join(root, 'packages/core/test/referenceSolver.ts');
  const { outputText } = ts.transpileModule(readFileSync(from, 'utf8'), {
    compilerOptions: { module: ts.ModuleKind.ESNext, target: ts.ScriptTarget.ES2023 },
  });
  // Beside the packages, so that its own import is found.
  const to = path.join(dataDir, 'referenceSolver.mjs');
  mkdirSync(dataDir, { recursive: true });
  writeFileSync(to, outputText);
  const { referenceSolver: made } = await import(pathToFileURL(to).href);
  return made();
}

const mean = (values) => values.reduce((sum, value) => sum + value, 0) / values.length;

if (!isMainThread) await work();
else
  await main(async () => {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { out: { type: 'string' }, ms: { type: 'string', default: '500' } },
    });
    const ms = Number(values.ms);
    if (!(ms > 0)) throw new TellUser(`--ms is "${values.ms}": give milliseconds, such as --ms 500.`);
    await run('node', [TSC, '-b', 'packages/core'], { log: 'build-core' });
    const [folder] = positionals;
    await (folder ? measureFolder(path.resolve(folder), values.out && path.resolve(values.out), ms) : measureOwn(ms));
  });
