import { expose } from 'comlink';
import { nanoid } from 'nanoid';
import { idbStore } from '@/store/idb/idbStore';
import { privateFiles } from '@/store/mirror/privateFiles';
import { mirrorWork } from './mirrorWork';

expose(
  mirrorWork(
    (room) => idbStore(`lomvik-${room}`),
    (room) => privateFiles(`lomvik-${room}`),
    () => Date.now(),
    nanoid(12),
  ),
);
