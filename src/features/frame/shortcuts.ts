import type { KeyRow } from '@/ui/keyTable';
import { ROOM_SCREENS, TANK_SCREENS } from './links';

/** What a shared key does. */
export type KeyAct = 'undo' | 'redo' | 'search' | 'help' | 'go';

/** A shared key: with Ctrl or Cmd, or by itself; the keys of screens follow G. */
export interface Shortcut {
  readonly act: KeyAct;
  readonly key: string;
  readonly with: 'command' | 'command shift' | 'nothing' | 'G';
  /** The address that a screen's key goes to. */
  readonly path?: string;
  readonly what: string;
}

/** Every shared key: handled, and listed under "?", from this one table. */
export const SHORTCUTS: readonly Shortcut[] = [
  { act: 'search', key: '/', with: 'nothing', what: 'search: tanks, screens, species' },
  { act: 'search', key: 'k', with: 'command', what: 'search, from a field too' },
  { act: 'undo', key: 'z', with: 'command', what: 'undo' },
  { act: 'redo', key: 'z', with: 'command shift', what: 'redo' },
  { act: 'redo', key: 'y', with: 'command', what: 'redo' },
  { act: 'help', key: '?', with: 'nothing', what: 'this list' },
  ...[...ROOM_SCREENS, ...TANK_SCREENS].map(({ path, name, key }): Shortcut => ({
    act: 'go',
    key: key.toLowerCase(),
    with: 'G',
    path,
    what: name,
  })),
];

const WITH = { command: 'Ctrl ', 'command shift': 'Ctrl Shift ', nothing: '', G: 'G ' } as const;

/** The shared keys as the list shows them. */
export const shortcutRows = (): readonly KeyRow[] =>
  SHORTCUTS.map((one) => ({
    keys: `${WITH[one.with]}${one.key.toUpperCase()}`,
    what: one.what,
    isSingle: one.with === 'nothing' || one.with === 'G',
  }));

/** What was pressed, as far as the table asks. */
interface Pressed {
  readonly key: string;
  readonly command: boolean;
  readonly shift: boolean;
  /** G was pressed just before. */
  readonly afterG: boolean;
}

/** The shortcut that a press is; undefined for none. @example shortcutOf({ key: 'z', command: true, shift: false, afterG: false })?.act // 'undo' */
export const shortcutOf = ({ key, command, shift, afterG }: Pressed): Shortcut | undefined =>
  SHORTCUTS.find((one) => {
    if (one.key !== key.toLowerCase()) return false;
    switch (one.with) {
      case 'command':
        return command && !shift;
      case 'command shift':
        return command && shift;
      case 'nothing':
        return !command && !afterG;
      case 'G':
        return !command && afterG;
    }
  });
