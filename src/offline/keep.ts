/** What a request asks for, as far as keeping it for later goes. Plain in, verdict out. */
export type Keeping =
  | { readonly how: 'page'; readonly key: string }
  | { readonly how: 'part'; readonly key: string }
  | { readonly how: 'asset'; readonly key: string }
  /** Something that another app hands over. */
  | { readonly how: 'shared' }
  | { readonly how: 'leave' };

export interface Asked {
  readonly method: string;
  readonly url: string;
  readonly navigates: boolean;
  /** Asked for by the router, which wants the page's parts instead of its HTML. */
  readonly rsc: boolean;
  /** A router's wish to have something early; nobody waits for it. */
  readonly early: boolean;
}

/** Where a system posts what was shared with the installed app. */
export const SHARE_PATH = '/share';
/** Where a shared file waits until a page takes it. */
export const SHARED = { cache: 'lomvik-shared', key: '/shared-file', nameHeader: 'x-file-name' } as const;

/**
 * Where something shared leads: a link of a plan to the plan, a picture to its fish, any other file to Files.
 * @example whereShared('look: https://fish.example/plan#1.abc', null) // '/plan#1.abc'
 */
export function whereShared(text: string, fileType: string | null): string {
  if (fileType !== null)
    return fileType.startsWith('image/') ? '/files?shared=picture' : '/files?shared=file';
  const plan = /\/plan(#[\w.-]+)/.exec(text);
  return plan ? `/plan${plan[1]}` : '/';
}

/** The key under which the parts of a page are kept. */
export const partKey = (path: string): string => `${path}?parts`;

/** Pages are kept by path alone: what is shown on them comes from the address and the browser's own store. */
export function keepingOf(asked: Asked, origin: string): Keeping {
  const url = new URL(asked.url);
  if (asked.method === 'POST' && url.origin === origin && url.pathname === SHARE_PATH)
    return { how: 'shared' };
  if (asked.method !== 'GET' || url.origin !== origin || url.pathname === '/start') return { how: 'leave' };
  if (
    url.pathname.startsWith('/_next/static/') ||
    /^\/(icon[\w-]*\.(svg|png)|manifest\.webmanifest)$/.test(url.pathname)
  )
    return { how: 'asset', key: url.pathname };
  if (asked.early || url.pathname.startsWith('/_next/')) return { how: 'leave' };
  if (asked.rsc) return { how: 'part', key: partKey(url.pathname) };
  return asked.navigates ? { how: 'page', key: url.pathname } : { how: 'leave' };
}
