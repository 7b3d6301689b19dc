import { randomUUID } from 'node:crypto';
import { withDemo } from '../scripts/withDemo.mjs';
import { figure, median } from './figure.mjs';

const CLOCKS = 12;
const TAPS = 30;
const WATCHED_MS = 15_000;
/** Below this nobody sees that a frame was late. */
const LATE_FRAME_MS = 50;

/** A run of the demo day with twelve clocks on top: some sixty tasks. */
async function openRun(browser, url) {
  const page = await browser.newPage({ viewport: { width: 1180, height: 820 } });
  await page.goto(`${url}/cook`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.locator('.now-card').waitFor();
  const line = page.getByLabel('Add work in one line');
  for (let n = 1; n <= CLOCKS; n++) {
    await line.fill(`pot ${n} simmering ${40 + n} min`);
    await line.press('Enter');
  }
  await page
    .locator('.clock')
    .nth(CLOCKS - 1)
    .waitFor();
  await page.locator('.now-lines').waitFor();
  return page;
}

/** From a tap on a line to its painted tick, and back again. */
const tapToPainted = (page) =>
  page.evaluate(async (taps) => {
    const painted = () => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)));
    const took = [];
    for (let n = 0; n < taps; n++) {
      const box = document.querySelector('.now-lines input[type=checkbox]');
      const was = box.checked;
      const began = performance.now();
      box.click();
      while (document.querySelector('.now-lines input[type=checkbox]').checked === was)
        await new Promise((resolve) => requestAnimationFrame(resolve));
      await painted();
      took.push(performance.now() - began);
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
    return took;
  }, TAPS);

/** Frames that came late while clocks run on a slow machine. */
async function lateFrames(page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  const frames = await page.evaluate(
    (ms) =>
      new Promise((resolve) => {
        const gaps = [];
        const began = performance.now();
        let last = began;
        const next = (now) => {
          gaps.push(now - last);
          last = now;
          if (now - began < ms) requestAnimationFrame(next);
          else resolve(gaps);
        };
        requestAnimationFrame(next);
      }),
    WATCHED_MS,
  );
  await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  return frames;
}

/** Taps of one device until a second one shows them, and how many events a second the server takes in. */
async function throughServer(page, browser, url) {
  const second = await (await browser.newContext()).newPage();
  await second.goto(`${url}/cook/run`);
  await second
    .locator('.clock')
    .nth(CLOCKS - 1)
    .waitFor();
  const there = [];
  for (let n = 0; n < 5; n++) {
    const clock = page.locator('.clock').first();
    const name = await clock.getAttribute('aria-label');
    const began = performance.now();
    await clock.getByRole('button', { name: 'Pause' }).click();
    await second.locator(`.clock[aria-label="${name}"]`).getByText('paused').waitFor();
    there.push(performance.now() - began);
    await clock.getByRole('button', { name: 'Go on' }).click();
    await second.locator(`.clock[aria-label="${name}"]`).getByText('paused').waitFor({ state: 'detached' });
  }
  const [kitchen] = await (await fetch(`${url}/api/kitchens`)).json();
  const at = `${url}/api/kitchens/${kitchen.id}`;
  const { sessions } = await (await fetch(`${at}/week`)).json();
  const { run } = await (await fetch(`${at}/sessions/${sessions[0].id}/run`)).json();
  const task = Object.keys(run.about)[0];
  const batches = 20;
  const each = 25;
  const began = performance.now();
  for (let n = 0; n < batches; n++) {
    const events = Array.from({ length: each }, (_, k) => ({
      id: randomUUID(),
      device: 'bench',
      deviceSeq: n * each + k + 1,
      clock: 1000 + n * each + k,
      at: new Date().toISOString(),
      what: { kind: 'measured', task, what: 'g', value: k },
    }));
    const answer = await fetch(`${at}/runs/${run.id}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'idempotency-key': randomUUID() },
      body: JSON.stringify({ events }),
    });
    if (!answer.ok) throw new Error(await answer.text());
  }
  return { there, perSecond: (batches * each * 1000) / (performance.now() - began) };
}

await withDemo(
  async ({ served, browser }) => {
    const page = await openRun(browser, served.url);
    const taps = await tapToPainted(page);
    figure('tap to painted change, some 60 tasks and 12 clocks, median', median(taps), 'ms', '<100');
    figure('tap to painted change, worst', Math.max(...taps), 'ms', '<300');
    const frames = await lateFrames(page);
    figure(
      `frames over ${LATE_FRAME_MS} ms on a fourfold slowed CPU`,
      (frames.filter((gap) => gap > LATE_FRAME_MS).length / frames.length) * 100,
      '%',
      '<5',
    );
    const { there, perSecond } = await throughServer(page, browser, served.url);
    figure('a tap until a second browser shows it, median', median(there), 'ms', '<1000');
    figure('events a second through the server', perSecond, '1/s', '>=280');
    const kept = await page.evaluate(async () => {
      const local = Object.entries(localStorage).reduce((sum, [key, value]) => sum + key.length + value.length, 0);
      return { local, all: (await navigator.storage.estimate()).usage ?? 0 };
    });
    figure('what a device keeps of the run beside the app', kept.local / 1024, 'KiB', '<256');
    figure('what a device keeps with the app, caches included', kept.all / 1_048_576, 'MiB', '<20');
  },
  { quiet: true },
);
