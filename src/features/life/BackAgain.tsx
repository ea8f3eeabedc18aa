import type { Resident, ReturnKind } from '@/core/events';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useTanks } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';

const WORDS: Readonly<Record<ReturnKind, string>> = {
  'found alive': 'Found alive',
  returned: 'Came back',
  'out of the box': 'Out of the box',
  'pair parted': 'Pair parted',
};

/** What can be taken back of a fish or group, and of how many. */
function backOf({
  died,
  rehomed,
  boxed,
  pairedWith,
  count,
}: Resident): readonly (readonly [ReturnKind, number])[] {
  return [
    ...(died > 0 ? [['found alive', died] as const] : []),
    ...(rehomed > 0 ? [['returned', rehomed] as const] : []),
    ...(boxed && count > 0 ? [['out of the box', 1] as const] : []),
    ...(pairedWith !== null && count > 0 ? [['pair parted', 1] as const] : []),
  ];
}

/** Back as itself, with one press each: found alive, returned by its taker, out of its box, without its partner. */
export function BackAgain({ resident }: { readonly resident: Resident }) {
  const { session, run } = useCommands();
  const tanks = useTanks();
  const into = tanks.find((tank) => tank.id === resident.tank) ?? tanks[0];
  const ways = backOf(resident);
  if (!into || ways.length === 0) return null;
  return (
    <p className="flex flex-wrap items-center gap-2">
      {ways.map(([what, most]) => {
        // Of a group one at a time: how many came back is said by as many presses.
        const count = resident.individual ? most : 1;
        return (
          <Button
            key={what}
            onClick={() =>
              run(WORDS[what], [
                appendChange(session, {
                  type: 'back-again',
                  on: session.stamp.now(),
                  resident: resident.id,
                  tank: into.id,
                  what,
                  count,
                  note: '',
                }),
              ])
            }
          >
            {WORDS[what]}
            {what === 'returned' || what === 'found alive' ? `, into ${into.body.name}` : ''}
          </Button>
        );
      })}
    </p>
  );
}
