import { withApp } from '../scripts/app.mjs';

const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)];

/** A room of one tank, two fish and so many entries. Runs in the page. */
async function fillRoom(entries) {
  const db = await new Promise((resolve, reject) => {
    const request = indexedDB.open('lomvik-own', 1);
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
  const tx = db.transaction(['entries', 'documents', 'snapshots'], 'readwrite');
  for (const name of ['entries', 'documents', 'snapshots']) tx.objectStore(name).clear();
  tx.objectStore('documents').put({
    id: 'T',
    kind: 'tank',
    rev: 1,
    body: {
      name: 'T',
      purpose: 'display',
      order: 1,
      tank: { lengthCm: 100, widthCm: 40, heightCm: 50 },
      water: {},
      routine: {},
      practice: {},
    },
  });
  const member = (id) => ({
    id,
    name: id,
    count: 1,
    individual: true,
    sex: 'unknown',
    males: null,
    females: null,
  });
  const base = (i) => ({
    id: `e${i}`,
    seq: i,
    on: new Date(1_700_000_000_000 + i * 60_000).toISOString(),
    recorded: '2026-01-01T00:00:00.000Z',
  });
  tx.objectStore('entries').put({
    ...base(1),
    type: 'came',
    tank: 'T',
    species: 'neolamprologus-leleupi',
    members: ['a', 'b', 'c'].map(member),
    lengthCm: 7,
    origin: 'unknown',
    from: '',
    note: '',
  });
  for (let i = 2; i <= entries; i += 1)
    tx.objectStore('entries').put({
      ...base(i),
      type: 'chased',
      tank: 'T',
      watch: 'w',
      winner: 'abc'[i % 3],
      loser: 'abc'[(i + 1) % 3],
      what: 'chase',
      place: '',
    });
  await new Promise((resolve, reject) => {
    tx.oncomplete = resolve;
    tx.onerror = () => reject(tx.error);
  });
  db.close();
}

/** Milliseconds from the start of the page to the room on the screen. */
async function openingMs(page, base) {
  await page.goto(base);
  await page.getByRole('heading', { level: 1 }).waitFor();
  return page.evaluate(() => window.__shown);
}

async function opening(browser, base) {
  const result = {};
  for (const entries of [200, 20_000, 200_000]) {
    const page = await (await browser.newContext()).newPage();
    await page.addInitScript(() => {
      window.localStorage.setItem('lomvik.room', 'own');
      new MutationObserver((_, observer) => {
        if (!document.querySelector('h1')) return;
        observer.disconnect();
        requestAnimationFrame(() => (window.__shown = performance.now()));
      }).observe(document, { childList: true, subtree: true });
    });
    await openingMs(page, base);
    await page.evaluate(fillRoom, entries);
    // The first opening reads the whole journal and keeps a snapshot; the later ones are what a keeper sees every day.
    const first = await openingMs(page, base);
    await page.waitForTimeout(entries > 100_000 ? 8000 : 1500);
    const later = [];
    for (let i = 0; i < 7; i += 1) later.push(await openingMs(page, base));
    result[entries] = { firstMs: Math.round(first), medianMs: Math.round(median(later)) };
    await page.context().close();
  }
  return {
    ...result,
    ratio20kTo200: Number((result[20_000].medianMs / result[200].medianMs).toFixed(2)),
    ratio200kTo200: Number((result[200_000].medianMs / result[200].medianMs).toFixed(2)),
    aim: '20,000 under 3 times; 200,000 under 1 s with a snapshot',
  };
}

/** Lists groups of the kinds with these identifiers in the demo's community tank. Runs in the page. */
async function listKinds(ids) {
  const db = await new Promise((resolve, reject) => {
    const request = indexedDB.open('lomvik-demo', 1);
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
      groups: ids.map((species, i) => ({ key: `b${i}`, group: { species, count: 6, lengthCm: 3 } })),
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

async function stockPage(browser, base, groups, part = '') {
  const page = await (await browser.newContext()).newPage();
  await page.addInitScript(() => window.localStorage.setItem('lomvik.room', 'demo'));
  await page.goto(`${base}/stock?tank=demo-fen`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.evaluate(listKinds, THIRTY.slice(0, groups));
  await page.goto(`${base}/stock?tank=demo-fen${part}`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  return page;
}

/**
 * From a change of the list to the joining effect of the whole catalogue on the screen, worked out in a worker, and the
 * longest the page stood still meanwhile while its list was scrolled.
 */
async function joining(browser, base) {
  const result = {};
  for (const groups of [5, 30]) {
    const page = await stockPage(browser, base, groups, '&part=joins');
    const kinds = page.getByRole('region', { name: 'Kinds by how well they would join' });
    await kinds.getByRole('button').first().waitFor();
    const took = [];
    let stillMs = 0;
    for (let i = 0; i < 7; i += 1) {
      const measured = await page.evaluate(async () => {
        const region = document.querySelector('[aria-label="Kinds by how well they would join"]');
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
        [...document.querySelectorAll('button')].find((one) => one.textContent.startsWith('List ')).click();
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

async function keyToVerdict(browser, base, groups) {
  const page = await stockPage(browser, base, groups);
  const more = page.getByRole('button', { name: 'One tiger barb more' });
  await more.focus();
  const times = [];
  for (let i = 0; i < 15; i += 1) {
    // Set up and awaited first: a key sent at the same time may overtake it.
    await page.evaluate(() => {
      window.__painted = new Promise((resolve) => {
        window.addEventListener(
          'keydown',
          () => {
            const start = performance.now();
            new MutationObserver((_, observer) => {
              observer.disconnect();
              requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start)));
            }).observe(document.querySelector('[data-testid=findings]'), {
              childList: true,
              subtree: true,
              characterData: true,
            });
          },
          { once: true, capture: true },
        );
      });
    });
    await page.keyboard.press('Enter');
    times.push(
      await page.evaluate(() =>
        Promise.race([
          window.__painted,
          new Promise((_, reject) =>
            setTimeout(() => reject(new Error('no new verdict within five seconds')), 5000),
          ),
        ]),
      ),
    );
    await page.waitForTimeout(100);
  }
  await page.context().close();
  // The first presses after opening share the page with its own loading; they are told apart.
  const [first, second, ...rest] = times.map(Math.round);
  return {
    firstPressesMs: [first, second],
    medianMs: median(rest),
    worstMs: Math.max(...rest),
    aim: 'under 50 ms',
  };
}

/** What a keeper waits for, measured in the built app. */
export const browserBench = () =>
  withApp('own', async (browser, base) => ({
    keyToVerdict: {
      '5 groups': await keyToVerdict(browser, base, 5),
      '30 groups': await keyToVerdict(browser, base, 30),
    },
    joining: await joining(browser, base),
    opening: await opening(browser, base),
  }));
