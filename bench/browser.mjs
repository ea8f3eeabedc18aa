import { withApp } from '../scripts/app.mjs';
import { longRoom } from './longRoom.mjs';
import { longOrder } from './longOrder.mjs';
import { opening } from './opening.mjs';
import { pictures } from './pictures.mjs';
import { joining, keyToVerdict } from './planning.mjs';

/** What a keeper waits for, measured in the built app. */
export const browserBench = () =>
  withApp('own', async (browser, base) => ({
    keyToVerdict: {
      '5 groups': await keyToVerdict(browser, base, 5),
      '30 groups': await keyToVerdict(browser, base, 30),
    },
    joining: await joining(browser, base),
    pictures: await pictures(browser, base),
    longOrder: await longOrder(browser, base),
    longRoom: await longRoom(browser, base),
    opening: await opening(browser, base),
  }));
