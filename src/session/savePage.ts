import { writeBackup } from '@/core/formats';
import { saveText } from '@/session/saveFile';
import type { Session } from './types';

/** Saves what the page itself holds, without asking the storage: for when that is gone or does not answer. */
export function savePage({ state, stamp }: Session, name: string): void {
  const { documents, entries, aside } = state.getState();
  saveText(
    `${name}.lomvik.json`,
    writeBackup(
      Object.values(documents),
      entries ?? [],
      stamp.now(),
      aside.map(({ raw }) => raw),
    ),
  );
}
