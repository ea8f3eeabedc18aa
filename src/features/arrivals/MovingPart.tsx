'use client';

import {
  allAlive,
  beginMove,
  dropMove,
  emptyBucket,
  fillBucket,
  finishMove,
  ofTank,
  tickMove,
} from '@/core/commands';
import { useState } from 'react';
import { isVitalMove, MOVING_STEPS, reconcile } from '@/core/arrivals';
import { countOf, sayMove } from '@/words/en';
import type { TankId } from '@/core/kernel';
import { useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import type { Changes } from '@/session/types';
import { useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Caution, Empty, Section } from '@/ui/Screen';
import { BucketLoads } from './BucketLoads';

/** Moving house: from tank to tank in buckets, counted out and in, with the equipment off and on again. */
export function MovingPart({ tank }: { readonly tank: TankView }) {
  const { session, run } = useCommands();
  const tanks = useTanks().filter((one) => one.id !== tank.id);
  const id = ofTank('house-move', tank.id);
  const document = useRoomState((state) => state.documents[id]);
  const move = document?.kind === 'house-move' ? document.body : null;
  const residents = useResidents(tank.id);
  const nameOf = useResidentName();
  const [to, setTo] = useState('');
  const quietly = (label: string, changes: Changes) => run(label, changes, true);

  if (!move)
    return residents.length === 0 || tanks.length === 0 ? (
      <Empty>{residents.length === 0 ? `No fish in ${tank.body.name} to move.` : 'Add a second tank.'}</Empty>
    ) : (
      <div className="flex max-w-[46rem] flex-col gap-3">
        <p>
          From {tank.body.name} by the bucket: count fish out and in, then search for the rest. Line-ups shows
          which fish can move.
        </p>
        <div className="flex items-end gap-3">
          <SelectField label="To" value={to} onChange={(event) => setTo(event.target.value)}>
            <option value="">choose a tank</option>
            {tanks.map((one) => (
              <option key={one.id} value={one.id}>
                {one.body.name}
              </option>
            ))}
          </SelectField>
          <Button
            tone="main"
            large
            disabled={to === ''}
            onClick={() => quietly('Move started', [beginMove(tank.id, to as TankId, session.stamp)])}
          >
            Start move
          </Button>
        </div>
      </div>
    );

  const target = tanks.find((one) => one.id === move.to);
  const open = MOVING_STEPS.filter((step) => isVitalMove(step) && !move.done.includes(step));
  const tally = reconcile(move.loads, residents);
  const finish = () => {
    const moving = tally.flatMap(({ resident, in: count }) => {
      const who = residents.find((each) => each.id === resident);
      return who ? [{ resident: who, count }] : [];
    });
    return run(`Moved to ${target?.body.name ?? 'the new tank'}`, finishMove(move, moving, session.stamp));
  };
  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-2">
      <Section title={`From ${tank.body.name} to ${target?.body.name ?? 'a removed tank'}`}>
        <ol>
          {MOVING_STEPS.map((step) => (
            <li key={step} className="border-b border-line">
              <label className="flex min-h-12 cursor-pointer items-center gap-3 py-1">
                <input
                  type="checkbox"
                  className="size-6 shrink-0 accent-(--deep)"
                  checked={move.done.includes(step)}
                  onChange={(event) => {
                    const done = event.target.checked;
                    void quietly('Ticked', ({ documents }) => tickMove(documents, tank.id, step, done));
                  }}
                />
                <span>
                  {sayMove(step)}
                  {isVitalMove(step) && !move.done.includes(step) && (
                    <span className="ml-2 text-[0.75rem] text-lamp">required</span>
                  )}
                </span>
              </label>
            </li>
          ))}
        </ol>
        <Caution>
          Unplug heaters, filters and lights before the level falls and before hands go in. Spines and stings:
          use a container, never bare hands. Never carry a filled tank.
        </Caution>
      </Section>
      <Section title="Buckets" aside="count fish out and in">
        <BucketLoads
          move={move}
          residents={residents}
          tally={tally}
          onFill={(load) => quietly('Bucket', ({ documents }) => fillBucket(documents, tank.id, load))}
          onEmpty={(index, alive) =>
            quietly('Bucket', ({ documents }) => emptyBucket(documents, tank.id, index, alive))
          }
          onAllAlive={(bucket) => quietly('Bucket', ({ documents }) => allAlive(documents, tank.id, bucket))}
        />
        <ul className="mt-3">
          {tally.map((one) => (
            <li key={one.resident} className={one.left > 0 || one.lost > 0 ? 'text-lamp' : ''}>
              <strong>{nameOf(residents.find((each) => each.id === one.resident))}</strong>: {one.in} of{' '}
              {one.onRecord} moved
              {one.lost > 0 && `; ${one.lost} lost on the way`}
              {one.left > 0 && `; ${one.left} not found: search the background, hollow decor and the filter`}.
            </li>
          ))}
        </ul>
        <div className="mt-3 flex items-center gap-3">
          <Button
            tone="main"
            large
            disabled={open.length > 0 || tally.every((one) => one.in === 0)}
            onClick={finish}
          >
            Finish move
          </Button>
          <Button tone="quiet" onClick={() => quietly('Move cancelled', [dropMove(tank.id)])}>
            Cancel move
          </Button>
          {open.length > 0 && (
            <span className="text-slate">{countOf(open.length, 'required step')} left</span>
          )}
        </div>
        <p className="mt-1 text-slate">Fish not moved stay on record in {tank.body.name}.</p>
      </Section>
    </div>
  );
}
