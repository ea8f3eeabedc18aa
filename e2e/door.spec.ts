import { request as ask, type IncomingMessage } from 'node:http';
import { expect, openDemo, test, unwatched } from './watchful';

/** An answer to a request that calls the server by a name of its own choice, as a page elsewhere could make a browser do. */
const answerTo = (base: string, path: string, host?: string): Promise<IncomingMessage> =>
  new Promise((resolve, reject) => {
    const asked = ask(
      new URL(path, base),
      { headers: host === undefined ? {} : { Host: host } },
      (answer) => {
        answer.resume();
        resolve(answer);
      },
    );
    asked.on('error', reject);
    asked.end();
  });

test('the server answers to its own names only, and every answer carries its headers', async ({
  page,
  baseURL,
}) => {
  const base = String(baseURL);
  await openDemo(page, '/stock?tank=demo-fen');
  const worker = await page.evaluate(
    () =>
      performance.getEntriesByType('resource').find(({ name }) => name.includes('/_next/static/'))?.name ??
      '',
  );
  for (const path of ['/', '/stock?tank=demo-fen', '/files', '/gone', '/sw.js', '/start', worker]) {
    const { headers } = await answerTo(base, path);
    expect(headers['content-security-policy'], path).toMatch(/^default-src 'self'; script-src 'self'[^;]*; /);
    expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('no-referrer');
    expect(headers['permissions-policy']).toContain('camera=()');
    expect((await answerTo(base, path, 'lomvik.example')).statusCode, path).toBe(421);
  }
  expect((await answerTo(base, '/', `localhost:${new URL(base).port}`)).statusCode).toBe(200);
});

// The browser itself tells the console what it refused.
unwatched(
  'a script that somebody smuggles into a page does not run, and nobody frames the app',
  async ({ page, baseURL }) => {
    await openDemo(page, '/files');
    const ran = await page.evaluate(() => {
      const script = document.createElement('script');
      script.textContent = 'window.smuggled = true';
      document.body.append(script);
      const picture = document.createElement('div');
      picture.innerHTML = '<img src="data:," onerror="window.smuggled = true">';
      document.body.append(picture);
      return new Promise((resolve) => setTimeout(() => resolve('smuggled' in window), 500));
    });
    expect(ran).toBe(false);
    const stranger = await page.context().newPage();
    await stranger.setContent(`<iframe src="${baseURL}/files" width="900" height="600"></iframe>`);
    await stranger.waitForTimeout(1500);
    await expect(stranger.frameLocator('iframe').getByRole('heading', { level: 1 })).toHaveCount(0);
  },
);
