import { join } from 'node:path';
import { root, runBin } from '../scripts/lib.mjs';
import { served } from '../scripts/app.mjs';
import { median } from './median.mjs';
import { stockPage } from './planning.mjs';

const ROUNDS = 15;
const APART_MS = 1000;

/**
 * Milliseconds from each key to the first paint after each of the places has changed. Set up and awaited before a key is
 * sent, as one sent at the same time may overtake it.
 */
async function keysToPaint(page, places) {
  const times = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    await page.evaluate((selectors) => {
      const changed = selectors.map(() => false);
      // Looked for before the press: looking through a long page takes time that is not the page's.
      const watched = selectors.map((selector) => document.querySelector(selector));
      const inputs = watched.map((place) => [...place.querySelectorAll('input')]);
      // What stands in a field is seen, and is no change of the document.
      const fields = () => inputs.map((all) => all.map((one) => one.value).join());
      const before = fields();
      watched.forEach((place, i) => {
        new MutationObserver((_, observer) => {
          observer.disconnect();
          changed[i] = true;
        }).observe(place, {
          childList: true,
          subtree: true,
          characterData: true,
          attributes: true,
        });
      });
      const painted = () =>
        new Promise((resolve) => {
          const start = performance.now();
          const times = selectors.map(() => null);
          // Asked for before the page asks for anything: what the page does after the frame is not counted.
          // Heard right after the frame: a timer would wait behind what the page does next.
          const { port1, port2 } = new MessageChannel();
          const frame = () =>
            requestAnimationFrame(() => {
              port2.postMessage(fields().map((now, i) => changed[i] || now !== before[i]));
            });
          port1.onmessage = ({ data: now }) => {
            const at = performance.now() - start;
            now.forEach((isThere, i) => isThere && (times[i] ??= at));
            if (times.includes(null)) frame();
            else resolve(times);
          };
          frame();
        });
      window.__painted = new Promise((resolve) =>
        window.addEventListener('keydown', () => resolve(painted()), { once: true, capture: true }),
      );
    }, places);
    await page.keyboard.press('Enter');
    times.push(
      await page.evaluate(() =>
        Promise.race([
          window.__painted,
          new Promise((_, reject) =>
            setTimeout(() => reject(new Error('nothing new within five seconds')), 5000),
          ),
        ]),
      ),
    );
    await page.waitForTimeout(APART_MS);
  }
  return times;
}

/** The first press shares the page with its own loading; it is told apart. */
function told(times) {
  const [first, ...rest] = times.map(Math.round);
  return { firstMs: first, medianMs: median(rest), worstMs: Math.max(...rest) };
}

/** The same key in a page of the framework that holds a counter and nothing else. */
async function emptyPage(browser) {
  const empty = join(root, 'bench', 'empty');
  runBin('next', ['build', empty], { stdio: ['ignore', 'ignore', 'inherit'] });
  return served(empty, {}, async (base) => {
    const page = await (await browser.newContext()).newPage();
    await page.goto(`${base}/key`);
    await page.waitForLoadState('networkidle');
    await page.getByRole('button').focus();
    const times = await keysToPaint(page, ['button']);
    await page.context().close();
    return told(times.map(([ms]) => ms));
  });
}

async function stockList(browser, base, groups) {
  const page = await stockPage(browser, base, groups);
  await page.getByRole('button', { name: 'More tiger barbs' }).focus();
  const times = await keysToPaint(page, ['tr:has([aria-label="More tiger barbs"])', '#verdict ~ ul']);
  await page.context().close();
  return { row: told(times.map(([row]) => row)), verdict: told(times.map(([, verdict]) => verdict)) };
}

/** From the key on a plus to the painted row and to the painted verdict, beside the same key in an empty page. */
export async function keyToVerdict(browser, base) {
  const empty = await emptyPage(browser);
  const five = await stockList(browser, base, 5);
  const thirty = await stockList(browser, base, 30);
  return {
    'empty page': empty,
    '5 groups': five,
    '30 groups': thirty,
    rowAgainstEmpty: Number((thirty.row.medianMs / empty.medianMs).toFixed(2)),
    aim: 'row under 1.5 times the empty page, worst and first under 50 ms; verdict under 25 ms, worst 50, first 80',
  };
}
