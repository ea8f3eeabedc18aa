import { openBrowser, served } from '../app.mjs';
import { root } from '../lib.mjs';
import { faultsOf, hear, ownRoomFromDemo, pressFish, stored } from './room.mjs';

/** What a tab shows of the list: each group with its number. */
const shownList = (page) =>
  page
    .getByRole('group')
    .getByRole('textbox', { name: /^Number of/ })
    .evaluateAll((fields) =>
      fields.map((field) => `${field.getAttribute('aria-label')} ${field.value}`).sort(),
    );

const sorted = (numbers) => [...numbers].sort((a, b) => a - b);
const countsIn = (list) => sorted(list.map((line) => Number(line.split(' ').at(-1))));
const listIn = ({ documents }) =>
  sorted(documents.find(({ id }) => id === 'draft-demo-fen').body.groups.map(({ group }) => group.count));

/**
 * Four tabs of one room at once: two write entries, two change one stock list and take back. Nothing acknowledged is missing, and
 * at rest all tabs show the same, which is what is stored.
 */
export function tabs(seed, count) {
  return served(root, { LOMVIK_ROOM: 'own' }, async (base) => {
    const browser = await openBrowser();
    const wrong = [];
    const acknowledged = new Set();
    try {
      const context = await browser.newContext({ locale: 'en-GB' });
      await ownRoomFromDemo(context, base);
      const pages = [];
      for (const path of [
        'watch?tank=demo-skerry',
        'watch?tank=demo-skerry',
        'stock?tank=demo-fen',
        'stock?tank=demo-fen',
      ]) {
        const page = await context.newPage();
        await hear(page, (ids) => ids.forEach((id) => acknowledged.add(id)));
        await page.goto(`${base}/${path}`);
        await page.getByRole('heading', { level: 1 }).first().waitFor();
        pages.push(page);
      }
      const [one, two, left, right] = pages;
      for (let round = 0; round < count && wrong.length === 0; round += 1) {
        await Promise.all([
          ...[one, two].map((page) => pressFish(page, 30 + ((seed + round) % 5) * 10)),
          ...[left, right].map((page, at) =>
            page.evaluate(
              async ([turn, side]) => {
                const steps = () =>
                  [
                    ...document.querySelectorAll('button[aria-label^="More "], button[aria-label^="Fewer "]'),
                  ].filter((button) => !button.disabled);
                for (let i = 0; i < 6; i += 1) {
                  const all = steps();
                  all[(turn * 7 + i * 3 + side) % all.length]?.click();
                  await new Promise((resolve) => setTimeout(resolve, 20 + ((turn + i) % 4) * 15));
                  if (i === 3)
                    window.dispatchEvent(
                      new KeyboardEvent('keydown', { key: 'z', ctrlKey: true, bubbles: true }),
                    );
                }
              },
              [seed * 31 + round, at],
            ),
          ),
        ]);
        // Those who press fish stop; then everything comes to rest.
        await Promise.all(
          [one, two].map((page) =>
            page.evaluate(() => {
              const last = window.setInterval(() => undefined, 1e9);
              for (let id = 1; id <= last; id += 1) window.clearInterval(id);
            }),
          ),
        );
        let seen = '';
        for (let tries = 0; tries < 250; tries += 1) {
          await left.waitForTimeout(100);
          const shown = await Promise.all([shownList(left), shownList(right)]);
          const counts = listIn(await stored(left));
          seen = shown.map((list) => JSON.stringify(countsIn(list)) === JSON.stringify(counts)).join();
          if (seen === 'true,true' && JSON.stringify(shown[0]) === JSON.stringify(shown[1])) break;
          seen = `${shown[0]} in one tab, ${shown[1]} in the other, ${counts} stored`;
        }
        if (seen !== 'true,true') wrong.push(`round ${round + 1}: at rest ${seen}`);
        wrong.push(
          ...faultsOf(await stored(left), acknowledged).map((fault) => `round ${round + 1}: ${fault}`),
        );
      }
    } finally {
      await browser.close();
    }
    return {
      ok: wrong.length === 0 && acknowledged.size > 0,
      said: wrong.join('\n') || `${acknowledged.size} entries were acknowledged, none is missing`,
    };
  });
}
