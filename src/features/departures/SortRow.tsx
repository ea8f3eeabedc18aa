import type { ReactNode } from 'react';
import type { Resident } from '@/core/events';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useWords } from '@/session/react/useWords';
import { INPUT, options } from '@/ui/Field';
import { FishName } from '@/ui/plates/FishName';
import { type Row, SEXES } from './sortRows';

/** One fish or group of a sorting session, in fields in a row. */
export function SortRow({
  resident: one,
  name,
  row,
  isTicked,
  onTick,
  onPut,
  destinations,
}: {
  readonly resident: Resident;
  readonly name: string;
  readonly row: Row;
  readonly isTicked: boolean;
  readonly onTick: () => void;
  readonly onPut: (how: Row) => void;
  readonly destinations: ReactNode;
}) {
  const catalogue = useCatalogue();
  const words = useWords();
  return (
    <li className="grid grid-cols-2 items-center gap-2 border-b border-line py-1.5 sm:grid-cols-[14rem_7rem_9rem_6rem_5rem_1fr]">
      <label className="flex min-h-11 items-center gap-2 max-sm:col-span-2">
        <input
          type="checkbox"
          className="size-5 shrink-0 accent-(--deep)"
          checked={isTicked}
          onChange={onTick}
        />
        <FishName profile={catalogue.byId.get(one.species)}>{name}</FishName>
      </label>
      {one.individual ? (
        <select
          aria-label={`Sex of ${name}`}
          className={INPUT}
          value={row.sex ?? one.sex}
          onChange={({ target }) => onPut({ sex: target.value as Resident['sex'] })}
        >
          {options(SEXES)}
        </select>
      ) : (
        <span className="fig text-slate">{one.count}</span>
      )}
      <input
        aria-label={`Name or mark of ${name}`}
        className={INPUT}
        placeholder="name or mark"
        maxLength={60}
        value={row.name ?? one.name}
        onChange={({ target }) => onPut({ name: target.value })}
      />
      <input
        aria-label={`Length of ${name}`}
        className={INPUT}
        placeholder={words.quantity('length', one.lengthCm)}
        value={row.length ?? ''}
        onChange={({ target }) => onPut({ length: target.value })}
      />
      {one.individual ? (
        <span className="max-sm:hidden" />
      ) : (
        <input
          aria-label={`How many of ${name}`}
          className={INPUT}
          inputMode="numeric"
          placeholder={`of ${one.count}`}
          value={row.count ?? ''}
          onChange={({ target }) => onPut({ count: target.value })}
        />
      )}
      <select
        aria-label={`Where ${name} goes`}
        className={INPUT}
        value={row.goes ?? 'stays'}
        onChange={({ target }) => onPut({ goes: target.value })}
      >
        {destinations}
      </select>
    </li>
  );
}
