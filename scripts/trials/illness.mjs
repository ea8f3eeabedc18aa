/** Faults of the browser that scripts of ours can bring about, in pages and in workers; `window.ill` or `self.ill` names the one that is on; `isKeptWaiting` says that a silent one was asked. */
export const ILLNESS = `(() => {
  const is = (name) => globalThis.ill === name;
  const full = () => new DOMException('The quota has been exceeded.', 'QuotaExceededError');
  const never = () => { globalThis.isKeptWaiting = true; return new Promise(() => {}); };
  const on = (type, method, act) => {
    const real = type?.prototype[method];
    if (real) type.prototype[method] = function (...asked) { return act.call(this, () => real.apply(this, asked), asked); };
  };
  for (const method of ['add', 'put'])
    on(globalThis.IDBObjectStore, method, (real) => { if (is('database full')) throw full(); return real(); });
  on(globalThis.IDBFactory, 'open', (real) => { if (is('database refused')) throw new DOMException('refused', 'SecurityError'); return real(); });
  on(globalThis.IDBTransaction, 'addEventListener', function (real, [type]) { if (is('database silent') && this.mode === 'readwrite' && type !== 'upgradeneeded') return; return real(); });
  on(globalThis.StorageManager, 'getDirectory', (real) => { if (is('copy refused')) throw new DOMException('refused', 'SecurityError'); return is('copy silent') ? never() : real(); });
  on(globalThis.FileSystemSyncAccessHandle, 'write', function (real, [data, options]) {
    if (!is('copy full')) return real();
    // The disk is full in the middle of a line.
    globalThis.ill = '';
    this.write(data.subarray(0, data.length >> 1), options);
    globalThis.ill = 'copy full';
    throw full();
  });
  on(globalThis.FileSystemWritableFileStream, 'write', (real) => { if (is('folder full')) throw full(); return is('folder silent') ? never() : real(); });
  on(globalThis.FileSystemFileHandle, 'createWritable', (real) => { if (is('folder refused')) throw new DOMException('refused', 'NotAllowedError'); return real(); });
})();`;

/** Falls ill, or is healed: the page and all its workers. */
export async function fallIll(page, name) {
  await page.evaluate((ill) => (globalThis.ill = ill), name);
  await Promise.all(page.workers().map((worker) => worker.evaluate((ill) => (globalThis.ill = ill), name)));
}

/** A page of the app's origin on which nothing of the room is open. */
export const leave = (page) => page.goto(`${page.base}/manifest.webmanifest`);
export const deleteDatabase = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const asked = indexedDB.deleteDatabase('lomvik-own');
        asked.onsuccess = resolve;
        asked.onerror = () => reject(asked.error);
      }),
  );
/** Works on the database behind the app's back. */
export const inDatabase = (page, what) =>
  page.evaluate(async (work) => {
    const db = await new Promise((resolve, reject) => {
      const asked = indexedDB.open('lomvik-own', work === 'upgrade' ? 99 : undefined);
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(asked.error);
    });
    const tx = db.transaction([...db.objectStoreNames], 'readwrite');
    const done = new Promise((resolve) => (tx.oncomplete = resolve));
    if (work === 'clear') for (const name of db.objectStoreNames) tx.objectStore(name).clear();
    if (work === 'damage') {
      const entries = tx.objectStore('entries');
      entries.openCursor(null, 'prev').onsuccess = ({ target: { result } }) =>
        entries.put({ ...result.value, id: 'bad', type: 'teleported', seq: result.value.seq + 1 });
      tx.objectStore('documents').put({ id: 'odd', kind: 'tank', rev: 1, body: { name: 7 } });
    }
    await done;
    db.close();
  }, what);
/** Works on the files of a folder of the private file system. */
export const inFiles = (page, folder, what) =>
  page.evaluate(
    async ([name, work]) => {
      const now = {
        cut: (text) => text.slice(0, Math.floor(text.length / 2)),
        scratch: (text) => `#!${text.slice(2)}`,
        reshape: (text) => text.replaceAll('"documents"', '"papers"'),
        newer: (text) => text.replace(/"version": \d+/, '"version": 999'),
      }[work];
      const place = await (await navigator.storage.getDirectory()).getDirectoryHandle(name);
      for await (const [file, handle] of place.entries())
        if (!now) await place.removeEntry(file);
        else {
          const old = await (await handle.getFile()).text();
          const stream = await handle.createWritable();
          await stream.write(now(old));
          await stream.close();
        }
    },
    [folder, what],
  );
