'use client';

import { Dialog } from '@/ui/Dialog';
import { ROOM_SCREENS, TANK_SCREENS } from './links';

const KEYS: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'take the last thing back'],
  ['Ctrl Shift Z', 'do it again'],
  ['Ctrl K', 'go to anything by name'],
  ['?', 'this list'],
  ...[...TANK_SCREENS, ...ROOM_SCREENS].map((screen) => [`Alt ${screen.key}`, screen.name] as const),
  ['1 to 9 on Watch', 'first who chases, then whom'],
  ['Space on Watch', 'start or pause the clock'],
  ['Backspace on Watch', 'take the last chase back'],
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
