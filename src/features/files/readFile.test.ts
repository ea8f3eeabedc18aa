import { demoRoom } from '@/demo/demoRoom';
import { writeBackup } from '@/core/formats/backup';
import { catalogue } from '@/testing/plans';
import { readText } from './readFile';

describe('readText', () => {
  it('knows a room and a plan', () => {
    const demo = demoRoom('2026-05-20');
    expect(readText(writeBackup(demo.documents, demo.entries, ''), catalogue)).toMatchObject({
      kind: 'backup',
    });
    expect(
      readText(
        '{"format":"lomvik-plan","version":1,"tank":{"lengthCm":60,"widthCm":30,"heightCm":36},"groups":[]}',
        catalogue,
      ),
    ).toMatchObject({ kind: 'plan' });
  });
  it.each(['', '{', '[]', '{"format":"lomvik-plan","version":1}', 'null'])(
    'refuses %j with reasons',
    (text) => {
      const read = readText(text, catalogue);
      if (read.kind !== 'refused') throw new Error('accepted');
      expect(read.faults.length).toBeGreaterThan(0);
    },
  );
});
