import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from '../scripts/step.mjs';
import { withDemo } from '../scripts/withDemo.mjs';
import { figure, median } from './figure.mjs';

const dist = path.join(root, 'apps/web/dist');
const KIB = 1024;

/** JavaScript of the first load, gzip: the frame is what the page itself names; a page adds its chunk and what that imports. */
function sizes() {
  const manifest = JSON.parse(readFileSync(path.join(dist, '.vite/manifest.json'), 'utf8'));
  const entry = Object.keys(manifest).find((key) => manifest[key].isEntry && key.endsWith('.html'));
  const closure = (key, seen = new Set()) => {
    if (seen.has(key)) return seen;
    seen.add(key);
    for (const other of manifest[key].imports ?? []) closure(other, seen);
    return seen;
  };
  const kib = (keys) =>
    [...keys].reduce((sum, key) => sum + gzipSync(readFileSync(path.join(dist, manifest[key].file))).length / KIB, 0);
  const frame = closure(entry);
  figure('first load, frame, JavaScript gzip', kib(frame), 'KiB', '<=240');
  for (const page of manifest[entry].dynamicImports.filter((key) => key.endsWith('Page.tsx'))) {
    const name = path.basename(page).replace(/Page\.tsx$|\.tsx$/, '');
    figure(
      `first load, ${name}, JavaScript gzip`,
      kib(closure(page, new Set(frame))),
      'KiB',
      name === 'Today' ? '<=330' : '<=420',
    );
  }
}

/** From the click on "Cook" to the painted timeline of the demo week, beside the same click on "Shelf" in the same run: a ratio. */
async function clickToTimeline(url, browser) {
  const painted = async (link, mark) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${url}/week`);
    await page.locator('.strip').first().waitFor();
    const took = await page.evaluate(
      async ([name, selector]) => {
        const began = performance.now();
        [...document.querySelectorAll('.trail a')].find((a) => a.textContent.startsWith(name)).click();
        while (!document.querySelector(selector)) await new Promise((resolve) => requestAnimationFrame(resolve));
        await new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)));
        return performance.now() - began;
      },
      [link, mark],
    );
    await page.close();
    return took;
  };
  const timeline = [];
  const shelf = [];
  for (let n = 0; n < 7; n++) {
    timeline.push(await painted('Cook', '.lanes .bar'));
    shelf.push(await painted('Shelf', '.lot-row'));
  }
  figure('click to painted timeline, demo week', median(timeline), 'ms', 'for the record: a ratio is judged');
  figure('click to painted timeline ÷ click to painted shelf', median(timeline) / median(shelf), 'ratio', '<=3');
}

await withDemo(
  async ({ served, browser }) => {
    sizes();
    await clickToTimeline(served.url, browser);
  },
  { quiet: true },
);
