import { Check } from 'lucide-react';
import { useState } from 'react';
import type { Reconciled } from '@/core/arrivals';
import { bucketOf, type HouseMove } from '@/core/commands';
import type { Resident } from '@/core/events';
import { useResidentName } from '@/session/react/useNames';
import { Button } from '@/ui/Button';
import { INPUT } from '@/ui/Field';
import { countOf } from '@/words/en';

type Load = HouseMove['loads'][number];

const whole = (text: string): number | null => (/^\d{1,5}$/.test(text.trim()) ? Number(text.trim()) : null);

interface Props {
  readonly move: HouseMove;
  readonly residents: readonly Resident[];
  readonly tally: readonly Reconciled[];
  readonly onFill: (load: readonly Pick<Load, 'resident' | 'out'>[]) => Promise<boolean>;
  readonly onEmpty: (index: number, alive: number) => Promise<boolean>;
  readonly onAllAlive: (bucket: number) => Promise<boolean>;
}

/** Buckets of several fish, each fish once: ticked, filled, carried, counted out again. */
export function BucketLoads({ move, residents, tally, onFill, onEmpty, onAllAlive }: Props) {
  const nameOf = useResidentName();
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [numbers, setNumbers] = useState<Readonly<Record<string, string>>>({});
  const leftOf = (id: string): number => tally.find((one) => one.resident === id)?.left ?? 0;
  // Who is out is not offered again: nobody is in two buckets.
  const waiting = residents.filter((one) => leftOf(one.id) > 0);
  const load = waiting
    .filter((one) => ticked.has(one.id))
    .map((one) => ({
      resident: one.id,
      out: numbers[one.id] ? whole(numbers[one.id] ?? '') : leftOf(one.id),
    }));
  const isWrong = load.some(({ resident, out }) => out === null || out < 1 || out > leftOf(resident));
  const heads = load.reduce((sum, { out }) => sum + (out ?? 0), 0);
  const buckets = new Map<number, { readonly load: Load; readonly index: number }[]>();
  for (const [index, one] of move.loads.entries()) {
    const bucket = bucketOf(one, index);
    buckets.set(bucket, [...(buckets.get(bucket) ?? []), { load: one, index }]);
  }
  const next = 1 + Math.max(0, ...buckets.keys());
  const toggle = (id: string): void => {
    const then = new Set(ticked);
    if (!then.delete(id)) then.add(id);
    setTicked(then);
  };
  const fill = async (): Promise<void> => {
    const isKept = await onFill(load.map(({ resident, out }) => ({ resident, out: out ?? 1 })));
    if (!isKept) return;
    setTicked(new Set());
    setNumbers({});
  };
  const nameIn = (id: string): string => nameOf(residents.find((one) => one.id === id));
  return (
    <>
      {waiting.length > 0 && (
        <div role="group" aria-label="Into the next bucket" className="flex flex-wrap items-center gap-1.5">
          {waiting.map((one) => {
            const isIn = ticked.has(one.id);
            return (
              <span key={one.id} className="inline-flex items-center gap-1">
                <Button large aria-pressed={isIn} onClick={() => toggle(one.id)}>
                  {isIn && <Check size={14} aria-hidden="true" />}
                  {nameOf(one)}
                  {one.individual ? '' : ` (${leftOf(one.id)})`}
                </Button>
                {isIn && !one.individual && (
                  <input
                    aria-label={`How many of ${nameOf(one)}`}
                    inputMode="numeric"
                    className={`${INPUT} min-h-11 max-w-16`}
                    placeholder={String(leftOf(one.id))}
                    value={numbers[one.id] ?? ''}
                    onChange={({ target }) => setNumbers({ ...numbers, [one.id]: target.value })}
                  />
                )}
              </span>
            );
          })}
          <Button large onClick={() => setTicked(new Set(waiting.map((one) => one.id)))}>
            All
          </Button>
          <Button large tone="main" disabled={load.length === 0 || isWrong} onClick={fill}>
            Fill bucket {next}: {countOf(heads, 'fish', 'fish')}
          </Button>
          {isWrong && (
            <span role="alert" className="text-buoy">
              Type how many, no more than are here.
            </span>
          )}
        </div>
      )}
      <ol className="mt-2">
        {[...buckets].map(([bucket, inside]) => {
          const isOpen = inside.some((one) => one.load.in === null);
          const total = inside.reduce((sum, one) => sum + one.load.out, 0);
          return (
            <li key={bucket} className="border-b border-line py-1">
              <div className="flex items-center justify-between gap-2">
                <strong>
                  Bucket {bucket}: {countOf(total, 'fish', 'fish')}
                </strong>
                {isOpen && (
                  <Button large onClick={() => onAllAlive(bucket)}>
                    All alive in the new tank
                  </Button>
                )}
              </div>
              <ul>
                {inside.map(({ load: one, index }) => (
                  <li key={index} className="flex items-center justify-between gap-2 py-0.5">
                    <span>
                      {nameIn(one.resident)}: <span className="fig">{one.out}</span> out
                    </span>
                    {one.in === null ? (
                      <Arrived
                        most={one.out}
                        label={`${nameIn(one.resident)}, alive from bucket ${bucket}`}
                        onIn={(value) => void onEmpty(index, value)}
                      />
                    ) : (
                      <span className="fig">{one.in} in</span>
                    )}
                  </li>
                ))}
              </ul>
            </li>
          );
        })}
      </ol>
    </>
  );
}

function Arrived({
  most,
  label,
  onIn,
}: {
  readonly most: number;
  readonly label: string;
  readonly onIn: (value: number) => void;
}) {
  const [text, setText] = useState(String(most));
  const value = whole(text);
  return (
    <span className="flex items-center gap-1.5">
      <input
        aria-label={label}
        inputMode="numeric"
        className={`${INPUT} max-w-16`}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button disabled={value === null || value > most} onClick={() => value !== null && onIn(value)}>
        in the new tank
      </Button>
    </span>
  );
}
