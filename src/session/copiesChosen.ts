import { forget, recall, remember } from './browserMemory';

/** That a folder was chosen for copies is remembered where it can be read at once: most rooms have none, and load nothing for it. */
const keyOf = (room: string): string => `lomvik.copies.${room}`;

export const isFolderChosen = (room: string): boolean => recall('localStorage', keyOf(room)) !== null;

export function rememberChosen(room: string, isChosen: boolean): void {
  if (isChosen) remember('localStorage', keyOf(room), 'yes');
  else forget('localStorage', keyOf(room));
}
