import type { Remote } from 'comlink';
import { handsRest } from '@/workers/handsRest';
import { startPlates } from '@/workers/startPlates';
import type { DressVocabulary, PictureAsked, PlatesWork } from '@/workers/platesWork';
import { workerLine } from '@/workers/workerLine';
import { pictureBook } from './pictureBook';

const line = workerLine(startPlates);

/** Asks the worker; where none can be started, the page does it by itself. */
async function asked<T>(work: (drawer: Remote<PlatesWork> | PlatesWork) => T | Promise<T>): Promise<T> {
  const answer = await line.ask(async (remote) => work(remote));
  return answer.ok ? answer.value : work((await import('@/workers/platesWork')).platesWork);
}

/** The pictures of this page. */
export const BOOK = pictureBook(
  {
    draw: (pictures) => asked((drawer) => drawer.draw(pictures)),
    scenes: (scenes) => asked((drawer) => drawer.scenes(scenes)),
    flat: (pictures) => asked((drawer) => drawer.flat(pictures)),
  },
  handsRest,
);

/** What is wrong with a dress of the keeper's own, in words; null where it can be drawn. */
export const dressFault = async (picture: PictureAsked): Promise<string | null> =>
  (await asked((drawer) => drawer.faults([picture])))[0] ?? null;

let vocabulary: Promise<DressVocabulary> | null = null;

/** The words that a dress can use; the same promise each time. */
export const dressVocabulary = (): Promise<DressVocabulary> =>
  (vocabulary ??= asked((drawer) => drawer.vocabulary()));
