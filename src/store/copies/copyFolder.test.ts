import { addDays } from '@/core/kernel';
import { copiesIn, copyName, type CopyFolder, keepCopy } from './copyFolder';

const text = (said: string) => ({ blob: new Blob([said]), ending: '.lomvik.json' as const });

function folder(names: readonly string[] = [], isFull: (name: string) => boolean = () => false) {
  const files = new Map(names.map((name) => [name, 'as it was']));
  const port: CopyFolder = {
    names: () => Promise.resolve([...files.keys()]),
    write: async (name, blob) => {
      if (isFull(name)) throw new Error('The disk is full.');
      files.set(name, await blob.text());
    },
    remove: (name) => Promise.resolve(void files.delete(name)),
  };
  return { files, port };
}

describe('copies in a folder', () => {
  it('is one a day, written over during the day', async () => {
    const { files, port } = folder();
    expect(await keepCopy(port, 'own', '2026-11-30', text('morning'))).toBe(1);
    expect(await keepCopy(port, 'own', '2026-11-30', text('evening'))).toBe(1);
    expect([...files]).toEqual([['lomvik-own-2026-11-30.lomvik.json', 'evening']]);
  });

  it('touches no file that is not a copy of this room', async () => {
    const foreign = [
      'holiday.jpg',
      'lomvik-own-2026-13-45.lomvik.json',
      'lomvik-own-2020-01-01.txt',
      'lomvik-demo-2020-01-01.lomvik.json',
      'lomvik-own-.lomvik.zip',
    ];
    const { files, port } = folder(foreign);
    for (let i = 0; i < 60; i += 1) await keepCopy(port, 'own', addDays('2026-01-01', i), text(`day ${i}`));
    for (const name of foreign) expect(files.get(name)).toBe('as it was');
    expect(copiesIn('own', [...files.keys()]).length).toBeLessThanOrEqual(23);
  });

  it('loses nothing where the new copy cannot be written', async () => {
    const old = Array.from({ length: 12 }, (_, i) =>
      copyName('own', addDays('2026-11-01', i), '.lomvik.json'),
    );
    const { files, port } = folder(old, () => true);
    await expect(keepCopy(port, 'own', '2026-11-30', text('new'))).rejects.toThrow('The disk is full.');
    expect([...files.keys()]).toEqual(old);
  });

  it('takes the place of the copy of the day in its other form, once pictures have come', async () => {
    const { files, port } = folder();
    await keepCopy(port, 'own', '2026-11-30', text('without'));
    await keepCopy(port, 'own', '2026-11-30', { blob: new Blob(['with']), ending: '.lomvik.zip' });
    expect([...files]).toEqual([['lomvik-own-2026-11-30.lomvik.zip', 'with']]);
  });
});
