import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { buildServer, buildWeb } from './build.mjs';
import { startDatabase } from './database.mjs';
import { installDebian, installPackages } from './install.mjs';
import { dataDir, main, root, step, TSC } from './step.mjs';

/** What a suite comes to. */
const results = [];

/** Runs a checker that has no tests to count: it passes as one. */
async function checker(name, command, args) {
  const { code, output } = await call(command, args);
  results.push({ name, passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 });
  if (code !== 0) process.stdout.write(`\n${output}\n`);
}

/** Runs a suite and counts its tests from the report it writes; what failed is printed. */
async function suite(name, command, args, { env = {}, cwd = root, report, count }) {
  rmSync(report, { force: true });
  const { code, output } = await call(command, args, { env, cwd });
  let counted = { passed: 0, failed: 0 };
  try {
    counted = count(JSON.parse(readFileSync(report, 'utf8')));
  } catch {
    // No report: the suite did not come to its end.
  }
  // A suite that ends badly, or runs nothing, has failed, whatever it counted.
  if ((code !== 0 && counted.failed === 0) || counted.passed + counted.failed === 0) counted.failed += 1;
  results.push({ name, ...counted });
  if (counted.failed > 0) process.stdout.write(`\n${output}\n`);
}

function call(command, args, { env = {}, cwd = root } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd, env: { ...process.env, ...env }, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    child.stdout.on('data', (chunk) => (output += chunk));
    child.stderr.on('data', (chunk) => (output += chunk));
    child.on('error', (error) => resolve({ code: 1, output: error.message }));
    child.on('close', (code) => resolve({ code, output: output.slice(-20_000) }));
  });
}

/** The names of journeys that needed a second try: neither passed nor failed. */
const flakyIn = (suites) =>
  suites.flatMap(({ suites: inner = [], specs = [] }) => [
    ...flakyIn(inner),
    ...specs.flatMap(({ title, tests }) => (tests.some(({ status }) => status === 'flaky') ? [title] : [])),
  ]);

const jest = (name, env = {}) => {
  const report = path.join(dataDir, `jest-${name}.json`);
  const args = ['--no-install', 'jest', '--selectProjects', name, '--json', `--outputFile=${report}`];
  return suite(name, 'npx', args, {
    env,
    report,
    count: ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
      passed: numPassedTests,
      failed: numFailedTests + numRuntimeErrorTestSuites,
    }),
  });
};

/** Works through what is to be done on two cores: whichever is free takes the next. */
async function twoAtATime(works) {
  const left = [...works];
  const worker = async () => {
    for (let work = left.shift(); work; work = left.shift()) await work();
  };
  await Promise.all([worker(), worker()]);
}

await main(async () => {
  const began = Date.now();
  mkdirSync(dataDir, { recursive: true });
  const installing = installDebian();
  await step('packages', installPackages);
  const { bin, chromium } = await step('PostgreSQL and Chromium', () => installing);
  const database = await startDatabase(bin, 'pg-test');
  const end = () => {
    database.stop();
    process.exit(1);
  };
  process.on('SIGINT', end);
  process.on('SIGTERM', end);
  try {
    // Each of them keeps one core busy: two at a time are done sooner. Tests read the sources; the rules of lint go by the types.
    await step('types, lint and format, beside core, web and the server on PostgreSQL', () =>
      twoAtATime([
        () => jest('core'),
        () => checker('types', 'node', [TSC, '-b']).then(() => checker('lint', 'npx', ['--no-install', 'eslint', '.'])),
        () => jest('server', { KESTREL_TEST_DATABASE: database.ownerUrl, LOG_LEVEL: 'silent' }),
        () => jest('web'),
        () => checker('format', 'npx', ['--no-install', 'prettier', '--check', '.', '--log-level', 'warn']),
      ]),
    );
    await step('building', async () => {
      await buildServer();
      await buildWeb();
    });
    const report = path.join(dataDir, 'e2e.json');
    await step('journeys, in Chromium', () =>
      suite('journeys', 'npx', ['--no-install', 'playwright', 'test'], {
        cwd: path.join(root, 'e2e'),
        env: { KESTREL_TEST_DATABASE: database.ownerUrl, CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: report },
        report,
        count: ({ stats, suites }) => ({ passed: stats.expected, failed: stats.unexpected, flaky: flakyIn(suites) }),
      }),
    );
  } finally {
    database.stop();
  }
  const sum = (of) => results.reduce((all, result) => all + result[of], 0);
  console.log(`\nin ${Math.round((Date.now() - began) / 1000)} s`);
  for (const { name, passed, failed } of results) console.log(`${name}: ${passed} passed, ${failed} failed`);
  const flaky = results.flatMap((result) => result.flaky ?? []);
  for (const name of flaky) console.log(`flaky, passed on the second try: ${name}`);
  console.log(`${sum('passed')} passed, ${sum('failed')} failed${flaky.length > 0 ? `, ${flaky.length} flaky` : ''}`);
  if (sum('failed') > 0) process.exitCode = 1;
});
