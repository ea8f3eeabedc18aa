/** What the long trials do in a real room of a real browser. */

/** Everything that is stored of the room, read behind the app's back. */
export const stored = (page) =>
  page.evaluate(async () => {
    const db = await new Promise((resolve, reject) => {
      const request = indexedDB.open('lomvik-own');
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error);
    });
    const all = (store) =>
      new Promise((resolve, reject) => {
        const request = db.transaction(store).objectStore(store).getAll();
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
      });
    const [entries, documents, aside] = [await all('entries'), await all('documents'), await all('aside')];
    db.close();
    return { entries, documents, aside };
  });

/** Opening and writing a room is not what is measured here: a slow machine may take its time. */
const PATIENCE_MS = 120_000;

/** Presses "Save room" and waits for the file; without one, the error says what the screen shows. */
async function savedRoom(page) {
  const save = page.getByRole('button', { name: 'Save room' });
  await save.waitFor({ timeout: PATIENCE_MS });
  const download = page.waitForEvent('download', { timeout: PATIENCE_MS }).catch(async () => {
    throw new Error(`no file came; the screen shows:\n${await page.locator('main').innerText()}`);
  });
  await save.click();
  return (await download).path();
}

/** The made-up room becomes the keeper's own: with fish to watch and lists to change. */
export async function ownRoomFromDemo(context, base) {
  const page = await context.newPage();
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${base}/files`);
  await page.evaluate(() => window.localStorage.setItem('lomvik.room', 'demo'));
  await page.goto(`${base}/files`);
  const path = await savedRoom(page);
  await page.evaluate(() => window.localStorage.setItem('lomvik.room', 'own'));
  await page.goto(`${base}/files`);
  await page.locator('input[type=file]').first().setInputFiles(path);
  await page.getByRole('button', { name: 'Open this room' }).click();
  await page.getByRole('navigation', { name: 'Room and tanks' }).getByText('Skerry').first().waitFor();
  await page.close();
}

/** Tells `heard` of every entry that was acknowledged: announced to other tabs, which happens once it is durable. */
export async function hear(page, heard) {
  await page.exposeBinding('acknowledged', (_, ids) => heard(ids));
  await page.addInitScript(() => {
    const channel = new BroadcastChannel('lomvik-own');
    channel.onmessage = ({ data }) => {
      if (data.kind === 'committed') window.acknowledged(data.committed.entries.map(({ id }) => id));
    };
  });
}

/** Presses two fish after the other without pause: each pair is an entry. */
export const pressFish = (page, everyMs = 12) =>
  page.evaluate((pause) => {
    let i = 0;
    window.setInterval(() => {
      const fish = document.querySelectorAll('[aria-label="Fish"] button');
      if (fish.length > 1) fish[i++ % 2].click();
    }, pause);
  }, everyMs);

/** What is wrong with the entries as stored: gaps, half entries, acknowledged ones that are missing. */
export function faultsOf({ entries, aside }, acknowledged) {
  const ids = new Set(entries.map(({ id }) => id));
  const missing = [...acknowledged].filter((id) => !ids.has(id));
  const gap = entries.findIndex(({ seq }, i) => seq !== i + 1);
  const half = entries.filter(({ id, type, on, recorded }) => !id || !type || !on || !recorded);
  return [
    ...(missing.length > 0 ? [`${missing.length} acknowledged entries are missing`] : []),
    ...(gap >= 0 ? [`a gap before place ${entries[gap].seq}`] : []),
    ...(half.length > 0 ? [`${half.length} half entries`] : []),
    ...(aside.length > 0 ? [`${aside.length} records were set aside`] : []),
    ...(ids.size < entries.length ? ['an entry is stored twice'] : []),
  ];
}
