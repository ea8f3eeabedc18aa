'use client';

import { useSingleKeys } from '@/session/react/useSingleKeys';
import { Dialog } from '@/ui/Dialog';
import { type KeyRow, WATCH_ROWS } from '@/ui/keyTable';
import { shortcutRows } from './shortcuts';

function Rows({
  title,
  rows,
  singleOn,
}: {
  readonly title: string;
  readonly rows: readonly KeyRow[];
  readonly singleOn: boolean;
}) {
  return (
    <section>
      <h3 className="mt-3 text-[0.8125rem] font-semibold">{title}</h3>
      <dl>
        {rows.map(({ keys, what, isSingle }) => (
          <div key={keys} className="grid grid-cols-[8rem_1fr] border-b border-line py-1">
            <dt className="fig">{keys}</dt>
            <dd className={isSingle && !singleOn ? 'text-slate line-through' : ''}>{what}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** Every key there is, with the switch for those that need no Ctrl. */
export function KeysDialog({
  open,
  onOpenChange,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  const [singleOn, turn] = useSingleKeys();
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Keys">
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-(--deep)"
          checked={singleOn}
          onChange={({ target }) => turn(target.checked)}
        />
        single keys (without Ctrl) are on
      </label>
      <Rows title="Everywhere" rows={shortcutRows()} singleOn={singleOn} />
      <Rows title="On Watch" rows={WATCH_ROWS} singleOn={singleOn} />
    </Dialog>
  );
}
