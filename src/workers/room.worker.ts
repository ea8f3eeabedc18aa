import { expose } from 'comlink';
import { idbStore } from '@/store/idb/idbStore';
import { roomWork } from './roomWork';

expose(
  roomWork(
    (room) => idbStore(`lomvik-${room}`),
    () => new Date().toISOString(),
  ),
);
