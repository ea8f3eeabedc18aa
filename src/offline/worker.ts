import { keepingOf, partKey, SHARED, whereShared, type Keeping } from './keep';

/** Put in by the build: a name for this build, its pages and its assets. */
declare const LOMVIK_BUILD: string;
declare const LOMVIK_PAGES: readonly string[];
declare const LOMVIK_ASSETS: readonly string[];

/** The few things of a service worker's surroundings that the DOM's types do not name. */
interface Worker {
  readonly location: Location;
  readonly clients: { claim(): Promise<void> };
  skipWaiting(): Promise<void>;
  addEventListener(
    type: 'install' | 'activate',
    listener: (event: Event & { waitUntil(done: Promise<unknown>): void }) => void,
  ): void;
  addEventListener(type: 'message', listener: (event: MessageEvent<unknown>) => void): void;
  addEventListener(
    type: 'fetch',
    listener: (
      event: Event & { readonly request: Request; respondWith(answer: Promise<Response>): void },
    ) => void,
  ): void;
}
const worker = self as unknown as Worker;
const CACHE = `lomvik-${LOMVIK_BUILD}`;

/** A fresh answer made of a kept one: a kept one carries its old address, which breaks workers that read theirs. */
const renewed = async (kept: Response): Promise<Response> =>
  new Response(await kept.blob(), { status: kept.status, headers: kept.headers });

/** So many files are fetched at once: the page that is open shares the machine with them. */
const AT_ONCE = 4;

async function inParts<T>(all: readonly T[], part: (some: T[]) => Promise<unknown>): Promise<void> {
  for (let at = 0; at < all.length; at += AT_ONCE) await part(all.slice(at, at + AT_ONCE));
}

async function keepEverything(): Promise<void> {
  const cache = await caches.open(CACHE);
  const keep = async (key: string, path: string, init: RequestInit): Promise<void> => {
    const answer = await fetch(path, { cache: 'reload', ...init });
    if (answer.ok) await cache.put(key, answer);
  };
  await inParts(LOMVIK_ASSETS, (some) => cache.addAll(some));
  const pages = LOMVIK_PAGES.flatMap((path): [string, string, RequestInit][] => [
    [path, path, {}],
    [partKey(path), path, { headers: { RSC: '1' } }],
  ]);
  await inParts(pages, (some) => Promise.all(some.map((page) => keep(...page))));
}

async function dropOlder(): Promise<void> {
  const names = await caches.keys();
  await Promise.all(
    names
      .filter((name) => name.startsWith('lomvik-') && name !== CACHE && name !== SHARED.cache)
      .map((name) => caches.delete(name)),
  );
  await worker.clients.claim();
}

/** Puts a shared file where the page finds it, and leads there. */
async function takeShared(request: Request): Promise<Response> {
  const form = await request.formData();
  const text = ['url', 'text', 'title']
    .map((name) => form.get(name))
    .filter((one) => typeof one === 'string');
  const file = form.get('file');
  if (file instanceof File) {
    const cache = await caches.open(SHARED.cache);
    await cache.put(
      SHARED.key,
      new Response(file, {
        headers: { 'content-type': file.type, [SHARED.nameHeader]: encodeURIComponent(file.name) },
      }),
    );
  }
  const to = whereShared(text.join(' '), file instanceof File ? file.type : null);
  return Response.redirect(new URL(to, worker.location.href).href, 303);
}

async function kept(key: string): Promise<Response | null> {
  const hit = await (await caches.open(CACHE)).match(key);
  return hit ? renewed(hit) : null;
}

/** Pages come from the server while it answers, else from what was kept; assets never change under their name. */
async function answer(
  request: Request,
  keeping: Extract<Keeping, { readonly key: string }>,
): Promise<Response> {
  if (keeping.how === 'asset') return (await kept(keeping.key)) ?? fetch(request);
  try {
    return await fetch(request);
  } catch {
    return (await kept(keeping.key)) ?? Response.error();
  }
}

worker.addEventListener('install', (event) => event.waitUntil(keepEverything()));
worker.addEventListener('activate', (event) => event.waitUntil(dropOlder()));
// A newer version waits until the keeper takes it: no page changes under his hands.
worker.addEventListener('message', ({ data }) => {
  if (data === 'take over') void worker.skipWaiting();
});
worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const { headers } = request;
  const keeping = keepingOf(
    {
      method: request.method,
      url: request.url,
      navigates: request.mode === 'navigate',
      rsc: headers.has('RSC'),
      early: headers.has('Next-Router-Prefetch') || headers.has('Next-Router-Segment-Prefetch'),
    },
    worker.location.origin,
  );
  if (keeping.how === 'shared') event.respondWith(takeShared(request));
  else if (keeping.how !== 'leave') event.respondWith(answer(request, keeping));
});
