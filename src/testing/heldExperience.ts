import 'fake-indexeddb/auto';
import type { ExperienceFile } from '@/core/evidence';
import { experienceStore } from '@/store/experience/experienceStore';
import { experienceWork } from '@/workers/experienceWork';

const store = experienceStore('screens');

/** What the experience worker does, for screens in a test; the room's own record is empty. */
export const heldExperience = () =>
  experienceWork(
    () => store,
    async () => ({ documents: [], entries: async () => [], mark: '' }),
    () => '2027-06-02T12:00:00.000Z',
  );

/** Puts these files, and no others, beside the room. */
export async function hold(files: readonly ExperienceFile[]): Promise<void> {
  await store.remove('all');
  await store.put(files.map((file, i) => ({ file, name: `${i}.json`, takenOn: '2027-06-01' })));
}
