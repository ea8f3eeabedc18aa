import { median } from './median.mjs';
import { stockPage } from './planning.mjs';

/** Frame times while something runs, ms. Runs in the page. */
async function framesWhile(act) {
  const frames = [];
  let running = true;
  let last = performance.now();
  const frame = (now) => {
    frames.push(now - last);
    last = now;
    if (running) requestAnimationFrame(frame);
  };
  requestAnimationFrame(frame);
  await act();
  running = false;
  return frames.slice(1);
}

const told = (frames) => ({
  medianFrameMs: Number(median(frames).toFixed(1)),
  longestFrameMs: Math.round(Math.max(...frames)),
  over50ms: frames.filter((ms) => ms > 50).length,
  frames: frames.length,
});

/** The glass with thirty groups of ten: from a press to the next painted frame, in dress and in list colours by turns; the slider dragged. */
async function glass(browser, base) {
  const page = await stockPage(browser, base, 30, '', 10);
  const fish = () =>
    page.evaluate(() =>
      [...document.querySelectorAll('canvas[data-fish]')].reduce(
        (sum, { dataset }) => sum + Number(dataset.fish),
        0,
      ),
    );
  while ((await fish()) < 300) await page.waitForTimeout(50);
  const paint = async (name) => {
    const button = page.getByRole('button', { name });
    await button.focus();
    return page.evaluate(
      () =>
        new Promise((resolve) => {
          const start = performance.now();
          document.activeElement.click();
          requestAnimationFrame(() => requestAnimationFrame(() => resolve(performance.now() - start)));
        }),
    );
  };
  const [dress, list] = [[], []];
  for (let i = 0; i < 9; i += 1) {
    list.push(await paint('List colours'));
    await page.waitForTimeout(300);
    dress.push(await paint('As they look'));
    await page.waitForTimeout(300);
  }
  const thumb = page.getByRole('slider', { name: 'Month shown' });
  await thumb.focus();
  await page.waitForTimeout(1500);
  const frames = await page.evaluate(`(${framesWhile})(async () => {
    const thumb = document.activeElement;
    for (let i = 0; i < 24; i += 1) {
      thumb.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
      await new Promise((resolve) => requestAnimationFrame(resolve));
    }
  })`);
  const painted = await fish();
  await page.context().close();
  return {
    fish: painted,
    dressMs: Math.round(median(dress)),
    listMs: Math.round(median(list)),
    ratio: Number((median(dress) / median(list)).toFixed(2)),
    slider: told(frames),
    aim: 'a frame (17 ms) between dress and outlines; 60 steps a second on the slider',
  };
}

/** The catalogue by looks, scrolled from top to bottom a row a frame. */
async function grid(browser, base) {
  const page = await (await browser.newContext()).newPage();
  await page.addInitScript(() => window.localStorage.setItem('lomvik.room', 'demo'));
  await page.goto(`${base}/catalogue?by=looks`);
  const region = page.getByRole('region', { name: 'Species by looks' });
  await region.getByRole('link').first().waitFor();
  await page.waitForTimeout(1500);
  const scroll = () =>
    page.evaluate(`(${framesWhile})(async () => {
      const region = document.querySelector('[aria-label="Species by looks"]');
      for (let i = 0; i < 180; i += 1) {
        region.scrollTop += 54;
        await new Promise((resolve) => requestAnimationFrame(resolve));
      }
      region.scrollTop = 0;
    })`);
  const [first, again] = [await scroll(), await scroll()];
  await page.context().close();
  return { first: told(first), again: told(again), aim: 'no frame over 50 ms' };
}

export const pictures = async (browser, base) => ({
  glass: await glass(browser, base),
  grid: await grid(browser, base),
});
