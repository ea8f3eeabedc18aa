import { contentPolicy, HEADERS, hashesAt, isLoopback } from './door';

describe('the door', () => {
  it.each(['localhost', 'localhost:4173', '127.0.0.1:4173', '[::1]:4173', 'LOCALHOST:80'])(
    'answers to %s',
    (host) => expect(isLoopback(host)).toBe(true),
  );
  it.each([
    null,
    '',
    'example.test',
    'localhost.example.test',
    'localhost:4173@example.test',
    '127.0.0.1.example.test',
    '127.0.0.2x',
    'xlocalhost',
    '0.0.0.0:4173',
    '192.168.1.4:4173',
  ])('does not answer to %s', (host) => expect(isLoopback(host)).toBe(false));
});

describe('the policy of a page', () => {
  const policy = contentPolicy(['abc=', 'def=']);
  const part = (name: string): string => policy.split('; ').find((one) => one.startsWith(`${name} `)) ?? '';
  it('runs scripts from here and those of the build alone', () =>
    expect(part('script-src')).toBe("script-src 'self' 'sha256-abc=' 'sha256-def='"));
  it('lets nobody frame it, nothing be loaded from elsewhere, no base be changed', () => {
    expect(part('frame-ancestors')).toBe("frame-ancestors 'none'");
    expect(part('default-src')).toBe("default-src 'self'");
    expect(part('base-uri')).toBe("base-uri 'none'");
    expect(policy).not.toMatch(/https?:|\*|unsafe-eval/);
  });
  it('is that of the page at the address, and of the page for dead addresses elsewhere', () => {
    const pages = { '/': ['start'], '/stock': ['stock'], '/_not-found': ['nowhere'] };
    expect(['/', '/stock', '/stock/', '/gone'].map((path) => hashesAt(pages, path)[0])).toEqual([
      'start',
      'stock',
      'stock',
      'nowhere',
    ]);
  });
  it('has no hashes for what is no page: workers, pictures, the service worker', () =>
    expect(
      ['/_next/static/chunks/a.js', '/sw.js', '/icon.svg'].flatMap((path) =>
        hashesAt({ '/_not-found': ['x'] }, path),
      ),
    ).toEqual([]));
  it('asks for no camera, microphone or place', () => {
    expect(HEADERS['Permissions-Policy']).toMatch(/camera=\(\).*geolocation=\(\).*microphone=\(\)/);
  });
});
