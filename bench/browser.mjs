import { withApp } from '../scripts/app.mjs';
import { keyToVerdict } from './keyToVerdict.mjs';
import { longRoom } from './longRoom.mjs';
import { longOrder } from './longOrder.mjs';
import { opening } from './opening.mjs';
import { manyFiles } from './manyFiles.mjs';
import { pictures } from './pictures.mjs';
import { joining } from './planning.mjs';
import { states } from './states.mjs';

/** What a keeper waits for, measured in the built app. */
export const BROWSER_PARTS = {
  keyToVerdict,
  states,
  joining,
  manyFiles,
  pictures,
  longOrder,
  longRoom,
  opening,
};

/** Those parts that were asked for, each told of as it ends; what one cannot do is no reason to lose the others. */
export const browserBench = (names, told) =>
  withApp('own', async (browser, base) => {
    for (const name of names)
      told(
        name,
        await BROWSER_PARTS[name](browser, base).catch((error) => ({
          failed: String(error.message ?? error),
        })),
      );
  });
