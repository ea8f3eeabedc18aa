import { test as base, expect, type Page } from '@playwright/test';

/** A page that fails its test on a console error, on an uncaught one, and on any request to another host. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page, baseURL }, provide) => {
    const wrongs: string[] = [];
    page.on('console', (message) => {
      if (message.type() === 'error') wrongs.push(`console: ${message.text()} ${message.location().url}`);
    });
    page.on('pageerror', (error) => wrongs.push(`uncaught: ${error.message}`));
    page.on('request', (request) => {
      const url = new URL(request.url());
      if (url.protocol.startsWith('http') && url.origin !== baseURL) wrongs.push(`request to ${url.origin}`);
    });
    await provide(page);
    expect(wrongs).toEqual([]);
  },
});

/** Opens the made-up room, whatever the server was started for. */
export async function openDemo(page: Page, path = '/'): Promise<void> {
  await page.addInitScript(() => window.localStorage.setItem('lomvik.room', 'demo'));
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

/** Waits until the page has changed nothing for half a second: the parts that come late are there. */
export const quiet = (page: Page): Promise<void> =>
  page.evaluate(
    () =>
      new Promise<void>((settle) => {
        const done = () => {
          watcher.disconnect();
          settle();
        };
        let timer = setTimeout(done, 500);
        const watcher = new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(done, 500);
        });
        watcher.observe(document.body, { subtree: true, childList: true, attributes: true });
      }),
  );

/** A tank of the keeper's own, through the real dialog. */
export async function newTank(
  page: Page,
  name: string,
  measures: readonly [string, string, string],
): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Add tank' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill(name);
  await dialog.getByLabel('Length').fill(measures[0]);
  await dialog.getByLabel('Width').fill(measures[1]);
  await dialog.getByLabel('Height').fill(measures[2]);
  await dialog.getByRole('button', { name: 'Add tank' }).click();
  await expect(page.getByRole('heading', { level: 1, name: `${name}, display` })).toBeVisible();
}

/** Lists a species by typing a name and pressing Enter. */
export async function list(page: Page, name: string): Promise<void> {
  await page.getByRole('combobox', { name: 'Add to the list' }).fill(name);
  await page.keyboard.press('Enter');
}

export const screen = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: /^Work on/ })
    .getByRole('link', { name, exact: true })
    .click();

export { expect, base as unwatched };
