'use client';

import { Dialog } from '@/ui/Dialog';
import { ROOM_SCREENS, TANK_SCREENS } from './links';

const KEYS: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['Ctrl K', 'search by name'],
  ['?', 'this list'],
  ...[...TANK_SCREENS, ...ROOM_SCREENS].map((screen) => [`Alt ${screen.key}`, screen.name] as const),
  ['1 to 9 on Watch', 'the chaser, then the fish chased'],
  ['Space on Watch', 'start or pause the clock'],
  ['Backspace on Watch', 'undo the last contest'],
];

/** Every key there is. */
export function KeysDialog({
  open,
  onOpenChange,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Keys">
      <dl>
        {KEYS.map(([keys, what]) => (
          <div key={keys} className="grid grid-cols-[10rem_1fr] border-b border-line py-1">
            <dt className="fig">{keys}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
