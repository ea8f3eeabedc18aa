import type { Flat, Plate } from '@/core/plates';
import type { Scene, SceneAsked } from '@/core/scene';
import type { PictureAsked } from '@/workers/platesWork';
import { pictureBook } from './pictureBook';

const asked = (id: string, detail: PictureAsked['detail'] = 'glass'): PictureAsked => ({
  id,
  lines: [],
  shape: 'torpedo',
  colours: [],
  depthRatio: 0.3,
  wearer: null,
  detail,
});
const plateFor = ({ id, detail }: PictureAsked): Plate => ({
  inner: `${id} ${detail}`,
  viewBox: [0, 0, 1, 1],
  length: 1,
});
const flatFor = ({ id }: PictureAsked): Flat => ({ d: id, length: 1, box: [0, 0, 1, 1] });
const settled = async (): Promise<void> => {
  for (let i = 0; i < 40; i++) await Promise.resolve();
};

const SCENE: Scene = { art: '', steps: 1, surface: 0, free: 0, pane: 0, casts: [] };

function bookWithCalls(rest = async (_ms?: number): Promise<void> => Promise.resolve()) {
  const calls: string[][] = [];
  const book = pictureBook(
    {
      draw: async (list) => {
        calls.push(list.map(({ id, detail }) => `${id} ${detail}`));
        return Promise.resolve(list.map(plateFor));
      },
      flat: async (list) => Promise.resolve(list.map(flatFor)),
      scenes: async (list) => Promise.resolve(list.map(() => SCENE)),
    },
    rest,
  );
  return { book, calls };
}

describe('the picture book', () => {
  it('draws what is asked together, once, and tells when it is there', async () => {
    const { book, calls } = bookWithCalls();
    const told = jest.fn();
    const end = book.listen(told);
    expect(book.plate(asked('neon'))).toBeNull();
    expect(book.plate(asked('neon'))).toBeNull();
    expect(book.plate(asked('oscar'))).toBeNull();
    await settled();
    expect(calls).toEqual([['neon glass', 'oscar glass']]);
    expect(told).toHaveBeenCalled();
    expect(book.plate(asked('neon'))?.inner).toBe('neon glass');
    expect(book.plate(asked('neon'))).toBe(book.plate(asked('neon')));
    expect(book.plate(asked('neon', 'plate'))).toBeNull();
    await settled();
    expect(calls).toHaveLength(2);
    end();
    book.plate(asked('discus'));
    told.mockClear();
    await settled();
    expect(told).not.toHaveBeenCalled();
  });
  it('draws what was looked at last first', async () => {
    const { book, calls } = bookWithCalls();
    for (let i = 0; i < 30; i++) book.plate(asked(`fish-${i}`));
    await settled();
    expect(calls[0]).toContain('fish-29 glass');
    expect(calls.flat()).toHaveLength(30);
  });
  it('tells of pictures when hands rest, and of a scene soon after the press', async () => {
    let rests = (): void => undefined;
    const { book } = bookWithCalls(async (ms) =>
      ms === undefined ? new Promise((resolve) => (rests = resolve)) : Promise.resolve(),
    );
    const told = jest.fn();
    book.listen(told);
    book.plate(asked('neon'));
    await settled();
    expect(told).not.toHaveBeenCalled();
    expect(book.scene({} as SceneAsked)).toBeNull();
    await settled();
    expect(told).toHaveBeenCalledTimes(1);
    expect(book.scene({} as SceneAsked)).toBe(SCENE);
    rests();
    await settled();
    expect(told).toHaveBeenCalledTimes(2);
  });
  it('keeps flat shapes by themselves', async () => {
    const { book } = bookWithCalls();
    expect(book.flat(asked('neon'))).toBeNull();
    await settled();
    expect(book.flat(asked('neon'))?.d).toBe('neon');
  });
});
