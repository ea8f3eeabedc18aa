import type { RoomDocument } from '../records';
import { ROOM_FILE, withoutPictures, withPictures } from './pictureFiles';

const photo = (id: string, data: string): RoomDocument =>
  ({
    id,
    kind: 'photo',
    revision: 3,
    body: { tank: 'fen', takenOn: '2026-11-01', data, caption: 'a tank' },
  }) as unknown as RoomDocument;
const tank = {
  id: 'fen',
  kind: 'tank',
  revision: 1,
  body: { name: 'Fen', data: 'pictures/x.png' },
} as unknown as RoomDocument;
const gone = { id: 'gone', kind: 'photo', revision: 9, body: null } as unknown as RoomDocument;
const dataOf = (document: unknown): unknown =>
  (document as { readonly body: { readonly data: unknown } }).body.data;

describe('pictures beside a room', () => {
  it('stand in a file of their own, named by document and kind, with all else where it was', () => {
    const documents = [
      tank,
      photo('p1', 'data:image/jpeg;base64,AAAA'),
      gone,
      photo('p2', 'data:image/png;base64,QUI='),
      photo('p3', 'data:image/webp;base64,QQ=='),
    ];
    const { documents: rest, pictures } = withoutPictures(documents);
    expect(ROOM_FILE).toBe('room.json');
    expect(pictures).toEqual([
      { name: 'pictures/p1.jpg', base64: 'AAAA' },
      { name: 'pictures/p2.png', base64: 'QUI=' },
      { name: 'pictures/p3.webp', base64: 'QQ==' },
    ]);
    expect(rest).toEqual([
      tank,
      photo('p1', 'pictures/p1.jpg'),
      gone,
      photo('p2', 'pictures/p2.png'),
      photo('p3', 'pictures/p3.webp'),
    ]);
    const files = new Map(pictures.map(({ name, base64 }) => [name, base64]));
    expect(withPictures({ format: 'lomvik', documents: rest }, (name) => files.get(name) ?? null)).toEqual({
      format: 'lomvik',
      documents,
    });
  });
  // RFC 4648: four letters for three bytes, the rest filled up with "=", and no bit set that stands for nothing.
  it.each([
    ['of another kind', 'data:image/gif;base64,AAAA'],
    ['not in base 64', 'data:image/png,AAAA'],
    ['that is empty', 'data:image/png;base64,'],
    ['that is cut', 'data:image/png;base64,AAA'],
    ['with a letter too many', 'data:image/png;base64,AAAAA'],
    ['with letters of another kind', 'data:image/png;base64,AA-_'],
    ['filled up in the middle', 'data:image/png;base64,QQ==AAAA'],
    ['with a bit that stands for nothing', 'data:image/png;base64,QR=='],
    ['with two bits that stand for nothing', 'data:image/png;base64,QUJ='],
    ['after something else', ' data:image/png;base64,AAAA'],
    ['that is an address', 'https://example.org/p.png'],
  ])('stay where they are: one %s', (_what, data) => {
    const documents = [photo('p', data)];
    const { documents: rest, pictures } = withoutPictures(documents);
    expect(pictures).toEqual([]);
    expect(rest[0]).toBe(documents[0]);
  });
});

describe('pictures put back', () => {
  const asked: string[] = [];
  const back = (documents: unknown, base64: string | null = 'AAAA') => {
    asked.length = 0;
    const file = withPictures({ documents, more: 1 }, (name) => {
      asked.push(name);
      return base64;
    });
    return (file as { readonly documents: readonly unknown[] }).documents;
  };
  it.each([
    ['pictures/p.jpg', 'data:image/jpeg;base64,AAAA'],
    ['pictures/p.png', 'data:image/png;base64,AAAA'],
    ['pictures/a.b.webp', 'data:image/webp;base64,AAAA'],
  ])('have their kind from their name: %s', (name, data) => {
    const [document] = back([photo('p', name)]);
    expect(document).toEqual(photo('p', data));
    expect(asked).toEqual([name]);
  });
  it('are left as a name where their file is missing, or of no known kind', () => {
    const named = photo('p', 'pictures/p.jpg');
    expect(back([named], null)[0]).toBe(named);
    for (const name of ['pictures/p.gif', 'pictures/p', 'pictures/jpeg', 'pictures/p.jpeg']) {
      const other = photo('p', name);
      expect(back([other])[0]).toBe(other);
    }
  });
  it('are looked for nowhere else than in their folder, and only for photos', () => {
    const others = [
      photo('p', 'p.jpg'),
      photo('p', '../pictures/p.jpg'),
      photo('p', 'data:image/png;base64,AAAA'),
      tank,
      gone,
    ];
    expect(back(others)).toEqual(others);
    expect(asked).toEqual([]);
  });
  it.each([
    ['nothing', null],
    ['a text', 'pictures/p.jpg'],
    ['a number', 7],
    ['an object without documents', { format: 'lomvik' }],
    ['documents that are no list', { documents: { p: 1 } }],
  ])('pass over what is no room: %s', (_what, file) => expect(withPictures(file, () => 'AAAA')).toBe(file));
  it('pass over documents of any other make', () => {
    const odd = [
      null,
      7,
      'photo',
      {},
      { kind: 'photo' },
      { kind: 'photo', body: 3 },
      { kind: 'photo', body: { data: 5 } },
    ];
    expect(back(odd)).toEqual(odd);
    expect(dataOf(back([{ kind: 'photo', body: { data: 'pictures/p.png' } }])[0])).toBe(
      'data:image/png;base64,AAAA',
    );
  });
});
