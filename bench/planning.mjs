import { median } from './median.mjs';

/** Lists groups of the species with these identifiers in the demo's community tank. Runs in the page. */
async function listKinds({ ids, count }) {
  const db = await new Promise((resolve, reject) => {
    const request = indexedDB.open('lomvik-demo');
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
  const tx = db.transaction(['documents'], 'readwrite');
  const store = tx.objectStore('documents');
  const old = await new Promise((resolve) => {
    const request = store.get('draft-demo-fen');
    request.onsuccess = () => resolve(request.result);
  });
  store.put({
    ...old,
    body: {
      ...old.body,
      groups: ids.map((species, i) => ({ key: `b${i}`, group: { species, count, lengthCm: 3 } })),
    },
  });
  await new Promise((resolve) => (tx.oncomplete = resolve));
  db.close();
}

/** Thirty kinds of many families, the tiger barb first. */
const THIRTY = [
  'puntigrus-tetrazona',
  'paracheirodon-innesi',
  'paracheirodon-axelrodi',
  'corydoras-aeneus',
  'corydoras-sterbai',
  'hemigrammus-bleheri',
  'pterophyllum-scalare',
  'trichopodus-leerii',
  'danio-rerio',
  'puntius-titteya',
  'trigonostigma-heteromorpha',
  'rasbora-trilineata',
  'pangio-kuhlii',
  'botia-striata',
  'otocinclus-vittatus',
  'ancistrus-cirrhosus',
  'hyphessobrycon-eques',
  'moenkhausia-pittieri',
  'nematobrycon-palmeri',
  'melanotaenia-praecox',
  'xiphophorus-maculatus',
  'xiphophorus-hellerii',
  'poecilia-reticulata',
  'mikrogeophagus-ramirezi',
  'apistogramma-cacatuoides',
  'cleithracara-maronii',
  'thayeria-boehlkei',
  'pristella-maxillaris',
  'gasteropelecus-sternicla',
  'neocaridina-davidi',
];

export async function stockPage(browser, base, groups, part = '', count = 6) {
  const page = await (await browser.newContext()).newPage();
  await page.addInitScript(() => window.localStorage.setItem('lomvik.room', 'demo'));
  await page.goto(`${base}/stock?tank=demo-fen`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.evaluate(listKinds, { ids: THIRTY.slice(0, groups), count });
  await page.goto(`${base}/stock?tank=demo-fen${part}`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  return page;
}

/**
 * From a change of the list to the joining effect of the whole catalogue on the screen, worked out in a worker, and the
 * longest the page stood still meanwhile while its list was scrolled.
 */
export async function joining(browser, base) {
  const result = {};
  for (const groups of [5, 30]) {
    const page = await stockPage(browser, base, groups, '&part=candidates');
    const kinds = page.getByRole('region', { name: 'Species by how well they fit' });
    await kinds.getByRole('button').first().waitFor();
    const took = [];
    let stillMs = 0;
    for (let i = 0; i < 7; i += 1) {
      const measured = await page.evaluate(async () => {
        const region = document.querySelector('[aria-label="Species by how well they fit"]');
        const before = region.dataset.answered;
        let last = performance.now();
        let longest = 0;
        let running = true;
        const frame = () => {
          const now = performance.now();
          longest = Math.max(longest, now - last);
          last = now;
          region.scrollTop = (region.scrollTop + 40) % 4000;
          if (running) requestAnimationFrame(frame);
        };
        requestAnimationFrame(frame);
        const start = performance.now();
        [...document.querySelectorAll('button')].find((one) => /^Add \d/.test(one.textContent)).click();
        await new Promise((resolve) => {
          const wait = () => (region.dataset.answered !== before ? resolve() : setTimeout(wait, 2));
          wait();
        });
        const end = performance.now();
        running = false;
        return { ms: end - start, workerMs: Number(region.dataset.tookMs), longest };
      });
      // Taken back, so that every round is asked the same.
      await page.keyboard.press('Control+z');
      await page.waitForTimeout(600);
      took.push(measured.workerMs);
      stillMs = Math.max(stillMs, measured.longest);
      await page.waitForTimeout(100);
    }
    result[`${groups} groups`] = {
      workerMedianMs: Math.round(median(took)),
      longestFrameMs: Math.round(stillMs),
    };
    await page.context().close();
  }
  return {
    ...result,
    ratio: Number(
      (result['30 groups'].workerMedianMs / Math.max(1, result['5 groups'].workerMedianMs)).toFixed(2),
    ),
    aim: 'under 150 ms there and back, with the list scrolling',
  };
}
