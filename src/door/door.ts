/** The names under which this machine calls itself: nothing else is answered, so that no page elsewhere can reach the app by a name of its own. */
const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d{1,5})?$/i;

/** Whether a request names this machine itself, with or without a port. */
export const isLoopback = (host: string | null): boolean => host !== null && LOOPBACK.test(host);

/** What a browser may do in a page beyond showing it: keep the screen awake, copy, share, full screen. Nothing else. */
const USED = ['clipboard-write', 'fullscreen', 'screen-wake-lock'] as const;
const UNUSED = [
  'accelerometer',
  'autoplay',
  'camera',
  'display-capture',
  'encrypted-media',
  'geolocation',
  'gyroscope',
  'hid',
  'idle-detection',
  'local-fonts',
  'magnetometer',
  'microphone',
  'midi',
  'payment',
  'picture-in-picture',
  'publickey-credentials-get',
  'serial',
  'usb',
  'xr-spatial-tracking',
] as const;

/**
 * What a page may load and from where: from here alone, and of the scripts within it only those that the build wrote, by their hashes.
 * Styles may stand in the page: figures place themselves by them. `hashes`: sha256 in base64, without quotes.
 */
export const contentPolicy = (hashes: readonly string[]): string =>
  [
    "default-src 'self'",
    ['script-src', "'self'", ...hashes.map((hash) => `'sha256-${hash}'`)].join(' '),
    "style-src 'self' 'unsafe-inline'",
    // Pictures of the keeper, and charts that are saved.
    "img-src 'self' data: blob:",
    "worker-src 'self'",
    "object-src 'none'",
    "frame-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Headers that every answer carries, whatever it is. */
export const HEADERS: Readonly<Record<string, string>> = {
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': [...USED.map((name) => `${name}=(self)`), ...UNUSED.map((name) => `${name}=()`)].join(
    ', ',
  ),
};

/** Hashes of the scripts within each page, by its address; those of the page for a dead address under NOWHERE. */
export type ScriptHashes = Readonly<Record<string, readonly string[]>>;
export const NOWHERE = '/_not-found';

/** What is no page and has no script within it: pieces of the build, pictures, the service worker. */
const NO_PAGE = /^\/_next\/|\.\w+$/;

/** The hashes of the page at an address; none for what is no page. */
export const hashesAt = (pages: ScriptHashes, path: string): readonly string[] =>
  NO_PAGE.test(path) ? [] : (pages[path.length > 1 ? path.replace(/\/$/, '') : path] ?? pages[NOWHERE] ?? []);
