import { expose } from 'comlink';
import { idbStore } from '@/store/idb/idbStore';
import { privateFiles } from '@/store/mirror/privateFiles';
import { roomWork } from './roomWork';

expose(
  roomWork(
    (room) => idbStore(`lomvik-${room}`),
    () => new Date().toISOString(),
    (room) => privateFiles(`lomvik-${room}`),
  ),
);
