import { twinAddress } from './roomAddress';

describe('twinAddress', () => {
  it.each([
    ['http://localhost:4173/files?part=a', 'http://127.0.0.1:4173'],
    ['http://127.0.0.1:4180/', 'http://localhost:4180'],
    ['http://localhost/', 'http://127.0.0.1'],
  ])('%s has a twin', (href, twin) => expect(twinAddress(href)).toBe(twin));
  it.each(['https://fish.example/room', 'http://192.168.1.4:4173/'])('%s has none', (href) =>
    expect(twinAddress(href)).toBeNull(),
  );
});
