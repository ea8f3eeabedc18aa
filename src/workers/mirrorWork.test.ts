import { memoryStore } from '@/store/memory/memoryStore';
import { memoryFiles } from '@/testing/memoryFiles';
import { append, cameAs, openTab, placeWithTanks } from '@/testing/tabs';
import { mirrorWork } from './mirrorWork';

it('what could not be written on is in the second copy with the next that is written', async () => {
  const place = await placeWithTanks();
  const files = memoryFiles();
  const work = mirrorWork(
    () => memoryStore(place),
    async () => files,
    () => 1000,
    'p',
  );
  await work.compare('own');
  const session = await openTab(place);
  const add = async (id: string, day: number): Promise<unknown> => {
    await session.run(id, [append(session, cameAs(id, `2027-01-0${day}T12:00:00.000Z`, 1))]);
    return work.append('own', { entries: place.entries.slice(-1), documents: [] });
  };
  await add('a', 1);
  files.disk.full = true;
  await expect(add('b', 2)).rejects.toThrow('full');
  files.disk.full = false;
  await add('c', 3);
  place.entries = [];
  expect(await work.compare('own')).toMatchObject({ entries: 3, documents: 0 });
});
