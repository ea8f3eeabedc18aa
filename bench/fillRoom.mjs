/** Fills the keeper's own room with one tank, so many fish and a journal of so many entries, contests most of them. Runs in the page. */
export async function fillRoom({ entries: many, fish }) {
  const db = await new Promise((resolve, reject) => {
    const request = indexedDB.open('lomvik-own');
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
  const tx = db.transaction(['entries', 'documents', 'snapshots'], 'readwrite');
  for (const name of ['entries', 'documents', 'snapshots']) tx.objectStore(name).clear();
  const tank = { lengthCm: 200, widthCm: 60, heightCm: 60 };
  tx.objectStore('documents').put({
    id: 'T',
    kind: 'tank',
    rev: 1,
    body: { name: 'T', purpose: 'display', order: 1, tank, water: {}, routine: {}, practice: {} },
  });
  const base = (i) => {
    const on = new Date(1_700_000_000_000 + i * 60_000).toISOString();
    return { id: `e${i}`, seq: i, on, recorded: on };
  };
  const member = (id) => ({
    id,
    name: id,
    count: 1,
    individual: true,
    sex: 'unknown',
    males: null,
    females: null,
  });
  tx.objectStore('entries').put({
    ...base(1),
    type: 'came',
    tank: 'T',
    species: 'neolamprologus-leleupi',
    members: Array.from({ length: fish }, (_, i) => member(`f${i}`)),
    lengthCm: 7,
    origin: 'unknown',
    from: '',
    note: '',
  });
  for (let i = 2; i <= many; i += 1) {
    const a = (i * 7919) % fish;
    const b = (a + 1 + ((i * 104_729) % (fish - 1))) % fish;
    tx.objectStore('entries').put({
      ...base(i),
      type: 'chased',
      tank: 'T',
      watch: 'w',
      // The smaller number wins more often, and not always: an order with doubt in it.
      winner: `f${i % 5 === 0 ? Math.max(a, b) : Math.min(a, b)}`,
      loser: `f${i % 5 === 0 ? Math.min(a, b) : Math.max(a, b)}`,
      what: 'chase',
      place: '',
    });
  }
  await new Promise((resolve, reject) => {
    tx.oncomplete = resolve;
    tx.onerror = () => reject(tx.error);
  });
  db.close();
}
