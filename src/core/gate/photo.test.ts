import { readDocument } from './index';

const photo = (data: string) =>
  readDocument({
    id: 'photo-1',
    kind: 'photo',
    rev: 1,
    body: { resident: 'a', on: '2026-11-01T10:00:00.000Z', data, note: '' },
  });

describe('a picture in a room', () => {
  it.each([
    'data:image/jpeg;base64,/9j/4AAQSkZJRg==',
    'data:image/png;base64,iVBORw0KGgoAAAANSUhEUg==',
    'data:image/webp;base64,UklGRiQAAABXRUJQ',
  ])('is one by its type and its first bytes: %s', (data) => expect(photo(data).ok).toBe(true));

  it.each([
    ['a drawing that could hold a script', 'data:image/svg+xml;base64,PHN2Zz48L3N2Zz4='],
    ['a page that calls itself a picture', 'data:image/jpeg;base64,PGh0bWw+PHNjcmlwdD4='],
    ['another type than it says', 'data:image/png;base64,/9j/4AAQSkZJRg=='],
    ['an address with more than base 64', 'data:image/jpeg;base64,/9j/"><script>alert(1)</script>'],
    ['an address elsewhere', 'https://example.org/fish.jpg'],
    ['nothing', ''],
  ])('is not %s', (_, data) =>
    expect(photo(data)).toMatchObject({ ok: false, faults: [{ expected: { is: 'picture' } }] }),
  );
});
