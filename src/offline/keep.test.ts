import { keepingOf, whereShared, type Asked } from './keep';

const origin = 'http://here';
const ask = (url: string, more: Partial<Asked> = {}) =>
  keepingOf({ method: 'GET', url, navigates: false, rsc: false, early: false, ...more }, origin);

describe('keepingOf', () => {
  it('keeps a page by its path, whatever tank it shows', () => {
    expect(ask('http://here/stock?tank=a', { navigates: true })).toEqual({ how: 'page', key: '/stock' });
    expect(ask('http://here/stock?tank=a&_rsc=x', { rsc: true })).toEqual({
      how: 'part',
      key: '/stock?parts',
    });
  });
  it('keeps assets for good', () =>
    expect(ask('http://here/_next/static/chunks/a.js')).toEqual({
      how: 'asset',
      key: '/_next/static/chunks/a.js',
    }));
  it.each(['/icon.svg', '/icon-192.png', '/icon-maskable-512.png', '/manifest.webmanifest'])(
    'keeps what a home screen needs: %s',
    (path) => expect(ask(`http://here${path}`)).toEqual({ how: 'asset', key: path }),
  );
  it.each([
    ['another host', ask('http://there/a', { navigates: true })],
    ['a post', ask('http://here/a', { method: 'POST' })],
    ['which room the server was started for', ask('http://here/start')],
    ['what the router wants early', ask('http://here/stock', { rsc: true, early: true })],
    ['anything else', ask('http://here/odd.json')],
  ])('leaves %s alone', (_what, keeping) => expect(keeping).toEqual({ how: 'leave' }));
});

describe('what another app shares', () => {
  it('is taken here, and only at its own address', () => {
    expect(ask('http://here/share', { method: 'POST' })).toEqual({ how: 'shared' });
    expect(ask('http://there/share', { method: 'POST' })).toEqual({ how: 'leave' });
    expect(ask('http://here/share')).toEqual({ how: 'leave' });
  });
  it.each([
    ['a list for you https://fish.example/plan#1.ab_-c', null, '/plan#1.ab_-c'],
    ['nothing of ours', null, '/'],
    ['', 'image/jpeg', '/files?shared=picture'],
    ['', 'application/json', '/files?shared=file'],
  ])('leads to its screen: %s %s', (text, type, to) => expect(whereShared(text, type)).toBe(to));
});
