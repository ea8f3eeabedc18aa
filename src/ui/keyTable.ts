/** A key and what it does, as the list of keys shows it. */
export interface KeyRow {
  readonly keys: string;
  readonly what: string;
  /** Works without Ctrl or Cmd, and so can be switched off. */
  readonly isSingle: boolean;
}

/** Keys of Watch, by what they do. */
export const WATCH_KEYS = {
  toggle: { key: ' ', keys: 'Space', what: 'start or pause the clock' },
  undo: { key: 'Backspace', keys: 'Backspace', what: 'undo the last entry' },
  leave: { key: 'Escape', keys: 'Esc', what: 'nobody chosen' },
} as const;

/** What Watch adds to the list of keys. */
export const WATCH_ROWS: readonly KeyRow[] = [
  { keys: '1 2 3 …', what: 'the number on a fish: the chaser, then the fish chased', isSingle: true },
  ...Object.values(WATCH_KEYS).map(({ keys, what }) => ({ keys, what, isSingle: true })),
];
