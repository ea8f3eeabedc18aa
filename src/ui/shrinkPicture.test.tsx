import { shrinkPicture } from './shrinkPicture';

const sized = (bytes: number): File => {
  const file = new File(['x'], 'a.jpg', { type: 'image/jpeg' });
  Object.defineProperty(file, 'size', { value: bytes });
  return file;
};
const MB = 1024 * 1024;

describe('a picture made small', () => {
  const sizes: number[][] = [];
  let texts: string[] = [];
  beforeEach(() => {
    sizes.length = 0;
    texts = ['data:image/jpeg;base64,small'];
    Object.assign(globalThis, {
      createImageBitmap: () => Promise.resolve({ width: 6000, height: 4000, close: () => undefined }),
    });
    HTMLCanvasElement.prototype.getContext = (() => ({ drawImage: () => undefined })) as never;
    HTMLCanvasElement.prototype.toDataURL = function toDataURL() {
      sizes.push([this.width, this.height]);
      return texts.shift() ?? '';
    };
  });

  it('takes one of 40 MB, and keeps its proportion', async () => {
    expect(await shrinkPicture(sized(40 * MB))).toEqual({ ok: true, data: 'data:image/jpeg;base64,small' });
    expect(sizes).toEqual([[900, 600]]);
  });
  it('presses harder when it stays too large', async () => {
    texts = ['x'.repeat(700_000), 'data:image/jpeg;base64,pressed'];
    expect(await shrinkPicture(sized(MB))).toEqual({ ok: true, data: 'data:image/jpeg;base64,pressed' });
  });
  it('says why not, and that nothing was lost', async () => {
    expect(await shrinkPicture(sized(120 * MB))).toMatchObject({
      ok: false,
      why: expect.stringMatching(/120 MB; at most 80.*Nothing was saved/),
    });
    Object.assign(globalThis, { createImageBitmap: () => Promise.reject(new Error('no picture')) });
    expect(await shrinkPicture(sized(MB))).toMatchObject({
      ok: false,
      why: expect.stringMatching(/could not be read as a picture/),
    });
  });
});
