'use client';

import { useSyncExternalStore } from 'react';
import { forget, recall, remember } from '../browserMemory';

/** Kept under the name that it had when only Watch had such keys. */
const OFF = 'lomvik.watch.keysOff';
const listeners = new Set<() => void>();

const areOn = (): boolean => recall('localStorage', OFF) === null;

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

function turn(on: boolean): void {
  if (on) forget('localStorage', OFF);
  else remember('localStorage', OFF, '1');
  for (const listener of listeners) listener();
}

/** Whether single keys, without Ctrl or Cmd, do something; and the switch. One for all screens and tabs. */
export function useSingleKeys(): readonly [boolean, (on: boolean) => void] {
  return [useSyncExternalStore(subscribe, areOn, () => true), turn];
}
