import { useState } from 'react';
import { comeBack, recordResident } from '@/core/commands';
import type { Resident, ReturnKind } from '@/core/events';
import { PastDay } from '@/session/react/PastDay';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useTanks } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Caution } from '@/ui/Screen';

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

/** Those that come from elsewhere or from behind the decor go into a tank. */
const GOES_INTO: ReadonlySet<ReturnKind> = new Set(['found alive', 'returned']);

/** Back as itself, with one press each: found alive, returned by its taker, out of its box, without its partner, without its brood. */
export function BackAgain({
  resident,
  hasBrood,
}: {
  readonly resident: Resident;
  /** Eggs or young that the record has, and that may be lost. */
  readonly hasBrood: boolean;
}) {
  const { session, run } = useCommands();
  const tanks = useTanks();
  const [day, setDay] = useState(todayIso());
  const [chosen, setChosen] = useState<string>(resident.tank);
  const into = tanks.find((tank) => tank.id === chosen) ?? tanks[0];
  const ways = backOf(resident);
  const mayLose = hasBrood && resident.count > 0;
  if (!into || (ways.length === 0 && !mayLose)) return null;
  const isFromElsewhere = ways.some(([what]) => what === 'returned');
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-2">
        {ways.map(([what, most]) => (
          <Button
            key={what}
            disabled={day > todayIso()}
            onClick={() =>
              run(WORDS[what], [
                comeBack(
                  {
                    on: momentOn(day),
                    resident: resident.id,
                    tank: GOES_INTO.has(what) ? into.id : resident.tank,
                    what,
                    // Of a group one at a time: how many came back is said by as many presses.
                    count: resident.individual ? most : 1,
                    ...(what === 'returned' && {
                      quarantine: into.body.purpose === 'quarantine' ? ('here' as const) : ('none' as const),
                    }),
                  },
                  session.stamp,
                ),
              ])
            }
          >
            {WORDS[what]}
          </Button>
        ))}
        {mayLose && (
          <Button
            disabled={day > todayIso()}
            onClick={() => {
              const body = recordResident('brood lost', resident, { text: '' }, session.stamp);
              if (!('expected' in body))
                void run('Brood lost', [appendChange(session, { ...body, on: momentOn(day) })]);
            }}
          >
            Brood lost
          </Button>
        )}
        <PastDay value={day} onChange={setDay} wrap="w-40" />
        {ways.some(([what]) => GOES_INTO.has(what)) && (
          <SelectField
            label="Into"
            wrap="w-44"
            value={into.id}
            onChange={({ target }) => setChosen(target.value)}
          >
            {tanks.map((tank) => (
              <option key={tank.id} value={tank.id}>
                {tank.body.name} ({tank.body.purpose})
              </option>
            ))}
          </SelectField>
        )}
      </div>
      {isFromElsewhere && into.body.purpose !== 'quarantine' && (
        <Caution>
          A fish back from another keeper is a newcomer: it may carry disease, and the others treat it as one.
          Quarantine of four to six weeks is usual.
        </Caution>
      )}
    </div>
  );
}
