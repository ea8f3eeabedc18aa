import { startPlates } from '@/workers/startPlates';
import type { PlatesWork } from '@/workers/platesWork';
import { workerLine } from '@/workers/workerLine';
import { type Drawer, pictureBook } from './pictureBook';

/** Where no worker can be started, the page draws by itself. */
const onThisPage = async (): Promise<PlatesWork> => (await import('@/workers/platesWork')).platesWork;

function drawer(): Drawer {
  const line = workerLine(startPlates);
  return {
    draw: async (asked) => {
      const answer = await line.ask((remote) => remote.draw(asked));
      return answer.ok ? answer.value : (await onThisPage()).draw(asked);
    },
    scenes: async (asked) => {
      const answer = await line.ask((remote) => remote.scenes(asked));
      return answer.ok ? answer.value : (await onThisPage()).scenes(asked);
    },
    flat: async (asked) => {
      const answer = await line.ask((remote) => remote.flat(asked));
      return answer.ok ? answer.value : (await onThisPage()).flat(asked);
    },
  };
}

/** The pictures of this page. */
export const BOOK = pictureBook(drawer());
